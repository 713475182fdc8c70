#include "subject/recognise.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "subject/depth.h"

namespace subject {

namespace {

bool isBlue(const colour::Lab& lab) {
    return lab.b < -3 && colour::hue(lab) > 200 && colour::hue(lab) < 300;
}

/// Whatever was proposed before.
void put(Area& area, Plane plane) {
    if (area.plane != plane) area.planeWhy.clear();
    area.plane = plane;
}

/// What is recognised says what it is of, and how far away.
void call(Area& area, Recognised what) {
    area.recognised = what;
    switch (what) {
        case Recognised::nothing:
            return;
        case Recognised::face:
            area.kind = AreaKind::skin;
            break;
        case Recognised::catFace:
            area.kind = AreaKind::fur;
            break;
        case Recognised::leftEye:
        case Recognised::rightEye:
            area.kind = AreaKind::eye;
            break;
        case Recognised::sky:
            area.kind = AreaKind::sky;
            put(area, Plane::background);
            return;
        case Recognised::water:
            area.kind = AreaKind::water;
            return;
        case Recognised::foliage:
            area.kind = AreaKind::foliage;
            return;
    }
    // Nobody looks at the painter from the background.
    if (area.plane == Plane::background) put(area, Plane::middle);
}

/// The area that lies in most of a mask, if most of it lies there.
Area* areaIn(Areas& areas, const cv::Mat& mask) {
    std::vector<int> pixels(areas.list.size(), 0);
    int all = 0;
    for (int y = 0; y < mask.rows; ++y)
        for (int x = 0; x < mask.cols; ++x)
            if (mask.at<uchar>(y, x) != 0) {
                ++pixels[std::size_t(areas.map.at<int>(y, x))];
                ++all;
            }
    const auto most = std::ranges::max_element(pixels);
    Area& area = areas.list[std::size_t(most - pixels.begin())];
    const bool isIt = *most * 2 > all && *most * 2 > area.share * double(mask.total());
    return isIt ? &area : nullptr;
}

void recogniseFaces(Areas& areas, const std::vector<Face>& faces) {
    for (const Face& face : faces) {
        Area* head = areaIn(areas, face.head);
        if (!head) continue;
        call(*head, face.of == Face::Of::cat ? Recognised::catFace : Recognised::face);
        head->focal = true;
        if (!face.eyes) continue;
        Area *left = areaIn(areas, (*face.eyes)[0]), *right = areaIn(areas, (*face.eyes)[1]);
        if (!left || !right || left == right) continue;
        call(*left, Recognised::leftEye);
        call(*right, Recognised::rightEye);
        left->focal = right->focal = true;
        put(*left, head->plane);
        put(*right, head->plane);
        left->together = right->together = std::min(left->id, right->id);
    }
}

void recogniseOutdoors(Areas& areas, const std::vector<AreaLook>& looks) {
    std::vector<Area>& list = areas.list;
    constexpr double leastShare = 0.01;
    bool hasSky = false;
    double horizon = 0;  // how low the sky reaches, at its middle
    for (std::size_t i = 0; i < list.size(); ++i) {
        Area& area = list[i];
        const AreaLook& look = looks[i];
        if (area.recognised != Recognised::nothing || area.share < 2 * leastShare) continue;
        const bool isAbove = look.top > 0.15 && area.centreY < 0.45;
        const bool isSmooth = look.texture < 1.6;
        const bool isLight = colour::chroma(area.colour) < 9 && area.colour.b < 6 && area.colour.L > 78;
        if (!isAbove || !isSmooth || area.colour.L < 28 || !(isBlue(area.colour) || isLight)) continue;
        call(area, Recognised::sky);
        hasSky = true;
        horizon = std::max(horizon, area.centreY);
    }
    for (std::size_t i = 0; i < list.size(); ++i) {
        Area& area = list[i];
        const AreaLook& look = looks[i];
        if (area.recognised != Recognised::nothing || area.share < leastShare) continue;
        const double h = colour::hue(area.colour), c = colour::chroma(area.colour);
        const bool isStreaked = look.down > 1.35 * look.across && look.down > 0.25;
        if (hasSky && area.centreY > horizon && look.highest > horizon && isStreaked && isBlue(area.colour))
            call(area, Recognised::water);
        // Olive cloth and khaki are duller and yellower.
        else if (h > 106 && h < 165 && c > 15 && look.texture > 1.6)
            call(area, Recognised::foliage);
    }
}

/// The area that holds the eye by itself: against the whole in chroma or value, sharp, near and near the
/// middle, neither tiny nor the background.
void proposeAbout(std::vector<Area>& list, const std::vector<AreaLook>& looks) {
    colour::Lab whole;
    double sharpness = 1e-6;
    for (std::size_t i = 0; i < list.size(); ++i) {
        whole.L += list[i].share * list[i].colour.L;
        whole.a += list[i].share * list[i].colour.a;
        whole.b += list[i].share * list[i].colour.b;
        sharpness += list[i].share * looks[i].texture;
    }
    Area* best = nullptr;
    double most = 0;
    for (std::size_t i = 0; i < list.size(); ++i) {
        Area& area = list[i];
        area.focal = false;
        if (area.plane == Plane::background || area.share < 0.005) continue;
        const double apart = std::hypot(area.colour.L - whole.L, area.colour.a - whole.a, area.colour.b - whole.b);
        const double offCentre = std::hypot(area.centreX - 0.5, area.centreY - 0.5);
        const double sharp = std::clamp(looks[i].texture / sharpness, 0.5, 2.0);
        const double nearness = area.plane == Plane::foreground ? 1 : 0.6;
        const double pull = nearness * apart * std::sqrt(area.share * sharp) * std::pow(1.1 - offCentre, 2);
        if (pull <= most) continue;
        most = pull;
        best = &area;
    }
    if (best) best->focal = true;
}

}  // namespace

void recognise(Areas& areas, const Grain& grain, const std::vector<Face>& faces) {
    const std::vector<AreaLook> looks = looksOf(areas, grain);
    proposePlanes(areas, looks);
    recogniseOutdoors(areas, looks);
    proposeAbout(areas.list, looks);
    if (!faces.empty())
        for (Area& area : areas.list) area.focal = false;
    recogniseFaces(areas, faces);
}

}  // namespace subject

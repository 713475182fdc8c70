#include "subject/areas.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "common/median.h"
#include "common/naming.h"
#include "common/parallel.h"

namespace subject {

namespace {

constexpr std::array<std::string_view, 3> planes{"background", "middle", "foreground"};
constexpr std::array<std::string_view, 2> partings{"by-colour", "by-things"};
constexpr std::array<std::string_view, areaKindCount> areaKinds{"other", "sky",   "foliage", "skin",  "fur",  "eye",
                                                                "metal", "glass", "cloth",   "water", "stone"};

/// Far things stand high and touch the sheet's upper edge; near ones stand low. A first guess that the artist corrects.
Plane planeOf(const Area& area, bool touchesTop, double lowest) {
    if (touchesTop && area.centreY < 0.5) return Plane::background;
    if (area.centreY > 0.62 || lowest > 0.9) return Plane::foreground;
    return Plane::middle;
}

void describe(Areas& areas, const cv::Mat& lab) {
    struct Tally {
        std::array<std::vector<float>, 3> lab;
        std::size_t pixels = 0;
        double x = 0, y = 0;
        int lowest = 0;
        bool top = false;
    };
    std::vector<Tally> tallies(areas.list.size());
    const cv::Mat& map = areas.map;
    for (const int index : cv::Mat_<int>(map)) ++tallies[std::size_t(index)].pixels;
    for (Tally& tally : tallies) {
        for (std::vector<float>& channel : tally.lab) channel.resize(tally.pixels);
        tally.pixels = 0;
    }
    for (int y = 0; y < map.rows; ++y) {
        const int* row = map.ptr<int>(y);
        const int* below = y + 1 < map.rows ? map.ptr<int>(y + 1) : row;
        const auto* pixel = lab.ptr<cv::Vec3f>(y);
        for (int x = 0; x < map.cols; ++x) {
            const int index = row[x];
            Tally& tally = tallies[std::size_t(index)];
            for (std::size_t c = 0; c < 3; ++c) tally.lab[c][tally.pixels] = pixel[x][int(c)];
            ++tally.pixels;
            tally.x += x;
            tally.y += y;
            tally.lowest = y;
            tally.top |= y == 0;
            const auto meet = [&](int other) {
                if (other == index) return;
                areas.list[std::size_t(index)].neighbours.push_back(other + 1);
                areas.list[std::size_t(other)].neighbours.push_back(index + 1);
            };
            if (x + 1 < map.cols) meet(row[x + 1]);
            meet(below[x]);
        }
    }
    common::forEachIndex(int(tallies.size()), [&](int i) {
        Area& area = areas.list[std::size_t(i)];
        Tally& tally = tallies[std::size_t(i)];
        const auto n = double(tally.pixels);
        area.share = n / map.total();
        area.centreX = (tally.x / n + 0.5) / map.cols;
        area.centreY = (tally.y / n + 0.5) / map.rows;
        area.colour = {common::median(tally.lab[0]), common::median(tally.lab[1]), common::median(tally.lab[2])};
        area.plane = planeOf(area, tally.top, double(tally.lowest + 1) / map.rows);
        std::ranges::sort(area.neighbours);
        area.neighbours.erase(std::unique(area.neighbours.begin(), area.neighbours.end()), area.neighbours.end());
    });
}

/// The area that holds the eye by itself: strong chroma or value against the whole, neither tiny nor the background.
void proposeFocal(std::vector<Area>& list) {
    colour::Lab whole;
    for (const Area& area : list) {
        whole.L += area.share * area.colour.L;
        whole.a += area.share * area.colour.a;
        whole.b += area.share * area.colour.b;
    }
    Area* best = nullptr;
    double most = 0;
    for (Area& area : list) {
        if (area.plane == Plane::background || area.share < 0.005) continue;
        const double apart = std::hypot(area.colour.L - whole.L, area.colour.a - whole.a, area.colour.b - whole.b);
        const double offCentre = std::hypot(area.centreX - 0.5, area.centreY - 0.5);
        const double pull = apart * std::sqrt(area.share) * (1.2 - offCentre);
        if (pull > most) {
            most = pull;
            best = &area;
        }
    }
    if (best) best->focal = true;
}

}  // namespace

std::string_view nameOf(Plane plane) {
    return planes[static_cast<std::size_t>(plane)];
}
std::optional<Plane> planeNamed(std::string_view name) {
    return common::enumNamed<Plane>(planes, name);
}

std::string_view nameOf(AreaKind kind) {
    return areaKinds[static_cast<std::size_t>(kind)];
}
std::optional<AreaKind> areaKindNamed(std::string_view name) {
    return common::enumNamed<AreaKind>(areaKinds, name);
}

std::string_view nameOf(Parting parting) {
    return partings[static_cast<std::size_t>(parting)];
}
std::optional<Parting> partingNamed(std::string_view name) {
    return common::enumNamed<Parting>(partings, name);
}

int labelAt(const cv::Mat& map, double x, double y) {
    return map.at<int>(std::clamp(int(y * map.rows), 0, map.rows - 1), std::clamp(int(x * map.cols), 0, map.cols - 1));
}

int levelAt(const cv::Mat& map, double x, double y) {
    return map.at<uchar>(std::clamp(int(y * map.rows), 0, map.rows - 1),
                         std::clamp(int(x * map.cols), 0, map.cols - 1));
}

namespace {

/// An area's key is its heart in ten-thousandths of the width and height: what is joined, parted or moved elsewhere
/// does not change it, and no other area can have the same.
void setKeys(Areas& areas) {
    const cv::Mat& map = areas.map;
    // Borders, and the picture's edge, are 0.
    cv::Mat inside(map.rows + 2, map.cols + 2, CV_8U, cv::Scalar(0));
    for (int y = 0; y < map.rows; ++y)
        for (int x = 0; x < map.cols; ++x) {
            const int label = map.at<int>(y, x);
            const auto differs = [&](int v, int u) {
                return v >= 0 && u >= 0 && v < map.rows && u < map.cols && map.at<int>(v, u) != label;
            };
            if (!differs(y - 1, x) && !differs(y + 1, x) && !differs(y, x - 1) && !differs(y, x + 1))
                inside.at<uchar>(y + 1, x + 1) = 255;
        }
    cv::Mat depth;
    cv::distanceTransform(inside, depth, cv::DIST_L2, cv::DIST_MASK_PRECISE);
    std::vector<float> deepest(areas.list.size(), -1.0f);
    std::vector<cv::Point> hearts(areas.list.size());
    for (int y = 0; y < map.rows; ++y)
        for (int x = 0; x < map.cols; ++x) {
            const auto label = std::size_t(map.at<int>(y, x));
            const float d = depth.at<float>(y + 1, x + 1);
            if (d <= deepest[label]) continue;
            deepest[label] = d;
            hearts[label] = {x, y};
        }
    for (std::size_t i = 0; i < hearts.size(); ++i)
        areas.list[i].key = std::to_string((2 * hearts[i].x + 1) * 5000 / map.cols) + "-" +
                            std::to_string((2 * hearts[i].y + 1) * 5000 / map.rows);
}

}  // namespace

cv::Mat numberedAsMet(const cv::Mat& labels, int& count) {
    std::map<int, int> numberOf;
    cv::Mat map(labels.size(), CV_32S);
    for (int y = 0; y < labels.rows; ++y) {
        const int* label = labels.ptr<int>(y);
        int* number = map.ptr<int>(y);
        for (int x = 0; x < labels.cols; ++x)
            // Mostly it is the one just met.
            number[x] = x > 0 && label[x] == label[x - 1]
                            ? number[x - 1]
                            : numberOf.emplace(label[x], static_cast<int>(numberOf.size())).first->second;
    }
    count = static_cast<int>(numberOf.size());
    return map;
}

Areas areasOf(const cv::Mat& labels, const cv::Mat& lab) {
    Areas areas;
    int count = 0;
    areas.map = numberedAsMet(labels, count);
    areas.list.resize(std::size_t(count));
    for (int i = 0; i < count; ++i) areas.list[std::size_t(i)].id = areas.list[std::size_t(i)].together = i + 1;
    common::together([&] { describe(areas, lab); }, [&] { setKeys(areas); });
    proposeFocal(areas.list);
    return areas;
}

}  // namespace subject

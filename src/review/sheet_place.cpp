#include "review/sheet_place.h"

#include <algorithm>
#include <cmath>
#include <opencv2/calib3d.hpp>
#include <opencv2/features2d.hpp>
#include <opencv2/imgproc.hpp>
#include <opencv2/video/tracking.hpp>
#include <vector>

#include "colour/image_colour.h"
#include "common/parallel.h"
#include "review/four_sided.h"
#include "review/straight_side.h"
#include "review/taken_from.h"

namespace review {

using common::Problem;
using common::ProblemKind;

namespace {

/// Photographs are searched at this size; the place is made exact at the other.
constexpr double searchSide = 900, exactSide = 1800;
/// Of the photograph, that a sheet takes at least.
constexpr double goodPart = 0.06;
/// The sought sheet is compared at this width.
constexpr int comparedWidth = 96;

/// In CIELAB, with its long side as long as this at most.
cv::Mat labAt(const cv::Mat& xyz, double side, double& scale) {
    scale = std::min(1.0, side / std::max(xyz.cols, xyz.rows));
    cv::Mat lab;
    cv::resize(xyz, lab, {std::max(1, int(xyz.cols * scale)), std::max(1, int(xyz.rows * scale))}, 0, 0,
               cv::INTER_AREA);
    colour::toLab(lab);
    return lab;
}

cv::Matx33d scaledBy(double x, double y) {
    return {x, 0, 0, 0, y, 0, 0, 0, 1};
}

cv::Matx33d movedBy(double x, double y) {
    return {1, 0, x, 0, 1, y, 0, 0, 1};
}

/// The sought sheet with what lies round it, `pixelsPerMillimetre` large.
cv::Mat framed(const SoughtSheet& sought, double pixelsPerMillimetre) {
    const auto pixels = [&](double millimetres) { return int(std::lround(millimetres * pixelsPerMillimetre)); };
    cv::Mat picture;
    cv::resize(sought.picture, picture,
               {std::max(1, pixels(sought.widthMillimetres)), std::max(1, pixels(sought.heightMillimetres))}, 0, 0,
               cv::INTER_AREA);
    const cv::Vec3f light = sought.borderLight();
    const auto code = [](float linear) { return double(std::lround(255 * colour::encodedFromLinear(linear))); };
    cv::Mat whole;
    const int border = pixels(sought.borderMillimetres);
    cv::copyMakeBorder(picture, whole, border, border, border, border, cv::BORDER_CONSTANT,
                       cv::Scalar(code(light[0]), code(light[1]), code(light[2])));
    return whole;
}

/// How like two pictures (CV_32FC3, CIELAB) are, the mean of each component let go: the light's cast and strength do
/// not count.
double likeness(const cv::Mat& one, const cv::Mat& other) {
    const cv::Mat first = one - cv::mean(one), second = other - cv::mean(other);
    const double most = cv::norm(first) * cv::norm(second);
    return most > 0 ? first.dot(second) / most : 0;
}

int quarterTurnsOf(const SheetPlace& place, const SoughtSheet& sought) {
    const double middle = sought.heightMillimetres / 2;
    const cv::Point2d along = place.inPhotograph({sought.widthMillimetres, middle}) - place.inPhotograph({0, middle});
    return int(std::lround(std::atan2(along.y, along.x) / (CV_PI / 2)) + 4) % 4;
}

/// The features of a lightness picture (CIELAB given), by D. G. Lowe, "Distinctive image features from scale-invariant
/// keypoints", IJCV 60 (2004).
struct Details {
    std::vector<cv::KeyPoint> points;
    cv::Mat looks;

    explicit Details(const cv::Mat& lab) {
        cv::Mat lightness;
        cv::extractChannel(lab, lightness, 0);
        lightness.convertTo(lightness, CV_8U, 2.55);
        cv::SIFT::create(1500, 3, 0.02)->detectAndCompute(lightness, cv::noArray(), points, looks);
    }
};

/// What does not depend on the sheet that is sought.
struct Searched {
    double scale = 1, exactScale = 1;
    cv::Mat lab, exactLab;
    std::vector<Quad> quads;
    std::optional<Details> details;

    explicit Searched(const cv::Mat& xyz) {
        exactLab = labAt(xyz, exactSide, exactScale);
        lab = labAt(xyz, searchSide, scale);
        cv::parallel_for_({0, 2}, [&](const cv::Range& range) {
            for (int i = range.start; i < range.end; ++i) {
                if (i == 0)
                    quads = quadsIn(lab, goodPart);
                else
                    details.emplace(lab);
            }
        });
    }
};

class Finder {
 public:
    Finder(const Searched& searched, const SoughtSheet& sought)
        : sought_(sought), searched_(searched), scale_(searched.scale), small_(searched.lab) {
        const double pixelsPerMillimetre = comparedWidth / (sought.widthMillimetres + 2 * sought.borderMillimetres);
        template_ = colour::labOfSrgb8Image(framed(sought, pixelsPerMillimetre));
        cv::GaussianBlur(template_, template_, {}, 0.8);
    }

    /// The few that could best be the sheet, in millimetres on the picture to pixels of the photograph, the best first.
    std::vector<SheetPlace> best() const {
        const std::vector<Quad>& quads = searched_.quads;
        std::vector<SheetPlace> places(quads.size() * 8);
        common::forEachIndex(int(places.size()), [&](int i) {
            const Quad& quad = quads[std::size_t(i) / 8];
            places[std::size_t(i)] = tried(quad, i % 4, i % 8 < 4 ? 0 : sought_.borderMillimetres);
        });
        if (const auto byDetail = placeByDetail()) places.push_back(*byDetail);
        std::ranges::stable_sort(places, std::greater{}, [this](const SheetPlace& place) { return counts(place); });
        constexpr std::size_t few = 4;
        constexpr double apart = 3;  // millimetres
        std::vector<SheetPlace> chosen;
        for (const SheetPlace& place : places) {
            if (chosen.size() == few) break;
            const auto isThere = [&](const SheetPlace& other) {
                const cv::Point2d corner(sought_.widthMillimetres, sought_.heightMillimetres);
                const double pixels =
                    cv::norm(place.inPhotograph(corner) - place.inPhotograph({0, 0})) / cv::norm(corner);
                return cv::norm(place.inPhotograph(corner) - other.inPhotograph(corner)) < apart * pixels &&
                       cv::norm(place.inPhotograph({0, 0}) - other.inPhotograph({0, 0})) < apart * pixels;
            };
            if (std::ranges::none_of(chosen, isThere)) chosen.push_back(place);
        }
        for (SheetPlace& place : chosen) place.toPhotograph = scaledBy(1 / scale_, 1 / scale_) * place.toPhotograph;
        return chosen;
    }

    /// How like what is seen at a place is to what is sought.
    double agreementAt(const SheetPlace& place) const {
        return likeness(seenAt(scaledBy(scale_, scale_) * place.toPhotograph), template_);
    }
    /// CIELAB by which the work would be off, in the mean, if what lies round it at a place were the border.
    double offAt(const SheetPlace& place) const {
        const auto xyzOf = [](const cv::Mat& lab) { return colour::xyzOfSrgb8Image(colour::srgb8ImageFromLab(lab)); };
        cv::Mat seen = xyzOf(seenAt(scaledBy(scale_, scale_) * place.toPhotograph)), meant = template_.clone();
        const double border =
            sought_.borderMillimetres * template_.cols / (sought_.widthMillimetres + 2 * sought_.borderMillimetres);
        cv::Mat isRound(seen.size(), CV_8U, cv::Scalar(255));
        const int pixels = int(std::ceil(border));
        isRound(cv::Rect(pixels, pixels, seen.cols - 2 * pixels, seen.rows - 2 * pixels)) = 0;
        const cv::Scalar is = cv::mean(seen, isRound), known = cv::mean(xyzOf(template_), isRound);
        cv::Scalar gain;
        for (int c = 0; c < 3; ++c) gain[c] = known[c] / std::max(1e-4, is[c]);
        cv::multiply(seen, gain, seen);
        colour::toLab(seen);
        cv::Mat squares = (seen - meant).mul(seen - meant), away;
        cv::transform(squares, squares, cv::Matx13f(1, 1, 1));
        cv::sqrt(squares, away);
        return cv::mean(away, isRound == 0)[0];
    }
    /// Where little is laid yet every side is alike: a sheet is photographed upright unless it clearly is not.
    double counts(const SheetPlace& place) const {
        constexpr double clearly = 0.06;
        return place.agreement - (quarterTurnsOf(place, sought_) == 0 ? 0 : clearly);
    }

 private:
    /// A quad as the edge of the picture, or of what lies `border` round it.
    SheetPlace tried(const Quad& quad, int turns, double border) const {
        const double w = sought_.widthMillimetres, h = sought_.heightMillimetres;
        const std::vector<cv::Point2f> from{{float(-border), float(-border)},
                                            {float(w + border), float(-border)},
                                            {float(w + border), float(h + border)},
                                            {float(-border), float(h + border)}};
        std::vector<cv::Point2f> to;
        for (int i = 0; i < 4; ++i) to.emplace_back(quad[std::size_t((i + turns) % 4)]);
        SheetPlace place;
        place.toPhotograph = cv::Matx33d(cv::getPerspectiveTransform(from, to).ptr<double>());
        place.agreement = likeness(seenAt(place.toPhotograph), template_);
        return place;
    }

    /// By what the picture shows, where its sides cannot be seen.
    std::optional<SheetPlace> placeByDetail() const {
        constexpr double pixelsPerMillimetre = 1.5;
        SoughtSheet bare = sought_;
        bare.borderMillimetres = 0;
        const Details wanted(colour::labOfSrgb8Image(framed(bare, pixelsPerMillimetre)));
        const Details& seen = *searched_.details;
        constexpr std::size_t least = 12;
        if (wanted.points.size() < least || seen.points.size() < least) return std::nullopt;
        std::vector<std::vector<cv::DMatch>> pairs;
        cv::BFMatcher(cv::NORM_L2).knnMatch(wanted.looks, seen.looks, pairs, 2);
        std::vector<cv::Point2f> from, to;
        for (const auto& pair : pairs)
            if (pair.size() == 2 && pair[0].distance < 0.8f * pair[1].distance) {
                from.push_back(wanted.points[std::size_t(pair[0].queryIdx)].pt * (1 / pixelsPerMillimetre));
                to.push_back(seen.points[std::size_t(pair[0].trainIdx)].pt);
            }
        if (from.size() < least) return std::nullopt;
        cv::Mat isPart;
        const cv::Mat homography = cv::findHomography(from, to, cv::RANSAC, 3, isPart);
        if (homography.empty() || cv::countNonZero(isPart) < int(least)) return std::nullopt;
        SheetPlace place;
        place.toPhotograph = cv::Matx33d(homography.ptr<double>());
        place.agreement = likeness(seenAt(place.toPhotograph), template_);
        return place;
    }

    cv::Mat seenAt(const cv::Matx33d& toSmall) const {
        const double border = sought_.borderMillimetres;
        const double perPixel = (sought_.widthMillimetres + 2 * border) / template_.cols;
        cv::Mat seen;
        cv::warpPerspective(small_, seen, toSmall * movedBy(-border, -border) * scaledBy(perPixel, perPixel),
                            template_.size(), cv::INTER_LINEAR | cv::WARP_INVERSE_MAP, cv::BORDER_REPLICATE);
        return seen;
    }

    const SoughtSheet& sought_;
    const Searched& searched_;
    double scale_;
    cv::Mat small_, template_;
};

/// The picture's place by the four sides that lie `border` round it, and how sure they are (the least share of a side's
/// places, and the least steepness).
struct BySides {
    SheetPlace place;
    double share = 0, steepness = 0;
};
BySides bySides(const SheetPlace& about, const cv::Mat& lab, double scale, const SoughtSheet& sought, double border) {
    const double w = sought.widthMillimetres, h = sought.heightMillimetres;
    const std::array<cv::Point2d, 4> corners{
        {{-border, -border}, {w + border, -border}, {w + border, h + border}, {-border, h + border}}};
    std::array<StraightSide, 4> lines;
    const double within = scale * 0.6 * sought.borderMillimetres *
                          cv::norm(about.inPhotograph(corners[1]) - about.inPhotograph(corners[0])) / (w + 2 * border);
    BySides found{about, 1, 1e9};
    for (std::size_t i = 0; i < 4; ++i) {
        lines[i] = straightSide(lab, scale * about.inPhotograph(corners[i]),
                                scale * about.inPhotograph(corners[(i + 1) % 4]), std::max(3.0, within));
        found.share = std::min(found.share, lines[i].share);
        found.steepness = std::min(found.steepness, lines[i].steepness);
    }
    if (found.share <= 0) return found;
    std::vector<cv::Point2f> from, to;
    for (std::size_t i = 0; i < 4; ++i) {
        const cv::Vec3d meet = lines[(i + 3) % 4].line.cross(lines[i].line);
        if (std::fabs(meet[2]) < 1e-9) return {about, 0, 0};
        from.emplace_back(corners[i]);
        to.emplace_back(float(meet[0] / meet[2] / scale), float(meet[1] / meet[2] / scale));
    }
    found.place.toPhotograph = cv::Matx33d(cv::getPerspectiveTransform(from, to).ptr<double>());
    return found;
}

cv::Mat lightnessOf(const cv::Mat& lab) {
    cv::Mat lightness;
    cv::extractChannel(lab, lightness, 0);
    return lightness;
}

/// Lays the whole over the photograph as exactly as can be: G. D. Evangelidis and E. Z. Psarakis, "Parametric image
/// alignment using enhanced correlation coefficient maximization", IEEE PAMI 30 (2008).
void layOver(SheetPlace& place, const cv::Mat& lab, double scale, const SoughtSheet& sought) {
    const cv::Mat seen = lightnessOf(lab);
    const cv::Point2d corner = place.inPhotograph({0, 0}), other = place.inPhotograph({sought.widthMillimetres, 0});
    const double pixelsPerMillimetre = std::clamp(scale * cv::norm(other - corner) / sought.widthMillimetres, 0.5, 4.0);
    const cv::Mat wanted = lightnessOf(colour::labOfSrgb8Image(framed(sought, pixelsPerMillimetre)));
    const double border = std::lround(sought.borderMillimetres * pixelsPerMillimetre) / pixelsPerMillimetre;
    const cv::Matx33d toMillimetres =
        movedBy(-border, -border) * scaledBy(1 / pixelsPerMillimetre, 1 / pixelsPerMillimetre);
    const cv::Matx33d start = scaledBy(scale, scale) * place.toPhotograph * toMillimetres;
    cv::Mat warp;
    cv::Mat(start * (1 / start(2, 2))).convertTo(warp, CV_32F);
    try {
        for (const int blur : {9, 3})
            cv::findTransformECC(wanted, seen, warp, cv::MOTION_HOMOGRAPHY,
                                 {cv::TermCriteria::COUNT | cv::TermCriteria::EPS, 40, 1e-5}, cv::noArray(), blur);
    } catch (const cv::Exception&) {
        return;  // it does not converge where there is nothing to hold on to: the sides hold
    }
    cv::Mat exact;
    warp.convertTo(exact, CV_64F);
    place.toPhotograph = scaledBy(1 / scale, 1 / scale) * cv::Matx33d(exact.ptr<double>()) * toMillimetres.inv();
}

/// By the sides of the picture, or of what lies round it: a shape that was laid beside its place does not move them.
/// False where they cannot be seen.
bool makeExactBySides(SheetPlace& place, const Finder& finder, const cv::Mat& lab, double scale,
                      const SoughtSheet& sought) {
    constexpr double enough = 0.6, clear = 0.8;
    constexpr double muchLess = 0.08;  // agreement, by which sides are other lines than these
    const auto bySidesOf = [&](double border) {
        BySides found = bySides(place, lab, scale, sought, border);
        if (found.share < enough || found.steepness < clear) return false;
        found.place.agreement = finder.agreementAt(found.place);
        if (found.place.agreement < place.agreement - muchLess) return false;
        place = found.place;
        return true;
    };
    const bool isRound = bySidesOf(sought.borderMillimetres), isOwn = bySidesOf(0);
    return isRound || isOwn;
}

}  // namespace

cv::Vec3f SoughtSheet::borderLight() const {
    if (!bareMargin) return creamTape;
    const auto linear = [](std::uint8_t code) { return float(colour::linearFromEncoded(code / 255.0)); };
    return {linear(bareMargin->r), linear(bareMargin->g), linear(bareMargin->b)};
}

cv::Point2d SheetPlace::inPhotograph(const cv::Point2d& millimetres) const {
    const cv::Vec3d p = toPhotograph * cv::Vec3d(millimetres.x, millimetres.y, 1);
    return lens.bent({p[0] / p[2], p[1] / p[2]});
}

cv::Point2d SheetPlace::onSheet(const cv::Point2d& pixel) const {
    const cv::Point2d at = lens.straight(pixel);
    const cv::Vec3d p = toPhotograph.inv() * cv::Vec3d(at.x, at.y, 1);
    return {p[0] / p[2], p[1] / p[2]};
}

cv::Mat SheetPlace::seenFlat(const cv::Mat& photograph, const cv::Point2d& corner, cv::Size size,
                             double pixelsPerMillimetre) const {
    return takenFrom(photograph, size, [&](const cv::Point2d& pixel) {
        return inPhotograph(corner + (pixel + cv::Point2d(0.5, 0.5)) * (1 / pixelsPerMillimetre));
    });
}

SheetPlace sheetPlaceBy(const std::array<cv::Point2d, 4>& corners, const SoughtSheet& sought) {
    const float w = float(sought.widthMillimetres), h = float(sought.heightMillimetres);
    std::vector<cv::Point2f> from{{0, 0}, {w, 0}, {w, h}, {0, h}}, to(corners.begin(), corners.end());
    SheetPlace place;
    place.toPhotograph = cv::Matx33d(cv::getPerspectiveTransform(from, to).ptr<double>());
    place.quarterTurns = quarterTurnsOf(place, sought);
    return place;
}

namespace {

/// The best place of a sought sheet, as exact as its sides in the small picture; nullopt if nothing is like it.
std::optional<SheetPlace> likelyPlace(const Finder& finder, const Searched& searched, const SoughtSheet& sought) {
    std::vector<SheetPlace> places = finder.best();
    // Where its sides are seen it lies by them: what it shows could lie beside its place.
    constexpr double seenSides = 0.06;
    std::vector<double> worth(places.size());
    common::forEachIndex(int(places.size()), [&](int i) {
        SheetPlace& place = places[std::size_t(i)];
        const bool isBySides = makeExactBySides(place, finder, searched.lab, searched.scale, sought);
        worth[std::size_t(i)] = finder.counts(place) + (isBySides ? seenSides : 0);
    });
    constexpr double least = 0.5;
    const auto best = places.begin() + (std::ranges::max_element(worth) - worth.begin());
    if (best == places.end() || best->agreement < least) return std::nullopt;
    return *best;
}

void makeExact(SheetPlace& place, const Finder& finder, const Searched& searched, const SoughtSheet& sought) {
    const auto bySidesExactly = [&] {
        return makeExactBySides(place, finder, searched.exactLab, searched.exactScale, sought);
    };
    if (bySidesExactly()) return;
    // By what it shows; then its sides may be near enough to be seen.
    SheetPlace over = place;
    layOver(over, searched.lab, searched.scale, sought);
    over.agreement = finder.agreementAt(over);
    if (over.agreement > place.agreement) place = over;
    bySidesExactly();
}

std::optional<FoundSheet> likeliest(const Searched& searched, const std::vector<SoughtSheet>& sought) {
    std::optional<FoundSheet> found;
    double best = 0;
    for (std::size_t i = 0; i < sought.size(); ++i) {
        const Finder finder(searched, sought[i]);
        const auto place = likelyPlace(finder, searched, sought[i]);
        if (!place) continue;
        // What lies round it tells what it is: by that the work has the colours that it was to have.
        constexpr double unlike = 0.01;
        const double is = place->agreement - unlike * finder.offAt(*place);
        if (found && is <= best) continue;
        best = is;
        found = {*place, i};
    }
    return found;
}

/// By how much the lens bends the sides of the picture and of what lies round it.
double bowOf(const Searched& searched, const SheetPlace& place, const SoughtSheet& sought) {
    const double w = sought.widthMillimetres, h = sought.heightMillimetres, scale = searched.scale;
    const double pixels = scale * cv::norm(place.inPhotograph({w, 0}) - place.inPhotograph({0, 0})) / w;
    std::vector<std::vector<cv::Point2d>> sides;
    for (const double border : {0.0, sought.borderMillimetres}) {
        const std::array<cv::Point2d, 4> corners{
            {{-border, -border}, {w + border, -border}, {w + border, h + border}, {-border, h + border}}};
        for (std::size_t i = 0; i < 4; ++i)
            sides.push_back(sideSpots(searched.lab, scale * place.inPhotograph(corners[i]),
                                      scale * place.inPhotograph(corners[(i + 1) % 4]),
                                      std::max(3.0, 0.6 * pixels * sought.borderMillimetres)));
    }
    return bowIn(sides, searched.lab.size());
}

}  // namespace

common::Result<FoundSheet> findSheet(const cv::Mat& xyz, const std::vector<SoughtSheet>& sought,
                                     const std::string& name) {
    CV_Assert(xyz.type() == CV_32FC3);
    constexpr double dark = 0.02;
    cv::Mat light;
    cv::extractChannel(xyz, light, 1);
    cv::resize(light, light, {64, 64}, 0, 0, cv::INTER_AREA);
    double brightest = 0;
    cv::minMaxLoc(light, nullptr, &brightest);
    if (brightest < dark) return Problem{ProblemKind::workTooDark, name};
    const Searched bent(xyz);
    auto found = likeliest(bent, sought);
    if (!found) return Problem{ProblemKind::workMissing, name};
    const SoughtSheet& it = sought[found->which];
    const Lens lens(xyz.size(), bowOf(bent, found->place, it));
    const auto straight = lens.bow() == 0 ? bent : Searched(lens.straightened(xyz));
    if (lens.bow() != 0) {
        const auto again = likelyPlace(Finder(straight, it), straight, it);
        if (!again) return Problem{ProblemKind::workMissing, name};
        found->place = *again;
    }
    makeExact(found->place, Finder(straight, it), straight, it);
    found->place.lens = lens;
    found->place.quarterTurns = quarterTurnsOf(found->place, it);
    const cv::Rect2d whole(0, 0, xyz.cols, xyz.rows);
    for (const cv::Point2d corner : {cv::Point2d(0, 0),
                                     {it.widthMillimetres, 0},
                                     {it.widthMillimetres, it.heightMillimetres},
                                     {0, it.heightMillimetres}})
        if (!whole.contains(found->place.inPhotograph(corner))) return Problem{ProblemKind::workCutOff, name};
    return *found;
}

}  // namespace review

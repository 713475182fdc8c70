#include "review/light_reference.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "colour/image_colour.h"
#include "review/card.h"
#include "review/card_light.h"
#include "review/four_sided.h"

namespace review {

namespace {

std::optional<LightReference> swatchCardIn(const cv::Mat& xyz) {
    constexpr double enough = 2400;
    const double scale = std::min(1.0, enough / std::max(xyz.cols, xyz.rows));
    cv::Mat small;
    cv::resize(xyz, small, {}, scale, scale, cv::INTER_AREA);
    const auto card = lightOf(small, CardKind::swatches, {});
    if (!card) return std::nullopt;
    const cv::Size2d page = frameOf(card->place.paper).page;
    const cv::Point2d middle(page.width / 2, page.height / 2);
    return LightReference{BalancedBy::swatchCard, card->place.inPicture(middle) * (1 / scale),
                          card->white.at(middle) * (1 / float(cardWhite))};
}

/// Whether a quad in the sheet's plane is a rectangle of a card's size.
bool isCard(const Quad& quad, double pixelsPerMillimetre) {
    constexpr double shortest = 40, longest = 300, longFor = 2.2, square = 0.12;
    std::array<double, 4> sides{};
    for (std::size_t i = 0; i < 4; ++i) {
        const cv::Point2d one = quad[(i + 1) % 4] - quad[i], next = quad[(i + 2) % 4] - quad[(i + 1) % 4];
        sides[i] = cv::norm(one) / pixelsPerMillimetre;
        if (std::fabs(one.dot(next)) > square * cv::norm(one) * cv::norm(next)) return false;
    }
    const auto [least, most] = std::ranges::minmax(sides);
    return least >= shortest && most <= longest && most <= longFor * least;
}

/// As the eye sees what has this linear sRGB under daylight.
colour::Lab looks(const cv::Vec3d& linear) {
    return colour::labFromSrgb({colour::encodedFromLinear(linear[0]), colour::encodedFromLinear(linear[1]),
                                colour::encodedFromLinear(linear[2])});
}

/// What lies round a sheet, seen straight on in linear sRGB.
class Surroundings {
 public:
    static constexpr double pixelsPerMillimetre = 0.75;
    cv::Mat linear;

    Surroundings(const cv::Mat& xyz, const SheetPlace& place, const SoughtSheet& sought)
        : sheet_(0, 0, sought.widthMillimetres, sought.heightMillimetres), border_(sought.borderMillimetres) {
        constexpr double round = 0.8;  // times the sheet's size, on each side
        corner_ = {-round * sheet_.width, -round * sheet_.height};
        const double times = (1 + 2 * round) * pixelsPerMillimetre;
        const cv::Size size(int(times * sheet_.width), int(times * sheet_.height));
        const cv::Mat flat = place.seenFlat(xyz, corner_, size, pixelsPerMillimetre);
        linear = colour::linearSrgbOfXyz(flat);
    }
    cv::Point2d millimetres(const cv::Point2d& pixel) const { return pixel * (1 / pixelsPerMillimetre) + corner_; }
    /// Whether a part of the picture lies on the sheet or its border.
    bool touchesSheet(const cv::Mat& mask) const {
        const cv::Rect sheet(pixel({-border_, -border_}), pixel({sheet_.width + border_, sheet_.height + border_}));
        return cv::countNonZero(mask(sheet)) > 0;
    }
    /// The border where it is nearest to a place.
    cv::Vec3d borderBeside(const cv::Point2d& millimetres) const {
        const cv::Point at = pixel({std::clamp(millimetres.x, -border_ / 2, sheet_.width + border_ / 2),
                                    std::clamp(millimetres.y, -border_ / 2, sheet_.height + border_ / 2)});
        const cv::Scalar mean =
            cv::mean(linear(cv::Rect(at - cv::Point(2, 2), cv::Size(5, 5)) & cv::Rect({}, linear.size())));
        return {mean[0], mean[1], mean[2]};
    }

 private:
    cv::Point pixel(const cv::Point2d& millimetres) const { return (millimetres - corner_) * pixelsPerMillimetre; }
    cv::Rect2d sheet_;
    double border_;
    cv::Point2d corner_;
};

std::optional<LightReference> greyCardBeside(const cv::Mat& xyz, const SheetPlace& place, const SoughtSheet& sought) {
    const Surroundings round(xyz, place, sought);
    cv::Mat lab = colour::xyzOfLinearSrgb(round.linear);
    colour::toLab(lab);
    const cv::Vec3f border = sought.borderLight();
    const colour::Lab grey = looks(cv::Vec3d::all(greyCardReflectance));
    std::optional<LightReference> best;
    double leastOff = 1;
    for (const Quad& quad : quadsIn(lab, 0.002)) {
        if (!isCard(quad, Surroundings::pixelsPerMillimetre)) continue;
        cv::Mat inside = cv::Mat::zeros(lab.size(), CV_8U);
        cv::fillConvexPoly(inside, std::vector<cv::Point>(quad.begin(), quad.end()), 255);
        cv::erode(inside, inside, cv::getStructuringElement(cv::MORPH_ELLIPSE, {9, 9}));
        if (cv::countNonZero(inside) == 0 || round.touchesSheet(inside)) continue;
        cv::Scalar mean, spread;
        cv::meanStdDev(lab, mean, spread, inside);
        constexpr double even = 4;  // CIELAB, with the camera's noise
        if (std::max({spread[0], spread[1], spread[2]}) > even) continue;
        const cv::Point2d at = round.millimetres(0.25 * (quad[0] + quad[1] + quad[2] + quad[3]));
        const cv::Point2d pixel = place.inPhotograph(at);
        if (!cv::Rect2d(0, 0, xyz.cols, xyz.rows).contains(pixel)) continue;
        // As it would look if the border were what it should be.
        const cv::Scalar seen = cv::mean(round.linear, inside);
        const cv::Vec3d beside = round.borderBeside(at);
        cv::Vec3d is;
        for (int c = 0; c < 3; ++c) is[c] = seen[c] / std::max(1e-4, beside[c]) * double(border[c]);
        const colour::Lab lab18 = looks(is);
        constexpr double farLight = 6, farColour = 7;  // CIELAB: tape and uneven light differ by as much
        const double off = std::max(std::fabs(lab18.L - grey.L) / farLight,
                                    std::hypot(lab18.a - grey.a, lab18.b - grey.b) / farColour);
        if (off >= leastOff) continue;
        leastOff = off;
        best = {BalancedBy::greyCard, pixel, cv::Vec3d(seen[0], seen[1], seen[2]) * (1 / double(greyCardReflectance))};
    }
    return best;
}

}  // namespace

std::optional<LightReference> lightReferenceBeside(const cv::Mat& xyz, const SheetPlace& place,
                                                   const SoughtSheet& sought) {
    if (auto card = swatchCardIn(xyz)) return card;
    return greyCardBeside(xyz, place, sought);
}

}  // namespace review

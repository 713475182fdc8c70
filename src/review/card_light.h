#pragma once

#include <string>

#include "colour/lab.h"
#include "common/result.h"
#include "review/card_place.h"

namespace review {

using LinearSamples = std::vector<cv::Vec3f>;  // linear sRGB

/// How bright the bare card is at each place: a polynomial of the fourth degree through the spots where it shows.
class WhiteSurface {
 public:
    struct Spot {
        cv::Point2d millimetres;
        cv::Vec3f seen;
    };
    static constexpr int count = 15;  // of its coefficients in each component: the fewest spots

    /// At least `count` spots.
    WhiteSurface(const cv::Size2d& page, const std::vector<Spot>& spots);
    cv::Vec3f at(const cv::Point2d& millimetres) const;

 private:
    using Terms = cv::Matx<double, 1, count>;
    Terms terms(const cv::Point2d& millimetres) const;

    cv::Size2d page_;
    cv::Matx<double, count, 3> coefficients_;
};

/// The camera's tone curve in each component, from the ladders: a parabola in the logarithms of light and reflectance,
/// through the card's white.
class ToneCurve {
 public:
    void fit(const std::vector<cv::Vec3f>& seen, const std::vector<double>& reflectances);
    /// From light relative to the card's to reflectance.
    cv::Vec3f operator()(const cv::Vec3f& relative) const;

 private:
    std::array<cv::Vec2d, 3> coefficients_;
};

/// A photograph of a card with its light told apart from it: uneven light and the light's cast by the bare card, the
/// camera's tone curve by the grey ladders.
struct LitCard {
    cv::Mat linear;  // CV_32FC3, R G B, as photographed
    CardPlace place;
    WhiteSurface white;
    ToneCurve curve;

    /// A grid over the inner part of a place, as photographed: five samples a millimetre, and no more than there are
    /// pixels.
    LinearSamples inside(const cv::Rect2d& millimetres, double margin) const;
};

/// `xyz` is CV_32FC3, relative to D50. Refuses what findCard refuses, and cardCutOff, cardTooDark and cardTooBright;
/// `name` stands in the problem.
common::Result<LitCard> lightOf(const cv::Mat& xyz, CardKind kind, const std::string& name);

/// Mean of the middle eight tenths by brightness: dust and crumbs do not count.
cv::Vec3f trimmedMean(LinearSamples samples);

colour::Xyz xyzOf(const cv::Vec3f& linear);

}  // namespace review

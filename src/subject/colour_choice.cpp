#include "subject/colour_choice.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <opencv2/core.hpp>

namespace subject {

namespace {

/// Orange, by common practice the warmest hue; its complement is the coolest.
constexpr double warmHue = 55 * std::numbers::pi / 180;
constexpr double lightnessOfStep = 10;

}  // namespace

colour::Lab chosen(const colour::Lab& lab, const ColourChoice& choice, double middle) {
    const double L = middle + (lab.L - middle) * choice.contrast + choice.lighter * lightnessOfStep;
    return {std::clamp(L, 0.0, 100.0), lab.a * choice.chroma + choice.warmer * std::cos(warmHue),
            lab.b * choice.chroma + choice.warmer * std::sin(warmHue)};
}

void choose(cv::Mat& lab, const ColourChoice& choice, double middle, const cv::Mat& mask) {
    if (choice == ColourChoice{}) return;
    for (int y = 0; y < lab.rows; ++y)
        for (int x = 0; x < lab.cols; ++x) {
            if (!mask.empty() && mask.at<uchar>(y, x) == 0) continue;
            cv::Vec3f& v = lab.at<cv::Vec3f>(y, x);
            const colour::Lab after = chosen({v[0], v[1], v[2]}, choice, middle);
            v = {float(after.L), float(after.a), float(after.b)};
        }
}

ColourChoice setBack(const ColourChoice& choice) {
    return {choice.chroma * 0.75, choice.contrast * 0.75, choice.lighter + 0.3, choice.warmer - 4};
}

}  // namespace subject

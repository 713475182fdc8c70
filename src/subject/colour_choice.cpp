#include "subject/colour_choice.h"

#include <algorithm>
#include <opencv2/core.hpp>

#include "colour/warmth.h"

namespace subject {

namespace {

constexpr double lightnessOfStep = 10;

}  // namespace

colour::Lab chosen(const colour::Lab& lab, const ColourChoice& choice, double middle) {
    const double L = middle + (lab.L - middle) * choice.contrast + choice.lighter * lightnessOfStep;
    return colour::warmed({std::clamp(L, 0.0, 100.0), lab.a * choice.chroma, lab.b * choice.chroma}, choice.warmer);
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

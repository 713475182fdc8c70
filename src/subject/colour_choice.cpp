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

void strengthenLights(cv::Mat& lab, double most) {
    constexpr double lightPart = 0.05;
    std::vector<float> lightness;
    lightness.reserve(lab.total());
    for (const cv::Vec3f& v : cv::Mat_<cv::Vec3f>(lab)) lightness.push_back(v[0]);
    const auto edge =
        lightness.end() - std::max<std::ptrdiff_t>(1, std::ptrdiff_t(lightPart * double(lightness.size())));
    std::ranges::nth_element(lightness, edge);
    const float from = *edge, to = *std::max_element(edge, lightness.end());
    if (to <= from) return;  // one even light has no highlight
    cv::Mat_<cv::Vec3f> pixels(lab);
    for (cv::Vec3f& v : pixels)
        if (v[0] > from) v[0] = std::min(100.0f, v[0] + float(most) * (v[0] - from) / (to - from));
}

ColourChoice setBack(const ColourChoice& choice) {
    return {choice.chroma * 0.75, choice.contrast * 0.75, choice.lighter + 0.3, choice.warmer - 4};
}

}  // namespace subject

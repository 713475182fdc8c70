#include "rendering/sheet_picture.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>
#include <random>

#include "colour/reflectance.h"
#include "colour/srgb.h"

namespace rendering {

namespace {

cv::Mat noise(cv::Size size, unsigned seed) {
    std::mt19937 random(seed);
    cv::Mat out(size, CV_32F);
    for (int y = 0; y < out.rows; ++y)
        for (int x = 0; x < out.cols; ++x) out.at<float>(y, x) = float(random() >> 8) / 16777216.0f - 0.5f;
    return out;
}

cv::Mat smoothed(const cv::Mat& source, double sigmaX, double sigmaY) {
    cv::Mat out;
    cv::GaussianBlur(source, out, {}, std::max(0.3, sigmaX), std::max(0.3, sigmaY), cv::BORDER_REFLECT);
    double mean = cv::mean(out)[0];
    cv::Mat spread;
    cv::multiply(out - mean, out - mean, spread);
    return (out - mean) / std::sqrt(std::max(1e-12, cv::mean(spread)[0]));
}

/// A wave along y (laid) or crossed (honeycomb), as heights about 0.
cv::Mat waves(cv::Size size, double period, bool crossed) {
    cv::Mat out(size, CV_32F);
    const double turn = 2.0 * CV_PI / std::max(2.5, period);
    for (int y = 0; y < out.rows; ++y)
        for (int x = 0; x < out.cols; ++x)
            out.at<float>(y, x) = crossed ? float(std::sin(turn * (x + 0.58 * y)) + std::sin(turn * (x - 0.58 * y)))
                                          : float(1.2 * std::sin(turn * y));
    return out;
}

cv::Mat heights(materials::Grain grain, cv::Size size, double pixels) {
    const cv::Mat rough = smoothed(noise(size, 11), pixels * 0.5, pixels * 0.5);
    switch (grain) {
        case materials::Grain::grit:
            return rough;
        case materials::Grain::fibre:
            return rough + 0.7 * smoothed(noise(size, 23), pixels * 2.0, pixels * 0.4);
        case materials::Grain::cells:
            return 0.6 * rough + waves(size, pixels * 2.4, true);
        case materials::Grain::lines:
            return 0.7 * rough + waves(size, pixels * 2.0, false);
        case materials::Grain::wove:
            return rough + 0.6 * smoothed(noise(size, 37), pixels * 1.5, pixels * 1.5);
    }
    return rough;
}

}  // namespace

cv::Mat grainMap(materials::Surface surface, cv::Size size, double millimetresPerPixel) {
    const materials::SurfaceProfile& profile = materials::profileOf(surface);
    const cv::Mat height = heights(profile.grain, size, profile.grainMillimetres / millimetresPerPixel);
    // Ranked, so that every cell takes the same area; ties go by position.
    std::vector<int> order(height.total());
    std::iota(order.begin(), order.end(), 0);
    const float* h = height.ptr<float>();
    std::ranges::sort(order, [h](int one, int other) { return std::pair(-h[one], one) < std::pair(-h[other], other); });
    cv::Mat cells(size, CV_8U);
    for (std::size_t rank = 0; rank < order.size(); ++rank)
        cells.ptr()[order[rank]] = static_cast<uchar>(rank * pigment::cellCount / order.size());
    return cells;
}

cv::Mat sheetPicture(const cv::Mat& passageMap, const std::vector<pigment::Patch>& patches, const cv::Mat& grain,
                     colour::Light light) {
    CV_Assert(passageMap.size() == grain.size());
    std::vector<std::array<cv::Vec3b, pigment::cellCount>> colours(patches.size());
    for (std::size_t i = 0; i < patches.size(); ++i)
        for (int cell = 0; cell < pigment::cellCount; ++cell) {
            const colour::Xyz xyz = colour::xyzOfReflectance(patches[i].seen.row(cell).transpose(), light);
            const colour::Srgb8 c = colour::srgb8FromSrgb(colour::srgbFromXyz(xyz));
            colours[i][cell] = cv::Vec3b(c.r, c.g, c.b);
        }
    cv::Mat out(passageMap.size(), CV_8UC3);
    for (int y = 0; y < out.rows; ++y)
        for (int x = 0; x < out.cols; ++x)
            out.at<cv::Vec3b>(y, x) = colours[passageMap.at<int>(y, x)][grain.at<uchar>(y, x)];
    return out;
}

}  // namespace rendering

#include "subject/squint.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>
#include <opencv2/ximgproc/edge_filter.hpp>

#include "colour/image_colour.h"

namespace subject {

namespace {

/// Smooths `image` along the edges of `lab`.
cv::Mat smoothed(const cv::Mat& lab, const cv::Mat& image, double amount) {
    const int longSide = std::max(lab.cols, lab.rows);
    const int radius = std::max(1, int(std::lround(longSide * 0.012 * amount)));
    const double edge = 2.0 + 10.0 * amount;  // in CIELAB units: weaker steps are smoothed away
    cv::Mat out;
    cv::ximgproc::guidedFilter(lab, image, out, radius, edge * edge);
    return out;
}

}  // namespace

cv::Mat squinted(const cv::Mat& lab, double amount) {
    amount = std::clamp(amount, 0.0, 1.0);
    return amount == 0 ? lab.clone() : smoothed(lab, lab, amount);
}

cv::Mat squintedLightness(const cv::Mat& lab, double amount) {
    amount = std::clamp(amount, 0.0, 1.0);
    cv::Mat lightness;
    cv::extractChannel(lab, lightness, 0);
    return amount == 0 ? lightness : smoothed(lab, lightness, amount);
}

cv::Mat squintedPicture(const cv::Mat& rgb, double amount) {
    cv::Mat bgr;
    cv::cvtColor(rgb, bgr, cv::COLOR_RGB2BGR);
    return colour::srgb8ImageFromLab(squinted(*colour::labImage(bgr, {}, ""), amount));
}

}  // namespace subject

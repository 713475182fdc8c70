#include "rendering/picture_difference.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>
#include <vector>

#include "colour/difference_map.h"
#include "colour/image_colour.h"

namespace rendering {

namespace {

cv::Size reducedSize(cv::Size size, int factor) {
    return {(size.width + factor - 1) / factor, (size.height + factor - 1) / factor};
}

/// XYZ relative to D50, blurred, as CIELAB. What so wide a blur leaves is seen at a smaller size as well: reduced first
/// by the mean of `factor` pixels each way, a blur itself, whose variance the Gaussian then lacks.
cv::Mat labSeen(const cv::Mat& rgb, double sigma, int factor) {
    cv::Mat light = colour::xyzOfSrgb8Image(rgb);
    if (factor > 1) cv::resize(light, light, reducedSize(rgb.size(), factor), 0, 0, cv::INTER_AREA);
    const double boxVariance = (factor * factor - 1) / 12.0;
    const double left = std::sqrt(sigma * sigma - boxVariance) / factor;
    cv::GaussianBlur(light, light, {}, left, left, cv::BORDER_REFLECT);
    colour::toLab(light);
    return light;
}

}  // namespace

cv::Mat differenceSeen(const cv::Mat& one, const cv::Mat& other, double sigma) {
    CV_Assert(one.size() == other.size());
    const int factor = std::max(1, int(sigma / 2.4));
    cv::Mat map;
    colour::differenceMap(labSeen(one, sigma, factor), labSeen(other, sigma, factor), map);
    return map;
}

double easelSigma(cv::Size size) {
    return std::max(size.width, size.height) / 200.0;
}
double squintSigma(cv::Size size) {
    return std::max(size.width, size.height) / 50.0;
}

DifferenceFigures figuresOf(const cv::Mat& differences, const cv::Mat& left) {
    cv::Mat isLeft = cv::Mat::zeros(differences.size(), CV_8U);
    if (!left.empty()) cv::resize(left, isLeft, differences.size(), 0, 0, cv::INTER_NEAREST);
    std::vector<float> all;
    all.reserve(differences.total());
    for (int y = 0; y < differences.rows; ++y)
        for (int x = 0; x < differences.cols; ++x)
            if (!isLeft.at<uchar>(y, x)) all.push_back(differences.at<float>(y, x));
    if (all.empty()) return {};
    const auto p95 = all.begin() + std::ptrdiff_t(0.95 * double(all.size() - 1));
    std::ranges::nth_element(all, p95);
    return {cv::mean(differences, isLeft == 0)[0], double(*p95)};
}

}  // namespace rendering

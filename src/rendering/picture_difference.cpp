#include "rendering/picture_difference.h"

#include <algorithm>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>
#include <vector>

#include "colour/difference_map.h"
#include "colour/image_colour.h"

namespace rendering {

namespace {

/// XYZ relative to D50, blurred, as CIELAB.
cv::Mat labSeen(const cv::Mat& rgb, double sigma) {
    cv::Mat light = colour::xyzOfSrgb8Image(rgb);
    cv::GaussianBlur(light, light, {}, sigma, sigma, cv::BORDER_REFLECT);
    colour::toLab(light);
    return light;
}

}  // namespace

cv::Mat differenceSeen(const cv::Mat& one, const cv::Mat& other, double sigma) {
    CV_Assert(one.size() == other.size());
    cv::Mat map;
    colour::differenceMap(labSeen(one, sigma), labSeen(other, sigma), map);
    return map;
}

double easelSigma(cv::Size size) {
    return std::max(size.width, size.height) / 200.0;
}
double squintSigma(cv::Size size) {
    return std::max(size.width, size.height) / 50.0;
}

DifferenceFigures figuresOf(const cv::Mat& differences) {
    std::vector<float> all(differences.begin<float>(), differences.end<float>());
    const auto p95 = all.begin() + std::ptrdiff_t(0.95 * double(all.size() - 1));
    std::ranges::nth_element(all, p95);
    return {cv::mean(differences)[0], double(*p95)};
}

}  // namespace rendering

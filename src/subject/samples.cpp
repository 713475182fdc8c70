#include "subject/samples.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>
#include <span>

namespace subject {

namespace {

using Colours = std::span<cv::Vec3f>;

/// A set of colours, its mean, and along which axis it spreads how much.
struct Box {
    Colours colours;
    cv::Vec3d mean;
    int axis = 0;
    double spread = 0;  // what parting it is worth

    explicit Box(Colours c) : colours(c) {
        cv::Vec3d sum, squares;
        for (const cv::Vec3f& colour : colours) {
            const cv::Vec3d v = colour;
            sum += v;
            squares += v.mul(v);
        }
        const auto n = double(colours.size());
        mean = sum / n;
        cv::Vec3d variance = squares / n - mean.mul(mean);
        axis = variance[0] >= variance[1] && variance[0] >= variance[2] ? 0 : variance[1] >= variance[2] ? 1 : 2;
        // Less than in proportion to the size: small accents count for more than their place.
        spread = variance[axis] * std::pow(n, 0.7);
    }
};

}  // namespace

cv::Mat blurredWithin(const cv::Mat& picture, const cv::Mat& mask, double sigma) {
    cv::Mat weight, sum = cv::Mat::zeros(picture.size(), picture.type());
    mask.convertTo(weight, CV_32F, 1.0 / 255);
    picture.copyTo(sum, mask);
    cv::GaussianBlur(sum, sum, {}, sigma, sigma, cv::BORDER_CONSTANT);
    cv::GaussianBlur(weight, weight, {}, sigma, sigma, cv::BORDER_CONSTANT);
    cv::max(weight, 1e-4, weight);
    if (picture.channels() == 3) cv::merge(std::vector<cv::Mat>(3, weight), weight);
    cv::divide(sum, weight, sum);
    return sum;
}

std::vector<ColourSample> samplesOf(const cv::Mat& lab, const cv::Mat& mask, double sigma, int count) {
    const cv::Rect box = cv::boundingRect(mask);
    if (box.empty()) return {};
    const cv::Mat inside = mask(box);
    const cv::Mat seen = blurredWithin(lab(box), inside, std::max(0.3, sigma));
    std::vector<cv::Vec3f> colours;
    for (int y = 0; y < seen.rows; ++y)
        for (int x = 0; x < seen.cols; ++x)
            if (inside.at<uchar>(y, x)) colours.push_back(seen.at<cv::Vec3f>(y, x));

    std::vector<Box> boxes{Box(colours)};
    while (int(boxes.size()) < count) {
        const auto widest = std::ranges::max_element(boxes, {}, &Box::spread);
        if (widest->spread < 1e-3) break;
        const int axis = widest->axis;
        const double mean = widest->mean[axis];
        const Colours all = widest->colours;
        const auto middle = std::partition(all.begin(), all.end(), [&](const cv::Vec3f& c) { return c[axis] < mean; });
        const auto below = std::size_t(middle - all.begin());
        if (below == 0 || below == all.size()) break;
        *widest = Box(all.first(below));
        boxes.emplace_back(all.subspan(below));
    }
    std::vector<ColourSample> samples;
    for (const Box& part : boxes)
        samples.push_back(
            {{part.mean[0], part.mean[1], part.mean[2]}, double(part.colours.size()) / double(colours.size())});
    return samples;
}

}  // namespace subject

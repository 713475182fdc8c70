#include "review/sharpness.h"

#include <algorithm>
#include <opencv2/imgproc.hpp>
#include <vector>

#include "colour/image_colour.h"
#include "common/median.h"

namespace review {

namespace {

/// How steeply the lightness changes (CV_32F, L* a pixel), noise and grain joined.
cv::Mat steepness(const cv::Mat& xyz) {
    cv::Mat lab = xyz.clone(), lightness, across, down, steep;
    cv::GaussianBlur(lab, lab, {}, 1.0);
    colour::toLab(lab);
    cv::extractChannel(lab, lightness, 0);
    cv::Sobel(lightness, across, CV_32F, 1, 0, 3, 1.0 / 8);
    cv::Sobel(lightness, down, CV_32F, 0, 1, 3, 1.0 / 8);
    cv::magnitude(across, down, steep);
    return steep;
}

}  // namespace

double sharpnessOf(const cv::Mat& seen, const cv::Mat& meant, const cv::Mat& hidden) {
    // A border may lie a little beside its place.
    const cv::Mat near = cv::getStructuringElement(cv::MORPH_ELLIPSE, {7, 7});
    const cv::Mat wanted = steepness(meant);
    cv::Mat is, was;
    cv::dilate(steepness(seen), is, near);
    cv::dilate(wanted, was, near);
    constexpr float border = 3;  // L* a pixel
    constexpr std::size_t few = 150;
    std::vector<double> shares;
    for (int y = 0; y < wanted.rows; ++y)
        for (int x = 0; x < wanted.cols; ++x)
            if (wanted.at<float>(y, x) > border && !hidden.at<uchar>(y, x))
                shares.push_back(double(is.at<float>(y, x) / was.at<float>(y, x)));
    return shares.size() < few ? 1 : common::median(shares);
}

}  // namespace review

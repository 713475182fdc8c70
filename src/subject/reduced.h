#pragma once

#include <algorithm>
#include <opencv2/imgproc.hpp>

namespace subject {

/// The picture made smaller by a scale of 1 or less; of a strip a row is left.
inline cv::Mat scaledDown(const cv::Mat& picture, double scale) {
    const cv::Size size(std::max(1, cvRound(picture.cols * scale)), std::max(1, cvRound(picture.rows * scale)));
    cv::Mat small;
    cv::resize(picture, small, size, 0, 0, cv::INTER_AREA);
    return small;
}

/// The picture reduced so that its long side is at most so many pixels; a smaller one as it is.
inline cv::Mat reduced(const cv::Mat& picture, double longSide) {
    return scaledDown(picture, std::min(1.0, longSide / std::max(picture.cols, picture.rows)));
}

}  // namespace subject

#pragma once

#include <algorithm>
#include <opencv2/imgproc.hpp>

namespace subject {

/// The picture reduced so that its long side is at most so many pixels; a smaller one as it is.
inline cv::Mat reduced(const cv::Mat& picture, double longSide) {
    const double scale = std::min(1.0, longSide / std::max(picture.cols, picture.rows));
    cv::Mat small;
    cv::resize(picture, small, {}, scale, scale, cv::INTER_AREA);
    return small;
}

}  // namespace subject

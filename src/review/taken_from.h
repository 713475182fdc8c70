#pragma once

#include <opencv2/imgproc.hpp>

#include "common/parallel.h"

namespace review {

/// A picture of this size, each pixel taken from where `from` says (pixels of the photograph, to parts of one; what
/// lies beyond it looks as its edge does).
template <typename From>
cv::Mat takenFrom(const cv::Mat& photograph, cv::Size size, const From& from) {
    cv::Mat places(size, CV_32FC2), taken;
    common::forEachIndex(size.height, [&](int y) {
        for (int x = 0; x < size.width; ++x) {
            const cv::Point2d at = from(cv::Point2d(x, y));
            places.at<cv::Vec2f>(y, x) = {float(at.x), float(at.y)};
        }
    });
    cv::remap(photograph, taken, places, cv::noArray(), cv::INTER_LINEAR, cv::BORDER_REPLICATE);
    return taken;
}

}  // namespace review

#pragma once

#include <opencv2/core.hpp>
#include <vector>

namespace subject {

/// A CIELAB picture (CV_32FC3) as CV_8UC3, for what of OpenCV takes bytes: of lightness a unit is two codes, of a and
/// b 1.6, which reach further.
inline cv::Mat bytesOfLab(const cv::Mat& lab) {
    std::vector<cv::Mat> channels;
    cv::split(lab, channels);
    channels[0].convertTo(channels[0], CV_8U, 2.0);
    for (std::size_t c = 1; c < 3; ++c) channels[c].convertTo(channels[c], CV_8U, 1.6, 128);
    cv::Mat bytes;
    cv::merge(channels, bytes);
    return bytes;
}

}  // namespace subject

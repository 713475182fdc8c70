#pragma once

#include <opencv2/imgproc.hpp>

namespace bench {

/// A picture of smooth colours with grain, as photographs have them (CV_8UC3).
inline cv::Mat photograph(int width, int height) {
    cv::Mat small(12, 16, CV_8UC3), picture, grain(height, width, CV_8UC3);
    cv::RNG random(7);
    random.fill(small, cv::RNG::UNIFORM, 0, 256);
    cv::resize(small, picture, {width, height}, 0, 0, cv::INTER_CUBIC);
    random.fill(grain, cv::RNG::UNIFORM, 0, 12);
    return picture + grain;
}

}  // namespace bench

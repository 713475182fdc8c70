#pragma once

#include <opencv2/core/mat.hpp>

namespace subject {

/// Calls at(pixel, step) for every two pixels of a label map (CV_32S) beside each other that have different labels; the
/// other is pixel + step.
template <typename At>
void alongBorders(const cv::Mat& map, const At& at) {
    for (int y = 0; y < map.rows; ++y)
        for (int x = 0; x < map.cols; ++x)
            for (const cv::Point step : {cv::Point(1, 0), cv::Point(0, 1)})
                if (x + step.x < map.cols && y + step.y < map.rows &&
                    map.at<int>(y, x) != map.at<int>(y + step.y, x + step.x))
                    at(cv::Point(x, y), step);
}

}  // namespace subject

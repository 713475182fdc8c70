#pragma once

#include <array>
#include <opencv2/core.hpp>
#include <vector>

namespace review {

using Quad = std::array<cv::Point2d, 4>;  // clockwise, in pixels

/// Everything in a picture (CV_32FC3, CIELAB) that has four straight sides and takes at least this share of it.
std::vector<Quad> quadsIn(const cv::Mat& lab, double leastShare);

}  // namespace review

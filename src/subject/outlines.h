#pragma once

#include <opencv2/core/mat.hpp>
#include <vector>

#include "subject/line.h"

namespace subject {

/// The closed outlines of the pixels of one label (CV_32S), outer ones only, as fractions of the frame, to half a
/// pixel; pieces under a thousandth of the picture are left out.
std::vector<Scribble> outlinesOf(const cv::Mat& map, int label);

}  // namespace subject

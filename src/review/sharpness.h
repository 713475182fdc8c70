#pragma once

#include <opencv2/core.hpp>

namespace review {

/// The share of its contrast that the sharpest borders of a picture still have in another one of it (both CV_32FC3, XYZ
/// relative to D50; `hidden` CV_8U is not looked at): 1 and more for as sharp, 0 for none. 1 where there are no borders
/// to tell by.
double sharpnessOf(const cv::Mat& seen, const cv::Mat& meant, const cv::Mat& hidden);

}  // namespace review

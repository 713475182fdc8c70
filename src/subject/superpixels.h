#pragma once

#include <opencv2/core/mat.hpp>

namespace subject {

/// About `count` superpixels of a CIELAB picture (CV_32FC3), labels from 0 (CV_32S): OpenCV ximgproc SLIC, R. Achanta
/// et al., 2012. The higher `ruler`, the rounder they are and the less they follow edges; in so many `rounds`.
cv::Mat superpixels(const cv::Mat& lab, int count, float ruler, int rounds);

/// How many labels from 0 there are in such a picture.
int labelCount(const cv::Mat& labels);

}  // namespace subject

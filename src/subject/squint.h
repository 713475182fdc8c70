#pragma once

#include <opencv2/core/mat.hpp>

namespace subject {

/// Half-closed eyes: smooths a CIELAB picture (CV_32FC3) but keeps its edges (guided filter; K. He, J. Sun, X. Tang,
/// 2010). `amount` 0 leaves it as it is, 1 leaves only the large masses.
cv::Mat squinted(const cv::Mat& lab, double amount);

/// Only the lightness of that (CV_32FC1), in half the time.
cv::Mat squintedLightness(const cv::Mat& lab, double amount);

/// The same on a picture to look at (CV_8UC3, R G B).
cv::Mat squintedPicture(const cv::Mat& rgb, double amount);

}  // namespace subject

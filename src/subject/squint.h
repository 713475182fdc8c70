#pragma once

#include <opencv2/core/mat.hpp>

namespace subject {

/// Half-closed eyes: smooths a CIELAB picture (CV_32FC3) but keeps its edges (guided filter; K. He, J. Sun, X. Tang,
/// 2010). `amount` 0 leaves it as it is, 1 leaves only the large masses.
cv::Mat squinted(const cv::Mat& lab, double amount);

}  // namespace subject

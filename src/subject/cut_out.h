#pragma once

#include <functional>
#include <opencv2/core/mat.hpp>

namespace subject {

/// Where (CV_8U) the subject inside a loose outline (CV_8U) of a CIELAB picture (CV_32FC3) is, by colour within against
/// colour without (OpenCV's GrabCut; C. Rother, V. Kolmogorov, A. Blake, 2004). What lies outside the outline surely is
/// not; of the outline, made smaller, surePart tells what surely is.
cv::Mat cutOutWithin(const cv::Mat& outline, const cv::Mat& lab,
                     const std::function<cv::Mat(const cv::Mat& outline)>& surePart);

}  // namespace subject

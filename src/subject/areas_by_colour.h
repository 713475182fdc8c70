#pragma once

#include <opencv2/core/mat.hpp>

namespace subject {

/// `wanted` regions (fewer, if the picture has fewer; labels, CV_32S) as studies of the first two versions have them,
/// so that what was named and corrected there stays where it was: superpixels of a squinted CIELAB picture (CV_32FC3)
/// joined two by two, the pair that costs least first. Hue and chroma count more than lightness.
cv::Mat regionsByColour(const cv::Mat& squintedLab, int wanted);

}  // namespace subject

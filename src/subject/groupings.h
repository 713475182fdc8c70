#pragma once

#include <opencv2/core/mat.hpp>
#include <string_view>
#include <vector>

namespace subject {

/// Ways to group a subject's values into masses.
enum class Grouping {
    nearest,    // least squared distance from the subject
    evenSteps,  // as far from each other on the ladder
    oneDark,    // all darks one shape, the steps spent on the lights
    oneLight,   // all lights one shape, the steps spent on the darks
};
inline constexpr int groupingCount = 4;

/// The Munsell values at which a squinted picture (CV_32FC3, CIELAB) parts into `levels` masses that way; rising, one
/// fewer than there are masses, and fewer where the picture has fewer values.
std::vector<double> thresholdsFor(Grouping grouping, const cv::Mat& squintedLab, int levels);

}  // namespace subject

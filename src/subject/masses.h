#pragma once

#include <opencv2/core/mat.hpp>
#include <vector>

#include "subject/levels.h"

namespace subject {

/// The picture's lights and darks as a few flat masses, darkest first.
struct Masses {
    cv::Mat map;                 // CV_32S, index of the mass
    std::vector<double> values;  // Munsell value of each
    std::vector<double> shares;  // of the picture's area, sum 1
    std::vector<double> upTo;    // lightness L* where each mass ends
};

/// Exact levels of lightness on a squinted CIELAB picture (CV_32FC3, or CV_32FC1 for its lightness alone), then without
/// small islands.
Masses valueMasses(const cv::Mat& squinted, int levels);

/// Masses that part at these Munsell values (rising). One that nothing falls into has the share 0 and stands in the
/// middle of its interval.
Masses massesParted(const cv::Mat& squinted, const std::vector<double>& thresholds);

/// The Munsell values at which masses part: one fewer than there are masses.
std::vector<double> thresholdsOf(const Masses& masses);

/// Levels of the lightness found in `lightness` (L*, any order), weighted by count, on a grid of 0.02 L*.
Levels lightnessLevels(const std::vector<float>& lightness, int k);

/// Munsell values below which a mass is dark, and above which it is light.
inline constexpr double darkBelow = 4, lightAbove = 7;

/// How the masses stand on the value ladder.
struct Contrast {
    double darkest = 0, lightest = 0;        // Munsell value
    double key = 0;                          // their middle
    double dark = 0, medium = 0, light = 0;  // share of each
};
Contrast contrastOf(const Masses& masses);

}  // namespace subject

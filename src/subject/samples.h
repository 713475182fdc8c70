#pragma once

#include <opencv2/core/mat.hpp>
#include <vector>

#include "colour/lab.h"

namespace subject {

/// A colour that stands for a part of an area.
struct ColourSample {
    colour::Lab colour;
    double weight = 0;  // that part, 0..1
};

/// At most `count` colours that stand for those of a picture (CV_32FC3, CIELAB) where `mask` (CV_8U) is set: seen at
/// the scale of a mark (a Gaussian of `sigma` pixels that does not look beyond the mask) and parted again and again
/// where they differ most (after X. Wu, Graphics Gems II, 1991). Weights add up to 1; empty for an empty mask.
std::vector<ColourSample> samplesOf(const cv::Mat& lab, const cv::Mat& mask, double sigma, int count);

/// A picture blurred inside a mask: what lies outside has no part in it, and gets what is nearest inside, 0 if that is
/// far.
cv::Mat blurredWithin(const cv::Mat& picture, const cv::Mat& mask, double sigma);

}  // namespace subject

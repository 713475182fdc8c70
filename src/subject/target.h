#pragma once

#include <opencv2/core/mat.hpp>

#include "colour/lab.h"

namespace subject {

/// A colour that is wanted, and what lies around it.
struct Target {
    colour::Lab colour, around;
};

/// Of a picture (CV_32FC3, CIELAB) where `mask` (CV_8U) is set, and in a band around it as broad as a fortieth of the
/// long side; means over the light. A mask without a pixel counts as the whole picture; without a band around, that is
/// as the colour.
Target targetIn(const cv::Mat& lab, const cv::Mat& mask);

/// At a place (fractions): what the eye joins there from the easel, a disc of a hundredth of the long side.
Target targetAt(const cv::Mat& lab, const cv::Point2d& place);

}  // namespace subject

#pragma once

#include <opencv2/core/mat.hpp>
#include <span>
#include <string>
#include <vector>

#include "common/result.h"
#include "subject/frame.h"

namespace subject {

/// A reference in all its pixels and at every halved size, to look into: what is shown costs as much as the screen has
/// pixels, however large the picture is.
class Pyramid {
 public:
    /// `bgr` as it was decoded, upright (CV_8UC3 or CV_16UC3), with its ICC profile, which may be empty.
    Pyramid(cv::Mat bgr, std::vector<std::uint8_t> iccProfile);

    /// A part (fractions of the frame) as an sRGB picture of this size (CV_8UC3, R G B), the grey made neutral.
    cv::Mat view(const Frame& frame, double format, const cv::Rect2d& part, const cv::Size& pixels) const;

 private:
    std::vector<cv::Mat> levels_;  // each half of the one before
    std::vector<std::uint8_t> iccProfile_;
};

/// Refuses what readPicture refuses.
common::Result<Pyramid> readPyramid(std::span<const std::uint8_t> bytes, const std::string& name);

}  // namespace subject

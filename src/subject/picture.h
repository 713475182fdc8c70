#pragma once

#include <opencv2/core/mat.hpp>
#include <span>
#include <string>

#include "common/result.h"

namespace subject {

/// Bounds on what is taken for a reference.
inline constexpr int leastSidePixels = 32;
inline constexpr double mostMegapixels = 200;

/// A reference as it is worked on: upright, colours measured, reduced so that its long side is at most the working
/// size.
struct Picture {
    cv::Mat xyz;            // CV_32FC3 relative to D50
    cv::Size sourcePixels;  // upright, before reduction
};

/// Reads PNG, JPEG, TIFF or WebP through its ICC profile and EXIF orientation. Refuses what is no picture, is cut off,
/// or has a side under leastSidePixels or more than mostMegapixels; `name` stands in the problem.
common::Result<Picture> readPicture(std::span<const std::uint8_t> bytes, const std::string& name,
                                    int workingLongSide = 1024);

}  // namespace subject

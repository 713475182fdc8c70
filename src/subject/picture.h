#pragma once

#include <cstdint>
#include <opencv2/core/mat.hpp>
#include <span>
#include <string>
#include <vector>

#include "common/result.h"

namespace subject {

/// Bounds on what is taken for a reference.
inline constexpr int leastSidePixels = 32;
inline constexpr double mostMegapixels = 200;
inline constexpr std::uintmax_t mostPictureBytes = 512'000'000;

/// A picture file's own pixels, upright (CV_8UC3 or CV_16UC3, B G R), and its ICC profile, which may be empty.
struct DecodedPicture {
    cv::Mat bgr;
    std::vector<std::uint8_t> iccProfile;
};

/// Decodes PNG, JPEG, TIFF or WebP. Refuses what is no picture, is cut off, moves, is meant for printing, has a damaged
/// profile, a side under leastSidePixels or more than mostMegapixels; `name` stands in the problem.
common::Result<DecodedPicture> decodePicture(std::span<const std::uint8_t> bytes, const std::string& name);

/// A reference as it is worked on: upright, colours measured, reduced so that its long side is at most the working
/// size.
struct Picture {
    cv::Mat xyz;            // CV_32FC3 relative to D50
    cv::Size sourcePixels;  // upright, before reduction
};

/// Reads PNG, JPEG, TIFF or WebP through its ICC profile and EXIF orientation. Refuses what decodePicture refuses, and
/// a profile that is for neither RGB nor grey.
common::Result<Picture> readPicture(std::span<const std::uint8_t> bytes, const std::string& name,
                                    int workingLongSide = 1024);
/// The same of a file; refuses also what common::readFile refuses.
common::Result<Picture> readPictureFile(const std::string& name, int workingLongSide);

}  // namespace subject

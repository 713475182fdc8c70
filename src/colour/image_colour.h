#pragma once

#include <cstdint>
#include <opencv2/core/mat.hpp>
#include <span>
#include <string>

#include "common/result.h"

namespace colour {

/// Takes a picture of 8 or 16 bits a component in OpenCV's order (CV_8UC3 or CV_16UC3, B G R; a grey picture has three
/// like components) through its ICC profile, relative colorimetric, to XYZ relative to D50 (CV_32FC3, Y = 1 for white).
/// No profile means sRGB; one that cannot be read is taken for none. Refuses (pictureColourSpace) a profile for
/// anything but RGB or grey; `name` stands in the problem.
common::Result<cv::Mat> xyzImage(const cv::Mat& bgr, std::span<const std::uint8_t> iccProfile, const std::string& name);

/// The same, reduced in one pass by a whole factor: each pixel is the mean light of `factor` x `factor` of the source;
/// what is left over on the right and below is let go.
common::Result<cv::Mat> xyzImageReduced(const cv::Mat& bgr, std::span<const std::uint8_t> iccProfile,
                                        const std::string& name, int factor);

/// The same to CIELAB, in one pass.
common::Result<cv::Mat> labImage(const cv::Mat& bgr, std::span<const std::uint8_t> iccProfile, const std::string& name);

/// CV_32FC3 to CIELAB, in place.
void toLab(cv::Mat& xyz);

/// CV_32FC3 to CV_8UC3 in the order R G B, clipped to the gamut.
cv::Mat srgb8ImageFromXyz(const cv::Mat& xyz);
cv::Mat srgb8ImageFromLab(const cv::Mat& lab);

/// And back, to XYZ relative to D50 and to CIELAB (CV_32FC3).
cv::Mat xyzOfSrgb8Image(const cv::Mat& rgb);
cv::Mat labOfSrgb8Image(const cv::Mat& rgb);

/// CV_32FC3 from XYZ relative to D50 to linear sRGB, and back; nothing is clipped.
cv::Mat linearSrgbOfXyz(const cv::Mat& xyz);
cv::Mat xyzOfLinearSrgb(const cv::Mat& linear);

}  // namespace colour

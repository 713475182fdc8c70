#pragma once

#include <opencv2/core/mat.hpp>

#include "colour/light.h"

namespace colour {

/// How a picture that was taken in daylight (CV_8UC3, R G B in sRGB) would look under another light, adapted to it:
/// each colour's reflectance is taken for the smoothest. Through a table of 17 levels a component, made at the first
/// use of a light; within 1.5 CIEDE2000 of labUnder.
cv::Mat pictureUnder(const cv::Mat& rgb, Light light);

}  // namespace colour

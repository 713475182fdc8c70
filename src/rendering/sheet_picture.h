#pragma once

#include <opencv2/core/mat.hpp>
#include <vector>

#include "materials/surface.h"
#include "pigment/patch.h"

namespace rendering {

/// Which cell of the paper's height distribution lies at each pixel (CV_8U, 0 peak .. cellCount - 1 valley), every cell
/// equally often. Depends on nothing but the arguments. `millimetresPerPixel` sets how fine the grain comes out.
cv::Mat grainMap(materials::Surface surface, cv::Size size, double millimetresPerPixel);

/// The sheet as predicted: at each pixel the colour of that passage's patch in that cell. `passageMap` is CV_32S (index
/// into `patches`), the result CV_8UC3 in the order R G B, as the eye adapted to the light sees it.
cv::Mat sheetPicture(const cv::Mat& passageMap, const std::vector<pigment::Patch>& patches, const cv::Mat& grain,
                     colour::Light light = colour::Light::daylight65);

}  // namespace rendering

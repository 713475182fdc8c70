#pragma once

#include <Eigen/Core>
#include <array>
#include <vector>

#include "pigment/through.h"
#include "rendering/sheet_picture.h"

namespace rendering {

/// Linear sRGB of every tone of a part in every cell.
struct PartLight {
    int strokes = 0;
    std::vector<std::array<std::array<float, 4>, pigment::cellCount>> tones;  // the fourth is not used
    std::vector<pigment::Through> through;  // of every tone; only where what lies beneath is off
};

/// As the eye adapted to the light sees it. Where it `isFlat` the first cell holds the mean of all.
PartLight lightOf(const LaidPart& part, colour::Light light, bool isFlat);

/// Linear light to eight bits of sRGB, by a table fine enough for the darks.
uchar encoded(float linear);
/// Of three at once; the fourth is not used.
cv::Vec3b encoded(const Eigen::Array4f& linear);

/// A picture (CV_8UC3) at half its size, each pixel with the mean light of four.
cv::Mat halved(const cv::Mat& picture);

}  // namespace rendering

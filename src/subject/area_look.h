#pragma once

#include <opencv2/core/mat.hpp>
#include <vector>

#include "subject/areas.h"

namespace subject {

/// What recognising looks at, of each pixel of a picture; the same for any areas of it.
struct Grain {
    cv::Mat across, down;  // CV_32F: steps of lightness to the right and downwards, L* a pixel, without sign
    cv::Mat texture;       // CV_32F: how far the lightness is from that of its surroundings, L*
};

/// Of a CIELAB picture (CV_32FC3).
Grain grainOf(const cv::Mat& lab);

/// What an area is like beside its colour.
struct AreaLook {
    double pixels = 0, across = 0, down = 0, texture = 0;
    double top = 0;      // share of the picture's upper edge that it holds
    double highest = 1;  // fraction of the height at which it begins
    double lowest = 0;   // and at which it ends
};

/// Of every area, by index.
std::vector<AreaLook> looksOf(const Areas& areas, const Grain& grain);

}  // namespace subject

#pragma once

#include <vector>

#include "subject/areas.h"
#include "subject/line.h"

namespace subject {

/// The dark, medium and light of an area as they really stand in the picture.
struct Triad {
    struct Swatch {
        colour::Lab colour;  // of one pixel: the one nearest to the median of its third
        Place place;
    };
    Swatch dark, medium, light;
    /// How much redder against blue what falls into the light is than what falls into the shadow, in stops: the ratios
    /// of X and of Z between the two do not depend on the surface. Above 0: warm light, cool shadow.
    double lightWarmer = 0;
};

/// Of each area; `lab` is the picture (CV_32FC3, CIELAB). Thirds are the exact levels of its lightness. Of a large
/// picture every other pixel is looked at.
std::vector<Triad> triadsOf(const Areas& areas, const cv::Mat& lab);

}  // namespace subject

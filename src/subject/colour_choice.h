#pragma once

#include <opencv2/core/mat.hpp>

#include "colour/lab.h"

namespace subject {

/// What the artist changes on purpose: the subject's colours as they are meant to stand on the sheet.
struct ColourChoice {
    double chroma = 1;    // times: pushed above 1, calmed below
    double contrast = 1;  // times, of lightness about its middle: opened above 1, closed below
    double lighter = 0;   // value steps (ten of L*)
    double warmer = 0;    // CIELAB units towards orange; below 0 towards blue
    bool operator==(const ColourChoice&) const = default;
};

/// A colour after the choice; `middle` is the lightness that contrast turns about.
colour::Lab chosen(const colour::Lab& lab, const ColourChoice& choice, double middle);

/// The same on a picture (CV_32FC3, CIELAB) in place, where `mask` is not 0 (empty: everywhere).
void choose(cv::Mat& lab, const ColourChoice& choice, double middle, const cv::Mat& mask = {});

/// Lifts the lightest twentieth of a picture (CV_32FC3, CIELAB) in place, the very lightest by `most` of L*, but not
/// beyond white, and what lies beneath not at all.
void strengthenLights(cv::Mat& lab, double most);

/// What sets an area back: softer in contrast, calmer, a little lighter and bluer with distance (common practice).
ColourChoice setBack(const ColourChoice& choice);

}  // namespace subject

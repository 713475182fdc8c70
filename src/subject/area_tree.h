#pragma once

#include <opencv2/core/mat.hpp>
#include <utility>
#include <vector>

#include "subject/joining.h"

namespace subject {

/// How a picture falls into areas: small pieces, and the order in which they join two by two until one is left. Cut
/// anywhere it gives that many regions; one more or one fewer parts or joins one.
struct AreaTree {
    cv::Mat pieces;  // CV_32S, each pixel's piece, from 0
    int count = 0;   // of the pieces
    std::vector<std::pair<int, int>>
        joins;  // the first joined the second, in this order; a piece stands for its region
};

/// The tree of a CIELAB picture (CV_32FC3). Pieces are superpixels of it with half-closed eyes; those least likely to
/// be two things join first (greedy agglomeration by a fitted likelihood, as J. Nunez-Iglesias et al., 2013, have it).
/// Light and shadow of one thing are told from two things by what light leaves as it is: hue and saturation, but for
/// the shift between the picture's light and its shadow, which is found first; and a pattern from its parts by what
/// lies round them.
AreaTree areaTreeOf(const cv::Mat& lab);

/// The picture in at most `wanted` regions: labels (CV_32S), each one of the pieces in it.
cv::Mat regionsAt(const AreaTree& tree, int wanted);

}  // namespace subject

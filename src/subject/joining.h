#pragma once

#include <functional>

#include "subject/regions.h"

namespace subject {

/// The superpixels (CV_32S, from 0) of a squinted CIELAB picture to which the odds were fitted.
cv::Mat piecesOf(const cv::Mat& squintedLab);

/// Joins two regions, or says false to it: then it is not asked for these again.
using Join = std::function<bool(int kept, int gone)>;

/// Joins regions two by two, those least likely to be two things first, as long as they touch, until few are left.
void joinPieces(Regions& regions, const Join& join);
/// Goes on until one is left; those too that do not touch, but are seen on both sides of what stands before them.
void joinAreas(Regions& regions, const Join& join);

}  // namespace subject

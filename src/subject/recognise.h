#pragma once

#include <opencv2/core/mat.hpp>
#include <vector>

#include "subject/areas.h"
#include "subject/faces.h"

namespace subject {

/// What recognising looks at, of each pixel of a picture; the same for any areas of it.
struct Grain {
    cv::Mat across, down;  // CV_32F: steps of lightness to the right and downwards, L* a pixel, without sign
    cv::Mat texture;       // CV_32F: how far the lightness is from that of its surroundings, L*
};

/// Of a CIELAB picture (CV_32FC3).
Grain grainOf(const cv::Mat& lab);

/// Says of areas in which plane they lie (depth.h), then what they plainly are, with kind, plane and pairs that follow
/// from it: faces and eyes where they were found; sky (above, smooth, blue or light grey), water below it (blue, with
/// level streaks) and foliage (green and broken up). What the picture is about are its faces, or else the area before
/// the background with the most contrast and sharpness, near and near the middle. Anything that is not plain is left as
/// it is.
void recognise(Areas& areas, const Grain& grain, const std::vector<Face>& faces);

}  // namespace subject

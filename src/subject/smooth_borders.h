#pragma once

#include <opencv2/core/mat.hpp>

namespace subject {

/// Labels (CV_32S) over a CIELAB picture (CV_32FC3), which may be larger, with their borders drawn anew: on the pixel
/// where the picture has an edge, and as smooth as a mark is broad where it has none. Each pixel near a border goes
/// where most of those lie that are near it and of its colour, a few times over (a mode filter whose votes are weighed
/// as in a bilateral one; C. Tomasi, R. Manduchi, 1998). A label may vanish.
cv::Mat withSmoothBorders(const cv::Mat& labels, const cv::Mat& lab);

}  // namespace subject

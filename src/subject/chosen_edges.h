#pragma once

#include <opencv2/core/mat.hpp>

#include "subject/edges.h"

namespace subject {

/// Brings a CIELAB picture (CV_32FC3) to show the border between two areas (indices into `map`) as the artist wants it,
/// where `edges` (see edgesOf) tells that it is otherwise: a hard one steps at the border, a soft one turns over a
/// mark's width, at a lost one both sides have the same colour. What is fine in the picture stays; what lies further
/// off is not touched.
void bringToEdge(cv::Mat& lab, const cv::Mat& map, const cv::Mat& edges, int one, int other, Edge edge);

}  // namespace subject

#pragma once

#include <opencv2/core/mat.hpp>

namespace subject {

/// Gives every connected piece of a label map (CV_32S, labels from 0) that has fewer than `leastPixels` to the
/// neighbouring label with which it shares the longest border. Where `within` (CV_32S, may be empty) is given, a piece
/// only goes to a neighbour that has the same number there.
cv::Mat withoutIslands(const cv::Mat& labels, int leastPixels, const cv::Mat& within = {});

}  // namespace subject

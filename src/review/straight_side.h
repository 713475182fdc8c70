#pragma once

#include <opencv2/core.hpp>
#include <vector>

namespace review {

/// A straight side that was found in a photograph.
struct StraightSide {
    cv::Vec3d line;        // homogeneous, in pixels
    double share = 0;      // of the places at which it was looked for that lie on it
    double steepness = 0;  // of the edge there, in CIELAB units a pixel
};

/// The side that runs about from one point to the other (pixels of a CV_32FC3 in CIELAB): a line through the steepest
/// change of colour across it, looked for within so many pixels. Share 0 where there is none.
StraightSide straightSide(const cv::Mat& lab, const cv::Point2d& from, const cv::Point2d& to, double within);

/// The spots of that change, which may lie beside a line where a lens bends it.
std::vector<cv::Point2d> sideSpots(const cv::Mat& lab, const cv::Point2d& from, const cv::Point2d& to, double within);

}  // namespace review

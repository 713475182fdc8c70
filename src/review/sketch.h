#pragma once

#include <opencv2/core.hpp>
#include <optional>
#include <string>
#include <vector>

#include "common/result.h"

namespace review {

/// A drawing on a sheet whose edges are the picture's, straight on and upright.
struct Sketch {
    cv::Mat picture;  // CV_8UC3, R G B
    cv::Mat ink;      // CV_8U, as large: 255 where a line or tone is drawn
};

/// Finds the sheet in a photograph (CV_32FC3, XYZ relative to D50): the largest thing with four straight sides that is
/// about `aspect` times as wide as high. Refuses workTooDark, sketchMissing and sketchEmpty, with `name` in the
/// problem.
common::Result<Sketch> readSketch(const cv::Mat& xyz, double aspect, const std::string& name);

/// How a shape lies in a sketch against where it is in the subject, once what all have in common is taken off.
struct DrawnShape {
    int area = 0;        // its label
    cv::Point2d aside;   // shares of the picture's width by which it lies to the right, and down
    double size = 1;     // as large as it should be, times
    double apart = 0;    // share of the width by which its outline lies beside its place in the mean
    cv::Point2d centre;  // of its outline in the subject, in fractions
};

/// What was drawn: the sketch all in all (as DrawnShape has it), and the shapes that are found in it; one that nobody
/// drew is left out.
struct DrawnShapes {
    cv::Point2d aside;
    double size = 1;
    std::vector<DrawnShape> shapes;
};

/// Lays the outlines of the areas (CV_32S, `count` labels from 0; what takes less than a fortieth of the picture is
/// left out) over the sketch: all together, then each where its lines come nearest (chamfer matching; H. G. Barrow and
/// others, IJCAI 1977), the least way off where several serve alike.
DrawnShapes drawnShapes(const Sketch& sketch, const cv::Mat& areas, int count);

/// The borders between areas, as they are laid over it: CV_8U, 255 on a border.
cv::Mat bordersOf(const cv::Mat& areas);

}  // namespace review

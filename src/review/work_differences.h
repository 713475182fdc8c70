#pragma once

#include <opencv2/core.hpp>
#include <optional>
#include <vector>

#include "colour/lab.h"

namespace review {

/// Work and what it was to be, as two pictures of one size (CV_32FC3, XYZ relative to D50: grain and noise are joined
/// as light); `hidden` (CV_8U) is where the work cannot be seen.

/// A place that is off.
struct WorkFault {
    cv::Point2d centre;     // pixels
    double radius = 0;      // pixels: of a circle as large
    colour::Lab off;        // by which the work is off there
    double difference = 0;  // CIEDE2000
};

/// Where the work is off by more than 3 (CIEDE2000) over a place of at least 8 mm across, or by more the smaller
/// it is, down to 4 mm, and the darker the photograph was (see FlatSheet::exposure); the worst first. Edges that lie
/// beside their place by up to a millimetre are no faults.
std::vector<WorkFault> faultsIn(const cv::Mat& work, const cv::Mat& meant, const cv::Mat& hidden,
                                double pixelsPerMillimetre, double exposure);

/// How far an area's shape lies beside its place.
struct WorkShift {
    cv::Point2d millimetres;  // to the right, and down
    double sureness = 0;      // 0..1: the part of what is wrong there that it explains
    double explains = 0;      // of that, squared CIELAB units times square millimetres
};

/// How far the shape in `mask` (CV_8U) lies beside its place, up to 16 mm; nullopt where it lies right, or nothing
/// tells.
std::optional<WorkShift> shiftOf(const cv::Mat& work, const cv::Mat& meant, const cv::Mat& hidden, const cv::Mat& mask,
                                 double pixelsPerMillimetre);

/// The shapes of some areas (CV_32S, their indices) that lie beside their places: what explains most first, and the
/// others only by what that leaves unexplained. `meant` is then as it was meant there.
struct ShiftedArea {
    int area = 0;
    WorkShift shift;
};
std::vector<ShiftedArea> shiftsIn(const cv::Mat& work, cv::Mat& meant, const cv::Mat& hidden, const cv::Mat& areas,
                                  int areaCount, double pixelsPerMillimetre);

/// A picture in which the shape in `mask` lies so many pixels beside its place; what it leaves bare is filled from what
/// lies round it there.
cv::Mat movedAside(const cv::Mat& picture, const cv::Mat& mask, const cv::Point2d& pixels);

}  // namespace review

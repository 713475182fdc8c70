#pragma once

#include <optional>
#include <vector>

#include "subject/areas.h"
#include "subject/line.h"

namespace subject {

/// How far a shape reaches, as fractions of the frame, and where it touches each side.
struct Extents {
    double left = 0, right = 0, top = 0, bottom = 0;
    Place leftmost, rightmost, highest, lowest;

    double width() const { return right - left; }
    double height() const { return bottom - top; }
};

/// Of each label (CV_32S, 0 to `count` - 1); one that is not there has no width.
std::vector<Extents> extentsOf(const cv::Mat& map, int count);

/// The line with each end moved along it to the hardest step of colour within `reach` pixels of the picture (CV_32FC3,
/// CIELAB), found between pixels; an end with no step near it stays.
Line caught(const cv::Mat& lab, const Line& line, double reach);

/// The straight border that runs along a line, at most `reach` pixels away from it: hardest steps across it, fitted
/// by the least absolute distance (OpenCV's fitLine, Huber); the ends stay abreast of where they were. The line itself
/// where nothing runs along it.
Line fitted(const cv::Mat& lab, const Line& line, double reach);

/// The height (fraction from the top) of a level border that runs through more than half of the frame's width.
std::optional<double> horizonOf(const Areas& areas);
/// Whether a horizon at this height cuts the picture into halves (common practice: keep it off the middle).
bool isMiddle(double height);

/// What stands plumb above or below a place, or level with it.
struct Alignment {
    enum class Side { left, right, top, bottom, centre };
    int area = 0;  // index
    Side side = Side::left;
    bool isPlumb = true;
    double off = 0;  // fraction of the frame's width or height
};

/// By how near they are; at most `tolerance` (a fraction) off.
std::vector<Alignment> alignmentsThrough(const Place& place, const std::vector<Extents>& extents, double tolerance);

}  // namespace subject

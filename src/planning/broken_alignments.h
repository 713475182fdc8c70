#pragma once

#include <opencv2/core/mat.hpp>
#include <vector>

#include "review/work_differences.h"
#include "subject/measures.h"

namespace planning {

/// What is plumb or level in the subject and is not in the work.
struct BrokenAlignment {
    enum class End { leftmost, rightmost, highest, lowest };
    int area = 0;  // that lies beside its place
    End end = End::highest;
    subject::Alignment with;  // of another area
    double millimetres = 0;   // by which it is off: to the right where it should be plumb, else down
};

/// Of each shape that lies beside its place the one alignment that is off the most, if any is by 3 mm or more: with
/// shapes that lie right rather than with those that do not. `areas` (CV_32S) holds the indices of `count` areas.
std::vector<BrokenAlignment> brokenAlignments(const std::vector<review::ShiftedArea>& shifts, const cv::Mat& areas,
                                              int count);

}  // namespace planning

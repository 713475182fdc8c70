#pragma once

#include <vector>

#include "subject/areas.h"

namespace subject {

/// Far things are softer, lower in contrast, lighter in their darks, bluer and greyer than near ones (common practice).
struct PlaneFault {
    enum class Kind { tooDark, tooSharp, tooWarm };
    int area = 0;  // index
    Kind kind = Kind::tooDark;
    /// By how much it is beyond the near areas: value steps of the darks; times the hardness of borders; CIELAB units.
    double by = 0;
    bool operator==(const PlaneFault&) const = default;
};

/// Background areas that do not keep to it against the foreground, by area; none where either plane is empty. `lab` is
/// the picture as it is to stand on the sheet (CV_32FC3, CIELAB).
std::vector<PlaneFault> planeFaults(const Areas& areas, const cv::Mat& lab);

}  // namespace subject

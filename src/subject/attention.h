#pragma once

#include <optional>

#include "subject/areas.h"
#include "subject/line.h"

namespace subject {

/// Where light and dark meet hardest, to be held against what the picture is about.
struct StrongestContrast {
    Place place;
    double steps = 0;      // of the value ladder, within a twentieth of the long side
    double atFocal = 0;    // the strongest that the focal areas and their borders have
    bool isFocal = false;  // lies in a focal area or at its border
};

/// On a squinted picture (CV_32FC3, CIELAB); nullopt where no area is focal.
std::optional<StrongestContrast> strongestContrast(const cv::Mat& squintedLab, const Areas& areas);

}  // namespace subject

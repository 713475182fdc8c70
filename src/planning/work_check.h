#pragma once

#include "planning/plan.h"
#include "planning/study.h"
#include "rendering/picture_difference.h"
#include "review/flat_sheet.h"
#include "review/work_differences.h"

namespace planning {

/// An area of the work beside what was meant and what is wanted: means over what can be seen of it, under daylight.
struct CheckedArea {
    int area = 0;  // index
    colour::Lab work, plan, subject;
    double toPlan = 0, toSubject = 0;  // CIEDE2000
};

/// What a photograph of the work tells, for the step reached.
struct WorkCheck {
    review::SheetPlace place;
    review::BalancedBy balancedBy = review::BalancedBy::tape;
    double error = 0;       // CIEDE2000 by which the photograph itself may be off all over
    double unevenness = 0;  // of its light
    std::vector<CheckedArea> areas;
    std::vector<review::WorkFault> faults;    // against the plan; millimetres
    std::vector<review::ShiftedArea> shifts;  // likewise
    /// As the eye sees it from the easel.
    rendering::DifferenceFigures toPlan, toSubject;
};

/// Finds the sheet in a photograph (CV_32FC3, XYZ relative to D50), takes the camera's light off it and compares it
/// with the plan after `steps` steps and with the subject. What tape or a bare margin cannot tell of the light's colour
/// (a few per cent) is told from the plan, and no more. Where the study has no border, common tape and bare paper are
/// both tried. Refuses what review::findSheet and review::flattened refuse.
common::Result<WorkCheck> checkWork(const Plan& plan, const Study& study, int steps, const cv::Mat& photograph,
                                    const std::optional<cv::Rect>& greyCard, const std::string& name);

/// Tape where nobody said how wide it is; common practice, no source.
inline constexpr double usualTapeMillimetres = 12;

}  // namespace planning

#pragma once

#include "planning/broken_alignments.h"
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

/// A place in an area that is off otherwise than the area as a whole.
struct CheckedPlace {
    int area = 0;             // index
    review::WorkFault fault;  // millimetres
    double share = 0;         // of the sheet
    colour::Lab work, plan;   // as those of its area
};

/// What a photograph of the work tells, for the step reached.
struct WorkCheck {
    review::SheetPlace place;
    cv::Mat sheet, hidden;  // flattened, as large as the plan's pictures: CV_32FC3, XYZ relative to D50, and CV_8U
    review::BalancedBy balancedBy = review::BalancedBy::tape;
    double error = 0;              // CIEDE2000 by which the photograph itself may be off all over
    double unevenness = 0;         // of its light
    double shadow = 0, gleam = 0;  // shares of the sheet that they hide
    cv::Mat behind;                // CV_8U, where they do
    double sharpness = 1;          // share of the contrast of sharp borders that is left
    std::vector<CheckedArea> areas;
    std::vector<review::WorkFault> faults;  // against the plan; millimetres
    /// Of these, in each area that lies in its place, the one that strikes the eye most, if it is off by clearly more
    /// than the area in the mean.
    std::vector<CheckedPlace> places;
    std::vector<review::ShiftedArea> shifts;  // likewise
    std::vector<BrokenAlignment> alignments;  // that hold in the subject
    /// As the eye sees it from the easel.
    rendering::DifferenceFigures toPlan, toSubject;
};

/// How a photograph of the work was taken.
struct WorkPhotograph {
    cv::Mat xyz;                                             // CV_32FC3, relative to D50
    std::optional<std::array<cv::Point2d, 4>> corners = {};  // of the picture, where the artist has set them
    std::string name;                                        // for problems
};

/// Finds the sheet in a photograph, takes the camera's light off it and compares it
/// with the plan when its steps `laid` are, and with the subject. The light is told from a grey card or a swatch card
/// that lies beside the sheet, else from tape or a bare margin; what these cannot tell of it (a few per cent) is told
/// from the plan, in so far as the hand is likelier to be as planned. Where the study has no border, common tape and
/// bare paper are both tried; by corners that are set, tape is. Refuses workBlurred and what review::findSheet and
/// review::flattened refuse.
common::Result<WorkCheck> checkWork(const Plan& plan, const Study& study, const std::vector<int>& laid,
                                    const WorkPhotograph& photograph);

/// Tape where nobody said how wide it is; common practice, no source.
inline constexpr double usualTapeMillimetres = 12;

}  // namespace planning

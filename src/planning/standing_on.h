#pragma once

#include <vector>

#include "planning/plan.h"
#include "planning/study.h"

namespace planning {

/// Has a stack's want begin on what lies there: layers of `sticks` with these pressure maps (CV_8U, as large as the
/// plan's), and where the sheet was seen to be off, as it is.
void standOn(matching::Want& want, const Plan& plan, const Study& study, int stack, const cv::Mat& wanted,
             const matching::Layers& laid, const std::vector<cv::Mat>& maps,
             const std::vector<matching::PreparedStick>& sticks);

/// What the work tells of the hand that laid these layers of a stack: nothing is known of it if it has laid none.
struct LaidStack {
    int stack = 0;
    matching::Layers layers;
    std::vector<cv::Mat> maps;
};
/// The hand (see pigment/hand.h) by which what was laid comes nearest to how the sheet was seen, `off` (CV_32FC3,
/// CIELAB) of what the plan's own hand would have made of it: as usual where little is laid, and never further from
/// that than the work speaks for.
pigment::HandSample handSeen(const Plan& plan, const std::vector<LaidStack>& laid, const cv::Mat& off);

}  // namespace planning

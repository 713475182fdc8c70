#pragma once

#include <optional>

#include "planning/plan.h"
#include "rendering/close_up.h"

namespace planning {

/// Which way the strokes of each stack run, in radians from rightwards to downwards: along the artist's arrow, level on
/// water, and else up to the right, as a right hand hatches, or up to the left.
std::vector<float> strokeDirections(const Plan& plan, const Study& study);

/// A part of the predicted sheet (fractions) close up, mark by mark, after any of the plan's steps. The plan must
/// outlive it.
class CloseView {
 public:
    CloseView(const Plan& plan, const Study& study, colour::Light light, const cv::Rect2d& part, cv::Size pixels);

    /// CV_8UC3, R G B. Another step than before paints only what it changes.
    cv::Mat after(int steps);

 private:
    const Plan& plan_;
    colour::Light light_;
    cv::Rect2d part_;
    bool isFine_;
    cv::Size pixels_;  // of `picture_`
    std::vector<float> directions_;
    double widthMillimetres_;
    int groundSteps_ = -1;  // that are done where `close_` was made
    std::optional<rendering::CloseUp> close_;
    std::vector<int> laid_;  // of each stack in `picture_`
    cv::Mat picture_;
};

}  // namespace planning

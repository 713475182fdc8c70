#pragma once

#include <optional>
#include <vector>

#include "planning/plan.h"

namespace planning {

/// The strokes of a stack's layers, or of the first `count` of them; their pressures are not set.
std::vector<pigment::Stroke> strokesOf(const Plan& plan, const PlannedStack& stack, int count = mostWithMends);

/// What a layer of the ground makes of a patch.
pigment::Patch laidOver(const pigment::Patch& under, const GroundLayer& layer);

/// How far the work has got: what each area's ground is, and how many layers of each stack are laid.
struct Progressed {
    std::vector<pigment::Patch> grounds;  // by stack
    std::vector<int> layers;              // by stack
};
/// When the first `steps` steps are done: 0 is the bare paper.
Progressed progressedTo(const Plan& plan, int steps);
/// When these are, by their numbers.
Progressed progressedTo(const Plan& plan, const std::vector<int>& laid);

/// The predicted sheet then (CV_8UC3, R G B) under a light, on the paper's grain.
cv::Mat pictureAfter(const Plan& plan, int steps, colour::Light light);
cv::Mat pictureAfter(const Plan& plan, const std::vector<int>& laid, colour::Light light);

/// The pressure map of a step (CV_8U, see rendering::mapStep): 0 where it lays nothing.
cv::Mat mapOf(const Plan& plan, const Step& step);

/// How far a sheet (CV_8UC3, R G B) is from the reference as it is wanted, as the eye sees both from the easel: the
/// picture difference (see rendering::differenceSeen). Both under the plan's light.
cv::Mat differenceMapOf(const Plan& plan, const cv::Mat& sheet);

/// What a layer of the ground looks like on the bare paper while it is wet, and dry.
struct GroundColours {
    colour::Srgb8 wet, dry;
};
GroundColours coloursOf(const Plan& plan, const GroundLayer& layer);

/// How many Munsell steps lighter a wash dries than it looks while it is wet; 0 for a step that lays nothing wet.
double stepsLighterWhenDry(const Plan& plan, const Step& step);

}  // namespace planning

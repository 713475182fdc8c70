#pragma once

#include <optional>
#include <vector>

#include "planning/plan.h"

namespace planning {

/// The stroke that a step lays on each of its passages; none for the drawing, whose lines the first layer covers.
std::optional<pigment::Stroke> strokeOf(const Plan& plan, const Step& step);

/// Every passage's patch when the first `steps` steps are done: 0 is the bare paper.
std::vector<pigment::Patch> patchesAfter(const Plan& plan, int steps);

/// The predicted sheet then (CV_8UC3, R G B) under a light, on the given grain (see rendering::grainMap).
cv::Mat pictureAfter(const Plan& plan, int steps, const cv::Mat& grain, colour::Light light);

/// The grain of the plan's paper at the size of its reading.
cv::Mat grainOf(const Plan& plan, double widthMillimetres);

/// How many Munsell steps lighter a wash dries than it looks while it is wet, on the first of its passages; 0 for a
/// step that lays nothing wet.
double stepsLighterWhenDry(const Plan& plan, const Step& step);

/// Mean CIEDE2000 of the picture to its targets then, weighted by area, under the study's light.
double meanDifferenceAfter(const Plan& plan, int steps);

}  // namespace planning

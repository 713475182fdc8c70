#pragma once

#include <limits>
#include <opencv2/core/mat.hpp>

#include "planning/plan.h"

namespace planning {

/// A stand-in for the hand that lays the plan: what is done of it goes wrong as it does at the easel, and comes out
/// alike as often as it is asked. For the demo and the tests.
struct SimulatedHand {
    double amount = 1;          // factor on what every stick lays
    double amountSpread = 0.1;  // by which one layer has more or less than another (standard deviation)
    double colourSpread = 2;    // CIELAB units by which each stick is off what is known of it, in each direction
    double unevenness = 0.2;    // pressures by which a layer is heavier here and lighter there (standard deviation)
    /// Share of the layers for which a stick beside the right one is taken, of those that are laid a step too heavy or
    /// too light all over, and of those that come beside their place.
    double mistaken = 0;
    int mistakenUpTo = std::numeric_limits<int>::max();  // step: what is laid later is laid with care
    unsigned seed = 1;
};

/// How heavy a hand falls out among many.
SimulatedHand handOf(unsigned seed);

/// The sheet (CV_8UC3, R G B) after the first `steps` steps of a plan have been laid so, under the plan's light. What a
/// photograph has shown of the plan's own sheet is not looked at.
cv::Mat laidByHand(const Plan& plan, int steps, const SimulatedHand& hand, double millimetresPerPixel);

}  // namespace planning

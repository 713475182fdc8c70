#pragma once

#include "planning/plan.h"

namespace planning {

/// The finished areas on which the heel of the hand would lie most while a step is laid: at most two, the worst first.
/// A hand that draws rests below its point and to its own side: 7 cm across and 6 cm down, some 4 cm broad (common
/// practice, no source).
std::vector<int> underTheHand(const Plan& plan, const Study& study, const Step& step);

}  // namespace planning

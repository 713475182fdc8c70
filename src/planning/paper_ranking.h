#pragma once

#include "planning/plan.h"

namespace planning {

/// The papers judged for what the plan's stacks are to look like under its light, best first, each with its reasons.
/// `layers` is how many a stack may have.
std::vector<RankedPaper> rankedPapers(const Plan& plan, const std::vector<materials::Paper>& papers,
                                      const std::vector<matching::PreparedStick>& sticks, int layers);

}  // namespace planning

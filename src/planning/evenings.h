#pragma once

#include <vector>

#include "planning/plan.h"

namespace planning {

/// After which steps the work may rest till another day, by their number (the first is of no step, and true): nothing
/// is wet when that step and its wait are over, and no area is laid and not yet blended.
std::vector<bool> safeStops(const Plan& plan, const Study& study);

/// The plan cut to the study's evenings at safe stops; empty where it is not cut. Where the artist has said so, one
/// ends there, if it is safe. Of the others as few run over their time as can be, by as little as can be, and they are
/// full alike but for the last.
std::vector<Evening> eveningsOf(const Plan& plan, const Study& study);

}  // namespace planning

#pragma once

#include <array>

#include "planning/plan.h"

namespace planning {

/// The dark, the medium and the light of a stack's own colour as sticks: of those that it is laid with, each the
/// nearest to the mean of a third of its samples, by lightness and weight. Indices into Plan::sticks; -1 where the
/// stack has none. Artists name their sticks so (common practice, no source).
std::array<int, 3> stickTriad(const Plan& plan, int stack);

}  // namespace planning

#pragma once

#include "planning/plan.h"

namespace planning {

/// Of each kind once, of the layer that is worst. What a layer changes and takes is the film's; what a sheet bears is
/// common practice, no source.
std::vector<GroundCaution> cautionsOf(const GroundProposal& ground, const materials::Paper& paper, Drying help);

}  // namespace planning

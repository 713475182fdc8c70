#pragma once

#include <optional>
#include <vector>

#include "planning/plan.h"

namespace planning {

/// What a ground aims at under each stack; nullopt where the paper is to stay bare.
using Aims = std::vector<std::optional<colour::Lab>>;

/// By the stacks' samples and the way to begin; common practice, no source. None for those that aim at no colour (bare
/// paper, ink).
Aims aimsOf(Ground strategy, const Plan& plan);

}  // namespace planning

#pragma once

#include "common/progress.h"
#include "common/result.h"
#include "planning/plan.h"

namespace planning {

/// Everything that follows from the study and the library: a pure function of both, the same bit for bit on any number
/// of threads. `kept` only saves time. Refuses an empty tray, an unknown paper, figures out of bounds and bad pictures;
/// gives the problem `cancelled` when stopped. `threads` 0 takes all cores.
common::Result<Plan> makePlan(const Study& study, const materials::Library& library, Kept& kept,
                              const common::Progress& progress = {}, int threads = 0);

}  // namespace planning

#pragma once

#include "common/progress.h"
#include "common/result.h"
#include "planning/plan.h"

namespace planning {

/// A first plan looks at fewer stacks and makes its pressure maps at half the size: there in a fraction of the time,
/// and soon replaced.
enum class Fineness { coarse, full };

/// Everything that follows from the study and the library: a pure function of these and the fineness, the same bit for
/// bit on any number of threads. `kept` only saves time. Refuses an empty tray, an unknown paper, figures out of bounds
/// and bad pictures; gives the problem `cancelled` when stopped. `threads` 0 takes all cores.
common::Result<Plan> makePlan(const Study& study, const materials::Library& library, Kept& kept,
                              const common::Progress& progress = {}, int threads = 0,
                              Fineness fineness = Fineness::full);

}  // namespace planning

#pragma once

#include "planning/comparison.h"

namespace planning {

/// Everything that follows from the study and the library: a pure function of these and the fineness, the same bit for
/// bit on any number of threads. `kept` only saves time. Refuses an empty tray, an unknown paper, figures out of bounds
/// and bad pictures; gives the problem `cancelled` when stopped. `threads` 0 takes all cores.
common::Result<Plan> makePlan(const Study& study, const materials::Library& library, Kept& kept,
                              const common::Progress& progress = {}, int threads = 0,
                              Fineness fineness = Fineness::full);

}  // namespace planning

#pragma once

#include "planning/planner.h"
#include "planning/record.h"

namespace planning {

/// What follows from a study, the library and what has been done: what is done is laid by the film as it was done and
/// never moved, steps keep their numbers, and what is left is planned from there. Where all went as planned it is the
/// plan without a record, bit for bit. Like makePlan it is a pure function, `kept` only saves time, and it refuses the
/// same.
common::Result<Plan> makePlan(const Study& study, const materials::Library& library, const Record& record, Kept& kept,
                              const common::Progress& progress = {}, int threads = 0);

/// What may not be chosen otherwise once a sheet is begun: the picture, its frame and areas, the paper and the ground.
bool isOfTheSheet(const Study& before, const Study& after);

}  // namespace planning

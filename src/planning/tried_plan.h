#pragma once

#include "planning/planner.h"

namespace planning {

/// What comes of a plan, in the figures that choices are told by.
struct PlanOutcome {
    double difference = 0;  // picture difference, in CIEDE2000
    int layers = 0, sticks = 0;
    double minutes = 0;
    bool operator==(const PlanOutcome&) const = default;
};
PlanOutcome outcomeOf(const Plan& plan);

/// What other choices, or other materials, would make of the plan's picture: planned whole, on the plan's paper, and on
/// its ground where the approach names none. `study` is the plan's own; only put in order anew where nothing else would
/// change. Refuses what makePlan refuses; gives the problem `cancelled` when stopped. `kept` only saves time.
common::Result<PlanOutcome> triedPlan(const Plan& plan, const Study& study, const Study& other,
                                      const materials::Library& library, Kept& kept,
                                      const common::Progress& progress = {});

}  // namespace planning

#pragma once

#include "planning/planner.h"

namespace planning {

/// What comes of an approach.
struct ApproachOutcome {
    double difference = 0;  // picture difference, in CIEDE2000
    int layers = 0, sticks = 0;
    double minutes = 0;
    bool operator==(const ApproachOutcome&) const = default;
};
ApproachOutcome outcomeOf(const Plan& plan);

/// What another approach would make of the plan's picture: planned whole, on the plan's paper, and on its ground where
/// the approach names none. Only put in order anew where nothing else would change. Refuses what makePlan refuses;
/// gives the problem `cancelled` when stopped. `kept` only saves time.
common::Result<ApproachOutcome> triedApproach(const Plan& plan, const Study& study, const Approach& approach,
                                              const materials::Library& library, Kept& kept,
                                              const common::Progress& progress = {});

}  // namespace planning

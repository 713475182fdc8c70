#pragma once

#include "planning/planner.h"
#include "planning/record.h"
#include "planning/rest_stacks.h"

namespace planning {

/// What follows from a study, the library and what has been done: what is done is laid by the film as it was done and
/// never moved, steps keep their numbers, and what is left is planned from there. Where all went as planned it is the
/// plan without a record, bit for bit. Like makePlan it is a pure function, `kept` only saves time, and it refuses the
/// same.
common::Result<Plan> makePlan(const Study& study, const materials::Library& library, const Record& record, Kept& kept,
                              const common::Progress& progress = {}, int threads = 0);

/// What would mend a sheet: the hand that has laid it, as it shows, and the ways to go on with each stack by that hand.
struct Mending {
    pigment::HandSample hand;
    std::vector<Ways> stacks;
};
/// Of a plan that was made from this study and library, once its steps `laid` lie there and look as a photograph shows
/// (see Entry). What the artist has set by hand is offered nothing but what works on what lies there. `kept` only saves
/// time; gives the problem `cancelled` when stopped.
common::Result<Mending> waysToMend(const Plan& plan, const Study& study, const materials::Library& library,
                                   const std::vector<int>& laid, const SharedBytes& sheet, Kept& kept,
                                   const common::Progress& progress = {}, int threads = 0);

}  // namespace planning

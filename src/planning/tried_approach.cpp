#include "planning/tried_approach.h"

#include "planning/order.h"

namespace planning {

ApproachOutcome outcomeOf(const Plan& plan) {
    ApproachOutcome outcome{plan.summary.picture.mean, 0, int(plan.sticks.size()), plan.summary.minutes};
    for (const PlannedStack& stack : plan.stacks) outcome.layers += int(stack.layers.size());
    return outcome;
}

common::Result<ApproachOutcome> triedApproach(const Plan& plan, const Study& study, const Approach& approach,
                                              const materials::Library& library, Kept& kept,
                                              const common::Progress& progress) {
    Study told = study;
    told.approach = approach;
    Approach inOrder = study.approach;
    inOrder.first = approach.first;
    inOrder.progression = approach.progression;
    if (inOrder == approach) {
        ApproachOutcome outcome = outcomeOf(plan);
        outcome.minutes = 0;
        for (const Step& step : orderedSteps(plan, told)) outcome.minutes += step.minutes + step.waitMinutes;
        return outcome;
    }
    told.paper = plan.paper.id;
    if (groundOf(approach) == Ground::proposed) told.approach.ground = plan.ground.strategy;
    const auto tried = makePlan(told, library, kept, progress);
    if (!tried) return tried.problem();
    return outcomeOf(*tried);
}

}  // namespace planning

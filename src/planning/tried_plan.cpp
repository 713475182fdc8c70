#include "planning/tried_plan.h"

#include "planning/order.h"
#include "planning/study_fields.h"

namespace planning {

namespace {

/// Whether two studies differ in nothing but what the order of steps follows from.
bool differInOrderOnly(const Study& study, const Study& other) {
    const Affects more = Affects::stacks | Affects::reading | Affects::frame | Affects::sheet;
    return differIn(study, other, Affects::steps) && !differIn(study, other, more);
}

}  // namespace

PlanOutcome outcomeOf(const Plan& plan) {
    PlanOutcome outcome{plan.summary.picture.mean, 0, int(plan.sticks.size()), plan.summary.minutes};
    for (const PlannedStack& stack : plan.stacks) outcome.layers += int(stack.layers.size());
    return outcome;
}

common::Result<PlanOutcome> triedPlan(const Plan& plan, const Study& study, const Study& other,
                                      const materials::Library& library, Kept& kept, const common::Progress& progress) {
    if (differInOrderOnly(study, other)) {
        PlanOutcome outcome = outcomeOf(plan);
        outcome.minutes = 0;
        for (const Step& step : orderedSteps(plan, other)) outcome.minutes += step.minutes + step.waitMinutes;
        return outcome;
    }
    Study told = other;
    told.paper = plan.paper.id;
    if (groundOf(told.approach) == Ground::proposed) told.approach.ground = plan.ground.strategy;
    const auto tried = makePlan(told, library, kept, progress);
    if (!tried) return tried.problem();
    return outcomeOf(*tried);
}

}  // namespace planning

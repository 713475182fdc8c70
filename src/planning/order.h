#pragma once

#include <vector>

#include "planning/plan.h"

namespace planning {

/// The steps of a plan whose stacks, ground and sticks are decided, in an order that keeps every rule of the approach
/// and picks up few sticks. Numbers, `after`, reasons, minutes and waits are filled in.
std::vector<Step> orderedSteps(const Plan& plan, const Study& study);

/// Changes of stick when going through the steps.
int stickChanges(const std::vector<Step>& steps);
/// The same in the plain order: the ground, then stage by stage, and in each the areas one by one as they are numbered.
int stickChangesPlain(const Plan& plan);

}  // namespace planning

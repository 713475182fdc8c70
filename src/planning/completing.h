#pragma once

#include "planning/comparison.h"

namespace planning {

/// Puts a plan's layers in order.
using Ordering = std::function<std::vector<Step>(const Plan&, const Study&)>;

/// All that follows once a plan's layers have their pressure maps: tones, steps, evenings, figures and notes.
/// `subject` is what the plan was begun from.
void complete(Plan& plan, const Study& study, const PlanSubject& subject, const Ordering& ordering);

}  // namespace planning

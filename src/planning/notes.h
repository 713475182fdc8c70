#pragma once

#include <vector>

#include "planning/plan.h"

namespace planning {

/// What the artist should know beside the steps: advice, cautions and safety, from a plan that is otherwise complete.
std::vector<Note> notesFor(const Plan& plan, const Study& study);

}  // namespace planning

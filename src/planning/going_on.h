#pragma once

#include "planning/begun_sheet.h"

namespace planning {

/// The plan that goes on with a begun sheet: what lies there is not moved, what was to follow is found anew where that
/// went otherwise.
Plan goneOn(BegunSheet&& begun);

/// The ways to go on with each stack; cut short when cancelled.
std::vector<Ways> waysOn(BegunSheet& begun, const common::Progress& progress);

}  // namespace planning

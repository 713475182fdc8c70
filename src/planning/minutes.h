#pragma once

#include "planning/plan.h"

namespace planning {

/// Minutes that a step takes, from the area that it really lays on the sheet, the stick and the manner; at least one.
/// Common practice, no source: a portrait takes days, an eye half an hour.
double minutesFor(const Step& step, const Plan& plan, const Study& study);

/// Minutes until the next dry layer may go over it; 0 for dry media.
double dryingMinutes(materials::Kind kind);

}  // namespace planning

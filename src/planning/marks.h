#pragma once

#include "planning/plan.h"

namespace planning {

/// The smallest mark, in millimetres on the sheet, that a kind can make in a manner. The first layer of a form goes on
/// with the broad side, later ones with the end or an edge. Common practice, no source.
double markMillimetres(materials::Kind kind, pigment::Manner manner, bool isFirst);

/// Marks are this much larger or smaller by the detail that is wanted.
double markFactor(Detail detail);

}  // namespace planning

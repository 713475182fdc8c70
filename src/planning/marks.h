#pragma once

#include "planning/plan.h"

namespace planning {

/// The smallest mark, in millimetres on the sheet, that a kind can make in a manner. The first layer of a form goes on
/// with the broad side, later ones with the end or an edge. Common practice, no source.
double markMillimetres(materials::Kind kind, pigment::Manner manner, bool isFirst);

/// What blends, or fixes, an area so many millimetres across: a sponge for skies, a shaper for the corner of an eye.
Tool toolFor(pigment::Manner manner, double acrossMillimetres);
/// The smallest mark, in millimetres on the sheet, of what works on pigment that lies there. Common practice, no
/// source.
double markMillimetres(Tool tool);

/// Marks are this much larger or smaller by the detail that is wanted.
double markFactor(Detail detail);

}  // namespace planning

#pragma once

#include "colour/lab.h"

namespace practice {

/// The lightness L* at which a colour, its a* and b* kept, looks as light on the one ground as `colour` does on the
/// other: CIECAM16 with the grounds' luminances as backgrounds, in a room as bright as a studio.
double looksAsLightOn(const colour::Lab& ground, const colour::Lab& colour, const colour::Lab& itsGround);

/// By how many Munsell value steps the ground makes a colour look lighter (below 0: darker) than a grey of the middle
/// (value 5) would.
double looksLighterBy(const colour::Lab& colour, const colour::Lab& ground);

}  // namespace practice

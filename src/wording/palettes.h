#pragma once

#include <QString>

#include "planning/limited_palettes.h"
#include "planning/plan.h"

namespace wording {

/// "Earths and one blue".
QString paletteWord(planning::KnownPalette palette);
/// "Earths".
QString familyWord(materials::ColourFamily family);

/// "Its dark: deep red, darkest; its medium: …; its light: …." Empty where a stack has no sticks.
QString triadSentence(const planning::Plan& plan, int stack);

}  // namespace wording

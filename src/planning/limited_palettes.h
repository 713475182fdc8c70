#pragma once

#include "planning/study.h"

namespace planning {

/// Limited palettes that artists work with (common practice, no source).
enum class KnownPalette { all, earthsAndOneBlue, earths, oneOfEachPrimary, greys };
inline constexpr int knownPaletteCount = 5;
std::vector<FamilyLimit> limitsOf(KnownPalette palette);

/// How many sticks of a family a palette may have; nullopt for as many as serve.
std::optional<int> mostOf(const std::vector<FamilyLimit>& limits, materials::ColourFamily family);
/// The same palette with another number of one family.
std::vector<FamilyLimit> limited(std::vector<FamilyLimit> limits, materials::ColourFamily family,
                                 std::optional<int> most);

}  // namespace planning

#pragma once

#include <array>
#include <optional>
#include <string_view>

#include "materials/material.h"

namespace materials {

/// What artists part a tray into.
enum class ColourFamily { greys, earths, yellows, reds, violets, blues, greens };
inline constexpr std::array allFamilies{ColourFamily::greys, ColourFamily::earths,  ColourFamily::yellows,
                                        ColourFamily::reds,  ColourFamily::violets, ColourFamily::blues,
                                        ColourFamily::greens};
std::string_view nameOf(ColourFamily family);
std::optional<ColourFamily> familyNamed(std::string_view name);

/// Earths are known by their pigments, the iron oxides (PBr6, PBr7, PR101, PR102, PY42, PY43, PG23; Colour Index
/// generic names, from memory), black and white in them aside; where no pigment is said, by a warm hue of little light
/// or chroma. All else goes by its look: black, white and greys together, oranges with the yellows.
ColourFamily familyOf(const Material& medium);

}  // namespace materials

#pragma once

#include <vector>

#include "colour/light.h"
#include "materials/material.h"
#include "pigment/stroke.h"

namespace matching {

/// The largest tray that a palette is chosen from.
inline constexpr int mostSticks = 4096;

/// A stick, pencil, pan or paint made ready for the search.
struct PreparedStick {
    materials::Kind kind;
    pigment::Pigment pigment;
    colour::Lab masstone;  // under the light that it was prepared for
};

/// All media of a library, in its order, as they look under a light; at most mostSticks of them.
std::vector<PreparedStick> prepared(const std::vector<materials::Material>& media, colour::Light light);

/// The `count` dry sticks whose masstone is nearest to the wanted colour (CIEDE2000), nearest first.
std::vector<int> nearestSticks(const colour::Lab& wanted, const std::vector<PreparedStick>& sticks, int count);

/// Whether the search may lay it in the dry layers; and all of which it may.
bool isDry(const PreparedStick& stick);
std::vector<int> drySticks(const std::vector<PreparedStick>& sticks);
/// A pencil or a hard stick.
bool isPoint(const PreparedStick& stick);
/// A black: dark and without hue. Straight into a colour it dirties it.
bool isBlack(const PreparedStick& stick);

}  // namespace matching

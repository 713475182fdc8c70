#pragma once

#include <bitset>
#include <vector>

#include "colour/lab.h"
#include "materials/material.h"
#include "pigment/stroke.h"

namespace matching {

/// The largest tray that a palette is chosen from.
inline constexpr int mostSticks = 4096;
using StickSet = std::bitset<mostSticks>;

/// A stick, pencil, pan or paint made ready for the search.
struct PreparedStick {
    materials::Kind kind;
    pigment::Pigment pigment;
    colour::Lab masstone;
};

/// All media of a library, in its order; at most mostSticks of them.
std::vector<PreparedStick> prepared(const std::vector<materials::Material>& media);

/// Whether the search may lay it in the dry layers.
bool isDry(const PreparedStick& stick);
/// A black: dark and without hue. Straight into a colour it dirties it.
bool isBlack(const PreparedStick& stick);

}  // namespace matching

#pragma once

#include <span>

#include "pigment/stroke.h"

namespace pigment {

/// Paints stirred into one: K and S added by amount (D. R. Duncan, Proc. Phys. Soc. 52, 1940). `parts` (each above 0)
/// go with `paints`, of which there is at least one; they tell of amounts of paint as it comes out of the tube or
/// bottle.
Pigment mixed(std::span<const Pigment> paints, std::span<const float> parts);

}  // namespace pigment

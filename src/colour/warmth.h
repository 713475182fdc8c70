#pragma once

#include <cmath>
#include <numbers>

#include "colour/lab.h"

namespace colour {

/// The warmest hue, in CIELAB degrees: orange, by common practice; its complement is the coolest.
inline constexpr double warmestHue = 55;

/// How warm a colour is: CIELAB units towards the warmest hue, below 0 towards the coolest.
inline double warmth(const Lab& lab) {
    constexpr double radians = warmestHue * std::numbers::pi / 180;
    return lab.a * std::cos(radians) + lab.b * std::sin(radians);
}

/// A colour made so much warmer (below 0: cooler), its lightness kept.
inline Lab warmed(const Lab& lab, double by) {
    constexpr double radians = warmestHue * std::numbers::pi / 180;
    return {lab.L, lab.a + by * std::cos(radians), lab.b + by * std::sin(radians)};
}

}  // namespace colour

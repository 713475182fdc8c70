#pragma once

#include <optional>
#include <vector>

#include "matching/tray.h"
#include "pigment/patch.h"

namespace matching {

/// A dry stick and its swatch, pressed in heavily on bare paper.
struct Extreme {
    int stick = 0;  // index into the sticks
    colour::Lab swatch;
};

/// The ends of a set. Two whites matter: one hard and brilliant for crisp lights, one chalky and soft for blending and
/// subdued lights. Common practice, no source.
struct Extremes {
    std::optional<Extreme> black;      // the near neutral dark with the darkest swatch
    std::optional<Extreme> brilliant;  // the near neutral light with the lightest swatch: the strong white
    std::optional<Extreme> chalky;     // of the other whites the one that is softest and most subdued together
};

/// `paper` is bare; a dark one tells whites apart best.
Extremes extremesOf(const std::vector<PreparedStick>& sticks, const pigment::Patch& paper, colour::Light light);

}  // namespace matching

#pragma once

#include <span>
#include <vector>

#include "pigment/patch.h"

namespace pigment {

/// The part of a small change of what lies beneath that is still seen over what was laid on it.
struct Through {
    float light = 1;      // of luminance
    float lightness = 1;  // of L*
};

/// The same for every tone of some strokes (see tones.h), where the change is in what lies there after the first
/// `from` of them.
std::vector<Through> throughTones(const Patch& ground, std::span<const Stroke> strokes, int from, colour::Light light);

}  // namespace pigment

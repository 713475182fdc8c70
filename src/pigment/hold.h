#pragma once

#include "pigment/patch.h"

namespace pigment {

/// How much of what a dry stroke offers stays where it is laid, 0..1 in the mean over what it touches.
struct Hold {
    double inTooth = 1;  // as far as the tooth has room
    double held = 1;     // and as a hard point holds on what lies loose
    bool operator==(const Hold&) const = default;
};

/// A stroke slides where less than this holds; common practice, no source.
inline constexpr double slidesBelow = 0.5;

/// Of a stroke over a patch; 1 for what lays nothing or is wet.
Hold holdOf(const Patch& patch, const Stroke& stroke);

}  // namespace pigment

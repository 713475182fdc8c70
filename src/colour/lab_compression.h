#pragma once

#include "common/vector_loop.h"

namespace colour {

/// The compression of CIELAB (CIE 15:2004) of a tristimulus value as a share of the white's, for vector loops.
[[gnu::always_inline]] inline float labCompressed(float t) {
    const float curved = common::cubeRoot(t);
    const float straight = 24389.0f / 27.0f / 116.0f * t + 16.0f / 116.0f;
    return t > 216.0f / 24389.0f ? curved : straight;
}

}  // namespace colour

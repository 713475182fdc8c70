#pragma once

#include <algorithm>
#include <cmath>

namespace pigment {

/// The share of an offered amount of dry pigment that sticks: the fuller the tooth, the less; and a hard point slides
/// on what lies loose. `slide` comes from the point's hardness (see offerOf).
inline float heldShare(float filled, float capacity, float loose, float slide) {
    return std::sqrt(std::max(0.0f, 1.0f - filled / capacity)) / (1.0f + slide * loose);
}

}  // namespace pigment

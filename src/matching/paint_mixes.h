#pragma once

#include <vector>

#include "matching/tray.h"

namespace matching {

/// Media stirred into one, by parts that can be measured with a brush. One medium alone is a mixture too.
struct PaintMix {
    std::vector<int> media;  // indices into the tray, at most mostMixed
    std::vector<int> parts;  // of each, the largest share first; no common divisor
    bool operator==(const PaintMix&) const = default;
};
inline constexpr int mostMixed = 3;

/// Every mixture of these media in parts of 1 to 3 (three of them: of 1 to 2), each medium alone first. Paints of
/// different kinds are not stirred together.
std::vector<PaintMix> paintMixesOf(const std::vector<int>& media, const std::vector<PreparedStick>& tray);

pigment::Pigment pigmentOf(const PaintMix& mixture, const std::vector<PreparedStick>& tray);

}  // namespace matching

#pragma once

#include <set>
#include <vector>

#include "matching/screen.h"

namespace matching {

/// By how much an area seems to gain (by the screen, in CIEDE2000) from each stick, as one more layer of its stack or
/// in the place of one, against the sticks `inside` that it may draw from anyway; by stick, 0 where it gains nothing.
/// `options` (rising) are tried; a stack has at most so many layers, and none is a tool.
std::vector<float> gainsFrom(const Screen& screen, const Stack& stack, const std::vector<int>& options,
                             const std::set<int>& inside, int mostLayers);

}  // namespace matching

#pragma once

#include "matching/stack.h"

namespace matching {

/// Puts tools between a stack's layers, one after the other as long as one betters it: a finger or stump that blends
/// what lies beneath, fixative that gives tooth back or darkens. What the rules do not have room for is not tried;
/// black is never blended. Nothing goes on beyond `mostLayers`, tools counted.
Stack withTools(Stack stack, const Want& want, const std::vector<PreparedStick>& sticks, const StackWeights& weights,
                std::size_t mostLayers);

}  // namespace matching

#pragma once

#include <optional>
#include <vector>

#include "common/progress.h"
#include "matching/stack_search.h"

namespace matching {

struct Palette {
    std::vector<int> sticks;    // indices, rising; only such as a stack uses
    std::vector<Stack> stacks;  // one for each want
    double cost = 0;            // see paletteCost
};

/// What a stick more costs the picture, in units of its CIEDE2000.
inline constexpr double usualStickPrice = 0.003;

/// The stacks' costs by importance, and the price of every stick that they draw from.
double paletteCost(const std::vector<Want>& wants, const std::vector<Stack>& stacks, double stickPrice);

/// Chooses stacks for all areas together that draw from at most `limit` sticks and cost least. Starts from the best
/// stack of each area alone, gives up the stick that is missed least (the others stand in for it) as long as there
/// are too many or it does not pay, searches every stack anew within what is left, and then exchanges sticks while that
/// pays. nullopt if cancelled. `limit` and the wants are at least 1.
std::optional<Palette> choosePalette(const std::vector<Want>& wants, const OptionBank& bank, int limit,
                                     const SearchWidth& width, const StackWeights& weights, double stickPrice,
                                     const common::Progress& progress);

}  // namespace matching

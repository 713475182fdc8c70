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

/// Sticks of which so many may be in a palette.
struct StickGroup {
    std::vector<int> sticks;  // indices, rising
    int most = 1;             // at least 1
};

/// What a palette is held to.
struct PaletteRules {
    int limit = 24;                // sticks at most, at least 1
    std::vector<int> pinned = {};  // indices of dry sticks that are in it whatever they gain; at most `limit` of them
    double stickPrice = 0;         // see usualStickPrice
    std::vector<StickGroup> groups = {};
};

/// By want: layers that are what they are, if they are said.
using SetLayers = std::vector<std::optional<Layers>>;

/// What a stick more costs the picture, in units of its CIEDE2000.
inline constexpr double usualStickPrice = 0.003;

/// The stacks' costs by importance, and the price of every stick that they draw from.
double paletteCost(const std::vector<Want>& wants, const std::vector<Stack>& stacks, double stickPrice);

/// Chooses stacks for all areas together that draw from at most so many sticks and cost least. Starts from the best
/// stack of each area alone, gives up the stick that is missed least (the others stand in for it) as long as there
/// are too many or it does not pay, searches every stack anew within what is left, and then exchanges sticks while that
/// pays. A pinned stick costs no price and is never given up; one that no area wants goes where it does least harm.
/// nullopt if cancelled. At least one want.
std::optional<Palette> choosePalette(const std::vector<Want>& wants, const OptionBank& bank, const PaletteRules& rules,
                                     const SearchWidth& width, const StackWeights& weights,
                                     const common::Progress& progress);

/// The same around layers that are set, from the palette that was chosen without any: the other areas take up the
/// sticks of what is set where that betters them, and give up what is too many. They are not searched anew, so that one
/// change does not bring others that it has no need of. Sticks of what is set count as pinned.
std::optional<Palette> paletteAround(const SetLayers& set, const Palette& chosen, const std::vector<Want>& wants,
                                     const OptionBank& bank, const PaletteRules& rules, const SearchWidth& width,
                                     const StackWeights& weights, const common::Progress& progress);

}  // namespace matching

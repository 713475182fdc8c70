#pragma once

#include "matching/screen.h"

namespace matching {

/// How wide the search looks.
struct SearchWidth {
    int layers = 4;      // at most
    int beam = 2;        // stacks that another layer is tried on
    int judged = 4;      // of what the screen puts first, how many get the whole film
    int shortlist = 96;  // options that still are tried from the third layer on
    int exchanges = 2;   // rounds of trying another option in each layer's place
    int kept = 8;        // stacks given back
    int swaps = 2;       // exchanges of palette sticks that are tried in a round
    int swapRounds = 1;  // as long as a round betters it
};

/// Without the options of sticks that are barred from an area.
std::vector<int> openTo(const Want& want, const OptionBank& bank, std::vector<int> options);

/// The best stacks for one area, best first: by cost and `stickPrice` (by stick, in units of the area's cost) of what
/// each draws from. `allowed` are options (rising). Starts from the ground; adds the layer that betters it most, tries
/// others in the place of each, and stops when a layer does not pay. Never empty: no layers at all is a stack too.
struct Found {
    std::vector<Stack> stacks;
    std::vector<int> promising;  // options (rising) that did best as a further layer
};
Found bestStacks(const Screen& screen, const std::vector<int>& allowed, const std::vector<float>& stickPrice,
                 const SearchWidth& width);

/// Exchanges single layers of a stack for allowed options as long as that betters it.
Stack exchanged(Stack stack, const Screen& screen, const std::vector<int>& allowed,
                const std::vector<float>& stickPrice, const SearchWidth& width);

/// A stack's cost with the prices of its sticks.
double pricedCost(const Stack& stack, const std::vector<float>& stickPrice);

}  // namespace matching

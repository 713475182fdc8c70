#pragma once

#include "matching/stack.h"

namespace matching {

/// What the layers that are left may draw from, and cost.
struct RestRules {
    std::vector<int> sticks;        // indices that may be laid
    std::vector<float> stickPrice;  // by stick, in units of the area's cost; empty: none has one
    int layers = 4;                 // of sticks, those that lie there counted; a correction may take more, at a price
    double oneMore = 0.4;           // price of each beyond these: it is for what went wrong, and not to better the plan
    int most = 6;                   // layers of all kinds at the very most
    int rounds = 3;                 // of changes, each the one that betters it most
};

/// Goes on with a stack of which the first layers lie there (want.laid, each sample telling how): of what is left,
/// sticks are exchanged, left out and put in as long as that betters it by the whole film's judgement. Sticks keep to
/// their order by rank; where tools are among them nothing is put in and none moves, but for lifting and fixing that
/// comes before them all.
Stack goneOnWith(const Layers& layers, const Want& want, const std::vector<PreparedStick>& sticks,
                 const RestRules& rules, const StackWeights& weights);

}  // namespace matching

#pragma once

#include <vector>

#include "matching/recipe.h"

namespace matching {

/// What could stand for a stick that is missing, laid as it would be: pressed in at medium pressure on bare paper.
struct Substitutes {
    colour::Lab wanted;         // the missing stick's own swatch
    Recipe nearest;             // the best other stick alone, laid the same way; no lays if there is none
    std::vector<Recipe> mixed;  // two strokes of other sticks, best first, at most `mixtures`
};

/// `missing` is an index into the sticks. `paper` is bare; only dry sticks are tried.
Substitutes substitutesFor(int missing, const std::vector<PreparedStick>& sticks, const pigment::Patch& paper,
                           int mixtures);

}  // namespace matching

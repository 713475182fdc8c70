#pragma once

#include <vector>

#include "matching/recipe.h"

namespace matching {

/// How wide the search looks.
struct SearchWidth {
    int strokes = 3;           // at most, over the ground
    int kept = 40;             // recipes given back
    int beam = 160;            // pairs that a third stroke is tried on
    int judgedPerDepth = 140;  // screened recipes that get the whole film
};

/// The best recipes for one passage from the sticks named by `allowed` (indices), best first; never two of the same
/// sticks in the same order. Screens all single strokes and pairs, and triples over the best pairs; judges the most
/// promising by the whole film. Empty only if no allowed stick is dry.
std::vector<Recipe> bestRecipes(const colour::Lab& target, const pigment::Patch& ground,
                                const std::vector<PreparedStick>& sticks, const std::vector<int>& allowed,
                                const SearchWidth& width, const RecipeWeights& weights);

/// The `count` dry sticks whose masstone is nearest to the target, nearest first.
std::vector<int> nearestSticks(const colour::Lab& target, const std::vector<PreparedStick>& sticks, int count);

/// CIEDE2000 from the target to the nearest masstone of a dry stick.
double nearestDifference(const colour::Lab& target, const std::vector<PreparedStick>& sticks);

}  // namespace matching

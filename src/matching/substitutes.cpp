#include "matching/substitutes.h"

#include <algorithm>
#include <limits>

#include "matching/search.h"

namespace matching {

Substitutes substitutesFor(int missing, const std::vector<PreparedStick>& sticks, const pigment::Patch& paper,
                           int mixtures) {
    constexpr auto manner = pigment::Manner::press;
    constexpr auto pressure = pigment::Pressure::medium;
    Substitutes substitutes;
    substitutes.wanted = pigment::labOf(laidOn(paper, {{missing, manner, pressure}}, sticks));
    std::vector<int> others;
    for (int i = 0; i < int(sticks.size()); ++i)
        if (i != missing && isDry(sticks[std::size_t(i)])) others.push_back(i);

    const RecipeWeights weights;
    double least = std::numeric_limits<double>::infinity();
    for (const int other : others) {
        Recipe alone = judged({{other, manner, pressure}}, paper, substitutes.wanted, sticks, weights);
        if (alone.difference >= least) continue;
        least = alone.difference;
        substitutes.nearest = std::move(alone);
    }
    SearchWidth width;
    width.strokes = 2;
    for (Recipe& recipe : bestRecipes(substitutes.wanted, paper, sticks, others, width, weights)) {
        if (int(substitutes.mixed.size()) == mixtures) break;
        if (recipe.lays.size() == 2 && recipe.difference < least) substitutes.mixed.push_back(std::move(recipe));
    }
    return substitutes;
}

}  // namespace matching

#include "matching/recipe.h"

#include <algorithm>
#include <cmath>

#include "colour/difference.h"
#include "pigment/hand.h"

namespace matching {

double strayCost(const colour::Lab& target, const colour::Lab& masstone, const RecipeWeights& weights) {
    return weights.stray * std::max(0.0, colour::differenceCie2000(target, masstone) - weights.strayBudget);
}

pigment::Patch laidOn(const pigment::Patch& ground, const std::vector<Lay>& lays,
                      const std::vector<PreparedStick>& sticks, float amountFactor, float coverageFactor) {
    pigment::Patch patch = ground;
    for (const Lay& lay : lays) {
        const pigment::Pigment* pigment = pigment::laysPigment(lay.manner) ? &sticks[lay.stick].pigment : nullptr;
        pigment::lay(patch, {pigment, lay.manner, lay.pressure, amountFactor, coverageFactor});
    }
    return patch;
}

Recipe judged(std::vector<Lay> lays, const pigment::Patch& ground, const colour::Lab& target,
              const std::vector<PreparedStick>& sticks, const RecipeWeights& weights) {
    Recipe recipe;
    recipe.lays = std::move(lays);
    const pigment::Patch patch = laidOn(ground, recipe.lays, sticks);
    recipe.predicted = pigment::labOf(patch, weights.light);
    recipe.difference = colour::differenceCie2000(target, recipe.predicted);
    recipe.toothUsed = pigment::toothUsed(patch);
    recipe.looseLoad = pigment::looseLoad(patch);
    recipe.speckle = pigment::speckle(patch);

    double sum = 0;
    const auto hands = pigment::handSamples(weights.handSpread);
    for (const auto& [amount, cover] : hands)
        sum += colour::differenceCie2000(
            target, pigment::labOf(laidOn(ground, recipe.lays, sticks, amount, cover), weights.light));
    recipe.unsteady = sum / double(hands.size());

    // Half at the nominal hand, half over its spread: a recipe that is right at one pressure only is a bad one.
    recipe.cost = 0.5 * recipe.difference + 0.5 * recipe.unsteady + weights.stroke * double(recipe.lays.size()) +
                  weights.toothOver * std::max(0.0, recipe.toothUsed - weights.toothBudget);
    recipe.cost += weights.speckle * std::max(0.0, recipe.speckle - weights.speckleBudget);
    for (std::size_t i = 0; i + 1 < recipe.lays.size(); ++i)
        recipe.cost += strayCost(target, sticks[recipe.lays[i].stick].masstone, weights);
    if (target.L > 22)
        for (const Lay& lay : recipe.lays)
            if (isBlack(sticks[lay.stick])) recipe.cost += weights.blackInColour;
    return recipe;
}

}  // namespace matching

#pragma once

#include <vector>

#include "colour/lab.h"
#include "matching/lay.h"
#include "matching/tray.h"
#include "pigment/hand.h"

namespace matching {

/// Strokes over a given ground, and what comes of them.
struct Recipe {
    std::vector<Lay> lays;
    colour::Lab predicted;
    double difference = 0;  // CIEDE2000 to the target at the nominal hand
    double unsteady = 0;    // mean of the same over the spread of the hand
    double toothUsed = 0;   // 0..1
    double looseLoad = 0;
    double speckle = 0;  // standard deviation of lightness L* over the grain
    double cost = 0;     // what the search minimises
};

/// What is weighed against the difference, in units of CIEDE2000.
struct RecipeWeights {
    double stroke = 0.10;    // for each stroke
    double toothOver = 6.0;  // for tooth beyond toothBudget, per unit
    double toothBudget = 0.80;
    double blackInColour = 2.0;  // a black stick in a passage that is not near black itself
    double handSpread = pigment::usualHandSpread;
    double speckle = 0.10;  // for each unit of L* by which the grain shows more than speckleBudget
    double speckleBudget = 4.0;
    double stray = 0.04;  // for each unit of CIEDE2000 by which an under-layer is further off than strayBudget
    double strayBudget = 14.0;
    colour::Light light = colour::Light::daylight65;  // that targets and predictions are seen under
};

/// What an under-layer costs for being far from where the passage is going: the hand and the eye lose their way.
double strayCost(const colour::Lab& target, const colour::Lab& masstone, const RecipeWeights& weights);

/// Lays the strokes on a copy of `ground` at the nominal hand, or one that is off by the given factors.
pigment::Patch laidOn(const pigment::Patch& ground, const std::vector<Lay>& lays,
                      const std::vector<PreparedStick>& sticks, float amountFactor = 1, float coverageFactor = 1);

/// Fills in everything but the lays, for a passage of colour `target`.
Recipe judged(std::vector<Lay> lays, const pigment::Patch& ground, const colour::Lab& target,
              const std::vector<PreparedStick>& sticks, const RecipeWeights& weights);

}  // namespace matching

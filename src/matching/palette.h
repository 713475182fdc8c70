#pragma once

#include <optional>
#include <vector>

#include "common/progress.h"
#include "matching/search.h"

namespace matching {

/// A passage as the palette sees it.
struct Demand {
    colour::Lab target;
    double share = 0;
    pigment::Patch ground;
};

struct Palette {
    std::vector<int> sticks;      // indices into the tray, rising; only such as a recipe uses
    std::vector<Recipe> recipes;  // one for each demand
};

/// Chooses at most `limit` dry sticks to serve the whole picture, and the best recipe of each passage within them: a
/// k-median problem with a recipe search inside. Starts from good recipes for each passage alone, gives up the
/// stick that is missed least until few enough are left, then searches anew within them and their nearest rivals, and
/// keeps what is better. nullopt if cancelled; `limit` and the demands are at least 1.
std::optional<Palette> choosePalette(const std::vector<Demand>& demands, const std::vector<PreparedStick>& sticks,
                                     int limit, int strokes, const RecipeWeights& weights,
                                     const common::Progress& progress);

}  // namespace matching

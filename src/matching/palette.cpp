#include "matching/palette.h"

#include <algorithm>
#include <atomic>
#include <limits>

#include "common/parallel.h"

namespace matching {

namespace {

/// A recipe that could serve a passage, reduced to what choosing needs.
struct Candidate {
    StickSet sticks;
    double cost;
};
using Pool = std::vector<std::vector<Candidate>>;  // for each demand, best first

/// Small accents matter more than their area.
double weightOf(const Demand& demand) {
    return demand.share + 0.002;
}

/// Cost of a passage that no recipe of the pool serves any more: worse than any recipe.
constexpr double unserved = 40.0;

void add(std::vector<Candidate>& pool, const std::vector<Recipe>& recipes) {
    for (const Recipe& recipe : recipes) {
        Candidate candidate{{}, recipe.cost};
        for (const Lay& lay : recipe.lays) candidate.sticks.set(lay.stick);
        pool.push_back(candidate);
    }
    std::ranges::stable_sort(pool, {}, &Candidate::cost);
}

double costWithin(const std::vector<Candidate>& pool, const StickSet& chosen) {
    for (const Candidate& candidate : pool)
        if ((candidate.sticks & ~chosen).none()) return candidate.cost;
    return unserved;
}

std::vector<int> indicesOf(const StickSet& set) {
    std::vector<int> indices;
    for (int i = 0; i < mostSticks; ++i)
        if (set[i]) indices.push_back(i);
    return indices;
}

/// Gives up one stick after the other, each time the one that is missed least.
StickSet reduced(StickSet chosen, const Pool& pool, const std::vector<Demand>& demands, int limit) {
    while (int(chosen.count()) > limit) {
        const std::vector<int> candidates = indicesOf(chosen);
        std::vector<double> costs(candidates.size());
        common::forEachIndex(int(candidates.size()), [&](int i) {
            StickSet without = chosen;
            without.reset(candidates[i]);
            double cost = 0;
            for (std::size_t p = 0; p < pool.size(); ++p) cost += weightOf(demands[p]) * costWithin(pool[p], without);
            costs[i] = cost;
        });
        const auto least = std::ranges::min_element(costs) - costs.begin();
        chosen.reset(candidates[least]);
    }
    return chosen;
}

double totalCost(const std::vector<Recipe>& recipes, const std::vector<Demand>& demands) {
    double cost = 0;
    for (std::size_t p = 0; p < recipes.size(); ++p) cost += weightOf(demands[p]) * recipes[p].cost;
    return cost;
}

}  // namespace

std::optional<Palette> choosePalette(const std::vector<Demand>& demands, const std::vector<PreparedStick>& sticks,
                                     int limit, int strokes, const RecipeWeights& weights,
                                     const common::Progress& progress) {
    const int count = static_cast<int>(demands.size());
    Pool pool(count);
    // Recipes for every passage from the sticks near it and the whole of `always`.
    const auto gather = [&](const StickSet& always, int nearest, int kept, const common::Progress& part) {
        std::atomic<int> done = 0;
        std::vector<std::vector<Recipe>> found(count);
        common::forEachIndex(count, [&](int p) {
            if (part.cancelled()) return;
            StickSet allowed = always;
            for (const int stick : nearestSticks(demands[p].target, sticks, nearest)) allowed.set(stick);
            SearchWidth width;
            width.strokes = strokes;
            width.kept = kept;
            found[p] = bestRecipes(demands[p].target, demands[p].ground, sticks, indicesOf(allowed), width, weights);
            part.at(double(++done) / count);
        });
        return found;
    };

    auto found = gather({}, 48, 200, progress.part(0.0, 0.4));
    if (progress.cancelled()) return std::nullopt;
    StickSet everything;
    for (int p = 0; p < count; ++p) {
        add(pool[p], found[p]);
        for (const Candidate& candidate : pool[p]) everything |= candidate.sticks;
    }

    Palette best;
    double bestCost = std::numeric_limits<double>::infinity();
    constexpr int rounds = 3;
    for (int round = 0; round < rounds; ++round) {
        const StickSet chosen = reduced(everything, pool, demands, limit);
        const auto part = progress.part(0.4 + 0.2 * round, 0.6 + 0.2 * round);
        const auto within = gather(chosen, 0, 40, part.part(0.0, 0.5));
        if (progress.cancelled()) return std::nullopt;
        std::vector<Recipe> recipes;
        for (int p = 0; p < count; ++p) {
            if (within[p].empty()) return Palette{};
            recipes.push_back(within[p].front());
        }
        const double cost = totalCost(recipes, demands);
        if (cost < bestCost) {
            bestCost = cost;
            best.recipes = recipes;
        }
        if (round + 1 == rounds) break;
        // The next round may exchange a chosen stick for a rival of it.
        const auto rivals = gather(chosen, 14, 80, part.part(0.5, 1.0));
        if (progress.cancelled()) return std::nullopt;
        for (int p = 0; p < count; ++p) {
            add(pool[p], within[p]);
            add(pool[p], rivals[p]);
        }
    }
    StickSet used;
    for (const Recipe& recipe : best.recipes)
        for (const Lay& lay : recipe.lays) used.set(lay.stick);
    best.sticks = indicesOf(used);
    return best;
}

}  // namespace matching

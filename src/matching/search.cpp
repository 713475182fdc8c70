#include "matching/search.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "colour/difference.h"
#include "matching/screen_bank.h"
#include "matching/target_distance.h"

namespace matching {

namespace {

using pigment::Manner;
using pigment::Pressure;

/// The ways in which each kind is commonly laid.
std::vector<Lay> laysOf(int stick, materials::Kind kind) {
    if (kind == materials::Kind::pencil)
        return {{stick, Manner::hatch, Pressure::light},
                {stick, Manner::hatch, Pressure::medium},
                {stick, Manner::hatch, Pressure::heavy},
                {stick, Manner::scumble, Pressure::light}};
    std::vector<Lay> lays{{stick, Manner::scumble, Pressure::light},
                          {stick, Manner::scumble, Pressure::medium},
                          {stick, Manner::scumble, Pressure::heavy},
                          {stick, Manner::press, Pressure::medium}};
    if (kind != materials::Kind::pan) lays.push_back({stick, Manner::hatch, Pressure::medium});
    return lays;
}

struct Option {
    Lay lay;
    double stray;  // cost as an under-layer
};

/// The screen's distance with what the judge will add for speckle and for under-layers that stray.
double screened(double squaredDistance, double speckle, double stray, const RecipeWeights& weights) {
    const double over = std::max(0.0, speckle - weights.speckleBudget);
    return std::sqrt(squaredDistance) + weights.speckle * over + stray;
}

struct Sequence {
    double distance;
    int first, second = -1, third = -1;

    auto operator<=>(const Sequence&) const = default;
};

void keepBest(std::vector<Sequence>& all, std::size_t count) {
    if (all.size() > count) {
        std::ranges::nth_element(all, all.begin() + std::ptrdiff_t(count));
        all.resize(count);
    }
    std::ranges::sort(all);
}

/// Collects sequences but never more than a few times `count`, so that millions can pass through.
class Funnel {
 public:
    explicit Funnel(std::size_t count) : count_(count) { held_.reserve(4 * count); }
    void offer(const Sequence& sequence) {
        if (sequence.distance >= limit_) return;
        held_.push_back(sequence);
        if (held_.size() < 4 * count_) return;
        keepBest(held_, count_);
        limit_ = held_.back().distance;
    }
    std::vector<Sequence> best() {
        keepBest(held_, count_);
        return held_;
    }

 private:
    std::size_t count_;
    double limit_ = 1e300;
    std::vector<Sequence> held_;
};

}  // namespace

std::vector<Recipe> bestRecipes(const colour::Lab& target, const pigment::Patch& ground,
                                const std::vector<PreparedStick>& sticks, const std::vector<int>& allowed,
                                const SearchWidth& width, const RecipeWeights& weights) {
    std::vector<Option> options;
    ScreenBank bank;
    for (const int stick : allowed) {
        if (!isDry(sticks[stick])) continue;
        if (target.L > 35 && isBlack(sticks[stick])) continue;
        for (const Lay& lay : laysOf(stick, sticks[stick].kind)) {
            options.push_back({lay, strayCost(target, sticks[stick].masstone, weights)});
            bank.add({&sticks[stick].pigment, lay.manner, lay.pressure}, *ground.surface);
        }
    }
    const TargetDistance distance(target);
    const int count = static_cast<int>(options.size());
    ScreenBank::Seen seen;
    // What one stroke more comes to, as the judge will see it; `seen` holds what all of them give.
    const auto seenAfter = [&](int option, double stray) {
        return screened(distance(seen[option]), seen.speckle[option], stray, weights);
    };

    const Thumbnail bare = thumbnailOf(ground);
    bank.over(bare, weights.light, seen);
    std::vector<Thumbnail> once;
    std::vector<Sequence> singles;
    for (int i = 0; i < count; ++i) {
        once.push_back(bank.laid(bare, i));
        singles.push_back({seenAfter(i, 0), i});
    }
    Funnel pairs(width.beam);
    if (width.strokes >= 2)
        for (int i = 0; i < count; ++i) {
            bank.over(once[i], weights.light, seen);
            for (int j = 0; j < count; ++j)
                if (options[i].lay.stick != options[j].lay.stick || i == j)
                    pairs.offer({seenAfter(j, options[i].stray), i, j});
        }
    const std::vector<Sequence> bestPairs = pairs.best();
    Funnel triples(width.judgedPerDepth);
    if (width.strokes >= 3)
        for (const Sequence& pair : bestPairs) {
            const double stray = options[pair.first].stray + options[pair.second].stray;
            bank.over(bank.laid(once[pair.first], pair.second), weights.light, seen);
            for (int k = 0; k < count; ++k) triples.offer({seenAfter(k, stray), pair.first, pair.second, k});
        }

    // The thumbnail is coarse: what it puts first is judged by the whole film.
    std::map<std::vector<int>, Recipe> bestBySticks;
    const auto judgeAll = [&](std::vector<Sequence> sequences) {
        keepBest(sequences, width.judgedPerDepth);
        for (const Sequence& sequence : sequences) {
            std::vector<Lay> lays;
            std::vector<int> used;
            for (const int option : {sequence.first, sequence.second, sequence.third})
                if (option >= 0) {
                    lays.push_back(options[option].lay);
                    used.push_back(options[option].lay.stick);
                }
            Recipe recipe = judged(std::move(lays), ground, target, sticks, weights);
            const auto [place, isNew] = bestBySticks.try_emplace(used, recipe);
            if (!isNew && recipe.cost < place->second.cost) place->second = std::move(recipe);
        }
    };
    judgeAll(singles);
    judgeAll(bestPairs);
    judgeAll(triples.best());

    std::vector<Recipe> recipes;
    for (auto& [used, recipe] : bestBySticks) recipes.push_back(std::move(recipe));
    std::ranges::stable_sort(recipes, {}, &Recipe::cost);
    if (recipes.size() > std::size_t(width.kept)) recipes.resize(width.kept);
    return recipes;
}

std::vector<int> nearestSticks(const colour::Lab& target, const std::vector<PreparedStick>& sticks, int count) {
    std::vector<std::pair<double, int>> order;
    for (std::size_t i = 0; i < sticks.size(); ++i)
        if (isDry(sticks[i])) order.push_back({colour::differenceCie2000(target, sticks[i].masstone), int(i)});
    std::ranges::sort(order);
    std::vector<int> nearest;
    for (const auto& [difference, stick] : order) {
        if (int(nearest.size()) == count) break;
        nearest.push_back(stick);
    }
    return nearest;
}

double nearestDifference(const colour::Lab& target, const std::vector<PreparedStick>& sticks) {
    const std::vector<int> nearest = nearestSticks(target, sticks, 1);
    return nearest.empty() ? 0.0 : colour::differenceCie2000(target, sticks[nearest[0]].masstone);
}

}  // namespace matching

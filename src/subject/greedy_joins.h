#pragma once

#include <algorithm>
#include <limits>
#include <map>
#include <set>
#include <utility>
#include <vector>

namespace subject {

/// Joins regions two by two, the pair of neighbours that costs least first, until `left` are left or none touch. A
/// region has `alive` and, by its neighbours' indices, `borders`; cost(one, other, border), the same from both sides,
/// is asked again only of what was joined; join(kept, gone) puts one region into the other, or does not and says false;
/// then their cost must have become infinite.
template <typename Region, typename Cost, typename Join>
void joinGreedily(std::vector<Region>& regions, int left, const Cost& cost, const Join& join) {
    std::vector<std::map<int, double>> costs(regions.size());      // of joining with each neighbour
    std::vector<std::pair<double, int>> cheapest(regions.size());  // of these
    std::set<std::pair<double, int>> queue;                        // the cheapest of each region, and the region
    const auto ask = [&](int one, int other, const auto& border) {
        costs[std::size_t(one)][other] = costs[std::size_t(other)][one] =
            cost(regions[std::size_t(one)], regions[std::size_t(other)], border);
    };
    const auto choose = [&](int i) {
        auto& best = cheapest[std::size_t(i)];
        queue.erase({best.first, i});
        best = {std::numeric_limits<double>::infinity(), -1};
        for (const auto& [other, price] : costs[std::size_t(i)]) best = std::min(best, {price, other});
        if (best.second >= 0) queue.emplace(best.first, i);
    };
    for (int i = 0; i < int(regions.size()); ++i) {
        const Region& region = regions[std::size_t(i)];
        if (!region.alive) continue;  // it still has the borders of when it was
        for (const auto& [other, border] : region.borders)
            if (other > i) ask(i, other, border);
    }
    for (int i = 0; i < int(regions.size()); ++i) choose(i);
    for (auto alive = std::ranges::count_if(regions, &Region::alive); alive > left && !queue.empty();) {
        const int first = queue.begin()->second;
        const auto [kept, gone] = std::minmax({first, cheapest[std::size_t(first)].second});
        if (join(kept, gone)) {
            --alive;
            for (const auto& [other, price] : costs[std::size_t(gone)]) costs[std::size_t(other)].erase(gone);
            costs[std::size_t(gone)].clear();
        }
        for (const auto& [other, border] : regions[std::size_t(kept)].borders) ask(kept, other, border);
        choose(gone);
        choose(kept);
        for (const auto& [other, border] : regions[std::size_t(kept)].borders) choose(other);
    }
}

}  // namespace subject

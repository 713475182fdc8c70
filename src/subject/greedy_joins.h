#pragma once

#include <algorithm>
#include <limits>
#include <utility>
#include <vector>

namespace subject {

/// Joins regions two by two, the pair of neighbours that costs least first, until `left` are left or none touch. A
/// region has `alive` and, by its neighbours' indices, `borders`; cost(one, other, border) is asked again only where a
/// join touched it; join(kept, gone) puts one region into the other, or does not and says false; then their cost must
/// have become infinite.
template <typename Region, typename Cost, typename Join>
void joinGreedily(std::vector<Region>& regions, int left, const Cost& cost, const Join& join) {
    std::vector<std::pair<double, int>> cheapest(regions.size());  // of each region's neighbours
    const auto refresh = [&](int i) {
        auto& best = cheapest[std::size_t(i)] = {std::numeric_limits<double>::infinity(), -1};
        const Region& region = regions[std::size_t(i)];
        if (!region.alive) return;
        for (const auto& [other, border] : region.borders)
            best = std::min(best, {cost(region, regions[std::size_t(other)], border), other});
    };
    for (int i = 0; i < int(regions.size()); ++i) refresh(i);
    for (auto alive = std::ranges::count_if(regions, &Region::alive); alive > left;) {
        const auto best = std::ranges::min_element(cheapest);
        if (best->second < 0) return;
        int kept = int(best - cheapest.begin()), gone = best->second;
        if (gone < kept) std::swap(kept, gone);
        if (join(kept, gone)) --alive;
        refresh(gone);
        refresh(kept);
        for (const auto& [other, border] : regions[std::size_t(kept)].borders) refresh(other);
    }
}

}  // namespace subject

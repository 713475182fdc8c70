#include "matching/paint_mixes.h"

#include <algorithm>
#include <array>
#include <numeric>

#include "pigment/mixture.h"

namespace matching {

namespace {

constexpr std::array<std::array<int, 2>, 5> pairParts{{{1, 1}, {2, 1}, {1, 2}, {3, 1}, {1, 3}}};
constexpr std::array<std::array<int, 3>, 4> tripleParts{{{1, 1, 1}, {2, 1, 1}, {1, 2, 1}, {1, 1, 2}}};

/// The largest share first; equal ones in the tray's order.
PaintMix mixOf(std::vector<int> media, std::vector<int> parts) {
    std::vector<std::size_t> order(media.size());
    std::iota(order.begin(), order.end(), std::size_t(0));
    std::ranges::stable_sort(order, std::greater{}, [&](std::size_t i) { return parts[i]; });
    PaintMix mixture;
    for (const std::size_t i : order) {
        mixture.media.push_back(media[i]);
        mixture.parts.push_back(parts[i]);
    }
    return mixture;
}

}  // namespace

std::vector<PaintMix> paintMixesOf(const std::vector<int>& media, const std::vector<PreparedStick>& tray) {
    const auto alike = [&](int one, int other) { return tray[std::size_t(one)].kind == tray[std::size_t(other)].kind; };
    std::vector<PaintMix> mixtures;
    for (const int medium : media) mixtures.push_back({{medium}, {1}});
    for (std::size_t i = 0; i < media.size(); ++i)
        for (std::size_t j = i + 1; j < media.size(); ++j) {
            if (!alike(media[i], media[j])) continue;
            for (const auto& parts : pairParts)
                mixtures.push_back(mixOf({media[i], media[j]}, {parts.begin(), parts.end()}));
            for (std::size_t k = j + 1; k < media.size(); ++k)
                if (alike(media[i], media[k]))
                    for (const auto& parts : tripleParts)
                        mixtures.push_back(mixOf({media[i], media[j], media[k]}, {parts.begin(), parts.end()}));
        }
    return mixtures;
}

pigment::Pigment pigmentOf(const PaintMix& mixture, const std::vector<PreparedStick>& tray) {
    std::vector<pigment::Pigment> paints;
    for (const int medium : mixture.media) paints.push_back(tray[std::size_t(medium)].pigment);
    return pigment::mixed(paints, std::vector<float>(mixture.parts.begin(), mixture.parts.end()));
}

}  // namespace matching

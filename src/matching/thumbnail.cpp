#include "matching/thumbnail.h"

#include <tuple>
#include <utility>

namespace matching {

namespace {

constexpr int perHeight = pigment::cellCount / thumbnailHeights;
constexpr int perBand = colour::bandCount / thumbnailBands;
static_assert(perHeight * thumbnailHeights == pigment::cellCount && perBand * thumbnailBands == colour::bandCount);

/// K and S of one wide band: the film that scatters as the narrow ones in the mean and whose masstone is the mean one.
template <typename Band>
std::pair<float, float> wideBand(const Band& absorb, const Band& scatter) {
    const auto ratio = absorb / scatter.max(1e-6f);
    const float masstone = (1.0f + ratio - (ratio * (ratio + 2.0f)).sqrt()).mean();
    const float s = scatter.mean();
    return {s * (1.0f - masstone) * (1.0f - masstone) / (2.0f * std::max(masstone, 1e-4f)), s};
}

}  // namespace

Thumbnail thumbnailOf(const pigment::Patch& patch) {
    Thumbnail small;
    for (int h = 0; h < thumbnailHeights; ++h) {
        const int cell = h * perHeight;
        for (int b = 0; b < thumbnailBands; ++b) {
            const auto meanOver = [&](const pigment::Patch::Spectra& spectra) {
                return spectra.block<perHeight, perBand>(cell, b * perBand).colwise().mean().eval();
            };
            small.seen[b][h] = meanOver(patch.seen).mean();
            std::tie(small.looseAbsorb[b][h], small.looseScatter[b][h]) =
                wideBand(meanOver(patch.looseAbsorb), meanOver(patch.looseScatter));
        }
        small.filled[h] = patch.filled.segment<perHeight>(cell).mean();
        small.capacity[h] = patch.capacity.segment<perHeight>(cell).mean();
        small.loose[h] = patch.loose.segment<perHeight>(cell).mean();
    }
    small.grip = patch.grip;
    return small;
}

ThumbnailPigment thumbnailOf(const pigment::Pigment& pigment) {
    ThumbnailPigment small;
    for (int b = 0; b < thumbnailBands; ++b)
        std::tie(small.absorb[b], small.scatter[b]) = wideBand(pigment.absorb.segment<perBand>(b * perBand).eval(),
                                                               pigment.scatter.segment<perBand>(b * perBand).eval());
    return small;
}

const ThumbnailWeights& thumbnailWeights(colour::Light light) {
    static const auto all = [] {
        std::array<ThumbnailWeights, colour::lightCount> weights{};
        for (int i = 0; i < colour::lightCount; ++i)
            for (int c = 0; c < 3; ++c)
                for (int band = 0; band < colour::bandCount; ++band)
                    weights[std::size_t(i)][std::size_t(c)][std::size_t(band / perBand)] +=
                        colour::xyzWeights(colour::Light(i))[std::size_t(c)][std::size_t(band)];
        return weights;
    }();
    return all[static_cast<std::size_t>(light)];
}

}  // namespace matching

#pragma once

#include "colour/reflectance.h"
#include "pigment/patch.h"

namespace matching {

/// A patch in the small: four heights instead of sixteen, twelve bands instead of thirty-six. The film on it goes by
/// the same rules. Over random strokes of random sticks it is in the mean 0.6, 1.0 and 1.5 CIEDE2000 off after one, two
/// and three of them (tests/matching).
inline constexpr int thumbnailHeights = 4;
inline constexpr int thumbnailBands = 12;

struct Thumbnail {
    float seen[thumbnailBands][thumbnailHeights];  // reflectance from above
    float looseAbsorb[thumbnailBands][thumbnailHeights], looseScatter[thumbnailBands][thumbnailHeights];
    float filled[thumbnailHeights], capacity[thumbnailHeights], loose[thumbnailHeights];
    float grip;
};

Thumbnail thumbnailOf(const pigment::Patch& patch);

/// K and S of a pigment in the bands of a thumbnail, each the film whose masstone is the mean one.
struct ThumbnailPigment {
    float absorb[thumbnailBands], scatter[thumbnailBands];
};
ThumbnailPigment thumbnailOf(const pigment::Pigment& pigment);

/// What each band of a thumbnail adds to X, Y and Z (see colour::xyzWeights).
using ThumbnailWeights = std::array<std::array<float, thumbnailBands>, 3>;
const ThumbnailWeights& thumbnailWeights(colour::Light light);

}  // namespace matching

#pragma once

#include <array>
#include <vector>

#include "matching/thumbnail.h"

namespace matching {

/// The film on sixteen thumbnails at once, one in each lane: cheap, and near enough to choose what is worth the whole
/// film. These are the hot loops of the search.
inline constexpr int lanes = 16;

/// A stroke on a thumbnail.
struct ThumbnailStroke {
    std::array<float, thumbnailBands> absorb, scatter;
    std::array<float, thumbnailHeights> covered;
    float amount, slide, stirred, looseShare;
    float taken;  // tooth that a full layer takes
};
/// The stroke's pigment is dry.
ThumbnailStroke thumbnailOf(const pigment::Stroke& stroke, const materials::SurfaceProfile& surface);

struct LaneStrokes {
    alignas(64) float absorb[thumbnailBands][lanes], scatter[thumbnailBands][lanes];
    alignas(64) float covered[thumbnailHeights][lanes];
    alignas(64) float amount[lanes], slide[lanes], stirred[lanes], looseShare[lanes], taken[lanes];

    void set(int lane, const ThumbnailStroke& stroke);
    /// The same in every lane.
    explicit LaneStrokes(const ThumbnailStroke& stroke);
    LaneStrokes() = default;
};

struct LaneThumbnails {
    alignas(64) float seen[thumbnailBands][thumbnailHeights][lanes];
    alignas(64) float looseAbsorb[thumbnailBands][thumbnailHeights][lanes];
    alignas(64) float looseScatter[thumbnailBands][thumbnailHeights][lanes];
    alignas(64) float filled[thumbnailHeights][lanes], capacity[thumbnailHeights][lanes],
        loose[thumbnailHeights][lanes];
    alignas(64) float grip[lanes];

    explicit LaneThumbnails(const Thumbnail& thumbnail);
    LaneThumbnails() = default;
    Thumbnail in(int lane) const;
};

/// What the lanes look like: CIELAB, standard deviation of L* over the heights, share of the tooth used.
struct LaneColours {
    alignas(64) float L[lanes], a[lanes], b[lanes], speckle[lanes], tooth[lanes];
    colour::Lab operator[](int lane) const { return {L[lane], a[lane], b[lane]}; }
};

/// Wanted colours as the screen weighs them (see TargetDistance).
struct SampleTable {
    struct Row {
        float L, a, b;
        float radialA, radialB, tangentA, tangentB;
    };
    std::vector<Row> rows;
    std::vector<float> weight;
    int size() const { return int(rows.size()); }
};

/// For each sample the least squared cost in each lane, row by row.
using Nearest = std::vector<std::array<float, lanes>>;

void layLanes(const LaneThumbnails& under, const LaneStrokes& strokes, LaneThumbnails& after);
void lookAt(const LaneThumbnails& thumbnails, const ThumbnailWeights& weights, LaneColours& seen);
/// Lowers `nearest` to each sample's squared distance from the colours plus `fault` of the lane, where that is less.
void takeNearest(const LaneColours& seen, const std::array<float, lanes>& fault, const SampleTable& samples,
                 Nearest& nearest);

}  // namespace matching

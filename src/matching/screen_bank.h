#pragma once

#include <vector>

#include "matching/thumbnail.h"

namespace matching {

/// Many strokes tried on one thumbnail at once, sixteen to a block, each in a lane of its own: cheap, and near enough
/// to choose what is worth the whole film.
class ScreenBank {
 public:
    /// The stroke's pigment is dry.
    void add(const pigment::Stroke& stroke, const materials::SurfaceProfile& surface);
    int size() const { return int(strokes_.size()); }

    /// What each stroke gives, in the order in which they were added: CIELAB, and the standard deviation of L* over the
    /// heights. Kept by the caller so that nothing is allocated while searching.
    struct Seen {
        std::vector<float> L, a, b, speckle;
        colour::Lab operator[](int i) const { return {L[i], a[i], b[i]}; }
    };
    void over(const Thumbnail& under, colour::Light light, Seen& seen) const;

    /// The thumbnail when one of the strokes is laid.
    Thumbnail laid(const Thumbnail& under, int stroke) const;

 private:
    static constexpr int lanes = 16;
    struct Block {
        alignas(64) float absorb[thumbnailBands][lanes], scatter[thumbnailBands][lanes];
        alignas(64) float covered[thumbnailHeights][lanes];
        alignas(64) float amount[lanes], slide[lanes], stirred[lanes];
    };
    struct Tooth {
        float taken, looseShare;  // by a full layer
    };
    struct Out {
        float *L, *a, *b, *speckle;
    };
    static void blockOver(const Block& block, const Thumbnail& under, const ThumbnailWeights& weights, const Out& out);

    std::vector<Block> blocks_;
    std::vector<Tooth> strokes_;
};

}  // namespace matching

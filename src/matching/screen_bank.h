#pragma once

#include <vector>

#include "colour/reflectance.h"
#include "matching/screening.h"

namespace matching {

/// Many screens over one reflectance at once, sixteen to a block, each in a lane of its own.
class ScreenBank {
 public:
    void add(const Screen& screen);

    /// What each screen gives over the same ground, in the order in which they were added. CIELAB, a number a screen;
    /// kept by the caller so that nothing is allocated while searching.
    struct Labs {
        std::vector<float> L, a, b;
        colour::Lab operator[](int i) const { return {L[i], a[i], b[i]}; }
    };
    void over(const colour::Spectrum& reflectance, colour::Light light, Labs& labs) const;

 private:
    static constexpr int lanes = 16;
    struct Block {
        alignas(64) float top0[colour::bandCount][lanes], top1[colour::bandCount][lanes];
        alignas(64) float bottom[colour::bandCount][lanes];
        alignas(64) float covered[lanes];
    };
    static void blockOver(const Block& block, const colour::Spectrum& reflectance, const colour::XyzWeights& weights,
                          float* L, float* a, float* b);

    std::vector<Block> blocks_;
    int size_ = 0;
};

}  // namespace matching

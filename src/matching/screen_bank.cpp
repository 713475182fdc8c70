#include "matching/screen_bank.h"

#include "colour/lab_compression.h"
#include "common/vector_loop.h"

namespace matching {

void ScreenBank::add(const Screen& screen) {
    const int lane = size_ % lanes;
    if (lane == 0) {
        blocks_.emplace_back();
        // Lanes not yet taken stand for a film of nothing.
        for (auto& band : blocks_.back().bottom) std::fill(std::begin(band), std::end(band), 1.0f);
    }
    Block& block = blocks_.back();
    for (int band = 0; band < colour::bandCount; ++band) {
        block.top0[band][lane] = screen.top0_[band];
        block.top1[band][lane] = screen.top1_[band];
        block.bottom[band][lane] = screen.bottom_[band];
    }
    block.covered[lane] = screen.covered_;
    ++size_;
}

void ScreenBank::over(const colour::Spectrum& reflectance, colour::Light light, Labs& labs) const {
    const colour::XyzWeights& weights = colour::xyzWeights(light);
    for (auto* channel : {&labs.L, &labs.a, &labs.b}) channel->resize(blocks_.size() * lanes);
    for (std::size_t i = 0; i < blocks_.size(); ++i)
        blockOver(blocks_[i], reflectance, weights, &labs.L[i * lanes], &labs.a[i * lanes], &labs.b[i * lanes]);
}

VECTOR_LOOP void ScreenBank::blockOver(const Block& block, const colour::Spectrum& reflectance,
                                       const colour::XyzWeights& weights, float* L, float* a, float* b) {
    alignas(64) float x[lanes] = {}, y[lanes] = {}, z[lanes] = {};
    float bareX = 0, bareY = 0, bareZ = 0;
    for (int band = 0; band < colour::bandCount; ++band) {
        const float r = reflectance[band];
        const float wx = weights[0][band], wy = weights[1][band], wz = weights[2][band];
        bareX += wx * r;
        bareY += wy * r;
        bareZ += wz * r;
#pragma omp simd
        for (int i = 0; i < lanes; ++i) {
            const float film =
                (block.top0[band][i] + block.top1[band][i] * r) / (block.bottom[band][i] - block.top0[band][i] * r);
            x[i] += wx * film;
            y[i] += wy * film;
            z[i] += wz * film;
        }
    }
#pragma omp simd
    for (int i = 0; i < lanes; ++i) {
        const float covered = block.covered[i];
        const float fx = colour::labCompressed((bareX + covered * (x[i] - bareX)) * float(1.0 / colour::whiteD50.x));
        const float fy = colour::labCompressed(bareY + covered * (y[i] - bareY));
        const float fz = colour::labCompressed((bareZ + covered * (z[i] - bareZ)) * float(1.0 / colour::whiteD50.z));
        L[i] = 116.0f * fy - 16.0f;
        a[i] = 500.0f * (fx - fy);
        b[i] = 200.0f * (fy - fz);
    }
}

}  // namespace matching

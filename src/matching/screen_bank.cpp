#include "matching/screen_bank.h"

#include "colour/lab_compression.h"
#include "common/vector_loop.h"
#include "pigment/tooth.h"

namespace matching {

namespace {

/// A new film over what is seen, a share of the loose load taken up into it.
[[gnu::always_inline]] inline float stirredFilm(float absorb, float scatter, float stirred, const Thumbnail& under,
                                                int band, int height) {
    const float k = absorb + stirred * under.looseAbsorb[band][height];
    const float s = scatter + stirred * under.looseScatter[band][height];
    return pigment::filmOver(k, s, pigment::filmRoot(k, s), under.seen[band][height]);
}

}  // namespace

void ScreenBank::add(const pigment::Stroke& stroke, const materials::SurfaceProfile& surface) {
    const int lane = size() % lanes;
    if (lane == 0) blocks_.emplace_back();  // lanes not yet taken cover nothing
    Block& block = blocks_.back();
    const ThumbnailPigment pigment = thumbnailOf(*stroke.pigment);
    for (int b = 0; b < thumbnailBands; ++b) {
        block.absorb[b][lane] = pigment.absorb[b];
        block.scatter[b][lane] = pigment.scatter[b];
    }
    const pigment::Patch::Cells covered = pigment::coverages(stroke, surface);
    constexpr int perHeight = pigment::cellCount / thumbnailHeights;
    for (int h = 0; h < thumbnailHeights; ++h)
        block.covered[h][lane] = covered.segment<perHeight>(h * perHeight).mean();
    const pigment::Offer offer = pigment::offerOf(stroke);
    block.amount[lane] = offer.amount;
    block.slide[lane] = offer.slide;
    block.stirred[lane] = offer.stirred;
    strokes_.push_back({stroke.pigment->amount, offer.looseShare});
}

void ScreenBank::over(const Thumbnail& under, colour::Light light, Seen& seen) const {
    const ThumbnailWeights& weights = thumbnailWeights(light);
    for (auto* numbers : {&seen.L, &seen.a, &seen.b, &seen.speckle}) numbers->resize(blocks_.size() * lanes);
    for (std::size_t i = 0; i < blocks_.size(); ++i)
        blockOver(blocks_[i], under, weights,
                  {&seen.L[i * lanes], &seen.a[i * lanes], &seen.b[i * lanes], &seen.speckle[i * lanes]});
}

Thumbnail ScreenBank::laid(const Thumbnail& under, int stroke) const {
    const Block& block = blocks_[std::size_t(stroke / lanes)];
    const int lane = stroke % lanes;
    const auto [taken, looseShare] = strokes_[std::size_t(stroke)];
    Thumbnail after = under;
    for (int h = 0; h < thumbnailHeights; ++h) {
        const float covered = block.covered[h][lane];
        const float laid = block.amount[lane] *
                           pigment::heldShare(under.filled[h], under.capacity[h], under.loose[h], block.slide[lane]);
        for (int b = 0; b < thumbnailBands; ++b) {
            const float r = under.seen[b][h];
            const float k = laid * block.absorb[b][lane], s = laid * block.scatter[b][lane];
            const float film = stirredFilm(k, s, block.stirred[lane], under, b, h);
            after.seen[b][h] = r + covered * (film - r);
            after.looseAbsorb[b][h] += covered * looseShare * k;
            after.looseScatter[b][h] += covered * looseShare * s;
        }
        const float amount = taken * covered * laid;
        after.filled[h] = std::min(after.capacity[h], under.filled[h] + amount);
        after.loose[h] = under.loose[h] + looseShare * amount;
    }
    return after;
}

VECTOR_LOOP void ScreenBank::blockOver(const Block& block, const Thumbnail& under, const ThumbnailWeights& weights,
                                       const Out& out) {
    alignas(64) float x[lanes] = {}, y[lanes] = {}, z[lanes] = {}, sumL[lanes] = {}, squares[lanes] = {};
    constexpr float share = 1.0f / thumbnailHeights;
    for (int h = 0; h < thumbnailHeights; ++h) {
        alignas(64) float laid[lanes], bright[lanes] = {};
#pragma omp simd
        for (int i = 0; i < lanes; ++i)
            laid[i] = block.amount[i] *
                      pigment::heldShare(under.filled[h], under.capacity[h], under.loose[h], block.slide[i]);
        for (int b = 0; b < thumbnailBands; ++b) {
            const float r = under.seen[b][h];
            const float wx = weights[0][b], wy = weights[1][b], wz = weights[2][b];
#pragma omp simd
            for (int i = 0; i < lanes; ++i) {
                const float film = stirredFilm(laid[i] * block.absorb[b][i], laid[i] * block.scatter[b][i],
                                               block.stirred[i], under, b, h);
                const float seen = r + block.covered[h][i] * (film - r);
                x[i] += wx * seen;
                bright[i] += wy * seen;
                z[i] += wz * seen;
            }
        }
#pragma omp simd
        for (int i = 0; i < lanes; ++i) {
            const float L = 116.0f * colour::labCompressed(bright[i]) - 16.0f;
            y[i] += bright[i];
            sumL[i] += L;
            squares[i] += L * L;
        }
    }
#pragma omp simd
    for (int i = 0; i < lanes; ++i) {
        const float fx = colour::labCompressed(share * x[i] * float(1.0 / colour::whiteD50.x));
        const float fy = colour::labCompressed(share * y[i]);
        const float fz = colour::labCompressed(share * z[i] * float(1.0 / colour::whiteD50.z));
        const float meanL = share * sumL[i];
        out.L[i] = 116.0f * fy - 16.0f;
        out.a[i] = 500.0f * (fx - fy);
        out.b[i] = 200.0f * (fy - fz);
        out.speckle[i] = std::sqrt(std::max(0.0f, share * squares[i] - meanL * meanL));
    }
}

}  // namespace matching

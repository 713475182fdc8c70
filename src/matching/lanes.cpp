#include "matching/lanes.h"

#include <algorithm>

#include "colour/lab_compression.h"
#include "common/vector_loop.h"
#include "pigment/film.h"
#include "pigment/tooth.h"

namespace matching {

ThumbnailStroke thumbnailOf(const pigment::Stroke& stroke, const materials::SurfaceProfile& surface) {
    ThumbnailStroke small{};
    const ThumbnailPigment pigment = thumbnailOf(*stroke.pigment);
    for (std::size_t b = 0; b < thumbnailBands; ++b) {
        small.absorb[b] = pigment.absorb[b];
        small.scatter[b] = pigment.scatter[b];
    }
    const pigment::Patch::Cells covered = pigment::coverages(stroke, surface);
    constexpr int perHeight = pigment::cellCount / thumbnailHeights;
    for (int h = 0; h < thumbnailHeights; ++h)
        small.covered[std::size_t(h)] = covered.segment<perHeight>(h * perHeight).mean();
    const pigment::Offer offer = pigment::offerOf(stroke);
    small.amount = offer.amount;
    small.slide = offer.slide;
    small.stirred = offer.stirred;
    small.looseShare = offer.looseShare;
    small.taken = stroke.pigment->amount;
    return small;
}

void LaneStrokes::set(int lane, const ThumbnailStroke& stroke) {
    for (std::size_t band = 0; band < thumbnailBands; ++band) {
        absorb[band][lane] = stroke.absorb[band];
        scatter[band][lane] = stroke.scatter[band];
    }
    for (std::size_t h = 0; h < thumbnailHeights; ++h) covered[h][lane] = stroke.covered[h];
    amount[lane] = stroke.amount;
    slide[lane] = stroke.slide;
    stirred[lane] = stroke.stirred;
    looseShare[lane] = stroke.looseShare;
    taken[lane] = stroke.taken;
}

LaneStrokes::LaneStrokes(const ThumbnailStroke& stroke) {
    for (int lane = 0; lane < lanes; ++lane) set(lane, stroke);
}

LaneThumbnails::LaneThumbnails(const Thumbnail& thumbnail) {
    for (int lane = 0; lane < lanes; ++lane)
        for (int h = 0; h < thumbnailHeights; ++h) {
            for (int band = 0; band < thumbnailBands; ++band) {
                seen[band][h][lane] = thumbnail.seen[band][h];
                looseAbsorb[band][h][lane] = thumbnail.looseAbsorb[band][h];
                looseScatter[band][h][lane] = thumbnail.looseScatter[band][h];
            }
            filled[h][lane] = thumbnail.filled[h];
            capacity[h][lane] = thumbnail.capacity[h];
            loose[h][lane] = thumbnail.loose[h];
        }
    std::fill_n(grip, lanes, thumbnail.grip);
}

Thumbnail LaneThumbnails::in(int lane) const {
    Thumbnail thumbnail;
    for (int h = 0; h < thumbnailHeights; ++h) {
        for (int band = 0; band < thumbnailBands; ++band) {
            thumbnail.seen[band][h] = seen[band][h][lane];
            thumbnail.looseAbsorb[band][h] = looseAbsorb[band][h][lane];
            thumbnail.looseScatter[band][h] = looseScatter[band][h][lane];
        }
        thumbnail.filled[h] = filled[h][lane];
        thumbnail.capacity[h] = capacity[h][lane];
        thumbnail.loose[h] = loose[h][lane];
    }
    thumbnail.grip = grip[lane];
    return thumbnail;
}

VECTOR_LOOP void layLanes(const LaneThumbnails& under, const LaneStrokes& strokes, LaneThumbnails& after) {
    std::copy_n(under.grip, lanes, after.grip);
    for (int h = 0; h < thumbnailHeights; ++h) {
        alignas(64) float laid[lanes], covered[lanes], kept[lanes], stirred[lanes];
#pragma omp simd
        for (int i = 0; i < lanes; ++i) {
            laid[i] = strokes.amount[i] * under.grip[i] *
                      pigment::heldShare(under.filled[h][i], under.capacity[h][i], under.loose[h][i], strokes.slide[i]);
            covered[i] = strokes.covered[h][i];
            kept[i] = covered[i] * strokes.looseShare[i] * laid[i];
            stirred[i] = strokes.stirred[i];
            const float amount = strokes.taken[i] * covered[i] * laid[i];
            after.filled[h][i] = std::min(under.capacity[h][i], under.filled[h][i] + amount);
            after.capacity[h][i] = under.capacity[h][i];
            after.loose[h][i] = under.loose[h][i] + strokes.looseShare[i] * amount;
        }
        for (int band = 0; band < thumbnailBands; ++band) {
            const float* absorb = strokes.absorb[band];
            const float* scatter = strokes.scatter[band];
            const float* seen = under.seen[band][h];
            const float* looseAbsorb = under.looseAbsorb[band][h];
            const float* looseScatter = under.looseScatter[band][h];
            float* seenAfter = after.seen[band][h];
            float* absorbAfter = after.looseAbsorb[band][h];
            float* scatterAfter = after.looseScatter[band][h];
#pragma omp simd
            for (int i = 0; i < lanes; ++i) {
                const float k = laid[i] * absorb[i] + stirred[i] * looseAbsorb[i];
                const float s = laid[i] * scatter[i] + stirred[i] * looseScatter[i];
                const float film = pigment::filmOver(k, s, pigment::filmRoot(k, s), seen[i]);
                seenAfter[i] = seen[i] + covered[i] * (film - seen[i]);
                absorbAfter[i] = looseAbsorb[i] + kept[i] * absorb[i];
                scatterAfter[i] = looseScatter[i] + kept[i] * scatter[i];
            }
        }
    }
}

VECTOR_LOOP void lookAt(const LaneThumbnails& thumbnails, const ThumbnailWeights& weights, LaneColours& seen) {
    alignas(64) float x[lanes] = {}, y[lanes] = {}, z[lanes] = {}, sumL[lanes] = {}, squares[lanes] = {},
                      filled[lanes] = {}, capacity[lanes] = {};
    constexpr float share = 1.0f / thumbnailHeights;
    for (int h = 0; h < thumbnailHeights; ++h) {
        alignas(64) float bright[lanes] = {};
        for (int band = 0; band < thumbnailBands; ++band) {
            const float wx = weights[0][std::size_t(band)], wy = weights[1][std::size_t(band)],
                        wz = weights[2][std::size_t(band)];
            const float* r = thumbnails.seen[band][h];
#pragma omp simd
            for (int i = 0; i < lanes; ++i) {
                x[i] += wx * r[i];
                bright[i] += wy * r[i];
                z[i] += wz * r[i];
            }
        }
#pragma omp simd
        for (int i = 0; i < lanes; ++i) {
            const float L = 116.0f * colour::labCompressed(bright[i]) - 16.0f;
            y[i] += bright[i];
            sumL[i] += L;
            squares[i] += L * L;
            filled[i] += thumbnails.filled[h][i];
            capacity[i] += thumbnails.capacity[h][i];
        }
    }
#pragma omp simd
    for (int i = 0; i < lanes; ++i) {
        const float fx = colour::labCompressed(share * x[i] * float(1.0 / colour::whiteD50.x));
        const float fy = colour::labCompressed(share * y[i]);
        const float fz = colour::labCompressed(share * z[i] * float(1.0 / colour::whiteD50.z));
        const float meanL = share * sumL[i];
        seen.L[i] = 116.0f * fy - 16.0f;
        seen.a[i] = 500.0f * (fx - fy);
        seen.b[i] = 200.0f * (fy - fz);
        seen.speckle[i] = std::sqrt(std::max(0.0f, share * squares[i] - meanL * meanL));
        seen.tooth[i] = filled[i] / capacity[i];
    }
}

VECTOR_LOOP void takeNearest(const LaneColours& seen, const std::array<float, lanes>& fault, const SampleTable& samples,
                             Nearest& nearest) {
    // Of their own, so that they stay in registers while samples go by.
    alignas(64) float L[lanes], a[lanes], b[lanes], f[lanes];
#pragma omp simd
    for (int i = 0; i < lanes; ++i) {
        L[i] = seen.L[i];
        a[i] = seen.a[i];
        b[i] = seen.b[i];
        f[i] = fault[std::size_t(i)];
    }
    const int count = samples.size();
    const SampleTable::Row* row = samples.rows.data();
    for (int s = 0; s < count; ++s, ++row) {
        const float wantedL = row->L, wantedA = row->a, wantedB = row->b;
        const float radialA = row->radialA, radialB = row->radialB, tangentA = row->tangentA, tangentB = row->tangentB;
        float* __restrict least = nearest[std::size_t(s)].data();
#pragma omp simd
        for (int i = 0; i < lanes; ++i) {
            const float dL = L[i] - wantedL, da = a[i] - wantedA, db = b[i] - wantedB;
            const float radial = radialA * da + radialB * db, tangent = tangentA * da + tangentB * db;
            const float cost = dL * dL + radial * radial + tangent * tangent + f[i];
            least[i] = cost < least[i] ? cost : least[i];
        }
    }
}

}  // namespace matching

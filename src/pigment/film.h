#pragma once

#include <cmath>

#include "colour/spectrum.h"
#include "common/vector_loop.h"

namespace pigment {

using colour::Spectrum;

/// K/S of an opaque layer whose reflectance (masstone) is given, band by band: (1 - R)^2 / 2R. P. Kubelka, F. Munk,
/// 1931. Reflectances are kept within 0.0005 .. 0.9995, where K/S is finite.
inline Spectrum absorptionOverScatter(const Spectrum& masstone) {
    const Spectrum r = masstone.max(0.0005f).min(0.9995f);
    return (1.0f - r).square() / (2.0f * r);
}

/// sqrt(K (K + 2 S)), Kubelka's bS: how fast light dies away in the film.
inline float filmRoot(float absorb, float scatter) {
    return std::sqrt(absorb * (absorb + 2.0f * scatter));
}

/// Reflectance of a film over a ground in one band. `absorb` and `scatter` are K and S times the film's thickness (no
/// unit), `root` is filmRoot of them. P. Kubelka, J. Opt. Soc. Am. 38, 448 (1948), multiplied through by S and with
/// coth written by one exponential, so that there is one division and a film of no thickness gives the ground.
[[gnu::always_inline]] inline float filmOver(float absorb, float scatter, float root, float ground) {
    constexpr float twiceLog2e = 2.88539008f;
    constexpr float nothing = 1e-20f;
    const float e = common::halved(twiceLog2e * root);
    const float less = 1.0f - e;
    const float more = root * (1.0f + e) + nothing;
    const float both = absorb + scatter;
    return (less * (scatter - both * ground) + more * ground) / (less * (both - scatter * ground) + more);
}

/// The same over all bands.
inline Spectrum filmOver(const Spectrum& absorb, const Spectrum& scatter, const Spectrum& ground) {
    Spectrum seen;
    for (int i = 0; i < colour::bandCount; ++i)
        seen[i] = filmOver(absorb[i], scatter[i], filmRoot(absorb[i], scatter[i]), ground[i]);
    return seen;
}

}  // namespace pigment

#pragma once

#include <cmath>

#include "colour/spectrum.h"

namespace pigment {

using colour::Spectrum;

/// K/S of an opaque layer whose reflectance (masstone) is given, band by band: (1 - R)^2 / 2R. P. Kubelka, F. Munk,
/// 1931. Reflectances are kept within 0.0005 .. 0.9995, where K/S is finite.
inline Spectrum absorptionOverScatter(const Spectrum& masstone) {
    const Spectrum r = masstone.max(0.0005f).min(0.9995f);
    return (1.0f - r).square() / (2.0f * r);
}

/// What the film's K/S gives before its thickness is known; kept with a pigment so that a stroke only pays for one exp.
struct FilmConstants {
    Spectrum a;  // 1 + K/S
    Spectrum b;  // sqrt(a^2 - 1)
};

inline FilmConstants filmConstants(const Spectrum& absorptionOverScatter) {
    return {1.0f + absorptionOverScatter, (absorptionOverScatter * (absorptionOverScatter + 2.0f)).sqrt()};
}

/// Reflectance of a film of scattering power `scatter` (S times thickness, no unit) over a ground of reflectance
/// `ground`. P. Kubelka, J. Opt. Soc. Am. 38, 448 (1948), with coth written by one exponential so that a film of no
/// thickness gives the ground.
template <typename Ground>
Spectrum filmOver(const FilmConstants& film, float scatter, const Ground& ground) {
    const Spectrum e = (-2.0f * scatter * film.b).exp();
    const Spectrum less = 1.0f - e;
    const Spectrum more = film.b * (1.0f + e);
    return (less * (1.0f - film.a * ground) + more * ground) / (less * (film.a - ground) + more);
}

}  // namespace pigment

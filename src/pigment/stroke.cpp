#include "pigment/stroke.h"

#include <algorithm>
#include <cmath>

#include "colour/reflectance.h"

namespace pigment {

namespace {

/// Handling by kind. Scattering powers of soft, hard, pan and pencil are those of the agreed model; common practice, no
/// source, for the rest.
struct Handling {
    float fullScatter, amount, looseShare, wetScatter;
};

constexpr std::array<Handling, 9> handlings{{
    {4.0f, 1.00f, 0.50f, 1},  // soft
    {2.5f, 0.60f, 0.30f, 1},  // hard
    {1.2f, 0.30f, 0.15f, 1},  // pencil
    {2.0f, 0.50f, 0.35f, 1},  // pan
    {2.0f, 0.40f, 0.70f, 1},  // charcoal
    {0.02f, 0.03f, 0, 0.8f},  // watercolour: water fills the gaps that scatter
    {4.0f, 0.25f, 0, 0.65f},  // gouache: the same, and more of it
    {3.0f, 0.40f, 0, 1.25f},  // acrylic: its binder is milky until it dries
    {0.8f, 0.02f, 0, 0.95f},  // ink
}};

}  // namespace

float atPressure(const PressureFigures& figures, Pressure pressure) {
    const float p = std::clamp(pressure.value, 0.0f, 3.0f);
    const int below = std::min(2, int(p));
    return std::lerp(figures[std::size_t(below)], figures[std::size_t(below) + 1], p - float(below));
}

namespace {

Pigment handled(const materials::Material& material, const Handling& handling) {
    Pigment p;
    p.amount = handling.amount;
    p.looseShare = handling.looseShare;
    p.hardness = static_cast<float>(material.hardness);
    p.wetScatter = handling.wetScatter;
    p.wet = materials::isWet(material.kind);
    return p;
}

/// A watercolour is never seen thick: its colour is that of two heavy washes over white, which light crosses twice (the
/// film's limit for S = 0).
Spectrum absorptionOfFullWash(const Spectrum& overWhite) {
    constexpr float white = 0.95f;
    const float swatch = 2.0f * pressureFactor(Pressure::heavy);
    return (white / overWhite.max(0.005f)).log().max(0.0f) / (2.0f * swatch);
}

void setRoot(Pigment& pigment) {
    pigment.root = (pigment.absorb * (pigment.absorb + 2.0f * pigment.scatter)).sqrt();
}

}  // namespace

Pigment pigmentOf(const materials::Material& material) {
    return pigmentOf(material, colour::reflectanceFromSrgb(colour::srgbFromSrgb8(material.masstone)), material.hiding);
}

Pigment pigmentOf(const materials::Material& material, const Spectrum& masstone, double hiding) {
    const Handling& handling = handlings[static_cast<int>(material.kind)];
    Pigment p = handled(material, handling);
    p.scatter.setConstant(handling.fullScatter * static_cast<float>(hiding));
    p.absorb = material.kind == materials::Kind::watercolour ? absorptionOfFullWash(masstone)
                                                             : p.scatter * absorptionOverScatter(masstone);
    setRoot(p);
    return p;
}

Pigment pigmentOf(const materials::Material& material, const Readings& readings, Pressure pressure) {
    Pigment p = handled(material, handlings[static_cast<int>(material.kind)]);
    const FilmPowers powers = powersFromReadings(readings);
    p.absorb = powers.absorb / pressureFactor(pressure);
    p.scatter = powers.scatter / pressureFactor(pressure);
    setRoot(p);
    return p;
}

Pigment whileWet(Pigment pigment) {
    pigment.scatter *= pigment.wetScatter;
    setRoot(pigment);
    return pigment;
}

float pressureFactor(Pressure pressure) {
    return atPressure({0, 0.4f, 0.8f, 1.6f}, pressure);
}

}  // namespace pigment

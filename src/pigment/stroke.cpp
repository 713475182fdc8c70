#include "pigment/stroke.h"

#include <array>

#include "colour/reflectance.h"
#include "common/naming.h"

namespace pigment {

namespace {

constexpr std::array<std::string_view, 8> manners{"scumble", "hatch", "press", "blend", "dab", "wash", "fix", "lift"};
constexpr std::array<std::string_view, 3> pressures{"light", "medium", "heavy"};

/// Handling by kind. Scattering powers of soft, hard, pan and pencil are those of the agreed model; common practice, no
/// source, for the rest.
struct Handling {
    float fullScatter, amount, looseShare;
};

constexpr std::array<Handling, 9> handlings{{
    {4.0f, 1.00f, 0.50f},  // soft
    {2.5f, 0.60f, 0.30f},  // hard
    {1.2f, 0.30f, 0.15f},  // pencil
    {2.0f, 0.50f, 0.35f},  // pan
    {2.0f, 0.40f, 0.70f},  // charcoal
    {0.18f, 0.03f, 0.0f},  // watercolour
    {4.0f, 0.25f, 0.0f},   // gouache
    {3.0f, 0.40f, 0.0f},   // acrylic
    {0.8f, 0.02f, 0.0f},   // ink
}};

}  // namespace

std::string_view nameOf(Manner manner) {
    return manners[static_cast<int>(manner)];
}
std::string_view nameOf(Pressure pressure) {
    return pressures[static_cast<int>(pressure)];
}
std::optional<Manner> mannerNamed(std::string_view name) {
    return common::enumNamed<Manner>(manners, name);
}
std::optional<Pressure> pressureNamed(std::string_view name) {
    return common::enumNamed<Pressure>(pressures, name);
}

bool laysPigment(Manner manner) {
    return manner != Manner::blend && manner != Manner::fix && manner != Manner::lift;
}

Pigment pigmentOf(const materials::Material& material) {
    const Handling& handling = handlings[static_cast<int>(material.kind)];
    Pigment p;
    p.absorptionOverScatter =
        absorptionOverScatter(colour::reflectanceFromSrgb(colour::srgbFromSrgb8(material.masstone)));
    p.film = filmConstants(p.absorptionOverScatter);
    p.fullScatter = handling.fullScatter * static_cast<float>(material.hiding);
    p.amount = handling.amount;
    p.looseShare = handling.looseShare;
    p.hardness = static_cast<float>(material.hardness);
    p.wet = materials::isWet(material.kind);
    return p;
}

}  // namespace pigment

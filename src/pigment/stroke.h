#pragma once

#include <optional>
#include <string_view>

#include "materials/material.h"
#include "pigment/film.h"

namespace pigment {

enum class Manner { scumble, hatch, press, blend, dab, wash, fix, lift };
enum class Pressure { light, medium, heavy };

std::string_view nameOf(Manner manner);
std::string_view nameOf(Pressure pressure);
std::optional<Manner> mannerNamed(std::string_view name);
std::optional<Pressure> pressureNamed(std::string_view name);

/// Blending, fixing and lifting lay no pigment.
bool laysPigment(Manner manner);

/// A material as the film model needs it.
struct Pigment {
    Spectrum absorptionOverScatter;
    FilmConstants film;
    float fullScatter;  // S times thickness of a layer laid at pressure factor 1
    float amount;       // tooth that such a layer takes, in medium full layers of a soft stick
    float looseShare;   // part of it that lies loose on top
    float hardness;     // 0..1; hard points hold badly on loose pigment and drag it
    bool wet;
};

Pigment pigmentOf(const materials::Material& material);

/// One action on a patch. `pigment` is null for manners that lay none. The factors stand for an unsteady hand: 1 is the
/// nominal amount and coverage.
struct Stroke {
    const Pigment* pigment = nullptr;
    Manner manner = Manner::scumble;
    Pressure pressure = Pressure::medium;
    float amountFactor = 1;
    float coverageFactor = 1;
};

}  // namespace pigment

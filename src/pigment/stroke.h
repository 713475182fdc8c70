#pragma once

#include <array>

#include "materials/manner.h"
#include "materials/material.h"
#include "pigment/readings.h"

namespace pigment {

using materials::laysPigment;
using materials::Manner;
using materials::mannerCount;
using materials::mannerNamed;
using materials::nameOf;
using materials::Pressure;
using materials::pressureNamed;

/// A figure that is told for none, light, medium and heavy, at any pressure: straight lines between, so that it rises
/// where the four rise. Beyond heavy counts as heavy.
using PressureFigures = std::array<float, 4>;
float atPressure(const PressureFigures& figures, Pressure pressure);

/// A material as the film model needs it.
struct Pigment {
    Spectrum absorb, scatter;  // K and S times the thickness of a layer laid at pressure factor 1
    Spectrum root;             // filmRoot of them
    float amount;              // tooth that such a layer takes, in medium full layers of a soft stick
    float looseShare;          // part of it that lies loose on top
    float hardness;            // 0..1; hard points hold badly on loose pigment and drag it
    float wetScatter;          // S while wet, as a share of S when dry; 1 for what is laid dry
    bool wet;
};

/// K and S from the masstone alone, the same S in every band.
Pigment pigmentOf(const materials::Material& material);
/// The same for a masstone and a hiding power (1 as usual for its kind) of its own.
Pigment pigmentOf(const materials::Material& material, const Spectrum& masstone, double hiding);
/// From readings over white and over black of a swatch laid at `pressure`; the material tells only how it handles.
Pigment pigmentOf(const materials::Material& material, const Readings& readings, Pressure pressure);
/// The paint before it has dried: what the artist sees while laying it.
Pigment whileWet(Pigment pigment);

/// Medium pressure lays 0.8 of a full layer, light half and heavy twice as much, none nothing.
float pressureFactor(Pressure pressure);

/// One action on a patch. `pigment` is null for manners that lay none, and for a wash of alcohol. The factors stand for
/// an unsteady hand: 1 is the nominal amount and coverage.
struct Stroke {
    const Pigment* pigment = nullptr;
    Manner manner = Manner::scumble;
    Pressure pressure = Pressure::medium;
    float amountFactor = 1;
    float coverageFactor = 1;
    bool isFixed = false;  // a pass of fixative goes over the sheet after it, whether it is laid here or not
};

}  // namespace pigment

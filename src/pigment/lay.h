#pragma once

#include <span>

#include "pigment/patch.h"

namespace pigment {

/// One way to lay one stick, by its place among those that are at hand; of a tool it is not looked at.
struct Lay {
    int stick = 0;
    Manner manner = Manner::scumble;
    Pressure pressure = Pressure::medium;

    bool operator==(const Lay&) const = default;
};

/// The patch with strokes laid on it one over the other, by a hand whose amounts are `hand` times the usual ones.
/// `pigmentAt(stick)` gives a stick's Pigment.
template <typename PigmentAt>
Patch laidOn(Patch patch, std::span<const Lay> lays, const PigmentAt& pigmentAt, float hand = 1) {
    for (const Lay& lay : lays)
        pigment::lay(patch,
                     {laysPigment(lay.manner) ? &pigmentAt(lay.stick) : nullptr, lay.manner, lay.pressure, hand});
    return patch;
}

}  // namespace pigment

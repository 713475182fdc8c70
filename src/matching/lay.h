#pragma once

#include "pigment/stroke.h"

namespace matching {

/// One way to lay one stick.
struct Lay {
    int stick = 0;
    pigment::Manner manner = pigment::Manner::scumble;
    pigment::Pressure pressure = pigment::Pressure::medium;

    bool operator==(const Lay&) const = default;
};

}  // namespace matching

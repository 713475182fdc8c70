#pragma once

#include <string>
#include <vector>

#include "materials/manner.h"

namespace materials {

/// A stroke of a stick by its id; a tool that lays nothing has none.
struct MixtureStroke {
    std::string stick;
    Manner manner = Manner::scumble;
    Pressure pressure = Pressure::medium;
    bool operator==(const MixtureStroke&) const = default;
};

inline constexpr std::size_t mostMixtureStrokes = 8;

/// Strokes laid over each other that the artist has tried, and keeps under a name.
struct OwnMixture {
    std::string name;
    std::string paper;  // by its id: on which it was tried
    std::vector<MixtureStroke> strokes;
    bool operator==(const OwnMixture&) const = default;
};

}  // namespace materials

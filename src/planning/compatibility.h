#pragma once

#include "planning/plan.h"

namespace planning {

/// What does not go together in a ground, or wants care.
enum class GroundCautionKind {
    hardlyShows,     // figure: by how much the layer changes the bare sheet, in CIEDE2000
    fillsGrain,      // figure: share of the tooth that the layer takes
    waterCockles,    // more water than the sheet bears
    matsPile,        // wet paint on a pile
    alcoholAndHeat,  // the study dries with a heat gun
    keepHeatMoving,
};

struct GroundCaution {
    GroundCautionKind kind;
    std::string medium;  // name; empty for alcohol
    double figure = 0;
    bool operator==(const GroundCaution&) const = default;
};

/// Of each kind once, of the layer that is worst. What a layer changes and takes is the film's; what a sheet bears is
/// common practice, no source.
std::vector<GroundCaution> cautionsOf(const GroundProposal& ground, const materials::Paper& paper, Drying help);

}  // namespace planning

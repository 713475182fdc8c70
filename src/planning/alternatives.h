#pragma once

#include <array>

#include "planning/own_stacks.h"

namespace planning {

/// Another way to make an area: with few layers; with colours that stay apart and glint; or so that an unsteady hand
/// spoils least.
enum class Alternative { fewestLayers, liveliest, safest };
inline constexpr int alternativeCount = 3;

/// What a stack does to its area by the film, at the places of its samples.
struct StackFigures {
    double difference = 0;  // mean CIEDE2000
    double unsteady = 0;    // the same over the spread of the hand
    double tooth = 0;       // mean share used
    int layers = 0;
};
StackFigures figuresOf(const OwnStack& own, const Plan& plan, const Study& study,
                       const std::vector<materials::Material>& media, int stack);

/// One of each, by the stack search over the whole tray; no two are alike, and none is what the plan lays.
std::array<OwnStack, alternativeCount> alternativesFor(const Plan& plan, const Study& study,
                                                       const std::vector<materials::Material>& media, int stack);

}  // namespace planning

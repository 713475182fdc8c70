#pragma once

#include <functional>
#include <vector>

#include "planning/tried_plan.h"

namespace planning {

/// A stick that is not at hand, and by how much the picture difference would fall if it were.
struct Gap {
    materials::Material stick;
    double gain = 0;  // in CIEDE2000, above 0
};

/// So many are planned with, of those that seem to gain most.
inline constexpr int gapsTried = 5;

/// What of a catalogue is worth buying for this picture, most first: all dry sticks in it that the library has not got
/// are looked at by the screen, and the picture is planned anew with each of the few that promise most; what gains
/// nothing then is left out. Gives the problem `cancelled` when stopped. `onTried` gets each as it is found.
common::Result<std::vector<Gap>> gapsIn(const Plan& plan, const Study& study, const materials::Library& library,
                                        const std::vector<materials::Material>& catalogue, Kept& kept,
                                        const common::Progress& progress = {},
                                        const std::function<void(const Gap&)>& onTried = {});

}  // namespace planning

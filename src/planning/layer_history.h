#pragma once

#include <vector>

#include "planning/plan.h"

namespace planning {

/// What one step did to one passage.
struct Layer {
    int step = 0;  // number
    int stick = -1;
    colour::Lab colour;                      // of the passage afterwards
    double toothBefore = 0, toothAfter = 0;  // share of the tooth filled
};

/// For each passage its layers from the paper up.
std::vector<std::vector<Layer>> layerHistory(const Plan& plan);

}  // namespace planning

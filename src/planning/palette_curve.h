#pragma once

#include <vector>

#include "planning/tried_plan.h"

namespace planning {

/// The numbers of sticks at which the curve of picture difference is asked for, rising.
const std::vector<int>& curveCounts();

/// The study with another number of sticks at most, and nothing else changed.
Study withSticks(Study study, int sticks);

/// So many sticks at most, and how far the picture then stays from the reference.
struct PalettePoint {
    int sticks = 0;
    double difference = 0;
};

/// Where more sticks begin to gain little: the point farthest under the straight line from the first point to the last
/// (Satopää, Albrecht, Irwin and Raghavan, "Finding a Kneedle in a haystack", ICDCS workshops 2011; from memory). -1 if
/// no point lies under it. `curve` rises in sticks.
int kneeOf(const std::vector<PalettePoint>& curve);

/// The fewest sticks that keep the picture within a difference; -1 if none do.
int fewestWithin(const std::vector<PalettePoint>& curve, double difference);

}  // namespace planning

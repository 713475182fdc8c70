#pragma once

#include <vector>

#include "matching/tray.h"
#include "planning/plan.h"

namespace planning {

/// Ranks papers for a reading: both ends of the values must show on it, its colour be near the subject's or
/// sparkle against it, its tooth hold the layers, and single strokes of the tray come near the targets on it.
std::vector<RankedPaper> rankedPapers(const Reading& reading, const std::vector<materials::Paper>& papers,
                                      const std::vector<matching::PreparedStick>& sticks, int strokes);

}  // namespace planning

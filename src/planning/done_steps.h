#pragma once

#include "planning/begun_sheet.h"
#include "planning/record.h"

namespace planning {

/// These steps lie there as the plan has them.
void layAsPlanned(BegunSheet& begun, const std::vector<int>& steps);

/// One step is, or will be, laid otherwise than planned, or the sheet was fixed or seen.
void take(BegunSheet& begun, const Deviation& deviation);

/// What lies there is what was laid, whatever this plan would have laid.
void takeRecorded(BegunSheet& begun, const Record& record, const Standing& standing);

}  // namespace planning

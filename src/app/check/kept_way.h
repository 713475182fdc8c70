#pragma once

#include "app/check/way_strip.h"
#include "common/progress.h"
#include "planning/plan.h"
#include "planning/record.h"

namespace app {

/// The photographs of the work that a record keeps, each with how far its sheet was from the subject.
std::vector<WayStrip::Moment> keptWay(const planning::Plan& plan, const planning::Record& record,
                                      const common::Progress& progress);

}  // namespace app

#pragma once

#include <filesystem>

#include "common/result.h"
#include "planning/plan.h"

namespace print {

/// Writes all that a plan comes to into a folder (docs/FORMAT.md): plan.json, steps.csv, pull-list.csv, plan.pdf and
/// the pictures in stages/ and maps/. It is made beside what is there and then takes the place of what an earlier plan
/// left, all of it or nothing; other files in the folder stay. Two at once come one after the other. Problems as
/// storage::writeWhole has them.
common::Done writePlanFolder(const planning::Plan& plan, const planning::Study& study,
                             const std::filesystem::path& folder);

}  // namespace print

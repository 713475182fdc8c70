#pragma once

#include <array>
#include <filesystem>
#include <string_view>

#include "common/progress.h"
#include "common/result.h"
#include "planning/plan.h"

namespace print {

/// What of a plan is written beside plan.json, which always is.
enum class PlanPart {
    sheets,   // plan.pdf
    tables,   // steps.csv and pull-list.csv
    stages,   // the sheet after every step, in stages/
    maps,     // where every step goes and how hard, in maps/
    layered,  // sheet.ora: the finished sheet with a layer for each stage of the work
    palette,  // sticks.gpl
};
inline constexpr int planPartCount = 6;
/// "sheets", "tables", ...: stands in preferences.
std::string_view nameOf(PlanPart part);

/// By part: whether it is wanted.
using PlanParts = std::array<bool, planPartCount>;
inline constexpr PlanParts allParts{true, true, true, true, true, true};

/// Writes what a plan comes to into a folder (docs/FORMAT.md). It is made beside what is there and then takes the place
/// of what an earlier plan left, all of it or nothing; other files in the folder stay. Two at once come one after the
/// other. Problems as storage::writeWhole has them, and `cancelled`.
common::Done writePlanFolder(const planning::Plan& plan, const planning::Study& study,
                             const std::filesystem::path& folder, const PlanParts& parts = allParts,
                             const common::Progress& progress = {});

}  // namespace print

#pragma once

#include <optional>
#include <string>
#include <vector>

#include "planning/record.h"

namespace planning {

/// What was done in one go, an evening or a day: what lies before four in the morning belongs to the evening before.
struct WorkedDay {
    std::size_t first = 0, last = 0;  // indices of entries
    double minutes = 0;               // that the hand worked
    double plannedMinutes = 0;        // of the same steps
    int steps = 0;                    // laid, and not taken back
};
std::vector<WorkedDay> workedDays(const Record& record);

/// A stick, and where it served.
struct ServedStick {
    materials::Material stick;
    std::vector<int> steps;          // numbers
    std::vector<std::string> areas;  // in the artist's words, each once
    double squareCentimetres = 0;
    double amount = 0;   // see LaidStep
    double untaken = 0;  // of it, what the drawer has not been told of
};
/// What was used in the end, in the order of its first use. The drawer has been told of the first `taken` entries;
/// where it does not say, the record itself does.
std::vector<ServedStick> servedSticks(const Record& record, std::optional<int> taken = std::nullopt);

}  // namespace planning

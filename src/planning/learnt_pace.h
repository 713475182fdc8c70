#pragma once

#include <array>
#include <cstdint>
#include <vector>

#include "planning/pace.h"
#include "planning/record.h"

namespace planning {

/// A step that was laid: what it was, and how long it took and was to take.
struct TimedWork {
    Work work;
    double minutes = 0, plannedMinutes = 0;
};

/// The steps of a record that were laid and not taken back, later than a time (milliseconds since 1970).
std::vector<TimedWork> timedWorks(const Record& record, std::int64_t since = 0);

/// Planned against real, of the steps that have something in common.
struct PaceTally {
    int steps = 0;
    double minutes = 0, plannedMinutes = 0;
    /// So few that the usual pace still counts for much.
    bool areFew() const { return steps < 8; }
};

/// What was learnt, and from how much.
struct LearntPace {
    Pace pace;
    PaceTally all;
    std::array<PaceTally, pigment::mannerCount> manners;
    std::array<PaceTally, materials::kindCount> media;
    std::array<PaceTally, placeSizeCount> sizes;
};

/// The pace at which an artist works. Logarithms of real over usual minutes are the sum of a part for the artist, the
/// manner, the medium and the size, and are fitted by least squares with Tukey's weights, so that wrong entries (a key
/// forgotten, or pressed at once) do not count; each part is drawn to the usual as by a few steps that went so, so that
/// few steps change little. Beaton and Tukey, "The fitting of power series", Technometrics 16 (1974).
LearntPace learntPace(const std::vector<TimedWork>& works);

}  // namespace planning

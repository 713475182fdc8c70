#pragma once

#include <array>
#include <string_view>
#include <vector>

#include "planning/trial.h"

namespace planning {

/// What a paper or a ground is judged by; each is worth 0..1.
enum class Criterion { colour, work, tooth, ends, sparkle, vivid };
inline constexpr int criterionCount = 6;
std::string_view nameOf(Criterion criterion);

/// What a criterion gives to a score, out of how much it could.
struct ScorePart {
    Criterion what = Criterion::colour;
    double points = 0, most = 0;
};

/// 0..100; the parts' points add up to it, and what they could give to 100.
struct Score {
    double points = 0;
    std::array<ScorePart, criterionCount> parts{};
};

/// What a trial is worth for a goal. `ends` (0..1) tells how well darks and lights show from the first stroke. What a
/// goal makes of the criteria is this program's choice; what each measures is the trial's.
Score scoreOf(const Outcome& outcome, double ends, Goal goal);

}  // namespace planning

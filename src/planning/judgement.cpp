#include "planning/judgement.h"

#include <algorithm>
#include <cmath>

namespace planning {

namespace {

constexpr std::array<std::string_view, criterionCount> criteria{"colour", "work", "tooth", "ends", "sparkle", "vivid"};

/// Points of 100 by goal, in the order of the criteria.
constexpr std::array<std::array<double, criterionCount>, 4> pointsByGoal{{
    {55, 20, 5, 20, 0, 0},   // truest colour
    {25, 45, 10, 20, 0, 0},  // least work
    {35, 10, 5, 15, 35, 0},  // most sparkle
    {35, 10, 5, 15, 0, 35},  // most vivid
}};

std::array<double, criterionCount> worthOf(const Outcome& outcome, double ends) {
    constexpr double tellingDifference = 3.0;  // CIEDE2000 in which a worth falls to 1/e
    constexpr double tellingFirst = 8.0;       // the same of the first layer
    constexpr double easyTooth = 0.6;          // from here on the tooth begins to fail
    constexpr double fullSparkle = 12.0;       // CIEDE2000 between what shows of the ground and what lies on it
    return {std::exp(-outcome.picture.mean / tellingDifference),
            std::exp(-outcome.firstLayer / tellingFirst),
            std::clamp((1 - outcome.toothMost) / (1 - easyTooth), 0.0, 1.0),
            ends,
            std::min(1.0, outcome.sparkle / fullSparkle),
            std::clamp((outcome.chroma + outcome.firstChroma) / 2, 0.0, 1.0)};
}

}  // namespace

std::string_view nameOf(Criterion criterion) {
    return criteria[static_cast<std::size_t>(criterion)];
}

Score scoreOf(const Outcome& outcome, double ends, Goal goal) {
    const auto worth = worthOf(outcome, ends);
    Score score;
    for (std::size_t i = 0; i < worth.size(); ++i) {
        const double most = pointsByGoal[static_cast<std::size_t>(goal)][i];
        score.parts[i] = {Criterion(i), most * worth[i], most};
        score.points += score.parts[i].points;
    }
    return score;
}

}  // namespace planning

#include "practice/exercise.h"

#include <algorithm>

namespace practice {

namespace {

constexpr Scale ofSteps{0.04, 3, 2}, ofDifferences{0.4, 24, 2}, ofSheets{0.1, 10, 2}, ofDegrees{0.1, 20, 2},
    ofPerCent{0.3, 30, 2};

constexpr Scale amongFour(Scale scale) {
    scale.choices = 4;
    return scale;
}

constexpr std::array<ExerciseFacts, exerciseCount> facts{{
    {"lighter", Measure::valueSteps, ofSteps, 0.2},
    {"lighter-on-grounds", Measure::valueSteps, ofSteps, 0.5},
    {"value-of-colour", Measure::valueSteps, ofSteps, 0.3},
    {"order", Measure::valueSteps, amongFour(ofSteps), 0.2},
    {"warmer", Measure::difference, ofDifferences, 2},
    {"duller", Measure::difference, ofDifferences, 2},
    {"nearest-stick", Measure::difference, amongFour(ofDifferences), 2},
    {"mixture", Measure::difference, amongFour(ofDifferences), 4},
    {"masses", Measure::valueSteps, ofSteps, 0.3},
    {"nearer-sheet", Measure::difference, ofSheets, 0.7},
    {"plumb", Measure::degrees, ofDegrees, 0.5},
    {"centre", Measure::perCent, ofPerCent, 1.5},
    {"angle", Measure::degrees, ofDegrees, 2},
    {"length", Measure::perCent, ofPerCent, 4},
    {"from-memory", Measure::perCent, {0.3, 30, 0}, 2},
}};

}  // namespace

const ExerciseFacts& factsOf(Exercise exercise) {
    return facts[std::size_t(exercise)];
}

bool isDrawn(Exercise exercise) {
    return factsOf(exercise).scale.choices == 0;
}

std::optional<Exercise> exerciseNamed(std::string_view name) {
    const auto found = std::ranges::find(facts, name, &ExerciseFacts::name);
    if (found == facts.end()) return std::nullopt;
    return static_cast<Exercise>(found - facts.begin());
}

}  // namespace practice

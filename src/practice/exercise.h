#pragma once

#include <array>
#include <optional>
#include <string_view>

#include "practice/staircase.h"

namespace practice {

/// What the eye is trained in. All but the last ask one thing, with a few answers of which one is true.
enum class Exercise {
    lighter,           // which of two colours of different hue is lighter
    lighterOnGrounds,  // the same, one on a dark and one on a light ground
    valueOfColour,     // which of two greys is as light as a colour
    order,             // where a row from light to dark is out of order
    warmer,            // which of two colours is warmer
    duller,            // which is duller
    nearestStick,      // which of four sticks comes nearest to a colour of the subject
    mixture,           // what one stick laid over another gives
    masses,            // which of two masses of the subject is darker, seen with half-closed eyes
    nearerSheet,       // which of two sheets stands nearer to the subject
    plumb,             // which way a line leans
    centre,            // which end a mark is nearer to
    angle,             // which of two angles is wider
    length,            // whether a line is longer or shorter than so many units
    fromMemory         // the subject's shapes, drawn from memory: nothing is asked, each shape is measured
};
inline constexpr int exerciseCount = 15;

/// In what it is told how far apart things stand.
enum class Measure { valueSteps, difference, degrees, perCent };

struct ExerciseFacts {
    std::string_view name;  // as it is kept
    Measure measure;
    Scale scale;     // of what is drawn: no choices
    double trained;  // threshold of a trained eye; common practice, no source
};
const ExerciseFacts& factsOf(Exercise exercise);
/// Whether it is drawn and measured, and nothing is asked.
bool isDrawn(Exercise exercise);
std::optional<Exercise> exerciseNamed(std::string_view name);
inline std::array<Exercise, exerciseCount> allExercises() {
    std::array<Exercise, exerciseCount> all;
    for (int i = 0; i < exerciseCount; ++i) all[std::size_t(i)] = static_cast<Exercise>(i);
    return all;
}

}  // namespace practice

#pragma once

#include <vector>

#include "planning/approach.h"

namespace planning {

/// What schools differ on: each is a part of an Approach, and has its answers numbered from 0.
enum class Question {
    valueOrder,
    firstPart,
    hardness,
    blending,
    black,
    ground,
    fixing,
    colour,
    highlights,
    progression
};
inline constexpr int questionCount = 10;

/// "school", "first", ...: on the command line and in plan.json.
std::string_view nameOf(Question question);
std::optional<Question> questionNamed(std::string_view name);

int answerCount(Question question);
std::string_view nameOfAnswer(Question question, int answer);
std::optional<int> answerNamed(Question question, std::string_view name);

int answerTo(Question question, const Approach& approach);
/// The approach with another answer; nothing else changes.
Approach answered(Approach approach, Question question, int answer);

}  // namespace planning

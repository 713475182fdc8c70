#pragma once

#include <QString>

#include "planning/questions.h"
#include "planning/tried_plan.h"

namespace wording {

/// The ways of working, and what they make of a picture.

/// "Blending": what is asked.
QString questionWord(planning::Question question);
/// "Strokes kept": an answer.
QString answerWord(planning::Question question, int answer);
/// What the answer means at the easel, in a sentence.
QString answerSentence(planning::Question question, int answer);
QString knownApproachWord(planning::KnownApproach known);

/// "1.10 ΔE00, 54 layers, 4 h 20 min".
QString outcomeWords(const planning::PlanOutcome& outcome);
/// What would change, short: "0.06 farther, +15 layers, +52 min"; "changes nothing".
QString outcomeAgainst(const planning::PlanOutcome& outcome, const planning::PlanOutcome& now);

}  // namespace wording

#pragma once

#include <QStringList>

#include "practice/question.h"
#include "practice/training.h"
#include "review/sketch.h"

namespace wording {

/// Exercises for the eye.

QString exerciseName(practice::Exercise exercise);
/// What it trains, and what that is good for.
QString exerciseSentence(practice::Exercise exercise);
/// What is asked, or said to begin with, whatever stands there.
QString exerciseQuestion(practice::Exercise exercise);
QString questionSentence(const practice::Question& question);
/// The answers to choose from, in their order.
QStringList answerWords(const practice::Question& question);
/// "0.34 value steps", "2.1 ΔE00", "1.4°", "3 %".
QString apartWords(practice::Exercise exercise, double apart);
/// "0.34 value steps (0.27 to 0.44)".
QString thresholdWords(practice::Exercise exercise, const practice::Threshold& threshold);
/// "a trained eye: 0.2 value steps".
QString trainedWords(practice::Exercise exercise);
/// The measured truth, once an answer was given.
QString truthSentence(const practice::Question& question);
/// What is written under each thing that is shown then; none for lines but angles.
QStringList truthCaptions(const practice::Question& question);

/// A drawing from memory: what it is off by all in all, and a shape of it in a few words.
QString drawnSentence(const review::DrawnShapes& drawn);
QString drawnShapeWords(const review::DrawnShape& shape);

}  // namespace wording

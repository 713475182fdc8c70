#pragma once

#include <QString>

#include "planning/learnt_hand.h"
#include "planning/replanning.h"
#include "planning/work_check.h"

namespace wording {

/// What is said of the work beside what it is to be.

/// "6 mm too low, 2 mm too far right".
QString shiftWords(const review::WorkShift& shift);
/// "62 mm across, 280 mm from the left and 60 mm from the top: a step too dark, 8.0 ΔE00."
QString placeSentence(const planning::CheckedPlace& place);
/// "More layers: ochre, pale; sienna".
QString mendWord(planning::Mend mend);
/// In a few words: "Lift first: 1.1 ΔE00".
QString mendShort(const planning::Ways::Way& way);
QString mendSentence(const planning::Ways::Way& way);
/// What comes of an area when it is let be, in a few words and in a sentence.
QString letBeShort(const planning::Ways& ways);
QString letBeSentence(const planning::Ways& ways);
/// "Your hand lays some 20 % more than usual; what is left is planned by that.".
QString handSentence(const pigment::HandSample& hand);
/// The same of a hand in all its work.
QString touchSentence(const pigment::HandSample& touch);
/// From how much it was told.
QString learntFromSentence(const planning::LearntHand& learnt);
/// "In the darks it comes out half a step too light: 9 areas".
QString tendencySentence(const planning::Tendency& tendency);
/// "Its highest point stands 6 mm too low against the top of the bowl, with which it should be level."
QString brokenAlignmentSentence(const planning::BrokenAlignment& broken, const QString& otherName);
/// What of the sheet a shadow or a gleam hides; empty where nothing does.
QString hiddenSentence(const planning::WorkCheck& check);
/// By what the photograph's colours were balanced, and how far they may be off.
QString balanceSentence(const planning::WorkCheck& check);

}  // namespace wording

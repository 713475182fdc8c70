#pragma once

#include <QStringList>

#include "review/paper_card.h"

namespace wording {

/// The test of a paper with real sticks on a real offcut.

/// By which a stick is named on a card, by its place: those of a test card (review::TestStick), or one after the other,
/// A to Z, then AA.
using StickLetter = QString (*)(int stick);
QString testStickLetter(int stick);
QString plainStickLetter(int stick);
/// "7 A press light ×2, C scumble medium": what fits beside a field; or "7 A press 1 ×2, C scumble 2".
enum class Pressures { inWords, inFigures };
QString fieldShort(int number, const review::FieldStrokes& field, StickLetter letter, Pressures pressures);
/// The same as a sentence.
QString fieldWords(int number, const review::FieldStrokes& field, StickLetter letter);
/// What should be seen in it: how it stands off the bare paper, and how full its tooth then is.
QString fieldExpectation(const review::FieldStrokes& field, const colour::Lab& bare, const colour::Lab& seen,
                         double toothUsed);
/// What a test has told about a paper, against what was known.
QStringList testedSentences(const review::TestedPaper& tested, const materials::Paper& known);
/// A tooth that is not as usual for its surface: "It holds 1.4 times and takes 0.8 times what is usual for sanded."
/// Empty for a usual one.
QString toothSentence(const materials::Paper& paper);

}  // namespace wording

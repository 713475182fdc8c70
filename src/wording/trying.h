#pragma once

#include <QStringList>

#include "matching/mixture_reasons.h"
#include "planning/trial_sheet.h"
#include "review/trial_card.h"

namespace wording {

/// "madder red (soft stick) scumbled at light pressure"; of a tool what it does.
QString strokeWords(const pigment::Lay& lay, const std::vector<materials::Material>& media);

/// The same without its kind: "madder red scumbled at light pressure".
QString strokeShort(const pigment::Lay& lay, const std::vector<materials::Material>& media);

/// What comes of a swatch: value and chroma, how it looks among its neighbours, what tooth is left.
QStringList triedSentences(const planning::Tried& tried);
/// What would slide, and why.
QStringList slideSentences(const planning::Tried& tried, const planning::Strokes& strokes,
                           const std::vector<materials::Material>& media);

/// How far a swatch is from the wanted colour.
QString againstTarget(const colour::Lab& wanted, const colour::Lab& seen);

/// "Red and green calm each other."
QString mixtureReasonSentence(const matching::MixtureReason& reason);

/// What a trial card has taught: all in all, of a stick, of a paper.
QString taughtSentence(const review::TrialFindings& findings);
QString taughtStick(const materials::Owned& known, const materials::Owned& read);
QString taughtPaper(const materials::Paper& known, const materials::Paper& read);

}  // namespace wording

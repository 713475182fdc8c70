#pragma once

#include <QString>
#include <QStringList>

#include "planning/easel_timers.h"
#include "planning/record.h"
#include "planning/study.h"

namespace wording {

/// What is said at the easel.

/// What a step is laid with, as it is named aloud: "Burnt sienna", "Finger".
QString stepTitle(const planning::Plan& plan, const planning::Step& step);
/// Where: "kettle; cloth", "the whole sheet".
QString stepPlace(const planning::Plan& plan, const planning::Step& step);
/// How: "hatched, mostly light, along your arrow".
QString stepManner(const planning::Plan& plan, const planning::Study& study, const planning::Step& step);
/// What to watch while laying it.
QStringList stepWatch(const planning::Plan& plan, const planning::Step& step);
/// "small places, to 20 cm²".
QString placeSizeWord(planning::PlaceSize size);
/// "320 cm²".
QString squareCentimetres(double area);
/// Of fixative and alcohol.
QString solventCaution();
/// What can hurt, with what to do; always by the product's label.
QStringList stepCautions(const planning::Plan& plan, const planning::Study& study, const planning::Step& step);

/// What dries, and for how long yet: "Step 2, wall: wet, 4 to 9 min yet".
QString waitWords(const planning::Plan& plan, const planning::EaselTimers& timers, const planning::EaselWait& wait,
                  const planning::Moment& now);
/// What would shorten it, or why nothing may.
QString waitHelp(const planning::Plan& plan, const planning::EaselWait& wait);

/// "L: laid lighter than planned."; empty for as planned.
QString heavierWord(int heavier);
/// A remark that is chosen: "too wet", "slid off", "lovely".
QStringList usualRemarks();

/// What kind of thing an entry tells: "laid", "passed over".
QString entryWord(planning::EntryKind kind);
QString finishingWord(planning::Finishing what);
/// What is done, and with what care.
QString finishingSentence(planning::Finishing what);

/// An entry in a line: "Step 7 laid: burnt sienna, hatched, on the kettle; 6 min".
QString entryLine(const planning::Record& record, std::size_t entry);

}  // namespace wording

#pragma once

#include <QString>
#include <QStringList>

#include "planning/compatibility.h"
#include "planning/grounds.h"
#include "planning/papers.h"

namespace wording {

/// What the choice of a paper and of a ground rests on.

QString groundWord(planning::Ground ground);
/// What that way to begin does, in one sentence.
QString groundSentence(planning::Ground ground);
QString goalWord(planning::Goal goal);
/// How a wash is dried: "in the air".
QString dryingWord(planning::Drying drying);
QString criterionWord(planning::Criterion criterion);

/// "colour 48 of 75, work 7 of 10, ...": what a score is made of.
QString scoreParts(const planning::Score& score);

/// Short, for a list: "takes a wash". The stacks of tints are the plan's.
QString paperReasonPhrase(const planning::PaperReason& reason, const planning::Plan& plan);
QString paperReasonSentence(const planning::PaperReason& reason, const planning::Plan& plan);

/// Why a way to begin is not to be had, and what would help.
QString obstacleSentence(planning::GroundObstacle obstacle, const materials::Paper& paper);
QString groundCautionSentence(const planning::GroundCaution& caution, const materials::Paper& paper);
/// What a ground gains against the bare sheet: "As near as the bare sheet with 9 of 45 layers less, for 3 of its own."
QString gainSentence(const planning::TriedGround& tried, const planning::TriedGround& bare);
/// "2 parts ultramarine, 1 part burnt umber"; the name alone for one medium.
QString mixtureWords(const planning::GroundLayer& layer);
/// How it is laid: "a thin wash", "scumble, light pressure".
QString strengthWords(const planning::GroundLayer& layer);
/// How the sheets are cut, where somebody has said how large they are.
QStringList cuttingSentences(const planning::Cutting& cutting, const planning::Study& study);
/// "10 to 20 min".
QString minuteRange(double least, double most);

}  // namespace wording

#pragma once

#include <QString>

#include "planning/construction.h"
#include "subject/attention.h"
#include "subject/groupings.h"
#include "subject/measures.h"
#include "subject/planes.h"
#include "subject/triad.h"

namespace wording {

/// What is read from the subject, in the artist's words.

/// Artists count the ladder both ways: value 1 is black, or white.
enum class Counting { blackIsOne, whiteIsOne };
/// A Munsell value as it is counted, to one decimal.
QString valueFigure(double value, Counting counting);

/// "narrow, high key, darkest at 4.1".
QString keyWords(const subject::Contrast& contrast, Counting counting);
/// "low key, 2.1 to 8.0".
QString keyInShort(const subject::Contrast& contrast, Counting counting);

QString areaKindWord(subject::AreaKind kind);
/// How such areas are laid, by common practice; empty where there is nothing of its own to say.
QString areaKindAdvice(subject::AreaKind kind);
/// "face", "left eye", "sky"; empty for nothing.
QString recognisedWord(subject::Recognised what);
/// By what it was recognised; empty for nothing.
QString recognisedBy(subject::Recognised what);
/// "hard".
QString edgeWord(subject::Edge edge);
/// How an area meets its neighbours: "Its edges: hard against the wall; soft against the table." Empty for none.
QString edgesSentence(const std::vector<subject::Meeting>& meetings, const QStringList& names);
QString planeWord(subject::Plane plane);
/// By what an area was put in its plane: "it stands before the wall, it stands low"; empty where nothing tells.
QString planeWhyWords(const subject::Area& area, const QStringList& names);
/// "as near as can be".
QString groupingWord(subject::Grouping grouping);
/// What such a grouping is good for.
QString groupingSentence(subject::Grouping grouping);

/// "warm light, cool shadow".
QString lightOnArea(const subject::Triad& triad);

/// Where the strongest contrast sits against what the picture is about; `there` names the area at it.
QString contrastSentence(const subject::StrongestContrast& strongest, const QString& there);

/// A far area that comes forward, and what to do about it.
QString planeSentence(const subject::PlaneFault& fault, const QString& name);

/// "left side of the kettle, 1 mm off"; `name` is the area's.
QString alignmentWords(const subject::Alignment& alignment, const QString& name, double millimetresOff);

/// "120 mm, 1.60 units".
QString lengthWords(double millimetres, double units);

/// What a choice of colours does: "chroma +20 %, half a step lighter"; empty for none.
QString choiceWords(const subject::ColourChoice& choice);

}  // namespace wording

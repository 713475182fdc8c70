#pragma once

#include <QString>

#include "planning/moves.h"

namespace wording {

/// What forbids layers to be laid earlier or later than they may be, a sentence each.
QStringList roomSentences(const planning::Plan& plan, const planning::TimeRoom& room);

/// Why a step cannot be moved at all.
QString fixedInTimeSentence(const planning::Step& step);

}  // namespace wording

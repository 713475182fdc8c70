#pragma once

#include <QString>

#include "common/result.h"
#include "review/card.h"

namespace print {

/// Writes blank swatch cards as PDF, as many pages as rows are wanted (1 to mostPages pages): markers, grey ladders,
/// black bars and row numbers as review::layoutOf has them. The file is written whole or not at all. Needs a
/// QGuiApplication.
common::Done writeSwatchCards(review::CardPaper paper, int rows, const QString& file);

}  // namespace print

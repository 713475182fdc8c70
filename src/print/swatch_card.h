#pragma once

#include <QString>
#include <QStringList>

#include "common/result.h"
#include "review/card.h"

namespace print {

/// Cards that are printed together. Pages go round review::mostPages.
struct CardSet {
    int rows = 1;            // 1 to mostPages pages of them
    int firstPage = 0;       // that the first card is marked with
    QStringList names = {};  // of what goes into the rows; with them goes a key, on pages of its own
};

/// Writes blank swatch cards as PDF: markers, grey ladders, black bars and row numbers as review::layoutOf has them.
/// The file is written whole or not at all. Needs a QGuiApplication.
common::Done writeSwatchCards(review::CardPaper paper, const CardSet& set, const QString& file);

}  // namespace print

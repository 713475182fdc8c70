#pragma once

#include <QString>
#include <vector>

#include "common/result.h"
#include "review/paper_card.h"

namespace print {

/// Writes a test card of one to three papers as PDF (review::cardWindows): windows over which offcuts are laid, what
/// goes into each field; and a page that says what should be seen there. The file is written whole or not at all.
common::Done writePaperCard(review::CardPaper format, int page, const std::vector<review::PaperTest>& papers,
                            const QString& file);

}  // namespace print

#pragma once

#include <QString>

#include "common/result.h"
#include "review/trial_card.h"

namespace print {

/// Writes a trial card as PDF: what is to be laid into the fields for real, and what should be seen there. The file is
/// written whole or not at all.
common::Done writeTrialCard(review::CardPaper format, int page, const review::TrialCard& trial, const QString& file);

}  // namespace print

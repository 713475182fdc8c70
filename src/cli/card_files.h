#pragma once

#include <QString>
#include <cstdint>
#include <vector>

#include "common/result.h"
#include "review/card.h"

namespace cli {

/// "a4" or "letter"; nameUnknown otherwise.
common::Result<review::CardPaper> cardPaperNamed(const QString& format);

/// What the stand-in camera has taken; problems as storage::writeWhole has them.
common::Done writePhotograph(const QString& file, const std::vector<std::uint8_t>& jpeg);

}  // namespace cli

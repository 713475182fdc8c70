#pragma once

#include <QString>
#include <vector>

#include "common/result.h"
#include "review/card_windows.h"
#include "wording/testing.h"

namespace print {

/// A window over which an offcut of the paper is laid, and what goes into its fields.
struct PrintedWindow {
    materials::Paper paper;
    review::CardFields fields;
    std::vector<std::optional<materials::Material>> sticks;
};

/// A card of windows, and what is said on it.
struct WindowsCard {
    review::CardKind kind;
    QString title;
    QString closing;  // of each page that says what should be seen
    wording::StickLetter letter;
    wording::Pressures pressures;        // beside the fields
    std::vector<PrintedWindow> windows;  // one to cardWindows
};

/// Writes it as PDF (review::windowsOf), and for each window a page that says what should be seen there. The file is
/// written whole or not at all.
common::Done writeWindowsCard(const WindowsCard& card, review::CardPaper format, int page, const QString& file);

}  // namespace print

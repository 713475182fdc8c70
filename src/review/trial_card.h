#pragma once

#include "materials/owned.h"
#include "review/card_windows.h"

namespace review {

/// A paper and what is tried on it.
struct TrialWindow {
    materials::Paper paper;
    CardFields fields;
};

/// What a trial card is laid with: at most cardWindows windows, and the sticks that their strokes name, as the drawer
/// knows them.
struct TrialCard {
    std::vector<TrialWindow> windows;
    std::vector<materials::Owned> sticks;  // media
};

/// A field as it was expected, as it was read, and as it is expected with what the card has taught.
struct TriedField {
    colour::Lab expected, read, mended;
};

/// What a trial card has taught.
struct TrialFindings {
    std::vector<std::vector<std::optional<TriedField>>> windows;  // nothing for such as were left empty
    /// As the card says that they are; nothing for a stick or paper that it tells nothing of.
    std::vector<std::optional<materials::Owned>> sticks;
    std::vector<std::optional<materials::Paper>> papers;  // by window; one that lies in several is the same in all
    double hand = 1;                              // the artist's own pressure: amounts relative to the usual hand's
    double differenceBefore = 0, difference = 0;  // mean CIEDE2000 over the fields, as expected and as mended
};

/// Takes each paper's tone from its bare field and fits masstones and hiding powers of the sticks, capacity and grip of
/// the papers and the artist's pressure to all other fields together, each as far from what was known as its own error
/// lets it (least squares in CIELAB). Nothing where no field differs from its bare paper.
std::optional<TrialFindings> taughtBy(const WindowsReading& reading, const TrialCard& card);

}  // namespace review

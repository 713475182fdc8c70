#include "print/trial_card.h"

#include "print/card_windows.h"
#include "print/words.h"

namespace print {

common::Done writeTrialCard(review::CardPaper format, int page, const review::TrialCard& trial, const QString& file) {
    WindowsCard card{review::CardKind::trials,
                     Words::tr("Trial card"),
                     Words::tr("Read the photograph at the trial sheet: what was laid stands there beside what was "
                               "expected, and the program learns your sticks and papers from it."),
                     &wording::plainStickLetter,
                     wording::Pressures::inFigures,
                     {}};
    std::vector<std::optional<materials::Material>> sticks;
    for (const materials::Owned& stick : trial.sticks) sticks.emplace_back(std::get<materials::Material>(stick.what));
    for (const review::TrialWindow& window : trial.windows)
        card.windows.push_back({window.paper, window.fields, sticks});
    return writeWindowsCard(card, format, page, file);
}

}  // namespace print

#include "print/paper_card.h"

#include "print/card_windows.h"
#include "print/words.h"

namespace print {

common::Done writePaperCard(review::CardPaper format, int page, const std::vector<review::PaperTest>& papers,
                            const QString& file) {
    WindowsCard card{review::CardKind::papers,
                     Words::tr("Test card of papers"),
                     Words::tr("If a later layer slides off where it should still register, the tooth holds less than "
                               "is thought; if a single stroke is stronger or weaker, the paper takes more or less off "
                               "the stick. Read the photograph at Paper, and the program knows this paper."),
                     &wording::testStickLetter,
                     wording::Pressures::inWords,
                     {}};
    for (const review::PaperTest& test : papers)
        card.windows.push_back(
            {test.paper, review::testFieldsOn(test.paper.surface), {test.sticks.begin(), test.sticks.end()}});
    return writeWindowsCard(card, format, page, file);
}

}  // namespace print

#include <QDir>
#include <QFileDialog>
#include <QInputDialog>
#include <QMenu>
#include <QMenuBar>
#include <algorithm>
#include <numeric>

#include "app/file_to_write.h"
#include "app/trial/trial_card_sheet.h"
#include "app/trial/trial_rows.h"
#include "app/trial/trial_window.h"
#include "planning/trial_mixtures.h"
#include "print/trial_card.h"
#include "wording/sentences.h"

namespace app {

void TrialWindow::makeMenus() {
    QMenu* sheet = menuBar()->addMenu(tr("&Sheet"));
    QAction* undo = history_.createUndoAction(this, tr("Undo"));
    undo->setShortcut(QKeySequence::Undo);
    QAction* redo = history_.createRedoAction(this, tr("Redo"));
    redo->setShortcut(QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z));
    sheet->addActions({undo, redo});
    sheet->addSeparator();
    QAction* shut = sheet->addAction(tr("Close"), this, &QWidget::close);
    shut->setShortcut(QKeySequence::Close);
    makeMixtureMenu();

    QMenu* card = menuBar()->addMenu(tr("&Card"));
    for (const auto& [format, words] : {std::pair(review::CardPaper::a4, tr("Print a trial card to lay for real, A4…")),
                                        std::pair(review::CardPaper::letter, tr("The same, Letter…"))}) {
        QAction* print = card->addAction(words, this, [this, f = format] {
            const QString file = fileToWrite(this, tr("Print a trial card"), {}, tr("Cards (*.pdf)"));
            if (!file.isEmpty()) printCard(f, file);
        });
        if (format == review::CardPaper::a4) print->setShortcut(QKeySequence::Print);
    }
    card->addAction(tr("Read a filled trial card…"), this, [this] {
        const QString file = QFileDialog::getOpenFileName(this, tr("Read a filled trial card"), {}, photographKinds());
        if (!file.isEmpty()) readCard(file);
    });
    card->addSeparator();
    card->addAction(tr("Take all swatches off the card"), this, [this] {
        grid_->clearCard();
        describe();
    });
}

void TrialWindow::makeMixtureMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&Mixture"));
    QAction* kept = menu->addAction(tr("Keep this swatch under a name…"), this, [this] {
        if (!hasSwatch()) return margin_->setProblem(tr("Nothing lies on the sheet that could be kept."));
        bool isSaid = false;
        const QString usual = wording::colourWords(tried_[std::size_t(selected())].seen);
        const QString name =
            QInputDialog::getText(this, tr("Keep a mixture"), tr("Its name"), QLineEdit::Normal, usual, &isSaid);
        if (isSaid) keep(name);
    });
    kept->setShortcut(QKeySequence(Qt::CTRL | Qt::Key_S));
    kept->setEnabled(desk_.hasDrawer());
    laid_ = menu->addMenu(tr("Lay one of your own"));
    givenUp_ = menu->addMenu(tr("Give one up"));
    connect(menu, &QMenu::aboutToShow, this, [this] {
        laid_->clear();
        givenUp_->clear();
        if (desk_.hasDrawer())
            for (const materials::OwnMixture& mixture : desk_.drawer()->drawer().mixtures) {
                const QString name = QString::fromStdString(mixture.name);
                laid_->addAction(name, this, [this, mixture] { layKept(mixture); });
                givenUp_->addAction(name, this, [this, mixture, name] {
                    desk_.drawer()->apply(tr("Give up the mixture %1").arg(name),
                                          {.mixtures = {{mixture.name, {}, {}}}});
                });
            }
        laid_->setEnabled(!laid_->isEmpty());
        givenUp_->setEnabled(!givenUp_->isEmpty());
    });
}

bool TrialWindow::keep(const QString& written) {
    const QString name = written.trimmed();
    const auto refuse = [this](const QString& sentence) { return margin_->setProblem(sentence), false; };
    if (name.isEmpty()) return refuse(tr("A mixture needs a name."));
    if (!hasSwatch() || strokes().empty()) return refuse(tr("This swatch is bare: lay something, then keep it."));
    const auto& known = desk_.drawer()->drawer().mixtures;
    if (std::ranges::find(known, name.toStdString(), &materials::OwnMixture::name) != known.end())
        return refuse(tr("There is a mixture called %1 already: take another name.").arg(name));
    const materials::OwnMixture mixture = mixtureOf(strokes(), media_, name.toStdString(), state_.sheet.paper.id);
    if (!desk_.drawer()->apply(tr("Keep the mixture %1").arg(name), {.mixtures = {mixture}}))
        return refuse(tr("It could not be kept: the drawer cannot be written."));
    // The study in hand may use it from now on.
    if (session_.study().reference) {
        materials::Library library = session_.library();
        library.mixtures.push_back(mixture);
        session_.chooseMaterials(tr("Keep the mixture %1").arg(name), session_.study(), std::move(library));
    }
    margin_->setProblem(tr("Kept as %1. Plans lay it where it serves.").arg(name));
    return true;
}

void TrialWindow::layKept(const materials::OwnMixture& mixture) {
    const auto strokes = strokesOf(mixture, media_);
    if (!strokes)
        return margin_->setProblem(tr("A stick of %1 is not at hand: the study draws from other ones.")
                                       .arg(QString::fromStdString(mixture.name)));
    setStrokes(*strokes);
}

std::vector<int> TrialWindow::swatchesOnCard() const {
    std::vector<int> swatches(grid_->onCard().begin(), grid_->onCard().end());
    if (swatches.empty()) {
        swatches.resize(std::min(planning::mostOnCard, state_.sheet.swatches.size()));
        std::iota(swatches.begin(), swatches.end(), 0);
    }
    return swatches;
}

bool TrialWindow::printCard(review::CardPaper format, const QString& file) {
    const std::vector<int> swatches = swatchesOnCard();
    if (swatches.empty()) return margin_->setProblem(tr("Nothing lies on the sheet: tick some sticks first.")), false;
    if (swatches.size() > planning::mostOnCard)
        return margin_->setProblem(tr("A card has room for %1 swatches, and %2 are on it: take some off with Space.")
                                       .arg(planning::mostOnCard)
                                       .arg(swatches.size())),
               false;
    const review::TrialCard card = planning::cardOf(state_.sheet, swatches, media_);
    int page = 0;
    if (desk_.hasDrawer() && !desk_.drawer()->store().isReadOnly()) {
        const std::vector<std::string> rows = rowsOf(card);
        const auto remembered = desk_.drawer()->store().rememberCards(rows, int(rows.size()), review::mostPages);
        if (!remembered) return margin_->setProblem(wording::problemSentence(remembered.problem())), false;
        page = *remembered;
    }
    const auto done = print::writeTrialCard(format, page, card, file);
    margin_->setProblem(done ? tr("The trial card is in %1. Lay it, photograph it, and read it here.")
                                   .arg(QDir::toNativeSeparators(file))
                             : wording::problemSentence(done.problem()));
    return done.ok();
}

void TrialWindow::readCard(const QString& file) {
    auto* sheet = new TrialCardSheet(this, desk_, file, {media_, papers_},
                                     planning::cardOf(state_.sheet, swatchesOnCard(), media_));
    connect(sheet, &TrialCardSheet::taken, margin_, &Margin::setProblem);
    sheet->open();
}

}  // namespace app

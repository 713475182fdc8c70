#include "app/trial/trial_card_sheet.h"

#include <QCheckBox>
#include <QCoreApplication>
#include <QFileInfo>
#include <QPainter>
#include <QProgressBar>
#include <QScrollArea>

#include "app/trial/trial_rows.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "subject/picture.h"
#include "wording/sentences.h"
#include "wording/trying.h"

namespace app {

/// Of each field what was expected, what lies there, and what is expected now.
class TrialCardSheet::Fields : public QWidget {
    Q_DECLARE_TR_FUNCTIONS(app::TrialCardSheet)

 public:
    explicit Fields(const std::vector<std::optional<review::TriedField>>& fields) : fields_(fields) {
        setFixedHeight(100);
        setAccessibleName(tr("Fields of the card"));
    }

 protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        constexpr double words = 84, line = 26;
        const double step = (width() - words) / double(fields_.size());
        painter.setPen(theme().quiet);
        const QString heads[] = {tr("expected"), tr("laid"), tr("expected now")};
        for (int i = 0; i < 3; ++i) painter.drawText(QRectF(0, 18 + i * line, words, line), Qt::AlignVCenter, heads[i]);
        for (std::size_t i = 0; i < fields_.size(); ++i) {
            if (!fields_[i]) continue;
            const QRectF box(words + double(i) * step, 18, step - 6, line);
            painter.setPen(theme().ink);
            painter.drawText(box.translated(0, -18), Qt::AlignLeft | Qt::AlignTop, QString::number(i + 1));
            painter.fillRect(box, drawing::colourOf(fields_[i]->expected));
            painter.fillRect(box.translated(0, line), drawing::colourOf(fields_[i]->read));
            painter.fillRect(box.translated(0, 2 * line), drawing::colourOf(fields_[i]->mended));
        }
    }

 private:
    std::vector<std::optional<review::TriedField>> fields_;
};

TrialCardSheet::TrialCardSheet(QWidget* parent, Desk& desk, const QString& file, const materials::Library& library,
                               review::TrialCard usual)
    : Sheet(parent, tr("Trial card: %1").arg(QFileInfo(file).fileName()), tr("The photograph is being read.")),
      desk_(desk) {
    auto* inside = new QWidget;
    column_ = new QVBoxLayout(inside);
    column_->setContentsMargins(12, 8, 12, 8);
    column_->setSpacing(8);
    body_->addWidget(scrolledDown(inside), 1);
    progress_ = addWaiting(tr("Reading the card"));
    take_ = addButton(tr("Take these readings"));
    take_->setEnabled(false);
    connect(take_, &QPushButton::clicked, this, &TrialCardSheet::take);
    connect(addButton(tr("Leave them")), &QPushButton::clicked, this, &QDialog::reject);
    resize(1000, 700);
    background_.run(
        [name = file.toStdString()](const common::Progress&) -> common::Result<review::WindowsReading> {
            const auto photograph = subject::readPictureFile(name, review::photographLongSide);
            if (!photograph) return photograph.problem();
            return review::readWindows(photograph->xyz, review::CardKind::trials, name);
        },
        [this, library, usual = std::move(usual)](const common::Result<review::WindowsReading>& reading) {
            if (reading) return learn(*reading, cardOn(reading->page, library).value_or(usual));
            progress_->hide();
            setProblem(wording::problemSentence(reading.problem()));
        });
}

std::optional<review::TrialCard> TrialCardSheet::cardOn(int page, const materials::Library& library) {
    if (!desk_.hasDrawer()) return std::nullopt;
    const auto rows = desk_.drawer()->store().cardRows(page);
    return rows && !rows->empty() ? trialCardOf(*rows, library) : std::nullopt;
}

void TrialCardSheet::learn(const review::WindowsReading& reading, review::TrialCard card) {
    card_ = std::move(card);
    // As the drawer knows them.
    for (materials::Owned& stick : card_.sticks)
        if (const materials::Owned* owned = desk_.hasDrawer() ? desk_.drawer()->thing(materials::idOf(stick)) : nullptr)
            if (std::holds_alternative<materials::Material>(owned->what)) stick = *owned;
    background_.run([reading, of = card_](const common::Progress&) { return review::taughtBy(reading, of); },
                    [this](std::optional<review::TrialFindings> findings) {
                        progress_->hide();
                        findings_ = std::move(findings);
                        begin();
                    });
}

void TrialCardSheet::begin() {
    if (!findings_) {
        explain(card_.windows.empty()
                    ? tr("This card is not remembered, and nothing is on the trial sheet: lay the sheet out as it was "
                         "printed, then read the card.")
                    : tr("No field of this card differs from the bare paper: lay the strokes, then photograph it."));
        return;
    }
    explain(wording::taughtSentence(*findings_));
    for (std::size_t w = 0; w < card_.windows.size(); ++w) addWindow(w);
    addSticks();
    column_->addStretch(1);
    take_->setEnabled(true);
}

void TrialCardSheet::addWindow(std::size_t window) {
    if (!findings_->papers[window]) return;
    const materials::Paper& known = card_.windows[window].paper;
    // A paper that lies in several windows is taken once.
    const bool isFirst =
        std::ranges::none_of(papers_, [&](const auto& it) { return card_.windows[it.second].paper.id == known.id; });
    if (isFirst) {
        auto* box = new QCheckBox(QString::fromStdString(known.name));
        box->setFont(drawing::font(drawing::TypeSize::text, true));
        box->setChecked(true);
        papers_.emplace_back(box, window);
        column_->addWidget(box);
        auto* told = new QLabel(wording::taughtPaper(known, *findings_->papers[window]));
        told->setWordWrap(true);
        column_->addWidget(told);
    }
    column_->addWidget(new Fields(findings_->windows[window]));
}

void TrialCardSheet::addSticks() {
    for (std::size_t s = 0; s < card_.sticks.size(); ++s) {
        if (!findings_->sticks[s]) continue;
        auto* box = new QCheckBox(wording::taughtStick(card_.sticks[s], *findings_->sticks[s]));
        box->setChecked(true);
        sticks_.emplace_back(box, s);
        column_->addWidget(box);
    }
}

void TrialCardSheet::take() {
    materials::Library library = desk_.session().library();
    storage::DrawerChange change;
    int count = 0;
    // Where it lies in the drawer it is changed there too.
    const auto takeThing = [&](materials::Owned thing) {
        ++count;
        const materials::Owned* owned = desk_.hasDrawer() ? desk_.drawer()->thing(materials::idOf(thing)) : nullptr;
        if (owned && owned->what.index() == thing.what.index()) change.put.push_back(std::move(thing));
    };
    for (const auto& [box, s] : sticks_) {
        if (!box->isChecked()) continue;
        const auto& medium = std::get<materials::Material>(findings_->sticks[s]->what);
        std::ranges::replace_if(
            library.media, [&](const auto& other) { return other.id == medium.id; }, medium);
        takeThing(*findings_->sticks[s]);
    }
    for (const auto& [box, w] : papers_) {
        const materials::Paper& paper = *findings_->papers[w];
        if (!box->isChecked()) continue;
        std::ranges::replace_if(
            library.papers, [&](const auto& other) { return other.id == paper.id; }, paper);
        const materials::Owned* owned = desk_.hasDrawer() ? desk_.drawer()->thing(paper.id) : nullptr;
        materials::Owned thing = owned ? *owned : materials::Owned{paper};
        thing.what = paper;
        thing.source = materials::ColourSource::card;
        takeThing(std::move(thing));
    }
    if (count == 0) return reject();
    // Where the drawer cannot be written, as it says, the study still has the readings.
    if (!change.put.empty()) desk_.drawer()->apply(tr("Read a trial card"), change);
    if (desk_.session().study().reference)
        desk_.session().chooseMaterials(tr("Read a trial card"), desk_.session().study(), std::move(library));
    Q_EMIT taken(tr("Taken from the card: %n sticks and papers are known better.", nullptr, count));
    accept();
}

}  // namespace app

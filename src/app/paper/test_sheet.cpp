#include "app/paper/test_sheet.h"

#include <QCheckBox>
#include <QCoreApplication>
#include <QFileInfo>
#include <QPainter>
#include <QProgressBar>
#include <QScrollArea>

#include "app/paper/card_rows.h"
#include "app/widgets/theme.h"
#include "colour/srgb.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "subject/picture.h"
#include "wording/sentences.h"
#include "wording/testing.h"

namespace app {

namespace {

common::Result<review::WindowsReading> testCardIn(const std::string& name) {
    const auto photograph = subject::readPictureFile(name, review::photographLongSide);
    if (!photograph) return photograph.problem();
    return review::readWindows(photograph->xyz, review::CardKind::papers, name);
}

}  // namespace

/// Above what was expected in each field, below what is seen.
class TestSheet::Fields : public QWidget {
    Q_DECLARE_TR_FUNCTIONS(app::TestSheet)

 public:
    Fields(const review::PaperTest& test, const review::WindowReading& reading) {
        setFixedHeight(74);
        setAccessibleName(tr("Fields of the card"));
        const review::CardFields fields = review::testFieldsOn(test.paper.surface);
        for (std::size_t i = 0; i < fields.size(); ++i) {
            const colour::Lab seen = colour::labFromXyz(reading[i].xyz);
            if (review::canBeLaid(fields[i], test.sticks))
                swatches_.push_back({int(i) + 1,
                                     colourOf(pigment::labOf(review::laidField(fields[i], test.paper, test.sticks),
                                                             colour::Light::daylight65)),
                                     colourOf(seen)});
        }
    }

 protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        const double words = 70, step = (width() - words) / double(swatches_.size());
        painter.setPen(theme().quiet);
        painter.drawText(QRectF(0, 18, words, 26), Qt::AlignVCenter, tr("expected"));
        painter.drawText(QRectF(0, 44, words, 26), Qt::AlignVCenter, tr("as read"));
        for (std::size_t i = 0; i < swatches_.size(); ++i) {
            const QRectF box(words + double(i) * step, 18, step - 6, 26);
            painter.setPen(theme().ink);
            painter.drawText(box.translated(0, -18), Qt::AlignLeft | Qt::AlignTop,
                             QString::number(swatches_[i].number));
            painter.fillRect(box, swatches_[i].expected);
            painter.fillRect(box.translated(0, 26), swatches_[i].seen);
        }
    }

 private:
    static QColor colourOf(const colour::Lab& lab) {
        return drawing::colourOf(colour::srgb8FromSrgb(colour::srgbFromLab(lab)));
    }
    struct Swatch {
        int number;
        QColor expected, seen;
    };
    std::vector<Swatch> swatches_;
};

TestSheet::TestSheet(QWidget* parent, Desk& desk, const QString& file, std::vector<review::PaperTest> usual)
    : Sheet(parent, tr("Test card: %1").arg(QFileInfo(file).fileName()), tr("The photograph is being read.")),
      desk_(desk),
      tests_(std::move(usual)) {
    auto* inside = new QWidget;
    column_ = new QVBoxLayout(inside);
    column_->setContentsMargins(12, 8, 12, 8);
    column_->setSpacing(8);
    body_->addWidget(scrolledDown(inside), 1);
    progress_ = addWaiting(tr("Reading the card"));
    take_ = addButton(tr("Take these readings"));
    take_->setEnabled(false);
    connect(take_, &QPushButton::clicked, this, &TestSheet::take);
    connect(addButton(tr("Leave them")), &QPushButton::clicked, this, &QDialog::reject);
    resize(1000, 700);
    background_.run([name = file.toStdString()](const common::Progress&) { return testCardIn(name); },
                    [this](const common::Result<review::WindowsReading>& card) {
                        progress_->hide();
                        if (!card) return setProblem(wording::problemSentence(card.problem()));
                        begin(*card);
                    });
}

void TestSheet::begin(const review::WindowsReading& card) {
    if (desk_.hasDrawer())
        if (const auto rows = desk_.drawer()->store().cardRows(card.page))
            if (auto printed = testsOfRows(*rows, desk_.session().library()); !printed.empty())
                tests_ = std::move(printed);
    tests_.resize(std::min(tests_.size(), tested_.size()));
    int filled = 0;
    for (std::size_t w = 0; w < tests_.size(); ++w) {
        tested_[w] = review::testedPaper(card.windows[w], tests_[w]);
        filled += tested_[w].has_value();
        addWindow(w, card.windows[w]);
    }
    column_->addStretch(1);
    explain(filled > 0
                ? tr("Above each paper's fields stands what was expected of it, below what the photograph shows.")
                : tr("No field of this card differs from the bare paper: lay the strokes, then photograph it."));
    take_->setEnabled(filled > 0);
}

void TestSheet::addWindow(std::size_t window, const review::WindowReading& reading) {
    const review::PaperTest& test = tests_[window];
    const auto& tested = tested_[window];
    auto* box = isTaken_[window] = new QCheckBox(QString::fromStdString(test.paper.name));
    box->setFont(drawing::font(drawing::TypeSize::text, true));
    box->setChecked(tested.has_value());
    box->setEnabled(tested.has_value());
    column_->addWidget(box);
    column_->addWidget(new Fields(test, reading));
    auto* told = new QLabel(tested ? wording::testedSentences(*tested, test.paper).join(QLatin1Char(' '))
                                   : tr("Its fields are empty."));
    told->setWordWrap(true);
    column_->addWidget(told);
    column_->addSpacing(8);
}

void TestSheet::take() {
    materials::Library library = desk_.session().library();
    storage::DrawerChange change;
    QStringList names;
    for (std::size_t w = 0; w < tests_.size(); ++w) {
        if (!isTaken_[w]->isChecked()) continue;
        const materials::Paper& paper = tested_[w]->paper;
        std::ranges::replace_if(
            library.papers, [&](const auto& other) { return other.id == paper.id; }, paper);
        names << QString::fromStdString(paper.name);
        const materials::Owned* owned = desk_.hasDrawer() ? desk_.drawer()->thing(paper.id) : nullptr;
        if (!owned || !std::holds_alternative<materials::Paper>(owned->what)) continue;
        change.put.push_back(*owned);
        change.put.back().what = paper;
        change.put.back().source = materials::ColourSource::card;
        change.put.back().colourError = tested_[w]->colourError;
    }
    if (names.empty()) return reject();
    // Where the drawer cannot be written, as it says, the study still has the readings.
    if (!change.put.empty()) desk_.drawer()->apply(tr("Read a test card"), change);
    desk_.session().chooseMaterials(tr("Read a test card"), desk_.session().study(), std::move(library));
    Q_EMIT taken(tr("Taken from the card: %1. All is planned anew.").arg(names.join(QStringLiteral(", "))));
    accept();
}

}  // namespace app

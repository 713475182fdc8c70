#include "app/materials/reader_sheet.h"

#include <QCheckBox>
#include <QComboBox>
#include <QCoreApplication>
#include <QPainter>
#include <functional>

#include "app/materials/drawer_view.h"
#include "app/widgets/fields.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "wording/sentences.h"

namespace app {

namespace {

enum Under { whiteTile, itsSwatch, heldAskew };

/// What a thing really looks like, as far as the stand-in is concerned: somewhat off what the list said.
colour::Lab reallyLooks(const materials::Owned& owned) {
    colour::Lab lab = colour::labFromSrgb8(*materials::colourOf(owned));
    const std::size_t seed = std::hash<std::string>()(materials::idOf(owned));
    lab.L += double(seed % 7) - 3;
    lab.a += double(seed / 7 % 7) - 3;
    lab.b += double(seed / 49 % 7) - 3;
    return lab;
}

}  // namespace

/// The thing as it is known, and as it was read, side by side and touching.
class ReaderSheet::Swatches : public QWidget {
    Q_DECLARE_TR_FUNCTIONS(app::ReaderSheet)

 public:
    Swatches() { setFixedHeight(150); }
    void show(const materials::Owned* thing, const std::optional<review::ReaderReading>& reading) {
        thing_ = thing;
        read_ = reading ? std::optional(drawing::colourOf(reading->colour)) : std::nullopt;
        update();
    }

 protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.fillRect(rect(), theme().well);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        if (!thing_) return;
        const double middle = width() / 2.0;
        painter.fillRect(QRectF(middle - 170, 20, 170, 90), drawing::colourOf(*materials::colourOf(*thing_)));
        if (read_) painter.fillRect(QRectF(middle, 20, 170, 90), *read_);
        painter.fillRect(QRectF(0, 122, width(), 28), theme().caption);
        painter.setPen(theme().wellInk);
        painter.drawText(QRectF(middle - 170, 122, 170, 28), Qt::AlignCenter, tr("known so far"));
        painter.drawText(QRectF(middle, 122, 170, 28), Qt::AlignCenter, read_ ? tr("as read") : tr("not read yet"));
        paintShape(painter, QRectF(20, 54, 64, 26), *thing_);
    }

 private:
    const materials::Owned* thing_ = nullptr;
    std::optional<QColor> read_;
};

ReaderSheet::ReaderSheet(QWidget* parent, OwnDrawer& drawer, std::vector<std::string> ids, review::ColourReader reader,
                         std::shared_ptr<review::StandInSituation> situation)
    : Sheet(parent, tr("Colour reader"), {}),
      drawer_(drawer),
      ids_(std::move(ids)),
      reader_(std::make_shared<review::ColourReader>(std::move(reader))),
      situation_(std::move(situation)) {
    std::erase_if(ids_, [&](const std::string& id) {
        const materials::Owned* owned = drawer_.thing(id);
        return !owned || !materials::colourOf(*owned);
    });
    swatches_ = new Swatches;
    body_->addWidget(swatches_);
    words_ = new QLabel;
    words_->setWordWrap(true);
    words_->setMinimumHeight(64);
    words_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    body_->addWidget(words_);
    if (situation_) makeStandIn();
    body_->addStretch(1);
    take_ = addButton(tr("Take this reading"));
    swatch_ = addButton(tr("Read the swatch"));
    tile_ = addButton(tr("Read the white tile"));
    pass_ = addButton(tr("Pass over"));
    connect(take_, &QPushButton::clicked, this, &ReaderSheet::take);
    connect(swatch_, &QPushButton::clicked, this, &ReaderSheet::readSwatch);
    connect(tile_, &QPushButton::clicked, this, &ReaderSheet::readTile);
    connect(pass_, &QPushButton::clicked, this, &ReaderSheet::next);
    connect(addButton(tr("Close")), &QPushButton::clicked, this, &QDialog::accept);
    resize(640, 460);
    refresh();
}

void ReaderSheet::makeStandIn() {
    auto* note =
        new QLabel(tr("No reader is connected, so the stand-in that ships with the program takes its place. It "
                      "invents: take its readings only to try this out."));
    note->setWordWrap(true);
    note->setObjectName(QStringLiteral("quiet"));
    body_->addWidget(note);
    auto* row = new QHBoxLayout;
    under_ = new QComboBox;
    under_->addItems({tr("its white tile"), tr("a swatch of the thing"), tr("half a swatch, held askew")});
    addField(row, tr("Under it lies"), under_);
    row->addSpacing(14);
    unplugged_ = new QCheckBox(tr("It loses its connection"));
    row->addWidget(unplugged_);
    row->addStretch(1);
    body_->addLayout(row);
}

const materials::Owned* ReaderSheet::thing() const {
    return at_ < ids_.size() ? drawer_.thing(ids_[at_]) : nullptr;
}

/// Puts under the stand-in what was said; a real reader is laid on things by hand.
void ReaderSheet::layUnder() {
    if (!situation_) return;
    const materials::Owned* owned = thing();
    const int under = under_->currentIndex();
    situation_->under = under == whiteTile || !owned ? reader_->tile : colour::xyzFromLab(reallyLooks(*owned));
    situation_->slipped = under == heldAskew ? 0.5 : 0;
    situation_->touchesUntilLost = unplugged_->isChecked() ? 0 : -1;
}

void ReaderSheet::readTile() {
    layUnder();
    setProblem({});
    background_.run(
        [reader = reader_](const common::Progress&) -> common::Result<review::Calibration> {
            if (const auto connected = reader->connect(); !connected) return connected.problem();
            return review::calibrated(*reader);
        },
        [this](common::Result<review::Calibration> calibration) {
            calibration_ = calibration ? *calibration : review::Calibration{};
            if (!calibration) setProblem(wording::problemSentence(calibration.problem()));
            refresh();
        });
    refresh();
}

void ReaderSheet::readSwatch() {
    layUnder();
    setProblem({});
    reading_.reset();
    background_.run([reader = reader_, calibration = calibration_](
                        const common::Progress&) { return review::read(*reader, calibration); },
                    [this](common::Result<review::ReaderReading> reading) {
                        if (reading) {
                            reading_ = *reading;
                        } else {
                            setProblem(wording::problemSentence(reading.problem()));
                            // What was known of the white went with the connection.
                            if (reading.problem().kind == common::ProblemKind::readerLost) calibration_ = {};
                        }
                        refresh();
                    });
    refresh();
}

void ReaderSheet::take() {
    materials::Owned owned = *thing();
    materials::setColour(owned, colour::srgb8FromSrgb(colour::srgbFromLab(reading_->colour)));
    owned.source = materials::ColourSource::reader;
    owned.colourError = reading_->error;
    if (!drawer_.apply(tr("Colour reader: %1").arg(QString::fromStdString(materials::nameOf(owned))), {.put = {owned}}))
        return reject();
    ++count_;
    Q_EMIT taken(count_);
    next();
}

void ReaderSheet::next() {
    ++at_;
    reading_.reset();
    setProblem({});
    refresh();
}

void ReaderSheet::refresh() {
    const materials::Owned* owned = thing();
    const bool isBusy = background_.isBusy();
    swatches_->show(owned, reading_);
    tile_->setEnabled(!isBusy);
    swatch_->setEnabled(!isBusy && owned && calibration_.isKnown());
    pass_->setEnabled(!isBusy && owned);
    take_->setEnabled(!isBusy && owned && reading_ && !drawer_.store().isReadOnly());
    if (!owned) {
        explain(tr("All things are read, %1 of them taken.").arg(count_));
        words_->setText({});
        return;
    }
    const QString name = QString::fromStdString(materials::nameOf(*owned));
    explain(tr("%1 of %2: %3").arg(at_ + 1).arg(ids_.size()).arg(name));
    if (isBusy)
        words_->setText(tr("Reading. Hold it still."));
    else if (!calibration_.isKnown())
        words_->setText(tr("Put the reader flat on its white tile and read that first."));
    else if (!reading_)
        words_->setText(tr("Put the reader on a heavy, even swatch of %1 and read it.").arg(name));
    else
        words_->setText(
            tr("Mean of %n readings, %1 passed over, good to %2. Against what was known: %3.", nullptr,
               reading_->readings)
                .arg(reading_->discarded)
                .arg(wording::differenceFigure(reading_->error),
                     wording::differenceWords(colour::labFromSrgb8(*materials::colourOf(*owned)), reading_->colour)));
}

}  // namespace app

#include "app/materials/card_sheet.h"

#include <QCheckBox>
#include <QComboBox>
#include <QCompleter>
#include <QCoreApplication>
#include <QFileInfo>
#include <QFormLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPainter>
#include <QProgressBar>
#include <QScrollArea>
#include <limits>

#include "app/materials/drawer_view.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "subject/picture.h"
#include "wording/decimal.h"
#include "wording/sentences.h"

namespace app {

namespace {

QString stateWord(review::FieldState state) {
    switch (state) {
        case review::FieldState::good:
            return CardSheet::tr("good");
        case review::FieldState::empty:
            return CardSheet::tr("empty");
        case review::FieldState::glossy:
            return CardSheet::tr("glossy");
        case review::FieldState::unsure:
            return CardSheet::tr("unsure");
    }
    return {};
}

QColor colourOf(const colour::Xyz& xyz) {
    return drawing::colourOf(colour::srgb8FromSrgb(colour::srgbFromXyz(xyz)));
}

/// Photograph to reading; the slow part.
common::Result<review::CardReading> cardIn(const std::string& name) {
    const auto photograph = subject::readPictureFile(name, review::photographLongSide);
    if (!photograph) return photograph.problem();
    return review::readCard(photograph->xyz, name);
}

}  // namespace

/// The card's rows: number, the three fields over white and over black, and the thing before and after.
class CardSheet::Rows : public QWidget {
    Q_DECLARE_TR_FUNCTIONS(app::CardSheet)

 public:
    explicit Rows(CardSheet& sheet) : sheet_(sheet) {
        setFocusPolicy(Qt::StrongFocus);
        setAccessibleName(tr("Rows of the card"));
        setMinimumWidth(560);
    }
    QSize sizeHint() const override { return {560, sheet_.rowCount() * pitch + 26}; }
    QRect boxOf(int row) const { return {0, 26 + row * pitch, width(), pitch}; }

 protected:
    void mousePressEvent(QMouseEvent* event) override {
        const int row = (int(event->position().y()) - 26) / pitch;
        if (event->position().y() >= 26 && row < sheet_.rowCount()) sheet_.selectRow(row);
    }
    void keyPressEvent(QKeyEvent* event) override {
        const int step = event->key() == Qt::Key_Down ? 1 : event->key() == Qt::Key_Up ? -1 : 0;
        if (step == 0) return QWidget::keyPressEvent(event);
        sheet_.selectRow(std::clamp(sheet_.row_ + step, 0, sheet_.rowCount() - 1));
    }
    void paintEvent(QPaintEvent* event) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        painter.setPen(theme().quiet);
        const QString heads[] = {tr("light"), tr("medium"), tr("heavy")};
        for (int p = 0; p < 3; ++p)
            painter.drawText(fieldBox(0, p).translated(0, -26).toRect(), Qt::AlignLeft, heads[p]);
        painter.drawText(QRectF(316, 4, 110, 20), Qt::AlignLeft, tr("known so far"));
        painter.drawText(QRectF(436, 4, 110, 20), Qt::AlignLeft, tr("as read"));
        for (int row = 0; row < sheet_.rowCount(); ++row)
            if (boxOf(row).intersects(event->rect())) paintRow(painter, row);
    }

 private:
    static constexpr int pitch = 50;
    QRectF fieldBox(int row, int p) const { return {34.0 + p * 94, 30.0 + row * pitch, 86, 40}; }

    void paintRow(QPainter& painter, int row) const {
        const auto& fields = sheet_.card_->rows[std::size_t(row)];
        painter.setPen(theme().ink);
        painter.drawText(QRectF(0, fieldBox(row, 0).top(), 30, 26), Qt::AlignVCenter | Qt::AlignRight,
                         QString::number(sheet_.numberOf(row)));
        for (int p = 0; p < 3; ++p) {
            const review::FieldReading& field = fields[std::size_t(p)];
            const QRectF box = fieldBox(row, p);
            const QRectF half(box.left(), box.top(), box.width() / 2, 24);
            painter.fillRect(half, colourOf(field.overWhite));
            painter.fillRect(half.translated(half.width(), 0), colourOf(field.overBlack));
            painter.setPen(field.state == review::FieldState::good ? theme().ink : theme().quiet);
            painter.drawText(QRectF(box.left(), box.top() + 24, box.width(), 16), Qt::AlignLeft,
                             stateWord(field.state));
            // What is passed over is struck through, be it white or black.
            if (field.state != review::FieldState::good)
                for (const QPen& pen : {QPen(drawing::markLight, 3), QPen(drawing::markInk, 1)}) {
                    painter.setPen(pen);
                    painter.drawLine(half.bottomLeft(), half.topLeft() + QPointF(box.width(), 0));
                }
        }
        const materials::Owned* known = sheet_.drawer_.thing(sheet_.ids_[std::size_t(row)]);
        const auto read = sheet_.readingOf(row);
        painter.setPen(theme().ink);
        if (known) {
            paintShape(painter, QRectF(316, fieldBox(row, 0).top(), 60, 22), *known);
            painter.setPen(theme().ink);
            painter.drawText(QRectF(316, fieldBox(row, 0).top() + 24, 118, 18), Qt::AlignLeft,
                             painter.fontMetrics().elidedText(QString::fromStdString(materials::nameOf(*known)),
                                                              Qt::ElideRight, 116));
        }
        if (known && read) {
            paintShape(painter, QRectF(436, fieldBox(row, 0).top(), 60, 22), *read);
            painter.setPen(theme().ink);
            const QString words = sheet_.byHand_[std::size_t(row)]
                                      ? tr("by hand")
                                      : tr("± %1").arg(wording::differenceFigure(read->colourError));
            painter.drawText(QRectF(436, fieldBox(row, 0).top() + 24, 118, 18), Qt::AlignLeft, words);
        }
        if (row == sheet_.row_) drawing::paintSelection(painter, QRectF(boxOf(row)).adjusted(2, 2, -4, -3));
    }

    CardSheet& sheet_;
};

CardSheet::CardSheet(QWidget* parent, OwnDrawer& drawer, const QString& file, std::vector<std::string> shown)
    : Sheet(parent, tr("Swatch card: %1").arg(QFileInfo(file).fileName()), tr("The photograph is being read.")),
      drawer_(drawer),
      file_(file) {
    auto* middle = new QHBoxLayout;
    middle->setSpacing(20);
    rows_ = new Rows(*this);
    middle->addWidget(scrolledDown(rows_), 1);
    makeDetails();
    middle->addWidget(details_);
    body_->addLayout(middle, 1);
    progress_ = addWaiting(tr("Reading the card"));
    take_ = addButton(tr("Take these readings"));
    take_->setEnabled(false);
    connect(take_, &QPushButton::clicked, this, &CardSheet::take);
    connect(addButton(tr("Leave them")), &QPushButton::clicked, this, &QDialog::reject);
    resize(1000, 700);
    begin(std::move(shown));
}

void CardSheet::makeDetails() {
    details_ = new QWidget;
    details_->setFixedWidth(330);
    auto* column = new QVBoxLayout(details_);
    column->setContentsMargins(0, 0, 0, 0);
    rowHead_ = new QLabel;
    rowHead_->setFont(drawing::font(drawing::TypeSize::text, true));
    column->addWidget(rowHead_);
    auto* form = new QFormLayout;
    thing_ = new QComboBox;
    thing_->setEditable(true);
    thing_->setInsertPolicy(QComboBox::NoInsert);
    thing_->completer()->setFilterMode(Qt::MatchContains);
    thing_->completer()->setCompletionMode(QCompleter::PopupCompletion);
    thing_->setAccessibleName(tr("It is"));
    form->addRow(tr("It is"), thing_);
    hex_ = new QLineEdit;
    hex_->setPlaceholderText(tr("as read"));
    hex_->setAccessibleName(tr("Colour by hand"));
    form->addRow(tr("Colour by hand"), hex_);
    column->addLayout(form);
    const QString pressures[] = {tr("Use the light field"), tr("Use the medium field"), tr("Use the heavy field")};
    for (int p = 0; p < 3; ++p) {
        used_[p] = new QCheckBox(pressures[p]);
        column->addWidget(used_[p]);
        connect(used_[p], &QCheckBox::clicked, this, [this, p](bool on) {
            card_->rows[std::size_t(row_)][std::size_t(p)].state =
                on ? review::FieldState::good : review::FieldState::unsure;
            judge();
        });
    }
    told_ = new QLabel;
    told_->setWordWrap(true);
    column->addWidget(told_);
    column->addStretch(1);
    details_->setEnabled(false);
    connect(thing_, &QComboBox::activated, this, [this] {
        ids_[std::size_t(row_)] = thing_->currentData().toString().toStdString();
        judge();
    });
    connect(hex_, &QLineEdit::textEdited, this, [this](const QString& words) {
        byHand_[std::size_t(row_)] = colour::srgb8FromHex(words.toStdString());
        setProblem(byHand_[std::size_t(row_)] || words.isEmpty()
                       ? QString()
                       : wording::problemSentence({common::ProblemKind::colourBad, "", 0, words.toStdString()}));
        showRow();
    });
}

void CardSheet::begin(std::vector<std::string> shown) {
    background_.run(
        [name = file_.toStdString()](const common::Progress&) { return cardIn(name); },
        [this, shown = std::move(shown)](common::Result<review::CardReading> card) {
            progress_->hide();
            if (!card) {
                explain({});
                return setProblem(wording::problemSentence(card.problem()));
            }
            card_ = std::make_shared<review::CardReading>(*std::move(card));
            const std::size_t rows = card_->rows.size();
            const auto printed = drawer_.store().cardRows(card_->page);
            if (printed && !printed->empty()) {
                ids_ = *printed;
                explain(tr("This is card %1 as it was printed. Look through the rows, then take the readings.")
                            .arg(card_->page + 1));
            } else {
                // A card that this library did not print: its rows are taken for what is shown.
                const std::size_t first = std::min(shown.size(), std::size_t(card_->page) * rows);
                ids_.assign(shown.begin() + std::ptrdiff_t(first), shown.end());
                explain(
                    tr("This card was not printed from this drawer: its rows are taken for what is shown in the "
                       "window. Say for each row what it is if they are others."));
            }
            ids_.resize(rows);
            byHand_.resize(rows);
            thing_->addItem(tr("nothing"));
            for (const materials::Owned& owned : drawer_.drawer().things)
                if (materials::colourOf(owned))
                    thing_->addItem(QString::fromStdString(materials::nameOf(owned) + " · " + materials::idOf(owned)),
                                    QString::fromStdString(materials::idOf(owned)));
            rows_->setMinimumHeight(rows_->sizeHint().height());
            details_->setEnabled(true);
            judge();
        });
}

int CardSheet::numberOf(int row) const {
    return card_->page * rowCount() + row + 1;
}

std::optional<materials::Owned> CardSheet::readingOf(int row) const {
    const auto& byHand = byHand_[std::size_t(row)];
    const materials::Owned* known = drawer_.thing(ids_[std::size_t(row)]);
    if (!known) return std::nullopt;
    std::optional<materials::Owned> read =
        std::size_t(row) < found_.rows.size() ? found_.rows[std::size_t(row)] : std::nullopt;
    if (byHand) {
        if (!read) read = *known;
        materials::setColour(*read, *byHand);
        read->source = materials::ColourSource::typed;
        read->colourError = 0;
    }
    return read;
}

/// What the fields tell, as they are used now.
void CardSheet::judge() {
    std::vector<materials::Owned> known;
    for (const std::string& id : ids_) {
        const materials::Owned* thing = drawer_.thing(id);
        // A row that is nothing is like a tool: it tells nothing.
        known.push_back(thing ? *thing : materials::Owned{materials::Tool{}});
    }
    take_->setEnabled(false);
    background_.run([card = *card_, known](const common::Progress&) { return review::materialsFrom(card, known); },
                    [this](review::CardMaterials found) {
                        found_ = std::move(found);
                        showRow();
                    });
}

void CardSheet::selectRow(int row) {
    row_ = row;
    setProblem({});
    showRow();
}

void CardSheet::showRow() {
    const auto& fields = card_->rows[std::size_t(row_)];
    rowHead_->setText(tr("Row %1").arg(numberOf(row_)));
    thing_->setCurrentIndex(std::max(0, thing_->findData(QString::fromStdString(ids_[std::size_t(row_)]))));
    for (std::size_t p = 0; p < 3; ++p) used_[p]->setChecked(fields[p].state == review::FieldState::good);
    if (!hex_->hasFocus()) {
        const auto& byHand = byHand_[std::size_t(row_)];
        hex_->setText(byHand ? QString::fromStdString(colour::hexFromSrgb8(*byHand)) : QString());
    }
    const auto read = readingOf(row_);
    const materials::Owned* known = drawer_.thing(ids_[std::size_t(row_)]);
    if (!known) {
        told_->setText(tr("It is given to nothing."));
    } else if (!read) {
        told_->setText(tr("No field of it can be used."));
    } else {
        QStringList sentences = wording::whatIsKnown(*read);
        sentences << tr("Against what was known: %1.")
                         .arg(wording::differenceWords(colour::labFromSrgb8(*materials::colourOf(*known)),
                                                       colour::labFromSrgb8(*materials::colourOf(*read))));
        told_->setText(sentences.join('\n'));
    }
    int count = 0;
    for (int row = 0; row < rowCount(); ++row) count += readingOf(row).has_value();
    take_->setText(tr("Take %n readings", nullptr, int(count)));
    take_->setEnabled(count > 0 && !background_.isBusy() && !drawer_.store().isReadOnly());
    rows_->update();
}

void CardSheet::take() {
    storage::DrawerChange change;
    int papers = 0;
    for (int row = 0; row < rowCount(); ++row)
        if (auto read = readingOf(row)) {
            papers += std::holds_alternative<materials::Paper>(read->what);
            change.put.push_back(*std::move(read));
        }
    if (!drawer_.apply(tr("Read a swatch card"), change)) return reject();
    const double hand = found_.hand;
    QString sentence = tr("%n readings were taken from the card.", nullptr, int(change.put.size()));
    if (papers < int(change.put.size()))
        sentence +=
            ' ' + (hand > 1.1   ? tr("Your hand lays more than is usual (%1 times).").arg(wording::decimal(hand, 1))
                   : hand < 0.9 ? tr("Your hand lays less than is usual (%1 times).").arg(wording::decimal(hand, 1))
                                : tr("Your hand lays about as much as is usual."));
    Q_EMIT taken(sentence);
    accept();
}

}  // namespace app

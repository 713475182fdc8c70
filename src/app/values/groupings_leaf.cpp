#include "app/values/groupings_leaf.h"

#include <QBoxLayout>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <algorithm>

#include "app/preferences.h"
#include "app/values/ladder.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "subject/reduced.h"
#include "wording/subject.h"

namespace app {

namespace {

constexpr double betweenBoards = 14;
/// Long side in pixels at which groupings are compared: they must read as thumbnails.
constexpr double thumbnailSide = 240;

}  // namespace

GroupingsLeaf::GroupingsLeaf(Session& session) : session_(session) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Groupings of the values"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addStretch(1);
    auto* row = new QHBoxLayout;
    row->addStretch(1);
    take_ = new QPushButton(tr("Take this grouping"));
    take_->setToolTip(tr("Parts the masses as in the grouping that is chosen."));
    row->addWidget(take_);
    column->addLayout(row);
    connect(take_, &QPushButton::clicked, this, &GroupingsLeaf::take);
}

void GroupingsLeaf::refresh() {
    const auto reading = session_.reading();
    const int levels = reading ? int(reading->masses.values.size()) : 0;
    if (isVisible() && (reading != tilesOf_.lock() || levels != levels_)) {
        tilesOf_ = reading;
        levels_ = levels;
        if (reading) {
            const cv::Mat& lab = reading->wantedSquinted;
            const cv::Mat small = subject::reduced(lab, thumbnailSide);
            for (int i = 0; i < subject::groupingCount; ++i) {
                Tile& tile = tiles_[std::size_t(i)];
                tile.thresholds = subject::thresholdsFor(subject::Grouping(i), lab, levels);
                tile.masses = subject::massesParted(small, tile.thresholds);
                tile.image = imageOfMasses(tile.masses);
            }
        }
    }
    take_->setEnabled(!tilesOf_.expired() && looked_ >= 0 && !isTaken(looked_));
    update();
}

bool GroupingsLeaf::isTaken(int grouping) const {
    const std::vector<double>& chosen = session_.study().thresholds;
    return subject::Grouping(grouping) == subject::Grouping::nearest
               ? chosen.empty()
               : chosen == tiles_[std::size_t(grouping)].thresholds;
}

const subject::Masses* GroupingsLeaf::looked() const {
    return !tilesOf_.expired() && looked_ >= 0 ? &tiles_[std::size_t(looked_)].masses : nullptr;
}

void GroupingsLeaf::look(int grouping) {
    looked_ = grouping;
    refresh();
    Q_EMIT looksDifferent();
}

void GroupingsLeaf::take() {
    if (looked_ < 0 || tilesOf_.expired()) return;
    session_.choose(tr("Grouping of the values"), [&](planning::Study& study) {
        const bool isExact = subject::Grouping(looked_) == subject::Grouping::nearest;
        study.thresholds = isExact ? std::vector<double>() : tiles_[std::size_t(looked_)].thresholds;
    });
}

QRectF GroupingsLeaf::tileOf(int grouping) const {
    const double wide = (width() - betweenBoards * (subject::groupingCount - 1)) / subject::groupingCount;
    const QImage& image = tiles_[std::size_t(grouping)].image;
    const double room = height() - 170;
    const double scale = image.isNull() ? 1 : std::min(wide / image.width(), room / image.height());
    const QSizeF size = image.isNull() ? QSizeF(wide, room) : QSizeF(image.size()) * scale;
    return {QPointF(grouping * (wide + betweenBoards), 6), size};
}

void GroupingsLeaf::mousePressEvent(QMouseEvent* event) {
    for (int i = 0; i < subject::groupingCount; ++i)
        if (tileOf(i).contains(event->position())) look(i);
}

void GroupingsLeaf::mouseDoubleClickEvent(QMouseEvent* event) {
    mousePressEvent(event);
    take();
}

void GroupingsLeaf::keyPressEvent(QKeyEvent* event) {
    const int step = event->key() == Qt::Key_Right ? 1 : event->key() == Qt::Key_Left ? -1 : 0;
    if (step != 0)
        look(std::clamp(looked_ + step, 0, subject::groupingCount - 1));
    else if (event->key() == Qt::Key_Return)
        take();
    else
        QWidget::keyPressEvent(event);
}

void GroupingsLeaf::paintEvent(QPaintEvent*) {
    if (tilesOf_.expired()) return;
    QPainter painter(this);
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    const Theme& t = theme();
    for (int i = 0; i < subject::groupingCount; ++i) {
        const Tile& tile = tiles_[std::size_t(i)];
        const QRectF place = tileOf(i);
        painter.drawImage(place, tile.image);
        if (i == looked_) drawing::paintSelection(painter, place.adjusted(-2, -2, 2, 2));
        painter.setPen(t.ink);
        painter.setFont(drawing::font(drawing::TypeSize::text, isTaken(i)));
        QRectF words(place.left(), place.bottom() + 5, (width() - 3 * betweenBoards) / 4, 20);
        const QString title = wording::groupingWord(subject::Grouping(i));
        painter.drawText(words, Qt::AlignLeft | Qt::AlignTop, isTaken(i) ? tr("%1: taken").arg(title) : title);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        painter.setPen(t.quiet);
        const subject::Contrast contrast = subject::contrastOf(tile.masses);
        const QString shares = tr("%1 % dark, %2 % medium, %3 % light")
                                   .arg(std::lround(contrast.dark * 100))
                                   .arg(std::lround(contrast.medium * 100))
                                   .arg(std::lround(contrast.light * 100));
        words.translate(0, 20);
        painter.drawText(words, Qt::AlignLeft | Qt::AlignTop, shares);
        words = QRectF(words.left(), words.bottom() + 4, words.width(), height() - 40 - words.bottom());
        painter.drawText(words, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
                         wording::groupingSentence(subject::Grouping(i)));
    }
}

QStringList GroupingsLeaf::sentences() const {
    QStringList sentences{
        tr("Four ways to group the same subject into %1 masses. Half-close your eyes: take the one that "
           "still says what the picture is about.")
            .arg(levels_)};
    if (looked_ < 0) return sentences;
    sentences << tr("It reads as %1.")
                     .arg(wording::keyWords(subject::contrastOf(tiles_[std::size_t(looked_)].masses), counting()));
    return sentences;
}

}  // namespace app

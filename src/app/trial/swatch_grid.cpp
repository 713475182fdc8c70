#include "app/trial/swatch_grid.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "wording/trying.h"

namespace app {

namespace {

constexpr double stickHeads = 150, pressureHeads = 26, paperRim = measure::grid;

}  // namespace

SwatchGrid::SwatchGrid() {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Swatches of the trial sheet"));
    setMinimumSize(420, 260);
}

void SwatchGrid::show(const planning::TrialSheet& sheet, const std::vector<planning::Tried>& tried,
                      const std::vector<materials::Material>& media) {
    sheet_ = &sheet;
    tried_ = &tried;
    media_ = &media;
    selected_ = std::clamp(selected_, 0, std::max(0, int(sheet.swatches.size()) - 1));
    std::erase_if(onCard_, [&](int swatch) { return swatch >= int(sheet.swatches.size()); });
    tellOfParts(*this);
    update();
}

void SwatchGrid::setHeads(std::vector<SwatchHead> rows, std::vector<SwatchHead> columns, const QString& over) {
    over_ = over;
    rows_ = std::move(rows);
    columns_ = std::move(columns);
    update();
}

void SwatchGrid::select(int swatch) {
    selected_ = swatch;
    tellOfParts(*this);
    update();
}

std::vector<DrawnPart> SwatchGrid::drawnParts() const {
    std::vector<DrawnPart> parts;
    if (!sheet_) return parts;
    for (int i = 0; i < int(sheet_->swatches.size()); ++i) {
        QStringList strokes;
        for (const pigment::Lay& lay : sheet_->swatches[std::size_t(i)]) strokes << wording::strokeShort(lay, *media_);
        QString name = strokes.isEmpty() ? tr("bare paper") : strokes.join(QStringLiteral("; "));
        if (onCard_.contains(i)) name = tr("%1, on the card").arg(name);
        parts.push_back({name, boxOf(i).toRect(), i == selected_});
    }
    return parts;
}

void SwatchGrid::choosePart(int part) {
    select(part);
    Q_EMIT chosen(part);
}

void SwatchGrid::clearCard() {
    onCard_.clear();
    update();
}

void SwatchGrid::toggleOnCard(int swatch) {
    if (!onCard_.erase(swatch)) onCard_.insert(swatch);
    update();
    Q_EMIT cardChanged();
}

QRectF SwatchGrid::paperBox() const {
    return QRectF(stickHeads, pressureHeads, width() - stickHeads, height() - pressureHeads);
}

QRectF SwatchGrid::boxOf(int swatch) const {
    const QRectF paper = paperBox().adjusted(paperRim, paperRim, -paperRim, -paperRim);
    const int row = swatch / sheet_->columns, column = swatch % sheet_->columns;
    constexpr double most = 96;
    const double across = std::min(most * 1.4, paper.width() / sheet_->columns);
    const double down = std::min(most, paper.height() / std::max(1, sheet_->rows()));
    const double gap = std::clamp(std::min(across, down) * 0.14, 1.0, 6.0);
    return QRectF(paper.left() + column * across, paper.top() + row * down, across - gap, down - gap);
}

void SwatchGrid::mousePressEvent(QMouseEvent* event) {
    if (!sheet_) return;
    for (int i = 0; i < int(sheet_->swatches.size()); ++i)
        if (boxOf(i).contains(event->position())) return choosePart(i);
}

void SwatchGrid::keyPressEvent(QKeyEvent* event) {
    if (!sheet_ || sheet_->swatches.empty()) return QWidget::keyPressEvent(event);
    const int columns = sheet_->columns, last = int(sheet_->swatches.size()) - 1;
    int to = selected_;
    switch (event->key()) {
        case Qt::Key_Left:
            to -= to % columns > 0;
            break;
        case Qt::Key_Right:
            to += to % columns < columns - 1;
            break;
        case Qt::Key_Up:
            to -= to >= columns ? columns : 0;
            break;
        case Qt::Key_Down:
            to += to + columns <= last ? columns : 0;
            break;
        case Qt::Key_Home:
            to = 0;
            break;
        case Qt::Key_End:
            to = last;
            break;
        case Qt::Key_Space:
            return toggleOnCard(selected_);
        default:
            return QWidget::keyPressEvent(event);
    }
    if (to != selected_) choosePart(to);
}

void SwatchGrid::paintHead(QPainter& painter, const QRectF& box, const SwatchHead& head, bool isNamed) const {
    const double height = std::min(box.height(), 18.0), length = std::min(box.width(), 34.0);
    const QRectF shape(box.left(), box.center().y() - height / 2, length, height);
    if (head.pressure) {
        drawing::paintPressure(painter, QRectF(box.left(), shape.top(), 26, height), *head.pressure, theme().wellInk);
        return;
    }
    if (head.stick < 0) {
        painter.fillRect(shape, drawing::colourOf(head.wanted));
    } else {
        const materials::Material& medium = (*media_)[std::size_t(head.stick)];
        drawing::paintMaterial(painter, shape, medium.kind, drawing::colourOf(medium.masstone));
    }
    constexpr double readable = 13;
    if (!isNamed || box.height() < readable) return;
    const QString name = head.stick < 0 ? head.name : QString::fromStdString((*media_)[std::size_t(head.stick)].name);
    painter.setPen(theme().wellInk);
    const QRectF words = box.adjusted(length + 6, 0, -4, 0);
    painter.drawText(words, Qt::AlignVCenter | Qt::AlignLeft,
                     painter.fontMetrics().elidedText(name, Qt::ElideRight, int(words.width())));
}

void SwatchGrid::paintSwatch(QPainter& painter, int swatch) const {
    const QRectF box = boxOf(swatch);
    const planning::Tried& tried = (*tried_)[std::size_t(swatch)];
    const QColor colour = drawing::colourOf(tried.seen);
    painter.fillRect(box, colour);
    const double mark = std::min({box.width(), box.height(), 30.0}) / 3;
    const QColor line = drawing::edgeOf(colour);
    const bool slides =
        std::ranges::any_of(tried.holds, [](const pigment::Hold& hold) { return hold.held < pigment::slidesBelow; });
    if (slides) {
        // As it slides: two strokes that slip off downwards.
        painter.setPen(QPen(line, 1.4));
        const QPointF from(box.right() - mark - 2, box.bottom() - mark - 2);
        painter.drawLine(from, from + QPointF(mark * 0.5, mark));
        painter.drawLine(from + QPointF(mark * 0.45, 0), from + QPointF(mark * 0.95, mark));
    }
    if (onCard_.contains(swatch)) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(line);
        painter.drawPolygon(
            QPolygonF{box.topLeft(), box.topLeft() + QPointF(mark, 0), box.topLeft() + QPointF(0, mark)});
    }
    if (swatch == selected_) drawing::paintSelection(painter, box.adjusted(-1, -1, 1, 1));
}

void SwatchGrid::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(drawing::font(drawing::TypeSize::small));
    painter.fillRect(rect(), theme().well);
    if (!sheet_ || sheet_->swatches.empty()) {
        painter.setPen(theme().wellInk);
        painter.drawText(rect(), Qt::AlignCenter, tr("Tick the sticks that are to be tried."));
        return;
    }
    painter.setPen(theme().wellInk);
    painter.drawText(QRectF(0, 0, stickHeads - measure::grid, pressureHeads), Qt::AlignVCenter | Qt::AlignRight, over_);
    const QRectF last = boxOf(int(sheet_->swatches.size()) - 1);
    QRectF paper = paperBox();
    paper.setBottomRight(last.bottomRight() + QPointF(paperRim, paperRim));
    painter.fillRect(paper, drawing::colourOf(sheet_->paper.tone));
    for (std::size_t r = 0; r < rows_.size() && int(r) < sheet_->rows(); ++r) {
        const QRectF box = boxOf(int(r) * sheet_->columns);
        paintHead(painter, QRectF(4, box.top(), stickHeads - 6, box.height()), rows_[r], true);
    }
    for (std::size_t c = 0; c < columns_.size() && int(c) < sheet_->columns; ++c) {
        const QRectF box = boxOf(int(c));
        paintHead(painter, QRectF(box.left(), 3, box.width(), pressureHeads - 6), columns_[c], false);
    }
    for (int i = 0; i < int(sheet_->swatches.size()); ++i)
        if (i != selected_) paintSwatch(painter, i);
    paintSwatch(painter, selected_);
}

}  // namespace app

#include "app/check/difference_strip.h"

#include <QKeyEvent>
#include <QPainter>
#include <QScrollBar>
#include <algorithm>

#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"

namespace app {

namespace {

constexpr int swatch = 34;  // width of each of two

}  // namespace

DifferenceStrip::DifferenceStrip() {
    setFrameShape(QFrame::NoFrame);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Areas from the worst to the best"));
    viewport()->setAutoFillBackground(false);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    verticalScrollBar()->setSingleStep(measure::control);
}

int DifferenceStrip::rowHeight() const {
    return 2 * QFontMetrics(drawing::font(drawing::TypeSize::small)).height() + measure::grid;
}

int DifferenceStrip::chosenRow() const {
    const auto at = std::ranges::find_if(rows_, [this](const Row& row) { return isChosen(row); });
    return at == rows_.end() ? -1 : int(at - rows_.begin());
}

void DifferenceStrip::setRows(std::vector<Row> rows, double error) {
    rows_ = std::move(rows);
    error_ = error;
    if (chosenRow() < 0) isPlaceChosen_ = false;
    if (chosenRow() < 0) chosen_ = -1;
    tellOfParts(*this);
    measureScroll();
    viewport()->update();
}

std::vector<DrawnPart> DifferenceStrip::drawnParts() const {
    std::vector<DrawnPart> parts;
    const int height = rowHeight(), top = viewport()->y() - verticalScrollBar()->value();
    for (std::size_t i = 0; i < rows_.size(); ++i)
        parts.push_back({QStringLiteral("%1: %2, %3. %4")
                             .arg(rows_[i].name, rows_[i].words, rows_[i].figure, rows_[i].correction)
                             .trimmed(),
                         QRect(0, top + int(i) * height, width(), height), isChosen(rows_[i])});
    return parts;
}

void DifferenceStrip::choosePart(int part) {
    take(part);
}

void DifferenceStrip::choose(int area, bool isPlace) {
    chosen_ = area;
    isPlaceChosen_ = isPlace;
    const int row = chosenRow(), height = rowHeight();
    if (row < 0) chosen_ = -1;
    QScrollBar& bar = *verticalScrollBar();
    if (row >= 0) bar.setValue(std::clamp(bar.value(), (row + 1) * height - viewport()->height(), row * height));
    viewport()->update();
}

void DifferenceStrip::take(int row) {
    if (row < 0 || row >= int(rows_.size())) return;
    choose(rows_[std::size_t(row)].area, rows_[std::size_t(row)].isPlace);
    Q_EMIT areaChosen(chosen_);
}

void DifferenceStrip::measureScroll() {
    const int whole = int(rows_.size()) * rowHeight();
    verticalScrollBar()->setRange(0, std::max(0, whole - viewport()->height()));
    verticalScrollBar()->setPageStep(viewport()->height());
}

void DifferenceStrip::resizeEvent(QResizeEvent*) {
    measureScroll();
}

void DifferenceStrip::mousePressEvent(QMouseEvent* event) {
    take((int(event->position().y()) + verticalScrollBar()->value()) / rowHeight());
}

void DifferenceStrip::keyPressEvent(QKeyEvent* event) {
    const int row = chosenRow(), last = int(rows_.size()) - 1;
    switch (event->key()) {
        case Qt::Key_Down:
            return take(std::min(last, row + 1));
        case Qt::Key_Up:
            return take(std::max(0, row - 1));
        case Qt::Key_Home:
            return take(0);
        case Qt::Key_End:
            return take(last);
        default:
            QAbstractScrollArea::keyPressEvent(event);
    }
}

void DifferenceStrip::paintEvent(QPaintEvent*) {
    QPainter painter(viewport());
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(viewport()->rect(), theme().panel);
    if (rows_.empty()) {
        painter.setPen(theme().ink);
        painter.setFont(drawing::font(drawing::TypeSize::text));
        painter.drawText(viewport()->rect(), Qt::AlignTop | Qt::TextWordWrap,
                         tr("Here the areas will stand, the worst first, with what would mend each."));
    }
    const int height = rowHeight(), width = viewport()->width();
    double worst = 2 * error_;
    for (const Row& row : rows_) worst = std::max(worst, row.difference);
    const QFont text = drawing::font(drawing::TypeSize::text), strong = drawing::font(drawing::TypeSize::text, true),
                small = drawing::font(drawing::TypeSize::small);
    const int named = width / 4, line = width / 7, words = (width - 2 * swatch - named - line - 5 * measure::grid) / 2;
    for (int i = 0; i < int(rows_.size()); ++i) {
        const Row& row = rows_[std::size_t(i)];
        const QRect place(0, i * height - verticalScrollBar()->value(), width, height);
        if (place.bottom() < 0 || place.top() > viewport()->height()) continue;
        if (isChosen(row)) painter.fillRect(place, theme().raised);
        const QRect inner = place.adjusted(measure::grid / 2, measure::grid / 2, -measure::grid, -measure::grid / 2);
        // What is there over what is wanted, joined: the eye sees a border or none.
        painter.fillRect(QRect(inner.left(), inner.top(), swatch, inner.height()), row.work);
        painter.fillRect(QRect(inner.left() + swatch, inner.top(), swatch, inner.height()), row.wanted);
        int x = inner.left() + 2 * swatch + measure::grid;
        const auto write = [&](const QString& what, int room, const QFont& font, const QColor& ink) {
            painter.setFont(font);
            painter.setPen(ink);
            painter.drawText(QRect(x, inner.top(), room, inner.height()), Qt::AlignVCenter | Qt::TextWordWrap, what);
            x += room + measure::grid;
        };
        const QFont& large = row.isFirst ? strong : text;
        const bool isShort = QFontMetrics(large).horizontalAdvance(row.name) <= named;
        // Two lines of small letters find room.
        write(row.name, named, isShort ? large : drawing::font(drawing::TypeSize::small, row.isFirst), theme().ink);
        write(row.words, words, small, theme().ink);
        const double scale = line / std::max(1e-9, worst), middle = inner.center().y() + 0.5 - measure::grid;
        const double unsure = std::min(row.difference, error_) * scale, whole = row.difference * scale;
        painter.setPen(QPen(theme().ink, 3, Qt::DotLine, Qt::FlatCap));
        painter.drawLine(QPointF(x, middle), QPointF(x + unsure, middle));
        painter.setPen(QPen(theme().ink, 5, Qt::SolidLine, Qt::FlatCap));
        if (whole > unsure) painter.drawLine(QPointF(x + unsure, middle), QPointF(x + whole, middle));
        painter.setPen(theme().ink);
        painter.setFont(small);
        painter.drawText(QRect(x, inner.center().y() - 2, line, inner.height() / 2 + 4), Qt::AlignTop, row.figure);
        x += line + measure::grid;
        write(row.correction, width - x - measure::grid, small, row.isTaken ? theme().ink : theme().quiet);
        painter.setPen(theme().line);
        painter.drawLine(place.bottomLeft(), place.bottomRight());
    }
}

}  // namespace app

#include "app/values/ladder.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "app/widgets/theme.h"
#include "colour/munsell.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"

namespace app {

namespace {

constexpr int rungs = 9;
constexpr double leastApart = 0.1;  // value steps between two marks

QColor greyOfValue(double value) {
    return drawing::colourOf(colour::Lab{colour::lightnessOfMunsellValue(value), 0, 0});
}

}  // namespace

QImage imageOfMasses(const subject::Masses& masses) {
    const cv::Mat& map = masses.map;
    std::vector<QRgb> greys;
    for (const double value : masses.values) greys.push_back(greyOfValue(value).rgb());
    QImage image(map.cols, map.rows, QImage::Format_RGB32);
    for (int y = 0; y < map.rows; ++y) {
        auto* line = reinterpret_cast<QRgb*>(image.scanLine(y));
        const int* mass = map.ptr<int>(y);
        for (int x = 0; x < map.cols; ++x) line[x] = greys[std::size_t(mass[x])];
    }
    return image;
}

Ladder::Ladder(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Value ladder"));
    setAccessibleDescription(tr("Up and down choose a mark between two masses, left and right move it"));
    setMinimumHeight(170);
}

void Ladder::show(const subject::Masses& masses, int selected, wording::Counting counting) {
    masses_ = masses;
    if (held_ < 0) thresholds_ = subject::thresholdsOf(masses);
    selected_ = selected;
    counting_ = counting;
    if (inHand_ >= int(thresholds_.size())) inHand_ = -1;
    tellOfParts(*this);
    update();
}

std::vector<DrawnPart> Ladder::drawnParts() const {
    std::vector<DrawnPart> parts;
    for (int i = 0; i < int(masses_.values.size()); ++i)
        parts.push_back({tr("Mass at value %1, %2 % of the picture")
                             .arg(wording::valueFigure(masses_.values[std::size_t(i)], counting_))
                             .arg(std::lround(100 * masses_.shares[std::size_t(i)])),
                         blockOf(i).toRect(), i == selected_});
    return parts;
}

void Ladder::choosePart(int part) {
    Q_EMIT chosen(part);
}

QPointF Ladder::markOf(int threshold) const {
    return {xOf(thresholds_[std::size_t(threshold)]), railTop() - 4};
}

QRectF Ladder::blockOf(int mass) const {
    const double room = railTop() - 44;
    const double wide = std::min(pitch() * 0.86, 96.0);
    // As high as its share asks for, the largest mass filling the room.
    const double largest = std::max(0.01, *std::ranges::max_element(masses_.shares));
    const double high = std::max(8.0, room * masses_.shares[std::size_t(mass)] / largest);
    return {xOf(masses_.values[std::size_t(mass)]) - wide / 2, railTop() - 18 - high, wide, high};
}

int Ladder::massAt(const QPointF& position) const {
    for (int i = 0; i < int(masses_.values.size()); ++i)
        if (blockOf(i).adjusted(-2, -2, 2, 24).contains(position)) return i;
    return -1;
}

void Ladder::move(int mark, double value) {
    const auto at = std::size_t(mark);
    const double least = at > 0 ? thresholds_[at - 1] + leastApart : leastApart;
    const double most = at + 1 < thresholds_.size() ? thresholds_[at + 1] - leastApart : 10 - leastApart;
    if (least > most) return;
    thresholds_[at] = std::clamp(value, least, most);
    update();
}

void Ladder::mousePressEvent(QMouseEvent* event) {
    for (int i = 0; i < int(thresholds_.size()); ++i) {
        const QPointF off = event->position() - markOf(i);
        if (std::fabs(off.x()) < 8 && std::fabs(off.y()) < 14) held_ = inHand_ = i;
    }
    if (held_ < 0) Q_EMIT chosen(massAt(event->position()));
    update();
}

void Ladder::mouseMoveEvent(QMouseEvent* event) {
    if (held_ < 0) return;
    move(held_, (event->position().x() - edge()) / pitch() + 0.5);
    Q_EMIT dragged(thresholds_);
}

void Ladder::mouseReleaseEvent(QMouseEvent*) {
    if (held_ < 0) return;
    held_ = -1;
    Q_EMIT dropped(thresholds_);
}

void Ladder::keyPressEvent(QKeyEvent* event) {
    const int count = int(thresholds_.size());
    if (count == 0) return QWidget::keyPressEvent(event);
    if (event->key() == Qt::Key_Up || event->key() == Qt::Key_Down) {
        inHand_ = (inHand_ + (event->key() == Qt::Key_Up ? 1 : count - (inHand_ < 0 ? 0 : 1))) % count;
    } else if ((event->key() == Qt::Key_Left || event->key() == Qt::Key_Right) && inHand_ >= 0) {
        move(inHand_, thresholds_[std::size_t(inHand_)] + (event->key() == Qt::Key_Left ? -0.1 : 0.1));
        Q_EMIT dropped(thresholds_);
    } else {
        return QWidget::keyPressEvent(event);
    }
    update();
}

void Ladder::paintEvent(QPaintEvent*) {
    const Theme& t = theme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(drawing::font(drawing::TypeSize::small));
    const double y = railTop();
    const bool isBlackOne = counting_ == wording::Counting::blackIsOne;
    for (int rung = 1; rung <= rungs; ++rung) {
        const QRectF box(xOf(rung) - pitch() * 0.5 + 1, y, pitch() - 2, 30);
        painter.fillRect(box, greyOfValue(rung));
        painter.setPen(QPen(t.line, 1));
        painter.drawRect(box);
        painter.setPen(t.ink);
        painter.drawText(QRectF(box.left(), y + 33, box.width(), 18), Qt::AlignHCenter,
                         QString::number(isBlackOne ? rung : 10 - rung));
    }
    painter.drawText(QRectF(edge(), y + 50, 200, 18), Qt::AlignLeft, tr("black"));
    painter.drawText(QRectF(width() - edge() - 200, y + 50, 200, 18), Qt::AlignRight, tr("white"));
    for (int i = 0; i < int(masses_.values.size()); ++i) {
        if (masses_.shares[std::size_t(i)] <= 0) continue;
        const QRectF block = blockOf(i);
        painter.setPen(QPen(t.ink, 1));
        painter.drawLine(QPointF(block.center().x(), block.bottom()), QPointF(block.center().x(), y));
        painter.fillRect(block, greyOfValue(masses_.values[std::size_t(i)]));
        painter.setPen(QPen(t.line, 1));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(block);
        if (i == selected_) drawing::paintSelection(painter, block);
        painter.setPen(t.ink);
        const QRectF words(block.left() - 20, block.top() - 20, block.width() + 40, 18);
        painter.drawText(words, Qt::AlignHCenter | Qt::AlignBottom,
                         tr("%1, %2 %")
                             .arg(wording::valueFigure(masses_.values[std::size_t(i)], counting_))
                             .arg(std::lround(masses_.shares[std::size_t(i)] * 100)));
    }
    for (int i = 0; i < int(thresholds_.size()); ++i) {
        const QPointF mark = markOf(i);
        QPainterPath wedge(mark + QPointF(0, 6));
        wedge.lineTo(mark + QPointF(-6, -8));
        wedge.lineTo(mark + QPointF(6, -8));
        wedge.closeSubpath();
        painter.fillPath(wedge, i == inHand_ ? t.ink : t.raised);
        painter.setPen(QPen(t.ink, 1.4));
        painter.drawPath(wedge);
        painter.drawLine(mark + QPointF(0, 6), mark + QPointF(0, 34));
    }
}

}  // namespace app

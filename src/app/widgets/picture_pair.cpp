#include "app/widgets/picture_pair.h"

#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

#include "app/widgets/theme.h"
#include "drawing/fonts.h"

namespace app {

namespace {

constexpr double edge = 10, caption = 26, between = 12;

/// The border of a mask: what dilating it adds.
QImage borderOf(const QImage& mask) {
    QImage border(mask.size(), QImage::Format_ARGB32_Premultiplied);
    border.fill(Qt::transparent);
    const auto inside = [&](int x, int y) {
        return x >= 0 && y >= 0 && x < mask.width() && y < mask.height() && qGray(mask.pixel(x, y)) > 127;
    };
    for (int y = 0; y < mask.height(); ++y)
        for (int x = 0; x < mask.width(); ++x) {
            if (!inside(x, y)) continue;
            const bool rim = !inside(x - 1, y) || !inside(x + 1, y) || !inside(x, y - 1) || !inside(x, y + 1);
            if (!rim) continue;
            // Ink within, light without.
            for (int dy = -2; dy <= 2; ++dy)
                for (int dx = -2; dx <= 2; ++dx) {
                    const int px = x + dx, py = y + dy;
                    if (px < 0 || py < 0 || px >= mask.width() || py >= mask.height()) continue;
                    if (inside(px, py))
                        border.setPixel(px, py, qRgba(0x16, 0x16, 0x16, 255));
                    else
                        border.setPixel(px, py, qRgba(0xf2, 0xf2, 0xf2, 255));
                }
        }
    return border;
}

QImage smoothed(const QImage& image, int factor) {
    const QSize small(std::max(1, image.width() / factor), std::max(1, image.height() / factor));
    return image.scaled(small, Qt::IgnoreAspectRatio, Qt::SmoothTransformation)
        .scaled(image.size(), Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
}

}  // namespace

PicturePair::PicturePair(QWidget* parent) : QWidget(parent) {
    setMinimumHeight(220);
    setFocusPolicy(Qt::ClickFocus);
    setAccessibleName(tr("Subject and sheet"));
    setAccessibleDescription(tr("The reference on the left, the predicted sheet on the right"));
}

void PicturePair::setSubject(const QImage& image, const QString& words) {
    subject_ = image;
    subjectCaption_ = words;
    refresh();
}

void PicturePair::setSheet(const QImage& image, const QString& words, const QString& figure) {
    sheet_ = image;
    sheetCaption_ = words;
    figure_ = figure;
    refresh();
}

void PicturePair::setOutline(const QImage& mask) {
    outline_ = mask.isNull() ? QImage() : borderOf(mask);
    update();
}

void PicturePair::setMeasuring(bool measuring) {
    measuring_ = measuring;
    setCursor(measuring ? Qt::CrossCursor : Qt::ArrowCursor);
    if (!measuring) line_.reset();
    update();
}

void PicturePair::setLine(const std::optional<QLineF>& fractions) {
    line_ = fractions;
    update();
}

void PicturePair::setWay(Way way, bool on) {
    bool& held = ways_[static_cast<int>(way)];
    if (held == on) return;
    held = on;
    refresh();
    Q_EMIT wayChanged(way, on);
}

void PicturePair::zoomBy(double factor, const QPointF& around) {
    const auto at = fractionAt(around);
    zoom_ = std::clamp(zoom_ * factor, 1.0, 16.0);
    if (at) centre_ += (*at - centre_) * (1.0 - 1.0 / factor);
    if (zoom_ == 1) centre_ = {0.5, 0.5};
    update();
}

void PicturePair::fit() {
    zoom_ = 1;
    centre_ = {0.5, 0.5};
    update();
}

QRectF PicturePair::frame(bool sheet) const {
    const double width = (QWidget::width() - 2 * edge - between) / 2;
    return {sheet ? edge + width + between : edge, caption, width, height() - caption - edge};
}

QRectF PicturePair::placed(bool sheet) const {
    const QImage& image = subject_.isNull() ? sheet_ : subject_;
    const QRectF box = frame(sheet);
    if (image.isNull()) return box;
    const double scale = std::min(box.width() / image.width(), box.height() / image.height()) * zoom_;
    const QSizeF size(image.width() * scale, image.height() * scale);
    const bool mirrored = ways_[static_cast<int>(Way::mirror)];
    const double cx = mirrored ? 1 - centre_.x() : centre_.x();
    return {box.center() - QPointF(cx * size.width(), centre_.y() * size.height()), size};
}

std::optional<QPointF> PicturePair::fractionAt(const QPointF& position) const {
    for (const bool sheet : {false, true}) {
        const QRectF place = placed(sheet);
        if (!frame(sheet).contains(position) || !place.contains(position)) continue;
        QPointF fraction((position.x() - place.left()) / place.width(), (position.y() - place.top()) / place.height());
        if (ways_[static_cast<int>(Way::mirror)]) fraction.setX(1 - fraction.x());
        return fraction;
    }
    return std::nullopt;
}

QImage PicturePair::shown(const QImage& image) const {
    if (image.isNull()) return image;
    QImage out = image;
    if (way(Way::squint)) out = smoothed(out, std::max(4, out.width() / 60));
    if (way(Way::values)) out = out.convertToFormat(QImage::Format_Grayscale8);
    if (way(Way::mirror)) out = out.mirrored(true, false);
    return out;
}

void PicturePair::refresh() {
    subjectShown_ = shown(subject_);
    sheetShown_ = shown(sheet_);
    update();
}

void PicturePair::paintGrid(QPainter& painter, const QRectF& place) const {
    for (const auto& [colour, offset] :
         {std::pair(QColor(0xf2, 0xf2, 0xf2), 1.0), std::pair(QColor(0x16, 0x16, 0x16), 0.0)}) {
        painter.setPen(QPen(colour, 1));
        for (int i = 1; i < 3; ++i) {
            const double x = place.left() + place.width() * i / 3 + offset;
            const double y = place.top() + place.height() * i / 3 + offset;
            painter.drawLine(QPointF(x, place.top()), QPointF(x, place.bottom()));
            painter.drawLine(QPointF(place.left(), y), QPointF(place.right(), y));
        }
        painter.setPen(QPen(colour, 1, Qt::DashLine));
        painter.drawLine(QPointF(place.center().x() + offset, place.top()),
                         QPointF(place.center().x() + offset, place.bottom()));
    }
}

void PicturePair::paintSide(QPainter& painter, bool sheet) {
    const QImage& image = sheet ? sheetShown_ : subjectShown_;
    const QRectF box = frame(sheet);
    painter.setPen(theme().wellInk);
    painter.setFont(drawing::font(drawing::TypeSize::text));
    const QRectF words(box.left(), 0, box.width(), caption);
    const QFontMetricsF metrics(painter.font());
    const QString figure = sheet ? figure_ : QString();
    const double room = box.width() - (figure.isEmpty() ? 0 : metrics.horizontalAdvance(figure) + between);
    painter.drawText(words, Qt::AlignLeft | Qt::AlignVCenter,
                     metrics.elidedText(sheet ? sheetCaption_ : subjectCaption_, Qt::ElideRight, room));
    painter.drawText(words, Qt::AlignRight | Qt::AlignVCenter, figure);
    if (image.isNull()) return;
    painter.save();
    painter.setClipRect(box);
    const QRectF place = placed(sheet);
    painter.drawImage(place, image);
    if (!outline_.isNull()) painter.drawImage(place, way(Way::mirror) ? outline_.mirrored(true, false) : outline_);
    if (way(Way::grid)) paintGrid(painter, place);
    if (line_ && !sheet) {
        const auto at = [&](QPointF f) {
            const double x = way(Way::mirror) ? 1 - f.x() : f.x();
            return QPointF(place.left() + x * place.width(), place.top() + f.y() * place.height());
        };
        painter.setRenderHint(QPainter::Antialiasing);
        const QLineF line(at(line_->p1()), at(line_->p2()));
        painter.setPen(QPen(QColor(0xf2, 0xf2, 0xf2), 4));
        painter.drawLine(line);
        painter.setPen(QPen(QColor(0x16, 0x16, 0x16), 1.6));
        painter.drawLine(line);
    }
    painter.restore();
}

void PicturePair::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.fillRect(rect(), theme().well);
    painter.fillRect(QRectF(0, 0, width(), caption), theme().caption);
    paintSide(painter, false);
    paintSide(painter, true);
}

void PicturePair::wheelEvent(QWheelEvent* event) {
    zoomBy(std::pow(1.0015, event->angleDelta().y()), event->position());
}

void PicturePair::mousePressEvent(QMouseEvent* event) {
    pressedAt_ = event->position();
    lastMouse_ = event->position();
    dragged_ = false;
}

void PicturePair::mouseMoveEvent(QMouseEvent* event) {
    if (!pressedAt_) return;
    if ((event->position() - *pressedAt_).manhattanLength() > 4) dragged_ = true;
    if (!dragged_) return;
    if (measuring_) {
        const auto from = fractionAt(*pressedAt_);
        const auto to = fractionAt(event->position());
        if (from && to) {
            line_ = QLineF(*from, *to);
            Q_EMIT measured(*line_);
        }
    } else {
        const QRectF place = placed(false);
        const QPointF moved = event->position() - lastMouse_;
        const double sign = way(Way::mirror) ? 1 : -1;
        if (zoom_ > 1) centre_ += QPointF(sign * moved.x() / place.width(), -moved.y() / place.height());
        centre_ = {std::clamp(centre_.x(), 0.0, 1.0), std::clamp(centre_.y(), 0.0, 1.0)};
    }
    lastMouse_ = event->position();
    update();
}

void PicturePair::mouseReleaseEvent(QMouseEvent* event) {
    if (pressedAt_ && !dragged_)
        if (const auto fraction = fractionAt(event->position())) Q_EMIT pointed(*fraction);
    pressedAt_.reset();
}

void PicturePair::mouseDoubleClickEvent(QMouseEvent*) {
    fit();
}

}  // namespace app

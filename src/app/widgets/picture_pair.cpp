#include "app/widgets/picture_pair.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>
#include <utility>

#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"

namespace app {

namespace {

/// From 2 cm a sheet fills the screen some hundred times over.
constexpr double mostZoom = 160;

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
                        border.setPixel(px, py, drawing::markInk.rgba());
                    else
                        border.setPixel(px, py, drawing::markLight.rgba());
                }
        }
    return border;
}

}  // namespace

PicturePair::PicturePair(QWidget* parent) : QWidget(parent) {
    setMinimumHeight(220);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Subject and sheet"));
    setAccessibleDescription(
        tr("The reference on the left, the predicted sheet on the right. Arrow keys move a cross, Return points with "
           "it."));
}

void PicturePair::setSubject(const QImage& image, const QString& words) {
    // The same picture again costs nothing.
    subjectCaption_ = words;
    if (subject_.cacheKey() != image.cacheKey()) {
        subject_ = image;
        details_[false] = {};
        subjectShown_ = shown(subject_);
    }
    update();
    lookCloser();
}

void PicturePair::setSheet(const QImage& image, const QString& words, const QString& figure) {
    sheetCaption_ = words;
    figure_ = figure;
    if (sheet_.cacheKey() != image.cacheKey()) {
        sheet_ = image;
        details_[true] = {};
        sheetShown_ = shown(sheet_);
    }
    update();
    lookCloser();
}

void PicturePair::setOther(const QImage& image) {
    if (other_.cacheKey() == image.cacheKey()) return;
    other_ = image;
    otherShown_ = shown(other_);
    update();
}

void PicturePair::setOutline(const QImage& mask) {
    outline_ = mask.isNull() ? QImage() : borderOf(mask);
    update();
}

void PicturePair::setHand(Hand hand) {
    hand_ = hand;
    setCursor(hand == Hand::pan ? Qt::ArrowCursor : Qt::CrossCursor);
    if (hand != Hand::scribble) scribble_.clear();
    update();
}

void PicturePair::setOverlays(std::vector<Overlay> overlays) {
    overlays_ = std::move(overlays);
    update();
}

void PicturePair::setDetail(bool sheet, const QImage& image, const QRectF& part) {
    details_[sheet] = {image, part};
    update();
}

void PicturePair::setGrid(double everyMillimetres, const QSizeF& sheet) {
    grid_ = everyMillimetres;
    sheetSize_ = sheet;
    update();
}

void PicturePair::setSquint(double amount, std::function<QImage(const QImage&, double)> squinted) {
    const bool isOther = amount != squint_;
    squint_ = amount;
    squinted_ = std::move(squinted);
    if (isOther && way(Way::squint)) refresh();
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
    zoom_ = std::clamp(zoom_ * factor, 1.0, mostZoom);
    if (at) centre_ += (*at - centre_) * (1.0 - 1.0 / factor);
    if (zoom_ == 1) centre_ = {0.5, 0.5};
    update();
    lookCloser();
}

void PicturePair::lookFrom(double centimetres) {
    constexpr double armsLength = 60;
    const QImage& image = subject_.isNull() ? sheet_ : subject_;
    if (image.isNull() || sheetSize_.isEmpty()) return;
    const QRectF box = frame(true);
    const double whole = image.width() * std::min(box.width() / image.width(), box.height() / image.height());
    const double screen = sheetSize_.width() / 25.4 * logicalDpiX() * armsLength / centimetres;
    zoom_ = std::clamp(screen / whole, 1.0, mostZoom);
    if (zoom_ == 1) centre_ = {0.5, 0.5};
    update();
    lookCloser();
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
    const double cy = way(Way::upsideDown) ? 1 - centre_.y() : centre_.y();
    return {box.center() - QPointF(cx * size.width(), cy * size.height()), size};
}

std::optional<QPointF> PicturePair::fractionAt(const QPointF& position) const {
    for (const bool sheet : {false, true}) {
        const QRectF place = placed(sheet);
        if (!frame(sheet).contains(position) || !place.contains(position)) continue;
        QPointF fraction((position.x() - place.left()) / place.width(), (position.y() - place.top()) / place.height());
        if (way(Way::mirror)) fraction.setX(1 - fraction.x());
        if (way(Way::upsideDown)) fraction.setY(1 - fraction.y());
        return fraction;
    }
    return std::nullopt;
}

QPointF PicturePair::positionOf(const QPointF& fraction, bool sheet) const {
    const QRectF place = placed(sheet);
    const double x = way(Way::mirror) ? 1 - fraction.x() : fraction.x();
    const double y = way(Way::upsideDown) ? 1 - fraction.y() : fraction.y();
    return {place.left() + x * place.width(), place.top() + y * place.height()};
}

void PicturePair::lookCloser() {
    const QRectF box = frame(false), place = placed(false);
    const bool isSubjectWanted = !subject_.isNull() && place.width() > subject_.width();
    const bool isSheetWanted = !sheet_.isNull() && zoom_ > 1;
    if (!isSubjectWanted && !isSheetWanted) return;
    const QRectF seen = box & place;
    if (seen.isEmpty()) return;
    QRectF part((seen.left() - place.left()) / place.width(), (seen.top() - place.top()) / place.height(),
                seen.width() / place.width(), seen.height() / place.height());
    if (way(Way::mirror)) part.moveLeft(1 - part.right());
    if (way(Way::upsideDown)) part.moveTop(1 - part.bottom());
    if (isSubjectWanted) Q_EMIT detailWanted(false, part, seen.size().toSize());
    if (isSheetWanted) Q_EMIT detailWanted(true, part, seen.size().toSize());
}

QImage PicturePair::shown(const QImage& image) const {
    if (image.isNull()) return image;
    QImage out = image;
    if (way(Way::squint) && squinted_) {
        // At the size of the screen: more is not seen with half-closed eyes.
        const QSize size = frame(false).size().toSize();
        if (out.width() > size.width() || out.height() > size.height())
            out = out.scaled(size, Qt::KeepAspectRatio, Qt::SmoothTransformation);
        out = squinted_(out, squint_);
    }
    if (way(Way::values)) out = out.convertToFormat(QImage::Format_Grayscale8);
    if (way(Way::mirror) || way(Way::upsideDown)) out = out.mirrored(way(Way::mirror), way(Way::upsideDown));
    return out;
}

void PicturePair::refresh() {
    subjectShown_ = shown(subject_);
    sheetShown_ = shown(sheet_);
    otherShown_ = shown(other_);
    update();
}

const QImage& PicturePair::fitted(const QImage& image, Fitted& kept, const QSize& size) {
    if (kept.of != image.cacheKey() || kept.image.size() != size)
        kept = {image.cacheKey(), image.scaled(size, Qt::IgnoreAspectRatio, Qt::SmoothTransformation)};
    return kept.image;
}

void PicturePair::paintGrid(QPainter& painter, const QRectF& place) const {
    for (const auto& [colour, offset] : {std::pair(drawing::markLight, 1.0), std::pair(drawing::markInk, 0.0)}) {
        painter.setPen(QPen(colour, 1));
        const bool isThirds = grid_ <= 0 || sheetSize_.isEmpty();
        const double columns = isThirds ? 3 : sheetSize_.width() / grid_;
        const double rows = isThirds ? 3 : sheetSize_.height() / grid_;
        for (int i = 1; i < columns; ++i) {
            const double x = place.left() + place.width() * i / columns + offset;
            painter.drawLine(QPointF(x, place.top()), QPointF(x, place.bottom()));
        }
        for (int i = 1; i < rows; ++i) {
            const double y = place.top() + place.height() * i / rows + offset;
            painter.drawLine(QPointF(place.left(), y), QPointF(place.right(), y));
        }
        if (!isThirds) continue;
        painter.setPen(QPen(colour, 1, Qt::DashLine));
        painter.drawLine(QPointF(place.center().x() + offset, place.top()),
                         QPointF(place.center().x() + offset, place.bottom()));
    }
}

void PicturePair::paintCross(QPainter& painter, const QPointF& at) const {
    for (const auto& [colour, width] : {std::pair(drawing::markLight, 4.0), std::pair(drawing::markInk, 1.6)}) {
        painter.setPen(QPen(colour, width));
        for (const QPointF& arm : {QPointF(14, 0), QPointF(-14, 0), QPointF(0, 14), QPointF(0, -14)})
            painter.drawLine(at + arm / 4, at + arm);
    }
}

void PicturePair::paintSide(QPainter& painter, bool sheet) {
    const bool isOther = sheet && way(Way::other);
    const QImage& image = !sheet            ? subjectShown_
                          : !isOther        ? sheetShown_
                          : other_.isNull() ? subjectShown_
                                            : otherShown_;
    const QRectF box = frame(sheet);
    painter.setPen(theme().wellInk);
    painter.setFont(drawing::font(drawing::TypeSize::text));
    const QRectF words(box.left(), 0, box.width(), caption);
    const QFontMetricsF metrics(painter.font());
    // Where there is no room for words and figure, the figure stands alone.
    QString figure = sheet ? figure_ : QString();
    if (metrics.horizontalAdvance(sheetCaption_ + figure) + between > box.width())
        figure = figure.section(QStringLiteral(", "), -1);
    const double room = box.width() - (figure.isEmpty() ? 0 : metrics.horizontalAdvance(figure) + between);
    painter.drawText(words, Qt::AlignLeft | Qt::AlignVCenter,
                     metrics.elidedText(sheet ? sheetCaption_ : subjectCaption_, Qt::ElideRight, room));
    painter.drawText(words, Qt::AlignRight | Qt::AlignVCenter, figure);
    if (image.isNull()) return;
    painter.save();
    painter.setClipRect(box);
    const QRectF place = placed(sheet);
    const QSize pixels = (place.size() * devicePixelRatioF()).toSize();
    painter.drawImage(place, pixels.width() * 3 < image.width() * 2
                                 ? fitted(image, fitted_[isOther ? 2 : int(sheet)], pixels)
                                 : image);
    const bool isPlain =
        !isOther && !way(Way::squint) && !way(Way::values) && !way(Way::mirror) && !way(Way::upsideDown);
    if (const Detail& detail = details_[sheet]; isPlain && !detail.image.isNull() && (!sheet || zoom_ > 1))
        painter.drawImage(
            QRectF(positionOf(detail.part.topLeft(), sheet), positionOf(detail.part.bottomRight(), sheet)),
            detail.image);
    if (!outline_.isNull()) painter.drawImage(place, outline_.mirrored(way(Way::mirror), way(Way::upsideDown)));
    if (way(Way::grid)) paintGrid(painter, place);
    if (!sheet) {
        painter.setRenderHint(QPainter::Antialiasing);
        const auto paint = [&](Overlay overlay) {
            for (QPointF& point : overlay.path) point = positionOf(point, false);
            paintOverlay(painter, overlay);
        };
        for (const Overlay& overlay : overlays_) paint(overlay);
        if (!scribble_.isEmpty()) paint({scribble_});
    }
    if (cross_) paintCross(painter, positionOf(*cross_, sheet));
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
    // The other buttons move the pictures, whatever the hand does.
    isDrawing_ = event->button() == Qt::LeftButton && hand_ != Hand::pan;
    lastMouse_ = event->position();
    dragged_ = false;
}

void PicturePair::mouseMoveEvent(QMouseEvent* event) {
    if (!pressedAt_) return;
    if ((event->position() - *pressedAt_).manhattanLength() > 4) dragged_ = true;
    if (!dragged_) return;
    const auto from = fractionAt(*pressedAt_), to = fractionAt(event->position());
    if (isDrawing_ && hand_ == Hand::line) {
        if (from && to) Q_EMIT measured(QLineF(*from, *to));
    } else if (isDrawing_) {
        if (scribble_.isEmpty() && from) scribble_ << *from;
        if (to) scribble_ << *to;
    } else {
        const QRectF place = placed(false);
        const QPointF moved = event->position() - lastMouse_;
        const double across = way(Way::mirror) ? 1 : -1, down = way(Way::upsideDown) ? 1 : -1;
        if (zoom_ > 1) centre_ += QPointF(across * moved.x() / place.width(), down * moved.y() / place.height());
        centre_ = {std::clamp(centre_.x(), 0.0, 1.0), std::clamp(centre_.y(), 0.0, 1.0)};
        lookCloser();
    }
    lastMouse_ = event->position();
    update();
}

void PicturePair::mouseReleaseEvent(QMouseEvent* event) {
    if (pressedAt_ && !dragged_ && event->button() == Qt::LeftButton)
        if (const auto fraction = fractionAt(event->position())) Q_EMIT pointed(*fraction);
    pressedAt_.reset();
    if (!scribble_.isEmpty()) Q_EMIT scribbled(std::exchange(scribble_, {}));
    update();
}

void PicturePair::mouseDoubleClickEvent(QMouseEvent*) {
    fit();
}

void PicturePair::keyPressEvent(QKeyEvent* event) {
    const double step = event->modifiers() & Qt::ShiftModifier ? 0.004 : 0.02;
    switch (event->key()) {
        case Qt::Key_Left:
            return moveCross({-step, 0});
        case Qt::Key_Right:
            return moveCross({step, 0});
        case Qt::Key_Up:
            return moveCross({0, -step});
        case Qt::Key_Down:
            return moveCross({0, step});
        case Qt::Key_Return:
        case Qt::Key_Enter:
            return pressCross();
        default:
            QWidget::keyPressEvent(event);
    }
}

void PicturePair::focusInEvent(QFocusEvent* event) {
    QWidget::focusInEvent(event);
    // Who comes by keys sees where the cross is.
    if (event->reason() == Qt::TabFocusReason || event->reason() == Qt::BacktabFocusReason) moveCross({});
}

void PicturePair::focusOutEvent(QFocusEvent* event) {
    QWidget::focusOutEvent(event);
    cross_.reset();
    crossFrom_.reset();
    scribble_.clear();
    update();
}

void PicturePair::moveCross(const QPointF& by) {
    if (subject_.isNull() && sheet_.isNull()) return;
    // The first key shows it.
    const QPointF seen(way(Way::mirror) ? -by.x() : by.x(), way(Way::upsideDown) ? -by.y() : by.y());
    const QPointF to = cross_ ? *cross_ + seen : centre_;
    cross_ = {std::clamp(to.x(), 0.0, 1.0), std::clamp(to.y(), 0.0, 1.0)};
    if (crossFrom_ && hand_ == Hand::line) Q_EMIT measured(QLineF(*crossFrom_, *cross_));
    if (crossFrom_ && hand_ == Hand::scribble) scribble_ << *cross_;
    if (zoom_ > 1) {
        centre_ = *cross_;
        lookCloser();
    }
    update();
}

void PicturePair::pressCross() {
    if (!cross_) return;
    if (hand_ != Hand::pan && !crossFrom_) {
        crossFrom_ = cross_;
        if (hand_ == Hand::scribble) scribble_ = {*cross_};
        return;
    }
    const bool isPoint = hand_ == Hand::pan || crossFrom_ == cross_;
    crossFrom_.reset();
    const QPolygonF drawn = std::exchange(scribble_, {});
    if (isPoint)
        Q_EMIT pointed(*cross_);
    else if (hand_ == Hand::scribble)
        Q_EMIT scribbled(drawn);
    update();
}

}  // namespace app

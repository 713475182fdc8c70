#include "app/trial/target_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"

namespace app {

TargetView::TargetView() {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Subject: the colour that is wanted"));
    setToolTip(tr("Click where the colour is that swatches are held against; the arrows move the place."));
    setMinimumSize(110, 100);
}

void TargetView::show(const QImage& picture) {
    picture_ = picture;
    update();
}

void TargetView::setPlace(const std::optional<QPointF>& place) {
    place_ = place;
    update();
}

QRectF TargetView::pictureBox() const {
    const QSizeF fitted = QSizeF(picture_.size()).scaled(QSizeF(size()), Qt::KeepAspectRatio);
    return QRectF(QPointF((width() - fitted.width()) / 2, (height() - fitted.height()) / 2), fitted);
}

void TargetView::pick(QPointF place) {
    place = {std::clamp(place.x(), 0.0, 1.0), std::clamp(place.y(), 0.0, 1.0)};
    setPlace(place);
    Q_EMIT picked(place);
}

void TargetView::pickAt(const QPointF& point) {
    if (picture_.isNull()) return;
    const QRectF box = pictureBox();
    pick({(point.x() - box.left()) / box.width(), (point.y() - box.top()) / box.height()});
}

void TargetView::mousePressEvent(QMouseEvent* event) {
    if (pictureBox().contains(event->position())) pickAt(event->position());
}

void TargetView::mouseMoveEvent(QMouseEvent* event) {
    if (event->buttons() & Qt::LeftButton) pickAt(event->position());
}

void TargetView::keyPressEvent(QKeyEvent* event) {
    constexpr double step = 0.02;
    QPointF by;
    switch (event->key()) {
        case Qt::Key_Left:
            by = {-step, 0};
            break;
        case Qt::Key_Right:
            by = {step, 0};
            break;
        case Qt::Key_Up:
            by = {0, -step};
            break;
        case Qt::Key_Down:
            by = {0, step};
            break;
        default:
            return QWidget::keyPressEvent(event);
    }
    if (!picture_.isNull()) pick(place_ ? *place_ + by : QPointF(0.5, 0.5));
}

void TargetView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    painter.fillRect(rect(), theme().well);
    if (picture_.isNull()) {
        painter.setPen(theme().wellInk);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        painter.drawText(rect().adjusted(8, 8, -8, -8), Qt::AlignCenter | Qt::TextWordWrap,
                         tr("Open a study to hold swatches against its subject."));
        return;
    }
    const QRectF box = pictureBox();
    painter.drawImage(box, picture_);
    if (place_) {
        const QPointF at(box.left() + place_->x() * box.width(), box.top() + place_->y() * box.height());
        constexpr double radius = 6;
        drawing::paintSelection(painter, QRectF(at.x() - radius, at.y() - radius, 2 * radius, 2 * radius));
    }
    if (hasFocus()) drawing::paintSelection(painter, box.adjusted(1, 1, -1, -1), 1);
}

}  // namespace app

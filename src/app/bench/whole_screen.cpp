#include "app/bench/whole_screen.h"

#include <QKeyEvent>
#include <QPainter>
#include <algorithm>

#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"

namespace app {

WholeScreen::WholeScreen(QWidget* window) : QWidget(window) {
    setFocusPolicy(Qt::StrongFocus);
    hide();
    window->installEventFilter(this);
}

void WholeScreen::tell(const QString& head, const QString& words, std::vector<Picture> pictures) {
    // Of two things that are said at once both are read.
    const bool isMore = isVisible() && pictures_.empty() && pictures.empty() && head == head_;
    words_ = isMore ? words_ + QStringLiteral("\n") + words : words;
    head_ = head;
    pictures_ = std::move(pictures);
    setAccessibleName(head_);
    setAccessibleDescription(words_);
    setGeometry(parentWidget()->rect());
    show();
    raise();
    setFocus();
    update();
}

void WholeScreen::takeAway() {
    hide();
    Q_EMIT taken();
}

bool WholeScreen::event(QEvent* event) {
    // No key is a shortcut while this is read: the one that takes it away does nothing else.
    if (event->type() == QEvent::ShortcutOverride) {
        event->accept();
        return true;
    }
    return QWidget::event(event);
}

void WholeScreen::keyPressEvent(QKeyEvent* event) {
    if (!event->isAutoRepeat()) takeAway();
}

void WholeScreen::mousePressEvent(QMouseEvent*) {
    takeAway();
}

bool WholeScreen::eventFilter(QObject* watched, QEvent* event) {
    if (watched == parentWidget() && event->type() == QEvent::Resize) setGeometry(parentWidget()->rect());
    return QWidget::eventFilter(watched, event);
}

void WholeScreen::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.fillRect(rect(), pictures_.empty() ? theme().panel : theme().well);
    painter.setPen(pictures_.empty() ? theme().ink : theme().wellInk);
    const double large = height() / 11.0;
    QFont font = drawing::font(drawing::TypeSize::head, true);
    font.setPixelSize(int(large));
    painter.setFont(font);
    const QRectF room = QRectF(rect()).adjusted(large, 0.6 * large, -large, -0.6 * large);
    QRectF taken;
    const int across = Qt::AlignHCenter | Qt::TextWordWrap;
    painter.drawText(pictures_.empty() ? room.adjusted(0, 0.25 * room.height(), 0, 0) : room, across | Qt::AlignTop,
                     head_, &taken);
    double top = taken.bottom() + 0.3 * large;
    font = drawing::font(drawing::TypeSize::text);
    font.setPixelSize(int(0.42 * large));
    painter.setFont(font);
    painter.drawText(QRectF(room.left(), top, room.width(), room.bottom() - top), across | Qt::AlignTop, words_,
                     &taken);
    top = taken.bottom() + 0.5 * large;
    if (pictures_.empty()) return;
    // Small, as from the other side of the room.
    const double caption = 0.6 * large, gap = 2 * measure::edge, count = double(pictures_.size());
    double tall = room.bottom() - top - caption, across1 = 0;
    for (const Picture& picture : pictures_)
        across1 += tall * picture.image.width() / std::max(1, picture.image.height());
    const double shrunk = std::min(1.0, (room.width() - gap * (count - 1)) / across1);
    tall *= shrunk;
    double left = room.center().x() - (across1 * shrunk + gap * (count - 1)) / 2;
    for (const Picture& picture : pictures_) {
        const QRectF box(left, top, tall * picture.image.width() / std::max(1, picture.image.height()), tall);
        painter.drawImage(box, picture.image);
        painter.drawText(QRectF(box.left(), box.bottom() + 0.1 * large, box.width(), caption), Qt::AlignHCenter,
                         picture.caption);
        left += box.width() + gap;
    }
}

}  // namespace app

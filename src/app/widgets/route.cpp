#include "app/widgets/route.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>

#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"

namespace app {

namespace {
constexpr double top = 104;
/// From one station to the next: as wide as there is room for, within these.
constexpr double leastPitch = 51, mostPitch = 64;
}  // namespace

Route::Route(QWidget* parent) : QWidget(parent) {
    setFixedWidth(184);
    setFocusPolicy(Qt::TabFocus);
    setAccessibleName(tr("Route"));
}

void Route::setTitle(const QString& title, const QString& summary) {
    title_ = title;
    summary_ = summary;
    update();
}

void Route::setStations(const QStringList& names) {
    stops_.clear();
    for (const QString& name : names) stops_.append({name, {}, Mark::open});
    setMinimumHeight(int(top + leastPitch * double(names.size())));
    update();
}

void Route::setDecided(int station, const QString& words, Mark mark) {
    if (stops_[station].decided == words && stops_[station].mark == mark) return;
    stops_[station].decided = words;
    stops_[station].mark = mark;
    update();
}

void Route::setCurrent(int station) {
    current_ = station;
    tellOfParts(*this);
    update();
}

std::vector<DrawnPart> Route::drawnParts() const {
    std::vector<DrawnPart> parts;
    for (int i = 0; i < int(stops_.size()); ++i) {
        QString name = tr("%1: %2").arg(stops_[i].name, stops_[i].decided);
        if (stops_[i].mark == Mark::attention) name = tr("%1 (wants attention)").arg(name);
        parts.push_back({name, boxOf(i).toRect(), i == current_});
    }
    return parts;
}

void Route::choosePart(int part) {
    Q_EMIT chosen(part);
}

QRectF Route::boxOf(int station) const {
    const double pitch =
        std::clamp((height() - top) / double(std::max<qsizetype>(stops_.size(), 1)), leastPitch, mostPitch);
    return {0, top + pitch * station, double(width()), pitch};
}

void Route::paintEvent(QPaintEvent*) {
    const Theme& t = theme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), t.panel);
    painter.setPen(t.ink);
    painter.setFont(drawing::font(drawing::TypeSize::head, true));
    QRectF used;
    painter.drawText(QRectF(measure::edge, 12, width() - measure::edge - 8, 48), Qt::AlignLeft | Qt::TextWordWrap,
                     title_, &used);
    painter.setFont(drawing::font(drawing::TypeSize::small));
    painter.drawText(QRectF(measure::edge, 14 + std::min(48.0, used.height()), width() - measure::edge - 8, 36),
                     Qt::AlignLeft | Qt::TextWordWrap, summary_);

    painter.setPen(QPen(t.line, 2));
    if (!stops_.isEmpty())
        painter.drawLine(QPointF(measure::edge + 8, boxOf(0).top() + 17),
                         QPointF(measure::edge + 8, boxOf(int(stops_.size()) - 1).top() + 17));
    for (int i = 0; i < int(stops_.size()); ++i) {
        const QRectF box = boxOf(i);
        if (i == current_) {
            painter.fillRect(box, t.raised);
            painter.fillRect(QRectF(0, box.top(), 4, box.height()), t.ink);
            if (hasFocus()) drawing::paintSelection(painter, box.adjusted(6, 2, -3, -3), 1);
        }
        const QPointF centre(measure::edge + 8, box.top() + 17);
        painter.setPen(QPen(t.ink, 1.8));
        painter.setBrush(stops_[i].mark == Mark::decided ? t.ink : (i == current_ ? t.raised : t.panel));
        if (stops_[i].mark == Mark::attention)
            painter.drawPolygon(
                QPolygonF({centre + QPointF(-6.5, 5), centre + QPointF(6.5, 5), centre + QPointF(0, -6.5)}));
        else
            painter.drawEllipse(centre, 5.2, 5.2);
        const double x = measure::edge + 24, wide = width() - x - 6;
        painter.setPen(t.ink);
        painter.setFont(drawing::font(drawing::TypeSize::text, true));
        painter.drawText(QRectF(x, box.top() + 6, wide, 21), Qt::AlignLeft | Qt::AlignVCenter, stops_[i].name);
        painter.setPen(t.quiet);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        painter.drawText(QRectF(x, box.top() + 26, wide, box.height() - 26), Qt::AlignLeft | Qt::TextWordWrap,
                         stops_[i].decided);
    }
}

void Route::mousePressEvent(QMouseEvent* event) {
    for (int i = 0; i < int(stops_.size()); ++i)
        if (boxOf(i).contains(event->position())) Q_EMIT chosen(i);
}

void Route::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Down && current_ + 1 < stops_.size())
        Q_EMIT chosen(current_ + 1);
    else if (event->key() == Qt::Key_Up && current_ > 0)
        Q_EMIT chosen(current_ - 1);
    else
        QWidget::keyPressEvent(event);
}

bool Route::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        for (int i = 0; i < int(stops_.size()); ++i)
            if (boxOf(i).contains(help->pos())) QToolTip::showText(help->globalPos(), stops_[i].decided, this);
        return true;
    }
    return QWidget::event(event);
}

}  // namespace app

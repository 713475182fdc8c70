#include "app/check/way_strip.h"

#include <QPainter>
#include <algorithm>

#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "wording/sentences.h"

namespace app {

WayStrip::WayStrip() {
    setAccessibleName(tr("The way to the goal"));
}

void WayStrip::show(std::vector<Moment> moments, double goal) {
    moments_ = std::move(moments);
    goal_ = goal;
    QStringList lines;
    for (const Moment& moment : moments_)
        lines << QStringLiteral("%1: %2").arg(moment.when, wording::differenceFigure(moment.difference));
    setAccessibleDescription(lines.join(QLatin1Char('\n')));
    update();
}

void WayStrip::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.setFont(drawing::font(drawing::TypeSize::small));
    painter.setPen(theme().ink);
    if (moments_.empty()) {
        painter.setFont(drawing::font(drawing::TypeSize::text));
        painter.drawText(rect(), Qt::AlignTop | Qt::TextWordWrap,
                         tr("No photograph of this sheet has been kept by Check yet."));
        return;
    }
    const int line = painter.fontMetrics().height();
    const int count = int(moments_.size()), wide = std::min(220, width() / count), pictures = height() / 2;
    double most = goal_;
    for (const Moment& moment : moments_) most = std::max(most, moment.difference);
    const QRectF chart(0, 2 * line, width(), height() - pictures - 4 * line);
    const auto heightOf = [&](double difference) { return chart.bottom() - difference / most * chart.height(); };
    painter.setPen(QPen(theme().ink, 1, Qt::DashLine));
    painter.drawLine(QPointF(0, heightOf(goal_)), QPointF(width(), heightOf(goal_)));
    painter.drawText(QRectF(0, heightOf(goal_) - line, width() - measure::grid, line), Qt::AlignRight,
                     tr("the plan comes to %1").arg(wording::differenceFigure(goal_)));
    QPointF last;
    for (int i = 0; i < count; ++i) {
        const Moment& moment = moments_[std::size_t(i)];
        const QPointF at(wide * (i + 0.5), heightOf(moment.difference));
        painter.setPen(QPen(theme().ink, 2));
        if (i > 0) painter.drawLine(last, at);
        painter.setBrush(theme().ink);
        painter.drawEllipse(at, 4, 4);
        last = at;
        painter.drawText(QRectF(at.x() - wide / 2.0, at.y() - line - 6, wide, line), Qt::AlignCenter,
                         wording::differenceFigure(moment.difference));
        const QRect room(wide * i, height() - pictures, wide - measure::grid, pictures - line);
        const QImage sheet =
            moment.sheet.scaled(room.size() * devicePixelRatioF(), Qt::KeepAspectRatio, Qt::SmoothTransformation);
        const QSizeF size = QSizeF(sheet.size()) / devicePixelRatioF();
        painter.drawImage(QRectF(QPointF(room.center().x() - size.width() / 2, room.top()), size), sheet);
        painter.drawText(QRect(room.left(), height() - line, room.width(), line), Qt::AlignCenter, moment.when);
    }
}

}  // namespace app

#include "drawing/threshold_chart.h"

#include <algorithm>
#include <cmath>

#include "drawing/fonts.h"

namespace drawing {

void paintThresholds(QPainter& painter, const QRectF& room, const ThresholdChart& chart, const QColor& ink,
                     const QColor& paper) {
    painter.setFont(font(TypeSize::small));
    const double line = painter.fontMetrics().height(), dot = 0.3 * line;
    const QRectF field = room.adjusted(0, line, 0, -1.5 * line);
    double least = chart.trained / 2, most = 4 * chart.trained;
    for (const practice::Sitting& sitting : chart.sittings) {
        least = std::min(least, sitting.threshold.least);
        most = std::max(most, sitting.threshold.most);
    }
    const auto heightOf = [&](double threshold) {
        return field.bottom() - std::log(threshold / least) / std::log(most / least) * field.height();
    };
    const double trained = heightOf(chart.trained);
    painter.setPen(QPen(ink, 1, Qt::DashLine));
    painter.drawLine(QPointF(field.left(), trained), QPointF(field.right(), trained));
    // The curve comes down to it from the left.
    painter.drawText(QRectF(field.left(), trained, field.width(), line), Qt::AlignLeft, chart.trainedWords);
    const double wide = field.width() / double(std::max<std::size_t>(1, chart.sittings.size()));
    const double date = painter.fontMetrics().horizontalAdvance(QStringLiteral("00 MMMM"));
    const auto each = std::max<std::size_t>(1, std::size_t(std::ceil(date / wide)));
    QPointF last;
    for (std::size_t i = 0; i < chart.sittings.size(); ++i) {
        const practice::Sitting& sitting = chart.sittings[i];
        const QPointF at(field.left() + wide * (double(i) + 0.5), heightOf(sitting.threshold.middle));
        painter.setPen(QPen(ink, 2));
        if (i > 0) painter.drawLine(last, at);
        painter.setPen(QPen(ink, 1));
        painter.drawLine(QPointF(at.x(), heightOf(sitting.threshold.least)),
                         QPointF(at.x(), heightOf(sitting.threshold.most)));
        painter.setBrush(sitting.isEnough ? ink : paper);
        painter.drawEllipse(at, dot, dot);
        last = at;
        if (i % each == 0)
            painter.drawText(QRectF(at.x() - date, field.bottom() + line / 2, 2 * date, line), Qt::AlignHCenter,
                             chart.dates[qsizetype(i)]);
    }
}

}  // namespace drawing

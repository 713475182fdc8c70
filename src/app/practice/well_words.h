#pragma once

#include <QPainter>

#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"

namespace app {

/// Words about a place on what is shown, on a ground of their own.
inline void writeOnWell(QPainter& painter, const QPointF& middle, const QString& words, drawing::TypeSize size) {
    painter.setFont(drawing::font(size, true));
    QRectF box = painter.fontMetrics().boundingRect(words).adjusted(-measure::grid, -2, measure::grid, 2);
    box.moveCenter(middle);
    painter.fillRect(box, theme().caption);
    painter.setPen(theme().wellInk);
    painter.drawText(box, Qt::AlignCenter, words);
}

}  // namespace app

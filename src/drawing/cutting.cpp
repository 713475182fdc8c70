#include "drawing/cutting.h"

#include <algorithm>

#include "drawing/shapes.h"

namespace drawing {

namespace {

/// Which way the fibres run in the sheet as it is bought.
materials::FibreDirection fibresInSheet(const planning::Cutting& cutting) {
    using enum materials::FibreDirection;
    if (!cutting.isTurned || cutting.fibres == unknown) return cutting.fibres;
    return cutting.fibres == alongWidth ? alongHeight : alongWidth;
}

}  // namespace

QRectF paintCutting(QPainter& painter, const QRectF& box, const planning::Cutting& cutting, double borderMillimetres,
                    const QColor& paper) {
    painter.save();
    const double scale = std::min(box.width() / cutting.sheet.width, box.height() / cutting.sheet.height);
    const QRectF sheet(box.topLeft(), QSizeF(cutting.sheet.width * scale, cutting.sheet.height * scale));
    const QColor line = edgeOf(paper);
    painter.fillRect(sheet, paper);
    QColor faint = line;
    faint.setAlphaF(0.25f);
    painter.setPen(QPen(faint, 0.6));
    constexpr double apart = 9;
    if (const auto fibres = fibresInSheet(cutting); fibres == materials::FibreDirection::alongWidth)
        for (double y = sheet.top() + apart; y < sheet.bottom(); y += apart)
            painter.drawLine(QPointF(sheet.left(), y), QPointF(sheet.right(), y));
    else if (fibres == materials::FibreDirection::alongHeight)
        for (double x = sheet.left() + apart; x < sheet.right(); x += apart)
            painter.drawLine(QPointF(x, sheet.top()), QPointF(x, sheet.bottom()));
    painter.setBrush(Qt::NoBrush);
    for (int row = 0; row < cutting.rows; ++row)
        for (int column = 0; column < cutting.columns; ++column) {
            const cv::Rect2d at = cutting.place(column, row);
            const QRectF piece(sheet.left() + at.x * scale, sheet.top() + at.y * scale, at.width * scale,
                               at.height * scale);
            painter.setPen(QPen(line, 1.2));
            painter.drawRect(piece);
            const double border = borderMillimetres * scale;
            painter.setPen(QPen(line, 0.8, Qt::DotLine));
            if (border > 0) painter.drawRect(piece.adjusted(border, border, -border, -border));
        }
    painter.restore();
    return sheet;
}

}  // namespace drawing

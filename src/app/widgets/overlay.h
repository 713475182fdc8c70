#pragma once

#include <QPainter>
#include <QPolygonF>
#include <QString>
#include <vector>

namespace app {

/// A line that lies on the subject: places as fractions of the picture.
struct Overlay {
    enum class Kind { line, arrow, guide };
    QPolygonF path;
    Kind kind = Kind::line;
    bool isClosed = false;
    QString words = {};  // beside its end
};

/// Draws a path that has been brought to the painter's unit: ink within, light without, seen on any colour.
void paintOverlay(QPainter& painter, const Overlay& overlay);

}  // namespace app

#include "app/widgets/overlay.h"

#include <QLineF>
#include <QPainterPath>
#include <algorithm>

#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"

namespace app {

namespace {

void addHead(QPainterPath& path, const QPolygonF& line) {
    if (line.size() < 2) return;
    QLineF back(line.last(), line[line.size() - 2]);
    back.setLength(9);
    for (const double turn : {28.0, -28.0}) {
        QLineF barb = back;
        barb.setAngle(back.angle() + turn);
        path.moveTo(barb.p1());
        path.lineTo(barb.p2());
    }
}

}  // namespace

void paintOverlay(QPainter& painter, const Overlay& overlay) {
    if (overlay.path.isEmpty()) return;
    QPainterPath path;
    path.addPolygon(overlay.path);
    if (overlay.isClosed) path.closeSubpath();
    if (overlay.kind == Overlay::Kind::arrow) addHead(path, overlay.path);
    const bool isGuide = overlay.kind == Overlay::Kind::guide;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(drawing::markLight, isGuide ? 2.4 : 4, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.drawPath(path);
    painter.setPen(QPen(drawing::markInk, isGuide ? 1.0 : 1.6, isGuide ? Qt::DashLine : Qt::SolidLine, Qt::RoundCap,
                        Qt::RoundJoin));
    painter.drawPath(path);
    if (overlay.words.isEmpty()) return;
    QPainterPath words;
    words.addText(overlay.path.last() + QPointF(6, -5), drawing::font(drawing::TypeSize::text), overlay.words);
    // Within what may be drawn on.
    const QRectF room = painter.hasClipping() ? painter.clipBoundingRect() : QRectF(painter.window());
    const QRectF taken = words.boundingRect().adjusted(-4, -4, 4, 4);
    words.translate(std::min(0.0, room.right() - taken.right()), std::max(0.0, room.top() - taken.top()));
    painter.strokePath(words, QPen(drawing::markLight, 3.4, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.fillPath(words, drawing::markInk);
}

}  // namespace app

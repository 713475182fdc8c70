#include "print/construction_sheets.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QPageLayout>
#include <QPainterPath>
#include <QPdfWriter>
#include <QSvgGenerator>
#include <algorithm>
#include <cmath>

#include "drawing/fonts.h"
#include "print/words.h"
#include "storage/whole_file.h"
#include "wording/subject.h"

namespace print {

namespace {

using Mark = planning::ConstructionMark;

constexpr double dotsPerInch = 254, dotsPerMillimetre = dotsPerInch / 25.4;
constexpr double paperWidth = 210, paperHeight = 297, pageMargin = 10, overlapOfPages = 15;

QPen penOf(const Mark& mark, double width, const QColor& ink) {
    const bool isOutline = mark.kind == Mark::Kind::outline;
    QPen pen(ink, isOutline || mark.kind == Mark::Kind::frame ? width : width * 0.7);
    if (mark.kind == Mark::Kind::centreLine) pen.setDashPattern({18, 6, 3, 6});
    if (mark.kind == Mark::Kind::third) pen.setDashPattern({3, 8});
    // The less is seen of an edge, the less is drawn of it.
    if (isOutline && mark.edge == subject::Edge::soft) pen.setDashPattern({5, 3});
    if (isOutline && mark.edge == subject::Edge::lost) pen.setDashPattern({1, 6});
    pen.setJoinStyle(Qt::RoundJoin);
    return pen;
}

bool isDimension(Mark::Kind kind) {
    return kind == Mark::Kind::height || kind == Mark::Kind::width || kind == Mark::Kind::length;
}

/// Words as shapes: the same on every device, whatever fonts it has. `size` is in the painter's unit.
QPainterPath shapesOf(const QPointF& at, const QString& words, double size) {
    constexpr int fine = 200;
    QFont font = drawing::font(drawing::TypeSize::text);
    font.setPixelSize(fine);
    QPainterPath path;
    path.addText(0, 0, font, words);
    return QTransform(size / fine, 0, 0, size / fine, at.x(), at.y()).map(path);
}

void paintWords(QPainter& painter, const QPointF& at, const QString& words, double size) {
    painter.fillPath(shapesOf(at, words, size), painter.pen().color());
}

/// The figure of a dimension beside its middle, on the sheet and where no other words stand; empty without room.
QPainterPath wordsOf(const Mark& mark, const QString& name, double text, double sheetWidth, QList<QRectF>& taken) {
    const QPointF from(mark.path.front().x, mark.path.front().y), to(mark.path.back().x, mark.path.back().y);
    const double length = QLineF(from, to).length();
    if (length <= 0) return {};
    QString words = wording::lengthWords(mark.millimetres, mark.units);
    // A name stands once, at the height.
    if (mark.kind == Mark::Kind::height && !name.isEmpty()) words = name + QStringLiteral(", ") + words;
    const QPointF along = (to - from) / length * text * 1.4;
    const double first = mark.kind == Mark::Kind::width ? 1.15 : -0.4;
    for (const int steps : {0, 1, -1, 2, -2, 3, -3}) {
        QPainterPath shapes =
            shapesOf((from + to) / 2 + QPointF(text * 0.4, text * first) + along * steps, words, text);
        shapes.translate(std::min(0.0, sheetWidth - text * 0.4 - shapes.boundingRect().right()), 0);
        const QRectF box = shapes.boundingRect().adjusted(-text * 0.2, -text * 0.2, text * 0.2, text * 0.2);
        if (std::ranges::any_of(taken, [&](const QRectF& other) { return other.intersects(box); })) continue;
        taken << box;
        return shapes;
    }
    return {};
}

/// A short line across each end of a dimension.
void paintEnds(QPainter& painter, const Mark& mark) {
    const QPointF from(mark.path.front().x, mark.path.front().y), to(mark.path.back().x, mark.path.back().y);
    QLineF across(from, to);
    if (across.length() <= 0) return;
    across = QLineF(QPointF(0, 0), QPointF(-across.dy(), across.dx()));
    across.setLength(2.5);
    for (const QPointF& end : {from, to}) painter.drawLine(end - across.p2(), end + across.p2());
}

common::Done written(const QBuffer& buffer, const QString& file) {
    return storage::writeWhole(file.toStdString(), buffer.data());
}

/// A cross that stands on both of two pages, to lay them on each other.
void paintJoin(QPainter& painter, const QPointF& at) {
    painter.drawLine(at - QPointF(4, 0), at + QPointF(4, 0));
    painter.drawLine(at - QPointF(0, 4), at + QPointF(0, 4));
    painter.drawEllipse(at, 2, 2);
}

}  // namespace

void paintConstruction(QPainter& painter, const planning::Construction& drawing, const QStringList& areaNames,
                       int marks, const ConstructionLook& look) {
    painter.save();
    painter.setBrush(Qt::NoBrush);
    QList<QRectF> taken;
    QList<QPainterPath> words;
    for (int i = 0; i < std::min(marks, int(drawing.marks.size())); ++i) {
        const Mark& mark = drawing.marks[std::size_t(i)];
        QPolygonF path;
        for (const subject::Place& place : mark.path) path << QPointF(place.x, place.y);
        painter.setPen(penOf(mark, look.pen, look.ink));
        mark.isClosed ? painter.drawPolygon(path) : painter.drawPolyline(path);
        if (!isDimension(mark.kind)) continue;
        paintEnds(painter, mark);
        words << wordsOf(mark, areaNames.value(mark.area), look.text, drawing.widthMillimetres, taken);
    }
    for (const QPainterPath& shapes : words) {
        painter.strokePath(shapes, QPen(look.ground, look.text * 0.3, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.fillPath(shapes, look.ink);
    }
    painter.restore();
}

common::Done writeConstructionSvg(const planning::Construction& drawing, const QStringList& areaNames,
                                  const QString& file) {
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    QSvgGenerator svg;
    svg.setOutputDevice(&buffer);
    svg.setResolution(int(dotsPerInch));
    const QSize size(int(std::lround(drawing.widthMillimetres * dotsPerMillimetre)),
                     int(std::lround(drawing.heightMillimetres * dotsPerMillimetre)));
    svg.setSize(size);
    svg.setViewBox(QRect({}, size));
    svg.setTitle(Words::tr("Construction drawing"));
    QPainter painter(&svg);
    painter.scale(dotsPerMillimetre, dotsPerMillimetre);
    paintConstruction(painter, drawing, areaNames, int(drawing.marks.size()));
    painter.end();
    return written(buffer, file);
}

Tiling tilingOf(double widthMillimetres, double heightMillimetres) {
    const auto tiled = [&](double width, double height) {
        Tiling tiling{1, 1, width - 2 * pageMargin, height - 2 * pageMargin, overlapOfPages};
        const auto pages = [&](double length, double page) {
            return std::max(1, int(std::ceil((length - tiling.overlap) / (page - tiling.overlap) - 1e-9)));
        };
        tiling.columns = pages(widthMillimetres, tiling.pageWidth);
        tiling.rows = pages(heightMillimetres, tiling.pageHeight);
        return tiling;
    };
    const Tiling upright = tiled(paperWidth, paperHeight), lying = tiled(paperHeight, paperWidth);
    return lying.columns * lying.rows < upright.columns * upright.rows ? lying : upright;
}

common::Done writeConstructionPdf(const planning::Construction& drawing, const QStringList& areaNames,
                                  const QString& title, const QString& file) {
    const Tiling tiling = tilingOf(drawing.widthMillimetres, drawing.heightMillimetres);
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    QPdfWriter writer(&buffer);
    writer.setTitle(title);
    writer.setResolution(int(dotsPerInch));
    const bool isLying = tiling.pageWidth > tiling.pageHeight;
    writer.setPageLayout(QPageLayout(QPageSize(QPageSize::A4), isLying ? QPageLayout::Landscape : QPageLayout::Portrait,
                                     QMarginsF(0, 0, 0, 0)));
    QPainter painter(&writer);
    for (int row = 0; row < tiling.rows; ++row)
        for (int column = 0; column < tiling.columns; ++column) {
            if (row + column > 0) writer.newPage();
            painter.save();
            painter.scale(dotsPerMillimetre, dotsPerMillimetre);
            painter.setPen(QPen(Qt::black, 0.2));
            paintWords(painter, {pageMargin, pageMargin - 3},
                       Words::tr("%1: row %2 of %3, column %4 of %5; print at 100 %, lay cross on cross")
                           .arg(title)
                           .arg(row + 1)
                           .arg(tiling.rows)
                           .arg(column + 1)
                           .arg(tiling.columns),
                       3);
            const QRectF page(pageMargin, pageMargin, tiling.pageWidth, tiling.pageHeight);
            painter.setClipRect(page);
            const double x = column * (tiling.pageWidth - tiling.overlap);
            const double y = row * (tiling.pageHeight - tiling.overlap);
            painter.translate(page.left() - x, page.top() - y);
            paintConstruction(painter, drawing, areaNames, int(drawing.marks.size()));
            painter.setPen(QPen(Qt::black, 0.2));
            // In the middle of each overlap, a quarter in from its ends.
            for (const double part : {0.25, 0.75}) {
                const double halfOverlap = tiling.overlap / 2;
                const double right = x + tiling.pageWidth - halfOverlap, below = y + tiling.pageHeight - halfOverlap;
                if (column > 0) paintJoin(painter, {x + halfOverlap, y + part * tiling.pageHeight});
                if (column + 1 < tiling.columns) paintJoin(painter, {right, y + part * tiling.pageHeight});
                if (row > 0) paintJoin(painter, {x + part * tiling.pageWidth, y + halfOverlap});
                if (row + 1 < tiling.rows) paintJoin(painter, {x + part * tiling.pageWidth, below});
            }
            painter.restore();
        }
    painter.end();
    return written(buffer, file);
}

}  // namespace print

#include "drawing/section.h"

#include <QCoreApplication>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "drawing/shapes.h"

namespace drawing {

namespace {

constexpr double paperHeight = 18;  // below the layers
constexpr double topRoom = 16;      // for the words of the line
constexpr double gap = 2;           // between stacks
constexpr double thinnest = 1.5;    // a wash takes hardly any tooth but must be seen

QString toothWords(int quarters) {
    switch (quarters) {
        case 1:
            return QCoreApplication::translate("drawing", "a quarter of the tooth");
        case 2:
            return QCoreApplication::translate("drawing", "half of the tooth");
        case 3:
            return QCoreApplication::translate("drawing", "three quarters of the tooth");
        default:
            return QCoreApplication::translate("drawing", "here the tooth ends");
    }
}

/// Stacks that end beside each other; where marks lie among each other there is no end.
bool areApart(const planning::SectionColumn& one, const planning::SectionColumn& other) {
    return one.stack != other.stack && !one.runsIn && !other.runsIn;
}

}  // namespace

Section::Section(const planning::Plan& plan, std::vector<planning::SectionColumn> columns)
    : columns_(std::move(columns)), paper_(colourOf(plan.paper.tone)) {
    double fullest = 0;
    for (const planning::SectionColumn& column : columns_)
        if (!column.layers.empty()) fullest = std::max(fullest, column.layers.back().toothAfter);
    quarters_ = std::clamp(int(std::ceil(fullest * 4)), 1, 4);
}

std::vector<Section::Run> Section::runs(const QRectF& box) const {
    std::vector<Run> runs;
    for (const planning::SectionColumn& column : columns_) {
        const QRectF place(box.left() + column.from * box.width(), box.top(), (column.to - column.from) * box.width(),
                           box.height());
        const auto known = std::ranges::find(runs, column.stack, &Run::stack);
        if (known == runs.end())
            runs.push_back({column.stack, place});
        else
            known->place |= place;
    }
    return runs;
}

double Section::floorOf(const QRectF& box) const {
    return box.bottom() - paperHeight;
}

double Section::toothHeight(const QRectF& box) const {
    return (floorOf(box) - box.top() - topRoom) * 4 / quarters_;
}

double Section::bandHeight(const planning::SectionLayer& layer, const QRectF& box) const {
    return std::max(thinnest, (layer.toothAfter - layer.toothBefore) * toothHeight(box));
}

void Section::paint(QPainter& painter, const QRectF& box, int steps, int selected) const {
    const QColor ink = painter.pen().color();
    painter.save();
    const double floor = floorOf(box);
    painter.fillRect(QRectF(box.left(), floor, box.width(), paperHeight), paper_);
    painter.setPen(QPen(edgeOf(paper_), 0.6));
    painter.drawLine(QPointF(box.left(), floor), QPointF(box.right(), floor));
    QRectF chosen;
    QPainterPath outline;
    for (std::size_t i = 0; i < columns_.size(); ++i) {
        const planning::SectionColumn& column = columns_[i];
        double left = box.left() + column.from * box.width();
        double right = box.left() + column.to * box.width();
        const bool isFirst = i == 0 || areApart(columns_[i - 1], column);
        const bool isLast = i + 1 == columns_.size() || areApart(column, columns_[i + 1]);
        if (isFirst) left += gap / 2;
        // A hair over the next one, so that no line of paper shows between them.
        right += isLast ? -gap / 2 : 0.6;
        double top = floor;
        for (const planning::SectionLayer& layer : column.layers) {
            if (layer.step > steps) break;
            const double height = bandHeight(layer, box);
            painter.fillRect(QRectF(left, top - height, right - left, height), colourOf(layer.colour));
            top -= height;
        }
        if (isFirst) outline.moveTo(left, floor);
        outline.lineTo(left, top);
        outline.lineTo(right, top);
        if (isLast) outline.lineTo(right, floor);
        if (column.stack == selected) {
            const QRectF here(left, std::min(top, floor - 8), right - left, floor - std::min(top, floor - 8));
            chosen = chosen.isNull() ? here : chosen.united(here);
        }
    }
    // Dark layers before a dark frame, light ones before white paper.
    QColor thin = ink;
    thin.setAlphaF(0.45F);
    painter.strokePath(outline, QPen(thin, 0.8));
    if (!chosen.isNull()) paintSelection(painter, chosen);
    const double line = floor - toothHeight(box) * quarters_ / 4;
    painter.setPen(QPen(ink, 1.0, Qt::DashLine));
    painter.drawLine(QPointF(box.left(), line), QPointF(box.right(), line));
    painter.restore();
    painter.drawText(QPointF(box.left(), line - 4), toothWords(quarters_));
}

Section::Hit Section::at(const QRectF& box, const QPointF& position, int steps) const {
    if (!box.contains(position)) return {};
    const double x = (position.x() - box.left()) / box.width();
    const auto column = std::ranges::find_if(columns_, [&](const auto& c) { return x >= c.from && x < c.to; });
    if (column == columns_.end()) return {};
    double top = floorOf(box);
    for (const planning::SectionLayer& layer : column->layers) {
        if (layer.step > steps) break;
        const double height = bandHeight(layer, box);
        if (position.y() <= top && position.y() > top - height) return {&*column, &layer};
        top -= height;
    }
    return {&*column, nullptr};
}

}  // namespace drawing

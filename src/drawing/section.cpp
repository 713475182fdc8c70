#include "drawing/section.h"

#include <QCoreApplication>
#include <algorithm>
#include <opencv2/imgproc.hpp>

#include "drawing/shapes.h"

namespace drawing {

namespace {

constexpr double paperHeight = 20;  // pixels below the columns
constexpr double topRoom = 0.14;    // of the height, above the line where the tooth ends
constexpr double gap = 1.5;         // between columns
constexpr double thinnest = 4;      // a wash takes hardly any tooth but must be seen

}  // namespace

Section::Section(const planning::Plan& plan) : paper_(colourOf(plan.paper.tone)) {
    const auto history = planning::layerHistory(plan);
    const auto& passages = plan.reading->passages.list;
    std::vector<int> order;
    for (int p = 0; p < int(passages.size()); ++p) order.push_back(p);
    std::ranges::stable_sort(order, {}, [&](int p) { return passages[p].target.L; });
    // Tiny passages keep a column that can be seen and clicked.
    const auto widthOf = [&](int p) { return std::max(0.008, passages[p].share); };
    double total = 0;
    for (const int p : order) total += widthOf(p);
    double at = 0;
    for (const int p : order) {
        const double width = widthOf(p) / total;
        columns_.push_back({p, at, at + width, history[p]});
        at += width;
    }
}

QRectF Section::columnBox(const QRectF& box, const Column& column) const {
    const double left = box.left() + column.left * box.width();
    const double right = box.left() + column.right * box.width();
    return {left + gap / 2, box.top(), std::max(1.0, right - left - gap), box.height() - paperHeight};
}

void Section::paint(QPainter& painter, const QRectF& box, int steps, int selected) const {
    const QColor ink = painter.pen().color();
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const double floor = box.bottom() - paperHeight;
    const double full = (box.height() - paperHeight) * (1 - topRoom);
    painter.fillRect(QRectF(box.left(), floor, box.width(), paperHeight), paper_);
    painter.setPen(QPen(edgeOf(paper_), 0.6));
    painter.drawLine(QPointF(box.left(), floor), QPointF(box.right(), floor));
    for (const Column& column : columns_) {
        const QRectF area = columnBox(box, column);
        double top = floor;
        for (const planning::Layer& layer : column.layers) {
            if (layer.step > steps) break;
            const double height = std::max(thinnest, (layer.toothAfter - layer.toothBefore) * full);
            const QColor colour = colourOf(layer.colour);
            painter.fillRect(QRectF(area.left(), top - height, area.width(), height), colour);
            painter.setPen(QPen(edgeOf(colour), 0.5));
            painter.drawLine(QPointF(area.left(), top - height), QPointF(area.right(), top - height));
            top -= height;
        }
        if (column.passage == selected)
            paintSelection(
                painter, QRectF(area.left(), std::min(top, floor - 8), area.width(), floor - std::min(top, floor - 8)));
    }
    const double end = floor - full;
    painter.setPen(QPen(ink, 1.2, Qt::DashLine));
    painter.drawLine(QPointF(box.left(), end), QPointF(box.right(), end));
    painter.restore();
    painter.drawText(QPointF(box.left(), end - 5), QCoreApplication::translate("drawing", "here the tooth ends"));
}

int Section::passageAt(const QRectF& box, const QPointF& position) const {
    if (position.y() < box.top() || position.y() > box.bottom()) return -1;
    for (const Column& column : columns_) {
        const QRectF area = columnBox(box, column);
        if (position.x() >= area.left() - gap && position.x() < area.right() + gap) return column.passage;
    }
    return -1;
}

QImage imageOf(const cv::Mat& rgb) {
    return QImage(rgb.data, rgb.cols, rgb.rows, qsizetype(rgb.step), QImage::Format_RGB888).copy();
}

QImage stepMap(const planning::Plan& plan, const planning::Step& step, int width) {
    const cv::Mat& passages = plan.reading->passages.map;
    std::vector<uchar> shade(plan.passages.size(), 226);
    for (const int p : step.passages) shade[p] = 40;
    cv::Mat map(passages.size(), CV_8U);
    for (int y = 0; y < map.rows; ++y)
        for (int x = 0; x < map.cols; ++x) map.at<uchar>(y, x) = shade[passages.at<int>(y, x)];
    cv::Mat small;
    cv::resize(map, small, {width, std::max(1, width * map.rows / map.cols)}, 0, 0, cv::INTER_AREA);
    return QImage(small.data, small.cols, small.rows, qsizetype(small.step), QImage::Format_Grayscale8).copy();
}

}  // namespace drawing

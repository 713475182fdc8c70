#pragma once

#include <QPainter>
#include <vector>

#include "planning/layer_history.h"
#include "planning/plan.h"

namespace drawing {

/// The section: a cut through the sheet, one column a passage from dark to light.
class Section {
 public:
    Section() = default;
    explicit Section(const planning::Plan& plan);

    /// Paints what is laid after `steps` steps into `box`, words and lines in the painter's pen; `selected` is a
    /// passage or -1.
    void paint(QPainter& painter, const QRectF& box, int steps, int selected) const;
    /// The passage whose column stands at this place, or -1.
    int passageAt(const QRectF& box, const QPointF& position) const;

 private:
    struct Column {
        int passage;
        double left, right;  // 0..1 of the width
        std::vector<planning::Layer> layers;
    };
    QRectF columnBox(const QRectF& box, const Column& column) const;

    std::vector<Column> columns_;
    QColor paper_;
};

/// A reading's picture or a predicted sheet (CV_8UC3, R G B) as a QImage of its own.
QImage imageOf(const cv::Mat& rgb);

/// A small map of the sheet: the passages of a step dark, the rest pale.
QImage stepMap(const planning::Plan& plan, const planning::Step& step, int width);

}  // namespace drawing

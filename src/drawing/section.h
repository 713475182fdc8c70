#pragma once

#include <QPainter>
#include <vector>

#include "planning/section.h"

namespace drawing {

/// The section: a cut through the sheet. Bands for the layers from the paper up, each in the colour that the sheet then
/// has and as thick as it fills the tooth. What is used of the tooth fills the height, up to the next quarter of it.
class Section {
 public:
    Section() = default;
    Section(const planning::Plan& plan, std::vector<planning::SectionColumn> columns);

    /// Paints what is laid after `steps` steps into `box`, words and lines in the painter's pen; `selected` is a stack
    /// or -1.
    void paint(QPainter& painter, const QRectF& box, int steps, int selected) const;

    /// What lies at a place of the box after so many steps: the column, and the layer in it (null beside the layers).
    struct Hit {
        const planning::SectionColumn* column = nullptr;
        const planning::SectionLayer* layer = nullptr;
    };
    Hit at(const QRectF& box, const QPointF& position, int steps) const;

    /// A stack's part of the cut, from its first column to its last.
    struct Run {
        int stack = -1;
        QRectF place;
    };
    /// In the order of the cut.
    std::vector<Run> runs(const QRectF& box) const;

 private:
    /// Height of the layers' room, and of one whole tooth in it.
    double floorOf(const QRectF& box) const;
    double toothHeight(const QRectF& box) const;
    double bandHeight(const planning::SectionLayer& layer, const QRectF& box) const;

    std::vector<planning::SectionColumn> columns_;
    QColor paper_;
    int quarters_ = 4;  // of the tooth that the height stands for
};

}  // namespace drawing

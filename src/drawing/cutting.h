#pragma once

#include <QPainter>

#include "planning/cutting.h"

namespace drawing {

/// The sheet as it is bought, cut: pieces with solid lines, the tape's inner edge dotted, the fibres as faint lines.
/// Scaled into `box`, upper left; gives the room taken. The sheet's size must be known.
QRectF paintCutting(QPainter& painter, const QRectF& box, const planning::Cutting& cutting, double borderMillimetres,
                    const QColor& paper);

}  // namespace drawing

#pragma once

#include <QColor>
#include <QPainter>
#include <QStringList>
#include <vector>

#include "practice/training.h"

namespace drawing {

/// The thresholds of an exercise over time, each with the bounds that hold it in nine of ten; lower is better, and an
/// octave is as high everywhere. One whose sitting was broken off is hollow.
struct ThresholdChart {
    std::vector<practice::Sitting> sittings;
    QStringList dates;     // of each
    double trained = 1;    // threshold of a trained eye,
    QString trainedWords;  // and what is said of it
};

/// In the painter's small type, black on white or as the colours say.
void paintThresholds(QPainter& painter, const QRectF& room, const ThresholdChart& chart, const QColor& ink,
                     const QColor& paper);

}  // namespace drawing

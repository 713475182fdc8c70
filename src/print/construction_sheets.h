#pragma once

#include <QPainter>
#include <QString>

#include "common/result.h"
#include "planning/construction.h"
#include "planning/plan.h"

namespace print {

/// How a construction drawing is drawn: lines `pen` millimetres thick, words `text` millimetres high.
struct ConstructionLook {
    double pen = 0.3, text = 4;
    QColor ink = Qt::black, ground = Qt::white;
};
/// Draws its first `marks` marks; the painter's unit is a millimetre of the sheet. Lines give way to words; words that
/// find no room are left out.
void paintConstruction(QPainter& painter, const planning::Construction& drawing, const QStringList& areaNames,
                       int marks, const ConstructionLook& look = {});

/// Writes it at real size as SVG (outlines and figures in millimetres). Whole or not at all.
common::Done writeConstructionSvg(const planning::Construction& drawing, const QStringList& areaNames,
                                  const QString& file);

/// How A4 pages cover a sheet: they overlap, and crosses that stand on both are laid on each other.
struct Tiling {
    int columns = 1, rows = 1;
    double pageWidth = 0, pageHeight = 0;  // of the drawing on a page, millimetres
    double overlap = 0;                    // millimetres
};
/// A4, upright or lying, whichever takes fewer pages.
Tiling tilingOf(double widthMillimetres, double heightMillimetres);

/// Writes it at real size as PDF on as many A4 pages as it takes. Whole or not at all.
common::Done writeConstructionPdf(const planning::Construction& drawing, const QStringList& areaNames,
                                  const QString& title, const QString& file);

}  // namespace print

#pragma once

#include <QColor>
#include <QPainter>
#include <QPainterPath>

#include "materials/material.h"
#include "pigment/stroke.h"

namespace drawing {

/// The shapes of the trade, drawn into `box` and scaled to it; lying, working end to the right.

/// Soft stick: a stub with one worn, rounded end. Hard stick: a square bar. Pencil: a rod with a sharpened cone. Pan: a
/// shallow round well. Wet paint and ink: a brushed dash with one dry edge. Charcoal: a thin uneven rod.
void paintMaterial(QPainter& painter, const QRectF& box, materials::Kind kind, const QColor& colour);

/// One, two or three bars out of three; between them a bar is filled in part.
void paintPressure(QPainter& painter, const QRectF& box, pigment::Pressure pressure, const QColor& ink);

/// Speckle, lines, flat, smooth, dots: how the manner looks on the sheet.
void paintManner(QPainter& painter, const QRectF& box, pigment::Manner manner, const QColor& ink);

/// A piece of paper with its lower edge torn and its grain.
void paintOffcut(QPainter& painter, const QRectF& box, const materials::Paper& paper, unsigned seed);

/// The outline of such a piece, to clip what is laid on it.
QPainterPath offcutPath(const QRectF& box, unsigned seed);

/// Marks that are seen on any colour have both: a line of ink and a lighter one beside it.
inline const QColor markInk(0x16, 0x16, 0x16), markLight(0xf2, 0xf2, 0xf2);

/// A double line, ink within and light without: seen on any colour.
void paintSelection(QPainter& painter, const QRectF& box, int lineWidth = 2);

QColor colourOf(colour::Srgb8 srgb);
QColor colourOf(const colour::Lab& lab);

/// A line colour that shows on `colour`.
QColor edgeOf(const QColor& colour);

}  // namespace drawing

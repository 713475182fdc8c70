#pragma once

#include <QColor>
#include <QRectF>
#include <QString>
#include <functional>

#include "common/result.h"
#include "review/card.h"

class QPainter;
class QPdfWriter;

namespace print {

/// What all cards that are read back from a photograph are printed with.

/// From millimetres.
QRectF inUnits(const cv::Rect2d& r);
/// The grey that has this reflectance on the card's paper.
QColor cardGrey(double reflectance);
/// In black, small.
void cardWords(QPainter& painter, const QRectF& box, int align, const QString& text, bool bold = false);
/// Markers and ladders.
void paintCardFrame(QPainter& painter, review::CardKind kind, review::CardPaper paper, int page);

/// A PDF without margins, whole or not at all; `paint` begins on its first page.
common::Done writeCardPdf(review::CardPaper paper, const QString& title, const QString& file,
                          const std::function<void(QPdfWriter&, QPainter&)>& paint);

}  // namespace print

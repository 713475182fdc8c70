#include "drawing/shapes.h"

#include <random>

namespace drawing {

namespace {

/// Same numbers for the same seed on every machine: the pictures are compared.
class Wobble {
 public:
    explicit Wobble(unsigned seed) : random_(seed) {}
    double operator()(double least, double most) {
        return least + (most - least) * double(random_() >> 8) / 16777216.0;
    }

 private:
    std::mt19937 random_;
};

void outline(QPainter& painter, const QPainterPath& path, const QColor& colour) {
    painter.setPen(QPen(edgeOf(colour), 1.0));
    painter.setBrush(colour);
    painter.drawPath(path);
}

QPainterPath softStick(const QRectF& box) {
    const double h = std::min(box.height() * 0.72, box.width() * 0.45);
    const double y = box.center().y() - h / 2;
    const double worn = h * 0.42;
    QPainterPath path(QPointF(box.left() + 2, y));
    path.lineTo(box.right() - worn - 1, y);
    path.cubicTo(box.right() - 1, y, box.right(), y + h * 0.72, box.right() - worn * 1.5, y + h);
    path.lineTo(box.left() + 2, y + h);
    path.cubicTo(box.left() - 0.5, y + h * 0.7, box.left() + 3, y + h * 0.35, box.left() + 2, y);
    return path;
}

void paintPencil(QPainter& painter, const QRectF& box, const QColor& colour) {
    const double h = std::min(box.height() * 0.34, 11.0);
    const double y = box.center().y() - h / 2;
    const double cone = std::min(box.width() * 0.34, h * 2.2);
    const double lead = cone * 0.42;
    const QRectF rod(box.left(), y, box.width() - cone, h);
    outline(
        painter,
        [&] {
            QPainterPath p;
            p.addRect(rod);
            return p;
        }(),
        colour);
    painter.setPen(QPen(edgeOf(colour), 0.7));
    painter.drawLine(QPointF(rod.left(), y + h / 3), QPointF(rod.right(), y + h / 3));
    QPainterPath wood;
    wood.addPolygon(QPolygonF({rod.topRight(), QPointF(box.right() - lead, y + h * 0.29),
                               QPointF(box.right() - lead, y + h * 0.71), rod.bottomRight(), rod.topRight()}));
    outline(painter, wood, QColor(0xd2, 0xd2, 0xd2));
    QPainterPath tip;
    tip.addPolygon(QPolygonF({QPointF(box.right() - lead, y + h * 0.29), QPointF(box.right(), y + h / 2),
                              QPointF(box.right() - lead, y + h * 0.71)}));
    tip.closeSubpath();
    outline(painter, tip, colour);
}

void paintPan(QPainter& painter, const QRectF& box, const QColor& colour) {
    const double w = std::min(box.width(), box.height() * 1.7);
    const QRectF rim(box.center().x() - w / 2, box.center().y() - w * 0.27, w, w * 0.54);
    QPainterPath path;
    path.addEllipse(rim);
    outline(painter, path, QColor(0xb4, 0xb4, 0xb4));
    QPainterPath well;
    well.addEllipse(rim.adjusted(w * 0.08, w * 0.05, -w * 0.08, -w * 0.07));
    outline(painter, well, colour);
}

QPainterPath brushedDash(const QRectF& box) {
    const double h = box.height() * 0.62;
    const double y = box.center().y() - h / 2;
    Wobble wobble(5);
    QPainterPath path(QPointF(box.left() + h * 0.3, y));
    path.lineTo(box.right() - h * 0.2, y + h * 0.05);
    const int hairs = 7;
    for (int i = 0; i < hairs; ++i) {
        path.lineTo(box.right() - wobble(0, h * 0.12), y + h * (i + 0.3) / hairs);
        path.lineTo(box.right() - wobble(h * 0.25, h * 0.75), y + h * (i + 0.8) / hairs);
    }
    path.lineTo(box.left() + h * 0.3, y + h);
    path.cubicTo(box.left() - h * 0.1, y + h * 0.8, box.left() - h * 0.1, y + h * 0.2, box.left() + h * 0.3, y);
    return path;
}

}  // namespace

QColor colourOf(colour::Srgb8 srgb) {
    return QColor(srgb.r, srgb.g, srgb.b);
}

QColor colourOf(const colour::Lab& lab) {
    return colourOf(colour::srgb8FromSrgb(colour::srgbFromLab(lab)));
}

QColor edgeOf(const QColor& colour) {
    const bool dark = colour.lightnessF() < 0.30f;
    return dark ? QColor(0x8c, 0x8c, 0x8c) : QColor(0x38, 0x38, 0x38);
}

void paintMaterial(QPainter& painter, const QRectF& box, materials::Kind kind, const QColor& colour) {
    using materials::Kind;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    switch (kind) {
        case Kind::soft:
            outline(painter, softStick(box), colour);
            break;
        case Kind::hard: {
            const double h = std::min(box.height() * 0.46, box.width() * 0.3);
            QPainterPath bar;
            bar.addRect(QRectF(box.left(), box.center().y() - h / 2, box.width(), h));
            outline(painter, bar, colour);
            break;
        }
        case Kind::pencil:
            paintPencil(painter, box, colour);
            break;
        case Kind::pan:
            paintPan(painter, box, colour);
            break;
        case Kind::charcoal: {
            const double h = std::min(box.height() * 0.24, 8.0);
            const double y = box.center().y();
            QPainterPath rod(QPointF(box.left(), y - h / 2));
            rod.cubicTo(box.left() + box.width() * 0.4, y - h, box.left() + box.width() * 0.7, y, box.right(),
                        y - h / 3);
            rod.lineTo(box.right() - 1, y + h / 2);
            rod.cubicTo(box.left() + box.width() * 0.7, y + h, box.left() + box.width() * 0.4, y + h * 0.1, box.left(),
                        y + h * 0.7);
            rod.closeSubpath();
            outline(painter, rod, colour);
            break;
        }
        case Kind::watercolour:
        case Kind::gouache:
        case Kind::acrylic:
        case Kind::ink:
            outline(painter, brushedDash(box), colour);
            break;
    }
    painter.restore();
}

void paintPressure(QPainter& painter, const QRectF& box, pigment::Pressure pressure, const QColor& ink) {
    QColor faint = ink;
    faint.setAlphaF(0.28f);
    const double gap = box.width() * 0.12;
    const double width = (box.width() - 2 * gap) / 3;
    for (int i = 0; i < 3; ++i) {
        const QRectF bar(box.left() + i * (width + gap), box.top(), width, box.height());
        const double filled = std::clamp(double(pressure.value) - i, 0.0, 1.0);
        painter.fillRect(bar, faint);
        painter.fillRect(bar.adjusted(0, (1 - filled) * bar.height(), 0, 0), ink);
    }
}

void paintManner(QPainter& painter, const QRectF& box, pigment::Manner manner, const QColor& ink) {
    using pigment::Manner;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setClipRect(box);
    Wobble wobble(17);
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink);
    switch (manner) {
        case Manner::scumble:
            for (int i = 0; i < int(box.width() * box.height() / 7); ++i)
                painter.drawEllipse(QPointF(wobble(box.left(), box.right()), wobble(box.top(), box.bottom())),
                                    wobble(0.5, 1.3), wobble(0.4, 0.9));
            break;
        case Manner::hatch:
            painter.setPen(QPen(ink, 1.3));
            for (double x = box.left() - box.height(); x < box.right(); x += 4.0)
                painter.drawLine(QPointF(x, box.bottom()), QPointF(x + box.height(), box.top()));
            break;
        case Manner::press:
            painter.drawRoundedRect(box.adjusted(0, box.height() * 0.1, 0, -box.height() * 0.1), 2, 2);
            break;
        case Manner::dab:
            for (double x = box.left() + 3; x < box.right() - 2; x += 8)
                painter.drawEllipse(QPointF(x, box.center().y() + wobble(-1.5, 1.5)), 2.7, 2.3);
            break;
        case Manner::wash:
            painter.drawPath(brushedDash(box));
            break;
        case Manner::blend:
        case Manner::fix:
        case Manner::lift: {  // no pigment, a passage from full to none
            QLinearGradient fade(box.topLeft(), box.topRight());
            QColor none = ink;
            none.setAlphaF(0.05f);
            fade.setColorAt(0, manner == Manner::lift ? none : ink);
            fade.setColorAt(1, manner == Manner::lift ? ink : none);
            painter.fillRect(box.adjusted(0, box.height() * 0.1, 0, -box.height() * 0.1), fade);
            break;
        }
    }
    painter.restore();
}

QPainterPath offcutPath(const QRectF& box, unsigned seed) {
    Wobble wobble(seed);
    QPainterPath path(box.topLeft());
    path.lineTo(box.topRight());
    path.lineTo(box.right(), box.bottom() - 5);
    for (double x = box.right(); x > box.left(); x -= wobble(3, 8))
        path.lineTo(x, box.bottom() - 4 + wobble(-3.5, 3.5));
    path.lineTo(box.left(), box.bottom() - 5);
    path.closeSubpath();
    return path;
}

void paintOffcut(QPainter& painter, const QRectF& box, const materials::Paper& paper, unsigned seed) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const QColor tone = colourOf(paper.tone);
    const QPainterPath path = offcutPath(box, seed);
    painter.fillPath(path, tone);
    painter.setClipPath(path);
    // Grain: light and dark specks of the paper's own tone.
    const materials::SurfaceProfile& surface = materials::profileOf(paper.surface);
    Wobble wobble(seed + 1);
    if (surface.grain == materials::Grain::lines) {
        painter.setPen(QPen(tone.darker(112), 1.0));
        for (double y = box.top() + 2; y < box.bottom(); y += 4)
            painter.drawLine(QPointF(box.left(), y), QPointF(box.right(), y));
    } else {
        const int specks = int(box.width() * box.height() * 0.001 * materials::meanDepth(surface));
        painter.setPen(Qt::NoPen);
        for (int i = 0; i < specks; ++i) {
            painter.setBrush(i % 2 ? tone.darker(114) : tone.lighter(109));
            const double size = 0.7 + 0.5 * surface.grainMillimetres;
            painter.drawRect(QRectF(wobble(box.left(), box.right()), wobble(box.top(), box.bottom()), size, size));
        }
    }
    painter.restore();
}

void paintSelection(QPainter& painter, const QRectF& box, int lineWidth) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing, false);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(markLight, lineWidth));
    painter.drawRect(box.adjusted(-lineWidth, -lineWidth, lineWidth, lineWidth));
    painter.setPen(QPen(markInk, lineWidth));
    painter.drawRect(box);
    painter.restore();
}

}  // namespace drawing

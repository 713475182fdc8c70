#pragma once

#include <QImage>
#include <QLineF>
#include <QWidget>
#include <functional>
#include <optional>
#include <vector>

#include "app/widgets/overlay.h"

namespace app {

/// Subject left, sheet right: same crop and scale, panned and zoomed together. What the mouse does at a place, a cross
/// does that the arrow keys move: Return points, or begins a line or scribble, and ends it.
class PicturePair : public QWidget {
    Q_OBJECT

 public:
    explicit PicturePair(QWidget* parent = nullptr);

    void setSubject(const QImage& image, const QString& caption);
    void setSheet(const QImage& image, const QString& caption, const QString& figure);
    /// What Way::other lays over the sheet, so that the eye finds what moves; the subject if it is null.
    void setOther(const QImage& image);
    /// Lines over both pictures around the pixels of a mask (Grayscale8, 255 inside); empty for none.
    void setOutline(const QImage& mask);
    /// What a drag does: moves both pictures, draws a straight line, or scribbles.
    enum class Hand { pan, line, scribble };
    void setHand(Hand hand);
    /// Lines on the subject.
    void setOverlays(std::vector<Overlay> overlays);
    /// The subject, or the sheet, again with more detail, for the part (fractions) that it covers; null for none.
    void setDetail(bool sheet, const QImage& image, const QRectF& part);
    /// How the grid is parted: into thirds, or every so many millimetres of a sheet that is `sheet` millimetres large.
    void setGrid(double everyMillimetres, const QSizeF& sheet);
    /// How strongly the held squint closes the eyes, 0 to 1; `squinted` does it.
    void setSquint(double amount, std::function<QImage(const QImage&, double)> squinted);

    enum class Way { squint, values, mirror, upsideDown, grid, other };
    void setWay(Way way, bool on);
    bool way(Way which) const { return ways_[static_cast<int>(which)]; }

    void zoomBy(double factor, const QPointF& around);
    /// As large as the sheet looks from so far, with the screen at an arm's length.
    void lookFrom(double centimetres);
    void fit();

    QSize minimumSizeHint() const override { return {480, 220}; }

 Q_SIGNALS:
    /// A click, as fractions of the picture's width and height.
    void pointed(QPointF fraction);
    /// A line drawn by Hand::line, while it is drawn and at its end.
    void measured(QLineF fractions);
    /// What was scribbled by Hand::scribble.
    void scribbled(QPolygonF fractions);
    /// The subject is shown larger than its pixels, or the sheet larger than whole: `part` (fractions) fills so many
    /// pixels of the screen.
    void detailWanted(bool sheet, QRectF part, QSize pixels);
    void wayChanged(Way way, bool on);

 protected:
    void paintEvent(QPaintEvent*) override;
    void wheelEvent(QWheelEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

 private:
    struct Fitted {
        qint64 of = 0;  // cache key
        QImage image;
    };
    QRectF frame(bool sheet) const;
    QRectF placed(bool sheet) const;
    std::optional<QPointF> fractionAt(const QPointF& position) const;
    QPointF positionOf(const QPointF& fraction, bool sheet) const;
    QImage shown(const QImage& image) const;
    void refresh();
    void lookCloser();
    void paintSide(QPainter& painter, bool sheet);
    /// As large as it lies in its frame, so that it is not reduced anew at every paint.
    const QImage& fitted(const QImage& image, Fitted& kept, const QSize& size);
    void paintGrid(QPainter& painter, const QRectF& place) const;
    void paintCross(QPainter& painter, const QPointF& at) const;
    void moveCross(const QPointF& by);
    void pressCross();

    QImage subject_, sheet_, other_, subjectShown_, sheetShown_, otherShown_, outline_;
    QString subjectCaption_, sheetCaption_, figure_;
    Fitted fitted_[3];  // of the subject, the sheet, and what is laid over that
    bool ways_[6] = {};
    double zoom_ = 1;
    QPointF centre_{0.5, 0.5};
    Hand hand_ = Hand::pan;
    std::vector<Overlay> overlays_;
    QPolygonF scribble_;
    struct Detail {
        QImage image;
        QRectF part;
    } details_[2];  // of the subject, of the sheet
    double grid_ = 0;
    QSizeF sheetSize_;
    double squint_ = 0.4;
    std::function<QImage(const QImage&, double)> squinted_;
    std::optional<QPointF> pressedAt_;
    QPointF lastMouse_;
    bool dragged_ = false, isDrawing_ = false;
    std::optional<QPointF> cross_, crossFrom_;  // fractions; where what the cross draws began
};

}  // namespace app

#pragma once

#include <QImage>
#include <QWidget>
#include <optional>

namespace app {

/// Subject left, sheet right: same crop and scale, panned and zoomed together.
class PicturePair : public QWidget {
    Q_OBJECT

 public:
    explicit PicturePair(QWidget* parent = nullptr);

    void setSubject(const QImage& image, const QString& caption);
    void setSheet(const QImage& image, const QString& caption, const QString& figure);
    /// Lines over both pictures around the pixels of a mask (Grayscale8, 255 inside); empty for none.
    void setOutline(const QImage& mask);
    /// In measuring, a drag draws a line instead of panning.
    void setMeasuring(bool measuring);
    void setLine(const std::optional<QLineF>& fractions);

    enum class Way { squint, values, mirror, grid };
    void setWay(Way way, bool on);
    bool way(Way which) const { return ways_[static_cast<int>(which)]; }

    void zoomBy(double factor, const QPointF& around);
    void fit();

    QSize minimumSizeHint() const override { return {480, 220}; }

 Q_SIGNALS:
    /// A click, as fractions of the picture's width and height.
    void pointed(QPointF fraction);
    void measured(QLineF fractions);
    void wayChanged(Way way, bool on);

 protected:
    void paintEvent(QPaintEvent*) override;
    void wheelEvent(QWheelEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;

 private:
    QRectF frame(bool sheet) const;
    QRectF placed(bool sheet) const;
    std::optional<QPointF> fractionAt(const QPointF& position) const;
    QImage shown(const QImage& image) const;
    void refresh();
    void paintSide(QPainter& painter, bool sheet);
    void paintGrid(QPainter& painter, const QRectF& place) const;

    QImage subject_, sheet_, subjectShown_, sheetShown_, outline_;
    QString subjectCaption_, sheetCaption_, figure_;
    bool ways_[4] = {false, false, false, false};
    double zoom_ = 1;
    QPointF centre_{0.5, 0.5};
    bool measuring_ = false;
    std::optional<QLineF> line_;
    std::optional<QPointF> pressedAt_;
    QPointF lastMouse_;
    bool dragged_ = false;
};

}  // namespace app

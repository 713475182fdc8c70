#pragma once

#include <QImage>
#include <QWidget>
#include <optional>

namespace app {

/// The subject, small, in which a colour is picked that swatches are held against: with the mouse, or with the arrows.
class TargetView : public QWidget {
    Q_OBJECT

 public:
    TargetView();
    void show(const QImage& picture);
    /// Where it is picked, in fractions; nothing for nowhere.
    void setPlace(const std::optional<QPointF>& place);
    std::optional<QPointF> place() const { return place_; }
    QSize sizeHint() const override { return {220, 200}; }

 Q_SIGNALS:
    void picked(const QPointF& place);

 protected:
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void paintEvent(QPaintEvent*) override;

 private:
    QRectF pictureBox() const;
    void pick(QPointF place);
    void pickAt(const QPointF& point);

    QImage picture_;
    std::optional<QPointF> place_;
};

}  // namespace app

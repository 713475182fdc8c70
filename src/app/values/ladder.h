#pragma once

#include <QImage>
#include <QWidget>
#include <vector>

#include "app/widgets/drawn_parts.h"
#include "subject/masses.h"
#include "wording/subject.h"

namespace app {

/// The value ladder: nine rungs side by side from dark to light; each mass stands on its own as a block whose size is
/// its share. The marks between the masses are dragged, or moved by keys: up and down choose one, left and right move
/// it.
class Ladder : public QWidget, public HasParts {
    Q_OBJECT

 public:
    explicit Ladder(QWidget* parent = nullptr);
    void show(const subject::Masses& masses, int selected, wording::Counting counting);
    /// Where a threshold's mark stands.
    QPointF markOf(int threshold) const;

    /// Its masses, from dark to light.
    std::vector<DrawnPart> drawnParts() const override;
    void choosePart(int part) override;

 Q_SIGNALS:
    void chosen(int mass);
    /// While a mark is dragged: Munsell values, rising.
    void dragged(std::vector<double> thresholds);
    void dropped(std::vector<double> thresholds);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

 private:
    double edge() const { return 8; }
    double pitch() const { return (width() - 2 * edge()) / 9; }
    double railTop() const { return height() - 72; }
    double xOf(double value) const { return edge() + pitch() * (value - 0.5); }
    QRectF blockOf(int mass) const;
    int massAt(const QPointF& position) const;
    /// Moves a mark between its neighbours.
    void move(int mark, double value);

    subject::Masses masses_;
    std::vector<double> thresholds_;
    wording::Counting counting_ = wording::Counting::blackIsOne;
    int selected_ = -1;
    int held_ = -1;    // mark under the mouse
    int inHand_ = -1;  // mark that the keys move
};

/// The masses as flat greys.
QImage imageOfMasses(const subject::Masses& masses);

}  // namespace app

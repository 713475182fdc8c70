#pragma once

#include <QWidget>
#include <functional>
#include <memory>
#include <vector>

#include "app/widgets/drawn_parts.h"
#include "planning/plan.h"

namespace app {

/// A picture's sticks as they lie in a tray: rows by value, light above dark; in a row the greys first, then round the
/// hues from red.
class TrayView : public QWidget, public HasParts {
    Q_OBJECT

 public:
    TrayView();
    std::function<void(int stick)> onChosen;  // -1 for none

    void show(std::shared_ptr<const planning::Plan> plan, int selected,
              const std::vector<planning::StickChoice>& choices);

    /// Its sticks, each row from left to right.
    std::vector<DrawnPart> drawnParts() const override;
    void choosePart(int part) override;

 protected:
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void paintEvent(QPaintEvent*) override;

 private:
    static constexpr int rowCount = 4;
    static constexpr double labels = 62;

    /// "value 6.2 to 8.9" of a row.
    QString rangeOf(int row) const;
    std::vector<int> inRows() const;
    double rowHeight() const { return double(height()) / rowCount; }
    double rowTop(int row) const { return row * rowHeight(); }
    QRectF boxOf(int row, int place) const;
    void paintStick(QPainter& painter, int i, const QRectF& box);

    std::shared_ptr<const planning::Plan> plan_;
    std::vector<int> rows_[rowCount];
    std::vector<planning::StickChoice> choices_;
    int selected_ = -1;
};

}  // namespace app

#pragma once

#include <QWidget>
#include <functional>
#include <memory>
#include <optional>

#include "app/widgets/drawn_parts.h"
#include "planning/moves.h"

namespace app {

/// The steps in a row, each in the colour of its stick; a pointer says how many are laid. A step that is dragged along
/// the row is laid at another time, as far as there is room for it.
class Scrubber : public QWidget, public HasPlace {
    Q_OBJECT

 public:
    explicit Scrubber(QWidget* parent = nullptr);
    void setPlan(std::shared_ptr<const planning::Plan> plan);
    int step() const { return step_; }
    void setStep(int step);

    Place place() const override;
    void setPlace(int value) override { setStep(value); }

    /// How far a step may be moved in time; nullopt if it may not.
    std::function<std::optional<planning::TimeRoom>(int step)> roomOf;
    /// A step that is being dragged: to after which other it would go.
    struct Drag {
        int step = 0, after = 0;
        std::optional<planning::TimeRoom> room;
    };
    const std::optional<Drag>& drag() const { return drag_; }

    QSize sizeHint() const override { return {600, 58}; }

 Q_SIGNALS:
    void stepChanged(int step);
    void dragged();  // or not any more
    void dropped(const planning::TimeRoom& room, int after);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

 private:
    double xOf(double step) const;
    /// The reverse, without rounding.
    double stepAt(double x) const;
    void paintDrag(QPainter& painter) const;
    void letGo();

    std::shared_ptr<const planning::Plan> plan_;
    int step_ = 0;
    int pressed_ = 0;  // the step whose block is held down; 0 for none
    QPointF pressedAt_, pointer_;
    std::optional<Drag> drag_;
};

}  // namespace app

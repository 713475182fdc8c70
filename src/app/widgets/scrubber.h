#pragma once

#include <QWidget>
#include <memory>

#include "planning/plan.h"

namespace app {

/// The steps in a row, each in the colour of its stick; a pointer says how many are laid.
class Scrubber : public QWidget {
    Q_OBJECT

 public:
    explicit Scrubber(QWidget* parent = nullptr);
    void setPlan(std::shared_ptr<const planning::Plan> plan);
    int step() const { return step_; }
    void setStep(int step);

    QSize sizeHint() const override { return {600, 58}; }

 Q_SIGNALS:
    void stepChanged(int step);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

 private:
    double xOf(double step) const;

    std::shared_ptr<const planning::Plan> plan_;
    int step_ = 0;
};

}  // namespace app

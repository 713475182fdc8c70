#pragma once

#include <QWidget>
#include <vector>

#include "practice/training.h"

namespace app {

/// The thresholds of an exercise over time, each with the bounds that hold it in nine of ten; lower is better.
class ThresholdCurve : public QWidget {
    Q_OBJECT

 public:
    ThresholdCurve();
    /// `sittings` are all of this exercise.
    void show(practice::Exercise exercise, std::vector<practice::Sitting> sittings);

 protected:
    void paintEvent(QPaintEvent*) override;

 private:
    practice::Exercise exercise_ = practice::Exercise::lighter;
    std::vector<practice::Sitting> sittings_;
};

}  // namespace app

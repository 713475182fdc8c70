#pragma once

#include <QImage>
#include <QWidget>
#include <vector>

namespace app {

/// A picture on its way: its photographs as they were checked, and over them how far each was from the subject.
class WayStrip : public QWidget {
    Q_OBJECT

 public:
    struct Moment {
        QString when;
        QImage sheet;
        double difference = 0;  // picture difference
    };
    WayStrip();
    /// `goal` is what the plan comes to.
    void show(std::vector<Moment> moments, double goal);
    const std::vector<Moment>& moments() const { return moments_; }

 protected:
    void paintEvent(QPaintEvent*) override;

 private:
    std::vector<Moment> moments_;
    double goal_ = 0;
};

}  // namespace app

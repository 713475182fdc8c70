#pragma once

#include <QImage>
#include <QWidget>
#include <functional>
#include <vector>

#include "app/widgets/drawn_parts.h"

namespace app {

/// The picture as it grew: photographs in a row, and under each the sheet as it was predicted for that moment.
class ProgressStrip : public QWidget, public HasParts {
    Q_OBJECT

 public:
    struct Moment {
        std::size_t entry = 0;
        QString words;  // when, and after which step
        QImage photograph, predicted;
    };
    ProgressStrip();
    void show(std::vector<Moment> moments);
    const std::vector<Moment>& moments() const { return moments_; }
    /// Entry of the moment that is chosen; -1 for none.
    int chosen() const { return chosen_; }
    std::function<void(int entry)> onChosen = [](int) {};

    std::vector<DrawnPart> drawnParts() const override;
    void choosePart(int part) override { choose(part); }
    QSize sizeHint() const override { return {600, 230}; }

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

 private:
    QRectF boxOf(std::size_t moment) const;
    void choose(int moment);

    std::vector<Moment> moments_;
    int chosen_ = -1;
    std::size_t first_ = 0;  // the first that is shown
};

}  // namespace app

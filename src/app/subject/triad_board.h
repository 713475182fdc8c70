#pragma once

#include <QStringList>
#include <QWidget>
#include <algorithm>
#include <functional>
#include <memory>
#include <vector>

#include "planning/plan.h"
#include "subject/triad.h"

namespace app {

/// Every area's dark, medium and light as they stand in the picture, and what the light does to it; largest area first.
class TriadBoard : public QWidget {
    Q_OBJECT

 public:
    explicit TriadBoard(QWidget* parent = nullptr);
    void show(std::shared_ptr<const planning::Reading> reading, const QStringList& names, int selected);
    /// As shown; empty without a reading.
    const std::vector<subject::Triad>& triads();
    /// Where an area stands on the board.
    QRectF tileOfArea(int area) const { return tileOf(int(std::ranges::find(order_, area) - order_.begin())); }
    QSize sizeHint() const override { return {400, heightFor(width())}; }

 Q_SIGNALS:
    void chosen(int area);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void resizeEvent(QResizeEvent*) override { setMinimumHeight(heightFor(width())); }

 private:
    int columns(int width) const;
    int heightFor(int width) const;
    QRectF tileOf(int place) const;

    std::shared_ptr<const planning::Reading> reading_;
    std::vector<subject::Triad> triads_;  // of the reading, when it is first looked at
    std::vector<int> order_;              // areas, largest first
    QStringList names_;
    int selected_ = -1;
};

}  // namespace app

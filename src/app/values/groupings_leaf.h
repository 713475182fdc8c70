#pragma once

#include <QWidget>
#include <array>

#include "app/session.h"
#include "subject/groupings.h"
#include "subject/masses.h"

class QPushButton;

namespace app {

/// The ways to group the subject's values side by side, to choose one from.
class GroupingsLeaf : public QWidget {
    Q_OBJECT

 public:
    explicit GroupingsLeaf(Session& session);
    void refresh();
    /// The masses of the grouping that is looked at; null for none.
    const subject::Masses* looked() const;
    QStringList sentences() const;
    /// Where a grouping's picture stands.
    QRectF tileOf(int grouping) const;

 Q_SIGNALS:
    void looksDifferent();

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

 private:
    void look(int grouping);
    void take();
    bool isTaken(int grouping) const;

    Session& session_;
    std::weak_ptr<const planning::Reading> tilesOf_;
    int levels_ = 0;
    struct Tile {
        std::vector<double> thresholds;
        subject::Masses masses;
        QImage image;
    };
    std::array<Tile, subject::groupingCount> tiles_;
    int looked_ = -1;
    QPushButton* take_;
};

}  // namespace app

#pragma once

#include <QWidget>

#include "app/study_trials.h"
#include "app/widgets/margin.h"
#include "planning/palette_curve.h"

class QDoubleSpinBox;
class QPushButton;

namespace app {

/// How far the picture stays from the reference with so many sticks at most: a point for each number, to be taken by a
/// click.
class CurveLeaf : public QWidget {
    Q_OBJECT

 public:
    explicit CurveLeaf(Session& session);
    void refresh();
    MarginText margin() const;
    /// What is known so far, rising in sticks.
    const std::vector<planning::PalettePoint>& curve() const { return curve_; }
    bool isWhole() const { return isWhole_; }
    /// Where a number of sticks stands.
    QPointF placeOf(int sticks) const;

 Q_SIGNALS:
    void looksDifferent();
    void said(const QString& sentence);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

 private:
    void take(int sticks);
    void showCurve();
    QRectF room() const;
    double mostDifference() const;
    int mostSticks() const;

    Session& session_;
    StudyTrials trials_;
    std::vector<planning::PalettePoint> curve_;
    bool isWhole_ = false;
    int looked_ = -1;  // number of sticks
    QDoubleSpinBox* within_;
    QPushButton* fewest_;
};

}  // namespace app

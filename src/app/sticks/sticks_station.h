#pragma once

#include "app/station.h"
#include "app/sticks/curve_leaf.h"
#include "app/sticks/gaps_leaf.h"
#include "app/study_trials.h"
#include "app/widgets/leaves.h"

class QComboBox;
class QPushButton;
class QSpinBox;

namespace app {

/// Sticks: the tray with the chosen ones, laid out by value and hue; how many it takes, and what is missing.
class SticksStation : public Station {
    Q_OBJECT

 public:
    explicit SticksStation(Desk& desk);
    QString name() const override { return tr("Sticks"); }
    QString decided() const override;
    MarginText margin() const override;
    QString introduction() const override;
    Views views() const override;
    void point(const QPointF& fraction) override;
    void refresh() override;

 private:
    class Tray;
    QWidget* makeTrayLeaf();
    void say(planning::StickUse use);
    /// The study without the selected stick, as when it is missing or used up.
    planning::Study withoutIt() const;
    void addSubstitute(MarginText& text) const;
    void listTrays();
    std::vector<planning::LayerPlace> layersOf(int stick) const;

    Tray* tray_;
    QComboBox* from_;
    QSpinBox* limit_;
    QSpinBox* layers_;
    QPushButton *pin_, *bar_, *takeBack_;
    Leaves* leaves_;
    CurveLeaf* curve_;
    GapsLeaf* gaps_;
    StudyTrials trials_;  // of the study without the selected stick
    int selected_ = -1;
};

}  // namespace app

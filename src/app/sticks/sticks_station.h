#pragma once

#include "app/background.h"
#include "app/station.h"
#include "app/sticks/curve_leaf.h"
#include "app/sticks/families_leaf.h"
#include "app/sticks/gaps_leaf.h"
#include "app/sticks/tray_view.h"
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
    TrialWish trialWish() const override;
    QString introduction() const override;
    Views views() const override;
    void point(const QPointF& fraction) override;
    void refresh() override;
    void forgetStudy() override;

 private:
    QWidget* makeTrayLeaf();
    void tell(planning::StickUse use);
    /// What may be missing and have another in its place: the selected stick, or the one that it stands in for. Null
    /// for none, and for paint.
    const materials::Material* missing() const;
    /// The study with this said of a stick, and nothing else of it.
    planning::Study with(const planning::StickChoice& choice) const;
    /// Lays another (by its id) in the place of what is missing; itself where it is empty.
    void layInstead(const std::string& other);
    void seekSubstitutes();
    std::vector<planning::Study> otherWays() const;
    void addSubstitute(MarginText& text) const;
    void listTrays();
    std::vector<planning::LayerPlace> layersOf(int stick) const;

    TrayView* tray_;
    QComboBox* from_;
    QSpinBox* limit_;
    QSpinBox* layers_;
    QComboBox* instead_;
    QPushButton *pin_, *bar_, *takeBack_;
    Leaves* leaves_;
    CurveLeaf* curve_;
    FamiliesLeaf* families_;
    GapsLeaf* gaps_;
    StudyTrials trials_;  // of what else could be said of the selected stick
    struct Substitutes {
        std::string of;  // id; empty for none
        QStringList words;
        std::vector<materials::Material> nearest;
    };
    Substitutes substitutes_;
    Background seeker_{this};
    int selected_ = -1;
    std::string followed_;  // the id of what is to be selected once it is planned
};

}  // namespace app

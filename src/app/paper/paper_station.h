#pragma once

#include "app/station.h"
#include "app/widgets/goal_field.h"

class QCheckBox;
class QPushButton;

namespace app {

/// Paper: the candidates as torn offcuts, each with the subject's dark, medium and
/// light laid on it, ranked for the goal, with reasons; and the subject cut out on the one that is looked at.
class PaperStation : public Station {
    Q_OBJECT

 public:
    explicit PaperStation(Desk& desk);
    QString name() const override { return tr("Paper"); }
    QString decided() const override;
    MarginText margin() const override;
    QString introduction() const override;
    Views views() const override;
    void refresh() override;

 protected:
    void showEvent(QShowEvent* event) override;

 private:
    class Offcuts;
    void take(const std::string& id);

    Offcuts* offcuts_;
    QPushButton* set_;
    QPushButton* best_;
    QCheckBox* asSeen_;
    GoalField* goal_;
    const materials::Paper& lookedAt(const planning::Plan& plan) const;

    std::string looked_;  // id of the offcut that was clicked on; empty: the one that the plan has
};

}  // namespace app

#pragma once

#include "app/station.h"
#include "app/widgets/goal_field.h"
#include "review/paper_card.h"

class QCheckBox;
class QPushButton;
class QSpinBox;

namespace app {

class OffcutsView;

/// Paper: the candidates as torn offcuts, each with the subject's dark, medium and
/// light laid on it, ranked for the goal, with reasons; and the subject cut out on the one that is looked at.
class PaperStation : public Station {
    Q_OBJECT

 public:
    explicit PaperStation(Desk& desk);
    QString name() const override { return tr("Paper"); }
    QString decided() const override;
    MarginText margin() const override;
    TrialWish trialWish() const override;
    QString introduction() const override;
    Views views() const override;
    void refresh() override;
    void forgetStudy() override;

    /// A test card of the best three papers, remembered by the drawer. False where it could not be written.
    bool printTestCard(review::CardPaper format, const QString& file);
    void readTestCard(const QString& file);

 protected:
    void showEvent(QShowEvent* event) override;

 private:
    void take(const std::string& id);

    class CutSheet;

    OffcutsView* offcuts_;
    std::vector<review::PaperTest> toTest() const;
    QWidget* cuttingColumn();

    QWidget* cutting_;
    CutSheet* cutSheet_;
    QSpinBox* border_;
    QSpinBox* series_;
    QPushButton* set_;
    QPushButton* best_;
    QPushButton* test_;
    QCheckBox* asSeen_;
    GoalField* goal_;
    const materials::Paper& lookedAt(const planning::Plan& plan) const;

    std::string looked_;  // id of the offcut that was clicked on; empty: the one that the plan has
};

}  // namespace app

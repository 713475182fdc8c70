#pragma once

#include "app/station.h"
#include "app/widgets/goal_field.h"

class QCheckBox;
class QPushButton;

namespace app {

/// Underpainting: the wash board. Every way to begin as a small picture of its ground and of what it ends in, the best
/// for the goal first; the one that is looked at large, alone or beside the chosen one; areas may take different ones.
class UnderpaintingStation : public Station {
    Q_OBJECT

 public:
    explicit UnderpaintingStation(Desk& desk);
    QString name() const override { return tr("Underpainting"); }
    QString decided() const override;
    MarginText margin() const override;
    QString introduction() const override;
    Views views() const override;
    void point(const QPointF& fraction) override;
    void refresh() override;
    void forgetStudy() override;

 protected:
    void showEvent(QShowEvent* event) override;

 private:
    class Board;
    void take(planning::Ground ground);
    void chooseForArea(const QString& what, const std::function<void(planning::AreaChoice&)>& change);
    void takeForArea(std::optional<planning::Ground> ground);
    void mixByHand();
    /// The ways that have been tried, in the order of the board; those of the plan, or as far as they are there.
    const std::vector<planning::TriedGround>& tried() const;
    const planning::TriedGround* triedBy(planning::Ground ground) const;
    /// What the plan lies on, and what is looked at.
    planning::Ground chosen() const;
    planning::Ground lookedAt() const { return looked_.value_or(chosen()); }
    /// How many steps of the plan there are until its ground is laid.
    int groundSteps() const;
    QImage largeSheet(const planning::TriedGround& tried) const;
    void addLayers(MarginText& text, const planning::GroundProposal& ground) const;
    /// What is said of the ground of the area that is looked at; null for nothing.
    const planning::AreaChoice* areaChoice() const;

    Board* board_;
    GoalField* goal_;
    QComboBox* drying_;
    QComboBox* areaGround_;
    QCheckBox* beside_;
    QCheckBox* groundOnly_;
    QPushButton* mix_;
    QPushButton* best_;
    QPushButton* lay_;
    std::optional<planning::Ground> looked_;
    std::optional<QPointF> area_;  // a place in the area that is looked at
    double split_ = 0.5;           // left of it the chosen one, right of it the one that is looked at
};

}  // namespace app

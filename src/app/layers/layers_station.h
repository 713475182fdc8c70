#pragma once

#include "app/layers/approach_leaf.h"
#include "app/layers/section_view.h"
#include "app/station.h"
#include "app/widgets/leaves.h"
#include "app/widgets/scrubber.h"

class QAction;
class QComboBox;
class QPushButton;
class QSpinBox;

namespace app {

/// Layers: the section, with a scrubber that lays the steps down; and the approach that they follow.
class LayersStation : public Station {
    Q_OBJECT

 public:
    explicit LayersStation(Desk& desk);
    QString name() const override { return tr("Layers"); }
    QString decided() const override;
    MarginText margin() const override;
    TrialWish trialWish() const override;
    QString introduction() const override;
    Views views() const override;
    void point(const QPointF& fraction) override;
    void measure(const QLineF& line) override;
    void refresh() override;
    void forgetStudy() override;
    Scrubber& scrubber() { return *scrubber_; }
    SectionView& section() { return *section_; }
    ApproachLeaf& approach() { return *approach_; }
    int selectedStack() const { return selected_; }
    /// Draws the section along this line over the picture; through the whole sheet without one.
    void cutAlong(const std::optional<subject::Line>& line);

 private:
    void takePlan();
    void showSection();
    void select(int stack);
    MarginText dragMargin(const Scrubber::Drag& drag) const;
    MarginText stepMargin() const;
    MarginText stackMargin() const;

    QWidget* makeSectionLeaf();
    /// An evening ends after the step in hand, or does not any more.
    void endEveningHere();
    /// The selected area's layers are changed by hand, or left to the plan again.
    void changeLayers();
    void setStack(const std::optional<planning::OwnStack>& stack);
    /// The plan is not to lay a stick in the selected area.
    void barHere(const std::string& stick);
    /// The study with the selected area's choice changed.
    void chooseHere(const QString& what, planning::Study changed,
                    const std::function<void(planning::AreaChoice&)>& change);
    /// Whether the artist has set a stack's layers, or barred a stick from it.
    bool isSet(int stack) const;
    bool isSetByHand() const;
    /// How far the selected area's layer of a step, or else all of it, may be moved in time.
    std::optional<planning::TimeRoom> roomOf(int step) const;
    void moveTo(const planning::TimeRoom& room, int after);
    void moveByOne(int by);
    void followMoved(const planning::Plan& plan);
    /// The layers of the step in hand that the artist has moved, while no area is selected.
    std::vector<planning::LayerPlace> movedInStep() const;
    void setItBack();
    planning::Study leftToThePlan() const;
    planning::Study withoutStack() const;
    QString eveningWords() const;
    void showHandwork();

    Leaves* leaves_;
    ApproachLeaf* approach_;
    QComboBox* detail_;
    QPushButton *draw_, *whole_;
    QSpinBox* evening_;
    QPushButton *endHere_, *change_, *setBack_, *changes_;
    QAction *earlier_, *later_;
    StudyTrials trials_;  // the study without what is set by hand in the selected area
    SectionView* section_;
    Scrubber* scrubber_;
    std::shared_ptr<const planning::Plan> shown_;
    std::optional<subject::Line> line_;
    int selected_ = -1;
    bool isInHand_ = false;  // a step is, since the scrubber was moved
    std::string followed_;   // the key of the layer that was moved, until it is planned
    int changesBefore_ = 0;  // of stick, before that
};

}  // namespace app

#pragma once

#include "app/station.h"
#include "app/widgets/leaves.h"
#include "subject/attention.h"

class QComboBox;
class QPushButton;
class QSlider;
class QSpinBox;

namespace app {

class ColourLeaf;
class GroupingsLeaf;
class Ladder;

/// Values: the ladder with the subject's masses, other groupings of them, and what is changed on purpose.
class ValuesStation : public Station {
    Q_OBJECT

 public:
    explicit ValuesStation(Desk& desk);
    QString name() const override { return tr("Values"); }
    QString decided() const override;
    Route::Mark mark() const override { return session_.reading() ? Route::Mark::decided : Route::Mark::open; }
    MarginText margin() const override;
    QString introduction() const override;
    Views views() const override;
    void point(const QPointF& fraction) override;
    void refresh() override;
    void forgetStudy() override;

 private:
    QWidget* makeLadderLeaf();
    void connectLadder();
    void previewSquint(double amount);
    void previewMasses(const subject::Masses& masses);
    /// What is on the ladder: a preview while something is dragged, else the reading's.
    const subject::Masses* shownMasses() const;
    QStringList ladderSentences(MarginText& text) const;

    Leaves* leaves_;
    Ladder* ladder_;
    GroupingsLeaf* groupings_;
    ColourLeaf* colour_;
    QSpinBox* levels_;
    QSlider* squint_;
    QComboBox* counting_;
    QPushButton* exact_;
    int selected_ = -1;  // mass
    std::optional<subject::Masses> preview_;
    std::weak_ptr<const planning::Reading> smallOf_;  // what follows is of this reading
    std::optional<subject::StrongestContrast> strongest_;
    cv::Mat small_, smallSquinted_;  // the subject at the size of the screen, CIELAB
};

}  // namespace app

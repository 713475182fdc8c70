#pragma once

#include "app/subject/subject_leaf.h"
#include "app/widgets/leaves.h"

namespace app {

class AreasLeaf;
class FrameLeaf;
class MeasureLeaf;

/// Subject: the references and the frame, the measuring strip, and the areas take turns in the instrument.
class SubjectStation : public Station {
    Q_OBJECT

 public:
    explicit SubjectStation(Desk& desk);
    QString name() const override { return tr("Subject"); }
    QString decided() const override;
    Route::Mark mark() const override { return session_.reading() ? Route::Mark::decided : Route::Mark::open; }
    MarginText margin() const override;
    TrialWish trialWish() const override;
    QString introduction() const override;
    Views views() const override;
    void measure(const QLineF& fractions) override;
    void scribble(const QPolygonF& fractions) override;
    void point(const QPointF& fraction) override;
    void refresh() override;
    void forgetStudy() override;

 private:
    SubjectLeaf* leaf() const { return all_[leaves_->currentIndex()]; }

    OnSubject on_;
    Leaves* leaves_;
    QList<SubjectLeaf*> all_;
};

}  // namespace app

#pragma once

#include "app/station.h"

class QComboBox;
class QSlider;
class QSpinBox;

namespace app {

/// Values: the ladder with nine rungs, the subject's masses on theirs with their share of the picture.
class ValuesStation : public Station {
    Q_OBJECT

 public:
    explicit ValuesStation(Session& session);
    QString name() const override { return tr("Values"); }
    QString decided() const override;
    Route::Mark mark() const override { return session_.reading() ? Route::Mark::decided : Route::Mark::open; }
    MarginText margin() const override;
    Views views() const override;
    void point(const QPointF& fraction) override;
    void refresh() override;

 private:
    class Ladder;
    Ladder* ladder_;
    QSpinBox* levels_;
    QSlider* squint_;
    QComboBox* school_;
    int selected_ = -1;  // mass
};

}  // namespace app

#pragma once

#include "app/background.h"
#include "app/check/way_strip.h"
#include "app/session.h"
#include "app/widgets/margin.h"
#include "planning/learnt_hand.h"

class QCheckBox;

namespace app {

/// How near the kept photographs of this sheet came to the subject, and what all that were kept tell of the hand.
class WayLeaf : public QWidget {
    Q_OBJECT

 public:
    explicit WayLeaf(Session& session);
    void refresh();
    MarginText margin() const;
    WayStrip& strip() { return *strip_; }
    QCheckBox& touchBox() { return *touch_; }
    const planning::LearntHand& learnt() const { return learnt_; }

 Q_SIGNALS:
    void looksDifferent();

 protected:
    void showEvent(QShowEvent* event) override;

 private:
    Session& session_;
    WayStrip* strip_;
    QCheckBox* touch_;
    planning::LearntHand learnt_;
    std::size_t entries_ = 0;
    std::weak_ptr<const planning::Plan> of_;
    Background reader_{this};
};

}  // namespace app

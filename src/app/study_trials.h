#pragma once

#include <QObject>

#include "app/kept_of_study.h"
#include "planning/tried_plan.h"

namespace app {

/// What other choices would make of the plan in hand, found off the interface thread. What is known is forgotten when
/// there is another plan.
class StudyTrials : public QObject {
    Q_OBJECT

 public:
    explicit StudyTrials(Session& session);
    /// Plans these studies one after the other, but for those that are known; nothing while the plan in hand is not
    /// that of the study. What was asked for before is dropped.
    void tryOut(const std::vector<planning::Study>& studies);
    void stop() { trier_.stop(); }
    /// Null while it is not known.
    const planning::PlanOutcome* outcomeOf(const planning::Study& study) const;

 Q_SIGNALS:
    void triedOne();
    void said(const QString& sentence);

 private:
    struct Tried {
        planning::Study study;
        planning::PlanOutcome outcome;
    };
    Session& session_;
    std::shared_ptr<const planning::Plan> of_;
    std::vector<planning::Study> asked_;
    std::vector<Tried> tried_;
    KeptOfStudy kept_;
    Background trier_{this};
};

}  // namespace app

#include "app/study_trials.h"

#include <algorithm>

#include "wording/sentences.h"

namespace app {

StudyTrials::StudyTrials(Session& session) : session_(session), kept_(session) {
    trier_.failed = [this](const common::Problem& problem) { Q_EMIT said(wording::problemSentence(problem)); };
    connect(&session_, &Session::opened, this, [this] {
        stop();
        of_.reset();
        asked_.clear();
        tried_.clear();
    });
}

void StudyTrials::tryOut(const std::vector<planning::Study>& studies) {
    if (!session_.isPlanCurrent()) return stop();
    const auto plan = session_.plan();
    if (plan != of_) {
        tried_.clear();
        of_ = plan;
    } else if (trier_.isBusy() && studies == asked_) {
        return;
    }
    asked_ = studies;
    std::vector<planning::Study> open = studies;
    std::erase_if(open, [&](const planning::Study& study) { return outcomeOf(study) != nullptr; });
    if (open.empty()) return stop();
    const auto tell = trier_.teller<Tried>([this](const Tried& tried) {
        tried_.push_back(tried);
        Q_EMIT triedOne();
    });
    trier_.run(
        [open, plan, tell, study = session_.study(), library = session_.library(),
         kept = kept_.inHand()](const common::Progress& progress) -> common::Result<int> {
            for (const planning::Study& other : open) {
                const auto outcome = planning::triedPlan(*plan, study, other, library, *kept, progress);
                if (!outcome) return outcome.problem();
                tell({other, *outcome});
            }
            return int(open.size());
        },
        [this](const common::Result<int>& done) {
            if (done) return;
            kept_.letGo();
            Q_EMIT said(wording::problemSentence(done.problem()));
        });
}

const planning::PlanOutcome* StudyTrials::outcomeOf(const planning::Study& study) const {
    if (!of_ || of_ != session_.plan()) return nullptr;
    const auto at = std::ranges::find(tried_, study, &Tried::study);
    return at == tried_.end() ? nullptr : &at->outcome;
}

}  // namespace app

#include "planning/replanning.h"

#include "planning/done_steps.h"
#include "planning/going_on.h"
#include "planning/on_threads.h"
#include "planning/seen_sheet.h"

namespace planning {

using common::Problem;
using common::ProblemKind;

/// The plan without a record, and the plans that went on from it one after the other, each with what it was made from.
struct KeptReplans {
    Study study;
    materials::Library library;
    PlanSubject subject;
    Plan asChosen;
    struct Next {
        std::optional<Deviation> deviation;
        std::vector<LaidStep> laid;
        Plan plan;
    };
    std::vector<Next> next;
};

namespace {

/// The study on the sheet that was begun.
Study begunWith(Study study, const Record& record) {
    if (!record.paper.empty()) study.paper = record.paper;
    if (const auto ground = groundNamed(record.ground); ground && study.approach.ground == Ground::proposed)
        study.approach.ground = *ground;
    return study;
}

std::vector<LaidStep> laidIn(const Record& record, const Standing& standing) {
    std::vector<LaidStep> laid;
    for (const int number : standing.laid())
        laid.push_back(*record.entries[std::size_t(standing.of(number).doneAt)].laid);
    return laid;
}

/// Goes on as the record tells until this entry, for the `turn`th time; what is known is not made anew.
void goOn(KeptReplans& known, std::size_t turn, const Record& record, int entry,
          const std::optional<Deviation>& deviation) {
    const Standing then(record, std::size_t(entry) + 1);
    KeptReplans::Next next{deviation, laidIn(record, then), {}};
    if (turn < known.next.size()) {
        const KeptReplans::Next& made = known.next[turn];
        if (made.deviation == next.deviation && made.laid == next.laid) return;
        known.next.resize(turn);
    }
    BegunSheet begun(turn == 0 ? known.asChosen : known.next[turn - 1].plan, known.study, known.library, known.subject);
    if (deviation) {
        layAsPlanned(begun, then.laid());
        take(begun, *deviation);
    } else {
        takeRecorded(begun, record, then);
    }
    next.plan = goneOn(std::move(begun));
    known.next.push_back(std::move(next));
}

}  // namespace

common::Result<Mending> waysToMend(const Plan& plan, const Study& study, const materials::Library& library,
                                   const std::vector<int>& laid, const SharedBytes& sheet, Kept& kept,
                                   const common::Progress& progress, int threads) {
    const materials::Library tray = trayOf(study, library);
    const auto subject = planSubject(study, tray, kept);
    if (!subject) return subject.problem();
    Mending mending;
    onThreads(threads, [&] {
        BegunSheet begun(plan, study, tray, *subject);
        layAsPlanned(begun, laid);
        mending.hand = handIn(begun, sheet);
        see(begun, {0, {}, mending.hand}, sheet);
        mending.stacks = waysOn(begun, progress);
    });
    if (progress.cancelled()) return Problem{ProblemKind::cancelled, ""};
    return mending;
}

common::Result<Plan> makePlan(const Study& study, const materials::Library& library, const Record& record, Kept& kept,
                              const common::Progress& progress, int threads) {
    if (record.isEmpty()) return makePlan(study, library, kept, progress, threads);
    const Standing standing(record);
    const bool isChanged = standing.planChangedAt() >= 0;
    const Study asked = isChanged ? begunWith(study, record) : study;
    const materials::Library tray = trayOf(asked, library);
    auto& known = kept.replans;
    if (!known || known->study != asked || known->library != tray) {
        auto made = makePlan(asked, library, kept, progress.part(0, 0.7), threads);
        if (!made) return made;
        auto subject = planSubject(asked, tray, kept);
        if (!subject) return subject.problem();
        known = std::make_shared<KeptReplans>(KeptReplans{asked, tray, *std::move(subject), *std::move(made), {}});
    }
    progress.at(0.7);
    std::size_t turns = 0;
    onThreads(threads, [&] {
        if (isChanged) goOn(*known, turns++, record, standing.planChangedAt(), std::nullopt);
        for (const Deviation& deviation : standing.deviations()) {
            if (progress.cancelled()) return;
            goOn(*known, turns++, record, deviation.entry, deviation);
        }
    });
    if (progress.cancelled()) return Problem{ProblemKind::cancelled, ""};
    progress.at(1);
    known->next.resize(turns);
    return turns == 0 ? known->asChosen : known->next.back().plan;
}

}  // namespace planning

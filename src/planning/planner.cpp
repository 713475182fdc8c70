#include "planning/planner.h"

#include "planning/chosen_stacks.h"
#include "planning/completing.h"
#include "planning/fades.h"
#include "planning/laying.h"
#include "planning/on_threads.h"
#include "planning/order.h"
#include "planning/own_mixtures.h"
#include "planning/own_stacks.h"
#include "planning/replacements.h"

namespace planning {

using common::Problem;
using common::ProblemKind;

namespace {

matching::SearchWidth widthFor(const Study& study, Fineness fineness) {
    matching::SearchWidth width = fullWidth(study);
    if (fineness == Fineness::full) return width;
    width.beam = 1;
    width.judged = 2;
    width.shortlist = 48;
    width.exchanges = 0;
    width.swapRounds = 0;
    return width;
}

common::Result<Plan> planned(const Study& study, const materials::Library& library, Kept& kept,
                             const common::Progress& progress, Fineness fineness) {
    const Problem cancelled{ProblemKind::cancelled, ""};
    auto begun = planSubject(study, library, kept);
    if (!begun) return begun.problem();
    PlanSubject subject = *std::move(begun);
    Plan& plan = subject.plan;
    const cv::Mat& wanted = subject.wanted;
    plan.isCoarse = fineness == Fineness::coarse;
    progress.at(0.1);
    if (progress.cancelled()) return cancelled;

    const auto paper = paperFor(study, library, subject, kept, fineness, progress.part(0.1, 0.3));
    if (!paper) return cancelled;
    plan.paper = *paper;
    plan.cutting = cuttingOf(study, plan.paper, library);
    auto ground = groundFor(study, library, subject, kept, fineness, progress.part(0.3, 0.5));
    if (!ground) return cancelled;
    plan.ground = withStandIns(*std::move(ground), study, plan, library.media);
    plan.grain = grainKept(kept, plan.paper.surface, wanted.size(), study.widthMillimetres / wanted.cols);
    standOnGround(plan);
    const auto kind = std::size_t(fineness);
    const auto stacks = chosenStacks(plan, study, library, subject.tray, widthFor(study, fineness), kept.stacks[kind],
                                     progress.part(0.5, 0.9));
    if (!stacks) return cancelled;
    takeStacks(plan, study, library.media, withStandIns(*stacks, study, library.media));
    nameMixtures(plan, library.mixtures);
    makePressureMaps(plan, study, wanted, fineness == Fineness::coarse ? 0.25 : 1.0, &kept.maps[kind]);
    pressAsSet(plan, study);
    fadeEdges(plan, study, wanted);
    progress.at(0.95);
    if (progress.cancelled()) return cancelled;
    complete(plan, study, subject, orderedSteps);
    tellKnown(plan, study, library, kept);
    progress.at(1.0);
    return std::move(plan);
}

}  // namespace

common::Result<Plan> makePlan(const Study& study, const materials::Library& everything, Kept& kept,
                              const common::Progress& progress, int threads, Fineness fineness) {
    const materials::Library library = trayOf(study, everything);
    if (auto problem = problemOf(study, library)) return *problem;

    std::optional<common::Result<Plan>> made;
    onThreads(threads, [&] { made = planned(study, library, kept, progress, fineness); });
    return *std::move(made);
}

}  // namespace planning

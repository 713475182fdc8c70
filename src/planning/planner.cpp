#include "planning/planner.h"

#include <tbb/global_control.h>
#include <tbb/task_arena.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/core/utility.hpp>
#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "common/parallel.h"
#include "planning/chosen_stacks.h"
#include "planning/comparison.h"
#include "planning/evenings.h"
#include "planning/fades.h"
#include "planning/hand_rest.h"
#include "planning/laying.h"
#include "planning/notes.h"
#include "planning/order.h"
#include "planning/own_stacks.h"
#include "planning/replacements.h"
#include "planning/stacks.h"
#include "planning/stage_picture.h"
#include "planning/tasks.h"
#include "rendering/sheet_picture.h"

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

/// The sheet as it comes out, seen as the eye sees it.
void lookAt(Plan& plan) {
    const cv::Mat sheet = pictureAfter(plan, int(plan.steps.size()), plan.light);
    const cv::Mat differences = differenceMapOf(plan, sheet);
    plan.summary.picture = rendering::figuresOf(differences);
    plan.summary.squinted =
        rendering::figuresOf(rendering::differenceSeen(plan.reference, sheet, rendering::squintSigma(sheet.size())));
    cv::Mat stacks;
    cv::resize(plan.stackMap, stacks, differences.size(), 0, 0, cv::INTER_NEAREST);
    for (int s = 0; s < int(plan.stacks.size()); ++s)
        plan.stacks[std::size_t(s)].pictureDifference = cv::mean(differences, stacks == s)[0];
}

void summarise(Plan& plan, const std::vector<matching::PreparedStick>& tray) {
    Summary& summary = plan.summary;
    std::vector<double> nearest(plan.stacks.size(), 0.0);
    common::forEachIndex(int(plan.stacks.size()), [&](int s) {
        for (const matching::Sample& sample : plan.stacks[std::size_t(s)].samples) {
            const int stick = matching::nearestSticks(sample.wanted, tray, 1).front();
            nearest[std::size_t(s)] +=
                sample.weight * colour::differenceCie2000(sample.wanted, tray[std::size_t(stick)].masstone);
        }
    });
    for (std::size_t s = 0; s < plan.stacks.size(); ++s) {
        summary.nearestStickDifference += plan.stacks[s].share * nearest[s];
        for (const Tone& tone : plan.stacks[s].tones) {
            summary.meanDifference += tone.share * tone.difference;
            summary.unsteadyDifference += tone.share * tone.unsteady;
        }
    }
    for (const Step& step : plan.steps) summary.minutes += step.minutes + step.waitMinutes;
    summary.stickChanges = stickChanges(plan.steps);
    summary.stickChangesPlain = stickChangesPlain(plan);
}

/// The steps' numbers, told to the layers.
void numberLayers(Plan& plan) {
    for (const Step& step : plan.steps)
        for (const LayerPlace& place : step.layers)
            plan.stacks[std::size_t(place.stack)].layers[std::size_t(place.layer)].step = step.number;
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
    const auto stacks = chosenStacks(plan, study, library.media, subject.tray, widthFor(study, fineness),
                                     kept.stacks[kind], progress.part(0.5, 0.9));
    if (!stacks) return cancelled;
    takeStacks(plan, study, library.media, withStandIns(*stacks, study, library.media));
    makePressureMaps(plan, study, wanted, fineness == Fineness::coarse ? 0.25 : 1.0, &kept.maps[kind]);
    pressAsSet(plan, study);
    fadeEdges(plan, study, wanted);
    progress.at(0.95);
    if (progress.cancelled()) return cancelled;
    tallyTones(plan, wanted);
    judgeTones(plan);
    plan.steps = orderedSteps(plan, study);
    common::forEachIndex(int(plan.steps.size()), [&](int i) {
        Step& step = plan.steps[std::size_t(i)];
        step.handOff = underTheHand(plan, study, step);
    });
    plan.clashes = tasksOf(plan, study).clashes;
    plan.evenings = eveningsOf(plan, study);
    numberLayers(plan);
    lookAt(plan);
    summarise(plan, subject.tray);
    plan.notes = notesFor(plan, study);
    tellKnown(plan, study, library, kept);
    progress.at(1.0);
    return std::move(plan);
}

}  // namespace

std::string_view nameOf(Stage stage) {
    static constexpr std::array<std::string_view, 7> names{"drawing", "underpainting", "block-in", "build",
                                                           "refine",  "accent",        "fix"};
    return names[static_cast<std::size_t>(stage)];
}

std::string_view nameOf(Tool tool) {
    static constexpr std::array<std::string_view, 6> names{"", "finger", "stump", "shaper", "sponge", "fixative"};
    return names[static_cast<std::size_t>(tool)];
}

std::string_view nameOf(ReasonKind kind) {
    switch (kind) {
        case ReasonKind::firstMarks:
            return "first-marks";
        case ReasonKind::groundFirst:
            return "ground-first";
        case ReasonKind::groundNearColour:
            return "ground-near-colour";
        case ReasonKind::groundInValues:
            return "ground-in-values";
        case ReasonKind::groundOpposite:
            return "ground-opposite";
        case ReasonKind::groundCool:
            return "ground-cool";
        case ReasonKind::groundWarm:
            return "ground-warm";
        case ReasonKind::groundToneMap:
            return "ground-tone-map";
        case ReasonKind::rubbedIn:
            return "rubbed-in";
        case ReasonKind::brushedOut:
            return "brushed-out";
        case ReasonKind::inkDeepestDarks:
            return "ink-deepest-darks";
        case ReasonKind::groundByHand:
            return "ground-by-hand";
        case ReasonKind::wetBeforeDry:
            return "wet-before-dry";
        case ReasonKind::hardBeforeSoft:
            return "hard-before-soft";
        case ReasonKind::backgroundFirst:
            return "background-first";
        case ReasonKind::darkBeforeLight:
            return "dark-before-light";
        case ReasonKind::lightBaseFirst:
            return "light-base-first";
        case ReasonKind::wholePictureTogether:
            return "whole-picture-together";
        case ReasonKind::stickInHand:
            return "stick-in-hand";
        case ReasonKind::pairTogether:
            return "pair-together";
        case ReasonKind::highlightsLast:
            return "highlights-last";
        case ReasonKind::focalFirst:
            return "focal-first";
        case ReasonKind::areaByArea:
            return "area-by-area";
        case ReasonKind::blackLast:
            return "black-last";
        case ReasonKind::blendedTogether:
            return "blended-together";
        case ReasonKind::lightBlendedFirst:
            return "light-blended-first";
        case ReasonKind::toothGivenBack:
            return "tooth-given-back";
        case ReasonKind::laidThenByHand:
            return "laid-then-by-hand";
    }
    return "";
}

common::Result<Plan> makePlan(const Study& study, const materials::Library& everything, Kept& kept,
                              const common::Progress& progress, int threads, Fineness fineness) {
    const materials::Library library = trayOf(study, everything);
    if (auto problem = problemOf(study, library)) return *problem;

    if (threads <= 0) return planned(study, library, kept, progress, fineness);
    threads = std::min(threads, tbb::this_task_arena::max_concurrency());
    const int before = cv::getNumThreads();
    cv::setNumThreads(threads);
    const tbb::global_control limit(tbb::global_control::max_allowed_parallelism, std::size_t(threads));
    tbb::task_arena arena(threads);
    auto result = arena.execute([&] { return planned(study, library, kept, progress, fineness); });
    cv::setNumThreads(before);
    return result;
}

}  // namespace planning

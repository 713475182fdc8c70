#include "planning/planner.h"

#include <tbb/global_control.h>
#include <tbb/task_arena.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/core/utility.hpp>
#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "colour/image_colour.h"
#include "colour/picture_under.h"
#include "common/parallel.h"
#include "matching/palette.h"
#include "planning/fades.h"
#include "planning/marks.h"
#include "planning/notes.h"
#include "planning/order.h"
#include "planning/paper_ranking.h"
#include "planning/pressure_maps.h"
#include "planning/stacks.h"
#include "planning/stage_picture.h"
#include "planning/underpainting.h"
#include "rendering/sheet_picture.h"
#include "subject/reduced.h"

namespace planning {

using common::Problem;
using common::ProblemKind;

namespace {

std::vector<std::string> namesOf(const Reading& reading, const Study& study) {
    std::vector<std::string> names(reading.areas.list.size());
    const cv::Mat& map = reading.areas.map;
    for (const AreaChoice& name : study.areaChoices)
        if (!name.name.empty()) names[std::size_t(subject::labelAt(map, name.x, name.y))] = name.name;
    return names;
}

matching::SearchWidth widthFor(const Study& study, Fineness fineness) {
    matching::SearchWidth width;
    width.layers = study.layers;
    if (fineness == Fineness::full) return width;
    width.beam = 1;
    width.judged = 2;
    width.shortlist = 48;
    width.exchanges = 0;
    width.swapRounds = 0;
    return width;
}

/// What each stack asks of the search. Small areas and what the picture is about count for more than their place; a
/// layer for small ones must better them by more.
std::vector<matching::Want> wantsOf(const Plan& plan) {
    constexpr double focalFactor = 3.0;
    const auto weight = [&](const PlannedStack& stack) {
        const bool isFocal = std::ranges::any_of(
            stack.areas, [&](int area) { return plan.reading->areas.list[std::size_t(area)].focal; });
        return std::pow(stack.share, 0.8) * (isFocal ? focalFactor : 1.0);
    };
    double all = 0;
    for (const PlannedStack& stack : plan.stacks) all += weight(stack);
    std::vector<matching::Want> wants;
    for (const PlannedStack& stack : plan.stacks) {
        matching::Want want{stack.samples, stack.start, weight(stack) / all};
        const double against = 1.0 / (want.importance * double(plan.stacks.size()));
        want.layerPrice *= std::clamp(std::sqrt(against), 0.5, 3.0);
        wants.push_back(std::move(want));
    }
    return wants;
}

/// "412-388/SP-031/hatch": the areas, the stick and the manner.
std::string layerKey(const Plan& plan, const PlannedStack& stack, const materials::Material& stick,
                     pigment::Manner manner) {
    std::string key;
    for (const int area : stack.areas)
        key += (key.empty() ? "" : "+") + plan.reading->areas.list[std::size_t(area)].key;
    return key + "/" + stick.id + "/" + std::string(nameOf(manner));
}

/// Chooses the palette and the stacks over the plan's ground, and keeps only the sticks that are used.
bool match(Plan& plan, const Study& study, const materials::Library& library,
           const std::vector<matching::PreparedStick>& tray, Fineness fineness, const common::Progress& progress) {
    for (PlannedStack& stack : plan.stacks) stack.start = plan.chosenGround().patches[std::size_t(stack.areas.front())];
    std::vector<std::string> used;
    for (const GroundLayer& layer : plan.chosenGround().layers)
        if (std::ranges::find(used, layer.medium.id) == used.end()) used.push_back(layer.medium.id);
    const int dryLimit = std::max(1, study.stickLimit - int(used.size()));

    matching::StackWeights weights;
    weights.light = study.light;
    weights.school = study.school;
    const matching::OptionBank bank(tray, materials::profileOf(plan.paper.surface), study.school);
    const auto palette = matching::choosePalette(wantsOf(plan), bank, dryLimit, widthFor(study, fineness), weights,
                                                 matching::usualStickPrice, progress);
    if (!palette) return false;

    std::vector<int> newIndex(tray.size(), -1);
    for (std::size_t i = 0; i < tray.size(); ++i) {
        const bool inStack = std::ranges::binary_search(palette->sticks, int(i));
        if (!inStack && std::ranges::find(used, library.media[i].id) == used.end()) continue;
        newIndex[i] = int(plan.sticks.size());
        plan.sticks.push_back(library.media[i]);
    }
    plan.prepared = matching::prepared(plan.sticks, plan.light);
    for (std::size_t s = 0; s < plan.stacks.size(); ++s) {
        PlannedStack& stack = plan.stacks[s];
        for (const matching::StackLayer& chosen : palette->stacks[s].layers) {
            Layer layer;
            layer.stick = newIndex[std::size_t(chosen.stick)];
            layer.manner = chosen.manner;
            const materials::Material& stick = plan.sticks[std::size_t(layer.stick)];
            layer.key = layerKey(plan, stack, stick, layer.manner);
            layer.markMillimetres =
                markMillimetres(stick.kind, layer.manner, stack.layers.empty()) * markFactor(study.detail);
            stack.layers.push_back(std::move(layer));
        }
    }
    return true;
}

/// The pressure maps of one stack in its own box.
struct StackMaps {
    cv::Rect box;
    std::vector<cv::Mat> maps;
};

StackMaps mapsOf(const Plan& plan, const Study& study, int index, const cv::Mat& wanted, Fineness fineness) {
    const PlannedStack& stack = plan.stacks[std::size_t(index)];
    const cv::Mat mask = plan.stackMap == index;
    StackMaps made;
    made.box = cv::boundingRect(mask);
    if (stack.layers.empty()) return made;
    const double scale = fineness == Fineness::coarse ? 0.25 : 1.0;
    MapTask task;
    task.layers = int(stack.layers.size());
    task.wanted = wanted(made.box);
    task.mask = mask(made.box);
    if (scale < 1) {
        task.wanted = subject::scaledDown(task.wanted, scale);
        cv::resize(task.mask, task.mask, task.wanted.size(), 0, 0, cv::INTER_NEAREST);
    }
    task.eyePixels = scale * rendering::easelSigma(wanted.size());
    const ToneColours gives = toneColours(plan, stack);
    task.tones = gives.colours;
    const matching::StackWeights weights;
    for (const float tooth : gives.toothUsed)
        task.faults.push_back(float(weights.toothOver * std::max(0.0, tooth - weights.toothBudget)));
    for (const Layer& layer : stack.layers)
        task.markPixels.push_back(
            scale * std::min(layer.markMillimetres * pixelsPerMillimetre(plan, study), largestMarkPixels(stack, plan)));
    made.maps = pressureMaps(task);
    if (scale < 1)
        for (cv::Mat& map : made.maps) cv::resize(map, map, made.box.size(), 0, 0, cv::INTER_LINEAR);
    return made;
}

void makePressureMaps(Plan& plan, const Study& study, const cv::Mat& wanted, Fineness fineness) {
    std::vector<StackMaps> made(plan.stacks.size());
    common::forEachIndex(int(made.size()),
                         [&](int s) { made[std::size_t(s)] = mapsOf(plan, study, s, wanted, fineness); });
    std::size_t deepest = 0;
    for (const StackMaps& stack : made) deepest = std::max(deepest, stack.maps.size());
    for (std::size_t k = 0; k < deepest; ++k) {
        plan.pressures.push_back(cv::Mat::zeros(wanted.size(), CV_8U));
        for (std::size_t s = 0; s < made.size(); ++s)
            if (k < made[s].maps.size())
                made[s].maps[k].copyTo(plan.pressures[k](made[s].box), plan.stackMap(made[s].box) == int(s));
    }
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
    auto reading = readSubject(study, kept);
    if (!reading) return reading.problem();
    progress.at(0.15);
    if (progress.cancelled()) return cancelled;

    Plan plan;
    plan.isCoarse = fineness == Fineness::coarse;
    plan.light = study.light;
    plan.reading = *reading;
    plan.areaNames = namesOf(*plan.reading, study);
    cv::Mat wanted = plan.reading->wanted;
    plan.reference = plan.reading->wantedPicture;
    if (plan.light != colour::Light::daylight65) {
        plan.reference = colour::pictureUnder(plan.reference, plan.light);
        wanted = colour::labOfSrgb8Image(plan.reference);
    }
    findStacks(plan, study, wanted);
    const std::vector<matching::PreparedStick> tray = matching::prepared(library.media, plan.light);
    plan.papers = rankedPapers(plan, library.papers, tray, study.layers);
    plan.paper = study.paper.empty() ? plan.papers.front().paper : *library.paper(study.paper);
    plan.grain = grainKept(kept, plan.paper.surface, wanted.size(), study.widthMillimetres / wanted.cols);
    progress.at(0.2);
    if (progress.cancelled()) return cancelled;

    constexpr int mostWashes = 3;
    const bool room = study.stickLimit > 2 * mostWashes;
    plan.grounds = {bareGround(*plan.reading, plan.paper), localGround(plan, library.media, tray, mostWashes)};
    plan.ground = study.ground == Ground::proposed && room ? 1 : 0;
    if (!match(plan, study, library, tray, fineness, progress.part(0.2, 0.8))) return cancelled;
    makePressureMaps(plan, study, wanted, fineness);
    fadeEdges(plan, study, wanted);
    progress.at(0.9);
    if (progress.cancelled()) return cancelled;
    tallyTones(plan, wanted);
    plan.steps = orderedSteps(plan, study);
    numberLayers(plan);
    lookAt(plan);
    summarise(plan, tray);
    plan.notes = notesFor(plan, study);
    progress.at(1.0);
    return plan;
}

}  // namespace

std::string_view nameOf(Stage stage) {
    static constexpr std::array<std::string_view, 8> names{"drawing", "underpainting", "block-in", "build",
                                                           "refine",  "accent",        "fix",      "finish"};
    return names[static_cast<std::size_t>(stage)];
}

std::string_view nameOf(GroundStrategy strategy) {
    static constexpr std::array<std::string_view, 3> names{"none", "local-wash", "dry-base"};
    return names[static_cast<std::size_t>(strategy)];
}

std::string_view nameOf(ReasonKind kind) {
    switch (kind) {
        case ReasonKind::firstMarks:
            return "first-marks";
        case ReasonKind::groundFirst:
            return "ground-first";
        case ReasonKind::groundNearColour:
            return "ground-near-colour";
        case ReasonKind::inkDeepestDarks:
            return "ink-deepest-darks";
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
        case ReasonKind::showsBothEnds:
            return "shows-both-ends";
        case ReasonKind::hidesLights:
            return "hides-lights";
        case ReasonKind::hidesDarks:
            return "hides-darks";
        case ReasonKind::nearSubject:
            return "near-subject";
        case ReasonKind::complementSparkles:
            return "complement-sparkles";
        case ReasonKind::holdsLayers:
            return "holds-layers";
        case ReasonKind::fewLayers:
            return "few-layers";
        case ReasonKind::takesWater:
            return "takes-water";
        case ReasonKind::noWater:
            return "no-water";
        case ReasonKind::fitsSticks:
            return "fits-sticks";
    }
    return "";
}

common::Result<Plan> makePlan(const Study& study, const materials::Library& library, Kept& kept,
                              const common::Progress& progress, int threads, Fineness fineness) {
    if (auto problem = outOfBounds(study)) return *problem;
    const bool anyDry = std::ranges::any_of(library.media, [](const auto& m) { return !materials::isWet(m.kind); });
    if (!anyDry) return Problem{ProblemKind::trayEmpty, ""};
    if (library.media.size() > matching::mostSticks)
        return Problem{ProblemKind::trayTooLarge, "", 0, std::to_string(library.media.size()),
                       std::to_string(matching::mostSticks)};
    if (library.papers.empty()) return Problem{ProblemKind::paperMissing, ""};
    if (!study.paper.empty() && !library.paper(study.paper))
        return Problem{ProblemKind::paperUnknown, "", 0, study.paper};

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

#include "planning/planner.h"

#include <tbb/global_control.h>
#include <tbb/task_arena.h>

#include <algorithm>
#include <array>
#include <opencv2/core/utility.hpp>

#include "colour/difference.h"
#include "colour/reflectance.h"
#include "matching/palette.h"
#include "planning/notes.h"
#include "planning/order.h"
#include "planning/paper_ranking.h"
#include "planning/underpainting.h"

namespace planning {

using common::Problem;
using common::ProblemKind;

namespace {

std::vector<std::string> namesOf(const Reading& reading, const Study& study) {
    std::vector<std::string> names(reading.areas.list.size());
    const cv::Mat& map = reading.areas.map;
    for (const AreaName& name : study.areaNames)
        if (!name.name.empty()) names[subject::labelAt(map, name.x, name.y)] = name.name;
    return names;
}

/// Picks the plan's palette and recipes over the chosen grounds, and keeps only the sticks that are used.
bool match(Plan& plan, const Study& study, const materials::Library& library,
           const std::vector<matching::PreparedStick>& tray, const Underpainting& underpainting,
           const common::Progress& progress) {
    const std::vector<subject::Passage>& passages = plan.reading->passages.list;
    std::vector<matching::Demand> demands;
    for (std::size_t p = 0; p < passages.size(); ++p)
        demands.push_back({colour::labUnder(passages[p].target, study.light), passages[p].share,
                           underpainting.layers[underpainting.ofPassage[p]].patch});
    matching::RecipeWeights weights;
    weights.light = study.light;
    std::vector<int> used;
    for (const GroundLayer& layer : underpainting.layers)
        for (const matching::Lay& lay : layer.lays) used.push_back(lay.stick);
    std::ranges::sort(used);
    used.erase(std::unique(used.begin(), used.end()), used.end());
    const int dryLimit = std::max(1, study.stickLimit - int(used.size()));
    const auto palette = matching::choosePalette(demands, tray, dryLimit, study.strokes, weights, progress);
    if (!palette || palette->recipes.empty()) return false;

    used.insert(used.end(), palette->sticks.begin(), palette->sticks.end());
    std::ranges::sort(used);
    used.erase(std::unique(used.begin(), used.end()), used.end());
    std::vector<int> newIndex(tray.size(), -1);
    for (const int stick : used) {
        newIndex[stick] = int(plan.sticks.size());
        plan.sticks.push_back(library.media[stick]);
    }
    const auto renumber = [&](std::vector<matching::Lay>& lays) {
        for (matching::Lay& lay : lays) lay.stick = newIndex[lay.stick];
    };
    plan.prepared = matching::prepared(plan.sticks);
    plan.grounds = underpainting.layers;
    for (GroundLayer& layer : plan.grounds) renumber(layer.lays);
    for (std::size_t p = 0; p < passages.size(); ++p) {
        PlannedPassage& planned =
            plan.passages.emplace_back(underpainting.ofPassage[p], demands[p].target, palette->recipes[p]);
        renumber(planned.recipe.lays);
        const pigment::Patch patch = matching::laidOn(demands[p].ground, planned.recipe.lays, plan.prepared);
        for (int i = 0; i < colour::lightCount; ++i)
            planned.differenceUnder[i] = colour::differenceCie2000(
                colour::labUnder(passages[p].target, colour::Light(i)), pigment::labOf(patch, colour::Light(i)));
    }
    return true;
}

void summarise(Plan& plan, const std::vector<matching::PreparedStick>& tray) {
    Summary& summary = plan.summary;
    std::vector<std::pair<double, double>> byDifference;
    const std::vector<subject::Passage>& passages = plan.reading->passages.list;
    for (std::size_t p = 0; p < passages.size(); ++p) {
        const matching::Recipe& recipe = plan.passages[p].recipe;
        summary.meanDifference += passages[p].share * recipe.difference;
        summary.unsteadyDifference += passages[p].share * recipe.unsteady;
        summary.nearestStickDifference += passages[p].share * matching::nearestDifference(passages[p].target, tray);
        byDifference.push_back({recipe.difference, passages[p].share});
    }
    std::ranges::sort(byDifference);
    double below = 0;
    for (const auto& [difference, share] : byDifference) {
        below += share;
        summary.p95Difference = difference;
        if (below >= 0.95) break;
    }
    for (const Step& step : plan.steps) summary.minutes += step.minutes + step.waitMinutes;
    summary.stickChanges = stickChanges(plan.steps);
    summary.stickChangesPlain = stickChangesPlain(plan);
}

common::Result<Plan> planned(const Study& study, const materials::Library& library, Kept& kept,
                             const common::Progress& progress) {
    auto reading = readSubject(study, kept);
    if (!reading) return reading.problem();
    progress.at(0.15);
    if (progress.cancelled()) return Problem{ProblemKind::cancelled, ""};

    Plan plan;
    plan.light = study.light;
    plan.reading = *reading;
    plan.areaNames = namesOf(*plan.reading, study);
    const std::vector<matching::PreparedStick> tray = matching::prepared(library.media);
    plan.papers = rankedPapers(*plan.reading, library.papers, tray, study.strokes);
    plan.paper = study.paper.empty() ? plan.papers.front().paper : *library.paper(study.paper);
    progress.at(0.2);
    if (progress.cancelled()) return Problem{ProblemKind::cancelled, ""};

    constexpr int mostWashes = 3;
    const bool room = study.stickLimit > 2 * mostWashes;
    const Underpainting proposal = proposedUnderpainting(*plan.reading, plan.paper, tray, mostWashes);
    for (const int layer : proposal.ofPassage) plan.proposedGround.push_back(proposal.layers[layer].patch);
    for (const GroundLayer& layer : proposal.layers)
        if (!layer.lays.empty()) plan.proposedMedia.push_back(library.media[layer.lays.front().stick].name);
    const Underpainting underpainting =
        study.ground == Ground::proposed && room ? proposal : bareGround(*plan.reading, plan.paper);
    if (!match(plan, study, library, tray, underpainting, progress.part(0.2, 0.95)))
        return Problem{progress.cancelled() ? ProblemKind::cancelled : ProblemKind::trayEmpty, ""};
    plan.steps = orderedSteps(plan, study);
    summarise(plan, tray);
    plan.notes = notesFor(plan, study);
    progress.at(1.0);
    return plan;
}

}  // namespace

std::string_view nameOf(Stage stage) {
    static constexpr std::array<std::string_view, 8> names{"drawing", "underpainting", "block-in", "build",
                                                           "refine",  "accent",        "fix",      "finish"};
    return names[static_cast<int>(stage)];
}

common::Result<Plan> makePlan(const Study& study, const materials::Library& library, Kept& kept,
                              const common::Progress& progress, int threads) {
    if (auto problem = outOfBounds(study)) return *problem;
    const bool anyDry = std::ranges::any_of(library.media, [](const auto& m) { return !materials::isWet(m.kind); });
    if (!anyDry) return Problem{ProblemKind::trayEmpty, ""};
    if (library.media.size() > matching::mostSticks)
        return Problem{ProblemKind::trayTooLarge, "", 0, std::to_string(library.media.size()),
                       std::to_string(matching::mostSticks)};
    if (library.papers.empty()) return Problem{ProblemKind::paperMissing, ""};
    if (!study.paper.empty() && !library.paper(study.paper))
        return Problem{ProblemKind::paperUnknown, "", 0, study.paper};

    if (threads <= 0) return planned(study, library, kept, progress);
    threads = std::min(threads, tbb::this_task_arena::max_concurrency());
    const int before = cv::getNumThreads();
    cv::setNumThreads(threads);
    const tbb::global_control limit(tbb::global_control::max_allowed_parallelism, std::size_t(threads));
    tbb::task_arena arena(threads);
    auto result = arena.execute([&] { return planned(study, library, kept, progress); });
    cv::setNumThreads(before);
    return result;
}

}  // namespace planning

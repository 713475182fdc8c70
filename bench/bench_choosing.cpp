#include <benchmark/benchmark.h>

#include <array>
#include <numeric>

#include <opencv2/imgcodecs.hpp>

#include "colour/srgb.h"
#include "common/file.h"
#include "planning/close_view.h"
#include "planning/comparison.h"
#include "planning/own_stacks.h"
#include "planning/replanning.h"
#include "planning/simulated_hand.h"
#include "planning/stage_picture.h"
#include "planning/work_check.h"
#include "ratios.h"
#include "review/easel_photograph.h"
#include "storage/library_csv.h"
#include "subject/picture.h"

namespace {

using namespace planning;

constexpr std::size_t sticks = 300, papers = 40;

/// The starter materials, filled up to so many with neighbours of what is there.
materials::Library library() {
    auto starter = storage::readLibraryFolder(storage::dataFolder() / "materials");
    materials::Library all = starter ? *starter : materials::Library();
    const auto neighbour = [](colour::Srgb8 colour, std::size_t i) {
        colour::Lab lab = colour::labFromSrgb8(colour);
        lab.L = std::clamp(lab.L + (i % 2 == 0 ? 4.0 : -4.0), 3.0, 97.0);
        return colour::srgb8FromSrgb(colour::srgbFromLab(lab));
    };
    for (std::size_t i = 0; all.media.size() < sticks; ++i) {
        materials::Material medium = all.media[i];
        medium.id += "-b";
        medium.masstone = neighbour(medium.masstone, i);
        all.media.push_back(medium);
    }
    for (std::size_t i = 0; all.papers.size() < papers; ++i) {
        materials::Paper paper = all.papers[i];
        paper.id += "-b";
        paper.tone = neighbour(paper.tone, i);
        all.papers.push_back(paper);
    }
    return all;
}

}  // namespace

/// Choosing a paper and a ground for the demo picture in 12 areas, against planning it once on a paper and a ground
/// that are set.
int main(int argc, char** argv) {
    const materials::Library all = library();
    Study study;
    const std::string file = (storage::dataFolder() / "demo" / "kettle.png").string();
    auto bytes = common::readFile(file, subject::mostPictureBytes);
    if (!bytes) return 1;
    study.reference = std::make_shared<ReferenceFile>(ReferenceFile{file, *std::move(bytes)});
    study.areas = 12;
    study.approach.ground = Ground::none;
    study.paper = all.papers.front().id;
    Study open = study;
    open.paper.clear();
    Study grounds = study;
    grounds.approach.ground = Ground::proposed;

    Kept read;  // the picture, read once for all
    if (!makePlan(study, all, read)) return 1;
    const auto add = [&](const std::string& name, auto work) {
        benchmark::RegisterBenchmark(name.c_str(),
                                     [&read, work](benchmark::State& state) {
                                         for (auto _ : state) {
                                             Kept kept = read;
                                             kept.comparisons.reset();
                                             kept.stacks = {};
                                             kept.maps = {};
                                             work(kept);
                                         }
                                     })
            ->Unit(benchmark::kMillisecond)
            ->UseRealTime();
    };
    const auto planOnce = [&](Kept& kept) { benchmark::DoNotOptimize(makePlan(study, all, kept)); };
    const std::string ranking = "40 papers, 300 sticks, 12 areas", ways = "ten ways to begin";
    add(ranking + "/ranked", [&](Kept& kept) { benchmark::DoNotOptimize(comparedPapers(open, all, kept)); });
    add(ranking + "/first order", [&](Kept& kept) {
        const std::stop_source stop;
        std::stop_source stopped = stop;
        benchmark::DoNotOptimize(
            comparedPapers(open, all, kept, {{}, stop.get_token()}, [&](const auto&) { stopped.request_stop(); }));
    });
    add(ranking + "/one plan", planOnce);
    add(ways + "/tried", [&](Kept& kept) { benchmark::DoNotOptimize(comparedGrounds(grounds, all, kept)); });
    add(ways + "/the first three", [&](Kept& kept) {
        std::stop_source stop;
        int tried = 0;
        benchmark::DoNotOptimize(comparedGrounds(grounds, all, kept, {{}, stop.get_token()}, [&](const TriedGround&) {
            if (++tried == 3) stop.request_stop();
        }));
    });
    add(ways + "/one plan", planOnce);

    Kept planned = read;
    const auto plan = makePlan(study, all, planned);
    if (!plan) return 1;
    Study changed = study;
    AreaChoice choice;
    choice.x = plan->reading->areas.list[std::size_t(plan->stacks[0].areas[0])].centreX;
    choice.y = plan->reading->areas.list[std::size_t(plan->stacks[0].areas[0])].centreY;
    choice.stack = ownStackFrom(*plan, study, 0);
    choice.stack->layers.back().heavier = 1;
    changed.areaChoices.push_back(choice);
    const std::string byHand = "a layer set by hand";
    benchmark::RegisterBenchmark((byHand + "/planned around").c_str(),
                                 [&](benchmark::State& state) {
                                     for (auto _ : state) {
                                         Kept kept = planned;
                                         benchmark::DoNotOptimize(makePlan(changed, all, kept));
                                     }
                                 })
        ->Unit(benchmark::kMillisecond)
        ->UseRealTime();
    add(byHand + "/one plan", planOnce);

    // In turns two other sticks for a step in the middle, so that each time what is left is planned anew.
    Record record{"bench", plan->paper.id, plan->paper.name, std::string(nameOf(plan->ground.strategy)), {}};
    const int middle = int(plan->steps.size()) / 2;
    for (int number = 1; number < middle; ++number) {
        record.entries.push_back({.kind = EntryKind::done, .step = number});
        record.entries.back().laid =
            laidStep(*plan, plan->steps[std::size_t(number - 1)], study.widthMillimetres, study.heightMillimetres);
    }
    std::array<Record, 2> taken{record, record};
    for (std::size_t i = 0; i < taken.size(); ++i) {
        taken[i].entries.push_back({.kind = EntryKind::tookStick, .step = middle});
        taken[i].entries.back().stick = all.media[20 + i];
    }
    Kept easel = planned;
    if (!makePlan(study, all, record, easel)) return 1;
    std::size_t turn = 0;
    const std::string substitute = "another stick at the easel";
    add(substitute + "/the rest planned anew",
        [&](Kept&) { benchmark::DoNotOptimize(makePlan(study, all, taken[turn++ % 2], easel)); });
    add(substitute + "/one plan", planOnce);

    const std::string sheet = "predicted sheet, 2048 pixels";
    const int steps = int(plan->steps.size());
    const auto close = [&] { return CloseView(*plan, study, plan->light, {0, 0, 1, 1}, {2048, 1536}); };
    add(sheet + "/from nothing", [&](Kept&) { benchmark::DoNotOptimize(close().after(steps).data); });
    CloseView shown = close();
    add(sheet + "/all steps one by one", [&](Kept&) {
        for (int step = 0; step <= steps; ++step) benchmark::DoNotOptimize(shown.after(step).data);
    });
    add(sheet + "/as seen from the easel",
        [&](Kept&) { benchmark::DoNotOptimize(pictureAfter(*plan, steps, plan->light).data); });

    const std::string work = "photograph of 24 megapixels";
    const cv::Mat laid = laidByHand(*plan, steps, handOf(4), study.widthMillimetres / plan->stackMap.cols);
    const cv::Mat flat = review::mountedSheet(laid, study.widthMillimetres, {}).flat;
    review::CameraConditions camera = review::atTheEasel(flat.size(), 3);
    camera.pixels = {6000, 4000};
    const common::Bytes jpeg = review::photographed(flat, camera);
    std::vector<int> everyStep(static_cast<std::size_t>(steps));
    std::iota(everyStep.begin(), everyStep.end(), 1);
    const auto checked = [&] {
        constexpr int longSide = 2400;
        const auto read = subject::readPicture(jpeg, "work.jpg", longSide);
        return checkWork(*plan, study, everyStep, {read->xyz, {}, {}, "work.jpg"});
    };
    const auto check = checked();
    if (!check) return 1;
    const auto png = std::make_shared<const common::Bytes>(sheetPng(check->sheet, check->hidden));
    add(work + "/read and compared", [&](Kept&) { benchmark::DoNotOptimize(checked()); });
    add(work + "/what would mend it", [&](Kept& kept) {
        benchmark::DoNotOptimize(waysToMend(*plan, study, all, everyStep, check->error, png, kept));
    });
    add(work + "/one plan", planOnce);
    return bench::runWithRatios(argc, argv);
}

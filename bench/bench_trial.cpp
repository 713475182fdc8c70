#include <benchmark/benchmark.h>

#include <opencv2/core.hpp>

#include "colour/difference.h"
#include "planning/trial_sheet.h"
#include "ratios.h"

namespace {

using namespace planning;

constexpr auto light = colour::Light::daylight65;

std::vector<materials::Material> mediaOf(int count) {
    cv::RNG random(7);
    std::vector<materials::Material> media;
    for (int i = 0; i < count; ++i) {
        materials::Material m;
        m.kind = i % 5 == 0 ? materials::Kind::pencil : i % 5 == 1 ? materials::Kind::hard : materials::Kind::soft;
        m.hardness = materials::usualHardness(m.kind);
        m.masstone = {std::uint8_t(random.uniform(15, 245)), std::uint8_t(random.uniform(15, 245)),
                      std::uint8_t(random.uniform(15, 245))};
        media.push_back(m);
    }
    return media;
}

std::vector<int> first(int count) {
    std::vector<int> sticks(static_cast<std::size_t>(count));
    for (int i = 0; i < count; ++i) sticks[std::size_t(i)] = i;
    return sticks;
}

/// The plain loop over the film: swatch by swatch from the bare paper, on one core.
double laidPlainly(const TrialSheet& sheet, const std::vector<matching::PreparedStick>& sticks) {
    double sum = 0;
    for (const Strokes& strokes : sheet.swatches)
        sum += pigment::labOf(matching::laidOn(pigment::barePatch(sheet.paper), strokes, sticks), light).L;
    return sum;
}

/// Every pair of strokes at every pressure, each by the whole film.
double triedAllPairs(const colour::Lab& wanted, const pigment::Patch& paper,
                     const std::vector<matching::PreparedStick>& sticks) {
    double least = 1e9;
    const auto forEachLay = [&](const auto& visit) {
        for (int s = 0; s < int(sticks.size()); ++s)
            for (const pigment::Manner manner : matching::mannersOf(sticks[std::size_t(s)].kind))
                for (int p = 1; p <= 3; ++p) visit(pigment::Lay{s, manner, {float(p)}});
    };
    forEachLay([&](const pigment::Lay& under) {
        const pigment::Patch patch = matching::laidOn(paper, {under}, sticks);
        forEachLay([&](const pigment::Lay& over) {
            const colour::Lab seen = pigment::labOf(matching::laidOn(patch, {over}, sticks), light);
            least = std::min(least, colour::differenceCie2000(wanted, seen));
        });
    });
    return least;
}

template <typename Work>
void add(const char* name, Work work) {
    benchmark::RegisterBenchmark(name,
                                 [work](benchmark::State& state) {
                                     for (auto _ : state) benchmark::DoNotOptimize(work());
                                 })
        ->Unit(benchmark::kMillisecond)
        ->UseRealTime();
}

}  // namespace

/// The trial sheet, on all cores; against plain loops over the same film.
int main(int argc, char** argv) {
    static const auto many = matching::prepared(mediaOf(300), light), few = matching::prepared(mediaOf(24), light);
    static materials::Paper paper;
    paper.surface = materials::Surface::sanded600;
    paper.tone = {0x8a, 0x7f, 0x74};
    static const pigment::Patch bare = pigment::barePatch(paper);
    static const colour::Lab wanted{48, 22, 31};
    static const TrialSheet grid = everyOverEvery(paper, first(30), {}, {pigment::Manner::press, {2}});
    static std::vector<Tried> tried = triedOn(grid, many, light);

    add("grid of 30 x 30/with what slides and how it looks", [] { return triedOn(grid, many, light).size(); });
    add("grid of 30 x 30/plain loop, colours alone", [] { return laidPlainly(grid, many); });
    add("a stroke's change/one swatch and its neighbours", [] {
        tryAgain(tried, grid, 465, many, light);
        return tried[465].seen.L;
    });
    add("a stroke's change/the grid anew", [] { return triedOn(grid, many, light).size(); });
    add("next stroke of 300/all sticks",
        [] { return nextStrokes(wanted, bare, many, first(300), 5, light).front().difference; });
    add("mixtures from 300/three layers",
        [] { return matching::mixturesFor(wanted, bare, many, first(300), 3, 6, light).front().difference; });
    add("mixtures from 24/three layers",
        [] { return matching::mixturesFor(wanted, bare, few, first(24), 3, 6, light).front().difference; });
    add("mixtures from 24/every pair of strokes", [] { return triedAllPairs(wanted, bare, few); });
    return bench::runWithRatios(argc, argv);
}

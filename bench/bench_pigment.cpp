#include <benchmark/benchmark.h>
#include <lcms2.h>

#include <opencv2/core.hpp>

#include "colour/reflectance.h"
#include "matching/lanes.h"
#include "pigment/patch.h"
#include "ratios.h"

namespace {

using pigment::Manner;
using pigment::Pressure;

pigment::Pigment blue() {
    materials::Material material;
    material.masstone = {0x2b, 0x4f, 0xa0};
    return pigment::pigmentOf(material);
}

/// A patch that has been worked on: every cell is touched, filled in part and carries loose load.
pigment::Patch workedPatch(const pigment::Pigment& pigment) {
    materials::Paper paper;
    paper.tone = {0xc8, 0x90, 0x50};
    pigment::Patch patch = pigment::barePatch(paper);
    pigment::lay(patch, {&pigment, Manner::hatch, Pressure::light});
    return patch;
}

void registerStrokes() {
    const auto add = [](const char* name, Manner manner) {
        benchmark::RegisterBenchmark(name, [manner](benchmark::State& state) {
            const pigment::Pigment pigment = blue();
            pigment::Patch patch = workedPatch(pigment);
            const pigment::Stroke stroke{pigment::laysPigment(manner) ? &pigment : nullptr, manner, Pressure::medium,
                                         1e-4f};
            for (auto _ : state) {
                pigment::lay(patch, stroke);
                benchmark::DoNotOptimize(patch);
            }
        });
    };
    add("one stroke on one patch/hatch", Manner::hatch);
    add("one stroke on one patch/scumble", Manner::scumble);
    add("one stroke on one patch/press", Manner::press);
    add("one stroke on one patch/dab", Manner::dab);
    add("one stroke on one patch/blend", Manner::blend);
    add("one stroke on one patch/fix", Manner::fix);
    add("one stroke on one patch/lift", Manner::lift);
}

/// The time of one estimate, out of the sixteen that the lanes give at once.
void registerScreens() {
    benchmark::RegisterBenchmark("screening one stroke/lanes", [](benchmark::State& state) {
        const pigment::Pigment pigment = blue();
        const pigment::Patch patch = workedPatch(pigment);
        matching::LaneStrokes strokes{};
        for (int lane = 0; lane < matching::lanes; ++lane)
            strokes.set(lane,
                        matching::thumbnailOf(pigment::Stroke{&pigment, Manner::scumble, Pressure{float(1 + lane % 3)}},
                                              *patch.surface));
        const matching::LaneThumbnails under(matching::thumbnailOf(patch));
        matching::LaneThumbnails after;
        matching::LaneColours seen;
        while (state.KeepRunningBatch(matching::lanes)) {
            matching::layLanes(under, strokes, after);
            matching::lookAt(after, matching::thumbnailWeights(colour::Light::daylight65), seen);
            benchmark::DoNotOptimize(seen.L[0]);
        }
    });
}

/// The yardstick: one colour difference by Little CMS.
void registerYardstick(const char* subject) {
    benchmark::RegisterBenchmark(subject, [](benchmark::State& state) {
        cv::RNG random(3);
        std::vector<cmsCIELab> labs(4096);
        for (cmsCIELab& lab : labs)
            lab = {random.uniform(0.0, 100.0), random.uniform(-80.0, 80.0), random.uniform(-80.0, 80.0)};
        std::size_t i = 0;
        for (auto _ : state) {
            benchmark::DoNotOptimize(cmsCIE2000DeltaE(&labs[i], &labs[(i * 7 + 1) % 4096], 1, 1, 1));
            i = (i + 1) % 4096;
        }
    });
}

}  // namespace

int main(int argc, char** argv) {
    registerStrokes();
    registerYardstick("one stroke on one patch/cmsCIE2000DeltaE");
    registerScreens();
    registerYardstick("screening one stroke/cmsCIE2000DeltaE");
    return bench::runWithRatios(argc, argv);
}

#include <benchmark/benchmark.h>

#include <opencv2/core.hpp>

#include "colour/reflectance.h"
#include "matching/palette.h"
#include "ratios.h"

namespace {

using namespace matching;

constexpr auto light = colour::Light::daylight65;

std::vector<PreparedStick> sticksOf(int count) {
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
    return prepared(media, light);
}

pigment::Patch paper() {
    return pigment::barePatch(materials::profileOf(materials::Surface::sanded600),
                              colour::reflectanceFromSrgb(colour::srgbFromSrgb8({0x8a, 0x7f, 0x74})));
}

/// Areas that are graded from a dark to a light colour, as forms are.
std::vector<Want> wantsOf(int areas) {
    cv::RNG random(11);
    std::vector<Want> wants;
    for (int a = 0; a < areas; ++a) {
        Want want{{}, paper(), 1.0 / areas, 0.08};
        const double L = random.uniform(12.0, 50.0), up = random.uniform(10.0, 40.0);
        const double c = random.uniform(0.0, 45.0), h = random.uniform(0.0, 360.0);
        for (int s = 0; s < 32; ++s) {
            const double t = s / 31.0;
            want.samples.push_back({colour::labFromLch({L + up * t, c * (0.6 + 0.4 * t), h + 20 * t}), 1.0 / 32});
        }
        wants.push_back(want);
    }
    return wants;
}

/// The plain loop: every stack of at most two layers, each judged by the whole film.
double triedAll(const Want& want, const OptionBank& bank, const StackWeights& weights) {
    double least = judged({}, want, bank.sticks, weights).cost;
    for (std::size_t i = 0; i < bank.options.size(); ++i) {
        least = std::min(least, judged({bank.options[i].layer}, want, bank.sticks, weights).cost);
        for (std::size_t j = i + 1; j < bank.options.size(); ++j)
            if (bank.options[i].layer.stick != bank.options[j].layer.stick)
                least = std::min(
                    least, judged({bank.options[i].layer, bank.options[j].layer}, want, bank.sticks, weights).cost);
    }
    return least;
}

template <typename Work>
void add(const char* name, Work work) {
    benchmark::RegisterBenchmark(name,
                                 [work](benchmark::State& state) {
                                     for (auto _ : state) work();
                                 })
        ->Unit(benchmark::kMillisecond)
        ->UseRealTime();
}

}  // namespace

/// The search for stacks and the palette, on all cores; against a plain loop over the same film on what it can finish.
int main(int argc, char** argv) {
    static const StackWeights weights;
    static const auto few = sticksOf(48), many = sticksOf(320), more = sticksOf(1280);
    static const auto surface = &materials::profileOf(materials::Surface::sanded600);
    static const OptionBank fewBank(few, *surface, weights), bank(many, *surface, weights),
        moreBank(more, *surface, weights);
    static const auto wants = wantsOf(12), twice = wantsOf(24);
    SearchWidth two, coarse;
    two.layers = 2;
    coarse.beam = 1;
    coarse.judged = 2;
    coarse.shortlist = 48;
    coarse.exchanges = coarse.swapRounds = 0;
    add("a stack of two layers from 48 sticks/the search", [two] {
        const std::vector<float> free(few.size(), 0.0f);
        benchmark::DoNotOptimize(bestStacks(Screen(wants[0], fewBank, weights), fewBank.all(), free, two));
    });
    add("a stack of two layers from 48 sticks/every stack by the whole film",
        [] { benchmark::DoNotOptimize(triedAll(wants[0], fewBank, weights)); });
    const auto palette = [](const std::vector<Want>& all, const OptionBank& from, const SearchWidth& width) {
        benchmark::DoNotOptimize(choosePalette(all, from, {24, {}, usualStickPrice}, width, weights, {}));
    };
    add("24 of 320 sticks for 12 areas of 4 layers/the palette", [palette] { palette(wants, bank, {}); });
    add("24 of 320 sticks for 12 areas of 4 layers/a first palette",
        [palette, coarse] { palette(wants, bank, coarse); });
    add("24 of 320 sticks for 12 areas of 4 layers/with 24 areas", [palette] { palette(twice, bank, {}); });
    add("24 of 320 sticks for 12 areas of 4 layers/with 1280 sticks", [palette] { palette(wants, moreBank, {}); });
    return bench::runWithRatios(argc, argv);
}

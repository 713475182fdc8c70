#include "matching/substitutes.h"

#include <algorithm>
#include <limits>
#include <set>

#include "colour/difference.h"
#include "common/parallel.h"
#include "matching/stack_search.h"
#include "pigment/hold.h"
#include "pigment/tones.h"

namespace matching {

namespace {

Mixture mixtureOf(std::vector<pigment::Lay> lays, const colour::Lab& wanted, const pigment::Patch& ground,
                  const std::vector<PreparedStick>& sticks, colour::Light light) {
    const pigment::Patch patch = laidOn(ground, lays, sticks);
    const colour::Lab predicted = pigment::labOf(patch, light);
    return {std::move(lays), predicted, colour::differenceCie2000(wanted, predicted), pigment::toothUsed(patch)};
}

/// What is laid of a stack for its one sample.
std::vector<pigment::Lay> laysOf(const Stack& stack) {
    std::vector<pigment::Lay> lays;
    const int size = int(stack.layers.size());
    for (int i = 0; i < size; ++i) {
        const StackLayer& layer = stack.layers[std::size_t(i)];
        if (const int level = pigment::pressureIn(stack.tones[0], i, size); level > 0)
            lays.push_back({layer.stick, layer.manner, pigment::Pressure{float(level)}});
    }
    return lays;
}

bool slides(const std::vector<pigment::Lay>& lays, pigment::Patch patch, const std::vector<PreparedStick>& sticks) {
    for (const pigment::Lay& lay : lays) {
        const pigment::Stroke stroke{&sticks[std::size_t(lay.stick)].pigment, lay.manner, lay.pressure};
        if (pigment::holdOf(patch, stroke).held < pigment::slidesBelow) return true;
        pigment::lay(patch, stroke);
    }
    return false;
}

/// Half a pressure more or less in one of its strokes, as long as that brings it nearer.
Mixture pressedFinely(Mixture mixture, const colour::Lab& wanted, const pigment::Patch& ground,
                      const std::vector<PreparedStick>& sticks, colour::Light light) {
    constexpr float step = 0.5f;
    for (bool isBetter = true; isBetter;) {
        isBetter = false;
        for (std::size_t i = 0; i < mixture.lays.size(); ++i)
            for (const float more : {-step, step}) {
                std::vector<pigment::Lay> lays = mixture.lays;
                float& pressure = lays[i].pressure.value;
                pressure += more;
                if (pressure < step || pressure > pigment::Pressure::heavy.value) continue;
                Mixture tried = mixtureOf(std::move(lays), wanted, ground, sticks, light);
                if (tried.difference >= mixture.difference || slides(tried.lays, ground, sticks)) continue;
                mixture = std::move(tried);
                isBetter = true;
            }
    }
    return mixture;
}

}  // namespace

std::vector<Mixture> mixturesFor(const colour::Lab& wanted, const pigment::Patch& ground,
                                 const std::vector<PreparedStick>& sticks, const std::vector<int>& allowed, int layers,
                                 int count, colour::Light light) {
    StackWeights weights;
    weights.light = light;
    const Want want{{{wanted, 1}}, ground};
    const OptionBank bank(sticks, *ground.surface, weights);
    const Screen screen(want, bank, weights);
    SearchWidth width;
    width.layers = layers;
    width.beam = width.kept = 4 * count;
    width.judged = 3 * count;
    const std::vector<float> free(sticks.size(), 0.0f);
    const auto found = [&](const std::vector<int>& from) {
        std::vector<Mixture> mixtures;
        for (const Stack& stack : bestStacks(screen, bank.of(from), free, width).stacks) {
            std::vector<pigment::Lay> lays = laysOf(stack);
            if (!lays.empty() && !slides(lays, ground, sticks))
                mixtures.push_back(mixtureOf(std::move(lays), wanted, ground, sticks, light));
        }
        return mixtures;
    };
    // Points come very near, but many of them slide on what lies beneath: without them there is enough that holds.
    std::vector<int> withoutPoints = allowed;
    std::erase_if(withoutPoints, [&](int stick) { return isPoint(sticks[std::size_t(stick)]); });
    std::vector<Mixture> mixtures, more;
    common::together([&] { mixtures = found(allowed); }, [&] { more = found(withoutPoints); });
    mixtures.insert(mixtures.end(), more.begin(), more.end());
    common::forEachIndex(int(mixtures.size()), [&](int i) {
        Mixture& mixture = mixtures[std::size_t(i)];
        mixture = pressedFinely(std::move(mixture), wanted, ground, sticks, light);
    });
    std::ranges::stable_sort(mixtures, {}, &Mixture::difference);
    std::vector<Mixture> best;
    std::set<std::set<int>> known;
    for (Mixture& mixture : mixtures) {
        std::set<int> used;
        for (const pigment::Lay& lay : mixture.lays) used.insert(lay.stick);
        if (int(best.size()) < count && known.insert(used).second) best.push_back(std::move(mixture));
    }
    return best;
}

Substitutes substitutesFor(int missing, const std::vector<PreparedStick>& sticks, const pigment::Patch& paper,
                           int mixtures, colour::Light light) {
    constexpr auto manner = pigment::Manner::press;
    constexpr auto pressure = pigment::Pressure::medium;
    Substitutes substitutes;
    substitutes.wanted = pigment::labOf(laidOn(paper, {{missing, manner, pressure}}, sticks), light);
    std::vector<int> others;
    for (int i = 0; i < int(sticks.size()); ++i)
        if (i != missing && isDry(sticks[std::size_t(i)])) others.push_back(i);

    double least = std::numeric_limits<double>::infinity();
    for (const int other : others) {
        Mixture alone = mixtureOf({{other, manner, pressure}}, substitutes.wanted, paper, sticks, light);
        if (alone.difference >= least) continue;
        least = alone.difference;
        substitutes.nearest = std::move(alone);
    }
    for (Mixture& mixture : mixturesFor(substitutes.wanted, paper, sticks, others, 2, 4 * mixtures, light)) {
        if (int(substitutes.mixed.size()) == mixtures) break;
        if (mixture.lays.size() == 2 && mixture.difference < least) substitutes.mixed.push_back(std::move(mixture));
    }
    return substitutes;
}

}  // namespace matching

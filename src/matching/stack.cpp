#include "matching/stack.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>
#include <span>

#include "colour/difference.h"
#include "matching/target_distance.h"
#include "pigment/tones.h"

namespace matching {

namespace {

using pigment::Manner;

struct Tone {
    int number;
    colour::Lab colour;
    double fault;  // what it costs beside its distance
};

/// What lies there and that some samples are over, rising.
std::vector<int> standingUnder(const Want& want) {
    std::vector<int> under;
    for (const Sample& sample : want.samples) under.push_back(sample.under);
    std::ranges::sort(under);
    under.erase(std::unique(under.begin(), under.end()), under.end());
    return under;
}

/// Calls visit(number, patch) for tones of the strokes over what lies there: `tones(under)` gives those that are
/// wanted, rising. A number is the tone's, with what it is laid on as a leading digit.
template <typename Tones, typename Visit>
void forTonesOver(const Want& want, std::span<const pigment::Stroke> strokes, const Tones& tones, const Visit& visit) {
    for (const int under : standingUnder(want)) {
        const pigment::Patch& from = want.standing.empty() ? want.ground : want.standing[std::size_t(under)];
        const int first = under * pigment::toneCount(int(strokes.size()));
        pigment::forTones(from, strokes, tones(under),
                          [&](int tone, const pigment::Patch& patch) { visit(first + tone, patch); });
    }
}

double faultOf(const pigment::Patch& patch, const StackWeights& weights) {
    return weights.toothOver * std::max(0.0, pigment::toothUsed(patch) - weights.toothBudget) +
           weights.speckle * std::max(0.0, pigment::speckle(patch) - weights.speckleBudget);
}

}  // namespace

bool holds(const Layers& stack, const Layers& own) {
    auto next = own.begin();
    for (const StackLayer& layer : stack)
        if (next != own.end() && layer.stick == next->stick && layer.manner == next->manner) ++next;
    return !own.empty() && next == own.end();
}

const std::vector<Manner>& mannersOf(materials::Kind kind) {
    static const std::vector<Manner> points{Manner::hatch, Manner::scumble}, pans{Manner::scumble, Manner::press},
        sticks{Manner::scumble, Manner::hatch, Manner::press};
    if (kind == materials::Kind::pencil) return points;
    return kind == materials::Kind::pan ? pans : sticks;
}

std::vector<pigment::Stroke> strokesOf(const std::vector<StackLayer>& layers, const std::vector<PreparedStick>& sticks,
                                       pigment::HandSample hand) {
    std::vector<pigment::Stroke> strokes;
    for (const StackLayer& layer : layers) {
        const bool lays = pigment::laysPigment(layer.manner);
        strokes.push_back({lays ? &sticks[std::size_t(layer.stick)].pigment : nullptr, layer.manner,
                           pigment::Pressure::medium, hand.amount, hand.coverage, layer.isFixed});
    }
    return strokes;
}

std::vector<TargetDistance> distancesTo(const std::vector<Sample>& samples) {
    std::vector<TargetDistance> distances;
    distances.reserve(samples.size());
    for (const Sample& sample : samples) distances.emplace_back(sample.wanted);
    return distances;
}

double strayCost(const std::vector<TargetDistance>& samples, const PreparedStick& stick, const StackWeights& weights) {
    double nearest = 1e18;
    for (const TargetDistance& distance : samples) nearest = std::min(nearest, distance(stick.masstone));
    return weights.stray * std::max(0.0, std::sqrt(nearest) - weights.strayBudget);
}

Stack judgedSteady(std::vector<StackLayer> layers, const Want& want, const std::vector<PreparedStick>& sticks,
                   const StackWeights& weights) {
    Stack stack;
    stack.layers = std::move(layers);
    const int count = int(stack.layers.size()), left = count - want.laid;
    const auto strokes = strokesOf({stack.layers.begin() + want.laid, stack.layers.end()}, sticks, weights.hand);
    std::vector<int> every(std::size_t(pigment::toneCount(left)));
    std::iota(every.begin(), every.end(), 0);
    std::vector<Tone> tones;
    forTonesOver(
        want, strokes, [&](int) { return std::span<const int>(every); },
        [&](int number, const pigment::Patch& patch) {
            tones.push_back({number, pigment::labOf(patch, weights.light), faultOf(patch, weights)});
        });
    std::vector<int> blacks;
    for (int i = want.laid; i < count; ++i)
        if (const int stick = stack.layers[std::size_t(i)].stick; stick >= 0 && isBlack(sticks[std::size_t(stick)]))
            blacks.push_back(i - want.laid);
    const auto blackCost = [&](int tone, const colour::Lab& wanted) {
        if (wanted.L <= weights.darkTo) return 0.0;
        const bool isLaid = std::ranges::any_of(blacks, [&](int i) { return pigment::pressureIn(tone, i, left) > 0; });
        return isLaid ? weights.blackInColour : 0.0;
    };

    double faults = 0;
    for (const Sample& sample : want.samples) {
        const TargetDistance distance(sample.wanted);
        const auto first = std::ranges::lower_bound(tones, sample.under * int(every.size()), {}, &Tone::number);
        const std::span over(first, every.size());
        const Tone* best = &over.front();
        double least = 1e300;
        for (const Tone& tone : over) {
            const double cost = std::sqrt(distance(tone.colour)) + tone.fault + blackCost(tone.number, sample.wanted);
            if (cost >= least) continue;
            least = cost;
            best = &tone;
        }
        stack.tones.push_back(best->number);
        stack.difference += sample.weight * colour::differenceCie2000(sample.wanted, best->colour);
        faults += sample.weight * (best->fault + blackCost(best->number, sample.wanted));
    }

    const std::vector<TargetDistance> distances = distancesTo(want.samples);
    stack.cost = stack.difference + faults + want.layerPrice * count;
    if (std::ranges::any_of(want.own, [&](const Layers& own) { return holds(stack.layers, own); }))
        stack.cost -= want.layerPrice;
    for (std::size_t i = std::size_t(want.laid); i < stack.layers.size(); ++i)
        if (const int stick = stack.layers[i].stick; stick >= 0)
            stack.cost += strayCost(distances, sticks[std::size_t(stick)], weights);
    return stack;
}

Stack judged(std::vector<StackLayer> layers, const Want& want, const std::vector<PreparedStick>& sticks,
             const StackWeights& weights) {
    Stack stack = judgedSteady(std::move(layers), want, sticks, weights);
    std::vector<int> served = stack.tones;
    std::ranges::sort(served);
    served.erase(std::unique(served.begin(), served.end()), served.end());
    const int over = pigment::toneCount(int(stack.layers.size()) - want.laid);
    std::map<int, std::vector<int>> servedOver;
    for (const int number : served) servedOver[number / over].push_back(number % over);
    const auto hands = pigment::handSamples(weights.handSpread, weights.hand);
    for (const pigment::HandSample& hand : hands) {
        const auto strokes = strokesOf({stack.layers.begin() + want.laid, stack.layers.end()}, sticks, hand);
        std::vector<colour::Lab> colours;
        forTonesOver(
            want, strokes, [&](int under) { return std::span<const int>(servedOver[under]); },
            [&](int, const pigment::Patch& patch) { colours.push_back(pigment::labOf(patch, weights.light)); });
        for (std::size_t s = 0; s < want.samples.size(); ++s) {
            const auto at = std::ranges::lower_bound(served, stack.tones[s]) - served.begin();
            stack.unsteady += want.samples[s].weight *
                              colour::differenceCie2000(want.samples[s].wanted, colours[std::size_t(at)]) /
                              double(hands.size());
        }
    }
    stack.cost += stack.unsteady - stack.difference;
    return stack;
}

pigment::Patch laidOn(const pigment::Patch& ground, const std::vector<pigment::Lay>& lays,
                      const std::vector<PreparedStick>& sticks) {
    return pigment::laidOn(ground, lays,
                           [&](int stick) -> const pigment::Pigment& { return sticks[std::size_t(stick)].pigment; });
}

}  // namespace matching

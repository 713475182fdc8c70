#pragma once

#include <bit>
#include <vector>

#include "colour/reflectance.h"
#include "matching/palette.h"
#include "matching/screen.h"
#include "matching/stack_search.h"
#include "numbers.h"
#include "rounds.h"

/// Sticks and wants to try the search on, and the plain way to find the best of few.

using namespace matching;
using colour::Lab;

inline std::vector<materials::Material> randomMedia(int count, unsigned seed) {
    Numbers random(seed);
    std::vector<materials::Material> media;
    for (int i = 0; i < count; ++i) {
        materials::Material m;
        m.id = "m" + std::to_string(i);
        m.kind = i % 4 == 0 ? materials::Kind::pencil : materials::Kind::soft;
        m.hardness = materials::usualHardness(m.kind);
        m.masstone = {std::uint8_t(random.below(256)), std::uint8_t(random.below(256)),
                      std::uint8_t(random.below(256))};
        media.push_back(m);
    }
    return media;
}

inline pigment::Patch ground(const char* hex) {
    return pigment::barePatch(materials::profileOf(materials::Surface::sanded400),
                              colour::reflectanceFromSrgb(colour::srgbFromSrgb8(*colour::srgb8FromHex(hex))));
}

inline constexpr auto d65 = colour::Light::daylight65;

/// Colours that some layers of the sticks can nearly make.
inline std::vector<Sample> reachable(const std::vector<PreparedStick>& sticks, const pigment::Patch& on, int count,
                                     Numbers& random) {
    std::vector<Sample> samples;
    const int first = random.below(int(sticks.size())), second = random.below(int(sticks.size()));
    for (int i = 0; i < count; ++i) {
        const std::vector<pigment::Lay> lays{
            {first, pigment::Manner::scumble, pigment::Pressure{float(random.between(0, 3))}},
            {second, pigment::Manner::scumble, pigment::Pressure{float(random.between(0, 3))}}};
        Lab lab = pigment::labOf(laidOn(on, lays, sticks), d65);
        lab.L = std::clamp(lab.L + random.between(-4, 4), 2.0, 98.0);
        samples.push_back({lab, 1.0 / count});
    }
    return samples;
}

inline Want wantOf(const std::vector<PreparedStick>& sticks, const pigment::Patch& on, int samples, Numbers& random) {
    return {reachable(sticks, on, samples, random), on, 1.0, 0.08};
}

/// The search for one area with all sticks, at no price.
inline std::vector<Stack> searched(const Want& want, const OptionBank& bank, const SearchWidth& width,
                                   const StackWeights& weights) {
    const std::vector<float> free(bank.sticks.size(), 0.0f);
    return bestStacks(Screen(want, bank, weights), bank.all(), free, width).stacks;
}

/// How much more what was found costs than the best there is, over many instances.
class Excess {
 public:
    void add(double found, double best) {
        ++count_;
        sum_ += found / best - 1;
        worst_ = std::max(worst_, found / best - 1);
    }
    double mean() const { return sum_ / count_; }
    double worst() const { return worst_; }

 private:
    int count_ = 0;
    double sum_ = 0, worst_ = 0;
};

/// Every stack of at most two layers that the school allows, judged by the whole film.
inline std::vector<Stack> everyStack(const Want& want, const OptionBank& bank, const StackWeights& weights) {
    std::vector<Stack> all{judged({}, want, bank.sticks, weights)};
    for (std::size_t i = 0; i < bank.options.size(); ++i) {
        all.push_back(judged({bank.options[i].layer}, want, bank.sticks, weights));
        for (std::size_t j = i + 1; j < bank.options.size(); ++j)
            if (bank.options[i].layer.stick != bank.options[j].layer.stick)
                all.push_back(judged({bank.options[i].layer, bank.options[j].layer}, want, bank.sticks, weights));
    }
    return all;
}

inline unsigned sticksIn(const Stack& stack) {
    unsigned set = 0;
    for (const StackLayer& layer : stack.layers) set |= 1u << layer.stick;
    return set;
}

/// The least cost of a palette of two areas from at most `limit` of six sticks, over all that there are.
inline double leastCost(const std::vector<Want>& wants, const OptionBank& bank, int limit, const StackWeights& weights,
                        double stickPrice) {
    std::vector<std::vector<Stack>> all;
    for (const Want& want : wants) all.push_back(everyStack(want, bank, weights));
    double least = 1e300;
    for (unsigned palette = 0; palette < 64; ++palette) {
        if (std::popcount(palette) > limit) continue;
        double cost = stickPrice * std::popcount(palette);
        for (std::size_t a = 0; a < wants.size(); ++a) {
            double best = 1e300;
            for (const Stack& stack : all[a])
                if ((sticksIn(stack) & ~palette) == 0) best = std::min(best, stack.cost);
            cost += wants[a].importance * best;
        }
        least = std::min(least, cost);
    }
    return least;
}

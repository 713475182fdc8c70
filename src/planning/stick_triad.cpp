#include "planning/stick_triad.h"

#include <algorithm>

#include "colour/difference.h"

namespace planning {

namespace {

/// The means of three parts of like weight, from dark to light.
std::array<colour::Lab, 3> thirdsOf(std::vector<matching::Sample> samples) {
    std::ranges::stable_sort(samples, {}, [](const matching::Sample& it) { return it.wanted.L; });
    double all = 0, before = 0;
    for (const matching::Sample& sample : samples) all += sample.weight;
    std::array<colour::Lab, 3> means{};
    std::array<double, 3> weights{};
    for (const matching::Sample& sample : samples) {
        // A sample that lies across two thirds counts for both.
        for (int third = 0; third < 3; ++third) {
            const double from = std::max(before, all * third / 3),
                         to = std::min(before + sample.weight, all * (third + 1) / 3);
            const double weight = std::max(0.0, to - from);
            colour::Lab& mean = means[std::size_t(third)];
            mean.L += weight * sample.wanted.L;
            mean.a += weight * sample.wanted.a;
            mean.b += weight * sample.wanted.b;
            weights[std::size_t(third)] += weight;
        }
        before += sample.weight;
    }
    for (std::size_t third = 0; third < 3; ++third)
        if (weights[third] > 0)
            means[third] = {means[third].L / weights[third], means[third].a / weights[third],
                            means[third].b / weights[third]};
    return means;
}

}  // namespace

std::array<int, 3> stickTriad(const Plan& plan, int stack) {
    const PlannedStack& it = plan.stacks[std::size_t(stack)];
    std::array<int, 3> triad{-1, -1, -1};
    const std::array<colour::Lab, 3> thirds = thirdsOf(it.samples);
    for (std::size_t third = 0; third < 3; ++third) {
        double least = std::numeric_limits<double>::infinity();
        for (const Layer& layer : it.layers) {
            if (layer.stick < 0) continue;
            const double apart =
                colour::differenceCie2000(thirds[third], plan.prepared[std::size_t(layer.stick)].masstone);
            if (apart < least) {
                least = apart;
                triad[third] = layer.stick;
            }
        }
    }
    return triad;
}

}  // namespace planning

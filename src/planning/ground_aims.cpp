#include "planning/ground_aims.h"

#include <algorithm>

#include "planning/stacks.h"

namespace planning {

namespace {

double meanLightness(const Plan& plan) {
    double L = 0;
    for (const PlannedStack& stack : plan.stacks) L += stack.share * meanColour(stack).L;
    return L;
}

/// The mean lightness of what is darker than the whole picture, if that is a good part of the stack.
std::optional<double> lightnessOfDarks(const PlannedStack& stack, double limit) {
    constexpr double goodPart = 0.3;
    double L = 0, part = 0;
    for (const matching::Sample& sample : stack.samples)
        if (sample.wanted.L < limit) {
            L += sample.weight * sample.wanted.L;
            part += sample.weight;
        }
    if (part < goodPart) return std::nullopt;
    return L / part;
}

}  // namespace

Aims aimsOf(Ground strategy, const Plan& plan) {
    const double middle = meanLightness(plan);
    Aims aims;
    for (const PlannedStack& stack : plan.stacks) {
        const colour::Lab mean = meanColour(stack);
        switch (strategy) {
            case Ground::localWash:
            case Ground::dryBase:
            case Ground::brushedOut:
                // Its own hue, a step darker, since the layers above lighten.
                aims.push_back(colour::Lab{std::max(6.0, mean.L - 8.0), mean.a * 0.9, mean.b * 0.9});
                break;
            case Ground::values:
            case Ground::charcoal:
                aims.push_back(colour::Lab{mean.L, 0, 0});
                break;
            case Ground::complement:
                aims.push_back(colour::Lab{mean.L, -mean.a, -mean.b});
                break;
            case Ground::coolShadows: {
                constexpr double blueViolet = 290, chroma = 25;
                const auto L = lightnessOfDarks(stack, middle);
                if (L)
                    aims.push_back(colour::labFromLch({*L, chroma, blueViolet}));
                else
                    aims.push_back(std::nullopt);
                break;
            }
            case Ground::warm: {
                constexpr double orange = 60, chroma = 40;
                aims.push_back(colour::labFromLch({middle, chroma, orange}));
                break;
            }
            case Ground::proposed:
            case Ground::none:
            case Ground::ink:
                aims.push_back(std::nullopt);
                break;
        }
    }
    return aims;
}

}  // namespace planning

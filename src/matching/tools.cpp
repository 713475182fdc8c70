#include "matching/tools.h"

#include <algorithm>

namespace matching {

namespace {

using pigment::Manner;

/// By how much a tool must better an area beyond the price of any layer, in CIEDE2000. A pass of fixative is waited for
/// and breathed.
constexpr double sparingBlend = 0.3, fixingPrice = 0.3;

bool mayBlend(const Stack& stack, std::size_t place, const std::vector<PreparedStick>& sticks) {
    for (std::size_t i = 0; i < place; ++i) {
        const int stick = stack.layers[i].stick;
        if (stick >= 0 && isBlack(sticks[std::size_t(stick)])) return false;
    }
    // Rubbing twice in a row, or over what has just been bound, moves nothing.
    return stack.layers[place - 1].stick >= 0;
}

}  // namespace

Stack withTools(Stack stack, const Want& want, const std::vector<PreparedStick>& sticks, const StackWeights& weights,
                std::size_t mostLayers) {
    const StackRules& rules = weights.rules;
    const bool isSmooth = rules.blending == Blending::blended;
    const auto worth = [&](const Stack& tried, Manner tool) {
        if (tool == Manner::blend) return stack.cost - tried.cost + (isSmooth ? want.layerPrice : -sparingBlend);
        // Only to darken: the colours must come nearer for it, whatever becomes of the tooth.
        const double gain = rules.fixing == Fixing::toDarken
                                ? std::min(stack.cost - tried.cost, stack.difference - tried.difference)
                                : stack.cost - tried.cost;
        return gain - fixingPrice;
    };
    while (!stack.layers.empty() && stack.layers.size() < mostLayers) {
        std::optional<Stack> best;
        double most = 1e-9;
        const auto offer = [&](std::size_t place, Manner tool) {
            std::vector<StackLayer> layers = stack.layers;
            layers.insert(layers.begin() + std::ptrdiff_t(place), {-1, tool});
            Stack tried = judged(std::move(layers), want, sticks, weights);
            const double gain = worth(tried, tool);
            if (gain <= most) return;
            most = gain;
            best = std::move(tried);
        };
        for (std::size_t place = 1; place <= stack.layers.size(); ++place) {
            if (rules.blending != Blending::strokesKept && mayBlend(stack, place, sticks)) offer(place, Manner::blend);
            const bool isBetween = place < stack.layers.size() && stack.layers[place - 1].manner != Manner::fix &&
                                   stack.layers[place].manner != Manner::fix;
            if (rules.fixing != Fixing::never && isBetween) offer(place, Manner::fix);
        }
        if (!best) break;
        stack = *std::move(best);
    }
    return stack;
}

}  // namespace matching

#include "matching/gains.h"

#include <algorithm>

namespace matching {

std::vector<float> gainsFrom(const Screen& screen, const Stack& stack, const std::vector<int>& options,
                             const std::set<int>& inside, int mostLayers) {
    const OptionBank& bank = screen.bank();
    float leastInside = std::numeric_limits<float>::infinity();
    std::vector<float> least(bank.sticks.size(), leastInside);
    const auto offer = [&](const std::vector<StackLayer>& rest, const std::vector<int>& tones) {
        for (const Screened& s : screen.tried(rest, tones, options).with) {
            const int stick = bank.options[std::size_t(s.option)].layer.stick;
            float& best = inside.contains(stick) ? leastInside : least[std::size_t(stick)];
            best = std::min(best, s.cost + float(screen.want().layerPrice) * float(rest.size()));
        }
    };
    for (std::size_t layer = 0; layer < stack.layers.size(); ++layer) {
        std::vector<StackLayer> rest = stack.layers;
        rest.erase(rest.begin() + std::ptrdiff_t(layer));
        const Stack judgedRest = rest.size() > 3 ? screen.judged(rest) : Stack{};
        offer(rest, judgedRest.tones);
    }
    if (int(stack.layers.size()) < mostLayers) offer(stack.layers, stack.tones);
    std::vector<float> gains;
    for (const float cost : least) gains.push_back(std::max(0.0f, std::min(leastInside, 1e6f) - cost));
    return gains;
}

}  // namespace matching

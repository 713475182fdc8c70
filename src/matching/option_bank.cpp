#include "matching/option_bank.h"

#include <algorithm>
#include <numeric>

namespace matching {

using pigment::Manner;

OptionBank::OptionBank(const std::vector<PreparedStick>& prepared, const materials::SurfaceProfile& surface,
                       const StackWeights& weights)
    : sticks(prepared) {
    const StackRules& rules = weights.rules;
    const bool isAnyAllowed = std::ranges::any_of(sticks, [&](const PreparedStick& it) {
        return std::ranges::any_of(mannersOf(it.kind), [&](Manner manner) { return allows(rules, it, manner); });
    });
    for (int stick = 0; stick < int(sticks.size()); ++stick) {
        const PreparedStick& it = sticks[std::size_t(stick)];
        if (!isDry(it)) continue;
        for (const Manner manner : mannersOf(it.kind)) {
            if (isAnyAllowed && !allows(rules, it, manner)) continue;
            Option option{{stick, manner}, rankIn(rules, it), {}};
            for (std::size_t level = 0; level < option.strokes.size(); ++level)
                option.strokes[level] =
                    thumbnailOf(pigment::Stroke{&it.pigment, manner, pigment::Pressure{float(level + 1)},
                                                weights.hand.amount, weights.hand.coverage},
                                surface);
            options.push_back(option);
        }
    }
    std::ranges::stable_sort(options, {}, &Option::rank);
}

std::vector<int> OptionBank::of(const std::vector<int>& allowedSticks) const {
    std::vector<bool> isAllowed(sticks.size(), false);
    for (const int stick : allowedSticks) isAllowed[std::size_t(stick)] = true;
    std::vector<int> chosen;
    for (int i = 0; i < int(options.size()); ++i)
        if (isAllowed[std::size_t(options[std::size_t(i)].layer.stick)]) chosen.push_back(i);
    return chosen;
}

std::vector<int> OptionBank::all() const {
    std::vector<int> every(options.size());
    std::iota(every.begin(), every.end(), 0);
    return every;
}

int OptionBank::indexOf(const StackLayer& layer) const {
    return int(std::ranges::find(options, layer, &Option::layer) - options.begin());
}

std::vector<StackLayer> OptionBank::with(std::vector<StackLayer> layers, int option) const {
    const auto place = std::ranges::lower_bound(layers, option, {}, [&](const StackLayer& l) { return indexOf(l); });
    layers.insert(place, options[std::size_t(option)].layer);
    return layers;
}

std::vector<colour::Lab> OptionBank::singles(const std::vector<int>& chosen, const pigment::Patch& ground,
                                             colour::Light light) const {
    const LaneThumbnails bare(thumbnailOf(ground));
    const ThumbnailWeights& weights = thumbnailWeights(light);
    constexpr int levels = 3;
    std::vector<colour::Lab> colours(chosen.size() * levels);
    LaneStrokes strokes{};
    LaneThumbnails after;
    LaneColours seen;
    for (std::size_t first = 0; first < colours.size(); first += lanes) {
        const std::size_t count = std::min<std::size_t>(lanes, colours.size() - first);
        for (std::size_t lane = 0; lane < count; ++lane) {
            const std::size_t at = first + lane;
            strokes.set(int(lane), options[std::size_t(chosen[at / levels])].strokes[at % levels]);
        }
        layLanes(bare, strokes, after);
        lookAt(after, weights, seen);
        for (std::size_t lane = 0; lane < count; ++lane) colours[first + lane] = seen[int(lane)];
    }
    return colours;
}

}  // namespace matching

#include "planning/trial_mixtures.h"

#include <algorithm>

#include "planning/stacks.h"

namespace planning {

std::optional<AreaMixtures> mixturesOfAreas(const Plan& plan, const std::vector<materials::Material>& media,
                                            const common::Progress& progress) {
    const std::vector<matching::PreparedStick> sticks = matching::prepared(media, plan.light);
    const std::vector<int> dry = matching::drySticks(sticks);
    AreaMixtures made{{plan.paper, mixturesForArea, {}}, {}};
    std::vector<int>& stacks = made.stacks;
    for (int i = 0; i < int(plan.stacks.size()); ++i) stacks.push_back(i);
    std::ranges::stable_sort(stacks, std::greater{}, [&](int i) { return plan.stacks[std::size_t(i)].share; });
    const pigment::Patch bare = pigment::barePatch(plan.paper);
    for (std::size_t i = 0; i < stacks.size(); ++i) {
        if (progress.cancelled()) return std::nullopt;
        const auto mixtures = matching::mixturesFor(meanColour(plan.stacks[std::size_t(stacks[i])]), bare, sticks, dry,
                                                    3, mixturesForArea, plan.light);
        for (std::size_t m = 0; m < std::size_t(mixturesForArea); ++m)
            made.sheet.swatches.push_back(m < mixtures.size() ? mixtures[m].lays : Strokes{});
        progress.at(double(i + 1) / double(stacks.size()));
    }
    return made;
}

void addTo(review::TrialCard& card, Strokes& strokes, const std::vector<materials::Material>& media) {
    for (pigment::Lay& lay : strokes) {
        if (!pigment::laysPigment(lay.manner)) continue;
        const materials::Material& medium = media[std::size_t(lay.stick)];
        const auto known = std::ranges::find_if(
            card.sticks, [&](const materials::Owned& stick) { return materials::idOf(stick) == medium.id; });
        lay.stick = int(known - card.sticks.begin());
        if (known == card.sticks.end()) card.sticks.push_back({medium});
    }
}

review::TrialCard cardOf(const TrialSheet& sheet, const std::vector<int>& swatches,
                         const std::vector<materials::Material>& media) {
    review::TrialCard card;
    constexpr std::size_t perWindow = review::windowFields - 1;  // the first is bare
    for (std::size_t i = 0; i < std::min(swatches.size(), mostOnCard); ++i) {
        if (i % perWindow == 0) card.windows.push_back({sheet.paper, {}});
        Strokes strokes = sheet.swatches[std::size_t(swatches[i])];
        addTo(card, strokes, media);
        card.windows.back().fields[1 + i % perWindow] = std::move(strokes);
    }
    return card;
}

}  // namespace planning

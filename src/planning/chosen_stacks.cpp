#include "planning/chosen_stacks.h"

#include <algorithm>

#include "common/parallel.h"
#include "matching/tools.h"
#include "planning/own_mixtures.h"
#include "planning/own_stacks.h"
#include "planning/replacements.h"

namespace planning {

bool differOnlyByHand(const Study& one, const Study& other) {
    return !differIn(withoutStandIns(one), withoutStandIns(other), Affects::stacks);
}

std::optional<std::vector<matching::Stack>> chosenStacks(const Plan& plan, const Study& study,
                                                         const materials::Library& library,
                                                         const std::vector<matching::PreparedStick>& tray,
                                                         const matching::SearchWidth& width,
                                                         std::shared_ptr<const KeptStacks>& kept,
                                                         const common::Progress& progress) {
    const matching::StackWeights weights = weightsFor(study);
    const matching::OptionBank bank(tray, materials::profileOf(plan.paper.surface), weights);
    const std::vector<materials::Material>& media = library.media;
    std::vector<matching::Want> wants = wantsOf(plan, study, media);
    const std::vector<matching::Layers> own = ownLayers(library.mixtures, media);
    for (matching::Want& want : wants) want.own = own;
    const matching::PaletteRules rules = paletteRules(plan, study, media);
    const auto finish = [&](std::vector<matching::Stack>& stacks, const auto& isOpen) {
        common::forEachIndex(int(stacks.size()), [&](int s) {
            matching::Stack& stack = stacks[std::size_t(s)];
            if (isOpen(std::size_t(s)) && !progress.cancelled())
                stack = matching::withTools(std::move(stack), wants[std::size_t(s)], tray, weights, mostLayers);
        });
    };

    const ChoiceKey alone(withoutStandIns(study), Affects::stacks);
    std::vector<colour::Lab> startColours;
    for (const matching::Want& want : wants) startColours.push_back(pigment::labOf(want.ground, plan.light));
    if (!kept || kept->choices != alone || kept->paper != plan.paper || kept->startColours != startColours ||
        kept->media != media || kept->mixtures != library.mixtures) {
        auto palette = matching::choosePalette(wants, bank, rules, width, weights, progress.part(0, 0.8));
        if (!palette) return std::nullopt;
        std::vector<matching::Stack> finished = palette->stacks;
        finish(finished, [](std::size_t) { return true; });
        if (progress.cancelled()) return std::nullopt;
        kept = std::make_shared<const KeptStacks>(KeptStacks{alone, plan.paper, startColours, media, library.mixtures,
                                                             *std::move(palette), std::move(finished)});
    }
    const matching::SetLayers set = setByHand(plan, study, media);
    if (std::ranges::none_of(set, &std::optional<matching::Layers>::has_value)) return kept->finished;
    auto palette =
        matching::paletteAround(set, kept->palette, wants, bank, rules, width, weights, progress.part(0.8, 1));
    if (!palette) return std::nullopt;
    std::vector<matching::Stack> stacks = std::move(palette->stacks);
    const auto isAsBefore = [&](std::size_t s) { return stacks[s].layers == kept->palette.stacks[s].layers; };
    finish(stacks, [&](std::size_t s) { return !set[s] && !isAsBefore(s); });
    for (std::size_t s = 0; s < stacks.size(); ++s)
        if (!set[s] && isAsBefore(s)) stacks[s] = kept->finished[s];
    if (progress.cancelled()) return std::nullopt;
    return stacks;
}

}  // namespace planning

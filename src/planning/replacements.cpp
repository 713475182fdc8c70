#include "planning/replacements.h"

#include <algorithm>
#include <numeric>

#include "planning/area_grounds.h"

namespace planning {

namespace {

bool isReplaced(const StickChoice& choice) {
    return choice.use == StickUse::replaced;
}

}  // namespace

std::vector<int> laidInstead(const Study& study, const std::vector<materials::Material>& media) {
    std::vector<int> laid(media.size());
    std::iota(laid.begin(), laid.end(), 0);
    for (const StickChoice& choice : study.stickChoices) {
        const auto missing = std::ranges::find(media, choice.stick, &materials::Material::id);
        const auto instead = std::ranges::find(media, choice.instead, &materials::Material::id);
        if (isReplaced(choice) && missing != media.end() && instead != media.end() && !materials::isWet(instead->kind))
            laid[std::size_t(missing - media.begin())] = int(instead - media.begin());
    }
    return laid;
}

std::vector<matching::Stack> withStandIns(std::vector<matching::Stack> stacks, const Study& study,
                                          const std::vector<materials::Material>& media) {
    const std::vector<int> laid = laidInstead(study, media);
    for (matching::Stack& stack : stacks) {
        for (matching::StackLayer& layer : stack.layers) {
            if (layer.stick < 0 || laid[std::size_t(layer.stick)] == layer.stick) continue;
            layer.stick = laid[std::size_t(layer.stick)];
            const auto manners = matching::mannersOf(media[std::size_t(layer.stick)].kind);
            if (std::ranges::find(manners, layer.manner) == manners.end()) layer.manner = manners.front();
        }
        stack.layers.erase(std::unique(stack.layers.begin(), stack.layers.end()), stack.layers.end());
    }
    return stacks;
}

GroundProposal withStandIns(GroundProposal ground, const Study& study, const Plan& plan,
                            const std::vector<materials::Material>& media) {
    const auto isMissing = [&](const MixPart& part) { return standInOf(study, part.medium.id) != nullptr; };
    if (std::ranges::none_of(ground.layers,
                             [&](const GroundLayer& layer) { return std::ranges::any_of(layer.mixture, isMissing); }))
        return ground;
    std::vector<materials::Material> atHand = media;
    std::erase_if(atHand, [&](const materials::Material& it) { return standInOf(study, it.id) != nullptr; });
    return groundFor(study, ground.strategy, plan, atHand, matching::prepared(atHand, plan.light));
}

Study withoutStandIns(Study study) {
    std::erase_if(study.stickChoices, isReplaced);
    return study;
}

const StickChoice* standInOf(const Study& study, const std::string& stick) {
    for (const StickChoice& choice : study.stickChoices)
        if (isReplaced(choice) && choice.stick == stick) return &choice;
    return nullptr;
}

const StickChoice* standsInFor(const Study& study, const std::string& stick) {
    for (const StickChoice& choice : study.stickChoices)
        if (isReplaced(choice) && choice.instead == stick) return &choice;
    return nullptr;
}

}  // namespace planning

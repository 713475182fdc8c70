#include "planning/own_mixtures.h"

#include <algorithm>

namespace planning {

namespace {

/// Nothing for a mixture that cannot be a stack's layers.
std::optional<matching::Layers> layersOf(const materials::OwnMixture& mixture,
                                         const std::vector<materials::Material>& media) {
    matching::Layers layers;
    for (const materials::MixtureStroke& stroke : mixture.strokes) {
        const auto at = std::ranges::find(media, stroke.stick, &materials::Material::id);
        if (!materials::laysPigment(stroke.manner) || at == media.end() || materials::isWet(at->kind))
            return std::nullopt;
        const int stick = int(at - media.begin());
        if (std::ranges::find(layers, stick, &matching::StackLayer::stick) != layers.end()) return std::nullopt;
        layers.push_back({stick, stroke.manner});
    }
    return layers;
}

}  // namespace

std::vector<matching::Layers> ownLayers(const std::vector<materials::OwnMixture>& mixtures,
                                        const std::vector<materials::Material>& media) {
    std::vector<matching::Layers> all;
    for (const materials::OwnMixture& mixture : mixtures)
        if (auto layers = layersOf(mixture, media)) all.push_back(*std::move(layers));
    return all;
}

void nameMixtures(Plan& plan, const std::vector<materials::OwnMixture>& mixtures) {
    for (const materials::OwnMixture& mixture : mixtures) {
        const auto own = layersOf(mixture, plan.sticks);
        if (!own) continue;
        for (PlannedStack& stack : plan.stacks) {
            matching::Layers layers;
            for (const Layer& layer : stack.layers) layers.push_back({layer.stick, layer.manner});
            if (matching::holds(layers, *own)) stack.mixtures.push_back(mixture.name);
        }
    }
}

}  // namespace planning

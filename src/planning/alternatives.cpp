#include "planning/alternatives.h"

#include <algorithm>

#include "planning/laying.h"

namespace planning {

namespace {

/// What makes a search find each.
struct Taste {
    matching::SearchWidth width;
    matching::StackWeights weights;
    double layerPriceFactor = 1;
};

Taste tasteOf(Alternative kind, const Study& study) {
    Taste taste{fullWidth(study), weightsFor(study), 1};
    switch (kind) {
        case Alternative::fewestLayers:
            taste.width.layers = 2;
            taste.layerPriceFactor = 6;
            break;
        case Alternative::liveliest:
            // Lines that stay apart, and colours from farther off than is usual.
            taste.weights.rules.blending = matching::Blending::strokesKept;
            taste.weights.speckle = 0;
            taste.weights.stray = 0;
            break;
        case Alternative::safest:
            taste.weights.handSpread *= 2;
            taste.weights.toothBudget = 0.6;
            break;
    }
    return taste;
}

OwnStack ownFrom(const matching::Layers& layers, const std::vector<materials::Material>& media) {
    OwnStack own;
    for (const matching::StackLayer& layer : layers)
        own.layers.push_back({media[std::size_t(layer.stick)].id, layer.manner, 0});
    return own;
}

}  // namespace

StackFigures figuresOf(const OwnStack& own, const Plan& plan, const Study& study,
                       const std::vector<materials::Material>& media, int stack) {
    const auto layers = layersOf(own, media);
    const auto sticks = matching::prepared(media, plan.light);
    const PlannedStack& planned = plan.stacks[std::size_t(stack)];
    const matching::Stack judged = matching::judged(layers.value_or(matching::Layers{}),
                                                    {planned.samples, planned.start}, sticks, weightsFor(study));
    StackFigures figures{judged.difference, judged.unsteady, 0, int(judged.layers.size())};
    std::vector<int> served = judged.tones;
    std::ranges::sort(served);
    served.erase(std::unique(served.begin(), served.end()), served.end());
    pigment::forTones(planned.start, matching::strokesOf(judged.layers, sticks), served,
                      [&](int tone, const pigment::Patch& patch) {
                          for (std::size_t i = 0; i < judged.tones.size(); ++i)
                              if (judged.tones[i] == tone)
                                  figures.tooth += planned.samples[i].weight * pigment::toothUsed(patch);
                      });
    return figures;
}

std::array<OwnStack, alternativeCount> alternativesFor(const Plan& plan, const Study& study,
                                                       const std::vector<materials::Material>& media, int stack) {
    const auto sticks = matching::prepared(media, plan.light);
    std::vector<OwnStack> known{ownStackFrom(plan, study, stack)};
    std::array<OwnStack, alternativeCount> alternatives;
    const matching::Want usual = wantsOf(plan, study, media)[std::size_t(stack)];
    const std::vector<float> free(sticks.size(), 0.0f);
    for (int i = 0; i < alternativeCount; ++i) {
        const Taste taste = tasteOf(Alternative(i), study);
        const matching::OptionBank bank(sticks, materials::profileOf(plan.paper.surface), taste.weights);
        matching::Want want = usual;
        want.layerPrice *= taste.layerPriceFactor;
        const matching::Screen screen(want, bank, taste.weights);
        for (const matching::Stack& found :
             matching::bestStacks(screen, matching::openTo(want, bank, bank.all()), free, taste.width).stacks) {
            OwnStack own = ownFrom(found.layers, media);
            if (own.layers.empty() || std::ranges::find(known, own) != known.end()) continue;
            known.push_back(own);
            alternatives[std::size_t(i)] = std::move(own);
            break;
        }
    }
    return alternatives;
}

}  // namespace planning

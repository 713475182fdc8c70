#include "planning/area_grounds.h"

#include <algorithm>
#include <utility>

#include "planning/limited_palettes.h"
#include "planning/stage_picture.h"
#include "planning/underpainting.h"

namespace planning {

using pigment::Manner;
using pigment::Pressure;

namespace {

/// The areas of the stack in which a choice's area lies.
const std::vector<int>& areasOf(const AreaChoice& choice, const Plan& plan) {
    const int area = subject::labelAt(plan.reading->areas.map, choice.x, choice.y);
    return plan.stacks[std::size_t(plan.stackOfArea[std::size_t(area)])].areas;
}

/// What the artist has mixed takes the place of all else under its areas.
void layByHand(GroundProposal& ground, const Study& study, const Plan& plan,
               const std::vector<materials::Material>& media) {
    for (const AreaChoice& choice : study.areaChoices) {
        if (!choice.mixed) continue;
        const std::vector<int>& areas = areasOf(choice, plan);
        for (GroundLayer& other : ground.layers)
            std::erase_if(other.areas, [&](int area) { return std::ranges::count(areas, area) > 0; });
        std::erase_if(ground.layers, [](const GroundLayer& other) { return other.areas.empty(); });
        for (const int area : areas) ground.patches[std::size_t(area)] = pigment::barePatch(plan.paper);
        for (GroundLayer& layer : layersOf(*choice.mixed, areas, media)) {
            for (const int area : areas)
                ground.patches[std::size_t(area)] = laidOver(ground.patches[std::size_t(area)], layer);
            ground.layers.push_back(std::move(layer));
        }
    }
}

/// With the ways to begin that areas have of their own.
GroundProposal groundByAreas(const Study& study, Ground strategy, const Plan& plan,
                             const std::vector<materials::Material>& media,
                             const std::vector<matching::PreparedStick>& prepared) {
    std::vector<Ground> of(plan.reading->areas.list.size(), strategy);
    for (const AreaChoice& choice : study.areaChoices)
        if (choice.ground && *choice.ground != Ground::proposed) {
            for (const int area : areasOf(choice, plan)) of[std::size_t(area)] = *choice.ground;
        }
    constexpr int most = 4;
    int parts = 0;  // ways that share what there is room for
    for (int i = int(Ground::none); i < groundCount; ++i) parts += std::ranges::find(of, Ground(i)) != of.end();
    const int mostMedia = std::min(most, study.stickLimit / 4) / std::max(1, parts > 1 ? parts - 1 : 1);
    GroundProposal mixed = groundBy(strategy, plan, media, prepared, mostMedia);
    if (std::ranges::all_of(of, [&](Ground own) { return own == strategy; })) return mixed;
    const GroundProposal base = std::exchange(mixed, bareGround(*plan.reading, plan.paper));
    mixed.strategy = strategy;
    mixed.strategies = of;
    for (int i = int(Ground::none); i < groundCount; ++i) {
        if (std::ranges::find(of, Ground(i)) == of.end()) continue;
        const GroundProposal part =
            Ground(i) == strategy ? base : groundBy(Ground(i), plan, media, prepared, mostMedia);
        if (part.obstacle) {
            RefusedGround& refused = mixed.refused.emplace_back(RefusedGround{*part.obstacle, {}});
            for (std::size_t area = 0; area < of.size(); ++area)
                if (of[area] == Ground(i)) refused.areas.push_back(int(area));
        }
        for (GroundLayer layer : part.layers) {
            std::erase_if(layer.areas, [&](int area) { return of[std::size_t(area)] != Ground(i); });
            if (!layer.areas.empty()) mixed.layers.push_back(std::move(layer));
        }
        for (std::size_t area = 0; area < of.size(); ++area)
            if (of[area] == Ground(i)) mixed.patches[area] = part.patches[area];
    }
    return mixed;
}

}  // namespace

std::vector<GroundLayer> layersOf(const OwnMixture& mixed, const std::vector<int>& areas,
                                  const std::vector<materials::Material>& media) {
    const Reason byHand{ReasonKind::groundByHand};
    std::vector<MixPart> mixture;
    for (const OwnPart& part : mixed.parts) {
        const auto at = std::ranges::find(media, part.medium, &materials::Material::id);
        if (at == media.end() || mixture.size() == mostOwnParts) continue;
        const bool fits =
            mixture.empty() || materials::isWet(mixture.front().medium.kind) == materials::isWet(at->kind);
        if (fits) mixture.push_back({*at, part.parts});
    }
    if (mixture.empty()) return {};
    std::ranges::stable_sort(mixture, std::greater{}, &MixPart::parts);
    const Pressure pressure{float(mixed.strength)};
    if (materials::isWet(mixture.front().medium.kind)) return {{mixture, Manner::wash, pressure, areas, byHand}};
    // Sticks do not mix before they are laid: one after the other, then rubbed.
    std::vector<GroundLayer> layers;
    for (const MixPart& part : mixture) layers.push_back({{part}, Manner::scumble, pressure, areas, byHand});
    layers.push_back({{}, Manner::blend, Pressure::medium, areas, {ReasonKind::rubbedIn}});
    return layers;
}

GroundProposal groundFor(const Study& study, Ground strategy, const Plan& plan,
                         const std::vector<materials::Material>& media,
                         const std::vector<matching::PreparedStick>& prepared) {
    // The few sticks of a limited family are left to the layers.
    std::vector<materials::Material> open;
    std::vector<matching::PreparedStick> openPrepared;
    for (std::size_t i = 0; i < media.size(); ++i) {
        if (mostOf(study.familyLimits, materials::familyOf(media[i]))) continue;
        open.push_back(media[i]);
        openPrepared.push_back(prepared[i]);
    }
    GroundProposal ground = groundByAreas(study, strategy, plan, open, openPrepared);
    if (!ground.obstacle) layByHand(ground, study, plan, media);
    return ground;
}

}  // namespace planning

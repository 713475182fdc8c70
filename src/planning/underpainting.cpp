#include "planning/underpainting.h"

#include <algorithm>

#include "colour/difference.h"
#include "planning/stage_picture.h"

namespace planning {

namespace {

using materials::Kind;
using pigment::Manner;
using pigment::Pressure;

constexpr double deepestDark = 16.0;  // L*: below this soft pastel hardly gets

/// What an underpainting aims at under a colour: its own hue, a step darker, since the layers above lighten.
colour::Lab aimOf(const colour::Lab& wanted) {
    return {std::max(6.0, wanted.L - 8.0), wanted.a * 0.9, wanted.b * 0.9};
}

bool paperTakes(const materials::Paper& paper, double paperL, Kind kind) {
    if (paper.water == materials::Water::none) return false;
    if (kind == Kind::watercolour) return paperL > 75;  // transparent: a toned sheet swallows it
    return true;
}

/// One medium as it would be laid, and what it makes of the bare paper.
struct Candidate {
    std::vector<GroundLayer> layers;
    pigment::Patch patch;
};

std::vector<Candidate> candidatesFor(const Plan& plan, const pigment::Patch& bare,
                                     const std::vector<materials::Material>& media,
                                     const std::vector<matching::PreparedStick>& prepared) {
    const double paperL = pigment::labOf(bare, plan.light).L;
    std::vector<Candidate> candidates;
    for (std::size_t i = 0; i < prepared.size(); ++i) {
        const Kind kind = prepared[i].kind;
        std::vector<GroundLayer> layers;
        if (materials::isWet(kind)) {
            if (!paperTakes(plan.paper, paperL, kind) || kind == Kind::ink) continue;
            layers = {{media[i], Manner::wash, Pressure::medium, {}, {ReasonKind::groundNearColour}}};
        } else if (plan.paper.water == materials::Water::none && (kind == Kind::hard || kind == Kind::soft)) {
            if (matching::isBlack(prepared[i])) continue;
            layers = {{media[i], Manner::scumble, Pressure::medium, {}, {ReasonKind::groundNearColour}},
                      {media[i], Manner::blend, Pressure::medium, {}, {ReasonKind::groundNearColour}}};
        } else {
            continue;
        }
        pigment::Patch patch = bare;
        for (const GroundLayer& layer : layers) patch = laidOver(patch, layer);
        candidates.push_back({std::move(layers), patch});
    }
    return candidates;
}

/// How far a ground leaves a stack's colours from the aim.
double missOf(const PlannedStack& stack, const colour::Lab& ground) {
    double miss = 0;
    for (const matching::Sample& sample : stack.samples)
        miss += sample.weight * colour::differenceCie2000(aimOf(sample.wanted), ground);
    return miss;
}

/// The darkest ink there is, or none.
const materials::Material* darkestInk(const std::vector<materials::Material>& media,
                                      const std::vector<matching::PreparedStick>& prepared) {
    const materials::Material* darkest = nullptr;
    double least = 1e9;
    for (std::size_t i = 0; i < prepared.size(); ++i)
        if (prepared[i].kind == Kind::ink && prepared[i].masstone.L < least) {
            least = prepared[i].masstone.L;
            darkest = &media[i];
        }
    return darkest;
}

bool isDeepDark(const PlannedStack& stack) {
    double dark = 0;
    for (const matching::Sample& sample : stack.samples)
        if (sample.wanted.L < deepestDark) dark += sample.weight;
    return dark > 0.6;
}

}  // namespace

GroundProposal bareGround(const Reading& reading, const materials::Paper& paper) {
    return {
        GroundStrategy::none, {}, std::vector<pigment::Patch>(reading.areas.list.size(), pigment::barePatch(paper))};
}

GroundProposal localGround(const Plan& plan, const std::vector<materials::Material>& media,
                           const std::vector<matching::PreparedStick>& prepared, int mostMedia) {
    GroundProposal proposal = bareGround(*plan.reading, plan.paper);
    proposal.strategy =
        plan.paper.water == materials::Water::none ? GroundStrategy::dryBase : GroundStrategy::localWash;
    const pigment::Patch bare = pigment::barePatch(plan.paper);
    const colour::Lab bareColour = pigment::labOf(bare, plan.light);
    std::vector<Candidate> candidates = candidatesFor(plan, bare, media, prepared);

    std::vector<double> least;
    for (const PlannedStack& stack : plan.stacks) least.push_back(missOf(stack, bareColour));
    const std::vector<double> onBare = least;
    std::vector<std::vector<double>> misses;
    for (const Candidate& candidate : candidates) {
        const colour::Lab colour = pigment::labOf(candidate.patch, plan.light);
        misses.emplace_back();
        for (const PlannedStack& stack : plan.stacks) misses.back().push_back(missOf(stack, colour));
    }

    // In units of CIEDE2000 over the whole picture: less is not worth mixing a wash for.
    constexpr double worthwhile = 0.3;
    std::vector<int> chosenFor(plan.stacks.size(), -1);
    for (int chosen = 0; chosen < mostMedia; ++chosen) {
        int best = -1;
        double most = worthwhile;
        for (std::size_t c = 0; c < candidates.size(); ++c) {
            double gain = 0;
            for (std::size_t s = 0; s < plan.stacks.size(); ++s)
                gain += plan.stacks[s].share * std::max(0.0, least[s] - misses[c][s]);
            if (gain > most) {
                most = gain;
                best = int(c);
            }
        }
        if (best < 0) break;
        for (std::size_t s = 0; s < plan.stacks.size(); ++s)
            if (misses[std::size_t(best)][s] < least[s]) {
                least[s] = misses[std::size_t(best)][s];
                chosenFor[s] = best;
            }
    }

    const materials::Material* ink = darkestInk(media, prepared);
    if (ink && paperTakes(plan.paper, bareColour.L, Kind::ink)) {
        GroundLayer wash{*ink, Manner::wash, Pressure::heavy, {}, {ReasonKind::inkDeepestDarks}};
        candidates.push_back({{wash}, laidOver(bare, wash)});
        for (std::size_t s = 0; s < plan.stacks.size(); ++s)
            if (isDeepDark(plan.stacks[s])) chosenFor[s] = int(candidates.size()) - 1;
    }

    for (std::size_t c = 0; c < candidates.size(); ++c) {
        std::vector<int> areas;
        double share = 0, gain = 0;
        for (std::size_t s = 0; s < plan.stacks.size(); ++s) {
            if (chosenFor[s] != int(c)) continue;
            areas.insert(areas.end(), plan.stacks[s].areas.begin(), plan.stacks[s].areas.end());
            share += plan.stacks[s].share;
            gain += plan.stacks[s].share * (onBare[s] - least[s]);
        }
        if (areas.empty()) continue;  // a later one took all that it served
        std::ranges::sort(areas);
        for (GroundLayer layer : candidates[c].layers) {
            layer.areas = areas;
            if (layer.reason.kind == ReasonKind::groundNearColour) layer.reason.figure = gain / share;
            proposal.layers.push_back(std::move(layer));
        }
        for (const int area : areas) proposal.patches[std::size_t(area)] = candidates[c].patch;
    }
    return proposal;
}

}  // namespace planning

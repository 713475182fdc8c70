#include "planning/underpainting.h"

#include <algorithm>

#include "colour/difference.h"
#include "matching/recipe.h"

namespace planning {

namespace {

using matching::Lay;
using materials::Kind;
using pigment::Manner;
using pigment::Pressure;

constexpr double deepestDark = 16.0;  // L*: below this soft pastel hardly gets

/// What an underpainting aims at under a passage: its own hue, a step darker, since the layers above lighten.
colour::Lab aimOf(const subject::Passage& passage) {
    return {std::max(6.0, passage.target.L - 8.0), passage.target.a * 0.9, passage.target.b * 0.9};
}

bool paperTakes(const materials::Paper& paper, double paperL, Kind kind) {
    if (paper.water == materials::Water::none) return false;
    if (kind == Kind::watercolour) return paperL > 75;  // transparent: a toned sheet swallows it
    return true;
}

/// The layers worth trying, each on the bare paper.
std::vector<GroundLayer> candidates(const materials::Paper& paper, const pigment::Patch& bare,
                                    const std::vector<matching::PreparedStick>& sticks) {
    const double paperL = pigment::labOf(bare).L;
    std::vector<GroundLayer> layers;
    for (std::size_t i = 0; i < sticks.size(); ++i) {
        const Kind kind = sticks[i].kind;
        std::vector<Lay> lays;
        if (materials::isWet(kind)) {
            if (!paperTakes(paper, paperL, kind) || kind == Kind::ink) continue;
            lays = {{int(i), Manner::wash, Pressure::medium}};
        } else if (paper.water == materials::Water::none && (kind == Kind::hard || kind == Kind::soft)) {
            if (matching::isBlack(sticks[i])) continue;
            lays = {{int(i), Manner::scumble, Pressure::medium}, {int(i), Manner::blend, Pressure::medium}};
        } else {
            continue;
        }
        layers.push_back({lays, matching::laidOn(bare, lays, sticks)});
    }
    return layers;
}

/// Ink under the deepest darks, where the paper takes it: the darkest ink there is.
void addInk(Underpainting& underpainting, const std::vector<subject::Passage>& passages, const materials::Paper& paper,
            const std::vector<matching::PreparedStick>& sticks) {
    int ink = -1;
    for (std::size_t i = 0; i < sticks.size(); ++i)
        if (sticks[i].kind == Kind::ink && (ink < 0 || sticks[i].masstone.L < sticks[ink].masstone.L)) ink = int(i);
    const pigment::Patch bare = underpainting.layers[0].patch;
    if (ink < 0 || !paperTakes(paper, pigment::labOf(bare).L, Kind::ink)) return;
    const std::vector<Lay> lays{{ink, Manner::wash, Pressure::heavy}};
    for (std::size_t p = 0; p < passages.size(); ++p)
        if (passages[p].target.L < deepestDark) underpainting.ofPassage[p] = int(underpainting.layers.size());
    underpainting.layers.push_back({lays, matching::laidOn(bare, lays, sticks)});
}

/// A later layer can take every passage from an earlier one: what serves nothing is not mixed.
void dropUnused(Underpainting& underpainting) {
    std::vector<GroundLayer> kept;
    std::vector<int> newIndex(underpainting.layers.size(), -1);
    for (std::size_t i = 0; i < underpainting.layers.size(); ++i)
        if (i == 0 || std::ranges::count(underpainting.ofPassage, int(i)) > 0) {
            newIndex[i] = int(kept.size());
            kept.push_back(underpainting.layers[i]);
        }
    for (int& index : underpainting.ofPassage) index = newIndex[index];
    underpainting.layers = std::move(kept);
}

}  // namespace

Underpainting bareGround(const Reading& reading, const materials::Paper& paper) {
    return {{{{}, pigment::barePatch(paper)}}, std::vector<int>(reading.passages.list.size(), 0)};
}

Underpainting proposedUnderpainting(const Reading& reading, const materials::Paper& paper,
                                    const std::vector<matching::PreparedStick>& sticks, int mostMedia) {
    Underpainting result = bareGround(reading, paper);
    const std::vector<subject::Passage>& passages = reading.passages.list;
    const pigment::Patch& bare = result.layers[0].patch;
    const std::vector<GroundLayer> layers = candidates(paper, bare, sticks);

    // How far each layer leaves each area's passages from the aim; one layer for a whole area, as a flat wash is laid.
    const auto areaOf = [&](std::size_t p) { return std::size_t(passages[p].area - 1); };
    const std::size_t areas = reading.areas.list.size();
    const auto missOf = [&](const pigment::Patch& patch) {
        std::vector<double> miss(areas, 0.0);
        const colour::Lab lab = pigment::labOf(patch);
        for (std::size_t p = 0; p < passages.size(); ++p)
            miss[areaOf(p)] += passages[p].share * colour::differenceCie2000(aimOf(passages[p]), lab);
        return miss;
    };
    std::vector<double> best = missOf(bare);
    std::vector<std::vector<double>> misses;
    for (const GroundLayer& layer : layers) misses.push_back(missOf(layer.patch));

    // In units of CIEDE2000 over the whole picture: less is not worth mixing a wash for.
    constexpr double worthwhile = 0.3;
    std::vector<int> layerOfArea(areas, 0);
    for (int chosen = 0; chosen < mostMedia; ++chosen) {
        int bestLayer = -1;
        double bestGain = worthwhile;
        for (std::size_t i = 0; i < layers.size(); ++i) {
            double gain = 0;
            for (std::size_t a = 0; a < areas; ++a) gain += std::max(0.0, best[a] - misses[i][a]);
            if (gain > bestGain) {
                bestGain = gain;
                bestLayer = int(i);
            }
        }
        if (bestLayer < 0) break;
        result.layers.push_back(layers[bestLayer]);
        for (std::size_t a = 0; a < areas; ++a)
            if (misses[bestLayer][a] < best[a]) {
                best[a] = misses[bestLayer][a];
                layerOfArea[a] = int(result.layers.size()) - 1;
            }
    }
    for (std::size_t p = 0; p < passages.size(); ++p) result.ofPassage[p] = layerOfArea[areaOf(p)];

    addInk(result, passages, paper, sticks);
    dropUnused(result);
    return result;
}

}  // namespace planning

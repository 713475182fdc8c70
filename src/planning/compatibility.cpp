#include "planning/compatibility.h"

#include <algorithm>

#include "colour/difference.h"
#include "planning/stage_picture.h"

namespace planning {

namespace {

using materials::Kind;

class Cautions {
 public:
    /// Keeps the worst of a kind: that with the largest `worse`.
    void add(GroundCaution caution, double worse) {
        const auto at = std::ranges::find(all_, caution.kind, [](const auto& one) { return one.first.kind; });
        if (at == all_.end())
            all_.push_back({std::move(caution), worse});
        else if (worse > at->second)
            *at = {std::move(caution), worse};
    }
    std::vector<GroundCaution> all() const {
        std::vector<GroundCaution> cautions;
        for (const auto& [caution, worse] : all_) cautions.push_back(caution);
        return cautions;
    }

 private:
    std::vector<std::pair<GroundCaution, double>> all_;
};

}  // namespace

std::vector<GroundCaution> cautionsOf(const GroundProposal& ground, const materials::Paper& paper, Drying help) {
    constexpr double hardlySeen = 3;      // CIEDE2000
    constexpr double muchOfGrain = 0.25;  // of the tooth
    Cautions cautions;
    const pigment::Patch bare = pigment::barePatch(paper);
    bool anyWet = false;
    for (const GroundLayer& layer : ground.layers) {
        if (!isWet(layer)) continue;
        anyWet = true;
        if (layer.mixture.empty()) {
            if (help == Drying::heatGun) cautions.add({GroundCautionKind::alcoholAndHeat, "", 0}, 0);
            continue;
        }
        const materials::Material& paint = layer.mixture.front().medium;
        const pigment::Patch laid = laidOver(bare, layer);
        const double change = colour::differenceCie2000(pigment::labOf(bare, colour::Light::daylight65),
                                                        pigment::labOf(laid, colour::Light::daylight65));
        if (change < hardlySeen) cautions.add({GroundCautionKind::hardlyShows, paint.name, change}, -change);
        const double taken = pigment::toothUsed(laid);
        if (taken > muchOfGrain) cautions.add({GroundCautionKind::fillsGrain, paint.name, taken}, taken);
        if (paper.water == materials::Water::none)
            cautions.add({GroundCautionKind::matsPile, paint.name, 0}, 0);
        else if (paper.water == materials::Water::thin && layer.pressure >= pigment::Pressure::heavy &&
                 paint.kind != Kind::ink)
            cautions.add({GroundCautionKind::waterCockles, paint.name, 0}, 0);
    }
    if (anyWet && help == Drying::heatGun) cautions.add({GroundCautionKind::keepHeatMoving, "", 0}, 0);
    return cautions.all();
}

}  // namespace planning

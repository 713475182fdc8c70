#include "planning/paper_ranking.h"

#include <algorithm>
#include <cmath>

#include "colour/difference.h"
#include "colour/munsell.h"
#include "common/parallel.h"
#include "matching/option_bank.h"
#include "matching/target_distance.h"

namespace planning {

namespace {

/// Mean over the picture of the difference that the best single stroke on this paper leaves.
double singleStrokeDifference(const Plan& plan, const pigment::Patch& bare,
                              const std::vector<matching::PreparedStick>& sticks) {
    const matching::OptionBank bank(sticks, *bare.surface, matching::School::darkFirst);
    std::vector<int> scumbled;
    for (const int option : bank.all())
        if (bank.options[std::size_t(option)].layer.manner == pigment::Manner::scumble) scumbled.push_back(option);
    std::vector<colour::Lab> reachable = bank.singles(scumbled, bare, plan.light);
    reachable.push_back(pigment::labOf(bare, plan.light));
    double mean = 0;
    for (const PlannedStack& stack : plan.stacks)
        for (const matching::Sample& sample : stack.samples) {
            const auto best = std::ranges::min(reachable, {}, matching::TargetDistance(sample.wanted));
            mean += stack.share * sample.weight * colour::differenceCie2000(sample.wanted, best);
        }
    return mean;
}

RankedPaper judged(const Plan& plan, const materials::Paper& paper, const std::vector<matching::PreparedStick>& sticks,
                   int layers) {
    RankedPaper ranked{paper, 0, 0, {}};
    const pigment::Patch bare = pigment::barePatch(paper);
    const colour::Lab tone = pigment::labOf(bare, plan.light);
    const materials::SurfaceProfile& surface = materials::profileOf(paper.surface);
    const double value = colour::munsellValueOfLightness(tone.L);

    // Three steps are where a stroke is seen for what it is: practice's figure for mid tones.
    const subject::Contrast contrast = subject::contrastOf(plan.reading->masses);
    const double toDark = value - contrast.darkest;
    const double toLight = contrast.lightest - value;
    const double ends = (std::clamp(toDark / 3.0, 0.0, 1.0) + std::clamp(toLight / 3.0, 0.0, 1.0)) / 2.0;
    if (toLight < 1.0)
        ranked.reasons.push_back({ReasonKind::hidesLights, toLight});
    else if (toDark < 1.0)
        ranked.reasons.push_back({ReasonKind::hidesDarks, toDark});
    else
        ranked.reasons.push_back({ReasonKind::showsBothEnds, toDark, toLight});

    ranked.meanDifference = singleStrokeDifference(plan, bare, sticks);
    ranked.reasons.push_back({ReasonKind::fitsSticks, ranked.meanDifference});
    const double fit = std::exp(-ranked.meanDifference / 8.0);

    double near = 0, opposite = 0;
    for (const PlannedStack& stack : plan.stacks)
        for (const matching::Sample& sample : stack.samples) {
            const double share = stack.share * sample.weight;
            if (colour::differenceCie2000(tone, sample.wanted) < 12.0) near += share;
            if (colour::chroma(tone) > 15 && colour::chroma(sample.wanted) > 15 &&
                colour::hueDistance(colour::hue(tone), colour::hue(sample.wanted)) > 140)
                opposite += share;
        }
    if (near > 0.15) ranked.reasons.push_back({ReasonKind::nearSubject, near});
    if (opposite > 0.2) ranked.reasons.push_back({ReasonKind::complementSparkles, opposite});

    const double capacity = materials::meanCapacity(surface);
    const double holds = std::min(1.0, capacity / (1.25 * layers));
    ranked.reasons.push_back({holds > 0.7 ? ReasonKind::holdsLayers : ReasonKind::fewLayers, capacity});
    ranked.reasons.push_back({paper.water == materials::Water::none ? ReasonKind::noWater : ReasonKind::takesWater});
    const double wet = paper.water == materials::Water::none ? 0.0 : 1.0;

    ranked.score = 0.32 * ends + 0.24 * fit + 0.14 * std::min(1.0, near * 1.5 + opposite) + 0.22 * holds + 0.08 * wet;
    return ranked;
}

}  // namespace

std::vector<RankedPaper> rankedPapers(const Plan& plan, const std::vector<materials::Paper>& papers,
                                      const std::vector<matching::PreparedStick>& sticks, int layers) {
    std::vector<RankedPaper> ranked(papers.size());
    common::forEachIndex(int(papers.size()),
                         [&](int i) { ranked[std::size_t(i)] = judged(plan, papers[std::size_t(i)], sticks, layers); });
    std::ranges::stable_sort(ranked, std::greater{}, &RankedPaper::score);
    return ranked;
}

}  // namespace planning

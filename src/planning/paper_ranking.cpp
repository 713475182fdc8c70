#include "planning/paper_ranking.h"

#include <algorithm>
#include <cmath>

#include "colour/difference.h"
#include "colour/munsell.h"
#include "common/parallel.h"
#include "matching/screen_bank.h"
#include "matching/target_distance.h"

namespace planning {

namespace {

using pigment::Manner;
using pigment::Pressure;

/// Mean over the picture of the difference that the best single stroke on this paper leaves.
double singleStrokeDifference(const Reading& reading, const materials::Paper& paper,
                              const std::vector<matching::PreparedStick>& sticks) {
    const pigment::Patch bare = pigment::barePatch(paper);
    matching::ScreenBank bank;
    for (const matching::PreparedStick& stick : sticks)
        if (matching::isDry(stick))
            for (const Pressure pressure : {Pressure::light, Pressure::medium, Pressure::heavy})
                bank.add({&stick.pigment, Manner::scumble, pressure}, *bare.surface);
    matching::ScreenBank::Seen seen;
    bank.over(matching::thumbnailOf(bare), colour::Light::daylight65, seen);
    std::vector<colour::Lab> reachable{pigment::labOf(bare)};
    for (int i = 0; i < bank.size(); ++i) reachable.push_back(seen[i]);
    double mean = 0;
    for (const subject::Passage& passage : reading.passages.list) {
        const matching::TargetDistance distance(passage.target);
        const auto best = std::ranges::min(reachable, {}, distance);
        mean += passage.share * colour::differenceCie2000(passage.target, best);
    }
    return mean;
}

RankedPaper judged(const Reading& reading, const materials::Paper& paper,
                   const std::vector<matching::PreparedStick>& sticks, int strokes) {
    RankedPaper ranked{paper, 0, 0, {}};
    const colour::Lab tone = colour::labFromSrgb8(paper.tone);
    const materials::SurfaceProfile& surface = materials::profileOf(paper.surface);
    const double value = colour::munsellValueOfLightness(tone.L);

    // Three steps are where a stroke is seen for what it is: practice's figure for mid tones.
    const subject::Contrast contrast = subject::contrastOf(reading.masses);
    const double toDark = value - contrast.darkest;
    const double toLight = contrast.lightest - value;
    const double ends = (std::clamp(toDark / 3.0, 0.0, 1.0) + std::clamp(toLight / 3.0, 0.0, 1.0)) / 2.0;
    if (toLight < 1.0)
        ranked.reasons.push_back({ReasonKind::hidesLights, toLight});
    else if (toDark < 1.0)
        ranked.reasons.push_back({ReasonKind::hidesDarks, toDark});
    else
        ranked.reasons.push_back({ReasonKind::showsBothEnds, toDark, toLight});

    ranked.meanDifference = singleStrokeDifference(reading, paper, sticks);
    ranked.reasons.push_back({ReasonKind::fitsSticks, ranked.meanDifference});
    const double fit = std::exp(-ranked.meanDifference / 8.0);

    double near = 0, opposite = 0;
    for (const subject::Passage& passage : reading.passages.list) {
        if (colour::differenceCie2000(tone, passage.target) < 12.0) near += passage.share;
        if (colour::chroma(tone) > 15 && colour::chroma(passage.target) > 15 &&
            colour::hueDistance(colour::hue(tone), colour::hue(passage.target)) > 140)
            opposite += passage.share;
    }
    if (near > 0.15) ranked.reasons.push_back({ReasonKind::nearSubject, near});
    if (opposite > 0.2) ranked.reasons.push_back({ReasonKind::complementSparkles, opposite});

    const double capacity = materials::meanCapacity(surface);
    const double holds = std::min(1.0, capacity / (1.7 * strokes));
    ranked.reasons.push_back({holds > 0.7 ? ReasonKind::holdsLayers : ReasonKind::fewLayers, capacity});
    ranked.reasons.push_back({paper.water == materials::Water::none ? ReasonKind::noWater : ReasonKind::takesWater});
    const double wet = paper.water == materials::Water::none ? 0.0 : 1.0;

    ranked.score = 0.32 * ends + 0.24 * fit + 0.14 * std::min(1.0, near * 1.5 + opposite) + 0.22 * holds + 0.08 * wet;
    return ranked;
}

}  // namespace

std::vector<RankedPaper> rankedPapers(const Reading& reading, const std::vector<materials::Paper>& papers,
                                      const std::vector<matching::PreparedStick>& sticks, int strokes) {
    std::vector<RankedPaper> ranked(papers.size());
    common::forEachIndex(int(papers.size()), [&](int i) { ranked[i] = judged(reading, papers[i], sticks, strokes); });
    std::ranges::stable_sort(ranked, std::greater{}, &RankedPaper::score);
    return ranked;
}

}  // namespace planning

#include "matching/mixture_reasons.h"

#include <algorithm>
#include <cmath>

#include "matching/stack.h"

namespace matching {

namespace {

constexpr double greyChroma = 12, oppositeAngle = 110, apartAngle = 40, clearlyLighter = 6;  // L*

MixtureEffect effectOf(const colour::Lab& under, const colour::Lab& over) {
    const double dL = over.L - under.L;
    const bool underIsGrey = colour::chroma(under) < greyChroma, overIsGrey = colour::chroma(over) < greyChroma;
    if (!underIsGrey && !overIsGrey) {
        const double turn = std::fabs(std::remainder(colour::hue(over) - colour::hue(under), 360));
        if (turn >= oppositeAngle) return MixtureEffect::calms;
        if (turn >= apartAngle) return MixtureEffect::between;
    }
    if (dL > clearlyLighter) return MixtureEffect::tints;
    if (dL < -clearlyLighter) return MixtureEffect::shades;
    return underIsGrey != overIsGrey ? MixtureEffect::greys : MixtureEffect::alike;
}

/// Luminance of what lies there over a ground of that reflectance.
double luminanceOver(float ground, const std::vector<pigment::Lay>& lays, const std::vector<PreparedStick>& sticks,
                     pigment::Patch paper, colour::Light light) {
    paper.seen.setConstant(ground);
    paper.beneath = paper.seen;
    return colour::xyzFromLab(pigment::labOf(laidOn(paper, lays, sticks), light)).y;
}

}  // namespace

std::vector<MixtureReason> mixtureReasons(std::span<const pigment::Lay> all, const std::vector<PreparedStick>& sticks,
                                          const materials::Paper& paper, colour::Light light) {
    const std::vector<pigment::Lay> lays(all.begin(), all.end());
    const pigment::Patch bare = pigment::barePatch(paper);
    std::vector<MixtureReason> reasons;
    const PreparedStick* under = nullptr;
    bool isHatched = false;
    for (std::size_t i = 0; i < lays.size(); ++i) {
        if (!pigment::laysPigment(lays[i].manner)) continue;
        const PreparedStick& over = sticks[std::size_t(lays[i].stick)];
        const colour::Lab now = pigment::labOf(laidOn(bare, {lays.begin(), lays.begin() + long(i) + 1}, sticks), light);
        if (under)
            reasons.push_back(
                {effectOf(under->masstone, over.masstone), under->masstone, over.masstone, colour::chroma(now)});
        isHatched |= under && lays[i].manner == pigment::Manner::hatch;
        under = &over;
    }
    if (isHatched) reasons.push_back({MixtureEffect::apart, under->masstone, under->masstone});
    if (lays.empty()) return reasons;
    constexpr float white = 0.9f, black = 0.05f;
    const double through =
        (luminanceOver(white, lays, sticks, bare, light) - luminanceOver(black, lays, sticks, bare, light)) /
        double(white - black);
    constexpr double telling = 0.1;
    const colour::Lab tone = pigment::labOf(bare, light);
    if (through > telling) reasons.push_back({MixtureEffect::paperShows, tone, tone, through});
    return reasons;
}

}  // namespace matching

#include "matching/extremes.h"

#include <algorithm>

#include "matching/stack.h"

namespace matching {

Extremes extremesOf(const std::vector<PreparedStick>& sticks, const pigment::Patch& paper, colour::Light light) {
    constexpr double lightFrom = 85, darkTo = 35, neutralTo = 10;  // L*, L*, chroma of the masstone
    std::vector<Extreme> whites;
    Extremes extremes;
    for (int i = 0; i < int(sticks.size()); ++i) {
        const PreparedStick& stick = sticks[std::size_t(i)];
        if (!isDry(stick) || colour::chroma(stick.masstone) > neutralTo) continue;
        if (stick.masstone.L < lightFrom && stick.masstone.L > darkTo) continue;
        const Extreme extreme{
            i, pigment::labOf(laidOn(paper, {{i, pigment::Manner::press, pigment::Pressure::heavy}}, sticks), light)};
        if (stick.masstone.L >= lightFrom)
            whites.push_back(extreme);
        else if (!extremes.black || extreme.swatch.L < extremes.black->swatch.L)
            extremes.black = extreme;
    }
    if (whites.empty()) return extremes;
    std::ranges::sort(whites, std::greater{}, [](const Extreme& e) { return e.swatch.L; });
    extremes.brilliant = whites.front();
    if (whites.size() < 2) return extremes;
    const double span = std::max(1.0, whites.front().swatch.L - whites.back().swatch.L);
    extremes.chalky = *std::ranges::max_element(whites.begin() + 1, whites.end(), {}, [&](const Extreme& e) {
        return (whites.front().swatch.L - e.swatch.L) / span - sticks[std::size_t(e.stick)].pigment.hardness;
    });
    return extremes;
}

}  // namespace matching

#include "planning/eye_training.h"

#include <algorithm>
#include <cmath>

#include "colour/munsell.h"
#include "colour/warmth.h"

namespace planning {

std::vector<practice::Noticed> noticedIn(const LearntHand& hand) {
    constexpr double halfStep = 0.5, units = 4, most = 2;
    double value = 0, warmth = 0, chroma = 0;
    for (const Tendency& it : hand.tendencies) {
        value = std::max(value, std::fabs(colour::munsellValueOfLightness(it.came.L) -
                                          colour::munsellValueOfLightness(it.wanted.L)));
        warmth = std::max(warmth, std::fabs(colour::warmth(it.came) - colour::warmth(it.wanted)));
        chroma = std::max(chroma, std::fabs(colour::chroma(it.came) - colour::chroma(it.wanted)));
    }
    std::vector<practice::Noticed> noticed;
    const auto add = [&](practice::Exercise exercise, double octaves) {
        if (octaves > 0) noticed.push_back({exercise, std::min(most, octaves)});
    };
    add(practice::Exercise::valueOfColour, value / halfStep);
    add(practice::Exercise::warmer, warmth / units);
    add(practice::Exercise::duller, chroma / units);
    return noticed;
}

}  // namespace planning

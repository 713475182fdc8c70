#include "matching/tray.h"

#include <algorithm>

#include "colour/srgb.h"

namespace matching {

std::vector<PreparedStick> prepared(const std::vector<materials::Material>& media) {
    std::vector<PreparedStick> sticks;
    const std::size_t count = std::min<std::size_t>(media.size(), mostSticks);
    sticks.reserve(count);
    for (std::size_t i = 0; i < count; ++i)
        sticks.push_back({media[i].kind, pigment::pigmentOf(media[i]), colour::labFromSrgb8(media[i].masstone)});
    return sticks;
}

bool isDry(const PreparedStick& stick) {
    return !materials::isWet(stick.kind);
}

bool isBlack(const PreparedStick& stick) {
    return stick.masstone.L < 22 && colour::chroma(stick.masstone) < 5;
}

}  // namespace matching

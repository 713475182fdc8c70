#include "matching/tray.h"

#include <algorithm>

#include "colour/difference.h"
#include "colour/reflectance.h"

namespace matching {

std::vector<PreparedStick> prepared(const std::vector<materials::Material>& media, colour::Light light) {
    std::vector<PreparedStick> sticks;
    const std::size_t count = std::min<std::size_t>(media.size(), mostSticks);
    sticks.reserve(count);
    for (std::size_t i = 0; i < count; ++i) {
        const colour::Lab inDaylight = colour::labFromSrgb8(media[i].masstone);
        sticks.push_back({media[i].kind, pigment::pigmentOf(media[i]),
                          light == colour::Light::daylight65 ? inDaylight : colour::labUnder(inDaylight, light)});
    }
    return sticks;
}

std::vector<int> nearestSticks(const colour::Lab& wanted, const std::vector<PreparedStick>& sticks, int count) {
    std::vector<std::pair<double, int>> order;
    for (std::size_t i = 0; i < sticks.size(); ++i)
        if (isDry(sticks[i])) order.push_back({colour::differenceCie2000(wanted, sticks[i].masstone), int(i)});
    std::ranges::sort(order);
    std::vector<int> nearest;
    for (const auto& [difference, stick] : order) {
        if (int(nearest.size()) == count) break;
        nearest.push_back(stick);
    }
    return nearest;
}

bool isDry(const PreparedStick& stick) {
    return !materials::isWet(stick.kind);
}

std::vector<int> drySticks(const std::vector<PreparedStick>& sticks) {
    std::vector<int> dry;
    for (int i = 0; i < int(sticks.size()); ++i)
        if (isDry(sticks[std::size_t(i)])) dry.push_back(i);
    return dry;
}

bool isPoint(const PreparedStick& stick) {
    return stick.kind == materials::Kind::pencil || stick.kind == materials::Kind::hard;
}

bool isBlack(const PreparedStick& stick) {
    return stick.masstone.L < 22 && colour::chroma(stick.masstone) < 5;
}

}  // namespace matching

#include "materials/manner.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "common/naming.h"

namespace materials {

namespace {

constexpr std::array<std::string_view, mannerCount> manners{"scumble", "hatch", "press", "blend",
                                                            "dab",     "wash",  "fix",   "lift"};
constexpr std::array<std::string_view, 4> pressures{"none", "light", "medium", "heavy"};

}  // namespace

std::string_view nameOf(Manner manner) {
    return manners[static_cast<int>(manner)];
}
std::string_view nameOf(Pressure pressure) {
    return pressures[std::size_t(std::lround(std::clamp(pressure.value, 0.0f, 3.0f)))];
}
std::optional<Manner> mannerNamed(std::string_view name) {
    return common::enumNamed<Manner>(manners, name);
}
std::optional<Pressure> pressureNamed(std::string_view name) {
    for (std::size_t i = 0; i < pressures.size(); ++i)
        if (pressures[i] == name) return Pressure{float(i)};
    return std::nullopt;
}

bool laysPigment(Manner manner) {
    return manner != Manner::blend && manner != Manner::fix && manner != Manner::lift;
}

}  // namespace materials

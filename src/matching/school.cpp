#include "matching/school.h"

#include <array>

#include "common/naming.h"

namespace matching {

namespace {

constexpr std::array<std::string_view, 2> schoolNames{"dark-first", "light-base"};
constexpr std::array<std::string_view, 2> hardnessNames{"hard-first", "soft-base"};
constexpr std::array<std::string_view, 3> blendingNames{"sparing", "blended", "strokes-kept"};
constexpr std::array<std::string_view, 3> blackNames{"last", "never", "freely"};
constexpr std::array<std::string_view, 3> fixingNames{"between", "to-darken", "never"};

/// Beyond any lightness.
constexpr double lastRank = 1000;

}  // namespace

std::string_view nameOf(School school) {
    return schoolNames[static_cast<std::size_t>(school)];
}
std::optional<School> schoolNamed(std::string_view name) {
    return common::enumNamed<School>(schoolNames, name);
}
std::string_view nameOf(Hardness hardness) {
    return hardnessNames[static_cast<std::size_t>(hardness)];
}
std::optional<Hardness> hardnessNamed(std::string_view name) {
    return common::enumNamed<Hardness>(hardnessNames, name);
}
std::string_view nameOf(Blending blending) {
    return blendingNames[static_cast<std::size_t>(blending)];
}
std::optional<Blending> blendingNamed(std::string_view name) {
    return common::enumNamed<Blending>(blendingNames, name);
}
std::string_view nameOf(Black black) {
    return blackNames[static_cast<std::size_t>(black)];
}
std::optional<Black> blackNamed(std::string_view name) {
    return common::enumNamed<Black>(blackNames, name);
}
std::string_view nameOf(Fixing fixing) {
    return fixingNames[static_cast<std::size_t>(fixing)];
}
std::optional<Fixing> fixingNamed(std::string_view name) {
    return common::enumNamed<Fixing>(fixingNames, name);
}

double rankIn(const StackRules& rules, const PreparedStick& stick) {
    if (rules.black == Black::last && isBlack(stick)) return lastRank;
    return rules.school == School::darkFirst ? stick.masstone.L : -stick.masstone.L;
}

bool allows(const StackRules& rules, const PreparedStick& stick, pigment::Manner manner) {
    if (!isDry(stick)) return false;
    if (rules.hardness == Hardness::softBase && !isPoint(stick)) return false;
    if (rules.blending == Blending::strokesKept && manner != pigment::Manner::hatch) return false;
    return rules.black != Black::never || !isBlack(stick);
}

}  // namespace matching

#include "planning/study.h"

#include <algorithm>
#include <array>

#include "common/naming.h"

namespace planning {

namespace {

constexpr std::array<std::string_view, 3> details{"suggest", "usual", "fine"};
constexpr std::array<std::string_view, 4> goals{"truest-colour", "least-work", "most-sparkle", "most-vivid"};
constexpr std::array<std::string_view, 3> stickUses{"pinned", "barred", "replaced"};
constexpr std::array<std::string_view, 3> dryings{"air", "hair-dryer", "heat-gun"};
constexpr std::array<std::string_view, 2> workingHands{"right", "left"};

}  // namespace

std::string_view nameOf(Detail detail) {
    return details[static_cast<std::size_t>(detail)];
}
std::optional<Detail> detailNamed(std::string_view name) {
    return common::enumNamed<Detail>(details, name);
}
std::string_view nameOf(Goal goal) {
    return goals[static_cast<std::size_t>(goal)];
}
std::optional<Goal> goalNamed(std::string_view name) {
    return common::enumNamed<Goal>(goals, name);
}
std::string_view nameOf(StickUse use) {
    return stickUses[static_cast<std::size_t>(use)];
}
std::optional<StickUse> stickUseNamed(std::string_view name) {
    return common::enumNamed<StickUse>(stickUses, name);
}
std::string_view nameOf(Drying drying) {
    return dryings[static_cast<std::size_t>(drying)];
}
std::optional<Drying> dryingNamed(std::string_view name) {
    return common::enumNamed<Drying>(dryings, name);
}

std::string_view nameOf(Hand hand) {
    return workingHands[static_cast<std::size_t>(hand)];
}
std::optional<Hand> handNamed(std::string_view name) {
    return common::enumNamed<Hand>(workingHands, name);
}

}  // namespace planning

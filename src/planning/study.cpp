#include "planning/study.h"

#include <algorithm>
#include <array>

#include "common/naming.h"

namespace planning {

namespace {

constexpr std::array<std::string_view, 3> details{"suggest", "usual", "fine"};
constexpr std::array<std::string_view, 2> grounds{"proposed", "none"};

}  // namespace

std::string_view nameOf(Detail detail) {
    return details[static_cast<std::size_t>(detail)];
}
std::optional<Detail> detailNamed(std::string_view name) {
    return common::enumNamed<Detail>(details, name);
}
std::string_view nameOf(Ground ground) {
    return grounds[static_cast<int>(ground)];
}
std::optional<Ground> groundNamed(std::string_view name) {
    return common::enumNamed<Ground>(grounds, name);
}

}  // namespace planning

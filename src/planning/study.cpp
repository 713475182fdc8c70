#include "planning/study.h"

#include "common/naming.h"

namespace planning {

namespace {

constexpr std::array<std::string_view, 2> schools{"dark-first", "light-base"};
constexpr std::array<std::string_view, 2> grounds{"proposed", "none"};

}  // namespace

std::string_view nameOf(School school) {
    return schools[static_cast<int>(school)];
}
std::optional<School> schoolNamed(std::string_view name) {
    return common::enumNamed<School>(schools, name);
}
std::string_view nameOf(Ground ground) {
    return grounds[static_cast<int>(ground)];
}
std::optional<Ground> groundNamed(std::string_view name) {
    return common::enumNamed<Ground>(grounds, name);
}

}  // namespace planning

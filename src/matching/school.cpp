#include "matching/school.h"

#include <array>

#include "common/naming.h"

namespace matching {

namespace {

constexpr std::array<std::string_view, 2> schools{"dark-first", "light-base"};

}  // namespace

std::string_view nameOf(School school) {
    return schools[static_cast<std::size_t>(school)];
}
std::optional<School> schoolNamed(std::string_view name) {
    return common::enumNamed<School>(schools, name);
}

double rankIn(School school, const PreparedStick& stick) {
    return school == School::darkFirst ? stick.masstone.L : -stick.masstone.L;
}

}  // namespace matching

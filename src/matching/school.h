#pragma once

#include <optional>
#include <string_view>

#include "matching/tray.h"

namespace matching {

/// Which end of the value ladder is laid first. What a school asks of a stack and of the order of steps is asked here.
enum class School { darkFirst, lightBase };
std::string_view nameOf(School school);
std::optional<School> schoolNamed(std::string_view name);

/// A stack's sticks are laid by rising rank: by lightness, from the end that the school begins with.
double rankIn(School school, const PreparedStick& stick);

}  // namespace matching

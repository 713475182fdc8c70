#pragma once

#include <optional>
#include <string_view>

#include "materials/material.h"

namespace materials {

/// The words that files and the command line use ("soft", "sanded-400", "full"); nullopt for any other word.
std::string_view nameOf(Kind kind);
std::string_view nameOf(Surface surface);
std::string_view nameOf(Water water);
std::optional<Kind> kindNamed(std::string_view name);
std::optional<Surface> surfaceNamed(std::string_view name);
std::optional<Water> waterNamed(std::string_view name);

}  // namespace materials

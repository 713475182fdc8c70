#pragma once

#include <optional>
#include <string_view>

#include "materials/owned.h"

namespace materials {

/// The words that files and the command line use ("soft", "sanded-400", "full"); nullopt for any other word.
std::string_view nameOf(Kind kind);
std::string_view nameOf(Surface surface);
std::string_view nameOf(Water water);
std::string_view nameOf(FibreDirection fibres);
std::optional<Kind> kindNamed(std::string_view name);
std::optional<Surface> surfaceNamed(std::string_view name);
std::optional<Water> waterNamed(std::string_view name);
std::optional<FibreDirection> fibresNamed(std::string_view name);

std::string_view nameOf(ToolKind kind);
std::string_view nameOf(ColourSource source);
std::string_view nameOf(Stock stock);
std::optional<ToolKind> toolKindNamed(std::string_view name);
std::optional<ColourSource> colourSourceNamed(std::string_view name);
std::optional<Stock> stockNamed(std::string_view name);

}  // namespace materials

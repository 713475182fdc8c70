#pragma once

#include <array>
#include <optional>
#include <string_view>

namespace common {

/// The enumerator whose word stands at its place in `words`, or nullopt.
template <typename Enum, std::size_t n>
std::optional<Enum> enumNamed(const std::array<std::string_view, n>& words, std::string_view name) {
    for (std::size_t i = 0; i < n; ++i)
        if (words[i] == name) return static_cast<Enum>(i);
    return std::nullopt;
}

}  // namespace common

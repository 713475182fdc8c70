#pragma once

#include <compare>
#include <optional>
#include <string_view>

namespace materials {

/// What is done with a stick or a tool on the sheet.
enum class Manner { scumble, hatch, press, blend, dab, wash, fix, lift };
inline constexpr int mannerCount = 8;

/// How hard the hand presses: 0 leaves nothing, 1 is light, 2 medium, 3 heavy, and everything between fades from one to
/// the next.
struct Pressure {
    float value = 2;

    static const Pressure none, light, medium, heavy;
    auto operator<=>(const Pressure&) const = default;
};
inline constexpr Pressure Pressure::none{0}, Pressure::light{1}, Pressure::medium{2}, Pressure::heavy{3};

std::string_view nameOf(Manner manner);
/// "none", "light", "medium" or "heavy", the nearest.
std::string_view nameOf(Pressure pressure);
std::optional<Manner> mannerNamed(std::string_view name);
std::optional<Pressure> pressureNamed(std::string_view name);

/// Blending, fixing and lifting lay no pigment. A wash may: without one it is alcohol over what lies loose.
bool laysPigment(Manner manner);

}  // namespace materials

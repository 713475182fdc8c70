#include "planning/limited_palettes.h"

#include <algorithm>

namespace planning {

using materials::ColourFamily;

std::vector<FamilyLimit> limitsOf(KnownPalette palette) {
    // Black, white and greys are in each of them.
    switch (palette) {
        case KnownPalette::all:
            return {};
        case KnownPalette::earthsAndOneBlue:
            return {{ColourFamily::yellows, 0},
                    {ColourFamily::reds, 0},
                    {ColourFamily::violets, 0},
                    {ColourFamily::blues, 1},
                    {ColourFamily::greens, 0}};
        case KnownPalette::earths:
            return {{ColourFamily::yellows, 0},
                    {ColourFamily::reds, 0},
                    {ColourFamily::violets, 0},
                    {ColourFamily::blues, 0},
                    {ColourFamily::greens, 0}};
        case KnownPalette::oneOfEachPrimary:
            return {{ColourFamily::earths, 0},  {ColourFamily::yellows, 1}, {ColourFamily::reds, 1},
                    {ColourFamily::violets, 0}, {ColourFamily::blues, 1},   {ColourFamily::greens, 0}};
        case KnownPalette::greys:
            return {{ColourFamily::earths, 0},  {ColourFamily::yellows, 0}, {ColourFamily::reds, 0},
                    {ColourFamily::violets, 0}, {ColourFamily::blues, 0},   {ColourFamily::greens, 0}};
    }
    return {};
}

std::optional<int> mostOf(const std::vector<FamilyLimit>& limits, ColourFamily family) {
    const auto at = std::ranges::find(limits, family, &FamilyLimit::family);
    return at == limits.end() ? std::nullopt : std::optional(at->most);
}

std::vector<FamilyLimit> limited(std::vector<FamilyLimit> limits, ColourFamily family, std::optional<int> most) {
    std::erase_if(limits, [&](const FamilyLimit& it) { return it.family == family; });
    if (most) limits.push_back({family, *most});
    // In one order, so that the same palette is known again.
    std::ranges::sort(limits, {}, &FamilyLimit::family);
    return limits;
}

}  // namespace planning

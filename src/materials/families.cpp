#include "materials/families.h"

#include <algorithm>

#include "colour/lab.h"
#include "common/naming.h"

namespace materials {

namespace {

constexpr std::array<std::string_view, allFamilies.size()> familyNames{"greys",   "earths", "yellows", "reds",
                                                                       "violets", "blues",  "greens"};

bool isEarthPigment(const std::string& pigment) {
    static constexpr std::array earths{"PBr6", "PBr7", "PR101", "PR102", "PY42", "PY43", "PG23"};
    return std::ranges::find(earths, pigment) != earths.end();
}

bool isBlackOrWhite(const std::string& pigment) {
    return pigment.starts_with("PBk") || pigment.starts_with("PW");
}

/// Of its colours, by their pigments if they are said, else by its look.
bool isEarth(const std::vector<std::string>& colours, const colour::Lab& lab) {
    if (!colours.empty()) return std::ranges::all_of(colours, isEarthPigment);
    const double hue = colour::hue(lab), chroma = colour::chroma(lab);
    return hue >= 25 && hue < 95 && (chroma < 30 || (lab.L < 60 && chroma < 55));
}

}  // namespace

std::string_view nameOf(ColourFamily family) {
    return familyNames[static_cast<std::size_t>(family)];
}

std::optional<ColourFamily> familyNamed(std::string_view name) {
    return common::enumNamed<ColourFamily>(familyNames, name);
}

ColourFamily familyOf(const Material& medium) {
    const colour::Lab lab = colour::labFromSrgb8(medium.masstone);
    std::vector<std::string> colours = medium.pigments;
    std::erase_if(colours, isBlackOrWhite);
    // Of black and white alone it is a grey, even a bluish one; unless it looks like nothing of the kind.
    const double greyChroma = colours.empty() && !medium.pigments.empty() ? 15 : 8;
    if (colours.empty() && colour::chroma(lab) < greyChroma) return ColourFamily::greys;
    if (isEarth(colours, lab)) return ColourFamily::earths;
    if (colour::chroma(lab) < greyChroma) return ColourFamily::greys;
    const double hue = colour::hue(lab);
    if (hue < 45 || hue >= 345) return ColourFamily::reds;
    if (hue < 105) return ColourFamily::yellows;
    if (hue < 200) return ColourFamily::greens;
    return hue < 300 ? ColourFamily::blues : ColourFamily::violets;
}

}  // namespace materials

#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "colour/srgb.h"
#include "materials/own_mixture.h"
#include "materials/surface.h"

namespace materials {

enum class Kind { soft, hard, pencil, pan, charcoal, watercolour, gouache, acrylic, ink };
inline constexpr int kindCount = 9;

/// Dries before anything dry may go over it.
bool isWet(Kind kind);

/// Hardness where nothing is said about a stick. Common practice, no source.
double usualHardness(Kind kind);

/// Anything that leaves colour: a stick, pencil, pan, paint or ink.
struct Material {
    std::string id, maker, name;
    Kind kind = Kind::soft;
    colour::Srgb8 masstone;
    double hiding = 1;                  // hiding power, 1 as is usual for its kind
    double hardness = 0.15;             // 0 buttery, 1 a hard point
    std::vector<std::string> pigments;  // by Colour Index name
    std::string lightfastness;
    std::vector<std::string> hazards;  // toxic metals, as on the label; empty for none

    bool operator==(const Material&) const = default;
};

/// How much water a paper takes before it cockles.
enum class Water { none, thin, full };

/// Which way the fibres run: a sheet bends and cockles in ridges along them, and swells across them.
enum class FibreDirection { unknown, alongWidth, alongHeight };

/// What a paper's tooth may be corrected to, as a share of what is usual for its surface.
inline constexpr double leastTooth = 0.2, mostTooth = 5;
inline constexpr double mostSheetMillimetres = 20000;  // of a roll
inline constexpr int mostSheets = 9999;

struct Paper {
    std::string id, maker, name;
    Surface surface = Surface::sanded400;
    colour::Srgb8 tone;
    Water water = Water::none;
    double capacity = 1, grip = 1;  // what its tooth holds, and what it takes off a stick: 1 as usual for its surface
    double sheetWidthMillimetres = 0, sheetHeightMillimetres = 0;  // as it is bought; 0 where nobody has said
    int sheets = 0;                                                // at hand; 0 where nobody has counted
    FibreDirection fibres = FibreDirection::unknown;
    std::string otherSideOf = {};  // the id of the paper whose back this is

    bool operator==(const Paper&) const = default;
};

/// What the artist has at hand.
struct Library {
    std::vector<Material> media;
    std::vector<Paper> papers;
    std::vector<Paper> papersToBuy = {};    // known, but not at hand: used up, or never bought
    std::vector<OwnMixture> mixtures = {};  // of the media

    const Material* medium(std::string_view id) const;
    const Paper* paper(std::string_view id) const;
    bool operator==(const Library&) const = default;
};

}  // namespace materials

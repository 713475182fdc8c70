#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "colour/srgb.h"
#include "materials/surface.h"

namespace materials {

enum class Kind { soft, hard, pencil, pan, charcoal, watercolour, gouache, acrylic, ink };

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

struct Paper {
    std::string id, maker, name;
    Surface surface = Surface::sanded400;
    colour::Srgb8 tone;
    Water water = Water::none;

    bool operator==(const Paper&) const = default;
};

/// What the artist has at hand.
struct Library {
    std::vector<Material> media;
    std::vector<Paper> papers;

    const Material* medium(std::string_view id) const;
    const Paper* paper(std::string_view id) const;
    bool operator==(const Library&) const = default;
};

}  // namespace materials

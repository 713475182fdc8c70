#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "matching/school.h"

namespace planning {

using matching::School;

/// What goes under the dry layers: what serves the goal best, or one way to begin.
enum class Ground {
    proposed,
    none,
    values,
    localWash,
    complement,
    coolShadows,
    warm,
    ink,
    charcoal,
    dryBase,
    brushedOut
};
inline constexpr int groundCount = 11;
std::string_view nameOf(Ground ground);
std::optional<Ground> groundNamed(std::string_view name);

/// What is laid first: what lies behind, or what the picture is about, and then around it.
enum class FirstPart { background, focal };
std::string_view nameOf(FirstPart part);
std::optional<FirstPart> firstPartNamed(std::string_view name);

/// Stage by stage over the whole picture, or one area after the other.
enum class Progression { wholePicture, areaByArea };
std::string_view nameOf(Progression progression);
std::optional<Progression> progressionNamed(std::string_view name);

/// Colour as in the reference, or stronger: a picture has to compete with life.
enum class Intensity { faithful, pushed };
std::string_view nameOf(Intensity intensity);
std::optional<Intensity> intensityNamed(std::string_view name);

/// The highest lights as in the reference, or a little stronger.
enum class Highlights { asSeen, stronger };
std::string_view nameOf(Highlights highlights);
std::optional<Highlights> highlightsNamed(std::string_view name);

/// How the artist goes about a picture: an answer to each question on which schools differ. Saved under a name and
/// carried from study to study.
struct Approach {
    matching::StackRules stacks;
    Ground ground = Ground::proposed;
    FirstPart first = FirstPart::background;
    Progression progression = Progression::wholePicture;
    Intensity intensity = Intensity::faithful;
    Highlights highlights = Highlights::asSeen;
    bool operator==(const Approach&) const = default;
};

/// The ground that an approach asks for: a rubbed-in base where pencils go over one and nothing else is named.
Ground groundOf(const Approach& approach);

/// Those that come with the program.
enum class KnownApproach { landscape, animal, hatchedFigure, portrait };
inline constexpr int knownApproachCount = 4;
std::string_view nameOf(KnownApproach known);
std::optional<KnownApproach> knownApproachNamed(std::string_view name);
Approach approachOf(KnownApproach known);

}  // namespace planning

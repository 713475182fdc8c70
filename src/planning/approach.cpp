#include "planning/approach.h"

#include <array>

#include "common/naming.h"

namespace planning {

namespace {

constexpr std::array<std::string_view, groundCount> grounds{"proposed",   "none",         "values",     "local-wash",
                                                            "complement", "cool-shadows", "warm",       "ink",
                                                            "charcoal",   "dry-base",     "brushed-out"};
constexpr std::array<std::string_view, knownApproachCount> knownApproaches{"landscape", "animal", "hatched-figure",
                                                                           "portrait"};
constexpr std::array<std::string_view, 2> firstParts{"background", "focal"};
constexpr std::array<std::string_view, 2> progressions{"whole-picture", "area-by-area"};
constexpr std::array<std::string_view, 2> intensities{"faithful", "pushed"};
constexpr std::array<std::string_view, 2> highlightWords{"as-seen", "stronger"};

}  // namespace

std::string_view nameOf(Ground ground) {
    return grounds[static_cast<std::size_t>(ground)];
}
std::optional<Ground> groundNamed(std::string_view name) {
    return common::enumNamed<Ground>(grounds, name);
}
std::string_view nameOf(FirstPart part) {
    return firstParts[static_cast<std::size_t>(part)];
}
std::optional<FirstPart> firstPartNamed(std::string_view name) {
    return common::enumNamed<FirstPart>(firstParts, name);
}
std::string_view nameOf(Progression progression) {
    return progressions[static_cast<std::size_t>(progression)];
}
std::optional<Progression> progressionNamed(std::string_view name) {
    return common::enumNamed<Progression>(progressions, name);
}
std::string_view nameOf(Intensity intensity) {
    return intensities[static_cast<std::size_t>(intensity)];
}
std::optional<Intensity> intensityNamed(std::string_view name) {
    return common::enumNamed<Intensity>(intensities, name);
}
std::string_view nameOf(Highlights highlights) {
    return highlightWords[static_cast<std::size_t>(highlights)];
}
std::optional<Highlights> highlightsNamed(std::string_view name) {
    return common::enumNamed<Highlights>(highlightWords, name);
}

std::string_view nameOf(KnownApproach known) {
    return knownApproaches[static_cast<std::size_t>(known)];
}
std::optional<KnownApproach> knownApproachNamed(std::string_view name) {
    return common::enumNamed<KnownApproach>(knownApproaches, name);
}

Ground groundOf(const Approach& approach) {
    const bool isBase = approach.stacks.hardness == matching::Hardness::softBase;
    return isBase && approach.ground == Ground::proposed ? Ground::dryBase : approach.ground;
}

Approach approachOf(KnownApproach known) {
    using matching::Black, matching::Blending, matching::Fixing, matching::Hardness;
    Approach approach;
    switch (known) {
        case KnownApproach::landscape:
            approach.highlights = Highlights::stronger;
            break;
        case KnownApproach::animal:
            approach.stacks = {School::lightBase, Hardness::softBase, Blending::sparing, Black::last, Fixing::never};
            approach.first = FirstPart::focal;
            break;
        case KnownApproach::hatchedFigure:
            approach.stacks = {School::darkFirst, Hardness::hardFirst, Blending::strokesKept, Black::never,
                               Fixing::between};
            approach.ground = Ground::warm;
            approach.intensity = Intensity::pushed;
            break;
        case KnownApproach::portrait:
            approach.stacks = {School::darkFirst, Hardness::hardFirst, Blending::blended, Black::last, Fixing::never};
            approach.first = FirstPart::focal;
            approach.intensity = Intensity::pushed;
            approach.progression = Progression::areaByArea;
            break;
    }
    return approach;
}

}  // namespace planning

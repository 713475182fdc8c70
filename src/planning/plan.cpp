#include "planning/plan.h"

#include "common/naming.h"

namespace planning {

namespace {

constexpr std::array<std::string_view, 7> stageNames{"drawing", "underpainting", "block-in", "build",
                                                     "refine",  "accent",        "fix"};
constexpr std::array<std::string_view, 8> toolNames{"",       "finger",   "stump",      "shaper",
                                                    "sponge", "fixative", "soft-brush", "putty-eraser"};

}  // namespace

std::string_view nameOf(Stage stage) {
    return stageNames[static_cast<std::size_t>(stage)];
}
std::optional<Stage> stageNamed(std::string_view name) {
    return common::enumNamed<Stage>(stageNames, name);
}

std::string_view nameOf(Tool tool) {
    return toolNames[static_cast<std::size_t>(tool)];
}
std::optional<Tool> toolNamed(std::string_view name) {
    return common::enumNamed<Tool>(toolNames, name);
}

std::string_view nameOf(ReasonKind kind) {
    switch (kind) {
        case ReasonKind::firstMarks:
            return "first-marks";
        case ReasonKind::groundFirst:
            return "ground-first";
        case ReasonKind::groundNearColour:
            return "ground-near-colour";
        case ReasonKind::groundInValues:
            return "ground-in-values";
        case ReasonKind::groundOpposite:
            return "ground-opposite";
        case ReasonKind::groundCool:
            return "ground-cool";
        case ReasonKind::groundWarm:
            return "ground-warm";
        case ReasonKind::groundToneMap:
            return "ground-tone-map";
        case ReasonKind::rubbedIn:
            return "rubbed-in";
        case ReasonKind::brushedOut:
            return "brushed-out";
        case ReasonKind::inkDeepestDarks:
            return "ink-deepest-darks";
        case ReasonKind::groundByHand:
            return "ground-by-hand";
        case ReasonKind::wetBeforeDry:
            return "wet-before-dry";
        case ReasonKind::hardBeforeSoft:
            return "hard-before-soft";
        case ReasonKind::backgroundFirst:
            return "background-first";
        case ReasonKind::darkBeforeLight:
            return "dark-before-light";
        case ReasonKind::lightBaseFirst:
            return "light-base-first";
        case ReasonKind::wholePictureTogether:
            return "whole-picture-together";
        case ReasonKind::stickInHand:
            return "stick-in-hand";
        case ReasonKind::pairTogether:
            return "pair-together";
        case ReasonKind::highlightsLast:
            return "highlights-last";
        case ReasonKind::focalFirst:
            return "focal-first";
        case ReasonKind::areaByArea:
            return "area-by-area";
        case ReasonKind::blackLast:
            return "black-last";
        case ReasonKind::blendedTogether:
            return "blended-together";
        case ReasonKind::lightBlendedFirst:
            return "light-blended-first";
        case ReasonKind::toothGivenBack:
            return "tooth-given-back";
        case ReasonKind::liftedFirst:
            return "lifted-first";
        case ReasonKind::laidThenByHand:
            return "laid-then-by-hand";
    }
    return "";
}

}  // namespace planning

#pragma once

#include <optional>
#include <vector>

#include "materials/material.h"
#include "pigment/stroke.h"

namespace planning {

/// How large a place is that a step lays: up to 20 square centimetres, up to 100, or more.
enum class PlaceSize { small, middle, large };
inline constexpr int placeSizeCount = 3;
std::string_view nameOf(PlaceSize size);
std::optional<PlaceSize> placeSizeNamed(std::string_view name);
PlaceSize placeSize(double squareCentimetres);

/// What of a step decides how long it takes.
struct Work {
    bool isDrawing = false;  // the first marks
    pigment::Manner manner = pigment::Manner::scumble;
    std::optional<materials::Kind> medium = {};  // none: a tool, or alcohol
    double squareCentimetres = 0;
    int places = 1;  // in which it is laid
};

/// By how much longer than usual something takes.
struct MannerPace {
    pigment::Manner manner = pigment::Manner::scumble;
    double factor = 1;
    bool operator==(const MannerPace&) const = default;
};
struct MediumPace {
    materials::Kind medium = materials::Kind::soft;
    double factor = 1;
    bool operator==(const MediumPace&) const = default;
};
struct SizePace {
    PlaceSize size = PlaceSize::middle;
    double factor = 1;
    bool operator==(const SizePace&) const = default;
};

/// An artist's pace against the usual one: what is not named is usual.
struct Pace {
    double all = 1;
    std::vector<MannerPace> manners;
    std::vector<MediumPace> media;
    std::vector<SizePace> sizes;
    bool isUsual() const { return *this == Pace(); }
    bool operator==(const Pace&) const = default;
};

/// Minutes at the usual pace: finding the stick, trying it on an offcut, finding each place, and laying it. Common
/// practice, no source: a portrait takes days, an eye half an hour.
double usualMinutes(const Work& work);
/// By how much longer it takes at a pace.
double factorFor(const Work& work, const Pace& pace);

}  // namespace planning

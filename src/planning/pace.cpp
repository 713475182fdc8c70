#include "planning/pace.h"

#include <algorithm>
#include <array>

#include "common/naming.h"

namespace planning {

namespace {

constexpr std::array<std::string_view, placeSizeCount> sizeNames{"small", "middle", "large"};

double minutesPerSquareCentimetre(const Work& work) {
    if (work.isDrawing) return 0.008;
    switch (work.manner) {
        case pigment::Manner::wash:
            return 0.010;
        case pigment::Manner::hatch:
            return work.medium == materials::Kind::pencil ? 0.090 : 0.050;
        case pigment::Manner::press:
            return 0.035;
        case pigment::Manner::dab:
            return 0.080;
        case pigment::Manner::scumble:
        case pigment::Manner::blend:
        case pigment::Manner::fix:
        case pigment::Manner::lift:
            return 0.030;
    }
    return 0.030;
}

template <typename Part, typename Key>
double factorOf(const std::vector<Part>& parts, Key Part::*key, Key wanted) {
    const auto at = std::ranges::find(parts, wanted, key);
    return at == parts.end() ? 1 : at->factor;
}

}  // namespace

std::string_view nameOf(PlaceSize size) {
    return sizeNames[static_cast<std::size_t>(size)];
}
std::optional<PlaceSize> placeSizeNamed(std::string_view name) {
    return common::enumNamed<PlaceSize>(sizeNames, name);
}

PlaceSize placeSize(double squareCentimetres) {
    return squareCentimetres <= 20 ? PlaceSize::small : squareCentimetres <= 100 ? PlaceSize::middle : PlaceSize::large;
}

double usualMinutes(const Work& work) {
    return 0.6 + 0.4 * std::max(work.places, 1) + work.squareCentimetres * minutesPerSquareCentimetre(work);
}

double factorFor(const Work& work, const Pace& pace) {
    return pace.all * factorOf(pace.manners, &MannerPace::manner, work.manner) *
           (work.medium ? factorOf(pace.media, &MediumPace::medium, *work.medium) : 1) *
           factorOf(pace.sizes, &SizePace::size, placeSize(work.squareCentimetres));
}

}  // namespace planning

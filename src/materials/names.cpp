#include "materials/names.h"

#include "common/naming.h"

namespace materials {

namespace {

constexpr std::array<std::string_view, 9> kinds{"soft",        "hard",    "pencil",  "pan", "charcoal",
                                                "watercolour", "gouache", "acrylic", "ink"};
constexpr std::array<std::string_view, surfaceCount> surfaces{
    "sanded-400", "sanded-600", "microfibre", "velour", "honeycomb-rough", "honeycomb-smooth", "laid", "cartridge"};
constexpr std::array<std::string_view, 3> waters{"no", "light", "yes"};

}  // namespace

std::string_view nameOf(Kind kind) {
    return kinds[static_cast<int>(kind)];
}
std::string_view nameOf(Surface surface) {
    return surfaces[static_cast<int>(surface)];
}
std::string_view nameOf(Water water) {
    return waters[static_cast<int>(water)];
}
std::optional<Kind> kindNamed(std::string_view name) {
    return common::enumNamed<Kind>(kinds, name);
}
std::optional<Surface> surfaceNamed(std::string_view name) {
    return common::enumNamed<Surface>(surfaces, name);
}
std::optional<Water> waterNamed(std::string_view name) {
    return common::enumNamed<Water>(waters, name);
}

}  // namespace materials

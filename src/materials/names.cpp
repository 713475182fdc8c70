#include "materials/names.h"

#include "common/naming.h"

namespace materials {

namespace {

constexpr std::array<std::string_view, 9> kinds{"soft",        "hard",    "pencil",  "pan", "charcoal",
                                                "watercolour", "gouache", "acrylic", "ink"};
constexpr std::array<std::string_view, surfaceCount> surfaces{
    "sanded-400", "sanded-600", "microfibre", "velour", "honeycomb-rough", "honeycomb-smooth", "laid", "cartridge"};
constexpr std::array<std::string_view, 3> fibreDirections{"unknown", "width", "height"};
constexpr std::array<std::string_view, 3> waters{"no", "light", "yes"};
constexpr std::array<std::string_view, 11> toolKinds{"stump",    "shaper",   "sponge", "brush",     "knife", "eraser",
                                                     "fixative", "glassine", "tape",   "sandpaper", "other"};
constexpr std::array<std::string_view, 5> sources{"file", "typed", "picked", "card", "reader"};
constexpr std::array<std::string_view, 4> stocks{"full", "half", "stub", "used-up"};

}  // namespace

std::string_view nameOf(Kind kind) {
    return kinds[static_cast<int>(kind)];
}
std::string_view nameOf(Surface surface) {
    return surfaces[static_cast<int>(surface)];
}
std::string_view nameOf(FibreDirection fibres) {
    return fibreDirections[static_cast<int>(fibres)];
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
std::optional<FibreDirection> fibresNamed(std::string_view name) {
    return common::enumNamed<FibreDirection>(fibreDirections, name);
}
std::optional<Water> waterNamed(std::string_view name) {
    return common::enumNamed<Water>(waters, name);
}

std::string_view nameOf(ToolKind kind) {
    return toolKinds[static_cast<std::size_t>(kind)];
}
std::string_view nameOf(ColourSource source) {
    return sources[static_cast<std::size_t>(source)];
}
std::string_view nameOf(Stock stock) {
    return stocks[static_cast<std::size_t>(stock)];
}
std::optional<ToolKind> toolKindNamed(std::string_view name) {
    return common::enumNamed<ToolKind>(toolKinds, name);
}
std::optional<ColourSource> colourSourceNamed(std::string_view name) {
    return common::enumNamed<ColourSource>(sources, name);
}
std::optional<Stock> stockNamed(std::string_view name) {
    return common::enumNamed<Stock>(stocks, name);
}

}  // namespace materials

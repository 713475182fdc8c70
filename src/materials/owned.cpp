#include "materials/owned.h"

#include <algorithm>

#include "common/naming.h"

namespace materials {

namespace {

constexpr std::array<std::string_view, 11> toolKinds{"stump",    "shaper",   "sponge", "brush",     "knife", "eraser",
                                                     "fixative", "glassine", "tape",   "sandpaper", "other"};
constexpr std::array<std::string_view, 5> sources{"file", "typed", "picked", "card", "reader"};
constexpr std::array<std::string_view, 4> stocks{"full", "half", "stub", "used-up"};

}  // namespace

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

const std::string& idOf(const Owned& owned) {
    return std::visit([](const auto& what) -> const std::string& { return what.id; }, owned.what);
}

Library libraryOf(const Drawer& drawer, const Tray* tray) {
    Library library;
    for (const Owned& owned : drawer.things) {
        if (owned.stock == Stock::usedUp) continue;
        if (tray && std::ranges::find(tray->ids, idOf(owned)) == tray->ids.end()) continue;
        if (const auto* medium = std::get_if<Material>(&owned.what)) library.media.push_back(*medium);
        if (const auto* paper = std::get_if<Paper>(&owned.what)) library.papers.push_back(*paper);
    }
    return library;
}

std::vector<Owned> ownedOf(const Library& library) {
    std::vector<Owned> things;
    for (const Material& medium : library.media) things.push_back({medium});
    for (const Paper& paper : library.papers) things.push_back({paper});
    return things;
}

}  // namespace materials

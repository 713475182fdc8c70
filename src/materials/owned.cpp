#include "materials/owned.h"

#include <algorithm>

namespace materials {

const std::string& idOf(const Owned& owned) {
    return std::visit([](const auto& what) -> const std::string& { return what.id; }, owned.what);
}

const std::string& makerOf(const Owned& owned) {
    return std::visit([](const auto& what) -> const std::string& { return what.maker; }, owned.what);
}

const std::string& nameOf(const Owned& owned) {
    return std::visit([](const auto& what) -> const std::string& { return what.name; }, owned.what);
}

std::optional<colour::Srgb8> colourOf(const Owned& owned) {
    if (const auto* medium = std::get_if<Material>(&owned.what)) return medium->masstone;
    if (const auto* paper = std::get_if<Paper>(&owned.what)) return paper->tone;
    return std::nullopt;
}

void setColour(Owned& owned, colour::Srgb8 colour) {
    if (auto* medium = std::get_if<Material>(&owned.what)) medium->masstone = colour;
    if (auto* paper = std::get_if<Paper>(&owned.what)) paper->tone = colour;
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

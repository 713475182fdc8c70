#include "materials/owned.h"

#include <algorithm>

namespace materials {

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

#include "materials/owned.h"

#include <algorithm>
#include <cctype>
#include <iterator>
#include <set>

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

std::string idStem(const std::string& name) {
    std::string stem;
    for (const char c : name) {
        const bool isLetter = std::isalnum(static_cast<unsigned char>(c)) || static_cast<unsigned char>(c) >= 0x80;
        if (isLetter)
            stem += char(std::tolower(static_cast<unsigned char>(c)));
        else if (!stem.empty() && stem.back() != '-')
            stem += '-';
    }
    while (!stem.empty() && stem.back() == '-') stem.pop_back();
    return stem.empty() ? "own" : stem;
}

std::string freeId(const std::string& name, const std::function<bool(const std::string&)>& isTaken, int& tried) {
    const std::string stem = idStem(name);
    std::string id = stem;
    while (isTaken(id)) {
        ++tried;
        id = stem;
        id.append("-").append(std::to_string(tried + 1));
    }
    return id;
}

Library libraryOf(const Drawer& drawer, const Tray* tray) {
    Library library;
    const std::set<std::string> chosen = tray ? std::set(tray->ids.begin(), tray->ids.end()) : std::set<std::string>();
    for (const Owned& owned : drawer.things) {
        if (tray && !chosen.contains(idOf(owned))) continue;
        if (owned.stock == Stock::usedUp) {
            if (const auto* paper = std::get_if<Paper>(&owned.what)) library.papersToBuy.push_back(*paper);
            continue;
        }
        if (const auto* medium = std::get_if<Material>(&owned.what)) library.media.push_back(*medium);
        if (const auto* paper = std::get_if<Paper>(&owned.what)) library.papers.push_back(*paper);
    }
    std::ranges::copy_if(drawer.mixtures, std::back_inserter(library.mixtures),
                         [&](const OwnMixture& mixture) { return canBeLaid(mixture, library); });
    return library;
}

bool canBeLaid(const OwnMixture& mixture, const Library& library) {
    return std::ranges::all_of(mixture.strokes, [&](const MixtureStroke& stroke) {
        return !laysPigment(stroke.manner) || library.medium(stroke.stick) != nullptr;
    });
}

std::vector<Owned> ownedOf(const Library& library) {
    std::vector<Owned> things;
    for (const Material& medium : library.media) things.push_back({medium});
    for (const Paper& paper : library.papers) things.push_back({paper});
    for (const Paper& paper : library.papersToBuy) {
        things.push_back({paper});
        things.back().stock = Stock::usedUp;
    }
    return things;
}

}  // namespace materials

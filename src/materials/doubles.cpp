#include "materials/doubles.h"

#include <algorithm>
#include <cassert>
#include <cctype>
#include <map>

#include "materials/stock.h"

namespace materials {

namespace {

/// Letters and figures alone, small.
std::string plain(const std::string& words) {
    std::string out;
    for (const char c : words)
        if (!std::isspace(static_cast<unsigned char>(c))) out += char(std::tolower(static_cast<unsigned char>(c)));
    return out;
}

int kindOf(const Owned& owned) {
    struct {
        int operator()(const Material& medium) const { return int(medium.kind); }
        int operator()(const Paper& paper) const { return 100 + int(paper.surface); }
        int operator()(const Tool& tool) const { return 200 + int(tool.kind); }
    } kind;
    return std::visit(kind, owned.what);
}

void joinInto(std::vector<std::string>& all, const std::vector<std::string>& more) {
    for (const std::string& one : more)
        if (std::ranges::find(all, one) == all.end()) all.push_back(one);
}

void fill(std::string& word, const std::string& other) {
    if (word.empty()) word = other;
}

/// How far a colour is to be trusted: measured before read before picked before told.
int trustIn(const Owned& owned) {
    switch (owned.source) {
        case ColourSource::reader:
            return 4;
        case ColourSource::card:
            return 3;
        case ColourSource::picked:
            return 2;
        case ColourSource::typed:
            return 1;
        case ColourSource::file:
            return 0;
    }
    return 0;
}

bool isBetterKnown(const Owned& one, const Owned& other) {
    if (trustIn(one) != trustIn(other)) return trustIn(one) > trustIn(other);
    return one.colourError > 0 && (other.colourError == 0 || one.colourError < other.colourError);
}

void addWhat(Material& medium, const Material& other) {
    fill(medium.maker, other.maker);
    fill(medium.name, other.name);
    fill(medium.lightfastness, other.lightfastness);
    joinInto(medium.pigments, other.pigments);
    joinInto(medium.hazards, other.hazards);
}
void addWhat(Paper& paper, const Paper& other) {
    fill(paper.maker, other.maker);
    fill(paper.name, other.name);
}
void addWhat(Tool& tool, const Tool& other) {
    fill(tool.maker, other.maker);
    fill(tool.name, other.name);
}

void add(Owned& owned, const Owned& other) {
    std::visit([&](auto& what) { addWhat(what, std::get<std::remove_reference_t<decltype(what)>>(other.what)); },
               owned.what);
    if (isBetterKnown(other, owned)) {
        if (const auto colour = colourOf(other)) setColour(owned, *colour);
        owned.source = other.source;
        owned.colourError = other.colourError;
    }
    // A hiding power that was measured goes before one that was told.
    auto* medium = std::get_if<Material>(&owned.what);
    if (medium && other.hidingError > 0 && (owned.hidingError == 0 || other.hidingError < owned.hidingError)) {
        medium->hiding = std::get<Material>(other.what).hiding;
        owned.hidingError = other.hidingError;
    }
    fill(owned.number, other.number);
    if (leftOf(other) > leftOf(owned)) {
        owned.stock = other.stock;
        owned.lost = other.lost;
    }
    if (owned.box.empty()) {
        owned.box = other.box;
        owned.slot = other.slot;
    }
    if (!other.notes.empty() && owned.notes.find(other.notes) == std::string::npos)
        owned.notes += (owned.notes.empty() ? "" : "; ") + other.notes;
    joinInto(owned.photographs, other.photographs);
}

}  // namespace

std::vector<std::vector<int>> doublesIn(const std::vector<Owned>& things) {
    using Key = std::tuple<int, std::string, std::string>;
    std::map<Key, std::vector<int>> byNumber, byName;
    for (int i = 0; i < int(things.size()); ++i) {
        const Owned& owned = things[std::size_t(i)];
        const int kind = kindOf(owned);
        const std::string maker = plain(makerOf(owned)), number = plain(owned.number), name = plain(nameOf(owned));
        if (!number.empty()) byNumber[{kind, maker, number}].push_back(i);
        if (!name.empty()) byName[{kind, maker, name}].push_back(i);
    }
    std::vector<std::vector<int>> groups;
    std::vector<bool> taken(things.size());
    const auto take = [&](const std::vector<int>& members) {
        if (members.size() < 2) return;
        for (const int i : members) taken[std::size_t(i)] = true;
        groups.push_back(members);
    };
    for (const auto& [key, members] : byNumber) take(members);
    for (auto& [key, members] : byName) {
        std::erase_if(members, [&](int i) { return taken[std::size_t(i)]; });
        // Two numbers are two things, whatever they are called.
        std::string number;
        std::erase_if(members, [&](int i) {
            const std::string own = plain(things[std::size_t(i)].number);
            if (number.empty()) number = own;
            return !own.empty() && own != number;
        });
        take(members);
    }
    std::ranges::sort(groups);
    return groups;
}

bool canMerge(const std::vector<Owned>& things) {
    return things.size() >= 2 &&
           std::ranges::all_of(things, [&](const Owned& o) { return o.what.index() == things[0].what.index(); });
}

Owned merged(const std::vector<Owned>& things) {
    assert(canMerge(things));
    Owned owned = things.front();
    for (auto other = things.begin() + 1; other != things.end(); ++other) add(owned, *other);
    return owned;
}

}  // namespace materials

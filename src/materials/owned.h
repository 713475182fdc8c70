#pragma once

#include <functional>
#include <optional>
#include <string>
#include <variant>
#include <vector>

#include "materials/material.h"

namespace materials {

/// What leaves no colour of its own: applicators, fixatives, tools.
enum class ToolKind { stump, shaper, sponge, brush, knife, eraser, fixative, glassine, tape, sandpaper, other };

struct Tool {
    std::string id, maker, name;
    ToolKind kind = ToolKind::other;
    bool operator==(const Tool&) const = default;
};

/// Where a colour was got from.
enum class ColourSource { file, typed, picked, card, reader };

/// How much is left.
enum class Stock { full, half, stub, usedUp };

/// A thing in the artist's drawer: what it is, and how it is kept.
struct Owned {
    std::variant<Material, Paper, Tool> what;
    std::string number = {};  // the maker's, as it stands on the label
    ColourSource source = ColourSource::file;
    double colourError = 0;  // CIEDE2000 by which the colour may be off, one standard error; 0 where nothing tells it
    double hidingError = 0;  // the same of the hiding power, as a share of it
    Stock stock = Stock::full;
    double lost = 0;       // share of a whole one that went since that was said, see stock.h
    std::string box = {};  // in which it lies, and where there; slots count from 1, 0 for no fixed one
    int slot = 0;
    std::string notes = {};
    std::vector<std::string> photographs = {};  // photographs and scans that belong to it, by their keys in the store

    bool operator==(const Owned&) const = default;
};

const std::string& idOf(const Owned& owned);
const std::string& makerOf(const Owned& owned);
const std::string& nameOf(const Owned& owned);
/// The masstone of a medium or the tone of a paper; tools have none.
std::optional<colour::Srgb8> colourOf(const Owned& owned);
void setColour(Owned& owned, colour::Srgb8 colour);

/// What an id can be made of: a name's letters and figures, small, parted by hyphens; "own" where it has none.
std::string idStem(const std::string& name);
/// An id that is not taken, made of a name: its stem, or with -2, -3, ... behind it. `tried` is how many numbers of
/// this stem are known to be taken, and is counted on.
std::string freeId(const std::string& name, const std::function<bool(const std::string&)>& isTaken, int& tried);

/// A choice out of the drawer from which a study draws: "field box", "class set of 12".
struct Tray {
    std::string name;
    std::vector<std::string> ids;
    bool operator==(const Tray&) const = default;
};

/// All that the artist owns.
/// How much of the work that a record tells of (by its id) is counted off the stock: its first entries.
struct StockTaken {
    std::string record;
    int entries = 0;
    bool operator==(const StockTaken&) const = default;
};

struct Drawer {
    std::vector<Owned> things;                // in the order of their ids
    std::vector<Tray> trays;                  // in the order of their names
    std::vector<OwnMixture> mixtures = {};    // likewise
    std::vector<StockTaken> stockTaken = {};  // each record once
    bool operator==(const Drawer&) const = default;
};

/// What a study may draw from: the media and papers that are not used up, all of them or those of a tray. Papers that
/// are could be bought. Mixtures are those of which every stick is there.
Library libraryOf(const Drawer& drawer, const Tray* tray = nullptr);

/// Whether the library has every stick of it.
bool canBeLaid(const OwnMixture& mixture, const Library& library);

/// Everything of a library as full and in no box.
std::vector<Owned> ownedOf(const Library& library);

}  // namespace materials

#include "storage/table_things.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <map>
#include <optional>
#include <unordered_map>
#include <unordered_set>

#include "colour/srgb.h"
#include "materials/hazards.h"
#include "materials/names.h"
#include "materials/stock.h"

namespace storage {

using common::Problem;
using common::ProblemKind;
using materials::Owned;

namespace {

constexpr std::array<std::string_view, columnCount> headings{"",
                                                             "kind",
                                                             "id",
                                                             "name",
                                                             "maker",
                                                             "number",
                                                             "hex",
                                                             "L",
                                                             "a",
                                                             "b",
                                                             "hiding",
                                                             "hardness",
                                                             "pigments",
                                                             "lightfastness",
                                                             "hazard",
                                                             "surface",
                                                             "water",
                                                             "stock",
                                                             "box",
                                                             "slot",
                                                             "notes",
                                                             "source",
                                                             "capacity",
                                                             "grip",
                                                             "sheet width",
                                                             "sheet height",
                                                             "sheets",
                                                             "fibres",
                                                             "other side of"};

std::string trimmed(std::string_view text) {
    constexpr std::string_view blank = " \t\r\n\0";
    const auto first = text.find_first_not_of(blank);
    if (first == std::string_view::npos) return {};
    return std::string(text.substr(first, text.find_last_not_of(blank) - first + 1));
}

std::string small(std::string text) {
    for (char& c : text)
        if (c >= 'A' && c <= 'Z') c = char(c - 'A' + 'a');
    return text;
}

std::vector<std::string> listOf(const std::string& field, const char* separators) {
    std::vector<std::string> list;
    for (std::size_t at = 0; at < field.size();) {
        const std::size_t end = std::min(field.find_first_of(separators, at), field.size());
        if (std::string part = trimmed(std::string_view(field).substr(at, end - at)); !part.empty())
            list.push_back(std::move(part));
        at = end + 1;
    }
    return list;
}

std::optional<double> numberIn(std::string text) {
    // Lists parted by semicolons often write decimals with a comma.
    for (char& c : text)
        if (c == ',') c = '.';
    double value = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (error != std::errc() || end != text.data() + text.size() || !std::isfinite(value)) return std::nullopt;
    return value;
}

std::string figure(double value) {
    std::array<char, 32> text{};
    const auto end = std::to_chars(text.data(), text.data() + text.size(), value).ptr;
    return {text.data(), end};
}

/// One row, read by column. The first field that will not do is remembered.
class TableRowReader {
 public:
    TableRowReader(const std::array<int, columnCount>& places, const TableRow& row, const std::string& file)
        : places_(places), row_(row), file_(file) {}

    bool has(Column column) const { return !text(column).empty(); }
    std::string text(Column column) const {
        const int place = places_[std::size_t(column)];
        if (place < 0 || place >= int(row_.fields.size())) return {};
        return trimmed(row_.fields[std::size_t(place)]);
    }
    void take(Column column, std::string& into) const {
        if (std::string field = text(column); !field.empty()) into = std::move(field);
    }
    void number(Column column, double least, double most, double& into) {
        const std::string field = text(column);
        if (field.empty()) return;
        const auto value = numberIn(field);
        if (value && *value >= least && *value <= most)
            into = *value;
        else
            fail(column, field, figure(least) + " to " + figure(most));
    }
    template <typename Enum>
    void word(Column column, std::optional<Enum> (*named)(std::string_view), Enum& into) {
        const std::string field = text(column);
        if (field.empty()) return;
        if (const auto value = named(small(field)))
            into = *value;
        else
            fail(column, field, {});
    }
    void fail(Column column, const std::string& field, const std::string& allowed) {
        if (problem) return;
        const std::string what = std::string(headingOf(column)) + " \"" + field + "\"";
        problem = Problem{ProblemKind::fieldBad, file_, row_.number, what, allowed};
    }

    std::optional<Problem> problem;

 private:
    const std::array<int, columnCount>& places_;
    const TableRow& row_;
    const std::string& file_;
};

/// The colour that a row tells, as hex or as CIELAB.
std::optional<colour::Srgb8> colourIn(TableRowReader& row) {
    if (const std::string hex = row.text(Column::hex); !hex.empty()) {
        const auto colour = colour::srgb8FromHex(hex);
        if (!colour) row.fail(Column::hex, hex, "#rrggbb");
        return colour;
    }
    if (!row.has(Column::L)) return std::nullopt;
    colour::Lab lab{-1, 1000, 1000};
    row.number(Column::L, 0, 100, lab.L);
    row.number(Column::a, -160, 160, lab.a);
    row.number(Column::b, -160, 160, lab.b);
    if (row.problem) return std::nullopt;
    if (lab.a == 1000) row.fail(Column::a, "", "-160 to 160");
    if (lab.b == 1000) row.fail(Column::b, "", "-160 to 160");
    return colour::srgb8FromSrgb(colour::srgbFromLab(lab));
}

/// "full", "half", "stub", "used-up", or the share that is left.
void readStock(TableRowReader& row, materials::Owned& owned) {
    const std::string field = row.text(Column::stock);
    if (field.empty()) return;
    if (const auto named = materials::stockNamed(small(field))) {
        owned.stock = *named;
        return;
    }
    const auto left = numberIn(field);
    if (!left || *left < 0 || *left > 1)
        row.fail(Column::stock, field, "full, half, stub, used-up or what is left from 0 to 1");
    else
        materials::setLeft(owned, *left);
}

void readWhat(TableRowReader& row, materials::Material& medium) {
    row.number(Column::hiding, 0.05, 5, medium.hiding);
    row.number(Column::hardness, 0, 1, medium.hardness);
    row.take(Column::lightfastness, medium.lightfastness);
    if (row.has(Column::pigments)) medium.pigments = listOf(row.text(Column::pigments), ";");
    if (row.has(Column::hazard))
        medium.hazards = listOf(row.text(Column::hazard), ",;");
    else if (row.has(Column::pigments))
        medium.hazards = materials::hazardsOf(medium.pigments);  // a list that says nothing is no all-clear
}
void readWhat(TableRowReader& row, materials::Paper& paper) {
    row.word(Column::surface, &materials::surfaceNamed, paper.surface);
    row.word(Column::water, &materials::waterNamed, paper.water);
    row.number(Column::capacity, materials::leastTooth, materials::mostTooth, paper.capacity);
    row.number(Column::grip, materials::leastTooth, materials::mostTooth, paper.grip);
    row.number(Column::sheetWidth, 0, materials::mostSheetMillimetres, paper.sheetWidthMillimetres);
    row.number(Column::sheetHeight, 0, materials::mostSheetMillimetres, paper.sheetHeightMillimetres);
    double sheets = paper.sheets;
    row.number(Column::sheets, 0, materials::mostSheets, sheets);
    paper.sheets = int(sheets);
    row.word(Column::fibres, &materials::fibresNamed, paper.fibres);
    row.take(Column::otherSideOf, paper.otherSideOf);
}
void readWhat(TableRowReader&, materials::Tool&) {}

/// A new thing of a kind that may be any of "soft", "paper", "stump", ...; nothing for another word.
std::optional<decltype(Owned::what)> whatOfKind(const std::string& word) {
    // "soft stick" is a soft one.
    for (const std::string& kind : {word, word.substr(0, word.find(' '))}) {
        if (const auto medium = materials::kindNamed(kind)) {
            materials::Material what;
            what.kind = *medium;
            what.hardness = materials::usualHardness(*medium);
            return what;
        }
        if (kind == "paper") return materials::Paper{};
        if (const auto tool = materials::toolKindNamed(kind)) {
            materials::Tool what;
            what.kind = *tool;
            return what;
        }
    }
    return std::nullopt;
}

/// Where things that are known, and those of the rows before, are found again.
class Known {
 public:
    Known(const std::vector<Owned>& known, bool byId) : known_(known), byId_(byId) {
        for (std::size_t i = 0; i < known.size(); ++i) {
            ids_.emplace(materials::idOf(known[i]), i);
            if (byId) continue;
            if (!known[i].number.empty()) count(numbers_, known[i].number, i);
            count(names_, materials::nameOf(known[i]), i);
        }
    }
    const Owned* find(const TableRowReader& row) const {
        const std::string id = row.text(Column::id);
        if (const auto found = ids_.find(id); found != ids_.end()) return &known_[found->second];
        if (byId_) return nullptr;
        for (const auto& [column, places] : {std::pair{Column::number, &numbers_}, std::pair{Column::name, &names_}})
            if (const std::string field = row.text(column); !field.empty())
                if (const auto found = places->find(field); found != places->end() && found->second != several)
                    return &known_[found->second];
        return nullptr;
    }
    /// An id that nothing has yet, made of a name.
    std::string newId(const std::string& name) {
        const auto isTaken = [this](const std::string& id) { return ids_.contains(id) || taken_.contains(id); };
        return materials::freeId(name, isTaken, tried_[materials::idStem(name)]);
    }
    /// False for an id that a row before has had.
    bool take(const std::string& id) { return taken_.insert(id).second; }

 private:
    static constexpr std::size_t several = std::size_t(-1);
    using Places = std::unordered_map<std::string, std::size_t>;
    static void count(Places& places, const std::string& word, std::size_t i) {
        const auto [place, isFirst] = places.emplace(word, i);
        if (!isFirst) place->second = several;
    }

    const std::vector<Owned>& known_;
    bool byId_;
    Places ids_, numbers_, names_;
    std::unordered_set<std::string> taken_;
    std::unordered_map<std::string, int> tried_;
};

/// What the row's kind says, the known thing where it is of the same class.
std::optional<Owned> begunFrom(TableRowReader& row, const Owned* known, const TableDefaults& defaults) {
    std::string kind = small(row.text(Column::kind));
    if (kind.empty() && known) return *known;
    if (kind.empty()) kind = defaults.kind;
    const auto what = whatOfKind(kind);
    if (!what) {
        row.fail(Column::kind, kind, {});
        return std::nullopt;
    }
    if (!known || known->what.index() != what->index()) return Owned{*what};
    Owned owned = *known;
    if (auto* medium = std::get_if<materials::Material>(&owned.what))
        medium->kind = std::get<materials::Material>(*what).kind;
    if (auto* tool = std::get_if<materials::Tool>(&owned.what)) tool->kind = std::get<materials::Tool>(*what).kind;
    return owned;
}

Owned read(TableRowReader& row, const Owned* found, Known& known, const TableDefaults& defaults) {
    auto begun = begunFrom(row, found, defaults);
    if (!begun) return {};
    Owned& owned = *begun;
    std::string name = materials::nameOf(owned), id = row.text(Column::id);
    row.take(Column::name, name);
    if (found) id = materials::idOf(*found);
    if (id.empty() && name.empty()) row.fail(Column::name, "", "a name");
    if (name.empty()) name = id;
    if (id.empty()) id = known.newId(name);
    if (!known.take(id)) row.fail(Column::id, id, "a name that no other row has");
    std::visit(
        [&](auto& what) {
            what.id = id;
            what.name = name;
            row.take(Column::maker, what.maker);
            readWhat(row, what);
        },
        owned.what);
    if (const auto colour = colourIn(row)) {
        if (colour != materials::colourOf(owned) || !found) {
            materials::setColour(owned, *colour);
            owned.source = defaults.source;
            owned.colourError = 0;
        }
    } else if (!found && !std::holds_alternative<materials::Tool>(owned.what)) {
        row.fail(Column::hex, "", "#rrggbb");
    }
    row.word(Column::source, &materials::colourSourceNamed, owned.source);
    row.take(Column::number, owned.number);
    readStock(row, owned);
    row.take(Column::box, owned.box);
    double slot = owned.slot;
    row.number(Column::slot, 0, 9999, slot);
    owned.slot = int(slot);
    row.take(Column::notes, owned.notes);
    return owned;
}

}  // namespace

std::string_view headingOf(Column column) {
    return headings[std::size_t(column)];
}

std::vector<Column> guessedColumns(const std::vector<std::string>& given) {
    static const std::map<std::string, Column> others{{"type", Column::kind},
                                                      {"medium", Column::kind},
                                                      {"colour", Column::hex},
                                                      {"color", Column::hex},
                                                      {"rgb", Column::hex},
                                                      {"title", Column::name},
                                                      {"colour name", Column::name},
                                                      {"color name", Column::name},
                                                      {"label", Column::number},
                                                      {"no", Column::number},
                                                      {"no.", Column::number},
                                                      {"code", Column::number},
                                                      {"brand", Column::maker},
                                                      {"manufacturer", Column::maker},
                                                      {"made by", Column::maker},
                                                      {"l*", Column::L},
                                                      {"a*", Column::a},
                                                      {"b*", Column::b},
                                                      {"lab_l", Column::L},
                                                      {"lab_a", Column::a},
                                                      {"lab_b", Column::b},
                                                      {"opacity", Column::hiding},
                                                      {"pigment", Column::pigments},
                                                      {"permanence", Column::lightfastness},
                                                      {"hazards", Column::hazard},
                                                      {"tooth", Column::surface},
                                                      {"left", Column::stock},
                                                      {"tray", Column::box},
                                                      {"place", Column::slot},
                                                      {"note", Column::notes},
                                                      {"remarks", Column::notes}};
    std::vector<Column> columns;
    std::unordered_set<int> used{0};
    for (const std::string& heading : given) {
        const std::string word = small(trimmed(heading));
        Column column = Column::none;
        for (int c = 1; c < columnCount; ++c)
            if (word == small(std::string(headings[std::size_t(c)]))) column = Column(c);
        if (const auto other = others.find(word); column == Column::none && other != others.end())
            column = other->second;
        columns.push_back(used.insert(int(column)).second ? column : Column::none);
    }
    return columns;
}

common::Result<TableThings> thingsFrom(const Table& table, const std::vector<Column>& columns,
                                       const std::vector<Owned>& known, const TableDefaults& defaults,
                                       const common::Progress& progress) {
    std::array<int, columnCount> places;
    places.fill(-1);
    for (std::size_t i = 0; i < columns.size(); ++i) places[std::size_t(columns[i])] = int(i);
    const auto stands = [&](Column column) { return places[std::size_t(column)] >= 0; };
    if (!stands(Column::name) && !stands(Column::id) && !stands(Column::number))
        return Problem{ProblemKind::columnMissing, table.name, 0, "name"};
    if (known.empty() && !stands(Column::hex) && !(stands(Column::L) && stands(Column::a) && stands(Column::b)))
        return Problem{ProblemKind::columnMissing, table.name, 0, "hex"};

    TableThings found;
    found.things.reserve(table.rows.size());
    Known before(known, stands(Column::id));
    for (std::size_t i = 0; i < table.rows.size(); ++i) {
        if (i % 1024 == 0) {
            if (progress.cancelled()) return Problem{ProblemKind::cancelled, table.name};
            progress.at(double(i) / double(table.rows.size()));
        }
        TableRowReader row(places, table.rows[i], table.name);
        const Owned* there = before.find(row);
        Owned owned = read(row, there, before, defaults);
        if (row.problem) {
            found.bad.push_back(*row.problem);
            continue;
        }
        found.known += there != nullptr;
        found.things.push_back(std::move(owned));
    }
    found.bad.insert(found.bad.end(), table.bad.begin(), table.bad.end());
    std::ranges::stable_sort(found.bad, {}, &Problem::row);
    return found;
}

}  // namespace storage

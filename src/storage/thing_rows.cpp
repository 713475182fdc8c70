#include "storage/thing_rows.h"

#include <QStringList>

#include "materials/names.h"
#include "storage/text.h"

namespace storage {

using materials::Owned;

namespace {

QString joined(const std::vector<std::string>& list) {
    QStringList parts;
    for (const std::string& part : list) parts << text(part);
    return parts.join(QStringLiteral("; "));
}

std::vector<std::string> parted(const QString& list) {
    std::vector<std::string> parts;
    for (const QString& part : list.split(QStringLiteral("; "), Qt::SkipEmptyParts))
        parts.push_back(part.toStdString());
    return parts;
}

constexpr std::array<std::string_view, thingColumnCount> columnNames{
    "id",          "class",        "kind",     "maker",         "name",          "number",      "hex",      "source",
    "hiding",      "hardness",     "pigments", "lightfastness", "hazards",       "surface",     "water",    "stock",
    "box",         "slot",         "notes",    "colour_error",  "hiding_error",  "photographs", "capacity", "grip",
    "sheet_width", "sheet_height", "sheets",   "fibres",        "other_side_of", "lost"};

/// The place of a column; a name that is none does not compile.
consteval int column(std::string_view name) {
    for (std::size_t i = 0; i < columnNames.size(); ++i)
        if (columnNames[i] == name) return int(i);
    throw "no such column";
}

/// A thing as it is read, out of a query for all columns in their order.
class RowReader {
 public:
    explicit RowReader(const QSqlQuery& query) : query_(query) {}

    std::string string(int column) const { return query_.value(column).toString().toStdString(); }
    std::vector<std::string> list(int column) const { return parted(query_.value(column).toString()); }
    double number(int column, double least, double most) {
        const double value = query_.value(column).toDouble();
        if (value >= least && value <= most) return value;
        good = false;
        return least;
    }
    template <typename Enum>
    Enum word(int column, std::optional<Enum> (*named)(std::string_view)) {
        const auto value = named(string(column));
        good = good && value.has_value();
        return value.value_or(Enum{});
    }
    colour::Srgb8 hex() {
        const auto colour = colour::srgb8FromHex(string(column("hex")));
        good = good && colour.has_value();
        return colour.value_or(colour::Srgb8{});
    }

    bool good = true;

 private:
    const QSqlQuery& query_;
};

void write(ThingRow& row, const materials::Material& medium) {
    row[column("class")] = "medium";
    row[column("kind")] = text(materials::nameOf(medium.kind));
    row[column("hex")] = text(colour::hexFromSrgb8(medium.masstone));
    row[column("hiding")] = medium.hiding;
    row[column("hardness")] = medium.hardness;
    row[column("pigments")] = joined(medium.pigments);
    row[column("lightfastness")] = text(medium.lightfastness);
    row[column("hazards")] = joined(medium.hazards);
}

void write(ThingRow& row, const materials::Paper& paper) {
    row[column("class")] = "paper";
    row[column("kind")] = "paper";
    row[column("hex")] = text(colour::hexFromSrgb8(paper.tone));
    row[column("surface")] = text(materials::nameOf(paper.surface));
    row[column("water")] = text(materials::nameOf(paper.water));
    row[column("capacity")] = paper.capacity;
    row[column("grip")] = paper.grip;
    row[column("sheet_width")] = paper.sheetWidthMillimetres;
    row[column("sheet_height")] = paper.sheetHeightMillimetres;
    row[column("sheets")] = paper.sheets;
    row[column("fibres")] = text(materials::nameOf(paper.fibres));
    row[column("other_side_of")] = text(paper.otherSideOf);
}

void write(ThingRow& row, const materials::Tool& tool) {
    row[column("class")] = "tool";
    row[column("kind")] = text(materials::nameOf(tool.kind));
}

}  // namespace

ThingRow rowOf(const Owned& owned) {
    ThingRow row;
    std::visit(
        [&](const auto& what) {
            row[column("id")] = text(what.id);
            row[column("maker")] = text(what.maker);
            row[column("name")] = text(what.name);
            write(row, what);
        },
        owned.what);
    row[column("number")] = text(owned.number);
    row[column("source")] = text(materials::nameOf(owned.source));
    row[column("colour_error")] = owned.colourError;
    row[column("hiding_error")] = owned.hidingError;
    row[column("photographs")] = joined(owned.photographs);
    row[column("stock")] = text(materials::nameOf(owned.stock));
    row[column("lost")] = owned.lost;
    row[column("box")] = text(owned.box);
    row[column("slot")] = owned.slot;
    row[column("notes")] = text(owned.notes);
    return row;
}

std::optional<Owned> thingIn(const QSqlQuery& query) {
    RowReader row(query);
    Owned owned;
    const std::string id = row.string(column("id")), maker = row.string(column("maker")),
                      name = row.string(column("name"));
    const std::string what = row.string(column("class"));
    if (what == "medium")
        owned.what = materials::Material{id,
                                         maker,
                                         name,
                                         row.word(column("kind"), &materials::kindNamed),
                                         row.hex(),
                                         row.number(column("hiding"), 0.05, 5),
                                         row.number(column("hardness"), 0, 1),
                                         row.list(column("pigments")),
                                         row.string(column("lightfastness")),
                                         row.list(column("hazards"))};
    else if (what == "paper")
        owned.what = materials::Paper{id,
                                      maker,
                                      name,
                                      row.word(column("surface"), &materials::surfaceNamed),
                                      row.hex(),
                                      row.word(column("water"), &materials::waterNamed),
                                      row.number(column("capacity"), materials::leastTooth, materials::mostTooth),
                                      row.number(column("grip"), materials::leastTooth, materials::mostTooth),
                                      row.number(column("sheet_width"), 0, materials::mostSheetMillimetres),
                                      row.number(column("sheet_height"), 0, materials::mostSheetMillimetres),
                                      int(row.number(column("sheets"), 0, materials::mostSheets)),
                                      row.word(column("fibres"), &materials::fibresNamed),
                                      row.string(column("other_side_of"))};
    else
        owned.what = materials::Tool{id, maker, name, row.word(column("kind"), &materials::toolKindNamed)};
    owned.number = row.string(column("number"));
    owned.source = row.word(column("source"), &materials::colourSourceNamed);
    owned.colourError = row.number(column("colour_error"), 0, 1000);
    owned.hidingError = row.number(column("hiding_error"), 0, 1000);
    owned.photographs = row.list(column("photographs"));
    owned.stock = row.word(column("stock"), &materials::stockNamed);
    owned.lost = row.number(column("lost"), -1, 1);
    owned.box = row.string(column("box"));
    owned.slot = int(row.number(column("slot"), 0, 9999));
    owned.notes = row.string(column("notes"));
    if (!row.good) return std::nullopt;
    return owned;
}

const QString& thingColumns() {
    static const QString all = [] {
        QStringList names;
        for (const std::string_view name : columnNames) names << text(name);
        return names.join(QStringLiteral(", "));
    }();
    return all;
}

std::string idIn(const QSqlQuery& query) {
    return query.value(column("id")).toString().toStdString();
}

}  // namespace storage

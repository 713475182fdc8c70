#include "storage/materials_json.h"

#include <QJsonDocument>

#include "materials/names.h"
#include "storage/json_reader.h"

namespace storage {

using common::Problem;
using common::ProblemKind;

namespace {

QJsonObject jsonOf(const materials::Material& m) {
    return {{"id", text(m.id)},
            {"maker", text(m.maker)},
            {"name", text(m.name)},
            {"kind", text(materials::nameOf(m.kind))},
            {"hex", text(colour::hexFromSrgb8(m.masstone))},
            {"hiding", m.hiding},
            {"hardness", m.hardness},
            {"pigments", arrayOf(m.pigments)},
            {"lightfastness", text(m.lightfastness)},
            {"hazards", arrayOf(m.hazards)}};
}

QJsonObject jsonOf(const materials::Paper& p) {
    return {{"id", text(p.id)},
            {"maker", text(p.maker)},
            {"name", text(p.name)},
            {"surface", text(materials::nameOf(p.surface))},
            {"hex", text(colour::hexFromSrgb8(p.tone))},
            {"water", text(materials::nameOf(p.water))},
            {"capacity", p.capacity},
            {"grip", p.grip},
            {"sheetWidthMillimetres", p.sheetWidthMillimetres},
            {"sheetHeightMillimetres", p.sheetHeightMillimetres},
            {"sheets", p.sheets},
            {"fibres", text(materials::nameOf(p.fibres))},
            {"otherSideOf", text(p.otherSideOf)}};
}

QJsonObject jsonOf(const materials::Tool& t) {
    return {{"id", text(t.id)},
            {"maker", text(t.maker)},
            {"name", text(t.name)},
            {"kind", text(materials::nameOf(t.kind))}};
}

materials::Material mediumFrom(Reader& reader) {
    return {reader.string("id"),
            reader.string("maker"),
            reader.string("name"),
            reader.word("kind", &materials::kindNamed),
            reader.hex("hex"),
            reader.number("hiding", 0.05, 5),
            reader.number("hardness", 0, 1),
            reader.list("pigments"),
            reader.string("lightfastness"),
            reader.list("hazards")};
}

materials::Paper paperFrom(Reader& reader) {
    materials::Paper paper{reader.string("id"),   reader.string("maker"),
                           reader.string("name"), reader.word("surface", &materials::surfaceNamed),
                           reader.hex("hex"),     reader.word("water", &materials::waterNamed)};
    // Files of before they were kept do not have these.
    if (reader.has("capacity")) paper.capacity = reader.number("capacity", materials::leastTooth, materials::mostTooth);
    if (reader.has("grip")) paper.grip = reader.number("grip", materials::leastTooth, materials::mostTooth);
    if (reader.has("sheetWidthMillimetres")) {
        paper.sheetWidthMillimetres = reader.number("sheetWidthMillimetres", 0, materials::mostSheetMillimetres);
        paper.sheetHeightMillimetres = reader.number("sheetHeightMillimetres", 0, materials::mostSheetMillimetres);
        paper.sheets = int(reader.number("sheets", 0, materials::mostSheets));
        paper.fibres = reader.word("fibres", &materials::fibresNamed);
    }
    paper.otherSideOf = reader.string("otherSideOf");
    return paper;
}

materials::Tool toolFrom(Reader& reader) {
    return {reader.string("id"), reader.string("maker"), reader.string("name"),
            reader.word("kind", &materials::toolKindNamed)};
}

/// Fills a list from a JSON array, one after the other.
template <typename Thing>
std::optional<Problem> readAll(const QJsonValue& array, const std::string& name, Thing (*from)(Reader&),
                               std::vector<Thing>& into) {
    for (const QJsonValue& value : array.toArray()) {
        const QJsonObject json = value.toObject();
        Reader reader(json, name);
        into.push_back(from(reader));
        if (reader.problem) return reader.problem;
    }
    return std::nullopt;
}

}  // namespace

QJsonObject jsonOf(const materials::OwnMixture& mixture) {
    QJsonArray strokes;
    for (const materials::MixtureStroke& stroke : mixture.strokes)
        strokes.append(QJsonObject{{"stick", text(stroke.stick)},
                                   {"manner", text(materials::nameOf(stroke.manner))},
                                   {"pressure", double(stroke.pressure.value)}});
    return {{"name", text(mixture.name)}, {"paper", text(mixture.paper)}, {"strokes", strokes}};
}

common::Result<materials::OwnMixture> mixtureFrom(const QJsonObject& json, const std::string& name) {
    Reader reader(json, name);
    materials::OwnMixture mixture{reader.string("name"), reader.string("paper"), {}};
    for (const QJsonValue& value : json["strokes"].toArray()) {
        const QJsonObject of = value.toObject();
        Reader stroke(of, name);
        mixture.strokes.push_back({stroke.string("stick"), stroke.word("manner", &materials::mannerNamed),
                                   materials::Pressure{float(stroke.number("pressure", 0, 3))}});
        if (stroke.problem) return *stroke.problem;
    }
    if (mixture.name.empty()) reader.fail("name");
    if (mixture.strokes.empty() || mixture.strokes.size() > materials::mostMixtureStrokes) reader.fail("strokes");
    if (reader.problem) return *reader.problem;
    return mixture;
}

QString mixtureText(const materials::OwnMixture& mixture) {
    return QString::fromUtf8(QJsonDocument(jsonOf(mixture)).toJson(QJsonDocument::Compact));
}

std::optional<materials::OwnMixture> mixtureIn(const QString& text) {
    auto mixture = mixtureFrom(QJsonDocument::fromJson(text.toUtf8()).object(), {});
    if (!mixture) return std::nullopt;
    return *std::move(mixture);
}

QJsonObject jsonOf(const materials::Library& library) {
    QJsonArray media, papers, papersToBuy, mixtures;
    for (const materials::OwnMixture& mixture : library.mixtures) mixtures.append(jsonOf(mixture));
    for (const materials::Material& medium : library.media) media.append(jsonOf(medium));
    for (const materials::Paper& paper : library.papers) papers.append(jsonOf(paper));
    for (const materials::Paper& paper : library.papersToBuy) papersToBuy.append(jsonOf(paper));
    return {{"format", "yawning-dune-materials"}, {"version", 1},        {"media", media}, {"papers", papers},
            {"papersToBuy", papersToBuy},         {"mixtures", mixtures}};
}

common::Result<materials::Library> libraryFrom(const QJsonObject& json, const std::string& name) {
    if (json["format"].toString() != "yawning-dune-materials")
        return Problem{ProblemKind::duneDamaged, name, 0, "format"};
    const auto version = versionIn(json);
    if (!version) return Problem{ProblemKind::duneDamaged, name, 0, "version"};
    if (*version > 1) return Problem{ProblemKind::duneNewer, name};
    materials::Library library;
    if (auto problem = readAll(json["media"], name, &mediumFrom, library.media)) return *problem;
    if (auto problem = readAll(json["papers"], name, &paperFrom, library.papers)) return *problem;
    if (auto problem = readAll(json["papersToBuy"], name, &paperFrom, library.papersToBuy)) return *problem;
    for (const QJsonValue& value : json["mixtures"].toArray()) {
        auto mixture = mixtureFrom(value.toObject(), name);
        if (!mixture) return mixture.problem();
        library.mixtures.push_back(*std::move(mixture));
    }
    return library;
}

QJsonObject jsonOf(const materials::Owned& owned) {
    QJsonObject json = std::visit([](const auto& what) { return jsonOf(what); }, owned.what);
    static const char* classes[] = {"medium", "paper", "tool"};
    json["class"] = classes[owned.what.index()];
    json["number"] = text(owned.number);
    json["source"] = text(materials::nameOf(owned.source));
    json["colourError"] = owned.colourError;
    json["hidingError"] = owned.hidingError;
    json["stock"] = text(materials::nameOf(owned.stock));
    if (owned.lost != 0) json["lost"] = owned.lost;
    json["box"] = text(owned.box);
    json["slot"] = owned.slot;
    json["notes"] = text(owned.notes);
    json["photographs"] = arrayOf(owned.photographs);
    return json;
}

common::Result<materials::Owned> ownedFrom(const QJsonObject& json, const std::string& name) {
    Reader reader(json, name);
    materials::Owned owned;
    const std::string what = reader.string("class");
    if (what == "medium")
        owned.what = mediumFrom(reader);
    else if (what == "paper")
        owned.what = paperFrom(reader);
    else if (what == "tool")
        owned.what = toolFrom(reader);
    else
        reader.fail("class");
    if (materials::idOf(owned).empty()) reader.fail("id");
    owned.number = reader.string("number");
    owned.source = reader.word("source", &materials::colourSourceNamed);
    owned.colourError = reader.number("colourError", 0, 1000);
    owned.hidingError = reader.number("hidingError", 0, 1000);
    owned.stock = reader.word("stock", &materials::stockNamed);
    if (reader.has("lost")) owned.lost = reader.number("lost", -1, 1);
    owned.box = reader.string("box");
    owned.slot = int(reader.number("slot", 0, 9999));
    owned.notes = reader.string("notes");
    owned.photographs = reader.list("photographs");
    if (reader.problem) return *reader.problem;
    return owned;
}

}  // namespace storage

#include "storage/study_json.h"

#include <QJsonArray>

#include "materials/names.h"

namespace storage {

using common::Problem;
using common::ProblemKind;

namespace {

QString text(std::string_view s) {
    return QString::fromUtf8(s.data(), qsizetype(s.size()));
}

std::string stringIn(const QJsonObject& json, const char* key) {
    return json[QLatin1String(key)].toString().toStdString();
}

QJsonArray arrayOf(const std::vector<std::string>& list) {
    QJsonArray array;
    for (const std::string& s : list) array.append(text(s));
    return array;
}

std::vector<std::string> listIn(const QJsonObject& json, const char* key) {
    std::vector<std::string> list;
    for (const QJsonValue& value : json[QLatin1String(key)].toArray()) list.push_back(value.toString().toStdString());
    return list;
}

/// Reads fields and remembers the first that will not do.
class Reader {
 public:
    Reader(const QJsonObject& json, const std::string& name) : json_(json), name_(name) {}

    double number(const char* key, const planning::Bounds& bounds) {
        const QJsonValue value = json_[QLatin1String(key)];
        const double v = value.toDouble();
        if (!value.isDouble() || !bounds.holds(v)) fail(key);
        return v;
    }
    template <typename Enum>
    Enum word(const char* key, std::optional<Enum> (*named)(std::string_view)) {
        const auto value = named(stringIn(json_, key));
        if (!value) fail(key);
        return value.value_or(Enum{});
    }
    colour::Srgb8 hex(const char* key) {
        const auto value = colour::srgb8FromHex(stringIn(json_, key));
        if (!value) fail(key);
        return value.value_or(colour::Srgb8{});
    }
    void fail(const char* key) {
        if (!problem) problem = Problem{ProblemKind::duneDamaged, name_, 0, key};
    }

    std::optional<Problem> problem;

 private:
    const QJsonObject& json_;
    const std::string& name_;
};

}  // namespace

QJsonObject jsonOf(const planning::Study& study) {
    QJsonArray names;
    for (const planning::AreaName& name : study.areaNames)
        names.append(QJsonObject{{"x", name.x}, {"y", name.y}, {"name", text(name.name)}});
    return {{"format", "yawning-dune-study"},
            {"version", 1},
            {"title", text(study.title)},
            {"reference", text(study.reference ? study.reference->name : "")},
            {"widthMillimetres", study.widthMillimetres},
            {"heightMillimetres", study.heightMillimetres},
            {"areas", study.areas},
            {"valueLevels", study.valueLevels},
            {"squint", study.squint},
            {"paper", text(study.paper)},
            {"stickLimit", study.stickLimit},
            {"strokes", study.strokes},
            {"school", text(planning::nameOf(study.school))},
            {"ground", text(planning::nameOf(study.ground))},
            {"light", text(colour::nameOf(study.light))},
            {"areaNames", names}};
}

common::Result<planning::Study> studyFrom(const QJsonObject& json, const std::string& name) {
    if (json["format"].toString() != "yawning-dune-study") return Problem{ProblemKind::duneDamaged, name, 0, "format"};
    if (json["version"].toInt() > 1) return Problem{ProblemKind::duneNewer, name};
    Reader reader(json, name);
    planning::Study study;
    study.title = stringIn(json, "title");
    study.widthMillimetres = reader.number("widthMillimetres", planning::sheetBounds);
    study.heightMillimetres = reader.number("heightMillimetres", planning::sheetBounds);
    study.areas = int(reader.number("areas", planning::areaBounds));
    study.valueLevels = int(reader.number("valueLevels", planning::levelBounds));
    study.squint = reader.number("squint", {0, 1});
    study.paper = stringIn(json, "paper");
    study.stickLimit = int(reader.number("stickLimit", planning::stickBounds));
    study.strokes = int(reader.number("strokes", planning::strokeBounds));
    study.school = reader.word("school", &planning::schoolNamed);
    study.ground = reader.word("ground", &planning::groundNamed);
    // Studies from before there was a choice were planned for daylight.
    if (json.contains("light")) study.light = reader.word("light", &colour::lightNamed);
    for (const QJsonValue& value : json["areaNames"].toArray()) {
        const QJsonObject area = value.toObject();
        Reader point(area, name);
        study.areaNames.push_back({point.number("x", {0, 1}), point.number("y", {0, 1}), stringIn(area, "name")});
        if (point.problem) return *point.problem;
    }
    if (reader.problem) return *reader.problem;
    return study;
}

QJsonObject jsonOf(const materials::Library& library) {
    QJsonArray media, papers;
    for (const materials::Material& m : library.media)
        media.append(QJsonObject{{"id", text(m.id)},
                                 {"maker", text(m.maker)},
                                 {"name", text(m.name)},
                                 {"kind", text(materials::nameOf(m.kind))},
                                 {"hex", text(colour::hexFromSrgb8(m.masstone))},
                                 {"hiding", m.hiding},
                                 {"hardness", m.hardness},
                                 {"pigments", arrayOf(m.pigments)},
                                 {"lightfastness", text(m.lightfastness)},
                                 {"hazards", arrayOf(m.hazards)}});
    for (const materials::Paper& p : library.papers)
        papers.append(QJsonObject{{"id", text(p.id)},
                                  {"maker", text(p.maker)},
                                  {"name", text(p.name)},
                                  {"surface", text(materials::nameOf(p.surface))},
                                  {"hex", text(colour::hexFromSrgb8(p.tone))},
                                  {"water", text(materials::nameOf(p.water))}});
    return {{"format", "yawning-dune-materials"}, {"version", 1}, {"media", media}, {"papers", papers}};
}

common::Result<materials::Library> libraryFrom(const QJsonObject& json, const std::string& name) {
    if (json["format"].toString() != "yawning-dune-materials")
        return Problem{ProblemKind::duneDamaged, name, 0, "format"};
    materials::Library library;
    for (const QJsonValue& value : json["media"].toArray()) {
        const QJsonObject m = value.toObject();
        Reader reader(m, name);
        library.media.push_back({stringIn(m, "id"), stringIn(m, "maker"), stringIn(m, "name"),
                                 reader.word("kind", &materials::kindNamed), reader.hex("hex"),
                                 reader.number("hiding", {0.05, 5}), reader.number("hardness", {0, 1}),
                                 listIn(m, "pigments"), stringIn(m, "lightfastness"), listIn(m, "hazards")});
        if (reader.problem) return *reader.problem;
    }
    for (const QJsonValue& value : json["papers"].toArray()) {
        const QJsonObject p = value.toObject();
        Reader reader(p, name);
        library.papers.push_back({stringIn(p, "id"), stringIn(p, "maker"), stringIn(p, "name"),
                                  reader.word("surface", &materials::surfaceNamed), reader.hex("hex"),
                                  reader.word("water", &materials::waterNamed)});
        if (reader.problem) return *reader.problem;
    }
    return library;
}

}  // namespace storage

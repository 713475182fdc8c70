#include "storage/study_json.h"

#include <cmath>

#include "storage/json_reader.h"

namespace storage {

using common::Problem;
using common::ProblemKind;

namespace {

QJsonArray jsonOf(const subject::Line& line) {
    return {line.from.x, line.from.y, line.to.x, line.to.y};
}

QJsonArray jsonOf(const std::vector<subject::Line>& lines) {
    QJsonArray array;
    for (const subject::Line& line : lines) array.append(jsonOf(line));
    return array;
}

QJsonObject jsonOf(const subject::ColourChoice& choice) {
    return {{"chroma", choice.chroma},
            {"contrast", choice.contrast},
            {"lighter", choice.lighter},
            {"warmer", choice.warmer}};
}

QJsonArray jsonOf(const std::vector<subject::AreaEdit>& all) {
    QJsonArray edits;
    for (const subject::AreaEdit& edit : all) {
        QJsonArray scribbles;
        for (const subject::Scribble& scribble : edit.scribbles) {
            QJsonArray places;
            for (const subject::Place& place : scribble) places.append(QJsonArray{place.x, place.y});
            scribbles.append(places);
        }
        edits.append(QJsonObject{{"edit", text(subject::nameOf(edit.kind))}, {"scribbles", scribbles}});
    }
    return edits;
}

QJsonArray jsonOf(const std::vector<planning::AreaName>& all) {
    QJsonArray names;
    for (const planning::AreaName& name : all) {
        QJsonObject area{{"x", name.x}, {"y", name.y}, {"name", text(name.name)}, {"focal", name.focal}};
        if (name.plane) area["plane"] = text(subject::nameOf(*name.plane));
        if (name.kind != subject::AreaKind::other) area["kind"] = text(subject::nameOf(name.kind));
        if (name.colour != subject::ColourChoice{}) area["colour"] = jsonOf(name.colour);
        if (name.borrowed)
            area["borrowed"] = QJsonObject{{"picture", name.borrowed->picture}, {"part", jsonOf(name.borrowed->part)}};
        names.append(area);
    }
    return names;
}

/// Places may lie outside the frame, but not without end.
constexpr double farthest = 100;

std::optional<subject::Place> placeFrom(const QJsonArray& json, qsizetype at) {
    const subject::Place place(json[at].toDouble(farthest + 1), json[at + 1].toDouble(farthest + 1));
    if (std::fabs(place.x) > farthest || std::fabs(place.y) > farthest) return std::nullopt;
    return place;
}

std::optional<subject::Line> lineFrom(const QJsonValue& json) {
    const QJsonArray numbers = json.toArray();
    const auto from = placeFrom(numbers, 0), to = placeFrom(numbers, 2);
    if (numbers.size() != 4 || !from || !to) return std::nullopt;
    return subject::Line{*from, *to};
}

std::vector<subject::Line> linesFrom(const QJsonObject& json, const char* key, Reader& reader) {
    std::vector<subject::Line> lines;
    for (const QJsonValue& value : json[QLatin1String(key)].toArray()) {
        const auto line = lineFrom(value);
        if (!line) reader.fail(key);
        lines.push_back(line.value_or(subject::Line{}));
    }
    return lines;
}

subject::ColourChoice choiceFrom(const QJsonObject& json, Reader& whole, const std::string& name) {
    using namespace planning;
    Reader reader(json, name);
    const subject::ColourChoice choice{reader.number("chroma", factorBounds.least, factorBounds.most),
                                       reader.number("contrast", factorBounds.least, factorBounds.most),
                                       reader.number("lighter", lighterBounds.least, lighterBounds.most),
                                       reader.number("warmer", warmerBounds.least, warmerBounds.most)};
    if (reader.problem && !whole.problem) whole.problem = reader.problem;
    return choice;
}

subject::AreaEdit editFrom(const QJsonObject& json, Reader& reader) {
    subject::AreaEdit edit{reader.word("edit", &subject::areaEditNamed), {}};
    // Older studies have two places.
    if (!json.contains("scribbles")) {
        edit.scribbles = {{{reader.number("fromX", 0, 1), reader.number("fromY", 0, 1)}},
                          {{reader.number("toX", 0, 1), reader.number("toY", 0, 1)}}};
        return edit;
    }
    for (const QJsonValue& value : json["scribbles"].toArray()) {
        subject::Scribble& scribble = edit.scribbles.emplace_back();
        for (const QJsonValue& numbers : value.toArray()) {
            const auto place = placeFrom(numbers.toArray(), 0);
            if (!place) reader.fail("scribbles");
            scribble.push_back(place.value_or(subject::Place{}));
        }
    }
    return edit;
}

planning::AreaName areaNameFrom(const QJsonObject& json, Reader& reader, const std::string& name) {
    planning::AreaName told{reader.number("x", 0, 1), reader.number("y", 0, 1), stringIn(json, "name")};
    if (json.contains("plane")) told.plane = reader.word("plane", &subject::planeNamed);
    told.focal = json["focal"].toBool();
    if (json.contains("kind")) told.kind = reader.word("kind", &subject::areaKindNamed);
    if (json.contains("colour")) told.colour = choiceFrom(json["colour"].toObject(), reader, name);
    if (json.contains("borrowed")) {
        const QJsonObject borrowed = json["borrowed"].toObject();
        const auto part = lineFrom(borrowed["part"]);
        if (!part) reader.fail("borrowed");
        told.borrowed = planning::Borrowing{borrowed["picture"].toInt(-1), part.value_or(subject::Line{})};
    }
    return told;
}

}  // namespace

QJsonObject jsonOf(const planning::Study& study) {
    QJsonArray others, thresholds;
    for (const auto& other : study.others) others.append(text(other->name));
    for (const double value : study.thresholds) thresholds.append(value);
    QJsonObject frame{{"centreX", study.frame.centreX},
                      {"centreY", study.frame.centreY},
                      {"width", study.frame.width},
                      {"degrees", study.frame.degrees}};
    if (const auto& grey = study.frame.grey) frame["grey"] = QJsonArray{grey->x, grey->y, grey->z};
    return {{"format", "yawning-dune-study"},
            {"version", 1},
            {"title", text(study.title)},
            {"reference", text(study.reference ? study.reference->name : "")},
            {"others", others},
            {"widthMillimetres", study.widthMillimetres},
            {"heightMillimetres", study.heightMillimetres},
            {"frame", frame},
            {"areas", study.areas},
            {"valueLevels", study.valueLevels},
            {"thresholds", thresholds},
            {"squint", study.squint},
            {"colour", jsonOf(study.colour)},
            {"paper", text(study.paper)},
            {"tray", text(study.tray)},
            {"stickLimit", study.stickLimit},
            {"strokes", study.strokes},
            {"school", text(planning::nameOf(study.school))},
            {"ground", text(planning::nameOf(study.ground))},
            {"light", text(colour::nameOf(study.light))},
            {"areaEdits", jsonOf(study.areaEdits)},
            {"areaNames", jsonOf(study.areaNames)},
            {"pairs", jsonOf(study.pairs)},
            {"directions", jsonOf(study.directions)},
            {"measures", jsonOf(study.measures)},
            {"unit", study.unit}};
}

common::Result<planning::Study> studyFrom(const QJsonObject& json, const std::string& name) {
    if (json["format"].toString() != "yawning-dune-study") return Problem{ProblemKind::duneDamaged, name, 0, "format"};
    if (json["version"].toInt() > 1) return Problem{ProblemKind::duneNewer, name};
    Reader reader(json, name);
    planning::Study study;
    study.title = stringIn(json, "title");
    study.widthMillimetres = reader.number("widthMillimetres", planning::sheetBounds.least, planning::sheetBounds.most);
    study.heightMillimetres =
        reader.number("heightMillimetres", planning::sheetBounds.least, planning::sheetBounds.most);
    study.areas = int(reader.number("areas", planning::areaBounds.least, planning::areaBounds.most));
    study.valueLevels = int(reader.number("valueLevels", planning::levelBounds.least, planning::levelBounds.most));
    study.squint = reader.number("squint", 0, 1);
    study.paper = stringIn(json, "paper");
    study.tray = stringIn(json, "tray");
    study.stickLimit = int(reader.number("stickLimit", planning::stickBounds.least, planning::stickBounds.most));
    study.strokes = int(reader.number("strokes", planning::strokeBounds.least, planning::strokeBounds.most));
    study.school = reader.word("school", &planning::schoolNamed);
    study.ground = reader.word("ground", &planning::groundNamed);
    // Studies from before there was a choice were planned for daylight.
    if (json.contains("light")) study.light = reader.word("light", &colour::lightNamed);
    // Studies from before frames show the middle of the reference.
    if (json.contains("frame")) {
        const QJsonObject frame = json["frame"].toObject();
        Reader part(frame, name);
        study.frame = {part.number("centreX", 0, 1), part.number("centreY", 0, 1), part.number("width", 0, 1),
                       part.number("degrees", planning::turnBounds.least, planning::turnBounds.most)};
        const QJsonArray grey = frame["grey"].toArray();
        if (frame.contains("grey"))
            study.frame.grey = colour::Xyz{grey[0].toDouble(), grey[1].toDouble(), grey[2].toDouble()};
        if (study.frame.grey && !(grey.size() == 3 && study.frame.grey->y > 0)) part.fail("grey");
        if (part.problem) return *part.problem;
    }
    const qsizetype others = json["others"].toArray().size();
    if (others > qsizetype(planning::mostOthers)) reader.fail("others");
    for (const QJsonValue& value : json["areaNames"].toArray()) {
        const QJsonObject area = value.toObject();
        Reader part(area, name);
        study.areaNames.push_back(areaNameFrom(area, part, name));
        if (const auto& borrowed = study.areaNames.back().borrowed)
            if (borrowed->picture < 0 || borrowed->picture >= others) part.fail("borrowed");
        if (part.problem) return *part.problem;
    }
    for (const QJsonValue& value : json["areaEdits"].toArray()) {
        const QJsonObject edit = value.toObject();
        Reader part(edit, name);
        study.areaEdits.push_back(editFrom(edit, part));
        if (part.problem) return *part.problem;
    }
    double least = planning::thresholdBounds.least;
    for (const QJsonValue& value : json["thresholds"].toArray()) {
        const double threshold = value.toDouble(-1);
        if (threshold < least || threshold > planning::thresholdBounds.most) reader.fail("thresholds");
        study.thresholds.push_back(least = threshold);
    }
    if (double(study.thresholds.size()) >= planning::levelBounds.most) reader.fail("thresholds");
    if (json.contains("colour")) study.colour = choiceFrom(json["colour"].toObject(), reader, name);
    study.pairs = linesFrom(json, "pairs", reader);
    study.directions = linesFrom(json, "directions", reader);
    study.measures = linesFrom(json, "measures", reader);
    study.unit = json["unit"].toInt(-1);
    if (study.unit >= int(study.measures.size())) reader.fail("unit");
    if (reader.problem) return *reader.problem;
    return study;
}

}  // namespace storage

#include "storage/study_json.h"

#include "storage/json_reader.h"

namespace storage {

using common::Problem;
using common::ProblemKind;

QJsonObject jsonOf(const planning::Study& study) {
    QJsonArray names;
    for (const planning::AreaName& name : study.areaNames) {
        QJsonObject area{{"x", name.x}, {"y", name.y}, {"name", text(name.name)}, {"focal", name.focal}};
        if (name.plane) area["plane"] = text(subject::nameOf(*name.plane));
        names.append(area);
    }
    QJsonArray edits;
    for (const subject::AreaEdit& edit : study.areaEdits)
        edits.append(QJsonObject{{"edit", text(subject::nameOf(edit.kind))},
                                 {"fromX", edit.fromX},
                                 {"fromY", edit.fromY},
                                 {"toX", edit.toX},
                                 {"toY", edit.toY}});
    QJsonObject frame{{"centreX", study.frame.centreX},
                      {"centreY", study.frame.centreY},
                      {"width", study.frame.width},
                      {"degrees", study.frame.degrees}};
    if (const auto& grey = study.frame.grey) frame["grey"] = QJsonArray{grey->x, grey->y, grey->z};
    return {{"format", "yawning-dune-study"},
            {"version", 1},
            {"title", text(study.title)},
            {"reference", text(study.reference ? study.reference->name : "")},
            {"widthMillimetres", study.widthMillimetres},
            {"heightMillimetres", study.heightMillimetres},
            {"frame", frame},
            {"areas", study.areas},
            {"valueLevels", study.valueLevels},
            {"squint", study.squint},
            {"paper", text(study.paper)},
            {"tray", text(study.tray)},
            {"stickLimit", study.stickLimit},
            {"strokes", study.strokes},
            {"school", text(planning::nameOf(study.school))},
            {"ground", text(planning::nameOf(study.ground))},
            {"light", text(colour::nameOf(study.light))},
            {"areaEdits", edits},
            {"areaNames", names}};
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
    for (const QJsonValue& value : json["areaNames"].toArray()) {
        const QJsonObject area = value.toObject();
        Reader point(area, name);
        planning::AreaName told{point.number("x", 0, 1), point.number("y", 0, 1), stringIn(area, "name")};
        if (area.contains("plane")) told.plane = point.word("plane", &subject::planeNamed);
        told.focal = area["focal"].toBool();
        study.areaNames.push_back(told);
        if (point.problem) return *point.problem;
    }
    for (const QJsonValue& value : json["areaEdits"].toArray()) {
        const QJsonObject edit = value.toObject();
        Reader point(edit, name);
        study.areaEdits.push_back({point.word("edit", &subject::areaEditNamed), point.number("fromX", 0, 1),
                                   point.number("fromY", 0, 1), point.number("toX", 0, 1), point.number("toY", 0, 1)});
        if (point.problem) return *point.problem;
    }
    if (reader.problem) return *reader.problem;
    return study;
}

}  // namespace storage

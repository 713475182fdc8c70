#include "storage/study_json.h"

#include <cmath>

#include "planning/study_fields.h"
#include "storage/json_reader.h"

namespace storage {

using common::Problem;
using common::ProblemKind;
using planning::Bounds;
using planning::Field;

namespace {

constexpr int studyVersion = 3;

/// Places may lie outside the frame, but not without end.
constexpr double farthest = 100;

QString key(const Field& field) {
    return QString::fromLatin1(field.name);
}

QJsonArray jsonOf(const subject::Line& line) {
    return {line.from.x, line.from.y, line.to.x, line.to.y};
}

/// Writes what is described (see planning/study_fields.h).
class Writer {
 public:
    QJsonObject json;

    void text(const Field& field, const std::string& value) { json[key(field)] = storage::text(value); }
    void flag(const Field& field, bool value) { json[key(field)] = value; }
    template <typename Number>
    void number(const Field& field, const Number& value, const Bounds&) {
        json[key(field)] = value;
    }
    template <typename Enum, typename Named>
    void word(const Field& field, const Enum& value, Named) {
        json[key(field)] = storage::text(nameOf(value));
    }
    template <typename Enum, typename Named>
    void optionalWord(const Field& field, const std::optional<Enum>& value, Named) {
        if (value) json[key(field)] = storage::text(nameOf(*value));
    }
    void numbers(const Field& field, const std::vector<double>& values, const Bounds&, std::size_t) {
        QJsonArray array;
        for (const double value : values) array.append(value);
        json[key(field)] = array;
    }
    template <typename Files>
    void files(const Field& field, const Files& files) {
        QJsonArray names;
        for (const auto& file : files) names.append(storage::text(file->name));
        json[key(field)] = names;
    }
    void light(const Field& field, const std::optional<colour::Xyz>& light) {
        if (light) json[key(field)] = QJsonArray{light->x, light->y, light->z};
    }
    void place(const Field& fieldX, const Field& fieldY, double x, double y) {
        json[key(fieldX)] = x;
        json[key(fieldY)] = y;
    }
    void line(const Field& field, const subject::Line& line) { json[key(field)] = jsonOf(line); }
    void scribbles(const Field& field, const std::vector<subject::Scribble>& all) {
        QJsonArray scribbles;
        for (const subject::Scribble& scribble : all) {
            QJsonArray places;
            for (const subject::Place& place : scribble) places.append(QJsonArray{place.x, place.y});
            scribbles.append(places);
        }
        json[key(field)] = scribbles;
    }
    template <typename Object>
    void object(const Field& field, const Object& object) {
        Writer part;
        planning::describe(part, object);
        json[key(field)] = part.json;
    }
    template <typename Object>
    void optionalObject(const Field& field, const std::optional<Object>& optional) {
        if (optional) object(field, *optional);
    }
    void path(const subject::Line& line) { path_ = jsonOf(line); }
    template <typename Item>
    void list(const Field& field, const std::vector<Item>& items) {
        QJsonArray array;
        for (const Item& item : items) {
            Writer part;
            planning::describe(part, item);
            if constexpr (std::same_as<Item, subject::Line>)
                array.append(part.path_);
            else
                array.append(part.json);
        }
        json[key(field)] = array;
    }
    template <typename List>
    void index(const Field& field, int index, const List&) {
        json[key(field)] = index;
    }

 private:
    QJsonArray path_;
};

/// Reads what is described and remembers the first field that will not do.
class FieldReader {
 public:
    FieldReader(const QJsonValue& json, const std::string& file) : value_(json), json_(json.toObject()), file_(file) {}
    std::optional<Problem> problem;

    void text(const Field& field, std::string& value) {
        value = stringIn(json_, field.name);
        if (value.size() > planning::mostLetters) fail(field);
    }
    void flag(const Field& field, bool& value) { value = json_[key(field)].toBool(value); }
    template <typename Number>
    void number(const Field& field, Number& value, const Bounds& bounds) {
        if (isLeftOut(field)) return;
        const QJsonValue told = json_[key(field)];
        const double number = told.toDouble();
        const bool isWhole = !std::is_integral_v<Number> || number == std::floor(number);
        if (!told.isDouble() || !bounds.holds(number) || !isWhole)
            fail(field);
        else
            value = Number(number);
    }
    template <typename Enum, typename Named>
    void word(const Field& field, Enum& value, Named named) {
        if (isLeftOut(field)) return;
        const auto known = named(stringIn(json_, field.name));
        if (!known) fail(field);
        value = known.value_or(value);
    }
    template <typename Enum, typename Named>
    void optionalWord(const Field& field, std::optional<Enum>& value, Named named) {
        if (isLeftOut(field)) return;
        value = named(stringIn(json_, field.name));
        if (!value) fail(field);
    }
    void numbers(const Field& field, std::vector<double>& values, const Bounds& bounds, std::size_t most) {
        double least = bounds.least;
        for (const QJsonValue& told : json_[key(field)].toArray()) {
            const double number = told.toDouble(bounds.least - 1);
            if (!(number >= least && number <= bounds.most)) fail(field);
            values.push_back(least = number);
        }
        if (values.size() >= most) fail(field);
    }
    template <typename Files>
    void files(const Field& field, const Files&) {
        // The files themselves are parts of the archive; here they are only counted.
        others_ = json_[key(field)].toArray().size();
        if (others_ > qsizetype(planning::mostOthers)) fail(field);
    }
    void light(const Field& field, std::optional<colour::Xyz>& light) {
        if (isLeftOut(field)) return;
        const QJsonArray told = json_[key(field)].toArray();
        light = colour::Xyz{told[0].toDouble(), told[1].toDouble(), told[2].toDouble()};
        const bool isFinite = std::isfinite(light->x) && std::isfinite(light->y) && std::isfinite(light->z);
        if (told.size() != 3 || !isFinite || !(light->y > 0)) fail(field);
    }
    void place(const Field& fieldX, const Field& fieldY, double& x, double& y) {
        number(fieldX, x, planning::fractionBounds);
        number(fieldY, y, planning::fractionBounds);
    }
    void line(const Field& field, subject::Line& line) {
        if (const auto told = lineFrom(json_[key(field)]))
            line = *told;
        else
            fail(field);
    }
    void path(subject::Line& line) {
        if (const auto told = lineFrom(value_))
            line = *told;
        else
            fail({"line", ""});
    }
    void scribbles(const Field& field, std::vector<subject::Scribble>& scribbles) {
        for (const QJsonValue& told : json_[key(field)].toArray()) {
            subject::Scribble& scribble = scribbles.emplace_back();
            for (const QJsonValue& numbers : told.toArray()) {
                const auto place = placeFrom(numbers.toArray(), 0);
                if (!place) fail(field);
                scribble.push_back(place.value_or(subject::Place{}));
            }
        }
    }
    template <typename Object>
    void object(const Field& field, Object& object) {
        if (isLeftOut(field)) return;
        read(json_[key(field)], object);
    }
    template <typename Object>
    void optionalObject(const Field& field, std::optional<Object>& optional) {
        if (isLeftOut(field)) return;
        read(json_[key(field)], optional.emplace());
    }
    template <typename Item>
    void list(const Field& field, std::vector<Item>& items) {
        for (const QJsonValue& told : json_[key(field)].toArray()) {
            read(told, items.emplace_back());
            if constexpr (std::same_as<Item, planning::AreaChoice>)
                if (items.back().borrowed && items.back().borrowed->picture >= others_) fail({"borrowed", ""});
        }
    }
    template <typename List>
    void index(const Field& field, int& index, const List& list) {
        index = json_[key(field)].toInt(-1);
        if (index < -1 || index >= int(list.size())) fail(field);
    }

 private:
    template <typename Object>
    void read(const QJsonValue& told, Object& object) {
        FieldReader part(told, file_);
        planning::describe(part, object);
        if (part.problem && !problem) problem = part.problem;
    }
    bool isLeftOut(const Field& field) {
        if (json_.contains(key(field))) return false;
        if (field.isRequired) fail(field);
        return true;
    }
    void fail(const Field& field) {
        if (!problem) problem = Problem{ProblemKind::duneDamaged, file_, 0, field.name};
    }
    static std::optional<subject::Place> placeFrom(const QJsonArray& json, qsizetype at) {
        const subject::Place place(json[at].toDouble(farthest + 1), json[at + 1].toDouble(farthest + 1));
        if (std::fabs(place.x) > farthest || std::fabs(place.y) > farthest) return std::nullopt;
        return place;
    }
    static std::optional<subject::Line> lineFrom(const QJsonValue& json) {
        const QJsonArray numbers = json.toArray();
        const auto from = placeFrom(numbers, 0), to = placeFrom(numbers, 2);
        if (numbers.size() != 4 || !from || !to) return std::nullopt;
        return subject::Line{*from, *to};
    }

    QJsonValue value_;
    QJsonObject json_;
    const std::string& file_;
    qsizetype others_ = 0;
};

/// A study of the first version as this one has it: strokes a passage have become layers an area, one more of them; and
/// the oldest edits have two places instead of scribbles.
QJsonObject fromFirstVersion(QJsonObject json) {
    if (json["strokes"].isDouble()) json["layers"] = json["strokes"].toDouble() + 1;
    QJsonArray edits;
    for (const QJsonValue& value : json["areaEdits"].toArray()) {
        QJsonObject edit = value.toObject();
        if (!edit.contains("scribbles")) {
            QJsonArray from, to, scribbles;
            from.append(QJsonArray{edit["fromX"], edit["fromY"]});
            to.append(QJsonArray{edit["toX"], edit["toY"]});
            scribbles.append(from);
            scribbles.append(to);
            edit["scribbles"] = scribbles;
        }
        edits.append(edit);
    }
    json["areaEdits"] = edits;
    return json;
}

/// A study of an earlier version as this one has it. Its areas stay as they were proposed.
QJsonObject fromEarlier(QJsonObject json, double version) {
    if (version < 2) json = fromFirstVersion(std::move(json));
    json["parting"] = text(nameOf(subject::Parting::byColour));
    return json;
}

/// Frames that earlier programs let grow wider than a picture, or turn on and on, are put right.
QJsonObject withFrameWithinBounds(QJsonObject json, bool& isMended) {
    QJsonObject told = json.value(QLatin1String("frame")).toObject();  // [] would put it there
    const auto number = [&](const char* name) { return told[QLatin1String(name)].toDouble(); };
    subject::Frame frame{number("centreX"), number("centreY"), number("width"), number("degrees")};
    const subject::Frame kept = subject::withinBounds(frame);
    const auto put = [&](const char* name, double value) {
        if (!told[QLatin1String(name)].isDouble() || number(name) == value) return;
        told[QLatin1String(name)] = value;
        isMended = true;
    };
    put("centreX", kept.centreX);
    put("centreY", kept.centreY);
    put("width", kept.width);
    put("degrees", kept.degrees);
    if (isMended) json["frame"] = told;
    return json;
}

}  // namespace

QJsonObject jsonOf(const planning::Study& study) {
    Writer writer;
    planning::describe(writer, study);
    writer.json["format"] = "yawning-dune-study";
    writer.json["version"] = studyVersion;
    writer.json["reference"] = text(study.reference ? study.reference->name : std::string());
    return writer.json;
}

common::Result<planning::Study> studyFrom(const QJsonObject& json, const std::string& name, bool* isFrameMended) {
    if (json["format"].toString() != "yawning-dune-study") return Problem{ProblemKind::duneDamaged, name, 0, "format"};
    const auto version = versionIn(json);
    if (!version) return Problem{ProblemKind::duneDamaged, name, 0, "version"};
    if (*version > studyVersion) return Problem{ProblemKind::duneNewer, name};
    bool isMended = false;
    const QJsonObject mended = withFrameWithinBounds(json, isMended);
    FieldReader reader(*version < studyVersion ? fromEarlier(mended, *version) : mended, name);
    planning::Study study;
    planning::describe(reader, study);
    if (reader.problem) return *reader.problem;
    if (isFrameMended) *isFrameMended = isMended;
    return study;
}

QJsonObject jsonOf(const planning::Approach& approach) {
    Writer writer;
    planning::describe(writer, approach);
    return writer.json;
}

common::Result<planning::Approach> approachFrom(const QJsonObject& json, const std::string& name) {
    FieldReader reader(json, name);
    planning::Approach approach;
    planning::describe(reader, approach);
    if (reader.problem) return *reader.problem;
    return approach;
}

}  // namespace storage

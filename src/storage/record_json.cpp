#include "storage/record_json.h"

#include <QDateTime>
#include <algorithm>

#include "storage/json_reader.h"
#include "storage/materials_json.h"

namespace storage {

using common::Problem;
using common::ProblemKind;
using planning::Entry;
using planning::LaidStep;
using planning::Record;

namespace {

constexpr int recordVersion = 2;  // 2: the work was checked
constexpr double mostMinutes = 100'000, mostSquareCentimetres = 1e6, mostStepNumber = 100'000, mostEntries = 1e6,
                 mostError = 100;

/// Every material that the record tells of, once.
std::vector<materials::Material> mediaIn(const Record& record) {
    std::vector<materials::Material> media;
    const auto add = [&](const std::optional<materials::Material>& stick) {
        if (stick && std::ranges::find(media, *stick) == media.end()) media.push_back(*stick);
    };
    for (const Entry& entry : record.entries) {
        add(entry.stick);
        if (entry.laid) add(entry.laid->stick);
    }
    return media;
}

std::string mapPart(std::size_t entry) {
    return "progress/map-" + std::to_string(entry + 1) + ".png";
}
std::string photographPart(const std::string& picture) {
    return "progress/" + picture;
}

QJsonObject jsonOf(const LaidStep& laid, const QJsonValue& stick, std::size_t entry) {
    QJsonObject json{{"key", text(laid.key)},
                     {"layers", arrayOf(laid.layers)},
                     {"stage", text(nameOf(laid.stage))},
                     {"tool", text(nameOf(laid.tool))},
                     {"manner", text(nameOf(laid.manner))},
                     {"areas", arrayOf(laid.areas)},
                     {"plannedMinutes", laid.plannedMinutes},
                     {"minutes", laid.minutes},
                     {"squareCentimetres", laid.squareCentimetres},
                     {"amount", laid.amount}};
    if (laid.stick) json["stick"] = stick;
    if (laid.map) json["map"] = text(mapPart(entry));
    return json;
}

QJsonObject jsonOf(const planning::Checked& check) {
    QJsonArray mends;
    for (const planning::Checked::Taken& taken : check.mends)
        mends.append(QJsonObject{{"area", text(taken.area)}, {"mend", text(nameOf(taken.mend))}});
    QJsonArray areas;
    const auto jsonOf = [](const colour::Lab& lab) { return QJsonArray{lab.L, lab.a, lab.b}; };
    for (const planning::Checked::Area& area : check.areas)
        areas.append(QJsonObject{{"plan", jsonOf(area.plan)}, {"work", jsonOf(area.work)}});
    QJsonObject json{{"error", check.error}, {"mends", mends}, {"areas", areas}};
    if (check.hand)
        json["hand"] = QJsonObject{{"amount", double(check.hand->amount)}, {"coverage", double(check.hand->coverage)}};
    return json;
}

/// Reads entries against the record's materials.
class EntryReader {
 public:
    EntryReader(const std::vector<materials::Material>& media, const PartReader& part, const std::string& name)
        : media_(media), part_(part), name_(name) {}

    common::Result<Entry> read(const QJsonObject& json) const {
        Reader reader(json, name_);
        Entry entry;
        const QDateTime at = QDateTime::fromString(json["at"].toString(), Qt::ISODateWithMs);
        if (!at.isValid()) reader.fail("at");
        entry.at = at.toMSecsSinceEpoch();
        entry.offsetMinutes = at.offsetFromUtc() / 60;
        entry.kind = reader.word("kind", &planning::entryKindNamed);
        if (reader.has("step")) entry.step = int(reader.number("step", 0, mostStepNumber));
        if (reader.has("heavier")) entry.heavier = int(reader.number("heavier", -1, 1));
        if (reader.has("takes")) entry.takes = int(reader.number("takes", -1, mostEntries));
        if (reader.has("finishing")) entry.finishing = reader.word("finishing", &planning::finishingNamed);
        entry.words = reader.string("words");
        entry.stick = stickIn(json, reader);
        entry.picture = reader.string("picture");
        if (!entry.picture.empty()) {
            entry.bytes = part_(photographPart(entry.picture));
            if (!entry.bytes) reader.fail("picture");
        }
        if (entry.kind == planning::EntryKind::checked && entry.bytes && planning::isOverLarge(*entry.bytes))
            reader.fail("picture");
        if (json.contains("check")) entry.check = checkIn(json["check"].toObject(), reader);
        if (entry.kind == planning::EntryKind::checked && !entry.check) reader.fail("check");
        if (json.contains("laid")) entry.laid = laidIn(json["laid"].toObject(), reader);
        if (entry.kind == planning::EntryKind::done && (!entry.laid || entry.step < 1)) reader.fail("laid");
        if (reader.problem) return *reader.problem;
        return entry;
    }

 private:
    std::optional<materials::Material> stickIn(const QJsonObject& json, Reader& reader) const {
        if (!json.contains("stick")) return std::nullopt;
        const int index = json["stick"].toInt(-1);
        if (index >= 0 && index < int(media_.size())) return media_[std::size_t(index)];
        reader.fail("stick");
        return std::nullopt;
    }

    planning::Checked checkIn(const QJsonObject& json, Reader& outer) const {
        Reader reader(json, name_);
        planning::Checked check;
        check.error = reader.number("error", 0, mostError);
        const auto take = [&](const Reader& inner) {
            if (inner.problem && !reader.problem) reader.problem = inner.problem;
        };
        if (const QJsonObject told = json["hand"].toObject(); !told.isEmpty()) {
            constexpr double leastFactor = 0.1, mostFactor = 10;
            Reader hand(told, name_);
            check.hand = {float(hand.number("amount", leastFactor, mostFactor)),
                          float(hand.number("coverage", leastFactor, mostFactor))};
            take(hand);
        }
        for (const QJsonValue& value : json["mends"].toArray()) {
            const QJsonObject told = value.toObject();
            Reader mend(told, name_);
            check.mends.push_back({mend.string("area"), mend.word("mend", &planning::mendNamed)});
            take(mend);
        }
        for (const QJsonValue& value : json["areas"].toArray()) {
            const QJsonObject told = value.toObject();
            const auto labIn = [&](const QString& key) {
                constexpr double mostLightness = 200, mostChroma = 400;
                const QJsonArray figures = told[key].toArray();
                const QJsonObject lab{{"L", figures[0]}, {"a", figures[1]}, {"b", figures[2]}};
                Reader colour(lab, name_);
                const colour::Lab read{colour.number("L", -mostLightness, mostLightness),
                                       colour.number("a", -mostChroma, mostChroma),
                                       colour.number("b", -mostChroma, mostChroma)};
                take(colour);
                return read;
            };
            check.areas.push_back({labIn("plan"), labIn("work")});
        }
        if (reader.problem && !outer.problem) outer.problem = reader.problem;
        return check;
    }

    LaidStep laidIn(const QJsonObject& json, Reader& outer) const {
        Reader reader(json, name_);
        LaidStep laid;
        laid.key = reader.string("key");
        laid.layers = reader.list("layers");
        laid.stick = stickIn(json, reader);
        laid.stage = reader.word("stage", &planning::stageNamed);
        laid.tool = reader.word("tool", &planning::toolNamed);
        laid.manner = reader.word("manner", &pigment::mannerNamed);
        laid.areas = reader.list("areas");
        laid.plannedMinutes = reader.number("plannedMinutes", 0, mostMinutes);
        laid.minutes = reader.number("minutes", 0, mostMinutes);
        laid.squareCentimetres = reader.number("squareCentimetres", 0, mostSquareCentimetres);
        laid.amount = reader.number("amount", 0, 10 * mostSquareCentimetres);
        if (reader.has("map")) {
            laid.map = part_(reader.string("map"));
            if (!laid.map || planning::isOverLarge(*laid.map)) reader.fail("map");
        }
        if (reader.problem && !outer.problem) outer.problem = reader.problem;
        return laid;
    }

    const std::vector<materials::Material>& media_;
    const PartReader& part_;
    const std::string& name_;
};

}  // namespace

QString timeOf(const Entry& entry) {
    return QDateTime::fromMSecsSinceEpoch(entry.at, Qt::OffsetFromUTC, entry.offsetMinutes * 60)
        .toString(Qt::ISODateWithMs);
}

QJsonObject jsonOf(const Record& record) {
    const std::vector<materials::Material> media = mediaIn(record);
    const auto indexOf = [&](const materials::Material& stick) {
        return QJsonValue(qint64(std::ranges::find(media, stick) - media.begin()));
    };
    QJsonArray entries;
    for (std::size_t i = 0; i < record.entries.size(); ++i) {
        const Entry& entry = record.entries[i];
        QJsonObject json{{"at", timeOf(entry)}, {"kind", text(nameOf(entry.kind))}};
        if (entry.step > 0) json["step"] = entry.step;
        if (entry.stick) json["stick"] = indexOf(*entry.stick);
        if (entry.kind == planning::EntryKind::pressed) json["heavier"] = entry.heavier;
        if (entry.kind == planning::EntryKind::takenBack) json["takes"] = entry.takes;
        if (entry.kind == planning::EntryKind::finishing) json["finishing"] = text(nameOf(entry.finishing));
        if (!entry.words.empty()) json["words"] = text(entry.words);
        if (!entry.picture.empty()) json["picture"] = text(entry.picture);
        if (entry.check) json["check"] = jsonOf(*entry.check);
        if (entry.laid)
            json["laid"] = jsonOf(*entry.laid, entry.laid->stick ? indexOf(*entry.laid->stick) : QJsonValue(), i);
        entries.append(json);
    }
    return {{"format", "yawning-dune-record"},
            {"version", recordVersion},
            {"id", text(record.id)},
            {"paper", text(record.paper)},
            {"paperName", text(record.paperName)},
            {"ground", text(record.ground)},
            {"materials", jsonOf(materials::Library{media, {}, {}})},
            {"entries", entries}};
}

std::vector<std::pair<std::string, planning::SharedBytes>> partsOf(const Record& record) {
    std::vector<std::pair<std::string, planning::SharedBytes>> parts;
    for (std::size_t i = 0; i < record.entries.size(); ++i) {
        const Entry& entry = record.entries[i];
        if (entry.bytes) parts.emplace_back(photographPart(entry.picture), entry.bytes);
        if (entry.laid && entry.laid->map) parts.emplace_back(mapPart(i), entry.laid->map);
    }
    return parts;
}

common::Result<Record> recordFrom(const QJsonObject& json, const PartReader& part, const std::string& name) {
    const auto version = versionIn(json);
    if (!version || json["format"].toString() != "yawning-dune-record")
        return Problem{ProblemKind::duneDamaged, name, 0, "record.json"};
    if (*version > recordVersion) return Problem{ProblemKind::duneNewer, name};
    const auto media = libraryFrom(json["materials"].toObject(), name);
    if (!media) return media.problem();
    Record record{
        stringIn(json, "id"), stringIn(json, "paper"), stringIn(json, "paperName"), stringIn(json, "ground"), {}};
    const EntryReader reader(media->media, part, name);
    for (const QJsonValue& value : json["entries"].toArray()) {
        auto entry = reader.read(value.toObject());
        if (!entry) return entry.problem();
        record.entries.push_back(*std::move(entry));
    }
    return record;
}

}  // namespace storage

#include "storage/journal.h"

#include <QJsonArray>
#include <algorithm>

#include "common/file.h"
#include "storage/archive.h"
#include "storage/materials_json.h"
#include "storage/study_json.h"
#include "storage/text.h"
#include "storage/whole_file.h"
#include "subject/picture.h"

namespace storage {

using common::Problem;
using common::ProblemKind;

namespace {

constexpr std::size_t mostSteps = 200;
constexpr std::size_t mostThumbnail = 64'000'000;

/// What many steps share, each of it once, in the order in which it was first met.
template <typename Held>
class Once {
 public:
    int indexOf(const std::shared_ptr<const Held>& held) {
        const auto at = std::ranges::find(all, held);
        if (at != all.end()) return int(at - all.begin());
        all.push_back(held);
        return int(all.size()) - 1;
    }
    std::vector<std::shared_ptr<const Held>> all;
};

std::string picturePart(std::size_t index) {
    return "pictures/" + std::to_string(index);
}
std::string libraryPart(std::size_t index) {
    return "materials/" + std::to_string(index) + ".json";
}

struct Opened {
    ArchiveReader archive;
    QJsonObject json;
};

common::Result<Opened> openedJournal(const std::filesystem::path& file) {
    auto bytes = common::readFile(file, mostArchiveBytes);
    if (!bytes) return bytes.problem();
    auto archive = ArchiveReader::open(*std::move(bytes));
    if (!archive) return Problem{ProblemKind::journalDamaged, file.string()};
    auto json = archive->json("journal.json");
    if (!json || json->value("format").toString() != "yawning-dune-journal" || json->value("steps").toArray().isEmpty())
        return Problem{ProblemKind::journalDamaged, file.string()};
    return Opened{*std::move(archive), *std::move(json)};
}

}  // namespace

common::Done writeJournal(const Journal& journal, const std::filesystem::path& file) {
    Once<planning::ReferenceFile> pictures;
    Once<materials::Library> libraries;
    const std::size_t first = journal.steps.size() - std::min(journal.steps.size(), mostSteps);
    QJsonArray steps;
    for (std::size_t i = first; i < journal.steps.size(); ++i) {
        const JournalStep& step = journal.steps[i];
        QJsonArray shown;
        shown.append(pictures.indexOf(step.study.reference));
        for (const auto& other : step.study.others) shown.append(pictures.indexOf(other));
        steps.append(QJsonObject{{"what", step.what},
                                 {"mergeKey", step.mergeKey},
                                 {"study", jsonOf(step.study)},
                                 {"pictures", shown},
                                 {"materials", libraries.indexOf(step.library)}});
    }
    QJsonArray names;
    for (const auto& picture : pictures.all) names.append(text(picture->name));
    const int at = std::max(0, journal.at - int(first));
    ArchiveWriter archive;
    archive.add("journal.json", QJsonObject{{"format", "yawning-dune-journal"},
                                            {"version", 1},
                                            {"title", text(journal.steps[first + std::size_t(at)].study.title)},
                                            {"file", journal.file},
                                            {"written", QDateTime::currentDateTimeUtc().toString(Qt::ISODateWithMs)},
                                            {"at", at},
                                            {"pictures", names},
                                            {"steps", steps}});
    for (std::size_t i = 0; i < libraries.all.size(); ++i) archive.add(libraryPart(i), jsonOf(*libraries.all[i]));
    for (std::size_t i = 0; i < pictures.all.size(); ++i) archive.add(picturePart(i), pictures.all[i]->bytes);
    if (!journal.thumbnailPng.isEmpty()) archive.add("thumbnail.png", journal.thumbnailPng);
    const auto bytes = archive.finish();
    if (!bytes) return Problem{ProblemKind::writeFailed, file.string()};
    return writeWhole(file, *bytes);
}

common::Result<Journal> readJournal(const std::filesystem::path& file) {
    const auto opened = openedJournal(file);
    if (!opened) return opened.problem();
    const Problem damaged{ProblemKind::journalDamaged, file.string()};
    const auto& [archive, json] = *opened;

    std::vector<std::shared_ptr<const planning::ReferenceFile>> pictures;
    for (const QJsonValue& name : json["pictures"].toArray()) {
        auto bytes = archive.part(picturePart(pictures.size()), subject::mostPictureBytes);
        if (!bytes) return damaged;
        pictures.push_back(std::make_shared<planning::ReferenceFile>(
            planning::ReferenceFile{name.toString().toStdString(), *std::move(bytes)}));
    }
    std::vector<std::shared_ptr<const materials::Library>> libraries;
    while (const auto held = archive.json(libraryPart(libraries.size()))) {
        auto library = libraryFrom(*held, file.string());
        if (!library) return damaged;
        libraries.push_back(std::make_shared<materials::Library>(*std::move(library)));
    }

    Journal journal;
    journal.file = json["file"].toString();
    journal.at = json["at"].toInt(-1);
    for (const QJsonValue& value : json["steps"].toArray()) {
        auto read = studyFrom(value["study"].toObject(), file.string());
        const int library = value["materials"].toInt(-1);
        if (!read || library < 0 || library >= int(libraries.size())) return damaged;
        const QJsonArray shown = value["pictures"].toArray();
        if (shown.isEmpty()) return damaged;
        planning::Study study = *std::move(read);
        for (qsizetype i = 0; i < shown.size(); ++i) {
            const int index = shown[i].toInt(-1);
            if (index < 0 || index >= int(pictures.size())) return damaged;
            if (i == 0)
                study.reference = pictures[std::size_t(index)];
            else
                study.others.push_back(pictures[std::size_t(index)]);
        }
        journal.steps.push_back({value["what"].toString(), value["mergeKey"].toString(), std::move(study),
                                 libraries[std::size_t(library)]});
    }
    if (journal.at < 0 || journal.at >= int(journal.steps.size())) return damaged;
    return journal;
}

common::Result<JournalHead> readJournalHead(const std::filesystem::path& file) {
    const auto opened = openedJournal(file);
    if (!opened) return opened.problem();
    const auto& [archive, json] = *opened;
    JournalHead head{json["title"].toString(),
                     json["file"].toString(),
                     QDateTime::fromString(json["written"].toString(), Qt::ISODateWithMs),
                     json["at"].toInt(),
                     {}};
    if (const auto thumbnail = archive.part("thumbnail.png", mostThumbnail)) head.thumbnailPng = qtBytes(*thumbnail);
    return head;
}

}  // namespace storage

#include "storage/document.h"

#include <QJsonArray>

#include "common/file.h"
#include "storage/archive.h"
#include "storage/materials_json.h"
#include "storage/record_json.h"
#include "storage/study_json.h"
#include "storage/text.h"
#include "storage/whole_file.h"
#include "subject/picture.h"

namespace storage {

using common::Problem;
using common::ProblemKind;

namespace {

/// "reference.jpg", and "reference-2.png" for the second: the file's own ending, so that other programs can open it
/// from the archive.
std::string referencePart(const std::string& fileName, std::size_t number = 1) {
    return "reference" + (number > 1 ? "-" + std::to_string(number) : std::string()) +
           std::filesystem::path(fileName).extension().string();
}

std::shared_ptr<const planning::ReferenceFile> referenceIn(const ArchiveReader& archive, const std::string& fileName,
                                                           std::size_t number) {
    auto bytes = archive.part(referencePart(fileName, number), subject::mostPictureBytes);
    if (!bytes) return nullptr;
    return std::make_shared<planning::ReferenceFile>(planning::ReferenceFile{fileName, *std::move(bytes)});
}

}  // namespace

common::Result<Document> readDocument(const std::filesystem::path& file) {
    const std::string name = file.string();
    auto bytes = common::readFile(file, mostArchiveBytes);
    if (!bytes) return bytes.problem();
    const auto archive = ArchiveReader::open(*std::move(bytes));
    if (!archive) return Problem{ProblemKind::duneDamaged, name};
    const auto studyJson = archive->json("study.json");
    if (!studyJson) return Problem{ProblemKind::duneDamaged, name, 0, "study.json"};
    bool isFrameMended = false;
    auto study = studyFrom(*studyJson, name, &isFrameMended);
    if (!study) return study.problem();
    const auto libraryJson = archive->json("materials.json");
    if (!libraryJson) return Problem{ProblemKind::duneDamaged, name, 0, "materials.json"};
    auto library = libraryFrom(*libraryJson, name);
    if (!library) return library.problem();

    Document document{*std::move(study), *std::move(library), {}, isFrameMended};
    document.study.reference = referenceIn(*archive, studyJson->value("reference").toString().toStdString(), 1);
    if (!document.study.reference) return Problem{ProblemKind::duneDamaged, name, 0, "reference"};
    for (const QJsonValue& other : studyJson->value("others").toArray()) {
        auto& others = document.study.others;
        others.push_back(referenceIn(*archive, other.toString().toStdString(), others.size() + 2));
        if (!others.back()) return Problem{ProblemKind::duneDamaged, name, 0, "reference"};
    }
    if (const auto recordJson = archive->json("record.json")) {
        const PartReader part = [&](const std::string& named) -> planning::SharedBytes {
            auto held = archive->part(named, subject::mostPictureBytes);
            return held ? std::make_shared<const common::Bytes>(*std::move(held)) : nullptr;
        };
        auto record = recordFrom(*recordJson, part, name);
        if (!record) return record.problem();
        document.record = *std::move(record);
    } else if (archive->has("record.json")) {
        return Problem{ProblemKind::duneDamaged, name, 0, "record.json"};
    }
    return document;
}

common::Done writeDocument(const Document& document, const std::filesystem::path& file, const QByteArray& areasPng,
                           const QByteArray& thumbnailPng) {
    if (const auto problem = planning::outOfBounds(document.study)) return *problem;
    ArchiveWriter archive;
    archive.add("mimetype", QByteArray("application/x-yawning-dune"));  // first, and not packed: it is known by this
    archive.add("study.json", jsonOf(document.study));
    archive.add("materials.json", jsonOf(document.library));
    archive.add(referencePart(document.study.reference->name), document.study.reference->bytes);
    for (std::size_t i = 0; i < document.study.others.size(); ++i)
        archive.add(referencePart(document.study.others[i]->name, i + 2), document.study.others[i]->bytes);
    if (!document.record.isEmpty()) {
        archive.add("record.json", jsonOf(document.record));
        for (const auto& [name, bytes] : partsOf(document.record)) archive.add(name, *bytes);
    }
    if (!areasPng.isEmpty()) archive.add("areas.png", areasPng);
    if (!thumbnailPng.isEmpty()) archive.add("thumbnail.png", thumbnailPng);
    const auto bytes = archive.finish();
    if (!bytes) return Problem{ProblemKind::writeFailed, file.string()};
    return writeWhole(file, *bytes);
}

common::Result<QByteArray> readThumbnail(const std::filesystem::path& file) {
    auto bytes = common::readFile(file, mostArchiveBytes);
    if (!bytes) return bytes.problem();
    const auto archive = ArchiveReader::open(*std::move(bytes));
    if (!archive) return Problem{ProblemKind::duneDamaged, file.string()};
    const auto thumbnail = archive->part("thumbnail.png", 64'000'000);
    return thumbnail ? QByteArray(qtBytes(*thumbnail)) : QByteArray();
}

}  // namespace storage

#include "storage/document.h"

#include <zip.h>

#include <QJsonArray>
#include <QJsonDocument>
#include <algorithm>
#include <memory>

#include "common/file.h"
#include "storage/materials_json.h"
#include "storage/study_json.h"
#include "storage/text.h"
#include "storage/whole_file.h"
#include "subject/picture.h"

namespace storage {

using common::Problem;
using common::ProblemKind;

namespace {

/// No study is larger: what claims more is damage.
constexpr zip_uint64_t mostJson = 64'000'000, mostBytes = 1'000'000'000;

struct Discard {
    void operator()(zip_t* archive) const { zip_discard(archive); }
};
using Archive = std::unique_ptr<zip_t, Discard>;

Archive opened(const common::Bytes& bytes) {
    zip_error_t error;
    zip_error_init(&error);
    zip_source_t* source = zip_source_buffer_create(bytes.data(), bytes.size(), 0, &error);
    zip_t* archive = source ? zip_open_from_source(source, ZIP_CHECKCONS, &error) : nullptr;
    if (source && !archive) zip_source_free(source);
    zip_error_fini(&error);
    return Archive(archive);
}

/// What all parts come to when they are unpacked, as their headers have it.
zip_uint64_t sizeOf(zip_t* archive) {
    zip_uint64_t sum = 0;
    for (zip_int64_t i = 0; i < zip_get_num_entries(archive, 0) && sum <= mostBytes; ++i) {
        zip_stat_t stat;
        if (zip_stat_index(archive, zip_uint64_t(i), 0, &stat) == 0) sum += std::min(stat.size, mostBytes + 1);
    }
    return sum;
}

std::optional<common::Bytes> partOf(zip_t* archive, const std::string& name, zip_uint64_t most) {
    zip_stat_t stat;
    if (zip_stat(archive, name.c_str(), 0, &stat) != 0 || stat.size > most) return std::nullopt;
    zip_file_t* file = zip_fopen(archive, name.c_str(), 0);
    if (!file) return std::nullopt;
    common::Bytes bytes(stat.size);
    const zip_int64_t read = zip_fread(file, bytes.data(), stat.size);
    // The checksum is only compared when reading runs into the end.
    char beyond = 0;
    const zip_int64_t end = zip_fread(file, &beyond, 1);
    if (zip_fclose(file) != 0 || read != zip_int64_t(stat.size) || end != 0) return std::nullopt;
    return bytes;
}

std::optional<QJsonObject> jsonPart(zip_t* archive, const std::string& name) {
    const auto bytes = partOf(archive, name, mostJson);
    if (!bytes) return std::nullopt;
    const QJsonDocument json = QJsonDocument::fromJson(qtBytes(*bytes));
    if (!json.isObject()) return std::nullopt;
    return json.object();
}

/// "reference.jpg", and "reference-2.png" for the second: the file's own ending, so that other programs can open it
/// from the archive.
std::string referencePart(const std::string& fileName, std::size_t number = 1) {
    return "reference" + (number > 1 ? "-" + std::to_string(number) : std::string()) +
           std::filesystem::path(fileName).extension().string();
}

std::shared_ptr<const planning::ReferenceFile> referenceIn(zip_t* archive, const std::string& fileName,
                                                           std::size_t number) {
    auto bytes = partOf(archive, referencePart(fileName, number), subject::mostPictureBytes);
    if (!bytes) return nullptr;
    return std::make_shared<planning::ReferenceFile>(planning::ReferenceFile{fileName, *std::move(bytes)});
}

bool addPart(zip_t* archive, const char* name, const void* data, std::size_t size, bool packed) {
    zip_source_t* source = zip_source_buffer(archive, data, size, 0);
    if (!source) return false;
    const zip_int64_t index = zip_file_add(archive, name, source, ZIP_FL_ENC_UTF_8);
    if (index < 0) {
        zip_source_free(source);
        return false;
    }
    zip_set_file_compression(archive, zip_uint64_t(index), packed ? ZIP_CM_DEFLATE : ZIP_CM_STORE, 0);
    return true;
}

}  // namespace

common::Result<Document> readDocument(const std::filesystem::path& file) {
    const std::string name = file.string();
    auto bytes = common::readFile(file, mostBytes);
    if (!bytes) return bytes.problem();
    const Archive archive = opened(*bytes);
    if (!archive || sizeOf(archive.get()) > mostBytes) return Problem{ProblemKind::duneDamaged, name};
    const auto studyJson = jsonPart(archive.get(), "study.json");
    if (!studyJson) return Problem{ProblemKind::duneDamaged, name, 0, "study.json"};
    bool isFrameMended = false;
    auto study = studyFrom(*studyJson, name, &isFrameMended);
    if (!study) return study.problem();
    const auto libraryJson = jsonPart(archive.get(), "materials.json");
    if (!libraryJson) return Problem{ProblemKind::duneDamaged, name, 0, "materials.json"};
    auto library = libraryFrom(*libraryJson, name);
    if (!library) return library.problem();

    Document document{*std::move(study), *std::move(library), isFrameMended};
    document.study.reference = referenceIn(archive.get(), studyJson->value("reference").toString().toStdString(), 1);
    if (!document.study.reference) return Problem{ProblemKind::duneDamaged, name, 0, "reference"};
    for (const QJsonValue& other : studyJson->value("others").toArray()) {
        auto& others = document.study.others;
        others.push_back(referenceIn(archive.get(), other.toString().toStdString(), others.size() + 2));
        if (!others.back()) return Problem{ProblemKind::duneDamaged, name, 0, "reference"};
    }
    return document;
}

common::Done writeDocument(const Document& document, const std::filesystem::path& file, const QByteArray& areasPng,
                           const QByteArray& thumbnailPng) {
    if (const auto problem = planning::outOfBounds(document.study)) return *problem;
    zip_error_t error;
    zip_error_init(&error);
    zip_source_t* target = zip_source_buffer_create(nullptr, 0, 0, &error);
    zip_t* archive = zip_open_from_source(target, ZIP_CREATE | ZIP_TRUNCATE, &error);
    const Problem failed{ProblemKind::writeFailed, file.string()};
    if (!archive) {
        zip_source_free(target);
        return failed;
    }
    zip_source_keep(target);

    const QByteArray study = QJsonDocument(jsonOf(document.study)).toJson();
    const QByteArray library = QJsonDocument(jsonOf(document.library)).toJson();
    bool ok = addPart(archive, "study.json", study.constData(), std::size_t(study.size()), true) &&
              addPart(archive, "materials.json", library.constData(), std::size_t(library.size()), true);
    const auto addReference = [&](const planning::ReferenceFile& reference, std::size_t number) {
        return addPart(archive, referencePart(reference.name, number).c_str(), reference.bytes.data(),
                       reference.bytes.size(), false);
    };
    ok = ok && addReference(*document.study.reference, 1);
    for (std::size_t i = 0; i < document.study.others.size(); ++i)
        ok = ok && addReference(*document.study.others[i], i + 2);
    if (!areasPng.isEmpty())
        ok = ok && addPart(archive, "areas.png", areasPng.constData(), std::size_t(areasPng.size()), false);
    if (!thumbnailPng.isEmpty())
        ok = ok && addPart(archive, "thumbnail.png", thumbnailPng.constData(), std::size_t(thumbnailPng.size()), false);
    if (!ok || zip_close(archive) != 0) {
        zip_discard(archive);
        zip_source_free(target);
        return failed;
    }
    zip_stat_t stat;
    zip_source_stat(target, &stat);
    QByteArray bytes(qsizetype(stat.size), Qt::Uninitialized);
    zip_source_open(target);
    const bool read = zip_source_read(target, bytes.data(), stat.size) == zip_int64_t(stat.size);
    zip_source_close(target);
    zip_source_free(target);
    if (!read) return failed;
    return writeWhole(file, bytes);
}

}  // namespace storage

#include "storage/log_shelf.h"

#include <QJsonDocument>
#include <QStandardPaths>
#include <algorithm>

#include "common/file.h"
#include "storage/json_reader.h"
#include "storage/record_json.h"
#include "storage/whole_file.h"

namespace storage {

namespace {

constexpr std::size_t mostLogBytes = 64'000'000;

planning::Record withoutPictures(planning::Record record) {
    for (planning::Entry& entry : record.entries) {
        entry.bytes.reset();
        entry.picture.clear();
        if (entry.laid) entry.laid->map.reset();
    }
    return record;
}

}  // namespace

std::filesystem::path usualLogFolder() {
    return (QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
            QStringLiteral("/yawning-dune/logs"))
        .toStdString();
}

common::Done shelve(const std::filesystem::path& folder, const ShelvedLog& log) {
    std::error_code ignored;  // what is wrong with the folder the writing tells
    std::filesystem::create_directories(folder, ignored);
    QJsonObject json = jsonOf(withoutPictures(log.record));
    json["title"] = text(log.title);
    json["file"] = text(log.file);
    // An id is the program's own; a file's may be anything.
    std::string name = log.record.id;
    std::erase_if(name, [](unsigned char c) { return !std::isalnum(c) && c != '-'; });
    return writeWhole(folder / (name + ".json"), QJsonDocument(json).toJson());
}

std::vector<ShelvedLog> shelvedLogs(const std::filesystem::path& folder) {
    std::vector<std::filesystem::path> files;
    std::error_code none;
    for (const auto& file : std::filesystem::directory_iterator(folder, none))
        if (file.path().extension() == ".json") files.push_back(file.path());
    std::ranges::sort(files);
    std::vector<ShelvedLog> logs;
    for (const auto& file : files) {
        const auto bytes = common::readFile(file, mostLogBytes);
        if (!bytes) continue;
        const QJsonObject json = QJsonDocument::fromJson(qtBytes(*bytes)).object();
        auto record = recordFrom(
            json, [](const std::string&) { return nullptr; }, file.string());
        if (record) logs.push_back({stringIn(json, "title"), stringIn(json, "file"), *std::move(record)});
    }
    return logs;
}

}  // namespace storage

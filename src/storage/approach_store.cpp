#include "storage/approach_store.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QStandardPaths>
#include <algorithm>

#include "common/file.h"
#include "storage/study_json.h"
#include "storage/text.h"
#include "storage/whole_file.h"

namespace storage {

using common::Problem;
using common::ProblemKind;

namespace {

constexpr const char* approachFormat = "yawning-dune-approaches";
constexpr int approachVersion = 1;
constexpr std::size_t mostApproachBytes = 1 << 20;

}  // namespace

std::filesystem::path usualApproachFile() {
    return (QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
            QStringLiteral("/yawning-dune/approaches.json"))
        .toStdString();
}

common::Result<std::vector<NamedApproach>> readApproaches(const std::filesystem::path& file) {
    std::error_code none;
    if (!std::filesystem::exists(file, none)) return std::vector<NamedApproach>{};
    const auto bytes = common::readFile(file.string(), mostApproachBytes);
    if (!bytes) return bytes.problem();
    const QJsonObject json =
        QJsonDocument::fromJson(QByteArray(reinterpret_cast<const char*>(bytes->data()), qsizetype(bytes->size())))
            .object();
    if (json["format"].toString() != approachFormat)
        return Problem{ProblemKind::duneDamaged, file.string(), 0, "format"};
    if (json["version"].toInt() > approachVersion) return Problem{ProblemKind::duneNewer, file.string()};
    std::vector<NamedApproach> approaches;
    for (const QJsonValue& value : json["approaches"].toArray()) {
        auto approach = approachFrom(value.toObject(), file.string());
        if (!approach) return approach.problem();
        approaches.push_back({value.toObject()["name"].toString().toStdString(), *std::move(approach)});
    }
    return approaches;
}

common::Done writeApproaches(const std::filesystem::path& file, const std::vector<NamedApproach>& approaches) {
    QJsonArray array;
    for (const NamedApproach& named : approaches) {
        QJsonObject json = jsonOf(named.approach);
        json["name"] = text(named.name);
        array.append(json);
    }
    const QJsonObject json{{"format", approachFormat}, {"version", approachVersion}, {"approaches", array}};
    std::error_code none;
    std::filesystem::create_directories(file.parent_path(), none);  // what is wrong shows when it is written
    return writeWhole(file, QJsonDocument(json).toJson());
}

std::vector<NamedApproach> with(std::vector<NamedApproach> approaches, const NamedApproach& added) {
    const auto same = std::ranges::find(approaches, added.name, &NamedApproach::name);
    if (same == approaches.end())
        approaches.push_back(added);
    else
        *same = added;
    return approaches;
}

}  // namespace storage

#pragma once

#include <QByteArray>
#include <QJsonObject>
#include <functional>
#include <string>

#include "common/result.h"
#include "planning/record.h"

namespace storage {

/// record.json of a .dune (docs/FORMAT.md). Photographs and pressure maps stand beside it; parts() names them.
QJsonObject jsonOf(const planning::Record& record);

/// When it was, as it stands in files: "2026-11-30T19:04:05.123+01:00".
QString timeOf(const planning::Entry& entry);

/// The files beside record.json, by their names in the archive.
std::vector<std::pair<std::string, planning::SharedBytes>> partsOf(const planning::Record& record);

/// Gets such a file; null if it is not there or damaged.
using PartReader = std::function<planning::SharedBytes(const std::string& name)>;

/// Refuses (duneDamaged) what is out of bounds or lacks a part, and (duneNewer) what a newer program wrote. `name` is
/// the file's, for the problem.
common::Result<planning::Record> recordFrom(const QJsonObject& json, const PartReader& part, const std::string& name);

}  // namespace storage

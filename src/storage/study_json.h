#pragma once

#include <QJsonObject>
#include <string>

#include "common/result.h"
#include "planning/study.h"

namespace storage {

/// study.json of a .dune archive (docs/FORMAT.md). Reading refuses (duneDamaged) what is not there or out of bounds,
/// but for a frame beyond its picture, which is put right; `name` stands in the problem. The reference's bytes are not
/// in the JSON.
QJsonObject jsonOf(const planning::Study& study);
common::Result<planning::Study> studyFrom(const QJsonObject& json, const std::string& name,
                                          bool* isFrameMended = nullptr);

/// An approach by itself, as it stands among a study's fields.
QJsonObject jsonOf(const planning::Approach& approach);
common::Result<planning::Approach> approachFrom(const QJsonObject& json, const std::string& name);

}  // namespace storage

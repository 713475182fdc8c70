#pragma once

#include <QJsonObject>
#include <optional>
#include <string>

#include "common/result.h"
#include "materials/owned.h"

namespace storage {

/// What a study draws from, as .dune holds it (docs/FORMAT.md). Bad JSON is refused with duneDamaged and the key.
QJsonObject jsonOf(const materials::Library& library);
common::Result<materials::Library> libraryFrom(const QJsonObject& json, const std::string& name);

/// A mixture of the artist's own; as one line of text, and back from it (nullopt for anything else).
QJsonObject jsonOf(const materials::OwnMixture& mixture);
common::Result<materials::OwnMixture> mixtureFrom(const QJsonObject& json, const std::string& name);
QString mixtureText(const materials::OwnMixture& mixture);
std::optional<materials::OwnMixture> mixtureIn(const QString& text);

/// A thing of the drawer with all that is known of it, its photographs as keys.
QJsonObject jsonOf(const materials::Owned& owned);
common::Result<materials::Owned> ownedFrom(const QJsonObject& json, const std::string& name);

}  // namespace storage

#pragma once

#include <QSqlQuery>
#include <QString>
#include <QVariant>
#include <array>
#include <optional>
#include <string>

#include "materials/owned.h"

namespace storage {

/// A thing of the drawer as a row of the library's table `thing`: all columns in the order of thingColumns(), those
/// that its class has not empty.
inline constexpr std::size_t thingColumnCount = 30;
using ThingRow = std::array<QVariant, thingColumnCount>;

/// Their names, parted by commas.
const QString& thingColumns();

ThingRow rowOf(const materials::Owned& owned);

/// The thing that a query for all columns stands on; nullopt when the row holds what no thing can have.
std::optional<materials::Owned> thingIn(const QSqlQuery& query);
std::string idIn(const QSqlQuery& query);

}  // namespace storage

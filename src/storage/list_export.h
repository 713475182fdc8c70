#pragma once

#include <QByteArray>
#include <QString>
#include <QStringList>
#include <optional>
#include <vector>

#include "materials/owned.h"

namespace storage {

/// One row of CSV (RFC 4180, UTF-8), its end included.
QByteArray csvRow(const QStringList& fields);

/// Things as CSV with every column that can be read back; photographs stay behind.
QByteArray drawerCsv(const std::vector<materials::Owned>& things);

/// Their colours as a palette text file (.gpl), and as CGATS.17 with CIELAB under D50. Tools have none.
QByteArray paletteText(const std::vector<materials::Owned>& things, const QString& name);
QByteArray readingsText(const std::vector<materials::Owned>& things);

/// The one of these that a file's ending asks for: .csv, .gpl or .txt (CGATS); nothing for another.
std::optional<QByteArray> listFor(const QString& file, const std::vector<materials::Owned>& things);

}  // namespace storage

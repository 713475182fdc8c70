#pragma once

#include <QByteArray>

#include "planning/record.h"

namespace storage {

/// What was done, a row an entry, with a row of headings. `holds` is "no" for what was taken back.
QByteArray logCsv(const planning::Record& record);

}  // namespace storage

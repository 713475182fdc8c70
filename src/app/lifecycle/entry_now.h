#pragma once

#include <QDateTime>

#include "planning/record.h"

namespace app {

/// An entry of a record at this time, its kind not yet given.
inline planning::Entry entryNow() {
    const QDateTime now = QDateTime::currentDateTime();
    planning::Entry entry;
    entry.at = now.toMSecsSinceEpoch();
    entry.offsetMinutes = now.offsetFromUtc() / 60;
    return entry;
}

}  // namespace app

#include "app/preferences.h"

#include <QSettings>

namespace app {

namespace {

QSettings settings() {
    return QSettings(QSettings::IniFormat, QSettings::UserScope, QStringLiteral("yawning-dune"),
                     QStringLiteral("yawning-dune"));
}

const QString countingKey = QStringLiteral("values/whiteIsOne");

}  // namespace

wording::Counting counting() {
    return settings().value(countingKey, false).toBool() ? wording::Counting::whiteIsOne
                                                         : wording::Counting::blackIsOne;
}

void setCounting(wording::Counting counting) {
    settings().setValue(countingKey, counting == wording::Counting::whiteIsOne);
}

}  // namespace app

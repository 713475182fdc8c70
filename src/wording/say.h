#pragma once

#include <QCoreApplication>
#include <QString>

namespace wording {

/// A sentence in the language of the interface; `which` tells equal words of different meaning apart, `count` stands
/// for %n. Words that stand in tables before they are said are marked there with QT_TRANSLATE_NOOP("wording", …).
inline QString say(const char* english, const char* which = nullptr, int count = -1) {
    return QCoreApplication::translate("wording", english, which, count);
}

}  // namespace wording

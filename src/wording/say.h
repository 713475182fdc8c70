#pragma once

#include <QCoreApplication>
#include <QString>

namespace wording {

/// A sentence in the language of the interface. lupdate finds these by -tr-function-alias translate+=say.
inline QString say(const char* english) {
    return QCoreApplication::translate("wording", english);
}

}  // namespace wording

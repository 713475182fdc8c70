#pragma once

#include <QLocale>
#include <QString>

namespace wording {

/// A number with that many decimals, as the language of the interface writes it.
inline QString decimal(double value, int decimals) {
    return QLocale().toString(value, 'f', decimals);
}

}  // namespace wording

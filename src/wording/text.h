#pragma once

#include <QString>
#include <string_view>

namespace wording {

/// The core's words, which are UTF-8.
inline QString text(std::string_view s) {
    return QString::fromUtf8(s.data(), qsizetype(s.size()));
}

}  // namespace wording

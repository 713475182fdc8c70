#pragma once

#include <QByteArray>
#include <QString>
#include <string_view>

#include "common/file.h"

namespace storage {

/// The core's words, which are UTF-8, and its bytes as Qt has them.
inline QString text(std::string_view s) {
    return QString::fromUtf8(s.data(), qsizetype(s.size()));
}
inline QByteArray qtBytes(const common::Bytes& bytes) {
    return {reinterpret_cast<const char*>(bytes.data()), qsizetype(bytes.size())};
}

}  // namespace storage

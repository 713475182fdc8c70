#pragma once

#include <QByteArray>

#include "common/file.h"
#include "wording/text.h"

namespace storage {

using wording::text;

/// The core's bytes as Qt has them.
inline QByteArray qtBytes(const common::Bytes& bytes) {
    return {reinterpret_cast<const char*>(bytes.data()), qsizetype(bytes.size())};
}

}  // namespace storage

#pragma once

#include <cstdint>
#include <filesystem>
#include <fstream>
#include <iterator>
#include <vector>

#include "common/result.h"

namespace common {

using Bytes = std::vector<std::uint8_t>;

/// The whole file; fileMissing or fileUnreadable otherwise.
inline Result<Bytes> readFile(const std::filesystem::path& path) {
    std::error_code error;
    if (!std::filesystem::exists(path, error)) return Problem{ProblemKind::fileMissing, path.string()};
    if (!std::filesystem::is_regular_file(path, error)) return Problem{ProblemKind::fileUnreadable, path.string()};
    std::ifstream in(path, std::ios::binary);
    if (!in) return Problem{ProblemKind::fileUnreadable, path.string()};
    Bytes bytes{std::istreambuf_iterator<char>(in), std::istreambuf_iterator<char>()};
    if (in.bad()) return Problem{ProblemKind::fileUnreadable, path.string()};
    return bytes;
}

}  // namespace common

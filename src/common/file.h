#pragma once

#include <cstdint>
#include <filesystem>
#include <fstream>
#include <string>
#include <vector>

#include "common/result.h"

namespace common {

using Bytes = std::vector<std::uint8_t>;

/// What can be said against a file without reading any of it: fileMissing, fileUnreadable or fileTooLarge; otherwise
/// its size in bytes.
inline Result<std::uintmax_t> fileSize(const std::filesystem::path& path, std::uintmax_t mostBytes) {
    std::error_code error;
    if (!std::filesystem::exists(path, error)) return Problem{ProblemKind::fileMissing, path.string()};
    if (!std::filesystem::is_regular_file(path, error)) return Problem{ProblemKind::fileUnreadable, path.string()};
    const std::uintmax_t size = std::filesystem::file_size(path, error);
    if (error) return Problem{ProblemKind::fileUnreadable, path.string()};
    if (size > mostBytes)
        return Problem{ProblemKind::fileTooLarge, path.string(), 0, "", std::to_string(mostBytes / 1'000'000)};
    return size;
}

/// The whole file; a problem as fileSize has it otherwise.
inline Result<Bytes> readFile(const std::filesystem::path& path, std::uintmax_t mostBytes) {
    const auto size = fileSize(path, mostBytes);
    if (!size) return size.problem();
    std::ifstream in(path, std::ios::binary);
    if (!in) return Problem{ProblemKind::fileUnreadable, path.string()};
    Bytes bytes(*size);
    in.read(reinterpret_cast<char*>(bytes.data()), std::streamsize(*size));
    if (in.bad()) return Problem{ProblemKind::fileUnreadable, path.string()};
    bytes.resize(std::size_t(in.gcount()));  // it may have become shorter meanwhile
    return bytes;
}

}  // namespace common

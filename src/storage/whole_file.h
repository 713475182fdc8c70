#pragma once

#include <QByteArray>
#include <filesystem>

#include "common/result.h"

namespace storage {

/// What keeps the system from writing, from errno: diskFull, folderUnwritable or writeFailed.
common::ProblemKind writeProblem(int error);

/// Replaces a file by these bytes, whole and on the disk when the call returns, or leaves what was there. Problems:
/// diskFull, folderUnwritable (no right to write there, or no file), writeFailed (the disk does not do what it is
/// asked).
common::Done writeWhole(const std::filesystem::path& file, const QByteArray& bytes);

}  // namespace storage

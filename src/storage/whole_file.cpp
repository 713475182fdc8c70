#include "storage/whole_file.h"

#include <fcntl.h>
#include <unistd.h>

#include <QSaveFile>
#include <cerrno>

namespace storage {

using common::Problem;
using common::ProblemKind;
namespace fs = std::filesystem;

common::ProblemKind writeProblem(int error) {
    switch (error) {
        case ENOSPC:
        case EDQUOT:
        case EFBIG:
            return ProblemKind::diskFull;
        case EACCES:
        case EPERM:
        case EROFS:
        case ENOENT:
        case ENOTDIR:
        case EISDIR:
        case ENAMETOOLONG:
            return ProblemKind::folderUnwritable;
        default:
            return ProblemKind::writeFailed;
    }
}

namespace {

/// To the disk itself; a file system that has no such thing is taken at its word.
bool synced(int descriptor) {
    return fsync(descriptor) == 0 || errno == EINVAL || errno == ENOSYS || errno == ENOTSUP;
}

bool syncedFolder(const fs::path& folder) {
    const int descriptor = open(folder.empty() ? "." : folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
    if (descriptor < 0) return errno == EACCES;  // one may write into a folder that one may not list
    const bool isSynced = synced(descriptor);
    const int error = errno;
    close(descriptor);
    errno = error;
    return isSynced;
}

}  // namespace

common::Done writeWhole(const fs::path& file, const QByteArray& bytes) {
    // A device or a folder must not be replaced by a file.
    std::error_code error;
    if (fs::exists(file, error) && !fs::is_regular_file(file, error))
        return Problem{ProblemKind::folderUnwritable, file.string()};
    QSaveFile out(QString::fromStdString(file.string()));
    errno = 0;
    // What stands in Qt's buffer only fails when it is flushed, which commit() does not look at.
    const bool done = out.open(QIODevice::WriteOnly) && out.write(bytes) == bytes.size() && out.flush() &&
                      synced(out.handle()) && out.commit() && syncedFolder(file.parent_path());
    if (!done) return Problem{writeProblem(errno), file.string()};
    return std::monostate{};
}

}  // namespace storage

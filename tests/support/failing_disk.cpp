#include "failing_disk.h"

#include <dlfcn.h>
#include <fcntl.h>
#include <sys/uio.h>
#include <unistd.h>

#include <atomic>
#include <cerrno>
#include <climits>
#include <cstdio>
#include <cstring>
#include <string>

namespace {

struct Fault {
    bool stands = false, stays = false;
    int error = 0;
    std::atomic<int> left = 0;
    const char* first = nullptr;
    std::string folder;
} fault;

bool isThere(const char* path) {
    return std::strncmp(path, fault.folder.c_str(), fault.folder.size()) == 0;
}

bool isThere(int descriptor) {
    char link[32], path[PATH_MAX];
    std::snprintf(link, sizeof link, "/proc/self/fd/%d", descriptor);
    const ssize_t length = readlink(link, path, sizeof path - 1);
    if (length < 0) return false;
    path[length] = 0;
    return isThere(path);
}

/// Whether this call is one that fails; errno is set then.
template <typename Place>
bool fails(const char* call, Place place) {
    if (!fault.stands || !isThere(place)) return false;
    const int left = fault.left--;
    if (left > 0 || (left < 0 && !fault.stays)) return false;
    if (!fault.first) fault.first = call;
    errno = fault.error;
    return true;
}

template <typename Function>
Function* next(Function*, const char* name) {
    return reinterpret_cast<Function*>(dlsym(RTLD_NEXT, name));
}

}  // namespace

extern "C" {

ssize_t write(int descriptor, const void* bytes, size_t size) {
    static const auto real = next(&write, "write");
    return fails("write", descriptor) ? -1 : real(descriptor, bytes, size);
}
ssize_t pwrite64(int descriptor, const void* bytes, size_t size, off64_t at) {
    static const auto real = next(&pwrite64, "pwrite64");
    return fails("pwrite64", descriptor) ? -1 : real(descriptor, bytes, size, at);
}
ssize_t writev(int descriptor, const iovec* parts, int count) {
    static const auto real = next(&writev, "writev");
    return fails("writev", descriptor) ? -1 : real(descriptor, parts, count);
}
int fsync(int descriptor) {
    static const auto real = next(&fsync, "fsync");
    return fails("fsync", descriptor) ? -1 : real(descriptor);
}
int fdatasync(int descriptor) {
    static const auto real = next(&fdatasync, "fdatasync");
    return fails("fdatasync", descriptor) ? -1 : real(descriptor);
}
int rename(const char* from, const char* to) noexcept {
    static const auto real = next(&rename, "rename");
    return fails("rename", to) ? -1 : real(from, to);
}
int linkat(int fromFolder, const char* from, int toFolder, const char* to, int flags) noexcept {
    static const auto real = next(&linkat, "linkat");
    return fails("linkat", to) ? -1 : real(fromFolder, from, toFolder, to, flags);
}

}  // extern "C"

FailingDisk::FailingDisk(const QString& folder, int call, int error, bool stays) {
    fault.folder = folder.toStdString();
    fault.left = call;
    fault.error = error;
    fault.stays = stays;
    fault.first = nullptr;
    fault.stands = true;
}

FailingDisk::~FailingDisk() {
    fault.stands = false;
}

bool FailingDisk::hasFailed() const {
    return fault.first != nullptr;
}

QString FailingDisk::failedCall() {
    return QString::fromLatin1(fault.first ? fault.first : "none");
}

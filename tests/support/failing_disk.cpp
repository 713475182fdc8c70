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
#include <mutex>
#include <random>
#include <string>
#include <thread>

namespace {

struct Fault {
    bool stands = false, stays = false;
    int error = 0;
    std::atomic<int> left = 0;
    const char* first = nullptr;
    std::string folder;
} fault;

struct Delay {
    std::mutex mutex;
    std::string folder;  // empty: none stands
    int minMilliseconds = 0, maxMilliseconds = 0;
    std::mt19937 random;
} delay;

bool isUnder(const char* path, const std::string& folder) {
    return std::strncmp(path, folder.c_str(), folder.size()) == 0;
}

bool isThere(const char* path) {
    return isUnder(path, fault.folder);
}

/// A slow disk's wait for this file.
void waitFor(const char* path) {
    int milliseconds = 0;
    {
        const std::lock_guard lock(delay.mutex);
        if (delay.folder.empty() || !isUnder(path, delay.folder)) return;
        milliseconds =
            delay.minMilliseconds + int(delay.random() % unsigned(delay.maxMilliseconds - delay.minMilliseconds + 1));
    }
    std::this_thread::sleep_for(std::chrono::milliseconds(milliseconds));
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
    waitFor(to);
    return fails("rename", to) ? -1 : real(from, to);
}
int linkat(int fromFolder, const char* from, int toFolder, const char* to, int flags) noexcept {
    static const auto real = next(&linkat, "linkat");
    waitFor(to);
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

SlowDisk::SlowDisk(const QString& folder, int maxMilliseconds, unsigned seed) {
    const std::lock_guard lock(delay.mutex);
    delay.folder = folder.toStdString();
    delay.minMilliseconds = 0;
    delay.maxMilliseconds = maxMilliseconds;
    delay.random.seed(seed);
}

SlowDisk::~SlowDisk() {
    const std::lock_guard lock(delay.mutex);
    delay.folder.clear();
}

void SlowDisk::setAllTo(int milliseconds) {
    const std::lock_guard lock(delay.mutex);
    delay.minMilliseconds = delay.maxMilliseconds = milliseconds;
}

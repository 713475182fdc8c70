#pragma once

#include <QString>

/// A disk that fails: while one stands, the system's calls that write to files under a folder are counted, and the one
/// with the number told fails, and every later one if the fault stays. A program has one at a time; its source goes
/// into the test program, where its functions stand before those of the C library.
class FailingDisk {
 public:
    /// `call` counts from 0; `error` as in errno (ENOSPC, EIO, ...).
    FailingDisk(const QString& folder, int call, int error, bool stays);
    ~FailingDisk();
    FailingDisk(const FailingDisk&) = delete;
    FailingDisk& operator=(const FailingDisk&) = delete;

    /// Whether a call has failed yet, and the name of the first that did.
    bool hasFailed() const;
    static QString failedCall();
};

/// A slow disk: while one stands, each file that takes its place under a folder waits between no time and
/// `maxMilliseconds` first, on the thread that writes it. One at a time, in the same source file as the failing disk.
class SlowDisk {
 public:
    SlowDisk(const QString& folder, int maxMilliseconds, unsigned seed = 1);
    ~SlowDisk();
    /// Each waits for as long as this.
    void setAllTo(int milliseconds);
    SlowDisk(const SlowDisk&) = delete;
    SlowDisk& operator=(const SlowDisk&) = delete;
};

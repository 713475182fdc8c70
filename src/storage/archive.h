#pragma once

#include <QByteArray>
#include <QJsonObject>
#include <memory>
#include <optional>
#include <string>

#include "common/file.h"

struct zip;

namespace storage {

/// No study, and no journal of one, is larger: what claims more is damage.
inline constexpr std::size_t mostArchiveBytes = 1'000'000'000;

/// A ZIP archive in memory, read part by part.
class ArchiveReader {
 public:
    /// Nullopt for what is no whole archive, or would be larger than any study when it is unpacked.
    static std::optional<ArchiveReader> open(common::Bytes bytes);

    bool has(const std::string& name) const;
    /// Nullopt if there is no such part, it is larger than `most`, or its checksum is wrong.
    std::optional<common::Bytes> part(const std::string& name, std::size_t most) const;
    std::optional<QJsonObject> json(const std::string& name) const;

 private:
    struct Close {
        void operator()(zip* archive) const;
    };
    common::Bytes bytes_;
    std::unique_ptr<zip, Close> archive_;
};

/// Puts parts together into a ZIP archive in memory.
class ArchiveWriter {
 public:
    ArchiveWriter();
    ~ArchiveWriter();
    ArchiveWriter(const ArchiveWriter&) = delete;
    ArchiveWriter& operator=(const ArchiveWriter&) = delete;

    /// The bytes are looked at again by finish(): they stay with who owns them.
    void add(const std::string& name, const common::Bytes& bytes);
    void add(const std::string& name, QByteArray bytes);
    void add(const std::string& name, const QJsonObject& json);
    /// Nullopt if there was no room for it.
    std::optional<QByteArray> finish();

 private:
    void add(const std::string& name, const void* data, std::size_t size, bool isPacked);

    struct Parts;
    std::unique_ptr<Parts> parts_;
};

}  // namespace storage

#include "storage/archive.h"

#include <zip.h>

#include <QJsonDocument>
#include <algorithm>
#include <deque>

#include "storage/text.h"

namespace storage {

namespace {

constexpr std::size_t mostJson = 64'000'000;

/// What all parts come to when they are unpacked, as their headers have it.
zip_uint64_t unpackedSize(zip_t* archive) {
    zip_uint64_t sum = 0;
    for (zip_int64_t i = 0; i < zip_get_num_entries(archive, 0) && sum <= mostArchiveBytes; ++i) {
        zip_stat_t stat;
        if (zip_stat_index(archive, zip_uint64_t(i), 0, &stat) == 0)
            sum += std::min<zip_uint64_t>(stat.size, mostArchiveBytes + 1);
    }
    return sum;
}

}  // namespace

void ArchiveReader::Close::operator()(zip* archive) const {
    zip_discard(archive);
}

std::optional<ArchiveReader> ArchiveReader::open(common::Bytes bytes) {
    ArchiveReader reader;
    reader.bytes_ = std::move(bytes);
    zip_error_t error;
    zip_error_init(&error);
    zip_source_t* source = zip_source_buffer_create(reader.bytes_.data(), reader.bytes_.size(), 0, &error);
    zip_t* archive = source ? zip_open_from_source(source, ZIP_CHECKCONS, &error) : nullptr;
    if (source && !archive) zip_source_free(source);
    zip_error_fini(&error);
    reader.archive_.reset(archive);
    if (!archive || unpackedSize(archive) > mostArchiveBytes) return std::nullopt;
    return reader;
}

bool ArchiveReader::has(const std::string& name) const {
    return zip_name_locate(archive_.get(), name.c_str(), 0) >= 0;
}

std::optional<common::Bytes> ArchiveReader::part(const std::string& name, std::size_t most) const {
    zip_stat_t stat;
    if (zip_stat(archive_.get(), name.c_str(), 0, &stat) != 0 || stat.size > most) return std::nullopt;
    zip_file_t* file = zip_fopen(archive_.get(), name.c_str(), 0);
    if (!file) return std::nullopt;
    common::Bytes bytes(stat.size);
    const zip_int64_t read = zip_fread(file, bytes.data(), stat.size);
    // The checksum is only compared when reading runs into the end.
    char beyond = 0;
    const zip_int64_t end = zip_fread(file, &beyond, 1);
    if (zip_fclose(file) != 0 || read != zip_int64_t(stat.size) || end != 0) return std::nullopt;
    return bytes;
}

std::optional<QJsonObject> ArchiveReader::json(const std::string& name) const {
    const auto bytes = part(name, mostJson);
    if (!bytes) return std::nullopt;
    const QJsonDocument json = QJsonDocument::fromJson(qtBytes(*bytes));
    if (!json.isObject()) return std::nullopt;
    return json.object();
}

struct ArchiveWriter::Parts {
    zip_source_t* target = nullptr;
    zip_t* archive = nullptr;
    std::deque<QByteArray> held;  // until finish()
    bool isGood = false;
};

ArchiveWriter::ArchiveWriter() : parts_(std::make_unique<Parts>()) {
    zip_error_t error;
    zip_error_init(&error);
    parts_->target = zip_source_buffer_create(nullptr, 0, 0, &error);
    if (parts_->target) parts_->archive = zip_open_from_source(parts_->target, ZIP_CREATE | ZIP_TRUNCATE, &error);
    zip_error_fini(&error);
    parts_->isGood = parts_->archive != nullptr;
    if (parts_->isGood) zip_source_keep(parts_->target);
}

ArchiveWriter::~ArchiveWriter() {
    if (parts_->archive) zip_discard(parts_->archive);
    if (parts_->target) zip_source_free(parts_->target);
}

void ArchiveWriter::add(const std::string& name, const void* data, std::size_t size, bool isPacked) {
    zip_source_t* source = parts_->isGood ? zip_source_buffer(parts_->archive, data, size, 0) : nullptr;
    parts_->isGood = source != nullptr;
    if (!source) return;
    const zip_int64_t index = zip_file_add(parts_->archive, name.c_str(), source, ZIP_FL_ENC_UTF_8);
    parts_->isGood = index >= 0;
    if (index < 0) return zip_source_free(source);
    zip_set_file_compression(parts_->archive, zip_uint64_t(index), isPacked ? ZIP_CM_DEFLATE : ZIP_CM_STORE, 0);
    // The first day that there is, so that the same study is the same file whenever it is written.
    constexpr zip_uint16_t midnight = 0, firstOf1980 = (1 << 5) | 1;
    zip_file_set_dostime(parts_->archive, zip_uint64_t(index), midnight, firstOf1980, 0);
}

void ArchiveWriter::add(const std::string& name, const common::Bytes& bytes) {
    add(name, bytes.data(), bytes.size(), false);  // pictures are packed already
}

void ArchiveWriter::add(const std::string& name, QByteArray bytes) {
    const QByteArray& held = parts_->held.emplace_back(std::move(bytes));
    add(name, held.constData(), std::size_t(held.size()), false);
}

void ArchiveWriter::add(const std::string& name, const QJsonObject& json) {
    const QByteArray& held = parts_->held.emplace_back(QJsonDocument(json).toJson());
    add(name, held.constData(), std::size_t(held.size()), true);
}

std::optional<QByteArray> ArchiveWriter::finish() {
    if (!parts_->isGood || zip_close(parts_->archive) != 0) return std::nullopt;
    parts_->archive = nullptr;
    zip_source_t* target = parts_->target;
    zip_stat_t stat;
    zip_source_stat(target, &stat);
    QByteArray bytes(qsizetype(stat.size), Qt::Uninitialized);
    zip_source_open(target);
    const bool isRead = zip_source_read(target, bytes.data(), stat.size) == zip_int64_t(stat.size);
    zip_source_close(target);
    if (!isRead) return std::nullopt;
    return bytes;
}

}  // namespace storage

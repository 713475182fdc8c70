#include "app/bench/photographs.h"

#include <QBuffer>
#include <QDir>
#include <QImage>

#include "colour/image_colour.h"
#include "common/file.h"
#include "drawing/pictures.h"
#include "subject/picture.h"

namespace app {

common::Result<planning::SharedBytes> photographFrom(const QString& file) {
    constexpr int longSide = 2048, quality = 92;
    const auto bytes = common::readFile(file.toStdString(), subject::mostPictureBytes);
    if (!bytes) return bytes.problem();
    const auto picture = subject::readPicture(*bytes, file.toStdString(), longSide);
    if (!picture) return picture.problem();
    QByteArray jpeg;
    QBuffer buffer(&jpeg);
    drawing::imageOf(colour::srgb8ImageFromXyz(picture->xyz)).save(&buffer, "JPEG", quality);
    return std::make_shared<const common::Bytes>(jpeg.begin(), jpeg.end());
}

WatchedFolder::WatchedFolder(QObject* parent) : QObject(parent) {
    settle_.setSingleShot(true);
    settle_.setInterval(400);  // a picture that is still being written has grown by then
    connect(&watcher_, &QFileSystemWatcher::directoryChanged, &settle_, [this] { settle_.start(); });
    connect(&settle_, &QTimer::timeout, this, &WatchedFolder::look);
}

QStringList WatchedFolder::pictures() const {
    QStringList files;
    for (const QFileInfo& info : QDir(folder_).entryInfoList({"*.jpg", "*.jpeg", "*.png", "*.tif", "*.tiff", "*.webp"},
                                                             QDir::Files, QDir::Name))
        files << info.filePath();
    return files;
}

void WatchedFolder::watch(const QString& folder) {
    if (!watcher_.directories().isEmpty()) watcher_.removePaths(watcher_.directories());
    folder_ = folder;
    known_.clear();
    growing_.clear();
    if (folder_.isEmpty()) return;
    const QStringList there = pictures();
    known_ = QSet<QString>(there.begin(), there.end());
    watcher_.addPath(folder_);
}

void WatchedFolder::look() {
    for (const QString& file : pictures()) {
        if (known_.contains(file)) continue;
        const qint64 size = QFileInfo(file).size();
        if (size > 0 && growing_.value(file, -1) == size) {
            known_.insert(file);
            growing_.remove(file);
            Q_EMIT pictureCame(file);
        } else {
            growing_[file] = size;
            settle_.start();
        }
    }
}

}  // namespace app

#pragma once

#include <QFileSystemWatcher>
#include <QObject>
#include <QSet>
#include <QTimer>

#include "common/result.h"
#include "planning/record.h"

namespace app {

/// A photograph as the record keeps it: upright, its long side no longer than is looked at, a JPEG.
/// Problems: those of subject::readPicture.
common::Result<planning::SharedBytes> photographFrom(const QString& file);

/// A folder into which a camera or telephone puts pictures: each new one is told once it is whole.
class WatchedFolder : public QObject {
    Q_OBJECT

 public:
    explicit WatchedFolder(QObject* parent = nullptr);
    /// What lies there already is not new. Empty: no folder.
    void watch(const QString& folder);
    const QString& folder() const { return folder_; }

 Q_SIGNALS:
    void pictureCame(const QString& file);

 private:
    void look();
    QStringList pictures() const;

    QString folder_;
    QFileSystemWatcher watcher_;
    QTimer settle_;
    QSet<QString> known_;
    QHash<QString, qint64> growing_;  // sizes as last seen
};

}  // namespace app

#pragma once

#include <QLockFile>
#include <QSqlDatabase>
#include <QString>
#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "common/result.h"
#include "materials/owned.h"

namespace storage {

/// What the artist owns, in an SQLite file. Every change is one transaction that is on the disk when the call returns:
/// a program killed at any instant leaves the library with all changes that were confirmed and no half of another. A
/// second copy of the program may read, not write. To be used on one thread.
class MaterialsStore {
 public:
    /// Opens the library, or makes an empty one; one of an older schema is brought up to date. Refuses one that is
    /// damaged (libraryDamaged), of a newer program (libraryNewer), or in a folder that cannot be written
    /// (folderUnwritable).
    static common::Result<std::unique_ptr<MaterialsStore>> open(const QString& file);
    ~MaterialsStore();
    MaterialsStore(const MaterialsStore&) = delete;
    MaterialsStore& operator=(const MaterialsStore&) = delete;

    /// Another copy of the program holds the library: changes are refused with libraryBusy.
    bool isReadOnly() const { return !lock_.isLocked(); }
    const QString& file() const { return file_; }

    common::Result<materials::Drawer> drawer() const;

    /// Adds these things, or puts them in the place of those with the same id.
    common::Done put(const std::vector<materials::Owned>& things);
    /// Takes things out of the drawer and of every tray.
    common::Done remove(const std::vector<std::string>& ids);
    /// Makes or changes a tray; one without things is taken away.
    common::Done putTray(const materials::Tray& tray);

    /// In the XDG data folder.
    static QString usualFile();

 private:
    explicit MaterialsStore(const QString& file);
    std::optional<common::Problem> begin();
    common::Done changed(const std::function<bool()>& work);
    common::Problem problem(common::ProblemKind kind) const;

    QString file_;
    QLockFile lock_;
    QSqlDatabase database_;
};

}  // namespace storage

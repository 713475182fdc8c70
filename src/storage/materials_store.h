#pragma once

#include <QLockFile>
#include <QSqlDatabase>
#include <QSqlError>
#include <QString>
#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "common/file.h"
#include "common/result.h"
#include "materials/owned.h"
#include "practice/training.h"

namespace storage {

/// One step: things added or put in the place of those with the same id, things taken out of the drawer and of every
/// tray, trays and mixtures made or changed (one without things or strokes is taken away), in this order; and how much
/// of records the stock has been told of.
struct DrawerChange {
    std::vector<materials::Owned> put = {};
    std::vector<std::string> removed = {};
    std::vector<materials::Tray> trays = {};
    std::vector<materials::OwnMixture> mixtures = {};
    std::vector<materials::StockTaken> stockTaken = {};
};

/// What a drawer is after a change, as MaterialsStore::apply leaves it.
materials::Drawer applied(materials::Drawer drawer, const DrawerChange& change);

/// A photograph or scan, as the file came in.
struct Photograph {
    std::string name;
    common::Bytes bytes;
};

/// What the artist owns, in an SQLite file. Every change is one transaction that is on the disk when the call returns:
/// a program killed at any instant leaves the library with all changes that were confirmed and no half of another. A
/// second copy of the program may read, not write. To be used on one thread.
class MaterialsStore {
 public:
    /// Opens the library, or makes an empty one; one of an older schema is brought up to date. Refuses one that is
    /// damaged (libraryDamaged), of a newer program (libraryNewer), or, where there is none yet, in a folder that
    /// cannot be written (folderUnwritable).
    static common::Result<std::unique_ptr<MaterialsStore>> open(const QString& file);
    /// The same library with the same rights, for use on the calling thread; this store must outlive it.
    common::Result<std::unique_ptr<MaterialsStore>> another() const;
    ~MaterialsStore();
    MaterialsStore(const MaterialsStore&) = delete;
    MaterialsStore& operator=(const MaterialsStore&) = delete;

    /// Another copy of the program holds the library (changes are refused with libraryBusy), or nobody may write to it
    /// (libraryReadOnly).
    bool isReadOnly() const { return isUnwritable_ || (!lock_.isLocked() && !sharesLock_); }
    /// This opening made the library.
    bool isNew() const { return isNew_; }
    const QString& file() const { return file_; }

    /// What is to be said of that: libraryBusy or libraryReadOnly.
    std::optional<common::Problem> whyReadOnly() const;
    /// All that can be read. Of rows that cannot, which stay in the library, `unreadable` tells (thingsUnreadable).
    common::Result<materials::Drawer> drawer(std::optional<common::Problem>* unreadable = nullptr) const;
    /// The trays alone, in the order of their names.
    common::Result<std::vector<materials::Tray>> trays() const;
    /// Likewise; one that cannot be read is left out, and stays in the library.
    common::Result<std::vector<materials::OwnMixture>> mixtures() const;
    /// In the order of the records' ids.
    common::Result<std::vector<materials::StockTaken>> stockTaken() const;

    /// All of a change or nothing.
    common::Done apply(const DrawerChange& change);

    /// Holds a photograph and gives the key by which things refer to it; the same bytes have the same key. Those that
    /// nothing refers to any more are let go when the library is next opened.
    common::Result<std::string> keep(const Photograph& photograph);
    /// fileMissing (with the key) when it is not held.
    common::Result<Photograph> photograph(const std::string& key) const;

    /// Remembers which things the rows of printed swatch cards are meant for, `rowsOnPage` of them a page, and gives
    /// the page of the first. Pages go round review::mostPages: the oldest cards are forgotten first.
    common::Result<int> rememberCards(const std::vector<std::string>& ids, int rowsOnPage, int pages);
    /// The ids of the rows of a page, in order, as they were remembered (an id may be empty); none when no such card
    /// was printed.
    common::Result<std::vector<std::string>> cardRows(int page) const;

    /// An answer to an exercise for the eye.
    common::Done addAnswer(const practice::Answer& answer);
    /// All of them in the order in which they were given; what no exercise can have been answered with is left out.
    common::Result<std::vector<practice::Answer>> answers() const;

    /// In the XDG data folder.
    static QString usualFile();

 private:
    explicit MaterialsStore(const QString& file);
    std::optional<common::Problem> begin();
    void letGoOfPhotographs();
    bool put(const std::vector<materials::Owned>& things);
    bool remove(const std::vector<std::string>& ids);
    bool putTray(const materials::Tray& tray);
    bool putMixture(const materials::OwnMixture& mixture);
    bool putStockTaken(const materials::StockTaken& taken);
    common::Done changed(const std::function<bool()>& work);
    common::Problem problem(common::ProblemKind kind) const;
    common::Problem problem(const QSqlError& error) const;
    /// Remembers why a query was not done.
    bool done(QSqlQuery& query, bool isDone);

    QString file_;
    QLockFile lock_;
    QSqlDatabase database_;
    bool sharesLock_ = false;  // of the store that this is another of
    bool isUnwritable_ = false;
    bool isNew_ = false;
    QSqlError error_;
};

}  // namespace storage

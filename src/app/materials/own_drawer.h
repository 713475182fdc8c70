#pragma once

#include <QObject>
#include <QUndoStack>
#include <functional>
#include <memory>

#include "app/background.h"
#include "storage/materials_store.h"

namespace app {

/// What the artist owns, as the windows share it. A change is on the disk when it is seen, and can be undone for as
/// long as the program runs.
class OwnDrawer : public QObject {
    Q_OBJECT

 public:
    /// The store must live longer.
    explicit OwnDrawer(storage::MaterialsStore& store);

    const materials::Drawer& drawer() const { return drawer_; }
    /// Null for an id that is not there.
    const materials::Owned* thing(const std::string& id) const;
    const materials::Tray* tray(const std::string& name) const;
    /// How many entries of a record (by its id) are counted off the stock; nothing if it has never been told of it.
    std::optional<int> stockTakenOf(const std::string& record) const;
    storage::MaterialsStore& store() { return store_; }
    const storage::MaterialsStore& store() const { return store_; }
    const QUndoStack& history() const { return history_; }
    /// What of the drawer could not be read, if anything.
    const std::optional<common::Problem>& unreadable() const { return unreadable_; }

    /// Reads it anew where another copy of the program may have changed it, which this one then cannot.
    void lookAgain();

    /// One undoable step. False, after problemMet, when it could not be written: nothing has changed then.
    bool apply(const QString& what, storage::DrawerChange change);
    /// The same for long changes, off the interface thread; then `done` with whether it was written. Nothing else may
    /// be changed until then.
    void applyInBackground(const QString& what, storage::DrawerChange change, std::function<void(bool)> done);
    /// Off the interface thread too, since the step may be a long one. Without a step, or while another is written,
    /// nothing is done.
    void undo();
    void redo();
    bool isWriting() const { return background_.isBusy(); }

 Q_SIGNALS:
    void changed();
    /// Begins or ends to be written in the background.
    void writingChanged();
    void problemMet(const common::Problem& problem);

 private:
    class Step;
    using Change = std::shared_ptr<const storage::DrawerChange>;
    storage::DrawerChange reversed(const storage::DrawerChange& change) const;
    void read();
    /// Writes a change on another thread, then does something if that has succeeded, and tells whether it has.
    void write(const Change& change, std::function<void()> then, std::function<void(bool)> done);
    void take(const storage::DrawerChange& change);

    storage::MaterialsStore& store_;
    materials::Drawer drawer_;
    std::optional<common::Problem> unreadable_;
    QUndoStack history_;
    Background background_{this};
};

}  // namespace app

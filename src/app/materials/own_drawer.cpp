#include "app/materials/own_drawer.h"

#include <QUndoCommand>
#include <algorithm>
#include <set>

namespace app {

class OwnDrawer::Step : public QUndoCommand {
 public:
    Step(OwnDrawer& drawer, const QString& what, Change there, storage::DrawerChange back, bool isWritten = false)
        : QUndoCommand(what),
          drawer_(drawer),
          there_(std::move(there)),
          back_(std::move(back)),
          isWritten_(isWritten) {}

    void redo() override {
        // A step that could not be written does not stay in the history.
        if (!isWritten_) setObsolete(!drawer_.write(*there_));
        isWritten_ = false;
    }
    void undo() override { drawer_.write(back_); }

 private:
    OwnDrawer& drawer_;
    Change there_;
    storage::DrawerChange back_;
    bool isWritten_;  // before it comes into the history
};

OwnDrawer::OwnDrawer(storage::MaterialsStore& store) : store_(store) {
    if (auto drawer = store_.drawer(&unreadable_))
        drawer_ = *std::move(drawer);
    else
        unreadable_ = drawer.problem();
}

const materials::Owned* OwnDrawer::thing(const std::string& id) const {
    const auto found = std::ranges::lower_bound(drawer_.things, id, {}, &materials::idOf);
    return found != drawer_.things.end() && materials::idOf(*found) == id ? &*found : nullptr;
}

const materials::Tray* OwnDrawer::tray(const std::string& name) const {
    const auto found = std::ranges::find(drawer_.trays, name, &materials::Tray::name);
    return found != drawer_.trays.end() ? &*found : nullptr;
}

storage::DrawerChange OwnDrawer::reversed(const storage::DrawerChange& change) const {
    storage::DrawerChange back;
    for (const materials::Owned& owned : change.put)
        if (const materials::Owned* before = thing(materials::idOf(owned)))
            back.put.push_back(*before);
        else
            back.removed.push_back(materials::idOf(owned));
    const std::set<std::string> removed(change.removed.begin(), change.removed.end());
    for (const std::string& id : removed)
        if (const materials::Owned* before = thing(id)) back.put.push_back(*before);
    for (const materials::Tray& before : drawer_.trays) {
        const bool isPut = std::ranges::find(change.trays, before.name, &materials::Tray::name) != change.trays.end();
        const auto isRemoved = [&](const std::string& id) { return removed.contains(id); };
        if (isPut || std::ranges::any_of(before.ids, isRemoved)) back.trays.push_back(before);
    }
    for (const materials::Tray& made : change.trays)
        if (!tray(made.name)) back.trays.push_back({made.name, {}});
    return back;
}

bool OwnDrawer::apply(const QString& what, storage::DrawerChange change) {
    const int before = history_.index();
    auto back = reversed(change);
    history_.push(new Step(*this, what, std::make_shared<storage::DrawerChange>(std::move(change)), std::move(back)));
    return history_.index() > before;
}

void OwnDrawer::applyInBackground(const QString& what, storage::DrawerChange change, std::function<void(bool)> done) {
    const Change shared = std::make_shared<storage::DrawerChange>(std::move(change));
    const auto work = [this, shared](const common::Progress&) -> common::Done {
        const auto other = store_.another();
        if (!other) return other.problem();
        return (*other)->apply(*shared);
    };
    background_.run(work, [this, what, shared, done](const common::Done& written) {
        if (!written) {
            Q_EMIT problemMet(written.problem());
            return done(false);
        }
        auto back = reversed(*shared);
        drawer_ = storage::applied(std::move(drawer_), *shared);
        history_.push(new Step(*this, what, shared, std::move(back), true));
        Q_EMIT changed();
        done(true);
    });
}

bool OwnDrawer::write(const storage::DrawerChange& change) {
    if (const auto done = store_.apply(change); !done) {
        Q_EMIT problemMet(done.problem());
        return false;
    }
    drawer_ = storage::applied(std::move(drawer_), change);
    Q_EMIT changed();
    return true;
}

}  // namespace app

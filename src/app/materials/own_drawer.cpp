#include "app/materials/own_drawer.h"

#include <QUndoCommand>
#include <algorithm>
#include <set>

namespace app {

/// What has been written: the history only shows it.
class OwnDrawer::Step : public QUndoCommand {
 public:
    Step(OwnDrawer& drawer, const QString& what, const Change& change)
        : QUndoCommand(what),
          there(change),
          back(std::make_shared<storage::DrawerChange>(drawer.reversed(*change))),
          drawer_(drawer) {}

    void redo() override { drawer_.take(*there); }
    void undo() override { drawer_.take(*back); }

    const Change there, back;

 private:
    OwnDrawer& drawer_;
};

OwnDrawer::OwnDrawer(storage::MaterialsStore& store) : store_(store) {
    read();
}

void OwnDrawer::read() {
    unreadable_.reset();
    if (auto drawer = store_.drawer(&unreadable_))
        drawer_ = *std::move(drawer);
    else
        unreadable_ = drawer.problem();
}

void OwnDrawer::lookAgain() {
    if (!store_.isReadOnly()) return;
    read();
    Q_EMIT changed();
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
    for (const materials::OwnMixture& made : change.mixtures) {
        const auto before = std::ranges::find(drawer_.mixtures, made.name, &materials::OwnMixture::name);
        back.mixtures.push_back(before != drawer_.mixtures.end() ? *before : materials::OwnMixture{made.name, {}, {}});
    }
    for (const materials::StockTaken& made : change.stockTaken)
        back.stockTaken.push_back({made.record, stockTakenOf(made.record).value_or(0)});
    return back;
}

std::optional<int> OwnDrawer::stockTakenOf(const std::string& record) const {
    const auto found = std::ranges::find(drawer_.stockTaken, record, &materials::StockTaken::record);
    return found != drawer_.stockTaken.end() ? std::optional(found->entries) : std::nullopt;
}

bool OwnDrawer::apply(const QString& what, storage::DrawerChange change) {
    if (const auto done = store_.apply(change); !done) {
        Q_EMIT problemMet(done.problem());
        return false;
    }
    history_.push(new Step(*this, what, std::make_shared<storage::DrawerChange>(std::move(change))));
    return true;
}

void OwnDrawer::applyInBackground(const QString& what, storage::DrawerChange change, std::function<void(bool)> done) {
    const Change shared = std::make_shared<storage::DrawerChange>(std::move(change));
    write(
        shared, [this, what, shared] { history_.push(new Step(*this, what, shared)); }, std::move(done));
}

void OwnDrawer::undo() {
    if (!history_.canUndo() || isWriting()) return;
    write(static_cast<const Step*>(history_.command(history_.index() - 1))->back, [this] { history_.undo(); }, {});
}

void OwnDrawer::redo() {
    if (!history_.canRedo() || isWriting()) return;
    write(static_cast<const Step*>(history_.command(history_.index()))->there, [this] { history_.redo(); }, {});
}

void OwnDrawer::write(const Change& change, std::function<void()> then, std::function<void(bool)> done) {
    const auto work = [this, change](const common::Progress&) -> common::Done {
        const auto other = store_.another();
        if (!other) return other.problem();
        return (*other)->apply(*change);
    };
    background_.run(work, [this, then = std::move(then), done = std::move(done)](const common::Done& written) {
        if (written) then();
        Q_EMIT writingChanged();
        if (!written) Q_EMIT problemMet(written.problem());
        if (done) done(written.ok());
    });
    Q_EMIT writingChanged();
}

void OwnDrawer::take(const storage::DrawerChange& change) {
    drawer_ = storage::applied(std::move(drawer_), change);
    Q_EMIT changed();
}

}  // namespace app

#include "app/desk.h"

#include <algorithm>

#include "wording/sentences.h"

namespace app {

Desk::Desk(materials::Library starter, storage::MaterialsStore* store) : starter_(std::move(starter)), store_(store) {}

OwnDrawer* Desk::drawer() {
    if (store_ && !drawer_) {
        drawer_ = std::make_unique<OwnDrawer>(*store_);
        connect(drawer_.get(), &OwnDrawer::changed, this, &Desk::traysChanged);
    }
    return drawer_.get();
}

common::Result<materials::Library> Desk::materials(const materials::Tray* tray) {
    if (storeProblem_) return *storeProblem_;
    if (!store_) return starter_;
    if (!tray) drawer()->lookAgain();  // a tray lies in the drawer as it has just been read
    if (const auto& unreadable = drawer()->unreadable()) {
        if (drawer()->drawer().things.empty()) return *unreadable;
        Q_EMIT said(wording::problemSentence(*unreadable));
    }
    materials::Library own = materials::libraryOf(drawer()->drawer(), tray);
    if (!tray && own.media.empty()) {
        own.media = starter_.media;
        Q_EMIT said(
            tr("The drawer has no stick, pencil or pan that is not used up, so those of the starter materials are "
               "taken: put your own in under Materials."));
    }
    // A tray of sticks alone is planned on all papers, those of the drawer or those that ship with the program.
    if (own.papers.empty()) own.papers = materials::libraryOf(drawer()->drawer()).papers;
    if (own.papers.empty()) own.papers = starter_.papers;
    return own;
}

QStringList Desk::trays() {
    QStringList names;
    if (store_)
        for (const materials::Tray& tray : drawer()->drawer().trays) names << QString::fromStdString(tray.name);
    return names;
}

void Desk::drawFrom(const QString& name) {
    if (store_ && !name.isEmpty()) drawer()->lookAgain();
    const materials::Tray* tray = store_ ? drawer()->tray(name.toStdString()) : nullptr;
    const auto refuse = [this](const QString& sentence) {
        Q_EMIT said(sentence);
        Q_EMIT traysChanged();
    };
    if (!name.isEmpty() && !tray) return refuse(tr("There is no tray %1 any more: choose another.").arg(name));
    auto library = materials(name.isEmpty() ? nullptr : tray);
    if (!library) return refuse(wording::problemSentence(library.problem()));
    if (library->media.empty())
        return refuse(tr("The tray %1 has no stick, pencil or pan to plan with that is not used up: put some into it.")
                          .arg(name));
    planning::Study study = session_.study();
    study.tray = name.toStdString();
    if (!library->paper(study.paper)) study.paper.clear();
    session_.chooseMaterials(tr("Draw from %1").arg(name.isEmpty() ? tr("the whole drawer") : name), study,
                             *std::move(library));
}

}  // namespace app

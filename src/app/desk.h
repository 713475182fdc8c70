#pragma once

#include <QObject>
#include <memory>
#include <optional>

#include "app/lifecycle/study_file.h"
#include "app/materials/own_drawer.h"

namespace app {

/// What everything in the main window works with, and the one place that a station gets it from: the study in hand, the
/// materials that studies draw from, and what may be asked of the window.
class Desk : public QObject {
    Q_OBJECT

 public:
    /// Studies draw from what the store holds; without one, or when it is empty, from the starter materials.
    Desk(materials::Library starter, storage::MaterialsStore* store);

    Session& session() { return session_; }
    StudyFile& file() { return file_; }
    /// Null without a store. Read when it is first asked for.
    OwnDrawer* drawer();
    bool hasDrawer() const { return store_ != nullptr; }
    const materials::Library& starter() const { return starter_; }
    /// The artist's own materials could not be opened: that is told before others are taken.
    void setStoreProblem(const common::Problem& problem) { storeProblem_ = problem; }

    /// The drawer, or a tray of it, as it is now.
    common::Result<materials::Library> materials(const materials::Tray* tray = nullptr);
    /// Trays that a study may draw from, by their names.
    QStringList trays();
    /// The study in hand draws from this tray, or from the whole drawer if it is empty, as they are now.
    void drawFrom(const QString& tray);

 Q_SIGNALS:
    void said(const QString& sentence);
    void traysChanged();
    void openPictureWanted();
    void otherPictureWanted();
    /// The construction drawing is to be exported; the window asks where to.
    void constructionWanted();

 private:
    Session session_;
    StudyFile file_{session_};
    materials::Library starter_;
    storage::MaterialsStore* store_;
    std::optional<common::Problem> storeProblem_;
    std::unique_ptr<OwnDrawer> drawer_;
};

}  // namespace app

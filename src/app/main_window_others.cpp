#include <QMenuBar>

#include "app/help/keys_page.h"
#include "app/main_window.h"
#include "app/practice/practice_sources.h"

namespace app {

MaterialsWindow* MainWindow::materialsWindow() {
    if (!desk_.hasDrawer()) return nullptr;
    if (!materials_) {
        materials_ = std::make_unique<MaterialsWindow>(*desk_.drawer());
        connect(materials_.get(), &MaterialsWindow::trialWanted, this,
                [this](const std::vector<std::string>& ids) { tryOut(wishFor(ids)); });
        addManual(*materials_, QStringLiteral("materials"));
    }
    return materials_.get();
}

PracticeWindow* MainWindow::practiceWindow() {
    if (!desk_.hasDrawer()) return nullptr;
    if (!practice_) {
        practice_ = std::make_unique<PracticeWindow>(desk_.drawer()->store(),
                                                     [this] { return practiceSources(desk_.session()); });
        addManual(*practice_, QStringLiteral("practice"));
    }
    return practice_.get();
}

TrialWindow& MainWindow::trialWindow() {
    if (!trial_) {
        trial_ = std::make_unique<TrialWindow>(desk_);
        addManual(*trial_, QStringLiteral("trial"));
    }
    return *trial_;
}

ManualWindow& MainWindow::manualWindow() {
    if (!manual_)
        manual_ = std::make_unique<ManualWindow>([this] {
            QList<QWidget*> windows{this, &trialWindow()};
            for (QMainWindow* other :
                 {static_cast<QMainWindow*>(materialsWindow()), static_cast<QMainWindow*>(practiceWindow())})
                if (other) windows << other;
            return keysPage(windows);
        });
    return *manual_;
}

QString MainWindow::manualPage() const {
    if (isAtBeginning()) return QStringLiteral("begin");
    // "app::SubjectStation" has the page "subject".
    QString name = QLatin1String(stations_[station()]->metaObject()->className()).mid(5);
    return name.remove(QStringLiteral("Station")).toLower();
}

void MainWindow::openManual(const QString& page) {
    manualWindow().open(page);
    toFront(manualWindow());
}

void MainWindow::addManual(QMainWindow& window, const QString& page) {
    QAction* action = window.menuBar()->addMenu(tr("&Help"))->addAction(tr("Manual, at this page"));
    action->setShortcut(QKeySequence::HelpContents);
    connect(action, &QAction::triggered, this, [this, page] { openManual(page); });
}

TrialWish MainWindow::wishFor(const std::vector<std::string>& ids) {
    TrialWish wish;
    for (const std::string& id : ids) {
        const materials::Owned* owned = desk_.drawer()->thing(id);
        if (owned && std::holds_alternative<materials::Paper>(owned->what))
            wish.paper = id;
        else
            wish.sticks.push_back(id);
    }
    return wish;
}

void MainWindow::tryOut(const TrialWish& wish) {
    toFront(trialWindow());
    trialWindow().take(wish);
}

void MainWindow::toFront(QMainWindow& window) {
    window.show();
    window.raise();
    window.activateWindow();
}

}  // namespace app

// What the main window opens, saves and exports.

#include <QApplication>
#include <QFileDialog>
#include <QFileInfo>
#include <QMessageBox>
#include <QProgressBar>
#include <QSessionManager>
#include <QStackedWidget>

#include "app/export_sheet.h"
#include "app/file_to_write.h"
#include "app/lifecycle/end_signals.h"
#include "app/main_window.h"
#include "app/recovery/unsaved_sheet.h"
#include "print/construction_sheets.h"
#include "storage/plan_export.h"
#include "wording/sentences.h"

namespace app {

namespace {

QString pictureFiles() {
    return MainWindow::tr("Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.webp)");
}

}  // namespace

void MainWindow::followLifecycle() {
    lifecycle_.ask.unsavedChoices = [this] {
        const auto answer =
            QMessageBox::question(this, tr("Unsaved choices"), tr("This study has choices that are not saved."),
                                  QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel);
        return answer == QMessageBox::Save      ? StudyLifecycle::Unsaved::save
               : answer == QMessageBox::Discard ? StudyLifecycle::Unsaved::discard
                                                : StudyLifecycle::Unsaved::stay;
    };
    lifecycle_.ask.starterMaterials = [this](const QString& why) {
        return QMessageBox::question(this, tr("Your materials cannot be read"),
                                     tr("%1 Plan this picture with the starter materials meanwhile?").arg(why)) ==
               QMessageBox::Yes;
    };
    lifecycle_.ask.nameToSave = [this] {
        QString suggested = desk_.file().path();
        if (suggested.isEmpty())
            suggested =
                fileNameFrom(QString::fromStdString(session_.study().title), tr("Study")) + QStringLiteral(".dune");
        return fileToWrite(this, tr("Save study"), suggested, tr("Studies (*.dune)"));
    };
    connect(&lifecycle_, &StudyLifecycle::said, this, &MainWindow::tell);
    connect(&lifecycle_, &StudyLifecycle::problemGone, this, [this] { tell({}); });
    connect(&lifecycle_, &StudyLifecycle::swapped, pictures_, &PicturePair::fit);
    connect(&lifecycle_, &StudyLifecycle::waitBegan, this, [this](const QString& what) {
        whole_->setCurrentIndex(1);  // where the progress is shown
        showProgress(what);
        progress_->setRange(0, 0);  // how far it is is not known
    });
    connect(&lifecycle_, &StudyLifecycle::leavingSlowly, this, [this] {
        showProgress(tr("Waiting for what is still under way on this study"));
        progress_->setRange(0, 0);
        stop_->setText(tr("Stay with this study"));
        isLeavingShown_ = true;
    });
    connect(&lifecycle_, &StudyLifecycle::waitEnded, this, [this] {
        if (std::exchange(isLeavingShown_, false)) stop_->setText(tr("Stop"));
        progressRow_->setVisible(session_.isPlanning());
        refresh();
    });
}

ExportSheet* MainWindow::chooseAndExport() {
    const auto plan = session_.plan();
    if (!plan || !session_.isPlanCurrent()) {
        tell(tr("The plan is not ready yet: wait until it is made, then export it."));
        return nullptr;
    }
    auto* sheet = new ExportSheet(this, plan, session_.study());
    connect(sheet, &ExportSheet::written, this, &MainWindow::tell);
    sheet->open();
    return sheet;
}

bool MainWindow::exportConstruction(const QString& file) {
    const auto reading = session_.reading();
    if (!reading) {
        tell(tr("There is nothing to construct yet: open a picture first."));
        return false;
    }
    const planning::Study& study = session_.study();
    const planning::Construction construction = planning::constructionOf(study, *reading);
    const QStringList names = wording::areaNames(study, reading->areas);
    const QString ending = QFileInfo(file).suffix().toLower();
    if (ending != "svg" && ending != "pdf") {
        tell(tr("A construction drawing is exported as .svg or .pdf: give the file one of these endings."));
        return false;
    }
    const common::Done done =
        ending == "svg" ? print::writeConstructionSvg(construction, names, file)
                        : print::writeConstructionPdf(construction, names, QString::fromStdString(study.title), file);
    if (!done) tell(wording::problemSentence(done.problem()));
    return done.ok();
}

void MainWindow::offerUnsavedWork() {
    recovering_.run(
        [folder = lifecycle_.keeper().folder()](const common::Progress&) { return JournalKeeper::unsavedWork(folder); },
        [this](std::vector<UnsavedWork> works) {
            if (works.empty()) return;
            auto* sheet = new UnsavedSheet(std::move(works), this);
            connect(sheet, &UnsavedSheet::takeUpWanted, &lifecycle_, &StudyLifecycle::takeUp);
            sheet->show();
        });
}

void MainWindow::endWithTheSystem() {
    connect(new EndSignals(this), &EndSignals::met, this, [this] {
        lifecycle_.endSession();
        QCoreApplication::exit(0);
    });
    connect(qApp, &QGuiApplication::commitDataRequest, this, &MainWindow::endWith);
}

void MainWindow::endWith(QSessionManager& session) {
    // The program is started anew by its artist, not by the session: what was open is among the last studies.
    session.setRestartHint(QSessionManager::RestartNever);
    if (session.allowsInteraction()) {
        const bool mayEnd = lifecycle_.askBeforeEnd();
        session.release();
        if (!mayEnd) return session.cancel();
    }
    lifecycle_.endSession();
}

void MainWindow::chooseAndOpen(bool picture) {
    const QString file = QFileDialog::getOpenFileName(this, picture ? tr("Open picture") : tr("Open study"), {},
                                                      picture ? pictureFiles() : tr("Studies (*.dune)"));
    if (!file.isEmpty()) openFile(file);
}

void MainWindow::chooseAndPinUp() {
    const QString file = QFileDialog::getOpenFileName(this, tr("Pin up another reference"), {}, pictureFiles());
    if (!file.isEmpty()) lifecycle_.pinUp(file);
}

void MainWindow::chooseAndExportConstruction() {
    const QString file =
        fileToWrite(this, tr("Export the construction drawing"), {}, tr("Real size (*.svg);;A4 pages to join (*.pdf)"));
    if (!file.isEmpty()) exportConstruction(file);
}

}  // namespace app

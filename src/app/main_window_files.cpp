// What the main window opens, saves and exports.

#include <QFileDialog>
#include <QFileInfo>
#include <QMessageBox>
#include <QProgressBar>
#include <QStackedWidget>

#include "app/export_sheet.h"
#include "app/file_to_write.h"
#include "app/main_window.h"
#include "app/own_hand.h"
#include "app/own_pace.h"
#include "app/preferences.h"
#include "app/recovery/unsaved_sheet.h"
#include "common/file.h"
#include "planning/stage_picture.h"
#include "print/construction_sheets.h"
#include "storage/archive.h"
#include "storage/document.h"
#include "storage/library_csv.h"
#include "storage/plan_export.h"
#include "storage/whole_file.h"
#include "wording/sentences.h"

namespace app {

namespace {

QString pictureFiles() {
    return MainWindow::tr("Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.webp)");
}

}  // namespace

bool MainWindow::openFile(const QString& file) {
    const QFileInfo info(file);
    if (info.suffix().toLower() == "dune") return openStudy(file, file);
    return readPicture(file, [this, title = info.completeBaseName().toStdString()](auto reference, auto picture) {
        planning::Study study;
        study.title = title;
        study.hand = workingHand();
        study.pace = ownPace().pace;
        study.touch = touchOfNewStudies();
        if (picture->sourcePixels.height > picture->sourcePixels.width)
            std::swap(study.widthMillimetres, study.heightMillimetres);
        study.reference = std::move(reference);
        margin_->setProblem({});
        auto materials = desk_.materials();
        if (!materials) {
            tell(wording::problemSentence(materials.problem()));
            const auto answer = QMessageBox::question(
                this, tr("Your materials cannot be read"),
                tr("%1 Plan this picture with the starter materials meanwhile?").arg(margin_->problem()));
            if (answer != QMessageBox::Yes) return;
            materials = desk_.starter();
        }
        const QString word = margin_->problem();
        beginStudy({});
        session_.open(std::move(study), *std::move(materials), std::move(picture));
        margin_->setProblem(word);
        pictures_->fit();
    });
}

void MainWindow::beginStudy(const QString& file) {
    desk_.file().setPath(file);
    keeper_.setStudyFile(file);
    if (!file.isEmpty() && !file.startsWith(QString::fromStdString(storage::dataFolder().string())))
        rememberStudy(file);
    tell({});
}

bool MainWindow::openStudy(const QString& file, const QString& savedAs) {
    return readInBackground(
        file, storage::mostArchiveBytes, tr("Reading the study"),
        [file](const common::Progress&) -> common::Result<storage::Document> {
            auto read = storage::readDocument(file.toStdString());
            // A sheet that is begun keeps the pace that it was planned with.
            if (!read || !read->record.isEmpty()) return read;
            storage::Document document = *std::move(read);
            document.study.pace = ownPace().pace;
            return document;
        },
        [this, file, savedAs](storage::Document document) {
            beginStudy(savedAs);
            session_.open(std::move(document.study), std::move(document.library), nullptr, std::move(document.record));
            pictures_->fit();
            if (document.isFrameMended)
                tell(wording::problemSentence({common::ProblemKind::frameMended, file.toStdString()}));
        });
}

bool MainWindow::openDemo(const QString& name) {
    const auto file = storage::dataFolder() / "demo" / (name.toStdString() + ".dune");
    return openStudy(QString::fromStdString(file.string()), {});
}

bool MainWindow::pinUp(const QString& file) {
    if (!session_.study().reference || session_.study().others.size() >= planning::mostOthers) {
        tell(tr("Open the leading picture first; %1 more can be pinned up beside it.").arg(planning::mostOthers));
        return false;
    }
    return readPicture(file, [this](auto reference, auto) {
        session_.choose(tr("Pin up a reference"),
                        [&](planning::Study& study) { study.others.push_back(std::move(reference)); });
    });
}

bool MainWindow::readPicture(
    const QString& file,
    std::function<void(std::shared_ptr<const planning::ReferenceFile>, std::shared_ptr<const subject::Picture>)> then) {
    struct Read {
        std::shared_ptr<const planning::ReferenceFile> reference;
        std::shared_ptr<const subject::Picture> picture;
    };
    return readInBackground(
        file, subject::mostPictureBytes, tr("Reading the picture"),
        [file](const common::Progress&) -> common::Result<Read> {
            auto bytes = common::readFile(file.toStdString(), subject::mostPictureBytes);
            if (!bytes) return bytes.problem();
            auto picture = subject::readPicture(*bytes, file.toStdString(), planning::heldLongSide);
            if (!picture) return picture.problem();
            return Read{std::make_shared<planning::ReferenceFile>(
                            planning::ReferenceFile{QFileInfo(file).fileName().toStdString(), *std::move(bytes)}),
                        std::make_shared<subject::Picture>(*std::move(picture))};
        },
        [then = std::move(then)](Read read) { then(read.reference, read.picture); });
}

template <typename Work, typename Then>
bool MainWindow::readInBackground(const QString& file, std::uintmax_t mostBytes, const QString& what, Work work,
                                  Then then) {
    if (const auto size = common::fileSize(file.toStdString(), mostBytes); !size) {
        tell(wording::problemSentence(size.problem()));
        return false;
    }
    whole_->setCurrentIndex(1);  // where the progress is shown
    showProgress(what);
    progress_->setRange(0, 0);  // how far it is the readers do not tell
    opening_.run(std::move(work), [this, then = std::move(then)](auto read) mutable {
        progressRow_->setVisible(session_.isPlanning());
        if (!read) {
            refresh();
            return tell(wording::problemSentence(read.problem()));
        }
        then(*std::move(read));
    });
    return true;
}

bool MainWindow::saveTo(const QString& file) {
    if (!session_.study().reference) {
        tell(tr("There is nothing to save yet: open a picture first."));
        return false;
    }
    const auto done = desk_.file().saveTo(file);
    if (!done) {
        tell(wording::problemSentence(done.problem()));
        return false;
    }
    beginStudy(file);
    session_.history().setClean();
    return true;
}

void MainWindow::beginAnotherSheet() {
    if (!session_.study().reference || !mayDiscard()) return;
    desk_.file().settle();
    planning::Study study = session_.study();
    study.pace = ownPace().pace;
    study.touch = touchOfNewStudies();
    materials::Library library = session_.library();
    beginStudy({});
    session_.open(std::move(study), std::move(library));
    pictures_->fit();
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
    recovering_.run([folder = keeper_.folder()](const common::Progress&) { return JournalKeeper::unsavedWork(folder); },
                    [this](std::vector<UnsavedWork> works) {
                        if (works.empty()) return;
                        auto* sheet = new UnsavedSheet(std::move(works), this);
                        connect(sheet, &UnsavedSheet::takeUpWanted, this, &MainWindow::takeUp);
                        sheet->show();
                    });
}

void MainWindow::takeUp(const UnsavedWork& work) {
    if (!mayDiscard()) return;
    whole_->setCurrentIndex(1);
    showProgress(tr("Reading what was not saved"));
    progress_->setRange(0, 0);
    // What was done is in the study's file, whatever choices were not saved.
    struct Unsaved {
        storage::Journal journal;
        storage::Document saved;
    };
    recovering_.run(
        [file = work.journal.toStdString()](const common::Progress&) -> common::Result<Unsaved> {
            auto journal = storage::readJournal(file);
            if (!journal) return journal.problem();
            Unsaved unsaved{*std::move(journal), {}};
            if (!unsaved.journal.file.isEmpty())
                if (auto saved = storage::readDocument(unsaved.journal.file.toStdString()))
                    unsaved.saved = *std::move(saved);
            return unsaved;
        },
        [this, work](const common::Result<Unsaved>& unsaved) {
            progressRow_->hide();
            if (!unsaved) {
                refresh();
                return tell(wording::problemSentence(unsaved.problem()));
            }
            const storage::Journal& journal = unsaved->journal;
            beginStudy(journal.file);
            session_.takeUp(journal.steps, journal.at, unsaved->saved.record, unsaved->saved.study);
            keeper_.adopt(work);
            pictures_->fit();
        });
}

bool MainWindow::mayDiscard() {
    if (session_.history().isClean() || !session_.study().reference) return true;
    const auto answer =
        QMessageBox::question(this, tr("Unsaved choices"), tr("This study has choices that are not saved."),
                              QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel);
    return answer == QMessageBox::Discard || (answer == QMessageBox::Save && save());
}

void MainWindow::chooseAndOpen(bool picture) {
    if (!mayDiscard()) return;
    const QString file = QFileDialog::getOpenFileName(this, picture ? tr("Open picture") : tr("Open study"), {},
                                                      picture ? pictureFiles() : tr("Studies (*.dune)"));
    if (!file.isEmpty()) openFile(file);
}

bool MainWindow::save() {
    return desk_.file().path().isEmpty() ? saveAs() : saveTo(desk_.file().path());
}

bool MainWindow::saveAs() {
    QString suggested = desk_.file().path();
    if (suggested.isEmpty())
        suggested = fileNameFrom(QString::fromStdString(session_.study().title), tr("Study")) + QStringLiteral(".dune");
    const QString file = fileToWrite(this, tr("Save study"), suggested, tr("Studies (*.dune)"));
    return !file.isEmpty() && saveTo(file);
}

void MainWindow::chooseAndPinUp() {
    const QString file = QFileDialog::getOpenFileName(this, tr("Pin up another reference"), {}, pictureFiles());
    if (!file.isEmpty()) pinUp(file);
}

void MainWindow::chooseAndExportConstruction() {
    const QString file =
        fileToWrite(this, tr("Export the construction drawing"), {}, tr("Real size (*.svg);;A4 pages to join (*.pdf)"));
    if (!file.isEmpty()) exportConstruction(file);
}

}  // namespace app

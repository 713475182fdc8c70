#pragma once

#include <QDir>
#include <QDropEvent>
#include <QMimeData>
#include <QUrl>
#include <functional>
#include <map>
#include <memory>
#include <opencv2/core.hpp>
#include <opencv2/imgcodecs.hpp>
#include <set>

#include "app/bench/bench_station.h"
#include "app/bench/note_sheet.h"
#include "app/recovery/unsaved_sheet.h"
#include "numbers.h"
#include "patience.h"
#include "storage/document.h"
#include "window_hand.h"

/// Three studies of different sizes in a folder: of a small picture, and of noise that fills megabytes.
inline QStringList writtenStudies(const QString& folder) {
    QStringList files;
    constexpr int longSides[] = {200, 900, 1800};
    for (int i = 0; i < 3; ++i) {
        planning::Study study = smallStudy();
        study.title = std::string(1, char('A' + i));
        study.approach.ground = planning::Ground::none;
        if (i > 0) {
            cv::Mat noise(longSides[i] * 3 / 4, longSides[i], CV_8UC3);
            cv::setRNGSeed(i);
            cv::randu(noise, 40, 220);
            std::vector<uchar> png;
            cv::imencode(".png", noise, png);
            study.reference =
                std::make_shared<planning::ReferenceFile>(planning::ReferenceFile{"noise.png", std::move(png)});
        }
        const QString file = QDir(folder).filePath(QString::fromStdString(study.title) + ".dune");
        if (storage::writeDocument({study, smallLibrary()}, file.toStdString())) files << file;
    }
    return files;
}

/// The words of notes in a file, and how often each stands there.
inline std::map<std::string, int> notesIn(const QString& file) {
    std::map<std::string, int> notes;
    const auto document = storage::readDocument(file.toStdString());
    if (!document) return {{"unreadable", 1}};
    for (const planning::Entry& entry : document->record.entries)
        if (entry.kind == planning::EntryKind::note) ++notes[entry.words];
    return notes;
}

/// The file that a note was written for, by its words ("A.dune 17 ...").
inline QString fileOfNote(const std::string& words) {
    return QString::fromStdString(words).section(' ', 0, 0);
}

/// An artist who opens, drops, closes, recovers and ends the session in random order at the real window, and works at
/// the easel between. Every note says which file it is for.
class EaselWalk {
 public:
    EaselWalk(QString folder, QStringList files, unsigned seed)
        : folder_(std::move(folder)), files_(std::move(files)), random_(seed), seed_(seed) {
        window_ = freshWindow();
    }

    /// What the program has confirmed as written, in the order in which it has.
    std::function<void(const std::string&)> confirmed = [](const std::string&) {};
    app::MainWindow& window() { return *window_; }
    const QStringList& files() const { return files_; }

    void step() {
        const int what = random_.below(100);
        if (what < 60)
            act();
        else if (what < 66)
            choose();
        else if (what < 77)
            window_->openFile(anyFile());
        else if (what < 83)
            drop(anyFile());
        else if (what < 85)
            window_->beginAnotherSheet();
        else if (what < 88)
            window_->lifecycle().save();
        else if (what < 93)
            closeAndStart();
        else if (what < 97)
            endSessionAndStart();
        else
            crashAndStart();
        if (random_.below(3) > 0) QTest::qWait(random_.below(120));
        // Sometimes the hand is patient.
        if (random_.below(4) == 0)
            (void)QTest::qWaitFor([&] { return !window_->isOpening() && !bench().file().isWriting(); }, patience);
    }

    /// Leaves the window as at the end of a day: all that is confirmed is on the disk.
    void end() {
        window_->lifecycle().endSession();
        window_.reset();
    }

 private:
    app::BenchStation& bench() { return *window_->findChild<app::BenchStation*>(); }
    QString anyFile() { return files_[random_.below(int(files_.size()))]; }

    std::unique_ptr<app::MainWindow> freshWindow() {
        auto window = std::make_unique<app::MainWindow>(smallLibrary());
        window->lifecycle().ask.unsavedChoices = [this] {
            constexpr app::StudyLifecycle::Unsaved answers[] = {app::StudyLifecycle::Unsaved::save,
                                                                app::StudyLifecycle::Unsaved::discard,
                                                                app::StudyLifecycle::Unsaved::stay};
            QTest::qWait(random_.below(60));  // the question stands open
            return answers[random_.below(3)];
        };
        window->lifecycle().ask.nameToSave = [this] {
            constexpr int mostFiles = 12;
            if (files_.size() >= mostFiles) return QString();
            const QString file = QDir(folder_).filePath(QStringLiteral("S%1-%2.dune").arg(seed_).arg(files_.size()));
            files_ << file;
            return file;
        };
        window->show();
        QObject::connect(&window->findChild<app::BenchStation*>()->file(), &app::StudyFile::kept, window.get(),
                         [this](const planning::Entry& entry) {
                             if (entry.kind == planning::EntryKind::note) confirmed(entry.words);
                         });
        return window;
    }

    void act() {
        const QString path = bench().file().path();
        // A sheet without a file has no name to be told by: back to one that has.
        if (path.isEmpty() || !window_->session().study().reference) return void(window_->openFile(anyFile()));
        const QString words = QStringLiteral("%1 %2-%3").arg(QFileInfo(path).fileName()).arg(seed_).arg(++note_);
        window_->goTo(6);
        switch (random_.below(6)) {
            case 0:
                QTest::keyClick(window_.get(), Qt::Key_Space);
                break;
            case 1:
                QTest::keyClick(window_.get(), Qt::Key_Backspace);
                break;
            case 2:
                QTest::keyClick(window_.get(), Qt::Key_N);
                for (app::NoteSheet* sheet : window_->findChildren<app::NoteSheet*>()) {
                    if (!sheet->isVisible()) continue;
                    // Another study may be ready meanwhile; the note is about this one.
                    QTest::qWait(random_.below(150));
                    QTest::keyClicks(&sheet->words(), words);
                    QTest::keyClick(&sheet->words(), Qt::Key_Return);
                }
                break;
            default:
                bench().easel().remark(words);
        }
    }

    void choose() {
        if (!window_->session().study().reference) return;
        window_->session().choose("Evening",
                                  [&](planning::Study& study) { study.eveningMinutes = random_.below(600); });
        if (random_.below(4) == 0) window_->session().history().undo();
    }

    void drop(const QString& file) {
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(file)});
        QDropEvent event(QPointF(300, 300), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(window_.get(), &event);
    }

    void closeAndStart() {
        window_->close();
        (void)QTest::qWaitFor([&] { return !window_->isVisible() || !window_->lifecycle().isLeaving(); }, patience);
        if (window_->isVisible()) return;  // the artist stayed
        startAgain();
    }

    void endSessionAndStart() {
        window_->lifecycle().endSession();
        startAgain();
    }

    /// The window is gone without a word; what it left is offered.
    void crashAndStart() { startAgain(); }

    void startAgain() {
        window_.reset();
        window_ = freshWindow();
        offerLeft();
    }

    void offerLeft() {
        window_->offerUnsavedWork();
        QTest::qWait(80);
        for (app::UnsavedSheet* sheet : window_->findChildren<app::UnsavedSheet*>()) {
            const bool isTakenUp = random_.below(3) > 0;
            if (QAbstractButton* button = buttonOf(*sheet, isTakenUp ? "Take it up" : "Throw it away")) button->click();
            sheet->close();
        }
        if (random_.below(2) == 0) window_->openFile(anyFile());
    }

    QString folder_;
    QStringList files_;
    Numbers random_;
    unsigned seed_;
    int note_ = 0;
    std::unique_ptr<app::MainWindow> window_;
};

#include <QAction>
#include <QFile>
#include <QLineEdit>
#include <QListWidget>
#include <QMessageBox>
#include <QTemporaryDir>
#include <algorithm>

#include "app/bench/bench_station.h"
#include "app/bench/note_sheet.h"
#include "app/layers/layers_station.h"
#include "app/log/log_station.h"
#include "app/recovery/unsaved_sheet.h"
#include "app/subject/subject_station.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "failing_disk.h"
#include "materials/stock.h"
#include "recorded.h"
#include "storage/document.h"
#include "storage/journal.h"
#include "window_hand.h"

using namespace app;
using planning::EntryKind;

/// One study at a time: nothing of one picture ends in another, whatever the artist does and however slow the disk is.
class TestOneStudy : public QObject {
    Q_OBJECT

    std::unique_ptr<QTemporaryDir> folder_;
    QString at(const char* name) const { return folder_->filePath(QString::fromLatin1(name)); }

    /// A study of this title in its own file, with what was done on it.
    QString written(const char* name, const char* title, const planning::Record& record = {}) const {
        planning::Study study = smallStudy();
        study.title = title;
        study.approach.ground = planning::Ground::none;
        const QString file = at(name);
        const auto done = storage::writeDocument({study, smallLibrary(), record}, file.toStdString());
        return done ? file : QString();
    }
    static planning::Record recordIn(const QString& file) {
        const auto document = storage::readDocument(file.toStdString());
        return document ? document->record : planning::Record{};
    }
    static int notesIn(const QString& file, const char* words) {
        const planning::Record record = recordIn(file);
        return int(std::ranges::count(record.entries, std::string(words), &planning::Entry::words));
    }
    static planning::Record withNotes(int count) {
        planning::Record record{"r1", "p-grey", "sanded grey", "none", {}};
        for (int i = 0; i < count; ++i) {
            record.entries.push_back(entryOf(EntryKind::note));
            record.entries.back().words = "note " + std::to_string(i + 1);
        }
        return record;
    }
    /// Begins the work at the easel and writes a note, at once and by keys; the disk has not been waited for.
    static void beginAndNote(MainWindow& window, const char* words) {
        atTheWindow(window);
        window.goTo(6);
        QTest::keyClick(&window, Qt::Key_Space);
        QTest::keyClick(&window, Qt::Key_N);
        NoteSheet* note = nullptr;
        QTRY_VERIFY((note = shown<NoteSheet>(window)));
        QTest::keyClicks(&note->words(), words);
        QTest::keyClick(&note->words(), Qt::Key_Return);
    }
    /// A sheet that closes leaves no window active where there is no window manager.
    static void atTheWindow(MainWindow& window) {
        window.activateWindow();
        QVERIFY(QTest::qWaitFor([&] { return window.isActiveWindow(); }, patience));
    }
    template <typename Sheet>
    static Sheet* shown(MainWindow& window) {
        for (Sheet* sheet : window.findChildren<Sheet*>())
            if (sheet->isVisible()) return sheet;
        return nullptr;
    }
    static bool isTitled(MainWindow& window, const char* title) {
        return QTest::qWaitFor([&] { return window.session().study().title == title; }, patience);
    }
    static QAction* actionOf(MainWindow& window, const QString& text) {
        for (QAction* action : window.findChildren<QAction*>())
            if (action->text() == text) return action;
        return nullptr;
    }
    /// Choices on a study of this file that were not saved, as a crash leaves them.
    static void leaveUnsaved(const QString& file) {
        planning::Study study = smallStudy();
        study.approach.ground = planning::Ground::none;
        const auto library = std::make_shared<const materials::Library>(smallLibrary());
        planning::Study changed = study;
        changed.title = "recovered";
        QVERIFY(QDir().mkpath(JournalKeeper::usualFolder()));
        QVERIFY(storage::writeJournal({file, {{{}, {}, study, library}, {"Title", {}, changed, library}}, 1, {}},
                                      (JournalKeeper::usualFolder() + "/left.journal").toStdString())
                    .ok());
    }
    /// ... taken up in the window that offers it.
    static void takenUp(MainWindow& window) {
        window.show();
        window.offerUnsavedWork();
        UnsavedSheet* sheet = nullptr;
        QTRY_VERIFY((sheet = window.findChild<UnsavedSheet*>()) && sheet->isVisible());
        pressed(*sheet, "Take it up");
        QVERIFY(isTitled(window, "recovered"));
    }

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        applyTheme(ThemeName::mid);
    }
    void init() {
        folder_ = std::make_unique<QTemporaryDir>();
        QVERIFY(folder_->isValid());
    }

    /// At Bench on A: Space, a note; at once B is opened, and worked on.
    void aNoteStaysWithItsStudy() {
        const QString a = written("a.dune", "A"), b = written("b.dune", "B");
        auto window = openedWindow(a);
        QVERIFY(window);
        {
            const SlowDisk slow(folder_->path(), 1500);
            beginAndNote(*window, "of A alone");
            QVERIFY(window->openFile(b));
            QVERIFY(isTitled(*window, "B"));
            QVERIFY(planned(*window));
            beginAndNote(*window, "of B alone");
            window->close();
            QTRY_VERIFY(!window->isVisible());
            window.reset();
        }
        QCOMPARE(notesIn(a, "of A alone"), 1);
        QCOMPARE(notesIn(a, "of B alone"), 0);
        QCOMPARE(notesIn(b, "of B alone"), 1);
        QCOMPARE(notesIn(b, "of A alone"), 0);
    }

    void aNoteIsKeptWhenTheWindowCloses() {
        const QString a = written("a.dune", "A");
        auto window = openedWindow(a);
        QVERIFY(window);
        {
            const SlowDisk slow(folder_->path(), 1500);
            beginAndNote(*window, "the last of the day");
            window->close();
            QTRY_VERIFY(!window->isVisible());
            window.reset();
        }
        QCOMPARE(notesIn(a, "the last of the day"), 1);
    }

    void theDemoDoesNotTakeTheStudyAway() {
        auto window = openedWindow(written("a.dune", "A"));
        QVERIFY(window);
        window->session().choose("Title", [](planning::Study& study) { study.title = "changed"; });
        const auto asked = answeredWith(QMessageBox::Cancel);
        actionOf(*window, "Open the demo study \"Kettle\"")->trigger();
        QTRY_VERIFY(*asked);
        QCOMPARE(window->session().study().title, std::string("changed"));
        QCOMPARE(window->session().history().count(), 1);
        window->session().history().setClean();
    }

    /// The study's file was not there when its choices were taken up, and is there again when they are saved.
    void aRecoveredStudyKeepsWhatWasDone() {
        const QString file = written("gone.dune", "A", withNotes(5)), elsewhere = at("elsewhere");
        leaveUnsaved(file);
        QVERIFY(QFile::rename(file, elsewhere));
        MainWindow window(smallLibrary());
        takenUp(window);
        QVERIFY2(window.margin().problem().contains("gone.dune"), qPrintable(window.margin().problem()));
        QVERIFY(QFile::rename(elsewhere, file));
        atTheWindow(window);
        QTest::keyClick(&window, Qt::Key_S, Qt::ControlModifier);
        QTRY_COMPARE(storage::readDocument(file.toStdString())->study.title, std::string("recovered"));
        QCOMPARE(int(recordIn(file).entries.size()), 5);
        QVERIFY(window.session().record() == recordIn(file));
        window.session().stopPlanning();
    }

    /// A damaged file is never written over by what is recovered.
    void aDamagedFileIsNotWrittenOver() {
        const QString file = written("bad.dune", "A", withNotes(5));
        leaveUnsaved(file);
        QFile bad(file);
        QVERIFY(bad.open(QIODevice::ReadWrite) && bad.resize(bad.size() / 2));
        bad.seek(0);
        const QByteArray before = bad.readAll();
        bad.close();
        MainWindow window(smallLibrary());
        takenUp(window);
        QVERIFY2(window.margin().problem().contains("bad.dune"), qPrintable(window.margin().problem()));
        const QString journal = JournalKeeper::usualFolder() + "/left.journal";
        // A new name is asked for; none is given.
        QTimer::singleShot(1500, [] {
            if (QWidget* dialog = QApplication::activeModalWidget()) QTest::keyClick(dialog, Qt::Key_Escape);
        });
        atTheWindow(window);
        QTest::keyClick(&window, Qt::Key_S, Qt::ControlModifier);
        QTest::qWait(2500);
        QVERIFY(!window.saveTo(file));
        QVERIFY(bad.open(QIODevice::ReadOnly));
        QCOMPARE(bad.readAll(), before);
        QVERIFY(QFile::exists(journal));
        QVERIFY(window.isWindowModified());
        QVERIFY2(window.saveTo(at("new.dune")), qPrintable(window.margin().problem()));
        QCOMPARE(storage::readDocument(at("new.dune").toStdString())->study.title, std::string("recovered"));
        QTRY_VERIFY(!QFile::exists(journal));
        window.session().stopPlanning();
    }

    /// An area that was clicked, a scribble, a stack that was selected: all of A. B begins without.
    void whatWasPointedAtStaysWithItsStudy() {
        const QString a = written("a.dune", "A"), b = written("b.dune", "B");
        auto window = openedWindow(a);
        QVERIFY(window);
        window->goTo(0);
        pressed(*window, "Areas");
        clicked(*window, 0.5, 0.5);
        dragged(*window, {{0.2, 0.8}, {0.4, 0.9}});
        const auto& subject = *window->findChild<SubjectStation*>();
        QVERIFY(!subject.trialWish().areas.empty());
        const std::size_t drawn = subject.views().overlays.size();
        window->goTo(5);
        const auto& layers = *window->findChild<LayersStation*>();
        clicked(*window, 0.5, 0.5);
        QVERIFY(!layers.trialWish().areas.empty());
        QVERIFY(hasOpened(*window, b) && planned(*window));
        QVERIFY(subject.trialWish().areas.empty());
        QVERIFY(subject.views().overlays.size() < drawn);
        QVERIFY(layers.trialWish().areas.empty());
        window->session().stopPlanning();
    }

    /// A sheet over the window asks about this study: another comes in hand only when it is closed.
    void aNoteSheetHoldsItsStudy() {
        const QString a = written("a.dune", "A"), b = written("b.dune", "B");
        auto window = openedWindow(a);
        QVERIFY(window);
        window->goTo(6);
        QVERIFY(window->openFile(b));  // and before it is read
        QTest::keyClick(window.get(), Qt::Key_N);
        NoteSheet* note = nullptr;
        QTRY_VERIFY((note = shown<NoteSheet>(*window)));
        QTest::qWait(1500);
        QCOMPARE(window->session().study().title, std::string("A"));
        QTest::keyClicks(&note->words(), "about A");
        QTest::keyClick(&note->words(), Qt::Key_Return);
        QVERIFY(isTitled(*window, "B"));
        QCOMPARE(notesIn(a, "about A"), 1);
        QCOMPARE(notesIn(b, "about A"), 0);
        window->session().stopPlanning();
    }

    /// On a slow disk the window says what it waits for, and the artist may stay.
    void whoeverWaitsMayStay() {
        const QString a = written("a.dune", "A"), b = written("b.dune", "B");
        auto window = openedWindow(a);
        QVERIFY(window);
        {
            SlowDisk slow(folder_->path(), 1);
            slow.setAllTo(2500);
            beginAndNote(*window, "of A");
            QVERIFY(window->openFile(b));
            QTRY_VERIFY(buttonOf(*window, "Stay with this study"));
            pressed(*window, "Stay with this study");
            QVERIFY(!window->isOpening());
            QTRY_COMPARE(notesIn(a, "of A"), 1);
        }
        QTest::qWait(200);
        QCOMPARE(window->session().study().title, std::string("A"));
        QVERIFY(window->close());
    }

    /// What cannot be written is said, and the study stays.
    void whatCannotBeWrittenKeepsTheStudyInHand() {
        const QString a = written("a.dune", "A"), b = written("b.dune", "B");
        auto window = openedWindow(a);
        QVERIFY(window);
        {
            const SlowDisk slow(folder_->path(), 800);
            const FailingDisk full(folder_->path(), 0, ENOSPC, true);
            beginAndNote(*window, "never written");
            QVERIFY(window->openFile(b));
            QTRY_VERIFY(window->margin().problem().contains("no room"));
            QTest::qWait(500);
        }
        QCOMPARE(window->session().study().title, std::string("A"));
        QVERIFY(window->session().record().isEmpty());
        window->close();
        window.reset();
        QVERIFY(recordIn(a).isEmpty());
    }

    /// `opened` is told when the new study is in place.
    void whoHearsOfAnotherStudyFindsIt() {
        Session session;
        std::string title;
        std::size_t media = 0, entries = 0;
        connect(&session, &Session::opened, &session, [&] {
            title = session.study().title;
            media = session.library().media.size();
            entries = session.record().entries.size();
        });
        session.open(smallStudy(), smallLibrary(), nullptr, withNotes(2));
        QCOMPARE(title, smallStudy().title);
        QCOMPARE(media, smallLibrary().media.size());
        QCOMPARE(entries, std::size_t(2));
        session.stopPlanning();
    }

    /// A journal that is thrown away while another is written is gone.
    void aDiscardedJournalIsGone() {
        const QString journals = at("journals");
        Session session;
        JournalKeeper keeper(session, journals);
        session.open(smallStudy(), smallLibrary());
        session.stopPlanning();
        const auto count = [&] { return QDir(journals).entryList({"*.journal"}).size(); };
        const auto title = [&](const char* words) {
            session.choose("Title", [&](planning::Study& study) { study.title = words; });
        };
        title("one");
        QTRY_COMPARE(count(), 1);
        {
            SlowDisk slow(folder_->path(), 1);
            slow.setAllTo(1200);
            title("two");
            QTest::qWait(1000);  // it is being written
            session.history().setClean();
            title("three");
            keeper.flush();
        }
        QCOMPARE(count(), 1);
        session.history().setClean();
        QTRY_COMPARE(count(), 0);
    }

    void stockIsTakenOnce() {
        planning::Study study = smallStudy();
        study.approach.ground = planning::Ground::none;
        planning::Kept kept;
        const auto plan = planning::makePlan(study, smallLibrary(), kept);
        QVERIFY(plan.ok());
        planning::Record record = recordOn(*plan);
        for (int step = 1; step <= 3; ++step) record.entries.push_back(laidEntry(*plan, study, step));
        const auto served = planning::servedSticks(record);
        QVERIFY(!served.empty() && served.front().untaken > 0);
        auto store = storage::MaterialsStore::open(at("own.sqlite"));
        QVERIFY(store.ok() && (*store)->apply({.put = materials::ownedOf(smallLibrary())}).ok());
        const QString file = written("a.dune", "A", record);
        MainWindow window(smallLibrary(), store->get());
        window.show();
        QVERIFY(hasOpened(window, file) && planned(window));
        window.goTo(8);
        pressed(window, "Stock");
        {
            const SlowDisk slow(folder_->path(), 1500);
            QAbstractButton* take = buttonOf(window, "Take it into the drawer");
            for (int click = 0; click < 2; ++click) QTest::mouseClick(take, Qt::LeftButton);
            QTRY_VERIFY(window.session().record().entries.back().kind == EntryKind::stockTaken);
            QTest::qWait(2000);
        }
        const materials::Drawer drawer = *(*store)->drawer();
        for (const materials::Owned& owned : drawer.things)
            if (materials::idOf(owned) == served.front().stick.id) {
                const double lost = served.front().amount / *materials::squareCentimetresIn(served.front().stick.kind);
                QVERIFY(std::fabs(1 - materials::leftOf(owned) - lost) < 1e-9);
            }
        QCOMPARE(std::ranges::count(recordIn(file).entries, EntryKind::stockTaken, &planning::Entry::kind), 1);
        window.session().history().setClean();
    }
};

QTEST_MAIN(TestOneStudy)
#include "test_one_study.moc"

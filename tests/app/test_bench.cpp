#include <QLineEdit>
#include <QListWidget>
#include <QProcess>
#include <QTemporaryDir>
#include <algorithm>
#include <set>

#include "app/bench/bench_station.h"
#include "app/bench/note_sheet.h"
#include "app/bench/other_stick_sheet.h"
#include "app/bench/whole_screen.h"
#include "app/log/log_station.h"
#include "storage/document.h"
#include "window_hand.h"
#include "wording/easel.h"

using namespace app;
using planning::EntryKind;

/// An evening at the easel by keys, read back from the file.
class TestBench : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    QString file_;

    std::unique_ptr<MainWindow> opened(planning::Ground ground = planning::Ground::none) {
        planning::Study study = smallStudy();
        study.approach.ground = ground;
        study.paper = smallLibrary().papers.front().id;
        file_ = folder_.filePath("ball.dune");
        if (!storage::writeDocument({study, smallLibrary()}, file_.toStdString(), {}, {})) return nullptr;
        auto window = openedWindow(file_);
        if (window) window->goTo(6);
        return window;
    }
    static BenchStation& benchOf(MainWindow& window) { return *window.findChild<BenchStation*>(); }
    static Easel& easelOf(MainWindow& window) { return benchOf(window).easel(); }
    /// A sheet that closes leaves no window active where there is no window manager.
    static void atTheWindow(MainWindow& window) {
        window.activateWindow();
        QVERIFY(QTest::qWaitFor([&] { return window.isActiveWindow(); }, patience));
    }
    /// A key, and what it sets going is over.
    static void key(MainWindow& window, Qt::Key key) {
        atTheWindow(window);
        QTest::keyClick(&window, key);
        QVERIFY(
            QTest::qWaitFor([&] { return !easelOf(window).isBusy() && window.session().isPlanCurrent(); }, patience));
    }
    planning::Record saved() const { return storage::readDocument(file_.toStdString())->record; }
    static std::vector<EntryKind> kindsIn(const planning::Record& record) {
        std::vector<EntryKind> kinds;
        for (const planning::Entry& entry : record.entries) kinds.push_back(entry.kind);
        return kinds;
    }

 private Q_SLOTS:
    void initTestCase() { QVERIFY(folder_.isValid()); }

    void aWholeEveningIsKept() {
        auto window = opened();
        QVERIFY(window);
        const auto planned = window->session().plan();
        QCOMPARE(easelOf(*window).inHand(), 1);
        key(*window, Qt::Key_Space);  // begins
        key(*window, Qt::Key_Space);  // the drawing is laid
        QCOMPARE(easelOf(*window).inHand(), 2);
        key(*window, Qt::Key_Space);
        key(*window, Qt::Key_Backspace);
        QCOMPARE(easelOf(*window).inHand(), 2);
        key(*window, Qt::Key_Space);

        // Another stick, taken by keys in its sheet.
        QCOMPARE(easelOf(*window).inHand(), 3);
        QTest::keyClick(window.get(), Qt::Key_S);
        OtherStickSheet* sheet = nullptr;
        QTRY_VERIFY((sheet = window->findChild<OtherStickSheet*>()));
        QTest::keyClick(&sheet->list(), Qt::Key_Down);
        QTest::keyClick(&sheet->list(), Qt::Key_Return);
        QTRY_VERIFY(window->session().record().entries.back().kind == EntryKind::tookStick);
        QTRY_VERIFY(window->session().isPlanCurrent() && !easelOf(*window).isBusy());
        const materials::Material took = *window->session().record().entries.back().stick;
        const auto replanned = window->session().plan();
        QVERIFY(replanned != planned);
        QCOMPARE(replanned->sticks[std::size_t(easelOf(*window).step()->stick)].id, took.id);
        QVERIFY(!benchOf(*window).margin().paragraphs.isEmpty());
        key(*window, Qt::Key_L);
        key(*window, Qt::Key_Space);

        // A note in one's own words, and a step passed over.
        atTheWindow(*window);
        QTest::keyClick(window.get(), Qt::Key_N);
        NoteSheet* note = nullptr;
        QTRY_VERIFY((note = window->findChild<NoteSheet*>()));
        QTest::keyClicks(&note->words(), "greener by the stem");
        QTest::keyClick(&note->words(), Qt::Key_Return);
        QTRY_VERIFY(window->session().record().entries.back().kind == EntryKind::note);
        const int passed = easelOf(*window).inHand();
        key(*window, Qt::Key_X);
        QVERIFY(easelOf(*window).inHand() != passed);
        key(*window, Qt::Key_U);
        QVERIFY(!easelOf(*window).isWorking());
        key(*window, Qt::Key_Space);
        QVERIFY(easelOf(*window).isWorking());
        while (!easelOf(*window).isFinished()) key(*window, Qt::Key_Space);

        const planning::Record record = saved();
        QVERIFY(record == window->session().record());
        const auto kinds = kindsIn(record);
        const std::vector<EntryKind> first{EntryKind::begun,      EntryKind::done,   EntryKind::done,
                                           EntryKind::takenBack,  EntryKind::done,   EntryKind::tookStick,
                                           EntryKind::pressed,    EntryKind::done,   EntryKind::note,
                                           EntryKind::passedOver, EntryKind::paused, EntryKind::resumed};
        QVERIFY(kinds.size() > first.size());
        QVERIFY(std::equal(first.begin(), first.end(), kinds.begin()));
        QCOMPARE(record.entries[7].laid->stick->id, took.id);
        QCOMPARE(record.entries[8].words, std::string("greener by the stem"));
        QCOMPARE(record.paper, planned->paper.id);
        const planning::Standing standing(record);
        for (const planning::Step& step : window->session().plan()->steps)
            QVERIFY(step.isEmpty || !standing.isOpen(step.number));

        // The card for the back and the table tell the same.
        window->goTo(8);
        const QString pdf = folder_.filePath("card.pdf"), csv = folder_.filePath("log.csv");
        auto& log = *window->findChild<LogStation*>();
        QVERIFY(log.writeCard(pdf) && log.writeCard(csv));
        QProcess reader;
        reader.start("pdftotext", {"-layout", pdf, "-"});
        QVERIFY(reader.waitForFinished());
        // A line may be broken anywhere.
        const QString words = QString::fromUtf8(reader.readAllStandardOutput()).simplified();
        for (std::size_t i = 0; i < record.entries.size(); ++i) {
            const QString line = wording::entryLine(record, i).simplified();
            QVERIFY2(words.contains(line), qPrintable(line));
        }
        QFile table(csv);
        QVERIFY(table.open(QIODevice::ReadOnly));
        const QList<QByteArray> rows = table.readAll().trimmed().split('\n');
        QCOMPARE(rows.size(), qsizetype(record.entries.size()) + 1);
        for (std::size_t i = 0; i < record.entries.size(); ++i) {
            const QByteArray row = rows[qsizetype(i) + 1].trimmed();
            QVERIFY(row.contains(std::string(nameOf(record.entries[i].kind)).c_str()));
            QVERIFY(row.endsWith(standing.holds(i) ? "\"yes\"" : "\"no\""));
        }
        QVERIFY(rows[6].contains(took.id.c_str()) && rows[9].contains("greener by the stem"));

        // Opened again it stands where it stood.
        window->session().history().setClean();
        window.reset();
        auto again = openedWindow(file_);
        QVERIFY(again);
        again->goTo(6);
        QVERIFY(easelOf(*again).isFinished());
        QVERIFY(again->session().record() == record);
    }

    /// The sheet that is begun stays: its paper is not chosen otherwise, and what is chosen otherwise moves nothing.
    void whatIsBegunStays() {
        auto window = opened();
        QVERIFY(window);
        key(*window, Qt::Key_Space);
        key(*window, Qt::Key_Space);
        key(*window, Qt::Key_Space);
        QVERIFY(!window->session().history().canUndo());
        window->session().choose("paper",
                                 [](planning::Study& study) { study.paper = smallLibrary().papers.back().id; });
        QCOMPARE(window->session().study().paper, smallLibrary().papers.front().id);
        QVERIFY(window->margin().problem().contains("begun"));
        const std::string first = window->session().plan()->steps[1].key;
        window->session().choose("sticks", [](planning::Study& study) { study.stickLimit = 5; });
        QVERIFY(planned(*window));
        QCOMPARE(window->session().plan()->steps[1].key, first);
        key(*window, Qt::Key_Space);
        const auto kinds = kindsIn(saved());
        QCOMPARE(std::ranges::count(kinds, EntryKind::planChanged), 1);
        QCOMPARE(storage::readDocument(file_.toStdString())->study.stickLimit, 5);
        window->session().history().setClean();
    }

    void aWashIsWaitedForAndToldWhenDry() {
        auto window = opened(planning::Ground::localWash);
        QVERIFY(window);
        const auto plan = window->session().plan();
        const auto wet = std::ranges::find_if(plan->steps, [](const auto& step) { return step.groundLayer >= 0; });
        QVERIFY(wet != plan->steps.end());
        key(*window, Qt::Key_Space);
        while (easelOf(*window).inHand() <= wet->number && easelOf(*window).inHand() > 0) key(*window, Qt::Key_Space);
        QVERIFY(!easelOf(*window).timers().waits().empty());
        const planning::Step* now = easelOf(*window).step();
        QVERIFY(!now || !planning::shareAPlace(*now, *wet));
        QVERIFY(buttonOf(*window, QString("Step %1 is dry").arg(wet->number)));
        pressed(*window, QString("Step %1 is dry").arg(wet->number));
        QTRY_VERIFY(!easelOf(*window).isBusy());
        QVERIFY(std::ranges::none_of(easelOf(*window).timers().waits(),
                                     [&](const auto& wait) { return wait.step == wet->number; }));
        window->session().history().setClean();
    }

    /// Fixative beside the plan: told on the whole sheet, waited for, never helped by heat, and taken back.
    void aSheetIsFixedBesideThePlan() {
        auto window = opened();
        QVERIFY(window);
        key(*window, Qt::Key_F);
        QVERIFY(window->session().record().isEmpty());  // there is nothing to fix
        for (int i = 0; i < 4; ++i) key(*window, Qt::Key_Space);
        const int next = easelOf(*window).inHand();
        key(*window, Qt::Key_F);
        QVERIFY(saved().entries.back().kind == EntryKind::fixed);
        QVERIFY(std::ranges::any_of(window->session().plan()->stacks, [](const planning::PlannedStack& stack) {
            return std::ranges::any_of(stack.layers, &planning::Layer::isFixed);
        }));
        QVERIFY(easelOf(*window).isWaiting());  // everything lies under it
        QVERIFY(benchOf(*window).margin().paragraphs.join(" ").contains("No heat"));
        pressed(*window, "The sheet is dry");
        QTRY_COMPARE(easelOf(*window).inHand(), next);
        // Fixed again, it is wet again; taken back, it is not.
        key(*window, Qt::Key_F);
        QVERIFY(easelOf(*window).isWaiting());
        key(*window, Qt::Key_Backspace);
        QCOMPARE(easelOf(*window).inHand(), next);
        QCOMPARE(planning::Standing(saved()).fixings().size(), std::size_t(1));
        window->session().history().setClean();
    }

    void aPhotographIsKept() {
        auto window = opened();
        QVERIFY(window);
        QImage picture(3000, 2000, QImage::Format_RGB32);
        picture.fill(QColor(90, 120, 60));
        const QString file = folder_.filePath("easel.jpg");
        QVERIFY(picture.save(file));
        benchOf(*window).photograph(file);
        QTRY_VERIFY(!window->session().record().isEmpty());
        const planning::Entry entry = saved().entries.back();
        QVERIFY(entry.kind == EntryKind::photograph);
        const QImage kept = QImage::fromData(entry.bytes->data(), int(entry.bytes->size()));
        QCOMPARE(std::max(kept.width(), kept.height()), 2048);
        benchOf(*window).photograph(folder_.filePath("nothing.jpg"));
        QTRY_VERIFY(window->margin().problem().contains("nothing.jpg"));
        // One that a camera puts into a watched folder comes by itself.
        QTemporaryDir camera;
        benchOf(*window).watchFolder(camera.path());
        QVERIFY(picture.save(camera.filePath("p1.jpg")));
        QTRY_COMPARE(window->session().record().entries.size(), std::size_t(2));
        window->session().history().setClean();
    }

    /// A camera puts several into the watched folder at once: each is kept, under a name of its own.
    void everyPhotographIsKept() {
        auto window = opened();
        QVERIFY(window);
        QTemporaryDir camera;
        benchOf(*window).watchFolder(camera.path());
        QImage picture(600, 400, QImage::Format_RGB32);
        constexpr int count = 4;
        for (int i = 0; i < count; ++i) {
            picture.fill(QColor(60 * i, 90, 120));
            QVERIFY(picture.save(camera.filePath(QString("p%1.jpg").arg(i))));
        }
        QTRY_COMPARE(int(window->session().record().entries.size()), count);
        std::set<std::string> names;
        for (const planning::Entry& entry : saved().entries) names.insert(entry.picture);
        QCOMPARE(int(names.size()), count);
        window->session().history().setClean();
    }

    /// A study without a file is saved first, and then the step is begun.
    void aStudyWithoutAFileIsSavedFirst() {
        auto window = opened();
        QVERIFY(window);
        window->beginAnotherSheet();
        QVERIFY(planned(*window));
        const QString file = folder_.filePath("another.dune");
        benchOf(*window).file().savedSomewhere = [&] { return window->saveTo(file); };
        key(*window, Qt::Key_Space);
        QVERIFY(easelOf(*window).isBegun());
        key(*window, Qt::Key_Space);
        QCOMPARE(storage::readDocument(file.toStdString())->record.entries.size(), std::size_t(2));
        window->session().history().setClean();
    }

    void whatCannotBeWrittenIsNotDone() {
        auto window = opened();
        QVERIFY(window);
        QVERIFY(QFile::remove(file_));
        QVERIFY(QDir().mkpath(file_));  // a folder is in its place
        QTest::keyClick(window.get(), Qt::Key_Space);
        QTRY_VERIFY(window->margin().problem().contains("not kept"));
        QVERIFY(window->session().record().isEmpty());
        QVERIFY(QDir().rmdir(file_));
        window->session().history().setClean();
    }
};

QTEST_MAIN(TestBench)
#include "test_bench.moc"

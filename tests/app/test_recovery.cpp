#include <signal.h>

#include <QDir>
#include <QElapsedTimer>
#include <QLabel>
#include <QLineEdit>
#include <QMessageBox>
#include <QProcess>
#include <QUndoStack>
#include <cstdio>

#include "app/beginning/beginning.h"
#include "app/preferences.h"
#include "app/recovery/unsaved_sheet.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "numbers.h"
#include "storage/document.h"
#include "window_hand.h"

using namespace app;

namespace {

QString file(const QTemporaryDir& folder, const char* name) {
    return folder.filePath(QString::fromLatin1(name));
}

/// Opens a study and gives it one title after the other, and tells each with its time, until it is killed.
int chooseForEver(const QString& study) {
    MainWindow window(smallLibrary());
    window.show();
    if (!hasOpened(window, study)) return 1;
    Numbers random(unsigned(QCoreApplication::applicationPid()));
    for (int n = 1;; ++n) {
        window.session().choose("Title", [&](planning::Study& s) { s.title = std::to_string(n); });
        std::printf("%d %lld\n", n, static_cast<long long>(QDateTime::currentMSecsSinceEpoch()));
        std::fflush(stdout);
        QTest::qWait(20 + random.below(400));
    }
}

}  // namespace

/// Work that was not saved comes back, and what is remembered from one run to the next.
class TestRecovery : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    QString study_;

    static std::vector<UnsavedWork> left() { return JournalKeeper::unsavedWork(JournalKeeper::usualFolder()); }
    static int journals() { return int(QDir(JournalKeeper::usualFolder()).entryList({"*.journal"}).size()); }

    std::unique_ptr<MainWindow> opened() {
        auto window = std::make_unique<MainWindow>(smallLibrary());
        window->show();
        return hasOpened(*window, study_) ? std::move(window) : nullptr;
    }
    static void title(MainWindow& window, const char* words) {
        window.session().choose("Title", [&](planning::Study& study) { study.title = words; });
    }
    /// The sheet that offers what was left, null if it does not come.
    static UnsavedSheet* offered(MainWindow& window) {
        window.show();
        window.offerUnsavedWork();
        UnsavedSheet* sheet = nullptr;
        const bool isSeen = QTest::qWaitFor(
            [&] { return (sheet = window.findChild<UnsavedSheet*>()) && sheet->isVisible(); }, patience);
        return isSeen ? sheet : nullptr;
    }

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        applyTheme(ThemeName::mid);
        study_ = file(folder_, "ball.dune");
        QVERIFY(storage::writeDocument({smallStudy(), smallLibrary()}, study_.toStdString()).ok());
    }

    /// Killed at a random moment, nothing older than two seconds is lost, and nothing is offered twice.
    void killedAtAnyMomentLittleIsLost() {
        const int kills = std::max(3, qEnvironmentVariableIntValue("YAWNING_DUNE_KILLS"));
        Numbers random(5);
        for (int round = 0; round < kills; ++round) {
            QProcess run;
            run.start(QCoreApplication::applicationFilePath(), {"--choose-for-ever", study_});
            QVERIFY(run.waitForStarted() && run.waitForReadyRead(patience));
            QTest::qWait(random.below(4500));
            ::kill(pid_t(run.processId()), SIGKILL);
            const qint64 killed = QDateTime::currentMSecsSinceEpoch();
            QVERIFY(run.waitForFinished());
            int owed = 0, last = 0;
            // On a busy machine the program itself comes late: by how much its own lines tell.
            qint64 before = 0, late = 0;
            const QList<QByteArray> lines = run.readAllStandardOutput().split('\n');
            for (const QByteArray& line : lines) {
                constexpr qint64 usual = 420;  // milliseconds between two choices at most
                const qint64 at = line.split(' ').value(1).toLongLong();
                if (at > 0 && before > 0) late = std::max(late, at - before - usual);
                if (at > 0) before = at;
            }
            for (const QByteArray& line : lines) {
                const QList<QByteArray> parts = line.split(' ');
                if (parts.size() != 2) continue;
                last = parts[0].toInt();
                if (parts[1].toLongLong() <= killed - 2000 - 2 * late) owed = last;
            }
            {
                const auto works = left();
                QVERIFY(works.size() <= 1);
                if (owed > 0) QCOMPARE(works.size(), std::size_t(1));
                if (works.empty()) continue;
                const auto journal = storage::readJournal(works[0].journal.toStdString());
                QVERIFY(journal.ok());
                const int kept = std::stoi(journal->steps[std::size_t(journal->at)].study.title);
                QVERIFY2(kept >= owed && kept <= last, qPrintable(QStringLiteral("%1 of %2").arg(kept).arg(owed)));
                QCOMPARE(journal->file, study_);
                QVERIFY(left().empty());  // held by this
                JournalKeeper::throwAway(works[0]);
            }
            QVERIFY(left().empty());
        }
        QCOMPARE(journals(), 0);
    }

    /// From the crash to going on: offered with its picture, taken up, undone, saved, and then gone.
    void whatIsTakenUpGoesOn() {
        QProcess run;
        run.start(QCoreApplication::applicationFilePath(), {"--choose-for-ever", study_});
        QVERIFY(run.waitForReadyRead(patience));
        QTRY_COMPARE(journals(), 1);
        QTest::qWait(1500);
        run.kill();
        QVERIFY(run.waitForFinished());

        MainWindow window(smallLibrary());
        UnsavedSheet* sheet = offered(window);
        QVERIFY(sheet);
        bool hasPicture = false;
        for (const QLabel* label : sheet->findChildren<QLabel*>()) hasPicture |= !label->pixmap().isNull();
        QVERIFY(hasPicture);
        pressed(*sheet, "Take it up");
        QVERIFY(QTest::qWaitFor([&] { return window.session().study().reference != nullptr; }, patience));
        const int title = std::stoi(window.session().study().title);
        QVERIFY(title > 1 && window.isWindowModified());
        window.session().history().undo();
        QCOMPARE(window.session().study().title, std::to_string(title - 1));
        window.session().history().redo();
        QVERIFY(left().empty());
        QVERIFY(planned(window));
        QVERIFY(window.saveTo(study_));
        QTRY_COMPARE(journals(), 0);
        QCOMPARE(storage::readDocument(study_.toStdString())->study.title, std::to_string(title));
    }

    void savedOrDiscardedItIsThrownAway() {
        auto window = opened();
        QVERIFY(window);
        QTest::qWait(1200);
        QCOMPARE(journals(), 0);  // nothing was chosen
        title(*window, "first");
        QTRY_COMPARE(journals(), 1);
        window->session().history().undo();  // back to what is saved
        QTRY_COMPARE(journals(), 0);
        title(*window, "second");
        QTRY_COMPARE(journals(), 1);
        answeredWith(QMessageBox::Discard);
        QVERIFY(window->close());
        window.reset();
        QCOMPARE(journals(), 0);
    }

    void windowsDoNotTakeEachOthers() {
        auto first = opened(), second = opened();
        title(*first, "one");
        title(*second, "two");
        QTRY_COMPARE(journals(), 2);
        QVERIFY(left().empty());
        second->session().history().setClean();
        QTRY_COMPARE(journals(), 1);
        first->session().history().setClean();
        QTRY_COMPARE(journals(), 0);
    }

    void aDamagedOneIsToldAndCanGo() {
        QVERIFY(QDir().mkpath(JournalKeeper::usualFolder()));
        QFile damaged(JournalKeeper::usualFolder() + "/damaged.journal");
        QVERIFY(damaged.open(QIODevice::WriteOnly) && damaged.write("cut") == 3);
        damaged.close();
        MainWindow window(smallLibrary());
        UnsavedSheet* sheet = offered(window);
        QVERIFY(sheet);
        bool isTold = false;
        for (const QLabel* label : sheet->findChildren<QLabel*>())
            isTold |= label->text().contains("cut off or damaged");
        QVERIFY(isTold);
        pressed(*sheet, "Throw it away");
        QCOMPARE(journals(), 0);
    }

    /// A folder that cannot be written is said once, and choosing goes on.
    void aFolderThatCannotBeWrittenIsSaidOnce() {
        QFile::remove(file(folder_, "plain"));
        QFile plain(file(folder_, "plain"));
        QVERIFY(plain.open(QIODevice::WriteOnly));
        Session session;
        JournalKeeper keeper(session, plain.fileName() + "/unsaved");
        QSignalSpy met(&keeper, &JournalKeeper::problemMet);
        session.open(smallStudy(), smallLibrary());
        session.choose("Title", [](planning::Study& study) { study.title = "a"; });
        QTRY_COMPARE(met.size(), 1);
        session.choose("Title", [](planning::Study& study) { study.title = "b"; });
        QTest::qWait(1500);
        QCOMPARE(met.size(), 1);
        session.stopPlanning();
    }

    void theBeginningOffersWhatThereIs() {
        rememberStudy(study_);
        MainWindow window(smallLibrary());
        window.resize(1280, 800);
        window.show();
        QVERIFY(window.isAtBeginning());
        QTest::keyClick(&window, Qt::Key_3);  // no way around it to an empty station
        QVERIFY(window.isAtBeginning());
        QVERIFY(!window.openFile(file(folder_, "missing.png")));
        bool isTold = false;
        for (const QLabel* label : window.findChildren<QLabel*>())
            isTold |= label->isVisible() && label->text().contains("missing.png");
        QVERIFY(isTold);
        pressed(window, "Tea hills at first light");
        QVERIFY(!window.isAtBeginning());
        QTRY_COMPARE(window.session().study().title, std::string("Tea hills at first light"));
        window.session().stopPlanning();
    }

    void lastStudiesOpenByAClick() {
        rememberStudy(study_);
        MainWindow window(smallLibrary());
        window.resize(1280, 800);
        window.show();
        pressed(window, "ball");
        QVERIFY(!window.isAtBeginning());
        QTRY_VERIFY(window.session().study().reference != nullptr);
        QCOMPARE(lastStudies().value(0), study_);
        window.session().stopPlanning();
    }

    void notesGoAwayForGood() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(1);
        QVERIFY(window->margin().note().contains("ladder"));
        pressed(*window, "Understood");
        QVERIFY(window->margin().note().isEmpty());
        window->session().stopPlanning();
        window = opened();
        window->goTo(1);
        QVERIFY(window->margin().note().isEmpty());
        window->goTo(2);
        QVERIFY(window->margin().note().contains("papers"));
        window->session().stopPlanning();
    }

    void theFrameIsRemembered() {
        {
            auto window = opened();
            window->resize(1111, 777);
            window->goTo(3);
            setFrameTheme(ThemeName::evening);
            QVERIFY(window->close());
        }
        QCOMPARE(frameTheme(), ThemeName::evening);
        setFrameTheme(ThemeName::mid);
        MainWindow window(smallLibrary());
        QCOMPARE(window.size(), QSize(1111, 777));
        QCOMPARE(window.station(), 3);
    }
};

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    const QStringList arguments = QCoreApplication::arguments();
    if (arguments.value(1) == "--choose-for-ever") return chooseForEver(arguments.value(2));
    TestRecovery test;
    return QTest::qExec(&test, argc, argv);
}
#include "test_recovery.moc"

#include <signal.h>

#include <QProcess>
#include <QTemporaryDir>
#include <cstdio>

#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "easel_walk.h"
#include "failing_disk.h"

// How long it walks is told by the environment: YAWNING_DUNE_WALK (steps), YAWNING_DUNE_KILLS, YAWNING_DUNE_DELAY
// (milliseconds of each write at most). CI walks a little; scripts/deep walks as far as the issue of it asks.

namespace {

int told(const char* name, int otherwise) {
    const int value = qEnvironmentVariableIntValue(name);
    return value > 0 ? value : otherwise;
}

int delayOfWrites() {
    return told("YAWNING_DUNE_DELAY", 300);
}

/// Walks until it is killed, and prints what the program has confirmed.
int walkForEver(const QString& folder, const QStringList& files, unsigned seed) {
    const SlowDisk slow(folder, delayOfWrites(), seed);
    EaselWalk walk(folder, files, seed);
    walk.confirmed = [](const std::string& words) {
        std::printf("%s\n", words.c_str());
        std::fflush(stdout);
    };
    walk.window().openFile(files[int(seed) % files.size()]);
    std::printf("begun\n");
    std::fflush(stdout);
    for (;;) walk.step();
}

/// A note is on its way to a slow disk and a choice is not saved when the system asks the program to end.
int waitForTheEnd(const QString& folder, const QString& file) {
    const SlowDisk slow(folder, 2000, 3);
    EaselWalk walk(folder, {file}, 1);
    app::MainWindow& window = walk.window();
    window.endWithTheSystem();
    if (!hasOpened(window, file)) return 3;
    window.session().stopPlanning();
    auto& bench = *window.findChild<app::BenchStation*>();
    bench.easel().remark("A.dune last");
    window.session().choose("Title", [](planning::Study& study) { study.title = "not saved"; });
    std::printf("begun\n");
    std::fflush(stdout);
    return QApplication::exec();
}

/// What is wrong with the files, empty if nothing is: a note that was confirmed is in its own file once; any other note
/// is there once at most; and none is in another's file.
QString faultIn(const QString& folder, const std::set<std::string>& confirmed) {
    std::set<std::string> found;
    for (const QFileInfo& info : QDir(folder).entryInfoList({"*.dune"}, QDir::Files))
        for (const auto& [words, count] : notesIn(info.filePath())) {
            if (count != 1) return QStringLiteral("%1: %2 times").arg(QString::fromStdString(words)).arg(count);
            if (fileOfNote(words) != info.fileName())
                return QStringLiteral("%1 is in %2").arg(QString::fromStdString(words), info.fileName());
            found.insert(words);
        }
    for (const std::string& words : confirmed)
        if (!found.contains(words)) return QStringLiteral("%1 is lost").arg(QString::fromStdString(words));
    return {};
}

}  // namespace

/// A walk over three studies on a slow disk: every act that was confirmed is in its own file once, and in no other.
class TestWalk : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        app::applyTheme(app::ThemeName::mid);
    }

    void everyConfirmedActIsInItsOwnFileOnce() {
        QTemporaryDir folder;
        const QStringList files = writtenStudies(folder.path());
        QCOMPARE(files.size(), 3);
        std::set<std::string> confirmed;
        {
            const SlowDisk slow(folder.path(), delayOfWrites());
            EaselWalk walk(folder.path(), files, 46);
            walk.confirmed = [&](const std::string& words) { confirmed.insert(words); };
            walk.window().openFile(files.first());
            for (int i = 0; i < told("YAWNING_DUNE_WALK", 60); ++i) walk.step();
            walk.end();
        }
        qInfo("%d notes confirmed", int(confirmed.size()));
        QVERIFY(!confirmed.empty());
        const QString fault = faultIn(folder.path(), confirmed);
        QVERIFY2(fault.isEmpty(), qPrintable(fault));
    }

    /// Asked to end, the program writes what was done, keeps what was chosen in the journal, and ends by itself.
    void askedToEndItEndsInOrder_data() {
        QTest::addColumn<int>("signal");
        QTest::newRow("SIGTERM") << SIGTERM;
        QTest::newRow("SIGINT") << SIGINT;
        QTest::newRow("SIGHUP") << SIGHUP;
    }
    void askedToEndItEndsInOrder() {
        QFETCH(int, signal);
        QTemporaryDir folder;
        const QString file = writtenStudies(folder.path()).value(0);
        for (const auto& work : app::JournalKeeper::unsavedWork(app::JournalKeeper::usualFolder()))
            app::JournalKeeper::throwAway(work);
        QProcess walk;
        walk.start(QCoreApplication::applicationFilePath(), {"--wait-for-the-end", folder.path(), file});
        QVERIFY(walk.waitForStarted() && walk.waitForReadyRead(patience));
        ::kill(pid_t(walk.processId()), signal);
        QVERIFY(walk.waitForFinished());
        QCOMPARE(walk.exitStatus(), QProcess::NormalExit);
        QCOMPARE(walk.exitCode(), 0);
        QCOMPARE(notesIn(file), (std::map<std::string, int>{{"A.dune last", 1}}));
        const auto left = app::JournalKeeper::unsavedWork(app::JournalKeeper::usualFolder());
        QCOMPARE(left.size(), std::size_t(1));
        QCOMPARE(left.front().head->title, QString("not saved"));
        app::JournalKeeper::throwAway(left.front());
    }

    void killedAtAnyMomentNothingConfirmedIsLost() {
        QTemporaryDir folder;
        const QStringList files = writtenStudies(folder.path());
        std::set<std::string> confirmed;
        Numbers random(7);
        const int kills = told("YAWNING_DUNE_KILLS", 4);
        for (int kill = 0; kill < kills; ++kill) {
            QProcess walk;
            walk.start(QCoreApplication::applicationFilePath(),
                       QStringList{"--walk-for-ever", folder.path(), QString::number(100 + kill)} + files);
            QVERIFY(walk.waitForStarted() && walk.waitForReadyRead(patience));
            QTest::qSleep(random.below(6000));
            ::kill(pid_t(walk.processId()), SIGKILL);
            QVERIFY(walk.waitForFinished());
            QList<QByteArray> lines = walk.readAllStandardOutput().split('\n');
            lines.removeLast();  // whole lines only
            for (const QByteArray& line : lines)
                if (line != "begun") confirmed.insert(line.toStdString());
            const QString fault = faultIn(folder.path(), confirmed);
            QVERIFY2(fault.isEmpty(), qPrintable(QStringLiteral("kill %1: %2").arg(kill).arg(fault)));
        }
        qInfo("%d notes confirmed in %d runs", int(confirmed.size()), kills);
    }
};

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    const QStringList arguments = QCoreApplication::arguments();
    if (arguments.value(1) == "--walk-for-ever") {
        drawing::loadFonts();
        app::applyTheme(app::ThemeName::mid);
        return walkForEver(arguments.value(2), arguments.mid(4), arguments.value(3).toUInt());
    }
    if (arguments.value(1) == "--wait-for-the-end") return waitForTheEnd(arguments.value(2), arguments.value(3));
    TestWalk test;
    return QTest::qExec(&test, argc, argv);
}
#include "test_walk.moc"

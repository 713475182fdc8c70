#include <QDirIterator>
#include <QFile>
#include <QTemporaryDir>
#include <QtTest>
#include <cerrno>

#include "failing_disk.h"
#include "planning/planner.h"
#include "print/plan_folder.h"
#include "print/swatch_card.h"
#include "small_study.h"
#include "storage/document.h"
#include "storage/drawer_json.h"
#include "storage/list_export.h"
#include "storage/materials_store.h"
#include "storage/whole_file.h"

using namespace storage;
using common::ProblemKind;

namespace {

struct Fault {
    int error;
    bool stays;
    ProblemKind kind;
};
const Fault faults[] = {{ENOSPC, true, ProblemKind::diskFull},
                        {EDQUOT, false, ProblemKind::diskFull},
                        {EIO, false, ProblemKind::writeFailed},
                        {EACCES, true, ProblemKind::folderUnwritable}};

/// All of a file but for the second that a PDF says it was made in.
QByteArray contents(const QString& file) {
    QFile in(file);
    QByteArray bytes = in.open(QIODevice::ReadOnly) ? in.readAll() : QByteArray();
    const qsizetype date = bytes.indexOf("/CreationDate (");
    if (date >= 0) bytes.remove(date, bytes.indexOf(')', date) - date);
    return bytes;
}

}  // namespace

/// What is written when the disk fails at each of its calls in turn.
class TestDisk : public QObject {
    Q_OBJECT

    /// Writes over a file until no call is left to fail: each time the old one is there, whole, or the new one, and
    /// what is said fits. An error past the renaming may be said of a file that is there.
    void everyCallFails(const std::function<common::Done(const std::string&)>& write) {
        const QTemporaryDir folder;
        const QString file = folder.filePath("kept");
        QVERIFY(write(file.toStdString()).ok());
        const QByteArray whole = contents(file);
        QVERIFY(!whole.isEmpty());
        for (const Fault& fault : faults)
            for (int call = 0;; ++call) {
                QVERIFY(writeWhole(file.toStdString(), "old").ok());
                std::optional<common::Done> done;
                {
                    const FailingDisk disk(folder.path(), call, fault.error, fault.stays);
                    done = write(file.toStdString());
                    if (!disk.hasFailed()) {
                        QVERIFY(done->ok());
                        QVERIFY2(call >= 3, "a write, a flush to the disk and a renaming at least");
                        break;
                    }
                }
                const QString where = QString("%1 %2").arg(call).arg(FailingDisk::failedCall());
                // Where one way fails Qt may have found another.
                const QByteArray there = contents(file);
                QVERIFY2(there == whole || (!done->ok() && there == "old"), qPrintable(where));
                QVERIFY2(done->ok() || done->problem().kind == fault.kind, qPrintable(where));
                QCOMPARE(QDir(folder.path()).entryList(QDir::Files | QDir::Hidden), QStringList{"kept"});
            }
    }

 private Q_SLOTS:
    void smallFiles() {
        // Shorter than any buffer: it fails when it is flushed.
        everyCallFails([](const std::string& file) { return writeWhole(file, "a few bytes"); });
    }
    void largeFiles() {
        everyCallFails([](const std::string& file) { return writeWhole(file, QByteArray(1 << 20, 'x')); });
    }
    void studies() {
        // The same study is the same file, also two seconds later (a ZIP tells time in twos).
        const QTemporaryDir folder;
        const std::string first = folder.filePath("1.dune").toStdString(),
                          second = folder.filePath("2.dune").toStdString();
        QVERIFY(writeDocument({smallStudy(), smallLibrary()}, first).ok());
        QTest::qSleep(2100);
        QVERIFY(writeDocument({smallStudy(), smallLibrary()}, second).ok());
        QCOMPARE(contents(QString::fromStdString(first)), contents(QString::fromStdString(second)));
        everyCallFails([](const std::string& file) { return writeDocument({smallStudy(), smallLibrary()}, file); });
    }
    /// A plan's whole folder: at each call what was there stays, all of it, or the new plan is there, all of it.
    void plans() {
        planning::Kept kept;
        planning::Study study = smallStudy();
        const auto old = planning::makePlan(study, smallLibrary(), kept);
        study.layers = 2;
        const auto plan = planning::makePlan(study, smallLibrary(), kept);
        QVERIFY(old.ok() && plan.ok() && old->steps.size() > plan->steps.size());
        const auto everythingIn = [](const QString& folder) {
            std::map<QString, QByteArray> all;
            QDirIterator files(folder, QDir::Files | QDir::Hidden, QDirIterator::Subdirectories);
            while (files.hasNext()) {
                const QString file = files.next();
                all[file.mid(folder.size())] = contents(file);
            }
            return all;
        };
        const auto written = [&](const planning::Plan& which, const QString& folder) {
            return print::writePlanFolder(which, study, folder.toStdString());
        };
        const QTemporaryDir whole;
        QVERIFY(written(*old, whole.path()).ok());
        const auto before = everythingIn(whole.path());
        QVERIFY(written(*plan, whole.path()).ok());
        const auto after = everythingIn(whole.path());
        QVERIFY(before != after && before.size() > after.size());
        for (const Fault& fault : {faults[1], faults[2]}) {
            bool hasFailed = true;
            for (int call = 0; hasFailed; call += 29) {
                const QTemporaryDir folder;
                QVERIFY(written(*old, folder.path()).ok());
                const FailingDisk disk(folder.path(), call, fault.error, fault.stays);
                const auto done = written(*plan, folder.path());
                hasFailed = disk.hasFailed();
                const auto there = everythingIn(folder.path());
                QVERIFY2(there == (done.ok() ? after : before), qPrintable(FailingDisk::failedCall()));
                if (!done) QCOMPARE(done.problem().kind, fault.kind);
            }
        }
    }
    void cards() {
        everyCallFails([](const std::string& file) {
            return print::writeSwatchCards(review::CardPaper::a4, {4}, QString::fromStdString(file));
        });
    }
    void lists() {
        std::vector<materials::Owned> things;
        for (const auto& medium : smallLibrary().media) things.push_back({medium});
        everyCallFails([&](const std::string& file) { return writeWhole(file, *listFor("list.csv", things)); });
    }

    void theLibrary() {
        for (const Fault& fault : faults)
            for (int call = 0;; ++call) {
                const QTemporaryDir folder;
                const QString file = folder.filePath("materials.sqlite");
                std::vector<materials::Owned> things;
                for (const auto& medium : smallLibrary().media) things.push_back({medium});
                const std::vector<materials::Owned> first(things.begin(), things.begin() + 3);
                bool hasFailed = false, isConfirmed = false;
                {
                    auto store = MaterialsStore::open(file);
                    QVERIFY(store && (*store)->apply({.put = first}).ok());
                    const FailingDisk disk(folder.path(), call, fault.error, fault.stays);
                    const auto done = (*store)->apply({.put = things});
                    hasFailed = disk.hasFailed();
                    isConfirmed = done.ok();
                    // SQLite tells a full disk from the rest only where it writes.
                    const bool isFull = fault.error == ENOSPC && FailingDisk::failedCall().contains("write");
                    if (!done) QCOMPARE(done.problem().kind, isFull ? ProblemKind::diskFull : ProblemKind::writeFailed);
                }
                auto again = MaterialsStore::open(file);
                QVERIFY(again.ok());
                const auto drawer = (*again)->drawer();
                QVERIFY(drawer.ok());
                const std::size_t count = drawer->things.size();
                QVERIFY2(count == things.size() || (!isConfirmed && count == first.size()),
                         qPrintable(FailingDisk::failedCall()));
                if (!hasFailed) break;
            }
    }
};

QTEST_MAIN(TestDisk)
#include "test_disk.moc"

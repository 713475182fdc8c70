#include <QTemporaryDir>
#include <QtTest>
#include <atomic>
#include <fstream>
#include <string>

#include "common/file.h"
#include "common/naming.h"
#include "common/parallel.h"
#include "common/progress.h"
#include "common/result.h"

using namespace common;

namespace {

enum class Fruit { apple, pear };
constexpr std::array<std::string_view, 2> fruits{"apple", "pear"};

Result<int> half(int v) {
    if (v % 2) return Problem{ProblemKind::numberBad, "half", 0, std::to_string(v), "an even number"};
    return v / 2;
}

}  // namespace

class TestCommon : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void aResultHoldsAValueOrAProblem() {
        QVERIFY(half(4).ok());
        QCOMPARE(*half(4), 2);
        const auto bad = half(3);
        QVERIFY(!bad);
        QCOMPARE(bad.problem().kind, ProblemKind::numberBad);
        QCOMPARE(bad.problem().what, std::string("3"));
        Result<std::string> moved(std::string(1000, 'x'));
        const std::string taken = *std::move(moved);
        QCOMPARE(taken.size(), std::size_t(1000));
    }

    void namesFindTheirEnumerator() {
        QCOMPARE(enumNamed<Fruit>(fruits, "pear"), std::optional(Fruit::pear));
        QVERIFY(!enumNamed<Fruit>(fruits, "Pear"));
        QVERIFY(!enumNamed<Fruit>(fruits, ""));
    }

    void progressOfAPartIsScaled() {
        std::vector<double> seen;
        const Progress whole{[&](double f) { seen.push_back(f); }, {}};
        const Progress part = whole.part(0.2, 0.6).part(0.5, 1.0);
        part.at(0);
        part.at(1);
        QVERIFY(std::fabs(seen[0] - 0.4) < 1e-12 && std::fabs(seen[1] - 0.6) < 1e-12);
        Progress().at(0.5);  // nobody listens
        QVERIFY(!Progress().cancelled());
        std::stop_source stop;
        const Progress stoppable{{}, stop.get_token()};
        const Progress inner = stoppable.part(0, 1);
        QVERIFY(!inner.cancelled());
        stop.request_stop();
        QVERIFY(inner.cancelled());
    }

    void filesAreReadWholeOrRefused() {
        QTemporaryDir folder;
        const std::filesystem::path path = folder.filePath("a.bin").toStdString();
        std::string bytes;
        for (int i = 0; i < 70000; ++i) bytes += char(i * 7);
        std::ofstream(path, std::ios::binary) << bytes;
        const auto read = readFile(path, 70000);
        QVERIFY(read.ok());
        QCOMPARE(std::string(read->begin(), read->end()), bytes);
        QCOMPARE(readFile(path.string() + "x", 1000).problem().kind, ProblemKind::fileMissing);
        QCOMPARE(readFile(path, 2).problem().kind, ProblemKind::fileTooLarge);
        QCOMPARE(readFile(path.parent_path(), 1000).problem().kind, ProblemKind::fileUnreadable);
    }

    void everyIndexIsVisitedOnce() {
        std::vector<std::atomic<int>> visits(1000);
        forEachIndex(1000, [&](int i) { ++visits[i]; });
        for (const auto& count : visits) QCOMPARE(count.load(), 1);
        forEachIndex(0, [](int) { QFAIL("there is nothing to visit"); });
    }
};

QTEST_GUILESS_MAIN(TestCommon)
#include "test_common.moc"

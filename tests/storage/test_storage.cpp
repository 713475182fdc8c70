#include <sys/resource.h>

#include <QJsonArray>
#include <QTemporaryDir>
#include <QtTest>
#include <csignal>
#include <fstream>
#include <map>
#include <set>

#include "planning/planner.h"
#include "small_study.h"
#include "storage/document.h"
#include "storage/library_csv.h"
#include "storage/materials_json.h"
#include "storage/plan_export.h"
#include "storage/study_json.h"

using namespace storage;
using common::ProblemKind;

namespace {

common::Bytes bytesOf(const std::string& text) {
    return {text.begin(), text.end()};
}

common::Bytes contents(const QString& file) {
    return *common::readFile(file.toStdString());
}

void overwrite(const QString& file, const common::Bytes& bytes) {
    std::ofstream out(file.toStdString(), std::ios::binary | std::ios::trunc);
    out.write(reinterpret_cast<const char*>(bytes.data()), std::streamsize(bytes.size()));
}

}  // namespace

class TestStorage : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void theStarterMaterialsAreWhatTheyShouldBe() {
        const auto library = readLibraryFolder(TEST_DATA "/materials");
        QVERIFY(library.ok());
        std::map<materials::Kind, int> count;
        for (const auto& m : library->media) {
            ++count[m.kind];
            QVERIFY(!m.pigments.empty() && !m.lightfastness.empty() && !m.name.empty() && !m.maker.empty());
            const colour::Lab lab = colour::labFromSrgb8(m.masstone);
            QVERIFY2(lab.L >= 8 && lab.L <= 97, m.id.c_str());
            QVERIFY2(colour::chroma(lab) < 100, m.id.c_str());
        }
        using materials::Kind;
        QVERIFY(count[Kind::soft] >= 118 && count[Kind::hard] == 40 && count[Kind::pencil] == 60);
        QVERIFY(count[Kind::pan] >= 24 && count[Kind::gouache] == 14 && count[Kind::watercolour] == 10 &&
                count[Kind::ink] == 2);
        QCOMPARE(library->papers.size(), std::size_t(16));
        std::set<std::string> ids;
        for (const auto& m : library->media) QVERIFY(ids.insert(m.id).second);
    }

    void csvColumnsComeInAnyOrder() {
        const auto library = libraryFromCsv(
            bytesOf(
                "\xEF\xBB\xBFname,HEX,shelf,id,kind\n\"rose, pale\",#e0a0a8,3,r1,soft\ngrey card,#888888,,g1,paper\n"),
            "mine.csv");
        QVERIFY(library.ok());
        QCOMPARE(library->media.size(), std::size_t(1));
        QCOMPARE(library->media[0].name, std::string("rose, pale"));
        QCOMPARE(library->papers.size(), std::size_t(1));
    }

    void badCsvIsRefused_data() {
        QTest::addColumn<QString>("csv");
        QTest::addColumn<int>("kind");
        QTest::addColumn<int>("row");
        QTest::newRow("no column") << "id,name\n1,a\n" << int(ProblemKind::columnMissing) << 0;
        QTest::newRow("empty") << "" << int(ProblemKind::columnMissing) << 0;
        QTest::newRow("bad colour") << "kind,id,hex\nsoft,a,#112233\nsoft,b,blue\n" << int(ProblemKind::fieldBad) << 3;
        QTest::newRow("bad kind") << "kind,id,hex\ncrayon,a,#112233\n" << int(ProblemKind::fieldBad) << 2;
        QTest::newRow("twice") << "kind,id,hex\nsoft,a,#112233\nsoft,a,#112233\n" << int(ProblemKind::fieldBad) << 3;
        QTest::newRow("huge number") << "kind,id,hex,hiding\nsoft,a,#112233,1e300\n" << int(ProblemKind::fieldBad) << 2;
        QTest::newRow("broken quote") << "kind,id,hex\nsoft,\"a,#112233\n" << int(ProblemKind::rowBad) << 2;
    }
    void badCsvIsRefused() {
        QFETCH(QString, csv);
        QFETCH(int, kind);
        QFETCH(int, row);
        const auto library = libraryFromCsv(bytesOf(csv.toStdString()), "mine.csv");
        QVERIFY(!library.ok());
        QCOMPARE(int(library.problem().kind), kind);
        QCOMPARE(library.problem().row, row);
        QCOMPARE(library.problem().where, std::string("mine.csv"));
    }

    void aDocumentComesBackEqual() {
        QTemporaryDir folder;
        const QString file = folder.filePath("a.dune");
        planning::Study study = smallStudy();
        study.school = planning::School::lightBase;
        study.paper = "p-dry";
        study.tray = "field box";
        study.areaEdits = {{subject::AreaEdit::Kind::part, {{{0.1, 0.2}, {0.15, 0.25}}, {{0.3, 1.4}}}}};
        study.others = {study.reference};
        study.areaNames.push_back({0.2,
                                   0.3,
                                   "coat",
                                   {},
                                   false,
                                   subject::AreaKind::fur,
                                   {1.1, 0.9, -0.5, 3},
                                   planning::Borrowing{0, {{0.1, 0.1}, {0.6, 0.7}}}});
        study.thresholds = {2.5, 4, 7.25};
        study.colour = {0.8, 1.2, 0.3, -4};
        study.pairs = {{{0.1, 0.2}, {0.8, 0.2}}};
        study.directions = {{{0.5, 0.5}, {0.6, 0.7}}};
        study.measures = {{{0.2, 0.2}, {0.4, 0.2}}, {{0.2, 0.2}, {0.2, 0.9}}};
        study.unit = 1;
        study.areaNames.push_back({0.9, 0.9, "", subject::Plane::foreground, true});
        study.frame = {0.4, 0.625, 0.5, -3.25, colour::Xyz{0.3, 0.31, 0.4}};
        study.light = colour::Light::led;
        QVERIFY(writeDocument({study, smallLibrary()}, file.toStdString()).ok());
        const auto back = readDocument(file.toStdString());
        QVERIFY(back.ok());
        QCOMPARE(back->study.reference->bytes, study.reference->bytes);
        QCOMPARE(back->study.reference->name, study.reference->name);
        planning::Study same = back->study;
        same.reference = study.reference;
        QCOMPARE(same.others.size(), std::size_t(1));
        QCOMPARE(same.others[0]->bytes, study.others[0]->bytes);
        same.others = study.others;
        QVERIFY(same == study);
        QVERIFY(back->library == smallLibrary());
    }

    void aCutDocumentIsRefusedAtEveryLength() {
        QTemporaryDir folder;
        const QString file = folder.filePath("a.dune");
        QVERIFY(writeDocument({smallStudy(), smallLibrary()}, file.toStdString()).ok());
        const common::Bytes whole = contents(file);
        for (std::size_t i = 0; i < 40; ++i) {
            overwrite(file, {whole.begin(), whole.begin() + std::ptrdiff_t(whole.size() * i / 40)});
            const auto result = readDocument(file.toStdString());
            QVERIFY(!result.ok());
            QCOMPARE(result.problem().kind, ProblemKind::duneDamaged);
        }
    }

    void flippedBytesNeverCrash() {
        QTemporaryDir folder;
        const QString file = folder.filePath("a.dune");
        QVERIFY(writeDocument({smallStudy(), smallLibrary()}, file.toStdString()).ok());
        const common::Bytes whole = contents(file);
        int refused = 0;
        for (std::size_t i = 0; i < whole.size(); i += 1 + whole.size() / 150) {
            common::Bytes broken = whole;
            broken[i] ^= 0x55;
            overwrite(file, broken);
            if (!readDocument(file.toStdString())) ++refused;
        }
        QVERIFY(refused > 50);
    }

    void newerVersionsAreRefused() {
        QJsonObject json = jsonOf(smallStudy());
        json["version"] = 2;
        const auto result = studyFrom(json, "x");
        QVERIFY(!result.ok());
        QCOMPARE(result.problem().kind, ProblemKind::duneNewer);
        json["version"] = 1;
        json["areas"] = 1e9;
        QCOMPARE(studyFrom(json, "x").problem().kind, ProblemKind::duneDamaged);
    }

    void aFailedSaveKeepsTheOldFile() {
        QTemporaryDir folder;
        const QString file = folder.filePath("missing/a.dune");
        QCOMPARE(writeDocument({smallStudy(), smallLibrary()}, file.toStdString()).problem().kind,
                 ProblemKind::folderUnwritable);
        // A limit on the file's size breaks the write off in the middle, as a full disk does.
        const QString kept = folder.filePath("kept.dune");
        QVERIFY(writeWhole(kept.toStdString(), "old").ok());
        rlimit before{}, small{20000, RLIM_INFINITY};
        getrlimit(RLIMIT_FSIZE, &before);
        signal(SIGXFSZ, SIG_IGN);
        small.rlim_max = before.rlim_max;
        setrlimit(RLIMIT_FSIZE, &small);
        const auto full = writeWhole(kept.toStdString(), QByteArray(100000, 'x'));
        setrlimit(RLIMIT_FSIZE, &before);
        QVERIFY(!full.ok());
        QCOMPARE(full.problem().kind, ProblemKind::writeFailed);
        QCOMPARE(contents(kept), bytesOf("old"));
        QVERIFY(!writeWhole("/dev/null", "x").ok());
    }

    void thePlanIsExportedWithItsNames() {
        planning::Kept kept;
        const planning::Study study = smallStudy();
        auto plan = planning::makePlan(study, smallLibrary(), kept);
        QVERIFY(plan.ok());
        const QJsonObject json = planJson(*plan, study);
        QCOMPARE(json["format"].toString(), QStringLiteral("yawning-dune-plan"));
        QCOMPARE(json["version"].toInt(), 1);
        std::set<QString> sticks, passages;
        for (const QJsonValue s : json["sticks"].toArray()) sticks.insert(s["id"].toString());
        double share = 0;
        for (const QJsonValue p : json["passages"].toArray()) {
            passages.insert(p["id"].toString());
            share += p["share"].toDouble();
            for (const QJsonValue lay : p["recipe"].toArray()) QVERIFY(sticks.contains(lay["stick"].toString()));
        }
        QVERIFY(std::fabs(share - 1) < 1e-6);
        for (const QJsonValue step : json["steps"].toArray()) {
            QVERIFY(step["stick"].isNull() || sticks.contains(step["stick"].toString()));
            QVERIFY(!step["why"].toArray().isEmpty());
            for (const QJsonValue p : step["passages"].toArray()) QVERIFY(passages.contains(p.toString()));
            for (const QJsonValue a : step["after"].toArray()) QVERIFY(a.toInt() < step["number"].toInt());
        }
        QCOMPARE(json["summary"]["stepCount"].toInt(), int(plan->steps.size()));
        QCOMPARE(stepsCsv(*plan).count("\r\n"), qsizetype(plan->steps.size()) + 1);
        QCOMPARE(pullListCsv(*plan).count("\r\n"), qsizetype(plan->sticks.size()) + 1);
    }
};

QTEST_GUILESS_MAIN(TestStorage)
#include "test_storage.moc"

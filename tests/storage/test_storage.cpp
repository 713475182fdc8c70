#include <sys/resource.h>
#include <zip.h>

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
#include "storage/whole_file.h"
#include "subject/picture.h"

using namespace storage;
using common::ProblemKind;

namespace {

common::Bytes bytesOf(const std::string& text) {
    return {text.begin(), text.end()};
}

common::Bytes contents(const QString& file) {
    return *common::readFile(file.toStdString(), 1 << 30);
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
        study.approach.stacks.school = planning::School::lightBase;
        study.paper = "p-dry";
        study.tray = "field box";
        study.areaEdits = {{subject::AreaEdit::Kind::part, {{{0.1, 0.2}, {0.15, 0.25}}, {{0.3, 1.4}}}}};
        study.others = {study.reference};
        study.areaChoices.push_back({0.2,
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
        study.noFaces = {{0.25, 0.75}};
        study.edges = {{{{0.1, 0.2}, {0.3, 0.4}}, subject::Edge::lost},
                       {{{0.5, 0.6}, {0.7, 0.8}}, subject::Edge::soft}};
        study.directions = {{{0.5, 0.5}, {0.6, 0.7}}};
        study.measures = {{{0.2, 0.2}, {0.4, 0.2}}, {{0.2, 0.2}, {0.2, 0.9}}};
        study.unit = 1;
        study.areaChoices.push_back({0.9, 0.9, "", subject::Plane::foreground, true});
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
        json["version"] = 4;
        const auto result = studyFrom(json, "x");
        QVERIFY(!result.ok());
        QCOMPARE(result.problem().kind, ProblemKind::duneNewer);
        for (const QJsonValue& odd : {QJsonValue(2.5), QJsonValue("2"), QJsonValue(0), QJsonValue(-1)}) {
            json["version"] = odd;
            QCOMPARE(studyFrom(json, "x").problem().kind, ProblemKind::duneDamaged);
        }
        json["version"] = 4294967296.0;
        QCOMPARE(studyFrom(json, "x").problem().kind, ProblemKind::duneNewer);
        QJsonObject materials = jsonOf(smallLibrary());
        materials["version"] = 2;
        QCOMPARE(libraryFrom(materials, "x").problem().kind, ProblemKind::duneNewer);
        json["version"] = 1;
        json["areas"] = 1e9;
        QCOMPARE(studyFrom(json, "x").problem().kind, ProblemKind::duneDamaged);
    }

    /// Programs before this one let frames grow wider than the picture, and turn on and on.
    void framesBeyondTheirPictureAreMended() {
        const QTemporaryDir folder;
        const QString file = folder.filePath("a.dune");
        planning::Study study = smallStudy();
        QVERIFY(writeDocument({study, smallLibrary()}, file.toStdString()).ok());
        QVERIFY(!readDocument(file.toStdString())->isFrameMended);
        QJsonObject json = jsonOf(study);
        json["frame"] = QJsonObject{{"centreX", 1.2}, {"centreY", 0.5}, {"width", 1e9}, {"degrees", 405}};
        bool isMended = false;
        const auto back = studyFrom(json, "old.dune", &isMended);
        QVERIFY(back.ok() && isMended);
        QVERIFY(!planning::outOfBounds(*back));
        QCOMPARE(back->frame.degrees, 45.0);
        QCOMPARE(back->frame.centreX, 1.0);
        json.remove("frame");  // there may be none
        QVERIFY(studyFrom(json, "old.dune", &isMended).ok() && !isMended);
        // What could not be read again is not written.
        study.frame.degrees = 1000;
        const auto refused = writeDocument({study, smallLibrary()}, file.toStdString());
        QCOMPARE(refused.problem().kind, ProblemKind::numberBad);
        QVERIFY(readDocument(file.toStdString()).ok());
        study.frame = {};
        study.title = std::string(10'000'000, 'x');
        QCOMPARE(writeDocument({study, smallLibrary()}, file.toStdString()).problem().kind, ProblemKind::numberBad);
    }

    /// Archives that are small and unpack to more than any study is.
    void archivesThatSwellAreRefused() {
        const QTemporaryDir folder;
        const QString file = folder.filePath("swollen.dune");
        const auto archive = [&](const std::vector<std::pair<const char*, zip_uint64_t>>& parts) {
            const QByteArray zeros(1 << 24, ' ');
            QFile::remove(file);
            zip_t* zip = zip_open(file.toUtf8().constData(), ZIP_CREATE, nullptr);
            for (const auto& [name, size] : parts) {
                QByteArray content;
                while (zip_uint64_t(content.size()) < size) content += zeros;
                auto* held = static_cast<char*>(malloc(std::size_t(content.size())));
                std::copy(content.begin(), content.end(), held);
                const auto index =
                    zip_file_add(zip, name, zip_source_buffer(zip, held, zip_uint64_t(content.size()), 1), 0);
                zip_set_file_compression(zip, zip_uint64_t(index), ZIP_CM_DEFLATE, 1);
            }
            return zip_close(zip) == 0;
        };
        QVERIFY(archive({{"study.json", 80'000'000}}));
        QVERIFY(QFileInfo(file).size() < 1'000'000);
        QCOMPARE(readDocument(file.toStdString()).problem().kind, ProblemKind::duneDamaged);
        std::vector<std::pair<const char*, zip_uint64_t>> many;
        for (const char* name : {"a", "b", "c", "d", "e", "f", "g", "h"}) many.emplace_back(name, 140'000'000);
        QVERIFY(archive(many));
        QCOMPARE(readDocument(file.toStdString()).problem().kind, ProblemKind::duneDamaged);
        // A file without any content that claims to be a picture of 6 GB is not read at all.
        QFile sparse(folder.filePath("sparse.png"));
        QVERIFY(sparse.open(QIODevice::WriteOnly) && sparse.resize(6'000'000'000));
        QCOMPARE(common::readFile(sparse.fileName().toStdString(), subject::mostPictureBytes).problem().kind,
                 ProblemKind::fileTooLarge);
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
        QCOMPARE(full.problem().kind, ProblemKind::diskFull);
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
        QCOMPARE(json["version"].toInt(), 2);
        std::set<QString> sticks;
        for (const QJsonValue s : json["sticks"].toArray()) sticks.insert(s["id"].toString());
        double share = 0;
        std::set<int> areas, stepsOfLayers;
        for (const QJsonValue area : json["areas"].toArray()) {
            areas.insert(area["id"].toInt());
            QVERIFY(!area["key"].toString().isEmpty() && area["together"].toInt() > 0);
            const QJsonArray layers = area["layers"].toArray();
            for (const QJsonValue layer : layers) {
                QVERIFY(layer["tool"].isNull() ? sticks.contains(layer["stick"].toString()) : layer["stick"].isNull());
                QVERIFY(layer["light"].toDouble() + layer["medium"].toDouble() + layer["heavy"].toDouble() <= 1 + 1e-9);
                stepsOfLayers.insert(layer["step"].toInt());
            }
            for (const QJsonValue tone : area["tones"].toArray()) {
                share += tone["share"].toDouble();
                QCOMPARE(tone["pressures"].toArray().size(), layers.size());
                QVERIFY(tone["unsteadyDifference"].toDouble() >= 0 && tone["toothUsed"].toDouble() <= 1);
            }
        }
        QVERIFY(std::fabs(share - 1) < 1e-6);
        for (const QJsonValue step : json["steps"].toArray()) {
            QVERIFY(step["stick"].isNull() || sticks.contains(step["stick"].toString()));
            QCOMPARE(step["map"].toString(),
                     QStringLiteral("maps/%1.png").arg(step["number"].toInt(), 3, 10, QLatin1Char('0')));
            QVERIFY(!step["why"].toArray().isEmpty() && step["why"].toArray().size() <= 2);
            QCOMPARE(step["whyKinds"].toArray().size(), step["why"].toArray().size());
            for (const QJsonValue a : step["areas"].toArray()) QVERIFY(areas.contains(a.toInt()));
            for (const QJsonValue a : step["after"].toArray()) QVERIFY(a.toInt() < step["number"].toInt());
            stepsOfLayers.erase(step["number"].toInt());
        }
        QVERIFY(stepsOfLayers.empty());
        const QJsonObject summary = json["summary"].toObject();
        QCOMPARE(summary["pictureDifference"]["mean"].toDouble(), plan->summary.picture.mean);
        QCOMPARE(summary["squintedDifference"]["p95"].toDouble(), plan->summary.squinted.p95);
        QCOMPARE(json["approach"]["layers"].toInt(), 4);
        QCOMPARE(json["approach"]["detail"].toString(), QStringLiteral("usual"));
        QCOMPARE(json["summary"]["stepCount"].toInt(), int(plan->steps.size()));
        QCOMPARE(stepsCsv(*plan).count("\r\n"), qsizetype(plan->steps.size()) + 1);
        QCOMPARE(pullListCsv(*plan).count("\r\n"), qsizetype(plan->sticks.size()) + 1);
    }

    /// Studies of the first version open: strokes have become layers, one more of them.
    void studiesOfTheFirstVersionOpen() {
        QJsonObject json = jsonOf(smallStudy());
        QCOMPARE(json["version"].toInt(), 3);
        for (const char* later : {"layers", "detail", "parting"}) json.remove(later);
        json["version"] = 1;
        json["strokes"] = 3;
        json["areaEdits"] =
            QJsonArray{QJsonObject{{"edit", "join"}, {"fromX", 0.1}, {"fromY", 0.2}, {"toX", 0.3}, {"toY", 0.4}}};
        const auto study = studyFrom(json, "old.dune");
        QVERIFY(study.ok());
        QCOMPARE(study->layers, 4);
        QCOMPARE(study->detail, planning::Detail::usual);
        QCOMPARE(study->areaEdits[0].scribbles.size(), std::size_t(2));
        QCOMPARE(study->areaEdits[0].scribbles[1][0], subject::Place(0.3, 0.4));
        QCOMPARE(study->parting, subject::Parting::byColour);
        json["version"] = 4;
        QCOMPARE(studyFrom(json, "new.dune").problem().kind, ProblemKind::duneNewer);
        json["version"] = 3;
        json["layers"] = 3;
        QCOMPARE(studyFrom(json, "now.dune")->parting, subject::Parting::byThings);
        // Areas of the second version stay where they were, whatever is written there.
        json["version"] = 2;
        json["parting"] = "by-things";
        QCOMPARE(studyFrom(json, "second.dune")->parting, subject::Parting::byColour);
        json["layers"] = 2.5;
        QCOMPARE(studyFrom(json, "odd.dune").problem().kind, ProblemKind::duneDamaged);
    }

    /// Every field goes out and comes back.
    void everyFieldOfAStudyComesBack() {
        planning::Study study = smallStudy();
        study.frame = {0.4, 0.6, 0.7, -12.5, colour::Xyz{0.3, 0.31, 0.22}};
        study.thresholds = {3, 6.25};
        study.squint = 0.7;
        study.colour = {1.2, 0.9, -0.5, 4};
        study.paper = "p-grey";
        study.tray = "field box";
        study.layers = 6;
        study.detail = planning::Detail::fine;
        study.approach.stacks.school = planning::School::lightBase;
        study.approach.ground = planning::Ground::none;
        study.light = colour::Light::led;
        study.areaEdits = {{subject::AreaEdit::Kind::cutOut, {{{0.1, 0.1}, {0.3, 0.1}, {0.2, 0.4}}}}};
        study.areaChoices.push_back({0.2,
                                     0.3,
                                     "cloth",
                                     subject::Plane::foreground,
                                     true,
                                     subject::AreaKind::cloth,
                                     {1.5, 1, 1, -3},
                                     planning::Borrowing{0, {{0.1, 0.2}, {0.3, 0.4}}}});
        study.pairs = {{{0.1, 0.1}, {0.9, 0.9}}};
        study.directions = {{{0.5, 0.4}, {0.5, 0.6}}};
        study.measures = {{{0.1, 0.5}, {0.4, 0.5}}};
        study.unit = 0;
        study.others = {study.reference};
        auto back = studyFrom(jsonOf(study), "study.json");
        QVERIFY(back.ok());
        // The pictures themselves are parts of the archive.
        planning::Study got = *std::move(back);
        got.reference = study.reference;
        got.others = study.others;
        QVERIFY(got == study);
    }
};

QTEST_GUILESS_MAIN(TestStorage)
#include "test_storage.moc"

#include <QTemporaryDir>
#include <QtTest>

#include "recorded.h"
#include "small_study.h"
#include "storage/document.h"
#include "storage/log_shelf.h"
#include "storage/record_csv.h"
#include "storage/record_json.h"

using namespace storage;
using common::ProblemKind;
using planning::Entry;
using planning::EntryKind;
using planning::Record;

namespace {

/// One entry of each kind, with all that it can hold.
Record fullRecord() {
    Record record{"r-1", "p-grey", "grey, sanded", "none", {}};
    for (int i = 0; i < planning::entryKindCount; ++i) {
        Entry entry = entryOf(EntryKind(i), i + 1);
        entry.offsetMinutes = i % 2 ? -210 : 60;
        record.entries.push_back(entry);
    }
    const materials::Material stick = smallLibrary().media.front();
    for (Entry& entry : record.entries) {
        if (entry.kind == EntryKind::done) {
            planning::LaidStep laid;
            laid.key = "a/t1/hatch";
            laid.layers = {"a/t1/hatch", "b/t1/hatch"};
            laid.stick = stick;
            laid.stage = planning::Stage::refine;
            laid.manner = pigment::Manner::hatch;
            laid.areas = {"Kännchen", "the \"pot\"; left"};
            laid.plannedMinutes = 4;
            laid.minutes = 5.5;
            laid.squareCentimetres = 12.25;
            laid.amount = 9.5;
            laid.map = std::make_shared<const common::Bytes>(common::Bytes{1, 2, 3});
            entry.laid = laid;
        }
        if (entry.kind == EntryKind::tookStick) entry.stick = smallLibrary().media.back();
        if (entry.kind == EntryKind::pressed) entry.heavier = -1;
        if (entry.kind == EntryKind::takenBack) entry.takes = 2;
        if (entry.kind == EntryKind::note) entry.words = "too wet, \"slid off\"";
        if (entry.kind == EntryKind::finishing) entry.finishing = planning::Finishing::frame;
        if (entry.kind == EntryKind::photograph) {
            entry.picture = "photo-001.jpg";
            entry.bytes = std::make_shared<const common::Bytes>(common::Bytes{9, 8, 7});
        }
        if (entry.kind == EntryKind::checked) {
            entry.picture = "work-1.png";
            entry.bytes = std::make_shared<const common::Bytes>(common::Bytes{4, 5, 6});
            entry.check = planning::Checked{1.5,
                                            {{"412-388", planning::Mend::lift}},
                                            pigment::HandSample{1.25f, 1.5f},
                                            {{{40, 10.5, -3}, {42, 9, -3.25}}}};
        }
    }
    return record;
}

}  // namespace

/// The record in the study's file, on the shelf of logs, and as CSV.
class TestRecordFile : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;

    common::Result<Record> readBack(const QJsonObject& json, bool hasParts = true) {
        const auto parts = partsOf(fullRecord());
        return recordFrom(
            json,
            [&](const std::string& name) -> planning::SharedBytes {
                for (const auto& [part, bytes] : parts)
                    if (hasParts && part == name) return bytes;
                return nullptr;
            },
            "a.dune");
    }
    /// The record's JSON with one field of its entry of this kind changed.
    static QJsonObject changed(EntryKind kind, const char* key, const QJsonValue& value, bool inLaid = false) {
        QJsonObject json = jsonOf(fullRecord());
        QJsonArray entries = json["entries"].toArray();
        QJsonObject entry = entries[int(kind)].toObject();
        if (inLaid) {
            QJsonObject laid = entry["laid"].toObject();
            laid[QLatin1String(key)] = value;
            entry["laid"] = laid;
        } else {
            entry[QLatin1String(key)] = value;
        }
        entries[int(kind)] = entry;
        json["entries"] = entries;
        return json;
    }

 private Q_SLOTS:
    void allOfItComesBack() {
        const QString file = folder_.filePath("a.dune");
        QVERIFY(writeDocument({smallStudy(), smallLibrary(), fullRecord()}, file.toStdString()).ok());
        const auto back = readDocument(file.toStdString());
        QVERIFY(back.ok());
        QVERIFY(back->record == fullRecord());
        // The file of a study that nobody has begun has none.
        QVERIFY(writeDocument({smallStudy(), smallLibrary()}, file.toStdString()).ok());
        QVERIFY(readDocument(file.toStdString())->record == Record{});
    }

    void whatIsDamagedIsRefused() {
        QVERIFY(readBack(jsonOf(fullRecord())).ok());
        QVERIFY(!readBack(jsonOf(fullRecord()), false).ok());
        const std::vector<QJsonObject> bad{changed(EntryKind::done, "at", "yesterday"),
                                           changed(EntryKind::done, "kind", "smudged"),
                                           changed(EntryKind::done, "step", -3),
                                           changed(EntryKind::done, "step", 1e9),
                                           changed(EntryKind::done, "laid", QJsonObject()),
                                           changed(EntryKind::done, "minutes", -1, true),
                                           changed(EntryKind::done, "stick", 99, true),
                                           changed(EntryKind::done, "manner", "throw", true),
                                           changed(EntryKind::tookStick, "stick", -1),
                                           changed(EntryKind::pressed, "heavier", 7),
                                           changed(EntryKind::finishing, "finishing", "varnish"),
                                           changed(EntryKind::photograph, "picture", "../photo.jpg"),
                                           changed(EntryKind::checked, "check", QJsonObject())};
        for (std::size_t i = 0; i < bad.size(); ++i) {
            const auto back = readBack(bad[i]);
            QVERIFY2(!back.ok(), qPrintable(QString::number(i)));
            QCOMPARE(back.problem().kind, ProblemKind::duneDamaged);
        }
        QJsonObject newer = jsonOf(fullRecord());
        newer["version"] = 99;
        QCOMPARE(readBack(newer).problem().kind, ProblemKind::duneNewer);
    }

    /// A map that claims 900 megapixels is refused before any of it is decoded (a .dune that held 332 MB of them).
    void anOverLargeMapIsRefused() {
        common::Bytes png{0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n', 0, 0, 0,    13,
                          'I',  'H', 'D', 'R', 0,    0,    0x75, 0x30, 0, 0, 0x75, 0x30};
        QVERIFY(planning::isOverLarge(png));
        const auto back = [&] {
            return recordFrom(
                jsonOf(fullRecord()), [&](const std::string&) { return std::make_shared<const common::Bytes>(png); },
                "a.dune");
        };
        QCOMPARE(back().problem().kind, ProblemKind::duneDamaged);
        planning::LaidStep laid;
        laid.map = std::make_shared<const common::Bytes>(png);
        QVERIFY(planning::mapOf(laid).empty());
        png[18] = png[22] = 0x04;  // 1072 by 1072
        QVERIFY(!planning::isOverLarge(png));
        QVERIFY(back().ok());
    }

    void logsStandOnTheShelfWithoutTheirPictures() {
        const auto shelf = std::filesystem::path(folder_.filePath("logs").toStdString());
        QVERIFY(shelvedLogs(shelf).empty());
        QVERIFY(shelve(shelf, {"Kettle", "/a/kettle.dune", fullRecord()}).ok());
        QVERIFY(shelve(shelf, {"Kettle", "/b/kettle.dune", fullRecord()}).ok());
        const auto logs = shelvedLogs(shelf);
        QCOMPARE(logs.size(), std::size_t(1));
        QCOMPARE(logs.front().file, std::string("/b/kettle.dune"));
        QCOMPARE(logs.front().record.entries.size(), fullRecord().entries.size());
        QCOMPARE(logs.front().record.entries[1].laid->areas, fullRecord().entries[1].laid->areas);
        QVERIFY(!logs.front().record.entries[1].laid->map);
        // What cannot be read is passed over.
        QFile broken(folder_.filePath("logs/broken.json"));
        QVERIFY(broken.open(QIODevice::WriteOnly));
        broken.write("{");
        broken.close();
        QCOMPARE(shelvedLogs(shelf).size(), std::size_t(1));
    }

    void theCsvHasARowForEachEntry() {
        const QList<QByteArray> rows = logCsv(fullRecord()).trimmed().split('\n');
        QCOMPARE(rows.size(), qsizetype(planning::entryKindCount) + 1);
        QVERIFY2(rows[0].contains("step") && rows[0].contains("planned_minutes"), rows[0].constData());
        QVERIFY(rows[1 + int(EntryKind::done)].contains("hatch"));
        QVERIFY(rows[1 + int(EntryKind::note)].contains("\"too wet, \"\"slid off\"\"\""));
        // What was taken back says so.
        QVERIFY(rows[1 + 2].trimmed().endsWith("\"no\""));
        QVERIFY(rows[1 + 1].trimmed().endsWith("\"yes\""));
    }
};

QTEST_APPLESS_MAIN(TestRecordFile)
#include "test_record_file.moc"

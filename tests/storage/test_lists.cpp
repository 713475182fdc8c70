#include <QFile>
#include <QTemporaryDir>
#include <QtTest>
#include <map>
#include <set>

#include "colour/difference.h"
#include "colour/munsell.h"
#include "numbers.h"
#include "owned_things.h"
#include "storage/drawer_json.h"
#include "storage/library_csv.h"
#include "storage/list_export.h"
#include "storage/table_things.h"
#include "wording/sentences.h"

using namespace storage;
using common::ProblemKind;
using materials::Owned;

namespace {

common::Bytes bytesOf(const QByteArray& text) {
    return {text.begin(), text.end()};
}

Table csv(const QByteArray& text) {
    auto table = tableFromCsv(bytesOf(text), "mine.csv");
    if (!table) qFatal("%s", qPrintable(wording::problemSentence(table.problem())));
    return *std::move(table);
}

TableThings taken(const Table& table, const std::vector<Owned>& known = {}, const TableDefaults& defaults = {"soft"}) {
    auto things = thingsFrom(table, guessedColumns(table.headings), known, defaults);
    if (!things) qFatal("%s", qPrintable(wording::problemSentence(things.problem())));
    return *std::move(things);
}

const materials::Material& medium(const Owned& owned) {
    return std::get<materials::Material>(owned.what);
}

}  // namespace

/// Lists of materials in the formats that artists and devices have.
class TestLists : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    std::string written(const char* name, const QByteArray& bytes) {
        QFile file(folder_.filePath(QString::fromLatin1(name)));
        if (!file.open(QIODevice::WriteOnly)) qFatal("cannot write");
        file.write(bytes);
        return file.fileName().toStdString();
    }

 private Q_SLOTS:
    void csvIsPartedByCommasSemicolonsOrTabs() {
        const std::vector<std::string> wanted{"a", "b; , c", "d"};
        for (const char delimiter : {',', ';', '\t'}) {
            QByteArray text = "x?y?z\r\na?\"b; , c\"?d\r\n";
            text.replace('?', delimiter);
            const Table table = csv(text);
            QCOMPARE(table.headings, (std::vector<std::string>{"x", "y", "z"}));
            QCOMPARE(table.rows.size(), std::size_t(1));
            QCOMPARE(table.rows[0].number, 2);
            QCOMPARE(table.rows[0].fields, wanted);
        }
    }

    void brokenEncodingsAreRefusedOrListed() {
        // Latin-1 in one row: that row is bad, the others are good.
        const Table table = csv("name,hex\nlila,#806090\ngr\xFCn,#408040\nrot,#a02020\n");
        QCOMPARE(table.rows.size(), std::size_t(2));
        QCOMPARE(table.bad.size(), std::size_t(1));
        QCOMPARE(table.bad[0].kind, ProblemKind::encodingBad);
        QCOMPARE(table.bad[0].row, 3);
        const auto strict = libraryFromCsv(bytesOf("kind,id,hex,name\nsoft,a,#102030,gr\xFCn\n"), "mine.csv");
        QCOMPARE(strict.problem().kind, ProblemKind::encodingBad);
        QCOMPARE(strict.problem().row, 2);
        // UTF-16, with and without its mark, and headings in Latin-1.
        for (const QByteArray& text : {QByteArray("\xFF\xFEn\0a\0m\0e\0\n\0", 12), QByteArray("n\0a\0m\0e\0\n\0", 10),
                                       QByteArray("na\xEFme,hex\nred,#a02020\n")}) {
            const auto refused = tableFromCsv(bytesOf(text), "mine.csv");
            QVERIFY(!refused.ok());
            QCOMPARE(refused.problem().kind, ProblemKind::encodingBad);
            QVERIFY(wording::problemSentence(refused.problem()).contains("UTF-8"));
        }
    }

    void columnsAreGuessedWhateverTheirOrder() {
        const std::vector<Column> columns =
            guessedColumns({"Brand", "  HEX ", "shelf", "Colour", "Pigment", "No.", "L*"});
        const std::vector<Column> wanted{Column::maker,    Column::hex,    Column::none, Column::none,
                                         Column::pigments, Column::number, Column::L};
        QVERIFY(columns == wanted);
    }

    void badRowsAreListedAndGoodOnesTaken() {
        const TableThings found =
            taken(csv("name,kind,L,a,b,stock,slot,hiding\n"
                      "too light,soft,300,0,0,full,,\n"     // row 2
                      "good,soft,52.5,10,-20,half,3,1.2\n"  // row 3
                      "owed,soft,50,0,0,-1,,\n"
                      "no colour,soft,,,,,,\n"
                      "half told,soft,50,3,,,,\n"
                      "crayon?,crayon,50,0,0,,,\n"
                      "a stump,stump,,,,,,\n"  // row 8: tools need no colour
                      ",soft,50,0,0,,,\n"
                      "huge,soft,50,0,0,,,1e300\n"
                      "decimal comma,pencil,\"52,5\",0,0,0.2,,\n"
                      "far,soft,50,0,0,,-4,\n"));
        QCOMPARE(found.things.size(), std::size_t(3));
        std::vector<int> rows;
        for (const common::Problem& bad : found.bad) {
            rows.push_back(bad.row);
            QCOMPARE(bad.kind, ProblemKind::fieldBad);
            const QString sentence = wording::problemSentence(bad);
            QVERIFY2(sentence.startsWith(QStringLiteral("mine.csv, row %1: ").arg(bad.row)), qPrintable(sentence));
        }
        QCOMPARE(rows, (std::vector<int>{2, 4, 5, 6, 7, 9, 10, 12}));
        QVERIFY(wording::problemSentence(found.bad[0]).contains("L \"300\" will not do: put 0 to 100"));
        QVERIFY(wording::problemSentence(found.bad[1]).contains("stock \"-1\""));
        const materials::Material& good = medium(found.things[0]);
        QVERIFY(colour::differenceCie2000(colour::labFromSrgb8(good.masstone), {52.5, 10, -20}) < 0.5);
        QCOMPARE(found.things[0].stock, materials::Stock::half);
        QCOMPARE(found.things[0].slot, 3);
        QCOMPARE(good.id, std::string("good"));
        QCOMPARE(found.things[2].stock, materials::Stock::stub);
    }

    void aMissingColumnIsNamed() {
        for (const auto& [text, missing] : {std::pair{"kind,hex\nsoft,#102030\n", "name"},
                                            {"kind,name\nsoft,a\n", "hex"},
                                            {"name,L,a\nred,40,50\n", "hex"}}) {
            const Table table = csv(text);
            const auto refused = thingsFrom(table, guessedColumns(table.headings), {}, {"soft"});
            QVERIFY(!refused.ok());
            QCOMPARE(refused.problem().kind, ProblemKind::columnMissing);
            QCOMPARE(refused.problem().what, std::string(missing));
        }
    }

    void idsAreMadeOfNamesAndNeverTwice() {
        const std::vector<Owned> known = materials::ownedOf(smallLibrary());
        const TableThings found =
            taken(csv("name,hex\nRose, pale,#e0a0a8\n\"Rose, pale\",#e0a0a8\nrose pale,#e0a0a8\nT1,#101010\n"), known);
        // The first row's name ends at the comma; its second field is no colour.
        QCOMPARE(found.bad.size(), std::size_t(1));
        std::set<std::string> ids;
        for (const Owned& owned : found.things) QVERIFY(ids.insert(materials::idOf(owned)).second);
        QVERIFY(ids.contains("rose-pale") && ids.contains("rose-pale-2") && ids.contains("t1-2"));
        QCOMPARE(taken(csv("id,name,hex\na,x,#101010\na,y,#101010\n")).bad.size(), std::size_t(1));
    }

    /// What the list has no column for stays as it was known.
    void knownThingsKeepWhatTheListDoesNotTell() {
        const std::vector<Owned> known = ownedThings();
        const TableThings found =
            taken(csv("number,L,a,b\n№ 4,50,0,0\n№ 99,40,0,0\n"), known, {"soft", materials::ColourSource::reader});
        QCOMPARE(found.known, 1);
        Owned wanted = known[4];
        materials::setColour(wanted, colour::srgb8FromSrgb(colour::srgbFromLab({50, 0, 0})));
        wanted.source = materials::ColourSource::reader;
        QVERIFY(found.things[0] == wanted);
        // A number alone is no name for a new thing.
        QCOMPARE(found.bad.size(), std::size_t(1));
        // By name where there are no numbers, but not where two have that name.
        std::vector<Owned> two = known;
        std::get<materials::Material>(two[1].what).name = medium(two[0]).name;
        QCOMPARE(taken(csv("name,notes\nstick t3,found\nstick t1,lost\n"), two).known, 1);
    }

    void drawersComeBackFromCsv() {
        const std::vector<Owned> things = ownedThings();
        const TableThings back = taken(csv(drawerCsv(things)));
        QVERIFY(back.bad.empty());
        QVERIFY(back.things == things);
    }

    /// A palette as general-purpose drawing programs write it.
    void palettesAreReadAndWritten() {
        const auto table = tableFromPalette(
            bytesOf("GIMP Palette\nName: Some: colours\nColumns: 4\n# a comment\n  0   0   0\tBlack\n255 128 7 Hot  "
                    "orange\n300 0 0 too much\n 12 13 14\n"),
            "some.gpl");
        QVERIFY(table.ok());
        QCOMPARE(table->bad.size(), std::size_t(1));
        QCOMPARE(table->bad[0].row, 7);
        const TableThings found = taken(*table);
        QCOMPARE(found.things.size(), std::size_t(3));
        QCOMPARE(medium(found.things[1]).name, std::string("Hot orange"));
        QCOMPARE(medium(found.things[1]).masstone, (colour::Srgb8{255, 128, 7}));
        QCOMPARE(medium(found.things[2]).name, std::string("0c0d0e"));

        const std::vector<Owned> things = ownedThings();
        const auto back = readTable(written("own.gpl", paletteText(things, "Mine")));
        QVERIFY(back.ok() && back->bad.empty());
        QCOMPARE(back->rows.size(), things.size() - 1);  // the stump has no colour
        for (std::size_t i = 0; i < back->rows.size(); ++i)
            QCOMPARE(back->rows[i].fields[1], colour::hexFromSrgb8(*materials::colourOf(things[i])));
        QCOMPARE(tableFromPalette(bytesOf("palette\n1 2 3\n"), "x").problem().kind, ProblemKind::listUnknown);
    }

    /// The CIE test colour samples, as reflectances in a file by others (Debian's colord-data), have the Munsell values
    /// that CIE 13.3-1995 gives for them (from memory; they are nominal, so a quarter of a step is allowed).
    void publishedReadingsHaveTheirPublishedValues() {
        const auto table = readTable("/usr/share/colord/ref/CIE-TCS.sp");
        QVERIFY(table.ok() && table->bad.empty());
        const double values[] = {6, 6, 6, 6, 6, 6, 6, 6, 4, 8, 5, 3, 8, 4};
        QVERIFY(table->rows.size() >= std::size(values));
        for (std::size_t i = 0; i < std::size(values); ++i) {
            const double value =
                colour::munsellValueOfLightness(QString::fromStdString(table->rows[i].fields[2]).toDouble());
            QVERIFY2(std::fabs(value - values[i]) < 0.25, qPrintable(QStringLiteral("%1: %2").arg(i + 1).arg(value)));
        }
    }

    void readingsComeBackFromCgats() {
        const std::vector<Owned> things = ownedThings();
        const auto table = readTable(written("own.txt", readingsText(things)));
        QVERIFY(table.ok() && table->bad.empty());
        const TableThings back = taken(*table, things, {"", materials::ColourSource::reader});
        QCOMPARE(back.known, int(things.size()) - 1);
        for (std::size_t i = 0; i < back.things.size(); ++i)
            QVERIFY(back.things[i] == things[i]);  // nothing is lost and the colours are the same
    }

    /// Names as artists give them, through every format that has names, and back.
    void oddNamesComeBack_data() {
        QTest::addColumn<QString>("ending");
        for (const char* ending : {"csv", "gpl", "txt"}) QTest::newRow(ending) << QString(ending);
    }
    void oddNamesComeBack() {
        QFETCH(QString, ending);
        std::vector<Owned> things;
        for (const char* name : {"no. #3, pale", "#aabbcc", "ocre jaune br\u00fbl\u00e9", "Gr\u00fcn", "'quoted'",
                                 "BEGIN_DATA", "12", "semi;colon, comma"}) {
            materials::Material medium;
            medium.id = "t" + std::to_string(things.size());
            medium.name = name;
            things.push_back({medium});
        }
        const QString file = "odd." + ending;
        const auto bytes = listFor(file, things);
        QVERIFY(bytes);
        const auto table = readTable(written(file.toUtf8().constData(), *bytes));
        QVERIFY(table.ok() && table->bad.empty());
        const auto column = std::ranges::find(table->headings, "name") - table->headings.begin();
        QCOMPARE(table->rows.size(), things.size());
        for (std::size_t i = 0; i < things.size(); ++i)
            QCOMPARE(table->rows[i].fields[std::size_t(column)], materials::nameOf(things[i]));
    }

    void whatALineCannotHoldIsLeftOutOfNames() {
        materials::Material medium;
        medium.id = "t";
        medium.name = std::string("two\nlines\0and a zero", 20);
        for (const char* file : {"odd.csv", "odd.gpl", "odd.txt"}) {
            const auto table = readTable(written(file, *listFor(QString(file), {{medium}})));
            QVERIFY2(table.ok() && table->bad.empty() && table->rows.size() == 1, file);
        }
    }

    void paletteColoursWithoutANameAreNamedByTheirCode() {
        const auto table = tableFromPalette(bytesOf("GIMP Palette\n170 187 204\n"), "x.gpl");
        QCOMPARE(table->rows.at(0).fields, (std::vector<std::string>{"aabbcc", "#aabbcc"}));
    }

    /// A list may not open other files, nor wait at a pipe for ever.
    void includesAreRefused() {
        for (const char* line : {".INCLUDE \"/etc/passwd\"", "  .include '/dev/zero'"})
            QCOMPARE(tableFromReadings(bytesOf(QByteArray("CGATS.17\n") + line +
                                               "\nBEGIN_DATA_FORMAT\nSAMPLE_ID\n"
                                               "END_DATA_FORMAT\nNUMBER_OF_SETS 0\nBEGIN_DATA\nEND_DATA\n"),
                                       "dev.txt")
                         .problem()
                         .kind,
                     ProblemKind::listIncludes);
    }

    void anEmptyFileIsNoList() { QCOMPARE(tableFromReadings({}, "dev.txt").problem().kind, ProblemKind::listUnknown); }

    void rowsBeforeTheirFormatAreRefused() {
        QCOMPARE(
            tableFromReadings(bytesOf("CGATS.17\nNUMBER_OF_FIELDS 2\nNUMBER_OF_SETS 1\nBEGIN_DATA\nA1 3\nEND_DATA\n"
                                      "BEGIN_DATA_FORMAT\nSAMPLE_ID LAB_L\nEND_DATA_FORMAT\n"),
                              "dev.txt")
                .problem()
                .kind,
            ProblemKind::listUnknown);
    }

    /// Little CMS reads beyond what it has where fields are counted anew behind their names.
    void fieldsThatAreCountedTwiceAreRefused() {
        QCOMPARE(tableFromReadings(bytesOf("CGATS.17\nNUMBER_OF_FIELDS 2\nBEGIN_DATA_FORMAT\nSAMPLE_ID LAB_L\n"
                                           "END_DATA_FORMAT\nNUMBER_OF_FIELDS 40\nNUMBER_OF_SETS 1\nBEGIN_DATA\n"
                                           "A1 3\nEND_DATA\n"),
                                   "dev.txt")
                     .problem()
                     .kind,
                 ProblemKind::listUnknown);
    }

    void setsThatAreNotThereAreRefused() {
        const QByteArray told =
            "CGATS.17\nNUMBER_OF_FIELDS 4\nBEGIN_DATA_FORMAT\nSAMPLE_ID LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\n";
        for (const char* rest : {"NUMBER_OF_SETS 999999999\n", "NUMBER_OF_SETS 2\nBEGIN_DATA\nA1 3 0 0\nEND_DATA\n"}) {
            const auto table = tableFromReadings(bytesOf(told + rest), "dev.txt");
            QVERIFY2(!table, rest);
            QCOMPARE(table.problem().kind, ProblemKind::listUnknown);
        }
    }

    /// In percent or not is said by the whole file: a soot reads under one percent everywhere.
    void aBlackInPercentStaysBlack() {
        QByteArray bands = "SAMPLE_ID", soot = "A1", white = "A2";
        for (int nm = 400; nm <= 700; nm += 20) {
            bands += " NM" + QByteArray::number(nm);
            soot += " 0.8";
            white += " 85";
        }
        const auto table = tableFromReadings(bytesOf("CGATS.17\nNUMBER_OF_FIELDS 17\nBEGIN_DATA_FORMAT\n" + bands +
                                                     "\nEND_DATA_FORMAT\nNUMBER_OF_SETS 2\n"
                                                     "BEGIN_DATA\n" +
                                                     soot + "\n" + white + "\nEND_DATA\n"),
                                             "dev.txt");
        QVERIFY(table.ok());
        // L* of Y = 0.8 and 85 (CIE 15).
        QVERIFY(std::fabs(QString::fromStdString(table->rows[0].fields[2]).toDouble() - 7.23) < 0.05);
        QVERIFY(std::fabs(QString::fromStdString(table->rows[1].fields[2]).toDouble() - 93.88) < 0.05);
    }

    void readingsInOtherWordsAreReadOrRefused() {
        const auto of = [](const char* formats, const char* row, const char* more = "") {
            return tableFromReadings(
                bytesOf(QByteArray("CGATS.17\n") + more + "NUMBER_OF_FIELDS " +
                        QByteArray::number(QByteArray(formats).count(' ') + 1) + "\nBEGIN_DATA_FORMAT\n" + formats +
                        "\nEND_DATA_FORMAT\nNUMBER_OF_SETS 1\nBEGIN_DATA\n" + row + "\nEND_DATA\n"),
                "dev.txt");
        };
        // XYZ of a grey of L* 50 under D50: Y = 18.42 (CIE 15).
        const auto xyz = of("SAMPLE_ID XYZ_X XYZ_Y XYZ_Z", "A1 17.758 18.419 15.195");
        QVERIFY(xyz.ok());
        QVERIFY(std::fabs(QString::fromStdString(xyz->rows[0].fields[2]).toDouble() - 50) < 0.01);
        QVERIFY(std::fabs(QString::fromStdString(xyz->rows[0].fields[3]).toDouble()) < 0.05);
        QCOMPARE(xyz->rows[0].fields[1], std::string("A1"));
        // A flat half reflectance, in percent, every 20 nm.
        const auto flat =
            of("SAMPLE_ID NM400 NM420 NM440 NM460 NM480 NM500 NM520 NM540 NM560 NM580 NM600 NM620 NM640 "
               "NM660 NM680 NM700",
               "A1 50 50 50 50 50 50 50 50 50 50 50 50 50 50 50 50");
        QVERIFY(flat.ok());
        QVERIFY(std::fabs(QString::fromStdString(flat->rows[0].fields[2]).toDouble() - 76.07) < 0.05);
        QCOMPARE(of("SAMPLE_ID CMYK_C CMYK_M", "A1 3 4").problem().kind, ProblemKind::coloursUnknown);
        QCOMPARE(of("SAMPLE_ID NM400 NM700", "A1 .5 .5").problem().kind, ProblemKind::coloursUnknown);
        QCOMPARE(of("SAMPLE_ID LAB_L LAB_A LAB_B", "A1 50 0 0", "ILLUMINATION_NAME \"A\"\n").problem().kind,
                 ProblemKind::coloursUnknown);
        const auto bad = of("SAMPLE_ID LAB_L LAB_A LAB_B", "A1 50 nothing 0");
        QVERIFY(bad.ok());
        QCOMPARE(bad->bad.size(), std::size_t(1));
        QCOMPARE(tableFromReadings(bytesOf("CGATS.17\nBEGIN_DATA"), "dev.txt").problem().kind,
                 ProblemKind::listUnknown);
    }

    void otherFilesAreNoLists() {
        for (const auto& [name, bytes] :
             std::map<const char*, QByteArray>{{"a.png", "\x89PNG\r\n\x1a\n"}, {"a.doc", "words"}}) {
            const auto refused = readTable(written(name, bytes));
            QCOMPARE(refused.problem().kind, ProblemKind::listUnknown);
            QVERIFY(wording::problemSentence(refused.problem()).contains("CSV"));
        }
        QCOMPARE(readTable("/none/a.csv").problem().kind, ProblemKind::fileMissing);
    }

    void longListsReportAndStop() {
        QByteArray text = "name,hex\n";
        for (int i = 0; i < 60000; ++i) text += "stick " + QByteArray::number(i) + ",#102030\n";
        double before = -1;
        int reports = 0;
        const common::Progress progress{[&](double f) {
                                            QVERIFY(f > before && f <= 1);
                                            before = f;
                                            ++reports;
                                        },
                                        {}};
        const auto table = tableFromCsv(bytesOf(text), "long.csv", progress);
        QVERIFY(table.ok() && reports > 2);
        before = -1;
        QVERIFY(thingsFrom(*table, guessedColumns(table->headings), {}, {"soft"}, progress).ok());
        std::stop_source stop;
        stop.request_stop();
        QCOMPARE(tableFromCsv(bytesOf(text), "long.csv", {{}, stop.get_token()}).problem().kind,
                 ProblemKind::cancelled);
        QCOMPARE(
            thingsFrom(*table, guessedColumns(table->headings), {}, {"soft"}, {{}, stop.get_token()}).problem().kind,
            ProblemKind::cancelled);
    }

    void randomBytesNeverCrash() {
        Numbers random(91);
        const QByteArray good[] = {drawerCsv(ownedThings()), paletteText(ownedThings(), "Mine"),
                                   readingsText(ownedThings()), drawerJson({{ownedThings(), {}}, {}})};
        for (int round = 0; round < 400; ++round) {
            QByteArray text = good[round % 4];
            for (int n = 0; n < 12; ++n) text[random.below(int(text.size()))] = char(random.below(256));
            const common::Bytes bytes = bytesOf(text.first(random.below(int(text.size())) + 1));
            for (const auto& table :
                 {tableFromCsv(bytes, "x"), tableFromPalette(bytes, "x"), tableFromReadings(bytes, "x")})
                if (table) (void)thingsFrom(*table, guessedColumns(table->headings), {}, {"soft"});
            (void)drawerFromJson(bytes, "x");
        }
    }

    void theWholeDrawerIsCarriedInOneFile() {
        auto opened = MaterialsStore::open(folder_.filePath("one.sqlite"));
        QVERIFY(opened.ok());
        const auto store = *std::move(opened);
        std::vector<Owned> things = ownedThings();
        const auto key = store->keep({"front.jpg", {1, 2, 3, 0, 255}});
        QVERIFY(key.ok());
        things[2].photographs = {*key};
        things[2].colourError = 0.75;
        QVERIFY(store->apply({.put = things, .trays = {{"field box", {"t1", "t3"}}}}).ok());
        const auto whole = wholeOf(*store);
        QVERIFY(whole.ok());
        const QByteArray json = drawerJson(*whole);

        auto other = MaterialsStore::open(folder_.filePath("other.sqlite"));
        const auto second = *std::move(other);
        const auto back = drawerFromJson(bytesOf(json), "own.json");
        QVERIFY(back.ok());
        const auto change = takeIn(*back, *second);
        QVERIFY(change.ok() && second->apply(*change).ok());
        QVERIFY(*second->drawer() == *store->drawer());
        QCOMPARE(second->photograph(*key)->bytes, (common::Bytes{1, 2, 3, 0, 255}));

        QCOMPARE(drawerFromJson(bytesOf("{"), "x").problem().kind, ProblemKind::drawerDamaged);
        QCOMPARE(drawerFromJson(bytesOf("{\"a\":1}"), "x").problem().kind, ProblemKind::listUnknown);
        QCOMPARE(
            drawerFromJson(bytesOf(QByteArray(json).replace("\"version\": 1", "\"version\": 9")), "x").problem().kind,
            ProblemKind::drawerNewer);
        const auto bad = drawerFromJson(bytesOf(QByteArray(json).replace("#8f4a24", "#8f4a2")), "x");
        QCOMPARE(bad.problem().kind, ProblemKind::drawerDamaged);
        QCOMPARE(bad.problem().what, std::string("hex"));
    }
};

QTEST_GUILESS_MAIN(TestLists)
#include "test_lists.moc"

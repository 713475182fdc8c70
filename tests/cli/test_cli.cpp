#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>
#include <cmath>
#include <opencv2/imgcodecs.hpp>

#include "colour/difference.h"
#include "run_cli.h"
#include "small_study.h"
#include "storage/document.h"

class TestCli : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    QString at(const char* name) const { return folder_.filePath(QString::fromLatin1(name)); }

 private Q_SLOTS:
    void initTestCase() {
        const common::Bytes bytes = smallStudy().reference->bytes;
        write(at("ball.png"), QByteArray(reinterpret_cast<const char*>(bytes.data()), qsizetype(bytes.size())));
        QVERIFY(storage::writeDocument({smallStudy(), smallLibrary()}, at("ball.dune").toStdString()).ok());
    }

    /// Round the formats: a list, a palette, readings and a whole drawer, and the colours are the same.
    void listsGoFromFormatToFormat() {
        write(at("mine.csv"),
              "name;hex;stock\nwarm grey;#8a7f74;half\nplum;#5b3149;full\nbad;#12;full\nowed;#101010;-1\n");
        Run r = run({"list", at("mine.csv"), "--out", at("mine.json")});
        QCOMPARE(r.status, 2);
        QCOMPARE(r.err.count('\n'), 1);
        QVERIFY(r.err.contains("row 4: hex"));
        QVERIFY(!QFile::exists(at("mine.json")));
        r = run({"list", at("mine.csv"), "--out", at("mine.json"), "--bad-rows", "leave-out"});
        QCOMPARE(r.status, 0);
        QCOMPARE(r.err.count('\n'), 2);
        QString from = at("mine.json");
        for (const char* to : {"b.gpl", "c.txt", "d.csv", "e.json"}) {
            QCOMPARE(run({"list", from, "--out", at(to), "--kind", "soft"}).status, 0);
            from = at(to);
        }
        const QJsonArray things = QJsonDocument::fromJson(fileBytes(from)).object()["things"].toArray();
        QCOMPARE(things.size(), 2);
        QCOMPARE(things[0].toObject()["hex"].toString(), QStringLiteral("#8a7f74"));
        QCOMPARE(things[1].toObject()["name"].toString(), QStringLiteral("plum"));
        for (const QStringList& bad : {QStringList{"list", at("mine.csv")},
                                       {"list", at("none.csv"), "--out", at("x.csv")},
                                       {"list", at("b.gpl"), "--out", at("x.doc")},
                                       {"list", at("ball.png"), "--out", at("x.csv")},
                                       {"list", at("b.gpl"), "--out", at("x.csv"), "--bad-rows", "perhaps"}}) {
            const Run refused = run(bad);
            QCOMPARE(refused.status, 2);
            QCOMPARE(refused.err.count('\n'), 1);
        }
    }

    /// The command is known; what it lacks is said.
    void aCommandThatWantsMoreSaysWhat() {
        for (const QStringList& bare : {QStringList{"plan"},
                                        {"areas", at("ball.png")},
                                        {"list", at("mine.csv")},
                                        {"compare", "papers"},
                                        {"compare", "tools", at("ball.png")},
                                        {"inspect"},
                                        {"card"},
                                        {"read-card"}}) {
            const Run refused = run(bare);
            QCOMPARE(refused.status, 2);
            QVERIFY2(refused.err.startsWith('"' + bare[0].toUtf8() + "\" wants"), refused.err.constData());
        }
    }

    void aPlanIsWrittenWhole() {
        const Run r = run({"plan", at("ball.dune"), "--out", at("plan")});
        QCOMPARE(r.err, QByteArray());
        QCOMPARE(r.status, 0);
        const QJsonObject plan = QJsonDocument::fromJson(fileBytes(at("plan/plan.json"))).object();
        QCOMPARE(plan["format"].toString(), QStringLiteral("yawning-dune-plan"));
        const int steps = int(plan["steps"].toArray().size());
        QVERIFY(steps > 3);
        QVERIFY(QFile::exists(at("plan/stages/000.png")));
        QVERIFY(QFile::exists(
            at("plan/stages/%1.png").replace("%1", QStringLiteral("%1").arg(steps, 3, 10, QLatin1Char('0')))));
        for (int step = 1; step <= steps; ++step) {
            const QString name = QStringLiteral("%1.png").arg(step, 3, 10, QLatin1Char('0'));
            const auto read = [&](const char* folder) {
                return cv::imread((at("plan/") + QLatin1String(folder) + '/' + name).toStdString(),
                                  cv::IMREAD_UNCHANGED);
            };
            const cv::Mat map = read("maps"), sheet = read("stages");
            QVERIFY(map.type() == CV_8UC1 && sheet.type() == CV_8UC3 && map.size() == sheet.size());
        }
        QCOMPARE(fileBytes(at("plan/steps.csv")).count('\n'), qsizetype(steps) + 1);
        QVERIFY(fileBytes(at("plan/plan.pdf")).startsWith("%PDF"));
        // Read back by an independent renderer: poppler's text of the PDF names every stick.
        QProcess text;
        text.start("pdftotext", {"-layout", at("plan/plan.pdf"), "-"});
        text.waitForFinished(patience);
        const QString words = QString::fromUtf8(text.readAllStandardOutput());
        for (const QJsonValue stick : plan["sticks"].toArray())
            QVERIFY2(words.contains(stick["name"].toString()), qPrintable(stick["name"].toString()));
        QVERIFY(words.contains("Never blow dust"));
        // The same renderer makes a picture in printing inks of it, which is refused.
        QCOMPARE(
            QProcess::execute("pdftoppm", {"-jpegcmyk", "-r", "30", "-singlefile", at("plan/plan.pdf"), at("inks")}),
            0);
        const Run inks = run({"plan", at("inks.jpg"), "--out", at("refused")});
        QCOMPARE(inks.status, 2);
        QVERIFY2(inks.err.contains("meant for printing"), inks.err.constData());
    }

    /// What others put into a plan's folder stays; what an earlier plan left goes.
    void aFolderKeepsWhatIsNotThePlans() {
        QVERIFY(QDir().mkpath(at("shared/stages")));
        write(at("shared/stages/my-own.png"), "mine");
        write(at("shared/stages/999.png"), "mine too");
        write(at("shared/notes.txt"), "mine as well");
        QCOMPARE(run({"plan", at("ball.dune"), "--out", at("shared"), "--layers", "4"}).status, 0);
        const auto steps = [&] {
            return QJsonDocument::fromJson(fileBytes(at("shared/plan.json"))).object()["steps"].toArray().size();
        };
        const auto before = steps();
        QCOMPARE(run({"plan", at("ball.dune"), "--out", at("shared"), "--layers", "2"}).status, 0);
        QVERIFY(steps() < before);
        QCOMPARE(QDir(at("shared/maps")).entryList(QDir::Files).size(), steps());
        QCOMPARE(QDir(at("shared/stages")).entryList(QDir::Files).size(), steps() + 3);
        QCOMPARE(fileBytes(at("shared/stages/my-own.png")), QByteArray("mine"));
        QCOMPARE(fileBytes(at("shared/stages/999.png")), QByteArray("mine too"));
        QCOMPARE(QDir(at("shared")).entryList(QDir::Files | QDir::Hidden),
                 (QStringList{"notes.txt", "plan.json", "plan.pdf", "pull-list.csv", "sheet.ora", "steps.csv",
                              "sticks.gpl"}));
    }

    void twoPlansIntoOneFolderLeaveAWholeOne() {
        std::array<QProcess, 2> plans;
        for (int i = 0; i < 2; ++i)
            plans[std::size_t(i)].start(QStringLiteral(CLI_PROGRAM), {"plan", at("ball.dune"), "--out", at("both"),
                                                                      "--layers", QString::number(2 + 2 * i)});
        for (QProcess& plan : plans) QVERIFY(plan.waitForFinished(120000) && plan.exitCode() == 0);
        const QJsonObject json = QJsonDocument::fromJson(fileBytes(at("both/plan.json"))).object();
        const int layers = json["approach"].toObject()["layers"].toInt();
        QCOMPARE(run({"plan", at("ball.dune"), "--out", at("alone"), "--layers", QString::number(layers)}).status, 0);
        for (const char* part : {"maps", "stages"}) {
            const QDir both(at("both") + '/' + part), alone(at("alone") + '/' + part);
            QCOMPARE(both.entryList(QDir::Files), alone.entryList(QDir::Files));
            for (const QString& name : alone.entryList(QDir::Files))
                QCOMPARE(fileBytes(both.filePath(name)), fileBytes(alone.filePath(name)));
        }
    }

    /// What is written out may find no room: every command says so.
    void aFullOutputIsSaid_data() {
        QTest::addColumn<QStringList>("arguments");
        QTest::addColumn<QByteArray>("input");
        QTest::newRow("convert") << QStringList{"convert", "--from", "lab", "--to", "xyz"} << QByteArray("50 0 0\n");
        QTest::newRow("film") << QStringList{"film", "--paper", "#808080"} << QByteArray();
        QTest::newRow("film rows") << QStringList{"film"} << QByteArray("#808080 #ff0000,soft,press,heavy\n");
        QTest::newRow("inspect") << QStringList{"inspect", at("ball.dune")} << QByteArray();
        QTest::newRow("help") << QStringList{"--help"} << QByteArray();
    }
    void aFullOutputIsSaid() {
        QFETCH(QStringList, arguments);
        QFETCH(QByteArray, input);
        QProcess process;
        process.setStandardOutputFile("/dev/full");
        process.start(QStringLiteral(CLI_PROGRAM), arguments);
        process.write(input);
        process.closeWriteChannel();
        QVERIFY(process.waitForFinished(60000));
        QCOMPARE(process.exitCode(), 2);
        QCOMPARE(process.readAllStandardError(),
                 QByteArray("What was computed could not be written out whole: check that there is room where it "
                            "goes.\n"));
    }

    void stripsGetASheetThatThereCanBe() {
        for (const cv::Size size : {cv::Size(900, 60), cv::Size(60, 900), cv::Size(4000, 40), cv::Size(60000, 32)}) {
            cv::Mat strip(size, CV_8UC3);
            cv::randu(strip, 0, 255);
            std::vector<uchar> png;
            cv::imencode(".png", strip, png);
            write(at("strip.png"), QByteArray(reinterpret_cast<const char*>(png.data()), qsizetype(png.size())));
            const Run made = run({"plan", at("strip.png"), "--out", at("strip"), "--areas", "3", "--layers", "2"});
            QVERIFY2(made.status == 0, made.err.constData());
        }
    }

    void layersAndDetailAreOptions() {
        QCOMPARE(run({"plan", at("ball.png"), "--out", at("few"), "--areas", "3", "--sticks", "12", "--layers", "2",
                      "--detail", "suggest"})
                     .status,
                 0);
        const QJsonObject plan = QJsonDocument::fromJson(fileBytes(at("few/plan.json"))).object();
        for (const QJsonValue area : plan["areas"].toArray()) {
            int sticks = 0;
            for (const QJsonValue layer : area["layers"].toArray()) sticks += layer["stick"].isString();
            QVERIFY(sticks <= 2);
        }
        QCOMPARE(plan["approach"]["detail"].toString(), QStringLiteral("suggest"));
        for (const QStringList& bad : {QStringList{"--layers", "7"}, {"--layers", "2.5"}, {"--detail", "much"}}) {
            const Run refused = run(QStringList{"plan", at("ball.png"), "--out", at("none")} + bad);
            QCOMPARE(refused.status, 2);
            QCOMPARE(refused.err.count('\n'), 1);
        }
    }

    /// Labels from 1, as large as the picture is read, and the areas in their order.
    void areasAreWrittenAsLabels() {
        for (const char* file : {"ball.png", "ball.dune"}) {
            const Run r = run({"areas", at(file), "--areas", "3", "--out", at("areas.png")});
            QVERIFY2(r.status == 0, r.err.constData());
            const QJsonArray areas = QJsonDocument::fromJson(r.out).array();
            QCOMPARE(areas.size(), qsizetype(3));
            const cv::Mat labels = cv::imread(at("areas.png").toStdString(), cv::IMREAD_UNCHANGED);
            QCOMPARE(labels.type(), CV_8UC1);
            QCOMPARE(labels.size(), cv::Size(200, 150));
            for (int id = 1; id <= 3; ++id) {
                const QJsonObject area = areas[id - 1].toObject();
                QCOMPARE(area["id"].toInt(), id);
                const double share = double(cv::countNonZero(labels == id)) / double(labels.total());
                QVERIFY(std::fabs(area["share"].toDouble() - share) < 1e-9 && share > 0);
                QVERIFY(!area["name"].toString().isEmpty() && area.contains("plane") && area.contains("kind"));
            }
        }
        QVERIFY(run({"areas", at("ball.dune"), "--out", at("areas.png")}).out.contains("\"ball\""));
    }

    /// The stroke's pressure by name or by number.
    void pressuresAreNamesOrNumbers() {
        const auto film = [&](const char* pressure) {
            return run({"film", "--paper", "#8a7f74", "--stroke", QStringLiteral("#b8472a,soft,scumble,") + pressure})
                .out;
        };
        QVERIFY(!film("light").isEmpty());
        QCOMPARE(film("1"), film("light"));
        QCOMPARE(film("3"), film("heavy"));
        QVERIFY(film("1.5") != film("1") && film("1.5") != film("2"));
        QCOMPARE(run({"film", "--paper", "#8a7f74", "--stroke", "#b8472a,soft,scumble,4"}).status, 2);
    }

    void theSamePlanOnOneThreadAndTwo() {
        QCOMPARE(run({"plan", at("ball.png"), "--out", at("one"), "--threads", "1", "--areas", "3", "--sticks", "12"})
                     .status,
                 0);
        QCOMPARE(run({"plan", at("ball.png"), "--out", at("two"), "--threads", "2", "--areas", "3", "--sticks", "12"})
                     .status,
                 0);
        QVERIFY(!fileBytes(at("one/plan.json")).isEmpty());
        QCOMPARE(fileBytes(at("one/plan.json")), fileBytes(at("two/plan.json")));
    }

    void badInputIsRefusedInOneSentence_data() {
        QTest::addColumn<QStringList>("arguments");
        const QByteArray png = fileBytes(at("ball.png"));
        write(at("text.jpg"), "this is text");
        write(at("cut.png"), png.left(png.size() / 2));
        write(at("cut.dune"), fileBytes(at("ball.dune")).left(3000));
        write(at("tray.csv"), "kind,id,hex\n");
        write(at("bad.csv"), "kind,id,hex\nsoft,a,#11\n");
        const auto row = [&](const char* name, const QStringList& extra) {
            QTest::newRow(name) << (QStringList{"plan"} << extra << "--out" << at("refused"));
        };
        row("text named .jpg", {at("text.jpg")});
        row("cut PNG", {at("cut.png")});
        row("cut study", {at("cut.dune")});
        row("missing", {at("missing.png")});
        row("folder", {folder_.path()});
        row("empty tray", {at("ball.png"), "--library", at("tray.csv")});
        row("bad row", {at("ball.png"), "--library", at("bad.csv")});
        row("unknown paper", {at("ball.png"), "--paper", "none"});
        row("unknown school", {at("ball.png"), "--school", "none"});
        row("huge number", {at("ball.png"), "--sticks", "1e99"});
        row("unknown option", {at("ball.png"), "--colour", "red"});
        QTest::newRow("unwritable") << QStringList{"plan", at("ball.png"), "--out", "/proc/no/such"};
        QTest::newRow("no out") << QStringList{"plan", at("ball.png")};
        QTest::newRow("bad colour") << QStringList{"film", "--paper", "red"};
        QTest::newRow("bad stroke") << QStringList{"film", "--paper", "#808080", "--stroke",
                                                   "#808080,soft,smear,light"};
        QTest::newRow("bad light") << QStringList{"film", "--paper", "#808080", "--light", "moon"};
        QTest::newRow("bad light of a plan")
            << QStringList{"plan", at("ball.png"), "--light", "moon", "--out", at("refused")};
        QTest::newRow("bad spread") << QStringList{"film", "--paper", "#808080", "--spread", "1e99"};
        QTest::newRow("stroke without paper") << QStringList{"film", "--stroke", "#808080,soft,scumble,light"};
        QTest::newRow("card nowhere") << QStringList{"card"};
        QTest::newRow("card of no rows") << QStringList{"card", "--out", at("refused"), "--rows", "0"};
        QTest::newRow("card in cold light") << QStringList{"card", "--stand-in", at("refused"), "--kelvin", "99999"};
        QTest::newRow("bad space") << QStringList{"convert", "--from", "srgb", "--to", "hsv"};
        QTest::newRow("no study") << QStringList{"inspect", at("ball.png")};
        QTest::newRow("areas nowhere") << QStringList{"areas", at("ball.png")};
        QTest::newRow("areas of text") << QStringList{"areas", at("text.jpg"), "--out", at("refused")};
        QTest::newRow("too many areas") << QStringList{"areas", at("ball.png"), "--areas",
                                                       "41",    "--out",        at("refused")};
        QTest::newRow("areas on no disk") << QStringList{"areas", at("ball.png"), "--out", "/proc/no/such.png"};
    }
    void badInputIsRefusedInOneSentence() {
        QFETCH(QStringList, arguments);
        const Run r = run(arguments);
        QCOMPARE(r.status, 2);
        QCOMPARE(r.out, QByteArray());
        QCOMPARE(r.err.count('\n'), qsizetype(1));
        QVERIFY(r.err.endsWith(".\n"));
        QVERIFY(!QFile::exists(at("refused")));
    }

    void rowsAreConverted() {
        const Run r = run({"convert", "--from", "srgb", "--to", "lab"}, "1,1,1\n0 0 0\n");
        QCOMPARE(r.status, 0);
        const auto lines = r.out.trimmed().split('\n');
        QCOMPARE(lines.size(), 2);
        QVERIFY(std::fabs(lines[0].split(',')[0].toDouble() - 100) < 0.01);
        QVERIFY(std::fabs(lines[1].split(',')[0].toDouble()) < 0.01);
        // There and back again through every space.
        for (const char* space : {"xyz", "lab", "lch"}) {
            const Run there = run({"convert", "--from", "srgb", "--to", space}, "0.2,0.5,0.8\n");
            const Run back = run({"convert", "--from", space, "--to", "srgb"}, there.out);
            QVERIFY(std::fabs(back.out.split(',')[1].toDouble() - 0.5) < 1e-4);
        }
        const Run bad = run({"convert", "--from", "srgb", "--to", "lab"}, "1,1,1\n1,x,1\n");
        QCOMPARE(bad.status, 2);
        QVERIFY(bad.err.contains("row 2"));
    }

    /// Source: first pair of Sharma, Wu, Dalal (2005).
    void rowsAreCompared() {
        const Run r = run({"difference"}, "50,2.6772,-79.7751,50,0,-82.7485\n");
        QCOMPARE(r.status, 0);
        QVERIFY(std::fabs(r.out.trimmed().toDouble() - 2.0425) < 1e-4);
        const Run plain = run({"difference", "--formula", "76"}, "50,0,0,50,3,4\n");
        QVERIFY(std::fabs(plain.out.trimmed().toDouble() - 5) < 1e-6);
    }

    void filmGivesThePaperAndEveryStroke() {
        const Run r = run({"film", "--paper", "#b8472a", "--tooth", "sanded-400", "--stroke",
                           "#2f62a8,soft,scumble,light", "--stroke", "#2f62a8,soft,press,heavy"});
        QCOMPARE(r.status, 0);
        const QJsonArray patches = QJsonDocument::fromJson(r.out)["patches"].toArray();
        QCOMPARE(patches.size(), 3);
        QCOMPARE(patches[0]["hex"].toString(), QStringLiteral("#b8472a"));
        QVERIFY(patches[1]["toothUsed"].toDouble() < patches[2]["toothUsed"].toDouble());
        QVERIFY(patches[2]["b"].toDouble() < -30);
    }

    void filmTellsLightHandAndDryBack() {
        const auto last = [](const QStringList& extra) {
            const Run r =
                run(QStringList{"film", "--paper", "#b8a890", "--stroke", "#2f62a8,gouache,wash,light"} + extra);
            return QJsonDocument::fromJson(r.out)["patches"].toArray().last().toObject();
        };
        const QJsonObject plain = last({}), lamp = last({"--light", "lamp"}), hand = last({"--spread", "0.15"});
        QVERIFY(std::fabs(plain["b"].toDouble() - lamp["b"].toDouble()) > 0.5);
        QVERIFY(plain["wet"]["L"].toDouble() < plain["L"].toDouble());
        QVERIFY(!plain.contains("hand"));
        QVERIFY(std::fabs(hand["hand"]["mean"]["L"].toDouble() - plain["L"].toDouble()) < 3);
        QVERIFY(hand["hand"]["deviation"]["L"].toDouble() > 0);
    }

    void rowsStreamWithoutGrowing_data() {
        QTest::addColumn<QStringList>("arguments");
        QTest::addColumn<QByteArray>("row");
        QTest::newRow("convert") << QStringList{"convert", "--from", "srgb", "--to", "lch"}
                                 << QByteArray("0.2,0.5,0.8\n");
        QTest::newRow("difference") << QStringList{"difference"} << QByteArray("50,10,-20,55,12,-18\n");
        QTest::newRow("film") << QStringList{"film"}
                              << QByteArray("#b8472a,laid #2f62a8,soft,scumble,light #000000,soft,blend,heavy\n");
    }
    /// 60,000 rows go in while rows come out, and the program is as large after the last as after the first thousands.
    void rowsStreamWithoutGrowing() {
#ifdef YAWNING_DUNE_SANITIZED
        QSKIP("AddressSanitizer keeps what is freed for a while");
#endif
        QFETCH(QStringList, arguments);
        QFETCH(QByteArray, row);
        QProcess process;
        process.start(QStringLiteral(CLI_PROGRAM), arguments);
        QVERIFY(process.waitForStarted());
        qsizetype seen = 0;
        const auto feed = [&](int rows) {
            process.write(row.repeated(rows));
            while (process.bytesToWrite() > 0) {
                process.waitForBytesWritten(10000);
                seen += process.readAllStandardOutput().count('\n');
            }
        };
        const auto kilobytes = [&] {
            const QByteArray status = fileBytes(QStringLiteral("/proc/%1/status").arg(process.processId()));
            return status.mid(status.indexOf("VmRSS:") + 6).simplified().split(' ').value(0).toInt();
        };
        feed(6000);
        const int before = kilobytes();
        QVERIFY(before > 1000);
        for (int i = 0; i < 9; ++i) feed(6000);
        QVERIFY(seen > 30000);
        QVERIFY2(kilobytes() < before + 1024, qPrintable(QStringLiteral("%1 then %2").arg(before).arg(kilobytes())));
        process.closeWriteChannel();
        QVERIFY(process.waitForFinished(60000));
        seen += process.readAllStandardOutput().count('\n');
        QCOMPARE(seen, qsizetype(60000));
        QCOMPARE(process.exitCode(), 0);
    }

    void filmRowsAreRefusedByNumber() {
        const Run r = run({"film"}, "#808080 #2f62a8,soft,scumble,light\n\n#808080 #2f62a8,soft,smear,light\n");
        QCOMPARE(r.status, 2);
        QCOMPARE(r.out.count('\n'), qsizetype(1));
        QVERIFY2(r.err.contains("row 3") && r.err.contains("smear") && r.err.count('\n') == 1, r.err.constData());
    }

    void aStudyIsInspected() {
        const Run r = run({"inspect", at("ball.dune")});
        QCOMPARE(r.status, 0);
        QCOMPARE(QJsonDocument::fromJson(r.out)["title"].toString(), QStringLiteral("Ball"));
    }
};

QTEST_GUILESS_MAIN(TestCli)
#include "patience.h"
#include "test_cli.moc"

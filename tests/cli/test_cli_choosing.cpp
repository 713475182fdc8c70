#include <QImage>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QTemporaryDir>
#include <cmath>

#include "colour/difference.h"
#include "planning/questions.h"
#include "planning/record.h"
#include "run_cli.h"
#include "small_study.h"
#include "storage/document.h"

/// What papers and grounds are chosen by: comparing, and cards that are filled, photographed and read.
class TestCliChoosing : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    QString at(const char* name) const { return folder_.filePath(QString::fromLatin1(name)); }

 private Q_SLOTS:
    void initTestCase() {
        const common::Bytes bytes = smallStudy().reference->bytes;
        write(at("ball.png"), QByteArray(reinterpret_cast<const char*>(bytes.data()), qsizetype(bytes.size())));
        QVERIFY(storage::writeDocument({smallStudy(), smallLibrary()}, at("ball.dune").toStdString()).ok());
    }

    /// What was done, a row an entry; and the sheet after a step as the stand-in camera sees it.
    void theLogAndAPhotographAreWritten() {
        planning::Record record{"r", "p-grey", "grey", "none", {}};
        planning::Entry note;
        note.words = "lovely";
        record.entries = {note};
        QVERIFY(storage::writeDocument({smallStudy(), smallLibrary(), record}, at("begun.dune").toStdString()).ok());
        Run r = run({"log", at("begun.dune")});
        QVERIFY2(r.status == 0, r.err.constData());
        QCOMPARE(r.out.trimmed().split('\n').size(), 2);
        QVERIFY(r.out.contains("lovely"));
        r = run({"log", at("begun.dune"), "--out", at("log.csv")});
        QCOMPARE(r.status, 0);
        QCOMPARE(fileBytes(at("log.csv")), run({"log", at("begun.dune")}).out);
        r = run({"log", at("ball.png")});
        QCOMPARE(r.status, 2);
        QVERIFY(r.err.contains("ball.png"));

        const QStringList take{"photograph", at("begun.dune"), "--step", "2", "--out"};
        r = run(take + QStringList{at("one.jpg"), "--seed", "4"});
        QVERIFY2(r.status == 0, r.err.constData());
        QVERIFY(QImage(at("one.jpg")).width() > 1000);
        QCOMPARE(run(take + QStringList{at("again.jpg"), "--seed", "4"}).status, 0);
        QCOMPARE(fileBytes(at("again.jpg")), fileBytes(at("one.jpg")));
        QCOMPARE(
            run(take + QStringList{at("off.jpg"), "--seed", "4", "--fault", "200,150,20,15,0,0", "--shift", "1,6,0"})
                .status,
            0);
        QVERIFY(fileBytes(at("off.jpg")) != fileBytes(at("one.jpg")));
        for (const QStringList& bad :
             {QStringList{"--step", "999"}, QStringList{"--fault", "1,2,3"}, QStringList{"--shift", "99,1,1"},
              QStringList{"--seed", "often"}, QStringList{"--fault", "1,2,-3,1,1,1"}}) {
            r = run(take + QStringList{at("bad.jpg")} + bad);
            QCOMPARE(r.status, 2);
            QCOMPARE(r.err.trimmed().split('\n').size(), 1);
            QVERIFY(!QFile::exists(at("bad.jpg")));
        }
    }

    /// What was planted in the stand-in camera's photograph is told; what is no photograph of the sheet is refused.
    void aPhotographOfTheWorkIsChecked() {
        const QString photo = at("laid.jpg");
        Run r = run({"photograph", at("ball.dune"), "--step", "3", "--out", photo, "--seed", "5", "--fault",
                     "70,70,18,-10,0,0"});
        QVERIFY2(r.status == 0, r.err.constData());
        r = run({"check", photo, at("ball.dune"), "--step", "3"});
        QVERIFY2(r.status == 0, r.err.constData());
        const QJsonObject found = QJsonDocument::fromJson(r.out).object();
        QCOMPARE(found["corners"].toArray().size(), 4);
        QCOMPARE(found["balancedBy"].toString(), QString("tape"));
        QVERIFY(found["pictureDifferenceToPlan"].toObject()["mean"].toDouble() < 3);
        QVERIFY(!found["areas"].toArray().isEmpty());
        const QJsonObject fault = found["faults"].toArray().first().toObject();
        QVERIFY(std::hypot(fault["x"].toDouble() - 70, fault["y"].toDouble() - 70) < 6);
        QVERIFY(found["shifts"].toArray().isEmpty());
        QVERIFY(found["sharpness"].toDouble() > 0.5);
        QVERIFY(found["hand"].toObject()["amount"].toDouble() > 0);
        QVERIFY(!found["corrections"].toArray().isEmpty());
        for (const QJsonValue correction : found["corrections"].toArray()) {
            QVERIFY(!correction["areas"].toArray().isEmpty() && !correction["words"].toString().isEmpty());
            for (const QJsonValue mend : correction["mends"].toArray())
                QVERIFY(planning::mendNamed(mend["mend"].toString().toStdString()));
        }
        // As a hand has laid it.
        const QString byHand = at("by-hand.jpg");
        r = run({"photograph", at("ball.dune"), "--step", "3", "--out", byHand, "--seed", "5", "--hand", "2"});
        QVERIFY2(r.status == 0, r.err.constData());
        QVERIFY(fileBytes(byHand) != fileBytes(photo));
        for (const QStringList& bad :
             {QStringList{"check", at("ball.png"), at("ball.dune"), "--step", "3"},
              QStringList{"check", photo, at("ball.dune"), "--step", "999"}, QStringList{"check", photo},
              QStringList{"check", at("none.jpg"), at("ball.dune")},
              QStringList{"photograph", at("ball.dune"), "--step", "3", "--out", byHand, "--hand", "-1"}}) {
            r = run(bad);
            QCOMPARE(r.status, 2);
            QVERIFY(r.out.isEmpty());
            QCOMPARE(r.err.trimmed().split('\n').size(), 1);
        }
    }

    /// Candidates with what comes of them, best first: the words that design.md gives.
    void papersAndGroundsAreCompared() {
        const QStringList quick{"--areas", "3", "--sticks", "12", "--layers", "2"};
        planning::Study study = smallStudy();
        study.paper.clear();
        QVERIFY(storage::writeDocument({study, smallLibrary()}, at("open.dune").toStdString(), {}, {}).ok());
        Run r = run(QStringList{"compare", "papers", at("open.dune"), "--goal", "least-work"} + quick);
        QVERIFY2(r.status == 0, r.err.constData());
        const QJsonArray papers = QJsonDocument::fromJson(r.out).array();
        QCOMPARE(papers.size(), qsizetype(smallLibrary().papers.size()));
        for (const QJsonValue paper : papers) {
            double sum = 0;
            for (const QJsonValue part : paper["parts"].toObject()) sum += part.toDouble();
            QVERIFY(std::fabs(sum - paper["score"].toDouble()) < 1e-9 && sum > 0);
            QVERIFY(paper["pictureDifference"]["mean"].toDouble() > 0 && paper["layers"].toInt() > 0);
            QVERIFY(paper["atHand"].toBool());
            QVERIFY(paper["minutes"].toDouble() > 0 && !paper["reasons"].toArray().isEmpty());
        }
        const QString best = papers[0]["id"].toString();
        r = run(QStringList{"compare", "grounds", at("ball.dune"), "--paper", "p-grey"} + quick);
        QVERIFY2(r.status == 0, r.err.constData());
        const QJsonArray grounds = QJsonDocument::fromJson(r.out).array();
        QCOMPARE(grounds.size(), qsizetype(10));
        for (const QJsonValue ground : grounds) {
            if (ground["obstacle"].isString()) {
                QVERIFY(ground["obstacle"].toString().endsWith('.'));
                continue;
            }
            QVERIFY(ground["score"].toDouble() > 0 && ground["minutes"].toDouble() > 0);
            for (const QJsonValue layer : ground["ground"].toArray())
                QVERIFY(layer["stick"].isNull() == layer["mixture"].toArray().isEmpty());
        }
        // What is compared is what a plan takes.
        QCOMPARE(
            run(QStringList{"plan", at("open.dune"), "--out", at("compared"), "--goal", "least-work"} + quick).status,
            0);
        const QJsonObject plan = QJsonDocument::fromJson(fileBytes(at("compared/plan.json"))).object();
        QCOMPARE(plan["sheet"]["paper"].toString(), best);
        QCOMPARE(plan["papers"].toArray(), papers);
        for (const QStringList& bad : {QStringList{"--goal", "fastest"}, {"--ground", "oil"}, {"--paper", "none"}}) {
            const Run refused = run(QStringList{"compare", "grounds", at("ball.dune")} + bad);
            QCOMPARE(refused.status, 2);
            QCOMPARE(refused.err.count('\n'), 1);
        }
    }

    /// What other answers, other numbers of sticks, and sticks that are not at hand would make of the picture.
    void otherChoicesAreCompared() {
        const QStringList quick{"--areas", "3",        "--sticks", "12",      "--layers",
                                "2",       "--ground", "none",     "--paper", "p-grey"};
        Run r = run(QStringList{"compare", "approaches", at("ball.dune")} + quick);
        QVERIFY2(r.status == 0, r.err.constData());
        int taken = 0, known = 0;
        for (const QJsonValue candidate : QJsonDocument::fromJson(r.out).array()) {
            QVERIFY(candidate["pictureDifference"].toDouble() > 0 && candidate["minutes"].toDouble() > 0);
            taken += candidate["taken"].toBool();
            known += candidate["approach"].isString();
        }
        QCOMPARE(taken, planning::questionCount - 1);  // the ground has a comparison of its own
        QCOMPARE(known, planning::knownApproachCount);
        r = run(QStringList{"compare", "palettes", at("ball.dune")} + quick);
        QVERIFY2(r.status == 0, r.err.constData());
        const QJsonArray curve = QJsonDocument::fromJson(r.out).array();
        QVERIFY(curve.size() > 2);
        for (qsizetype i = 0; i < curve.size(); ++i)
            QVERIFY(curve[i]["sticks"].toInt() <= curve[i]["limit"].toInt() &&
                    (i == 0 || curve[i]["limit"].toInt() > curve[i - 1]["limit"].toInt()));
        write(at("catalogue.csv"), "kind,id,name,hex\nsoft,n1,new,#964c22\nsoft,n2,newer,#d8a060\n");
        r = run(QStringList{"compare", "gaps", at("ball.dune"), "--catalogue", at("catalogue.csv")} + quick);
        QVERIFY2(r.status == 0, r.err.constData());
        for (const QJsonValue gap : QJsonDocument::fromJson(r.out).array()) {
            QVERIFY(gap["gain"].toDouble() > 0);
            QVERIFY(gap["stick"].toString().startsWith('n'));
        }
        for (const QStringList& bad : {QStringList{"compare", "sticks", at("ball.dune")},
                                       {"compare", "gaps", at("ball.dune"), "--catalogue", at("none.csv")},
                                       {"compare", "palettes", at("ball.dune"), "--approach", "rush"},
                                       {"compare", "approaches", at("ball.dune"), "--black", "always"}}) {
            const Run refused = run(bad);
            QCOMPARE(refused.status, 2);
            QCOMPARE(refused.err.count('\n'), 1);
        }
    }

    /// An approach by its name, single answers over it, sticks kept in or left out, and evenings: all in the plan.
    void theArtistsOwnWayIsAnOption() {
        const Run r = run({"plan", at("ball.dune"), "--out", at("own"), "--approach", "hatched-figure", "--black",
                           "last", "--ground", "charcoal", "--pin", "t11", "--bar", "t1", "--evenings-min", "30"});
        QVERIFY2(r.status == 0, r.err.constData());
        const QJsonObject plan = QJsonDocument::fromJson(fileBytes(at("own/plan.json"))).object();
        QCOMPARE(plan["approach"]["blending"].toString(), QStringLiteral("strokes-kept"));
        QCOMPARE(plan["approach"]["black"].toString(), QStringLiteral("last"));
        QStringList sticks;
        for (const QJsonValue stick : plan["sticks"].toArray()) sticks << stick["id"].toString();
        QVERIFY(sticks.contains("t11") && !sticks.contains("t1"));
        const QJsonArray notes = plan["notes"].toArray();
        QVERIFY(std::ranges::any_of(notes, [](const QJsonValue& note) {
            return note["text"].toString().startsWith("The chosen ground is left out. There is no charcoal");
        }));
        int next = 1;
        for (const QJsonValue evening : plan["evenings"].toArray()) {
            QCOMPARE(evening["first"].toInt(), next);
            next = evening["last"].toInt() + 1;
        }
        QCOMPARE(next, int(plan["steps"].toArray().size()) + 1);
        QVERIFY(plan["evenings"].toArray().size() > 1);
    }

    /// A card of the test's own sticks, photographed by the stand-in camera, is read back.
    void aCardIsPhotographedAndRead() {
        write(at("sticks.csv"), "kind,id,hex\nsoft,a,#8f4a24\nsoft,b,#7d90a8\nsoft,c,#e0b070\n");
        QCOMPARE(run({"card", "--stand-in", at("card.jpg"), "--library", at("sticks.csv"), "--kelvin", "3400", "--tilt",
                      "15"})
                     .status,
                 0);
        const Run r = run({"read-card", at("card.jpg")});
        QCOMPARE(r.status, 0);
        const QJsonArray rows = QJsonDocument::fromJson(r.out)["rows"].toArray();
        QCOMPARE(rows.size(), 3);
        const char* want[] = {"#8f4a24", "#7d90a8", "#e0b070"};
        for (int i = 0; i < 3; ++i) {
            QCOMPARE(rows[i]["row"].toInt(), i + 1);
            QCOMPARE(rows[i]["heavy"]["state"].toString(), QStringLiteral("good"));
            const auto srgb = colour::srgbFromSrgb8(*colour::srgb8FromHex(want[i]));
            const QJsonObject read = rows[i]["masstone"].toObject();
            const colour::Lab lab{read["L"].toDouble(), read["a"].toDouble(), read["b"].toDouble()};
            QVERIFY(colour::differenceCie2000(colour::labFromSrgb(srgb), lab) < 3);
        }
        QCOMPARE(run({"card", "--out", at("blank.pdf"), "--rows", "40", "--format", "letter"}).status, 0);
        QVERIFY(fileBytes(at("blank.pdf")).startsWith("%PDF"));
        const Run none = run({"read-card", at("ball.png")});
        QCOMPARE(none.status, 2);
        QVERIFY(none.err.contains("No swatch card") && none.err.count('\n') == 1);
    }

    /// A test card is printed, photographed by the stand-in on papers of other batches, and read: their figures come
    /// back, as far as a hand and a camera let them.
    void papersAreTestedOnACard() {
        planning::Study study = smallStudy();
        study.paper.clear();
        study.approach.ground = planning::Ground::none;
        QVERIFY(storage::writeDocument({study, smallLibrary()}, at("tested.dune").toStdString(), {}, {}).ok());
        const QStringList card{"test-card", at("tested.dune"), "--border-mm", "10", "--page", "4"};
        Run r = run(card + QStringList{"--out", at("card.pdf"), "--stand-in", at("card.jpg"), "--seed", "3"});
        QVERIFY2(r.status == 0, r.err.constData());
        QVERIFY(fileBytes(at("card.pdf")).startsWith("%PDF"));
        const QJsonArray truth = QJsonDocument::fromJson(r.out).array();
        QCOMPARE(truth.size(), qsizetype(3));
        r = run({"read-test-card", at("card.jpg"), at("tested.dune")});
        QVERIFY2(r.status == 0, r.err.constData());
        const QJsonArray told = QJsonDocument::fromJson(r.out).array();
        QCOMPARE(told.size(), qsizetype(3));
        for (int i = 0; i < 3; ++i) {
            QCOMPARE(told[i]["paper"], truth[i]["paper"]);
            QVERIFY(std::fabs(told[i]["colour"]["L"].toDouble() - truth[i]["colour"]["L"].toDouble()) < 1);
            QVERIFY(told[i]["difference"].toDouble() < told[i]["differenceBefore"].toDouble());
            QVERIFY(told[i]["capacityError"].toDouble() > 0 && told[i]["gripError"].toDouble() > 0);
        }
        for (const QStringList& bad : {QStringList{"test-card", at("tested.dune")},
                                       {"test-card", at("tested.dune"), "--out", "/proc/no/card.pdf"},
                                       {"test-card", at("none.dune"), "--out", at("no.pdf")},
                                       card + QStringList{"--format", "a3", "--out", at("no.pdf")},
                                       {"read-test-card", at("card.jpg")},
                                       {"read-test-card", at("ball.dune"), at("tested.dune")},
                                       {"read-card", at("card.jpg")}}) {
            const Run refused = run(bad);
            QCOMPARE(refused.status, 2);
            QVERIFY2(refused.err.count('\n') == 1 && refused.out.isEmpty(), refused.err.constData());
        }
        QVERIFY(!QFile::exists(at("no.pdf")));
    }

    /// The best mixtures of a picture's areas, laid by another hand with sticks of other batches: what is read brings
    /// the sticks nearer to what they are.
    void mixturesAreTriedOnACard() {
        planning::Study study = smallStudy();
        study.approach.ground = planning::Ground::none;
        QVERIFY(storage::writeDocument({study, smallLibrary()}, at("tried.dune").toStdString(), {}, {}).ok());
        const QStringList card{"trial-card", at("tried.dune"), "--page", "7"};
        Run r = run(card + QStringList{"--out", at("trial.pdf"), "--stand-in", at("trial.jpg"), "--seed", "5"});
        QVERIFY2(r.status == 0, r.err.constData());
        QVERIFY(fileBytes(at("trial.pdf")).startsWith("%PDF"));
        const QJsonArray truth = QJsonDocument::fromJson(r.out).array();
        QVERIFY(truth.size() >= 4);
        r = run({"read-trial-card", at("trial.jpg"), at("tried.dune")});
        QVERIFY2(r.status == 0, r.err.constData());
        const QJsonObject told = QJsonDocument::fromJson(r.out).object();
        QVERIFY(told["difference"].toDouble() < 0.5 * told["differenceBefore"].toDouble());
        const auto labOf = [](const QJsonValue& stick) {
            const QJsonObject lab = stick["colour"].toObject();
            return colour::Lab{lab["L"].toDouble(), lab["a"].toDouble(), lab["b"].toDouble()};
        };
        double before = 0, after = 0;
        for (const QJsonValue& stick : told["sticks"].toArray())
            for (const QJsonValue& real : truth)
                if (real["stick"] == stick["stick"]) {
                    const materials::Library library = smallLibrary();
                    const auto* known = library.medium(stick["stick"].toString().toStdString());
                    before += colour::differenceCie2000(colour::labFromSrgb8(known->masstone), labOf(real));
                    after += colour::differenceCie2000(labOf(stick), labOf(real));
                    QVERIFY(stick["colourError"].toDouble() > 0);
                }
        // Few fields tell of a stick that lies under others.
        QVERIFY2(after < 0.85 * before, qPrintable(QString("%1 to %2").arg(before).arg(after)));
        for (const QStringList& bad : {QStringList{"trial-card", at("tried.dune")},
                                       {"trial-card", at("none.dune"), "--out", at("no.pdf")},
                                       card + QStringList{"--page", "61", "--out", at("no.pdf")},
                                       {"read-trial-card", at("trial.jpg")},
                                       {"read-trial-card", at("tried.dune"), at("tried.dune")},
                                       {"read-test-card", at("trial.jpg"), at("tried.dune")}}) {
            const Run refused = run(bad);
            QCOMPARE(refused.status, 2);
            QVERIFY2(refused.err.count('\n') == 1 && refused.out.isEmpty(), refused.err.constData());
        }
        QVERIFY(!QFile::exists(at("no.pdf")));
    }
};

QTEST_GUILESS_MAIN(TestCliChoosing)
#include "test_cli_choosing.moc"

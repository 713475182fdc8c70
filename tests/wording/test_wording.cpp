#include <QtTest>
#include <set>

#include "hand_plan.h"
#include "wording/choosing.h"
#include "wording/language.h"
#include "wording/sentences.h"
#include "wording/subject.h"
#include "wording/testing.h"

class TestWording : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void initTestCase() { wording::speak("en"); }

    void everyProblemHasOneSentence() {
        using common::ProblemKind;
        for (int kind = 0; kind <= int(ProblemKind::cancelled); ++kind) {
            const QString sentence = wording::problemSentence({ProblemKind(kind), "x.png", 3, "what", "1 to 2"});
            QVERIFY2(sentence.endsWith('.'), qPrintable(sentence));
            QVERIFY(!sentence.contains('!') && !sentence.contains('%'));
            QVERIFY(!sentence.contains('\n'));
        }
    }

    void everyReasonHasAPhrase() {
        for (int kind = 0; kind <= int(planning::ReasonKind::highlightsLast); ++kind) {
            const QString phrase = wording::reasonPhrase({planning::ReasonKind(kind), 0.4, 2.0});
            QVERIFY(!phrase.isEmpty());
            QVERIFY2(!phrase.contains("%1") && !phrase.contains("%2"), qPrintable(phrase));
        }
    }

    /// What speaks for papers and grounds, and against them, in whole sentences.
    void everyChoiceHasItsSentences() {
        HandPlan hand(2);
        materials::Paper velour;
        velour.name = "Velour";
        const auto isSentence = [](const QString& words) {
            return words.endsWith('.') && !words.contains('!') && !words.contains("%1") &&
                   (words[0].isUpper() || words[0].isDigit());
        };
        for (int kind = 0; kind <= int(planning::PaperReasonKind::furtherThanHalf); ++kind)
            for (const int layers : {0, 1, 2})
                for (const double figure : {0.4, 0.0}) {
                    planning::PaperReason reason{planning::PaperReasonKind(kind), figure, 2, {}};
                    reason.tint.layersToCover = layers;
                    const QString sentence = wording::paperReasonSentence(reason, hand.plan);
                    QVERIFY2(isSentence(sentence), qPrintable(sentence));
                    QVERIFY(!planning::nameOf(reason.kind).empty());
                }
        for (int i = 0; i <= int(planning::GroundObstacle::noDeepDarks); ++i)
            QVERIFY(isSentence(wording::obstacleSentence(planning::GroundObstacle(i), velour)));
        for (int i = 0; i <= int(planning::GroundCautionKind::keepHeatMoving); ++i)
            QVERIFY(isSentence(wording::groundCautionSentence({planning::GroundCautionKind(i), "Ochre", 0.4}, velour)));
        planning::TriedGround bare, tried;
        bare.outcome.layers = tried.layersEnough = 20;
        QVERIFY(wording::gainSentence(tried, bare).startsWith("No ground"));
        tried.outcome.groundLayers = 2;
        QVERIFY(wording::gainSentence(tried, bare).contains("saves 0 layers and costs 2"));
        tried.outcome.picture.mean = 1;
        QVERIFY(wording::gainSentence(tried, bare).contains("ends at 1.0 ΔE00, bare at 0.0 ΔE00"));
        tried.gains = true;
        tried.layersEnough = 15;
        QVERIFY(wording::gainSentence(tried, bare).contains("5 of 20 layers less, for 2 of its own"));
        planning::GroundLayer layer;
        QCOMPARE(wording::mixtureWords(layer), QString("alcohol"));
        materials::Material ochre, umber;
        ochre.name = "ochre";
        umber.name = "umber";
        layer.mixture = {{ochre, 2}, {umber, 1}};
        QCOMPARE(wording::mixtureWords(layer), QString("2 parts ochre, 1 part umber"));
        QCOMPARE(wording::strengthWords(layer), QString("a wash"));
        QCOMPARE(wording::minuteRange(9.6, 20.2), QString("10 to 20 min"));
        QCOMPARE(wording::minuteRange(0.2, 0.3), QString("1 min"));
    }

    /// What is laid on a test card, what should be seen, and what it has told.
    void aTestIsToldInWords() {
        const review::CardFields fields = review::testFieldsOn(materials::Surface::sanded400);
        const colour::Lab bare{50, 0, 0};
        std::set<QString> labels;
        for (std::size_t i = 0; i < fields.size(); ++i) {
            labels.insert(
                wording::fieldShort(int(i) + 1, fields[i], &wording::testStickLetter, wording::Pressures::inWords));
            for (const QString& words : {wording::fieldWords(int(i) + 1, fields[i], &wording::testStickLetter),
                                         wording::fieldExpectation(fields[i], bare, {70, 10, 20}, 0.42)})
                QVERIFY2(words.endsWith('.') && !words.contains("%1") && !words.contains("%2"), qPrintable(words));
        }
        QCOMPARE(labels.size(), fields.size());
        QCOMPARE(wording::fieldShort(1, fields[0], &wording::testStickLetter, wording::Pressures::inWords),
                 QStringLiteral("1 bare"));
        const pigment::Lay light{int(review::TestStick::farthest), pigment::Manner::press, pigment::Pressure::light};
        const pigment::Lay over{int(review::TestStick::pencil), pigment::Manner::hatch, pigment::Pressure::heavy};
        QCOMPARE(wording::fieldShort(7, {light, light, over}, &wording::testStickLetter, wording::Pressures::inWords),
                 QStringLiteral("7 A press light ×2, P hatch heavy"));
        const pigment::Lay between{1, pigment::Manner::scumble, {1.5f}}, finger{0, pigment::Manner::blend, {2}};
        QCOMPARE(
            wording::fieldShort(7, {light, between, finger}, &wording::plainStickLetter, wording::Pressures::inFigures),
            QStringLiteral("7 A press 1, B scumble 1.5, blend 2"));
        QCOMPARE(wording::plainStickLetter(25) + wording::plainStickLetter(26), QStringLiteral("ZAA"));
        QCOMPARE(wording::fieldWords(7, {light, light, over}, &wording::testStickLetter),
                 QStringLiteral("7. A pressed in at light pressure, 2 layers; over it P hatched at heavy pressure."));
        QVERIFY(wording::fieldExpectation(fields[1], bare, {50.2, 0, 0}, 0.1).contains("as light as"));
        QVERIFY(
            wording::fieldExpectation(fields[1], bare, {30, 0, 0}, 0.1).contains(" steps darker than the bare paper"));

        review::TestedPaper tested;
        tested.paper.capacity = 1.4;
        tested.capacityError = 0.1;
        tested.difference = 1;
        const QStringList calm = wording::testedSentences(tested, materials::Paper{});
        tested.difference = 9;
        QCOMPARE(wording::testedSentences(tested, materials::Paper{}).size(), calm.size() + 1);
        QVERIFY(calm.join(' ').contains("1.40 times") && calm.join(' ').contains("10 %"));
        QVERIFY(wording::toothSentence(materials::Paper{}).isEmpty());
        QVERIFY(wording::toothSentence(tested.paper).contains("1.40 times"));
    }

    /// How a sheet is cut, for one picture and for a series.
    void aCutSheetIsToldInWords() {
        planning::Study study;
        materials::Paper paper;
        const auto told = [&] {
            return wording::cuttingSentences(planning::cuttingOf(study, paper, {}), study).join(' ');
        };
        QVERIFY(told().isEmpty());
        paper.sheetWidthMillimetres = 650;
        paper.sheetHeightMillimetres = 500;
        QCOMPARE(told(),
                 QStringLiteral("A sheet of 650 × 500 mm gives 2 pieces of 400 × 300 mm. A strip of 650 × 100 mm "
                                "is left for offcuts."));
        study.borderMillimetres = 15;
        study.series = 5;
        paper.sheets = 4;
        paper.fibres = materials::FibreDirection::alongHeight;
        QCOMPARE(told(),
                 QStringLiteral("A sheet of 650 × 500 mm gives one piece of 430 × 330 mm. Tape covers 15 mm on each "
                                "side. Its fibres run across the picture from side to side: wet, it swells from "
                                "top to bottom. The 5 pictures of the series need 5 sheets, all cut the same way. "
                                "Sheets at hand: 4, not enough. A strip of 320 × 500 mm is left for offcuts."));
        paper.sheetHeightMillimetres = 300;
        QVERIFY(told().isEmpty());  // too small: a note says so
    }

    void theHandIsToldWhereNotToRest() {
        HandPlan hand(2);
        QVERIFY(wording::toothSentence({0.9, 0.8, 0.7, 0.6, {}}).endsWith("throughout it ends at 60 %."));
        planning::Step step;
        QVERIFY(wording::handSentence(hand.plan, step).isEmpty());
        step.handOff = {1};
        QVERIFY(wording::handSentence(hand.plan, step).startsWith("Do not rest the hand on what is finished ("));
    }

    void everyNoteHasASentence() {
        planning::Plan plan;
        for (int topic = 0; topic <= int(planning::NoteTopic::noPoints); ++topic) {
            planning::Note note{planning::NoteKind::advice, planning::NoteTopic(topic), {}, {"red (cadmium)"}, 0.9};
            note.obstacle = planning::GroundObstacle::noInk;
            note.caution = {planning::GroundCautionKind::fillsGrain, "Ochre", 0.4};
            const QString sentence = wording::noteSentence(note, plan);
            QVERIFY2(sentence.endsWith('.'), qPrintable(sentence));
            QVERIFY(!sentence.contains('!') && !sentence.contains("%1"));
        }
        QVERIFY(wording::noteSentence(
                    {planning::NoteKind::safety, planning::NoteTopic::toxicPigments, {}, {"red (cadmium)"}, 0}, plan)
                    .contains("red (cadmium)"));
        for (int kind = 0; kind < 3; ++kind) QVERIFY(!wording::noteKindWord(planning::NoteKind(kind)).isEmpty());
    }

    void everyThingHasAWord() {
        std::set<QString> words;
        for (int i = 0; i < 6; ++i) QVERIFY(words.insert(wording::stageWord(planning::Stage(i))).second);
        for (int i = 0; i < pigment::mannerCount; ++i)
            QVERIFY(words.insert(wording::mannerWord(pigment::Manner(i))).second);
        for (int i = 0; i < 9; ++i) QVERIFY(words.insert(wording::kindWord(materials::Kind(i))).second);
        for (int i = 0; i < 4; ++i) QVERIFY(words.insert(wording::pressureWord(pigment::Pressure{float(i)})).second);
        for (int i = 0; i < 3; ++i) {
            QVERIFY(words.insert(wording::detailWord(planning::Detail(i))).second);
            QVERIFY(words.insert(wording::dryingWord(planning::Drying(i))).second);
        }
        for (int i = 0; i < planning::groundCount; ++i) {
            QVERIFY(words.insert(wording::groundWord(planning::Ground(i))).second);
            QVERIFY(words.insert(wording::groundSentence(planning::Ground(i))).second);
        }
        for (int i = 0; i < 4; ++i) QVERIFY(words.insert(wording::goalWord(planning::Goal(i))).second);
        for (int i = 0; i < planning::criterionCount; ++i)
            QVERIFY(words.insert(wording::criterionWord(planning::Criterion(i))).second);
        for (int i = 0; i < colour::lightCount; ++i) QVERIFY(words.insert(wording::lightWord(colour::Light(i))).second);
        for (int i = 0; i < 4; ++i) QVERIFY(words.insert(wording::stockWord(materials::Stock(i))).second);
        for (int i = 0; i < 5; ++i) QVERIFY(words.insert(wording::sourceWords(materials::ColourSource(i))).second);
    }

    /// The figure is told first in words; a part that is clearly farther off is named.
    void nearnessIsToldInWords() {
        std::set<QString> words;
        double before = 0;
        for (const double difference : {0.5, 1.4, 2.6, 5.0, 9.0}) {
            QVERIFY(words.insert(wording::nearnessWords(difference)).second);
            QVERIFY(difference > before);
            before = difference;
        }
        planning::Plan plan;
        auto reading = std::make_shared<planning::Reading>();
        reading->areas.list.resize(2);
        plan.reading = reading;
        plan.areaNames = {"wall", "kettle"};
        plan.stacks.resize(2);
        for (int i = 0; i < 2; ++i) plan.stacks[std::size_t(i)].areas = {i};
        plan.summary.picture.mean = plan.stacks[0].pictureDifference = 1.2;
        plan.stacks[1].pictureDifference = 1.5;
        QCOMPARE(wording::pictureWords(plan), QStringLiteral("hardly apart from the easel (1.2 ΔE00)"));
        plan.stacks[1].pictureDifference = 2.8;
        QCOMPARE(wording::pictureWords(plan),
                 QStringLiteral("hardly apart from the easel (1.2 ΔE00), a little apart in kettle (2.8 ΔE00)"));
    }

    void aLayerSaysHowItIsLaid() {
        planning::Layer layer;
        layer.light = 0.3;
        layer.heavy = 0.124;
        QCOMPARE(wording::laidWords(layer), QStringLiteral("light on 30 %, heavy on 12 %"));
        QCOMPARE(wording::laidWords({}), QStringLiteral("only touches"));
    }

    void valuesAreToldBothWays() {
        using wording::Counting;
        subject::Masses masses{{}, {1.2, 4.9, 7.4}, {0.5, 0.3, 0.2}, {20, 60, 100}};
        const subject::Contrast wide = subject::contrastOf(masses);
        QCOMPARE(wording::keyWords(wide, Counting::blackIsOne), QStringLiteral("wide, middle key, darkest at 1.2"));
        QCOMPARE(wording::keyWords(wide, Counting::whiteIsOne), QStringLiteral("wide, middle key, darkest at 8.8"));
        QCOMPARE(wording::keyInShort(wide, Counting::blackIsOne), QStringLiteral("middle key, 1.2 to 7.4"));
        masses.values = {6, 7, 8};
        QCOMPARE(wording::keyWords(subject::contrastOf(masses), Counting::blackIsOne),
                 QStringLiteral("narrow, high key, darkest at 6.0"));
    }

    void theSubjectIsToldInWords() {
        std::set<QString> words;
        for (int i = 0; i < subject::areaKindCount; ++i)
            QVERIFY(words.insert(wording::areaKindWord(subject::AreaKind(i))).second);
        for (int i = 0; i < subject::groupingCount; ++i) {
            QVERIFY(words.insert(wording::groupingWord(subject::Grouping(i))).second);
            QVERIFY(wording::groupingSentence(subject::Grouping(i)).endsWith('.'));
        }
        for (int i = 0; i < subject::areaKindCount; ++i) {
            const QString advice = wording::areaKindAdvice(subject::AreaKind(i));
            QVERIFY(advice.isEmpty() || advice.endsWith('.'));
        }
        subject::Triad triad{{{30, 0, 0}, {}}, {{50, 0, 0}, {}}, {{70, 0, 0}, {}}, 0.4};
        QCOMPARE(wording::lightOnArea(triad), QStringLiteral("warm light, cool shadow"));
        triad.lightWarmer = -0.4;
        QCOMPARE(wording::lightOnArea(triad), QStringLiteral("cool light, warm shadow"));
        triad.light.colour.L = 32;
        QCOMPARE(wording::lightOnArea(triad), QStringLiteral("evenly lit"));
        QVERIFY(wording::contrastSentence({{0.5, 0.5}, 5, 2, false}, "bowl").contains("\"bowl\""));
        QVERIFY(wording::contrastSentence({{0.5, 0.5}, 5, 5, true}, "bowl").contains("where it should"));
        QVERIFY(wording::contrastSentence({{0.5, 0.5}, 5, 4.8, false}, "bowl").contains("as strong as any"));
        QCOMPARE(wording::lengthWords(120.4, 1.6), QStringLiteral("120 mm, 1.60 units"));
        QCOMPARE(wording::alignmentWords({0, subject::Alignment::Side::right, true, 0}, "bowl", 3.2),
                 QStringLiteral("right side of bowl (3 mm off)"));
        QVERIFY(wording::choiceWords({}).isEmpty());
        QVERIFY(wording::choiceWords({1.2, 0.75, 0.5, -4}).contains("cooler by 4"));
        for (int i = 0; i < 3; ++i)
            QVERIFY(wording::planeSentence({0, subject::PlaneFault::Kind(i), 1.4}, "hill").startsWith("hill"));
    }

    /// How an area lies and ends, with every cue told.
    void areasAreToldWithTheirWhy() {
        using subject::PlaneCue;
        const QStringList names{"wall", "jug", "cloth"};
        subject::Area area;
        QVERIFY(wording::planeWhyWords(area, names).isEmpty());
        area.plane = subject::Plane::foreground;
        area.planeWhy = {{PlaneCue::Kind::before, 0}, {PlaneCue::Kind::standsLow}};
        QCOMPARE(wording::planeWhyWords(area, names), QStringLiteral("it stands before wall, it stands low"));
        std::set<QString> told;
        for (int kind = 0; kind <= int(PlaneCue::Kind::calmer); ++kind) {
            area.planeWhy = {{PlaneCue::Kind(kind), 1}};
            told.insert(wording::planeWhyWords(area, names));
        }
        QCOMPARE(told.size(), std::size_t(PlaneCue::Kind::calmer) + 1);
        const std::vector<subject::Meeting> meetings{
            {2, 0.4, {0.1, 0.5, 0.4}}, {0, 0.2, {1, 0, 0}}, {1, 0.01, {1, 0, 0}}};
        QCOMPARE(wording::edgesSentence(meetings, names),
                 QStringLiteral("Its edges: soft and lost against cloth; hard against wall."));
        QVERIFY(wording::edgesSentence({}, names).isEmpty());
        for (const auto what : {subject::Recognised::face, subject::Recognised::catFace, subject::Recognised::leftEye,
                                subject::Recognised::rightEye, subject::Recognised::sky, subject::Recognised::water,
                                subject::Recognised::foliage}) {
            QVERIFY(!wording::recognisedWord(what).isEmpty());
            QVERIFY(wording::recognisedBy(what).startsWith("Taken for"));
        }
        QVERIFY(wording::recognisedBy(subject::Recognised::nothing).isEmpty());
    }

    void differencesAreToldAsArtistsDo() {
        QCOMPARE(wording::differenceWords({50, 0, 0}, {50, 0, 0}), QStringLiteral("matches"));
        QVERIFY(wording::differenceWords({50, 0, 0}, {44.8, 0, 0}).contains("half a step too dark"));
        QVERIFY(wording::differenceWords({50, 0, 0}, {60, 0, 0}).contains("too light"));
        QVERIFY(wording::differenceWords({50, 20, 20}, {50, 16, 23}).contains("warm") ||
                wording::differenceWords({50, 20, 20}, {50, 16, 23}) == "matches");
        QVERIFY(wording::differenceWords({50, 0, 30}, {50, 0, 10}).contains("too grey"));
    }

    void coloursAreNamedByLook_data() {
        QTest::addColumn<double>("L");
        QTest::addColumn<double>("a");
        QTest::addColumn<double>("b");
        QTest::addColumn<QString>("word");
        QTest::newRow("black") << 5.0 << 0.0 << 0.0 << "near black";
        QTest::newRow("white") << 97.0 << 0.0 << 1.0 << "white";
        QTest::newRow("grey") << 55.0 << 0.0 << 0.0 << "grey";
        QTest::newRow("red") << 45.0 << 60.0 << 40.0 << "red";
        QTest::newRow("yellow") << 85.0 << -5.0 << 80.0 << "yellow";
        QTest::newRow("scarlet") << 45.0 << 64.0 << 46.0 << "dark red";
        QTest::newRow("brown") << 35.0 << 18.0 << 25.0 << "brown";
        QTest::newRow("blue") << 40.0 << 5.0 << -45.0 << "blue";
        QTest::newRow("violet") << 35.0 << 35.0 << -40.0 << "violet";
        QTest::newRow("green") << 50.0 << -40.0 << 20.0 << "green";
    }
    void coloursAreNamedByLook() {
        QFETCH(double, L);
        QFETCH(double, a);
        QFETCH(double, b);
        QFETCH(QString, word);
        QVERIFY2(wording::colourWords({L, a, b}).contains(word), qPrintable(wording::colourWords({L, a, b})));
    }

    void figuresCarryTheirUnits() {
        QCOMPARE(wording::duration(215), QStringLiteral("3 h 35 min"));
        QCOMPARE(wording::duration(7.4), QStringLiteral("7 min"));
        QCOMPARE(wording::sheetSize(400, 300), QStringLiteral("40 × 30 cm"));
        QCOMPARE(wording::differenceFigure(1.24), QStringLiteral("1.2 ΔE00"));
    }
};

QTEST_GUILESS_MAIN(TestWording)
#include "test_wording.moc"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QTemporaryDir>

#include "app/sticks/curve_leaf.h"
#include "app/sticks/families_leaf.h"
#include "app/sticks/gaps_leaf.h"
#include "planning/tried_plan.h"
#include "storage/document.h"
#include "window_hand.h"
#include "wording/approach.h"

using namespace app;

/// How many sticks, which of them, and what to buy: at the station Sticks, as a hand does it.
class TestPaletteLeaves : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;

    /// A study that draws from all of the small library but for two sticks that the picture wants.
    std::unique_ptr<MainWindow> opened() {
        planning::Study study = smallStudy();
        study.approach.ground = planning::Ground::none;
        materials::Library library = smallLibrary();
        std::erase_if(library.media, [](const auto& m) { return m.id == "t5" || m.id == "t6"; });
        const QString file = folder_.filePath("ball.dune");
        if (!storage::writeDocument({study, library}, file.toStdString(), {}, {})) return nullptr;
        auto window = openedWindow(file);
        if (window) window->goTo(3);
        return window;
    }

 private Q_SLOTS:
    void initTestCase() { QVERIFY(folder_.isValid()); }

    /// The curve comes point by point; a click on one takes that number, and undo gives it back.
    void aPointOfTheCurveIsTaken() {
        auto window = opened();
        QVERIFY(window);
        pressed(*window, "How many");
        auto* curve = window->findChild<CurveLeaf*>();
        QVERIFY(curve && QTest::qWaitFor([&] { return curve->isWhole(); }, patience));
        QVERIFY(curve->curve().size() > 3 && curve->curve().front().difference > curve->curve().back().difference);
        const planning::PalettePoint point = curve->curve()[2];
        QTest::mouseClick(curve, Qt::LeftButton, {}, curve->placeOf(point.sticks).toPoint());
        QCOMPARE(window->session().study().stickLimit, point.sticks);
        QVERIFY(planned(*window));
        QVERIFY(std::fabs(window->session().plan()->summary.picture.mean - point.difference) < 1e-9);
        window->session().history().undo();
        QVERIFY(planned(*window) && QTest::qWaitFor([&] { return curve->isWhole(); }, patience));
        // The same by the keyboard, and as few as keep it within a difference.
        const int before = window->session().study().stickLimit;
        curve->setFocus();
        QTest::keyClick(curve, Qt::Key_Left);
        QTest::keyClick(curve, Qt::Key_Return);
        QVERIFY(window->session().study().stickLimit != before && planned(*window));
        QVERIFY(QTest::qWaitFor([&] { return curve->isWhole(); }, patience));
        named<QDoubleSpinBox>(*window, "As few as keep it within")->setValue(19);
        pressed(*window, "Take 3 sticks");
        QCOMPARE(window->session().study().stickLimit, 3);
        QVERIFY(planned(*window));
    }

    void whatToBuyIsListed() {
        auto window = opened();
        QVERIFY(window);
        pressed(*window, "To buy");
        auto* gaps = window->findChild<GapsLeaf*>();
        QVERIFY(gaps && QTest::qWaitFor([&] { return gaps->isWhole(); }, patience));
        QVERIFY(!gaps->gaps().empty() && gaps->gaps().size() <= 2);
        for (const planning::Gap& gap : gaps->gaps()) QVERIFY(gap.stick.id == "t5" || gap.stick.id == "t6");
        QVERIFY(window->margin().text().paragraphs.join(' ').contains("falls from"));
    }

    /// A stick is kept in, left out and taken back with the buttons under the tray.
    void aStickIsKeptInOrLeftOut() {
        auto window = opened();
        QVERIFY(window);
        auto* tray = named<QWidget>(*window, "Tray");
        QVERIFY(tray && !buttonOf(*window, "Keep it in")->isEnabled());
        tray->setFocus();
        QTest::keyClick(tray, Qt::Key_Right);
        pressed(*window, "Keep it in");
        QVERIFY(window->session().study().stickChoices.size() == 1 && planned(*window));
        const std::string id = window->session().study().stickChoices.front().stick;
        QTest::keyClick(tray, Qt::Key_Right);
        // What stands nearest, and what the picture would be without it, which it then is.
        const auto told = [&] { return window->margin().text().paragraphs.join(' '); };
        QVERIFY(QTest::qWaitFor([&] { return told().contains("If it is missing, the nearest is"); }, patience));
        const auto isTried = [&] {
            return told().contains("Left out and planned anew: ") && !told().contains("being tried");
        };
        QVERIFY(QTest::qWaitFor(isTried, patience));
        const QString promised = told().section("Left out and planned anew: ", 1).section('.', 0, 1);
        const planning::PlanOutcome before = planning::outcomeOf(*window->session().plan());
        pressed(*window, "Leave it out");
        QVERIFY(planned(*window));
        const planning::PlanOutcome after = planning::outcomeOf(*window->session().plan());
        QCOMPARE(wording::outcomeAgainst(after, before).section('.', 0, 1), promised);
        const auto choices = window->session().study().stickChoices;
        QCOMPARE(choices.size(), std::size_t(2));
        const auto& sticks = window->session().plan()->sticks;
        for (const planning::StickChoice& choice : choices)
            QCOMPARE(std::ranges::count(sticks, choice.stick, &materials::Material::id),
                     choice.use == planning::StickUse::pinned ? 1 : 0);
        pressed(*window, "Take back what is left out (1)");
        QCOMPARE(window->session().study().stickChoices.size(), std::size_t(1));
        QVERIFY(planned(*window) && !buttonOf(*window, "Take back what is left out (1)"));
        window->session().history().undo();
        window->session().history().undo();
        window->session().history().undo();
        QVERIFY(window->session().study().stickChoices.empty() && planned(*window));
    }

    /// A limited palette says what it changes before it is taken; a family's number is set by hand.
    void aLimitedPaletteIsTaken() {
        auto window = opened();
        QVERIFY(window);
        pressed(*window, "Which");
        auto* earths = named<AnswerButton>(*window, "Limited palette: Earths alone");
        QVERIFY(earths && !earths->isChecked());
        QVERIFY(QTest::qWaitFor([&] { return earths->figures() != "being tried"; }, patience));
        const QString promised = earths->figures();
        const planning::PlanOutcome before = planning::outcomeOf(*window->session().plan());
        QTest::mouseClick(earths, Qt::LeftButton);
        QVERIFY(planned(*window) && earths->isChecked());
        QCOMPARE(wording::outcomeAgainst(planning::outcomeOf(*window->session().plan()), before), promised);
        for (const materials::Material& stick : window->session().plan()->sticks)
            QVERIFY(int(materials::familyOf(stick)) <= int(materials::ColourFamily::earths));
        auto* blues = named<QComboBox>(*window, "Blues");
        QCOMPARE(blues->currentText(), QString("none"));
        blues->setFocus();
        QTest::keyClick(blues, Qt::Key_Down);
        QVERIFY(planned(*window));
        QCOMPARE(window->session().study().familyLimits, planning::limitsOf(planning::KnownPalette::earthsAndOneBlue));
        QVERIFY(named<AnswerButton>(*window, "Limited palette: Earths and one blue")->isChecked());
        window->session().history().undo();
        window->session().history().undo();
        QVERIFY(planned(*window) && window->session().study().familyLimits.empty());
    }

    /// A missing stick: another is chosen in its place, with what that changes told before; and it is at hand again.
    void aSubstituteIsChosen() {
        auto window = opened();
        QVERIFY(window);
        const planning::PlanOutcome before = planning::outcomeOf(*window->session().plan());
        auto* tray = named<QWidget>(*window, "Tray");
        auto* instead = named<QComboBox>(*window, "In its place");
        QVERIFY(tray && instead && !instead->isEnabled());
        tray->setFocus();
        QTest::keyClick(tray, Qt::Key_Right);
        const auto told = [&] { return window->margin().text().paragraphs.join(' '); };
        const QString told1 = "With the nearest in its place the picture would be: ";
        QVERIFY(QTest::qWaitFor([&] { return told().contains(told1) && !told().contains("being tried"); }, patience));
        const QString promised = told().section(told1, 1).section('.', 0, 1);
        instead->setFocus();
        QTest::keyClick(instead, Qt::Key_Down);
        QVERIFY(planned(*window));
        const auto choices = window->session().study().stickChoices;
        QVERIFY(choices.size() == 1 && choices.front().use == planning::StickUse::replaced);
        QCOMPARE(wording::outcomeAgainst(planning::outcomeOf(*window->session().plan()), before).section('.', 0, 1),
                 promised);
        // What stands in is selected, and says for what.
        QTRY_VERIFY(told().contains("It is laid in the place of "));
        QCOMPARE(QString::fromStdString(choices.front().instead), instead->currentData().toString());
        instead->setFocus();
        QTest::keyClick(instead, Qt::Key_Home);
        QVERIFY(planned(*window) && window->session().study().stickChoices.empty());
        QCOMPARE(planning::outcomeOf(*window->session().plan()), before);
    }
};

QTEST_MAIN(TestPaletteLeaves)
#include "test_palette_leaves.moc"

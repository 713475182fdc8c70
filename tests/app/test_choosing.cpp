#include <QComboBox>
#include <QTemporaryDir>

#include "app/main_window.h"
#include "planning/grounds.h"
#include "planning/papers.h"
#include "storage/document.h"
#include "window_hand.h"

using namespace app;
using planning::Ground;

/// The stations at which a paper and a ground are chosen, driven as a hand does.
class TestChoosing : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;

    std::unique_ptr<MainWindow> opened(const std::function<void(planning::Study&)>& change = {}) {
        planning::Study study = smallStudy();
        study.paper = "p-white";
        study.ground = Ground::proposed;
        if (change) change(study);
        const QString file = folder_.filePath("ball.dune");
        if (!storage::writeDocument({study, smallLibrary()}, file.toStdString(), {}, {})) return nullptr;
        return openedWindow(file);
    }
    static bool told(MainWindow& window, const QString& words) {
        const MarginText& text = window.margin().text();
        return (text.head + ' ' + (text.paragraphs + text.why + text.cautions).join(' ')).contains(words);
    }
    static planning::Plan const& planIn(MainWindow& window) { return *window.session().plan(); }

 private Q_SLOTS:
    void initTestCase() { QVERIFY(folder_.isValid()); }

    /// A paper that is set needs no ranking; the station asks for it when it is shown.
    void papersAreRankedWhenTheyAreLookedAt() {
        auto window = opened([](planning::Study& study) { study.ground = Ground::none; });
        QVERIFY(window && !planIn(*window).papers);
        window->goTo(2);
        QVERIFY(told(*window, "being tried"));
        QVERIFY(QTest::qWaitFor([&] { return planIn(*window).papers != nullptr; }, 30000) && planned(*window));
        QVERIFY(told(*window, "Score") && told(*window, "You have set it"));
        QCOMPARE(planIn(*window).papers->size(), smallLibrary().papers.size());
        // "Take the best paper" leaves it to the plan.
        QTest::mouseClick(buttonOf(*window, "Take the best paper"), Qt::LeftButton);
        QVERIFY(window->session().study().paper.empty() && planned(*window));
        QCOMPARE(planIn(*window).paper.id, planIn(*window).papers->front().paper.id);
    }

    /// Offcuts by keys; the cut-out as it measures and as it looks.
    void anOffcutIsLookedAtAndSet() {
        auto window = opened([](planning::Study& study) { study.ground = Ground::none; });
        QVERIFY(window);
        window->goTo(2);
        QVERIFY(QTest::qWaitFor([&] { return planIn(*window).papers != nullptr; }, 30000) && planned(*window));
        auto* offcuts = named<QWidget>(*window, "Offcuts");
        const std::string second = (*planIn(*window).papers)[1].paper.id;
        for (int i = 0; i < 3; ++i) QTest::keyClick(offcuts, Qt::Key_Left);
        QTest::keyClick(offcuts, Qt::Key_Right);
        QCOMPARE(window->margin().text().head.toStdString(), (*planIn(*window).papers)[1].paper.name);
        const QImage measured = window->pictures().grab().toImage();
        QTest::mouseClick(buttonOf(*window, "As it looks there"), Qt::LeftButton);
        QTRY_VERIFY(window->pictures().grab().toImage() != measured);
        QTest::keyClick(offcuts, Qt::Key_Return);
        QCOMPARE(window->session().study().paper, second);
    }

    void theGoalIsAChoice() {
        auto window = opened();
        QVERIFY(window);
        for (const int station : {2, 4}) {
            window->goTo(station);
            QTest::qWait(20);
            QComboBox* goal = nullptr;
            for (QComboBox* box : window->findChildren<QComboBox*>())
                if (box->accessibleName() == "Goal" && box->isVisible()) goal = box;
            QVERIFY(goal);
            const auto before = window->session().study().goal;
            QTest::keyClick(goal, Qt::Key_Down);
            QVERIFY(window->session().study().goal != before);
            QVERIFY(planned(*window));
            QCOMPARE(goal->currentData().toInt(), int(window->session().study().goal));
        }
        window->session().history().undo();
        window->session().history().undo();
        QCOMPARE(window->session().study().goal, planning::Goal::truestColour);
    }

    /// All ten ways come onto the board; one is looked at, laid, and left again to the plan.
    void aGroundIsLookedAtLaidAndLeft() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(4);
        QVERIFY(QTest::qWaitFor([&] { return planIn(*window).grounds != nullptr; }, 30000) && planned(*window));
        auto* board = named<QWidget>(*window, "Wash board");
        QCOMPARE(board->accessibleDescription().count("; ") + 1, 10);
        const planning::Board all = planIn(*window).grounds;
        const auto& tried = *all;
        const Ground first = tried.front().proposal.strategy;
        QCOMPARE(planIn(*window).ground.strategy, first);
        // Past all that can be had to one that is not the first.
        for (int i = 0; i < 12; ++i) QTest::keyClick(board, Qt::Key_Left);
        QTest::keyClick(board, Qt::Key_Right);
        const Ground second = tried[1].proposal.strategy;
        QVERIFY(told(*window, "Score"));
        const QImage alone = window->pictures().grab().toImage();
        QTest::mouseClick(buttonOf(*window, "Ground alone"), Qt::LeftButton);
        QTRY_VERIFY(window->pictures().grab().toImage() != alone);
        QTest::mouseClick(buttonOf(*window, "Ground alone"), Qt::LeftButton);
        // Beside what is laid, parted by a line that follows a click.
        QTest::mouseClick(buttonOf(*window, "Beside what is laid"), Qt::LeftButton);
        QTest::qWait(30);
        const QImage beside = window->pictures().grab().toImage();
        QVERIFY(beside != alone);
        clicked(*window, 0.2, 0.5);
        QTRY_VERIFY(window->pictures().grab().toImage() != beside);
        QTest::mouseClick(buttonOf(*window, "Lay this ground"), Qt::LeftButton);
        QCOMPARE(window->session().study().ground, second);
        QVERIFY(planned(*window));
        QCOMPARE(planIn(*window).grounds, all);  // the others need not be tried again
        QCOMPARE(planIn(*window).ground.strategy, second);
        QVERIFY(told(*window, "You have laid it"));
        QTest::mouseClick(buttonOf(*window, "Take the best"), Qt::LeftButton);
        QVERIFY(planned(*window));
        QCOMPARE(planIn(*window).ground.strategy, first);
    }

    /// What cannot be had says why and is not laid.
    void whatCannotBeHadSaysWhy() {
        auto window = opened([](planning::Study& study) { study.paper = "p-dry"; });
        QVERIFY(window);
        window->goTo(4);
        QVERIFY(QTest::qWaitFor([&] { return planIn(*window).grounds != nullptr; }, 30000) && planned(*window));
        auto* board = named<QWidget>(*window, "Wash board");
        for (int i = 0; i < 12; ++i) QTest::keyClick(board, Qt::Key_Right);
        QVERIFY(planIn(*window).grounds->back().proposal.obstacle.has_value());
        QVERIFY(!window->margin().text().cautions.isEmpty());
        QVERIFY(!buttonOf(*window, "Lay this ground")->isEnabled());
        const Ground before = window->session().study().ground;
        QTest::keyClick(board, Qt::Key_Return);
        QCOMPARE(window->session().study().ground, before);
    }

    /// An area gets a ground of its own and loses it again; the route says so.
    void anAreaHasAGroundOfItsOwn() {
        auto window = opened([](planning::Study& study) { study.ground = Ground::none; });
        QVERIFY(window);
        window->goTo(4);
        QVERIFY(QTest::qWaitFor([&] { return planIn(*window).grounds != nullptr; }, 30000) && planned(*window));
        auto* own = named<QComboBox>(*window, "Under this area");
        QVERIFY(own && !own->isEnabled());
        clicked(*window, 0.5, 0.5);
        QVERIFY(own->isEnabled());
        const auto choose = [&](int index) {
            own->setCurrentIndex(index);
            Q_EMIT own->activated(index);
        };
        choose(own->findData(int(Ground::localWash)));
        QVERIFY(planned(*window));
        const auto& strategies = planIn(*window).ground.strategies;
        QVERIFY(std::ranges::count(strategies, Ground::localWash) >= 1 &&
                std::ranges::count(strategies, Ground::none) >= 1);
        QVERIFY(!planIn(*window).ground.layers.empty());
        QCOMPARE(own->currentData().toInt(), int(Ground::localWash));
        choose(0);
        QVERIFY(planned(*window));
        QVERIFY(planIn(*window).ground.layers.empty());
    }

    /// Help in drying shortens the wait.
    void dryingIsAChoice() {
        auto window = opened([](planning::Study& study) { study.ground = Ground::localWash; });
        QVERIFY(window);
        window->goTo(4);
        const auto waits = [&] {
            double sum = 0;
            for (const planning::Step& step : planIn(*window).steps) sum += step.waitMinutes;
            return sum;
        };
        const double inAir = waits();
        QVERIFY(inAir > 0);
        QTest::keyClick(named<QComboBox>(*window, "Drying"), Qt::Key_Down);
        QCOMPARE(window->session().study().drying, planning::Drying::hairDryer);
        QVERIFY(planned(*window));
        QVERIFY(waits() < inAir);
    }
};

QTEST_MAIN(TestChoosing)
#include "test_choosing.moc"

#include <QComboBox>
#include <QSpinBox>
#include <QTemporaryDir>

#include "app/main_window.h"
#include "app/paper/paper_station.h"
#include "app/paper/test_sheet.h"
#include "app/underpainting/mix_sheet.h"
#include "planning/grounds.h"
#include "planning/offcuts.h"
#include "review/stand_in_camera.h"
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
        study.approach.ground = Ground::proposed;
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
        auto window = opened([](planning::Study& study) { study.approach.ground = Ground::none; });
        QVERIFY(window && !planIn(*window).papers);
        window->goTo(2);
        QVERIFY(told(*window, "being tried"));
        QVERIFY(QTest::qWaitFor([&] { return planIn(*window).papers != nullptr; }, patience) && planned(*window));
        QVERIFY(told(*window, "Score") && told(*window, "You have set it"));
        QCOMPARE(planIn(*window).papers->size(), smallLibrary().papers.size());
        // "Take the best paper" leaves it to the plan.
        QTest::mouseClick(buttonOf(*window, "Take the best paper"), Qt::LeftButton);
        QVERIFY(window->session().study().paper.empty() && planned(*window));
        QCOMPARE(planIn(*window).paper.id, planIn(*window).papers->front().paper.id);
    }

    /// A test card is printed, filled on papers of another batch, photographed and read: the study and the drawer know
    /// these papers from then on, and one undo takes it back from the study.
    void aTestCardCorrectsThePapers() {
        auto store = storage::MaterialsStore::open(folder_.filePath("own.sqlite"));
        QVERIFY(store && (*store)->apply({.put = materials::ownedOf(smallLibrary())}));
        planning::Study study = smallStudy();
        study.paper.clear();
        study.approach.ground = Ground::none;
        const QString file = folder_.filePath("tested.dune"), photo = folder_.filePath("card.jpg");
        QVERIFY(storage::writeDocument({study, smallLibrary()}, file.toStdString(), {}, {}).ok());
        MainWindow window(smallLibrary(), store->get());
        window.show();
        QVERIFY(window.openFile(file) && planned(window));
        window.goTo(2);
        auto* station = window.findChild<PaperStation*>();
        QVERIFY(station && QTest::qWaitFor([&] { return planIn(window).papers != nullptr; }, patience));
        QVERIFY(planned(window));
        QVERIFY(!station->printTestCard(review::CardPaper::a4, "/proc/no/card.pdf"));
        QVERIFY(station->printTestCard(review::CardPaper::a4, folder_.filePath("card.pdf")));

        // What is on the page is remembered, whatever ranks first by then.
        const auto tests = planning::testsOf(planIn(window), *planIn(window).papers, smallLibrary().media);
        std::vector<review::FilledWindow> filled;
        for (const review::PaperTest& test : tests) {
            filled.push_back(
                {test.paper, review::testFieldsOn(test.paper.surface), {test.sticks.begin(), test.sticks.end()}});
            filled.back().paper.capacity = 1.5;
            filled.back().paper.tone.r += 9;
        }
        filled.pop_back();  // the last offcut was not laid
        review::CameraConditions conditions;
        conditions.filled = 0.8;
        const int page = 1;  // the one that could not be written was remembered, too
        const auto jpeg = review::photographed(
            review::filledWindows(review::CardKind::papers, review::CardPaper::a4, page, filled, 10, 1), conditions);
        QFile out(photo);
        QVERIFY(out.open(QIODevice::WriteOnly) &&
                out.write(reinterpret_cast<const char*>(jpeg.data()), qint64(jpeg.size())) == qint64(jpeg.size()));
        out.close();
        station->readTestCard(photo);
        auto* sheet = station->findChild<TestSheet*>();
        QVERIFY(sheet && QTest::qWaitFor([&] { return !sheet->isBusy(); }, patience));
        QVERIFY2(sheet->problem().isEmpty(), qPrintable(sheet->problem()));
        QVERIFY(sheet->tested(0) && sheet->tested(1) && !sheet->tested(2));
        QVERIFY(std::fabs(sheet->tested(0)->paper.capacity / 1.5 - 1) < 0.25);
        QTest::mouseClick(buttonOf(*sheet, "Take these readings"), Qt::LeftButton);
        const materials::Paper* known = window.session().library().paper(tests[0].paper.id);
        QVERIFY(known->capacity > 1.2 && std::abs(known->tone.r - filled[0].paper.tone.r) < 3);
        QVERIFY(planned(window));
        const materials::Drawer drawer = *(*store)->drawer();
        const auto owned = std::ranges::find(drawer.things, tests[0].paper.id, &materials::idOf);
        QVERIFY(std::get<materials::Paper>(owned->what) == *known && owned->source == materials::ColourSource::card);
        QVERIFY(owned->colourError > 0);
        window.session().history().undo();
        QCOMPARE(window.session().library().paper(tests[0].paper.id)->capacity, 1.0);

        // A picture that is no card says so, and nothing is taken.
        QImage plain(640, 480, QImage::Format_RGB888);
        plain.fill(Qt::gray);
        QVERIFY(plain.save(folder_.filePath("plain.png")));
        station->readTestCard(folder_.filePath("plain.png"));
        TestSheet* refused = nullptr;
        for (TestSheet* other : station->findChildren<TestSheet*>())
            if (other->isVisible()) refused = other;
        QVERIFY(refused && QTest::qWaitFor([&] { return !refused->isBusy(); }, patience));
        QVERIFY(refused->problem().contains("plain.png"));
        QVERIFY(!buttonOf(*refused, "Take these readings")->isEnabled());
    }

    /// What could be bought lies behind what is at hand, says so, and cannot be set.
    void aPaperToBuyIsOnlyLookedAt() {
        auto window = opened([](planning::Study& study) { study.approach.ground = Ground::none; });
        QVERIFY(window);
        materials::Library library = smallLibrary();
        library.papersToBuy = {library.papers[1]};
        library.papers.erase(library.papers.begin() + 1);
        window->session().chooseMaterials("one is used up", window->session().study(), library);
        window->goTo(2);
        QVERIFY(
            QTest::qWaitFor([&] { return planIn(*window).papers && planIn(*window).papers->size() == 3; }, patience));
        QVERIFY(planned(*window));
        auto* offcuts = named<QWidget>(*window, "Offcuts");
        for (int i = 0; i < 3; ++i) QTest::keyClick(offcuts, Qt::Key_Right);
        QCOMPARE(window->margin().text().head.toStdString(), library.papersToBuy[0].name);
        QVERIFY(told(*window, "It is not at hand") && told(*window, "Score"));
        QVERIFY(!buttonOf(*window, "Set this paper")->isEnabled());
        const std::string before = window->session().study().paper;
        QTest::keyClick(offcuts, Qt::Key_Return);
        QCOMPARE(window->session().study().paper, before);
    }

    /// Border and series are choices of the study, and the sheet is cut by them.
    void theSheetIsCut() {
        auto window = opened([](planning::Study& study) { study.approach.ground = Ground::none; });
        QVERIFY(window);
        window->goTo(2);
        QSpinBox* border = named<QSpinBox>(*window, "Border");
        QTest::keyClick(border, Qt::Key_Up);
        QCOMPARE(window->session().study().borderMillimetres, 1.0);
        QTest::keyClick(named<QSpinBox>(*window, "Pictures"), Qt::Key_Up);
        QCOMPARE(window->session().study().series, 2);
        materials::Library library = window->session().library();
        for (materials::Paper& paper : library.papers) {
            paper.sheetWidthMillimetres = 300;
            paper.sheetHeightMillimetres = 200;
            paper.sheets = 1;
        }
        QVERIFY(planned(*window) && !told(*window, "gives one piece"));
        window->session().chooseMaterials("sheets", window->session().study(), library);
        QVERIFY(planned(*window));
        QVERIFY(told(*window, "A sheet of 300 × 200 mm gives one piece of 242 × 182 mm"));
        QVERIFY(told(*window, "Sheets at hand: 1, not enough"));
        window->session().history().undo();
        window->session().history().undo();
        QCOMPARE(window->session().study().series, 1);
        QCOMPARE(border->value(), 1);
    }

    /// Offcuts by keys; the cut-out as it measures and as it looks.
    void anOffcutIsLookedAtAndSet() {
        auto window = opened([](planning::Study& study) { study.approach.ground = Ground::none; });
        QVERIFY(window);
        window->goTo(2);
        QVERIFY(QTest::qWaitFor([&] { return planIn(*window).papers != nullptr; }, patience) && planned(*window));
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
        QVERIFY(QTest::qWaitFor([&] { return planIn(*window).grounds != nullptr; }, patience) && planned(*window));
        auto* board = named<QWidget>(*window, "Wash board");
        QCOMPARE(dynamic_cast<HasParts*>(board)->drawnParts().size(), 10u);
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
        QCOMPARE(window->session().study().approach.ground, second);
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
        QVERIFY(QTest::qWaitFor([&] { return planIn(*window).grounds != nullptr; }, patience) && planned(*window));
        auto* board = named<QWidget>(*window, "Wash board");
        for (int i = 0; i < 12; ++i) QTest::keyClick(board, Qt::Key_Right);
        QVERIFY(planIn(*window).grounds->back().proposal.obstacle.has_value());
        QVERIFY(!window->margin().text().cautions.isEmpty());
        QVERIFY(!buttonOf(*window, "Lay this ground")->isEnabled());
        const Ground before = window->session().study().approach.ground;
        QTest::keyClick(board, Qt::Key_Return);
        QCOMPARE(window->session().study().approach.ground, before);
    }

    /// An area gets a ground of its own and loses it again; the route says so.
    void anAreaHasAGroundOfItsOwn() {
        auto window = opened([](planning::Study& study) { study.approach.ground = Ground::none; });
        QVERIFY(window);
        window->goTo(4);
        QVERIFY(QTest::qWaitFor([&] { return planIn(*window).grounds != nullptr; }, patience) && planned(*window));
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

    /// A ground is mixed by hand for an area, begins with what the plan has laid there, and can be left to the plan
    /// again.
    void aGroundIsMixedByHand() {
        auto window = opened([](planning::Study& study) { study.approach.ground = Ground::none; });
        QVERIFY(window);
        window->goTo(4);
        QVERIFY(QTest::qWaitFor([&] { return planIn(*window).grounds != nullptr; }, patience) && planned(*window));
        QVERIFY(!buttonOf(*window, "Mix by hand…")->isEnabled());
        clicked(*window, 0.5, 0.5);
        QTest::mouseClick(buttonOf(*window, "Mix by hand…"), Qt::LeftButton);
        auto* sheet = window->findChild<MixSheet*>();
        QVERIFY(sheet && !buttonOf(*sheet, "Lay this mixture")->isEnabled());
        auto* first = named<QComboBox>(*sheet, "Medium 1");
        first->setCurrentIndex(first->findData("t16"));
        auto* second = named<QComboBox>(*sheet, "Medium 2");
        second->setCurrentIndex(second->findData("t1"));
        QVERIFY(sheet->problem().contains("left out"));  // a stick in a wash
        second->setCurrentIndex(second->findData("t17"));
        QVERIFY(sheet->problem().isEmpty());
        for (QSpinBox* parts : sheet->findChildren<QSpinBox*>()) QTest::keyClick(parts, Qt::Key_Up);
        const planning::OwnMixture mixed{{{"t16", 2}, {"t17", 2}}, 2};
        QVERIFY(sheet->mixed() == mixed);
        QTest::mouseClick(buttonOf(*sheet, "Lay this mixture"), Qt::LeftButton);
        QVERIFY(planned(*window));
        QVERIFY(window->session().study().areaChoices.back().mixed == mixed ||
                window->session().study().areaChoices.front().mixed == mixed);
        QCOMPARE(planIn(*window).ground.layers.size(), std::size_t(1));
        QVERIFY(planIn(*window).ground.layers[0].reason.kind == planning::ReasonKind::groundByHand);
        QTest::mouseClick(buttonOf(*window, "Mix by hand…"), Qt::LeftButton);
        for (MixSheet* other : window->findChildren<MixSheet*>())
            if (other->isVisible()) sheet = other;
        QVERIFY(sheet->mixed() == mixed);
        QTest::mouseClick(buttonOf(*sheet, "Leave it to the plan"), Qt::LeftButton);
        QVERIFY(planned(*window));
        QVERIFY(planIn(*window).ground.layers.empty());
    }

    /// Help in drying shortens the wait.
    void dryingIsAChoice() {
        auto window = opened([](planning::Study& study) { study.approach.ground = Ground::localWash; });
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

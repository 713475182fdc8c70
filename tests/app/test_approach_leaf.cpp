#include <QComboBox>
#include <QInputDialog>
#include <QLineEdit>
#include <QSpinBox>
#include <QTemporaryDir>
#include <opencv2/core.hpp>
#include <random>

#include "app/layers/layers_station.h"
#include "app/layers/stack_sheet.h"
#include "planning/evenings.h"
#include "planning/own_stacks.h"
#include "storage/document.h"
#include "window_hand.h"
#include "wording/approach.h"

using namespace app;
using planning::Question;

/// The approach, answered at the station Layers as a hand does it.
class TestApproachLeaf : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;

    std::unique_ptr<MainWindow> opened() {
        planning::Study study = smallStudy();
        study.approach.ground = planning::Ground::none;
        const QString file = folder_.filePath("ball.dune");
        if (!storage::writeDocument({study, smallLibrary()}, file.toStdString(), {}, {})) return nullptr;
        auto window = openedWindow(file);
        if (!window) return nullptr;
        window->goTo(5);
        pressed(*window, "Approach");
        return window;
    }
    static ApproachLeaf& leafOf(MainWindow& window) { return window.findChild<LayersStation*>()->approach(); }
    static AnswerButton* answerIn(MainWindow& window, Question question, int answer) {
        return named<AnswerButton>(window, QStringLiteral("%1: %2").arg(wording::questionWord(question),
                                                                        wording::answerWord(question, answer)));
    }
    static bool tried(MainWindow& window) {
        return planned(window) && QTest::qWaitFor([&] { return leafOf(window).isTried(); }, 120000);
    }

 private Q_SLOTS:
    void initTestCase() { QVERIFY(folder_.isValid()); }

    /// What an answer would change stands under it before it is taken, and is what comes then; undo brings it back.
    void anAnswerSaysWhatItChanges() {
        auto window = opened();
        QVERIFY(window && tried(*window));
        const planning::PlanOutcome before = planning::outcomeOf(*window->session().plan());
        AnswerButton* kept = answerIn(*window, Question::blending, 2);
        QVERIFY(kept && !kept->isChecked() && answerIn(*window, Question::blending, 0)->isChecked());
        const QString told = kept->figures();
        QTest::mouseClick(kept, Qt::LeftButton);
        QVERIFY(window->margin().text().paragraphs.join(' ').contains("hatched"));
        QVERIFY(planned(*window) && kept->isChecked());
        const auto plan = window->session().plan();
        QCOMPARE(wording::outcomeAgainst(planning::outcomeOf(*plan), before), told);
        for (const planning::PlannedStack& stack : plan->stacks)
            for (const planning::Layer& layer : stack.layers)
                if (layer.stick >= 0) QCOMPARE(layer.manner, pigment::Manner::hatch);
        window->session().history().undo();
        QVERIFY(planned(*window));
        QCOMPARE(planning::outcomeOf(*window->session().plan()), before);
        QVERIFY(!kept->isChecked());
    }

    /// Answers are reached and taken with the keyboard alone.
    void answersAreTakenWithTheKeyboard() {
        auto window = opened();
        QVERIFY(window);
        AnswerButton* area = answerIn(*window, Question::progression, 1);
        area->setFocus();
        QVERIFY(window->margin().text().head.contains("Area by area"));
        QTest::keyClick(area, Qt::Key_Space);
        QCOMPARE(window->session().study().approach.progression, planning::Progression::areaByArea);
        QVERIFY(planned(*window));
    }

    /// A way of working is saved under a name, taken in another study, and forgotten.
    void anApproachIsCarriedToAnotherStudy() {
        auto window = opened();
        QVERIFY(window);
        QTest::mouseClick(answerIn(*window, Question::black, 1), Qt::LeftButton);
        QTest::mouseClick(answerIn(*window, Question::highlights, 1), Qt::LeftButton);
        const planning::Approach mine = window->session().study().approach;
        QTimer::singleShot(300, [] {
            auto* box = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            QVERIFY(box);
            QTest::keyClicks(box->findChild<QLineEdit*>(), "As in the summer school");
            QTest::keyClick(box, Qt::Key_Return);
        });
        pressed(*window, "Save under a name");
        window->session().history().setClean();
        window.reset();

        window = opened();
        QVERIFY(window && window->session().study().approach != mine);
        auto* names = named<QComboBox>(*window, "Approach");
        QVERIFY(names);
        const int at = names->findText("As in the summer school", Qt::MatchStartsWith);
        QCOMPARE(at, planning::knownApproachCount + 1);
        names->setFocus();
        for (int i = 0; i < at; ++i) QTest::keyClick(names, Qt::Key_Down);
        QCOMPARE(window->session().study().approach, mine);
        QVERIFY(planned(*window));
        pressed(*window, "Forget this one");
        QCOMPARE(names->findText("As in the summer school", Qt::MatchStartsWith), -1);
    }

    /// The work is cut to evenings; one ends where the artist says so, if nothing is wet there.
    void theWorkIsCutToEvenings() {
        auto window = opened();
        QVERIFY(window);
        pressed(*window, "Section");
        auto* minutes = named<QSpinBox>(*window, "Evenings of");
        minutes->setFocus();
        minutes->selectAll();
        QTest::keyClicks(minutes, "20");
        QTest::keyClick(minutes, Qt::Key_Return);
        QCOMPARE(window->session().study().eveningMinutes, 20);
        QVERIFY(planned(*window) && window->session().plan()->evenings.size() > 1);
        QVERIFY(window->margin().text().paragraphs.join(' ').contains("Evenings: steps 1 to"));
        const auto isSafe = planning::safeStops(*window->session().plan(), window->session().study());
        int at = 3;
        while (!isSafe[std::size_t(at)]) ++at;
        Scrubber& scrubber = window->findChild<LayersStation*>()->scrubber();
        scrubber.setStep(at);
        pressed(*window, "End an evening after this step");
        QVERIFY(planned(*window));
        const auto& evenings = window->session().plan()->evenings;
        QVERIFY(std::ranges::find(evenings, at, &planning::Evening::last) != evenings.end());
        window->session().history().undo();
        window->session().history().undo();
        QVERIFY(planned(*window) && window->session().plan()->evenings.empty());
    }

    /// Another stick for a layer, set in the sheet; the plan is made around it, and says what it would do itself.
    void layersAreSetByHand() {
        auto window = opened();
        QVERIFY(window);
        pressed(*window, "Section");
        QVERIFY(!buttonOf(*window, "Change its layers")->isEnabled());
        clicked(*window, 0.5, 0.5);
        const auto before = window->session().plan();
        pressed(*window, "Change its layers");
        auto* sheet = window->findChild<StackSheet*>();
        QVERIFY(sheet && sheet->isVisible());
        planning::OwnStack own = sheet->stack();
        QVERIFY(!own.layers.empty());
        auto* first = named<QComboBox>(*sheet, "Layer 1");
        first->setCurrentIndex(first->findData("t9"));
        named<QComboBox>(*sheet, "How layer 1 is laid")->setCurrentIndex(2);
        own.layers.front() = {"t9", pigment::Manner::press, own.layers.front().heavier};
        QCOMPARE(sheet->stack(), own);
        QVERIFY(QTest::qWaitFor([&] { return buttonOf(*sheet, "Safest")->isEnabled(); }, patience));
        pressed(*sheet, "Fewest layers");
        QVERIFY(sheet->stack().layers.size() <= 2 && sheet->stack() != own);
        sheet->show(own);
        pressed(*sheet, "Take these layers");
        QVERIFY(planned(*window));
        const int stack = window->findChild<LayersStation*>()->selectedStack();
        QCOMPARE(planning::ownStackFrom(*window->session().plan(), window->session().study(), stack), own);
        QVERIFY(QTest::qWaitFor(
            [&] { return window->margin().text().paragraphs.join(' ').contains("Left to the plan the picture"); },
            60000));
        pressed(*window, "Set it back");
        QVERIFY(planned(*window));
        QCOMPARE(planning::outcomeOf(*window->session().plan()), planning::outcomeOf(*before));
        QVERIFY(!buttonOf(*window, "Set it back")->isEnabled());
        // A stick is barred from the area, and taken up again.
        pressed(*window, "Change its layers");
        sheet = window->findChild<StackSheet*>();
        const std::string stick = sheet->stack().layers.front().stick;
        QTest::mouseClick(named<QPushButton>(*sheet, "The stick of layer 1 is not to be laid here"), Qt::LeftButton);
        QVERIFY(planned(*window));
        for (const planning::Layer& layer : window->session().plan()->stacks[std::size_t(stack)].layers)
            QVERIFY(layer.stick < 0 || window->session().plan()->sticks[std::size_t(layer.stick)].id != stick);
        QVERIFY(window->margin().text().paragraphs.join(' ').contains("Not to be laid here: "));
        pressed(*window, "Set it back");
        QVERIFY(planned(*window));
        QCOMPARE(planning::outcomeOf(*window->session().plan()), planning::outcomeOf(*before));
    }

    /// A thousand changes by hand, all undone, give the first plan back, bit for bit.
    void aThousandChangesAreUndone() {
        auto window = opened();
        QVERIFY(window);
        Session& session = window->session();
        const auto before = session.plan();
        const planning::Study study = session.study();
        const auto media = smallLibrary().media;
        std::vector<std::string> keys;
        for (const planning::PlannedStack& stack : before->stacks)
            for (const planning::Layer& layer : stack.layers) keys.push_back(layer.key);
        std::mt19937 random(7);
        const auto below = [&](std::size_t n) { return std::size_t(random() % n); };
        for (int i = 0; i < 1000; ++i)
            session.choose("change", [&](planning::Study& changed) {
                switch (below(6)) {
                    case 0:
                        changed.areaChoices.front().stack =
                            planning::OwnStack{{{media[below(14)].id, pigment::Manner(below(3)), int(below(3)) - 1},
                                                {media[below(14)].id, pigment::Manner(below(3)), int(below(3)) - 1}}};
                        break;
                    case 1:
                        changed.stickChoices.push_back({media[below(14)].id, planning::StickUse(below(2))});
                        break;
                    case 2: {
                        const auto question = planning::Question(below(planning::questionCount));
                        changed.approach = planning::answered(changed.approach, question,
                                                              int(below(std::size_t(planning::answerCount(question)))));
                        break;
                    }
                    case 3:
                        changed.movedLayers.push_back(
                            {keys[below(keys.size())], below(2) == 0 ? std::string() : keys[below(keys.size())]});
                        break;
                    case 4:
                        changed.stickLimit = 3 + int(below(20));
                        break;
                    default:
                        changed.eveningMinutes = int(below(200));
                }
            });
        QVERIFY(session.study() != study);
        while (session.history().canUndo()) session.history().undo();
        QVERIFY(session.study() == study);
        QVERIFY(planned(*window));
        const auto after = session.plan();
        QCOMPARE(planning::outcomeOf(*after), planning::outcomeOf(*before));
        QCOMPARE(after->pressures.size(), before->pressures.size());
        for (std::size_t k = 0; k < before->pressures.size(); ++k)
            QCOMPARE(cv::norm(after->pressures[k], before->pressures[k], cv::NORM_INF), 0.0);
        for (std::size_t i = 0; i < before->steps.size(); ++i) QCOMPARE(after->steps[i].key, before->steps[i].key);
    }

    /// A file of approaches that is none is said to be none, and left as it is.
    void aDamagedFileOfApproachesIsSaid() {
        const auto file = storage::usualApproachFile();
        std::filesystem::create_directories(file.parent_path());
        QFile broken(QString::fromStdString(file.string()));
        QVERIFY(broken.open(QIODevice::WriteOnly) && broken.write("no list") > 0);
        broken.close();
        QVERIFY(!storage::readApproaches(file));
        auto window = opened();
        QVERIFY(window);
        QCOMPARE(named<QComboBox>(*window, "Approach")->count(), planning::knownApproachCount + 1);
        QVERIFY(window->margin().problem().contains("approaches.json"));
        QVERIFY(QFile::remove(broken.fileName()));
    }
};

QTEST_MAIN(TestApproachLeaf)
#include "test_approach_leaf.moc"

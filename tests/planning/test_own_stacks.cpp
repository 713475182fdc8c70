#include <QtTest>
#include <algorithm>
#include <opencv2/core.hpp>

#include "planned_study.h"
#include "planning/alternatives.h"
#include "planning/own_stacks.h"
#include "planning/planner.h"
#include "planning/tried_plan.h"

using namespace planning;
using pigment::Manner;

/// Layers that the artist sets, and the plan that is made around them.
class TestOwnStacks : public QObject {
    Q_OBJECT

    static Study plain() {
        Study study = smallStudy();
        study.approach.ground = Ground::none;
        return study;
    }
    static int stackOf(const Plan& plan, double x, double y) {
        return plan.stackOfArea[std::size_t(subject::labelAt(plan.reading->areas.map, x, y))];
    }
    /// What is laid in a stack, by the sticks' ids.
    static OwnStack laidIn(const Plan& plan, int stack) {
        OwnStack laid;
        for (const Layer& layer : plan.stacks[std::size_t(stack)].layers)
            laid.layers.push_back(
                {layer.stick < 0 ? std::string() : plan.sticks[std::size_t(layer.stick)].id, layer.manner, 0});
        return laid;
    }
    static OwnStack ballInTwo() { return {{{"t9", Manner::press, 0}, {"t6", Manner::hatch, 0}}}; }

 private Q_SLOTS:
    /// What is set is laid as it is set, order and all, whatever the school says; the rest is planned around it.
    void whatIsSetIsLaid() {
        Study study = plain();
        // Light before dark, against the school; blended, though it gains nothing.
        const OwnStack own{{{"t6", Manner::scumble, 0}, {"", Manner::blend, 0}, {"t9", Manner::hatch, 0}}};
        study.areaChoices.front().stack = own;
        const Plan plan = planOf(study);
        const int ball = stackOf(plan, 0.5, 0.5);
        QCOMPARE(laidIn(plan, ball), own);
        QCOMPARE(ownStackFrom(plan, study, ball), own);
        const Plan free = planOf(plain());
        QCOMPARE(plan.stacks.size(), free.stacks.size());
        for (std::size_t s = 0; s < plan.stacks.size(); ++s) QVERIFY(!plan.stacks[s].layers.empty());
        QVERIFY(int(plan.sticks.size()) <= study.stickLimit);
        for (std::size_t i = 1; i < plan.stacks[std::size_t(ball)].layers.size(); ++i)
            QVERIFY(plan.stacks[std::size_t(ball)].layers[i - 1].step < plan.stacks[std::size_t(ball)].layers[i].step);
    }

    /// A change in one area does not undo what is set in another.
    void oneChangeDoesNotUndoAnother() {
        Study study = plain();
        study.areaChoices.front().stack = ballInTwo();
        const OwnStack table{{{"t2", Manner::press, 0}, {"t4", Manner::scumble, 0}}};
        AreaChoice choice;
        choice.x = 0.1;
        choice.y = 0.9;
        choice.stack = table;
        study.areaChoices.push_back(choice);
        const Plan plan = planOf(study);
        const int ball = stackOf(plan, 0.5, 0.5), under = stackOf(plan, 0.1, 0.9);
        QVERIFY(ball != under);
        QCOMPARE(laidIn(plan, ball), ballInTwo());
        QCOMPARE(laidIn(plan, under), table);
        // Set back, the first plan is there again, bit for bit.
        study.areaChoices.resize(1);
        study.areaChoices.front().stack.reset();
        const Plan back = planOf(study), before = planOf(plain());
        QCOMPARE(outcomeOf(back), outcomeOf(before));
        for (std::size_t k = 0; k < before.pressures.size(); ++k)
            QCOMPARE(cv::norm(back.pressures[k], before.pressures[k], cv::NORM_INF), 0.0);
    }

    /// What was kept of plans before only saves time; and areas that have no need of a change stay as they are.
    void whatIsKeptMakesNoDifference() {
        const Plan free = planOf(plain());
        const int ball = stackOf(free, 0.5, 0.5);
        Study heavier = plain(), other = plain(), barred = plain();
        heavier.areaChoices.front().stack = laidIn(free, ball);
        heavier.areaChoices.front().stack->layers.front().heavier = 1;
        other.areaChoices.front().stack = ballInTwo();
        barred.areaChoices.front().barred = {{laidIn(free, ball).layers.front().stick}};
        Kept kept;
        for (const Study& study : {plain(), heavier, other, barred, heavier, plain()})
            for (const Fineness fineness : {Fineness::coarse, Fineness::full}) {
                Kept none;
                const auto again = makePlan(study, smallLibrary(), kept, {}, 0, fineness);
                const auto anew = makePlan(study, smallLibrary(), none, {}, 0, fineness);
                QVERIFY(again.ok() && anew.ok());
                QCOMPARE(outcomeOf(*again), outcomeOf(*anew));
                QCOMPARE(again->pressures.size(), anew->pressures.size());
                for (std::size_t k = 0; k < again->pressures.size(); ++k)
                    QCOMPARE(cv::norm(again->pressures[k], anew->pressures[k], cv::NORM_INF), 0.0);
            }
        const Plan around = planOf(heavier);
        for (int s = 0; s < int(free.stacks.size()); ++s) QCOMPARE(laidIn(around, s), laidIn(free, s));
    }

    /// A stick that is barred from an area is not laid there, and may be elsewhere.
    void aStickIsBarredFromOneArea() {
        const Plan free = planOf(plain());
        const int ball = stackOf(free, 0.5, 0.5);
        Study study = plain();
        for (int turn = 0; turn < 3; ++turn) {
            const Plan before = planOf(study);
            std::string taken;
            for (const OwnLayer& layer : laidIn(before, ball).layers)
                if (!layer.stick.empty()) taken = layer.stick;
            study.areaChoices.front().barred.push_back({taken});
            const Plan plan = planOf(study);
            QCOMPARE(barredFrom(plan, study, ball).size(), std::size_t(turn + 1));
            QVERIFY(!laidIn(plan, ball).layers.empty());
            for (const OwnLayer& layer : laidIn(plan, ball).layers)
                QVERIFY(std::ranges::count(study.areaChoices.front().barred, BarredStick{layer.stick}) == 0);
        }
        const auto ways = alternativesFor(free, study, smallLibrary().media, ball);
        for (const OwnStack& way : ways)
            for (const OwnLayer& layer : way.layers)
                QVERIFY(std::ranges::count(study.areaChoices.front().barred, BarredStick{layer.stick}) == 0);
    }

    void heavierIsLaidHeavier() {
        const auto laidBy = [](int heavier) {
            Study study = plain();
            OwnStack own = ballInTwo();
            own.layers.back().heavier = heavier;
            study.areaChoices.front().stack = own;
            const Plan plan = planOf(study);
            const int ball = stackOf(plan, 0.5, 0.5);
            return cv::mean(plan.pressures[1], plan.stackMap == ball)[0];
        };
        const double lighter = laidBy(-1), usual = laidBy(0), heavier = laidBy(1);
        QVERIFY2(lighter < usual && usual < heavier,
                 qPrintable(QStringLiteral("%1 %2 %3").arg(lighter).arg(usual).arg(heavier)));
    }

    /// Sticks that are not there are left out; without any the plan finds the layers itself.
    void whatCannotBeLaidIsLeftOut() {
        const auto media = smallLibrary().media;
        QVERIFY(!layersOf({}, media));
        QVERIFY(!layersOf({{{"", Manner::blend, 0}}}, media));                                 // nothing to blend
        QVERIFY(!layersOf({{{"gone", Manner::hatch, 0}, {"t16", Manner::hatch, 0}}}, media));  // t16 is paint
        const auto layers = layersOf({{{"gone", Manner::hatch, 0}, {"t9", Manner::press, 0}}}, media);
        QVERIFY(layers && layers->size() == 1 && layers->front().manner == Manner::press);
        Study study = plain();
        study.areaChoices.front().stack = OwnStack{{{"gone", Manner::hatch, 0}}};
        QCOMPARE(outcomeOf(planOf(study)), outcomeOf(planOf(plain())));
        OwnStack many;
        for (int i = 0; i < 9; ++i) many.layers.push_back({"t9", Manner::hatch, 0});
        QCOMPARE(int(layersOf(many, media)->size()), mostWithMends);
    }

    /// Three other ways: none alike, each what its name says.
    void alternativesAreWhatTheyAreCalled() {
        const Study study = plain();
        const Plan plan = planOf(study);
        const auto media = smallLibrary().media;
        const int ball = stackOf(plan, 0.5, 0.5);
        const auto found = alternativesFor(plan, study, media, ball);
        for (int i = 0; i < alternativeCount; ++i) {
            QVERIFY(!found[std::size_t(i)].layers.empty());
            QVERIFY(found[std::size_t(i)] != laidIn(plan, ball));
            for (int j = 0; j < i; ++j) QVERIFY(found[std::size_t(i)] != found[std::size_t(j)]);
        }
        QVERIFY(found[0].layers.size() <= 2);
        for (const OwnLayer& layer : found[1].layers) QCOMPARE(layer.manner, Manner::hatch);
        const StackFigures few = figuresOf(found[0], plan, study, media, ball),
                           lively = figuresOf(found[1], plan, study, media, ball),
                           safe = figuresOf(found[2], plan, study, media, ball);
        QVERIFY(safe.unsteady <= few.unsteady && safe.tooth <= 0.75);
        QVERIFY(safe.unsteady <= lively.unsteady + 0.5);
        QVERIFY(few.layers <= lively.layers && few.difference > 0);
        // What is told of the plan's own stack is what the plan has.
        const StackFigures own = figuresOf(laidIn(plan, ball), plan, study, media, ball);
        QCOMPARE(own.layers, int(plan.stacks[std::size_t(ball)].layers.size()));
    }
};

QTEST_GUILESS_MAIN(TestOwnStacks)
#include "test_own_stacks.moc"

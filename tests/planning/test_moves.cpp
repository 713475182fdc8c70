#include <QtTest>
#include <algorithm>
#include <random>

#include "hand_plan.h"
#include "planning/minutes.h"
#include "planning/moves.h"
#include "rounds.h"

using namespace planning;
using materials::Kind;
using pigment::Manner;

namespace {

/// Five areas of three to five layers, some blended or fixed, some on a wash.
HandPlan someHandPlan(std::mt19937& random) {
    HandPlan hand(5);
    for (int i = 0; i < 7; ++i) hand.stick(30 + 30 * i, i % 3 == 0 ? Kind::pencil : Kind::soft);
    const int paint = hand.stick(120, Kind::gouache);
    if (random() % 2) hand.wash(paint, {0, 2});
    for (int a = 0; a < 5; ++a) {
        (*hand.areaList)[std::size_t(a)].plane = subject::Plane(random() % 3);
        int stick = int(random() % 2);
        for (int i = 0; i < 4 && stick < 7; ++i, stick += 1 + int(random() % 2))
            hand.layer(a, stick, random() % 2 ? Manner::hatch : Manner::scumble, (random() % 100) / 100.0);
        if (random() % 3 == 0) hand.tool(a, random() % 2 ? Tool::finger : Tool::fixative);
    }
    hand.study.approach.first = random() % 2 ? FirstPart::focal : FirstPart::background;
    hand.study.approach.progression = random() % 3 ? Progression::wholePicture : Progression::areaByArea;
    (*hand.areaList)[random() % 5].focal = true;
    return hand;
}

/// The first reason between two layers that the steps do not keep, or that a place is worked on while it is wet.
QString broken(const HandPlan& hand) {
    const std::vector<Task> tasks = tasksOf(hand.plan, hand.study).tasks;
    const auto numberOf = [&](const Task& task) { return hand.stepOf(task.place.stack, task.place.layer)->number; };
    for (const Task& task : tasks)
        for (const auto& [earlier, reason] : task.before)
            if (numberOf(tasks[std::size_t(earlier)]) >= numberOf(task))
                return QString::fromStdString(std::string(nameOf(reason.kind)));
    std::vector<double> dryAt(hand.plan.stacks.size(), 0);
    double clock = 0;
    for (const Step& step : hand.plan.steps) {
        for (const LayerPlace& place : step.layers)
            if (clock < dryAt[std::size_t(place.stack)]) return QStringLiteral("wet");
        clock += step.minutes;
        const double dries = driesFor(step, hand.plan, hand.study);
        if (dries > 0)
            for (std::size_t s = 0; s < dryAt.size(); ++s)
                if (std::ranges::count(step.areas, int(s)) > 0) dryAt[s] = std::max(dryAt[s], clock + dries);
        clock += step.waitMinutes;
    }
    return {};
}

int layersIn(const std::vector<Step>& steps) {
    int count = 0;
    for (const Step& step : steps) count += int(step.layers.size());
    return count;
}

}  // namespace

/// Layers moved in time by the artist: as far as the reasons allow, nothing else brought out of its order.
class TestMoves : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// What a stack's order allows, and what forbids more, on a plan that can be reckoned in the head.
    void roomIsWhatTheReasonsLeave() {
        HandPlan hand(3);
        for (auto& area : *hand.areaList) area.neighbours.clear();
        const int dark = hand.stick(40), middle = hand.stick(120), light = hand.stick(220);
        hand.layer(0, dark);
        hand.layer(0, middle);
        hand.layer(0, light);
        hand.layer(1, dark);
        hand.layer(2, dark);
        hand.order();  // the drawing; dark on all; middle; light
        QCOMPARE(hand.plan.steps.size(), std::size_t(4));
        QVERIFY(!roomInTime(hand.plan, hand.study, 1));
        const auto all = roomInTime(hand.plan, hand.study, 2);
        QCOMPARE(all->layers.size(), std::size_t(3));
        QCOMPARE(std::pair(all->earliest, all->latest), std::pair(1, 2));
        QCOMPARE(all->before.reason.kind, ReasonKind::firstMarks);
        QCOMPARE(all->after->step, 3);
        QCOMPARE(all->after->reason.kind, ReasonKind::darkBeforeLight);
        QCOMPARE(all->after->stack, 0);
        // One area's layer alone goes to the end, since nothing lies over it.
        const auto one = roomInTime(hand.plan, hand.study, 2, 1);
        QCOMPARE(std::pair(one->earliest, one->latest), std::pair(1, 4));
        QVERIFY(!one->after);
        QVERIFY(!roomInTime(hand.plan, hand.study, 3, 1));
        moveInTime(hand.study, hand.plan, *one, 3);
        hand.order();
        QCOMPARE(hand.plan.steps.size(), std::size_t(5));
        QCOMPARE(hand.stepOf(1, 0)->number, 4);
        QCOMPARE(hand.stepOf(1, 0)->why.front().kind, ReasonKind::laidThenByHand);
        QCOMPARE(movedIn(hand.plan, hand.study, *hand.stepOf(1, 0)), (std::vector<LayerPlace>{{1, 0}}));
        // Another that goes where the same stick is in the hand in the same manner is laid in the same step.
        moveInTime(hand.study, hand.plan, *roomInTime(hand.plan, hand.study, 2, 2), 3);
        hand.order();
        QCOMPARE(hand.stepOf(2, 0), hand.stepOf(1, 0));
        leaveTimeOpen(hand.study, hand.plan, hand.stepOf(2, 0)->layers);
        QCOMPARE(hand.study.movedLayers.size(), std::size_t(0));
        hand.order();
        QCOMPARE(hand.plan.steps.size(), std::size_t(4));
    }

    /// Over random plans and moves: every reason kept, nothing laid on what is wet, each layer once, what was not moved
    /// in the order that it had; and all of it undone gives the first order back.
    void movesBreakNoReason() {
        for (unsigned seed = 0; int(seed) < roundsOf(60); ++seed) {
            std::mt19937 random(seed);
            HandPlan hand = someHandPlan(random);
            const std::vector<Step> first = hand.order();
            QVERIFY2(broken(hand).isEmpty(), qPrintable(broken(hand)));
            for (int n = 0; n < 6; ++n) {
                const std::vector<Step> before = hand.plan.steps;
                const int step = 1 + int(random() % before.size());
                const auto room = roomInTime(hand.plan, hand.study, step);
                if (!room) continue;
                QVERIFY(room->earliest < step && room->latest >= step);
                const int goal = room->earliest + int(random() % unsigned(room->latest - room->earliest + 1));
                moveInTime(hand.study, hand.plan, *room, goal);
                hand.order();
                QVERIFY2(broken(hand).isEmpty(), qPrintable(QStringLiteral("%1: %2").arg(seed).arg(broken(hand))));
                QCOMPARE(layersIn(hand.plan.steps), layersIn(first));
                const LayerPlace mine = room->layers.front();
                std::vector<LayerPlace> others, othersNow;
                for (const Step& it : before)
                    for (const LayerPlace& place : it.layers)
                        if (std::ranges::count(room->layers, place) == 0) others.push_back(place);
                for (const LayerPlace& place : others) {
                    const int now = hand.stepOf(place.stack, place.layer)->number;
                    const int mineNow = hand.stepOf(mine.stack, mine.layer)->number;
                    int was = 0;
                    for (const Step& it : before)
                        if (std::ranges::count(it.layers, place) > 0) was = it.number;
                    // On its side of what was moved; with it where both are laid with the same.
                    QVERIFY(was <= goal ? now <= mineNow : now >= mineNow);
                }
            }
            hand.study.movedLayers.clear();
            const std::vector<Step> again = hand.order();
            QCOMPARE(again.size(), first.size());
            for (std::size_t i = 0; i < first.size(); ++i) QCOMPARE(again[i].layers, first[i].layers);
        }
    }

    /// A move of what is gone does nothing; one that its reasons do not allow any more goes as far as they do.
    void oldMovesDoNoHarm() {
        HandPlan hand(2);
        const int dark = hand.stick(40), light = hand.stick(220);
        for (int a = 0; a < 2; ++a) {
            hand.layer(a, dark);
            hand.layer(a, light);
        }
        const std::size_t steps = hand.order().size();
        hand.study.movedLayers = {{"gone", "a0/0"}, {"a0/0", "gone"}};
        QCOMPARE(hand.order().size(), steps);
        hand.study.movedLayers = {{"a1/1", ""}};
        hand.order();
        QVERIFY(hand.stepOf(1, 0)->number < hand.stepOf(1, 1)->number);
        QVERIFY2(broken(hand).isEmpty(), qPrintable(broken(hand)));
    }

    /// While a wash dries, what has none under it is laid (common practice, no source).
    void washesDryWhileOthersAreWorkedOn() {
        HandPlan hand(2);
        for (auto& area : *hand.areaList) area.neighbours.clear();
        const int paint = hand.stick(120, Kind::gouache), dark = hand.stick(40), light = hand.stick(220);
        hand.wash(paint, {0});
        hand.layer(0, dark);
        hand.layer(1, light, Manner::scumble, 1.0);
        hand.study.widthMillimetres = hand.study.heightMillimetres = 600;
        hand.order();
        QVERIFY2(broken(hand).isEmpty(), qPrintable(broken(hand)));
        QVERIFY(hand.stepOf(1, 0)->number < hand.stepOf(0, 0)->number);
        for (const Step& step : hand.plan.steps) QCOMPARE(step.waitMinutes, 0.0);
    }
};

QTEST_GUILESS_MAIN(TestMoves)
#include "test_moves.moc"

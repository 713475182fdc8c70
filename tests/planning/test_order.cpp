#include <QtTest>
#include <algorithm>

#include "colour/munsell.h"
#include "hand_plan.h"
#include "planning/minutes.h"
#include "planning/tasks.h"

using namespace planning;
using materials::Kind;
using pigment::Manner;

namespace {

bool tells(const Step& step, ReasonKind kind) {
    return std::ranges::find(step.why, kind, &Reason::kind) != step.why.end();
}

}  // namespace

/// The rules of the order and of minutes, one by one on plans built by hand. The rules are common practice, no source.
class TestOrder : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// Each layer once, after the one beneath it; stages in their order; `after` names earlier steps only.
    void everyLayerIsLaidOnceAndAfterWhatLiesUnderIt() {
        HandPlan hand(3);
        const int dark = hand.stick(40), middle = hand.stick(120), light = hand.stick(220);
        for (int a = 0; a < 3; ++a)
            for (const int stick : {dark, middle, light}) hand.layer(a, stick);
        int laid = 0;
        Stage stage = Stage::drawing;
        for (const Step& step : hand.order()) {
            QVERIFY(step.stage >= stage && step.why.size() <= 2 && !step.why.empty());
            stage = step.stage;
            laid += int(step.layers.size());
            for (const int earlier : step.after) QVERIFY(earlier >= 1 && earlier < step.number);
        }
        QCOMPARE(laid, 9);
        for (int a = 0; a < 3; ++a)
            for (int i = 1; i < 3; ++i) {
                const Step *under = hand.stepOf(a, i - 1), *over = hand.stepOf(a, i);
                QVERIFY(under->number < over->number);
                QVERIFY(std::ranges::find(over->after, under->number) != over->after.end());
                QVERIFY(tells(*over, ReasonKind::darkBeforeLight));
            }
        for (const Step& step : hand.order(School::lightBase)) QVERIFY(!tells(step, ReasonKind::darkBeforeLight));
        QVERIFY(tells(*hand.stepOf(0, 1), ReasonKind::lightBaseFirst));
    }

    /// Layers of one stick and manner that are ready together are one step; another manner is another step.
    void whatOneStickLaysTogetherIsOneStep() {
        HandPlan hand(3);
        const int dark = hand.stick(40);
        hand.layer(0, dark);
        hand.layer(1, dark);
        hand.layer(2, dark, Manner::hatch);
        hand.order();
        QCOMPARE(hand.stepOf(0, 0)->number, hand.stepOf(1, 0)->number);
        QVERIFY(hand.stepOf(2, 0)->number != hand.stepOf(0, 0)->number);
        QCOMPARE(hand.stepOf(0, 0)->areas, (std::vector<int>{0, 1}));
        QCOMPARE(hand.stepOf(2, 0)->manner, Manner::hatch);
        QCOMPARE(hand.stepOf(0, 0)->key, std::string("a0/0"));
        QCOMPARE(stickChanges(hand.plan.steps), 1);
    }

    void theBackgroundGoesBeforeWhatOverlapsIt() {
        for (const bool touching : {true, false}) {
            HandPlan hand(2);
            const int dark = hand.stick(70), light = hand.stick(220);
            (*hand.areaList)[0].plane = subject::Plane::foreground;
            (*hand.areaList)[1].plane = subject::Plane::background;
            if (!touching)
                for (subject::Area& area : *hand.areaList) area.neighbours.clear();
            hand.layer(0, dark);
            hand.layer(1, light);
            hand.order();
            // By value the dark stick would be first.
            QCOMPARE(hand.stepOf(1, 0)->number < hand.stepOf(0, 0)->number, touching);
            QCOMPARE(tells(*hand.stepOf(0, 0), ReasonKind::backgroundFirst), touching);
            QVERIFY(!tells(*hand.stepOf(1, 0), ReasonKind::backgroundFirst));
        }
    }

    /// The last layer of a few touches is an accent; of more than two layers the last refines.
    void stagesFollowFromTheStack() {
        HandPlan hand(1);
        for (int grey : {30, 80, 130, 180}) hand.layer(0, hand.stick(grey));
        const PlannedStack& stack = hand.plan.stacks[0];
        QCOMPARE(stageOf(stack, 0), Stage::blockIn);
        QCOMPARE(stageOf(stack, 1), Stage::build);
        QCOMPARE(stageOf(stack, 2), Stage::build);
        QCOMPARE(stageOf(stack, 3), Stage::refine);
        hand.plan.stacks[0].layers[3].medium = 0.04;
        QCOMPARE(stageOf(stack, 3), Stage::refine);
        hand.plan.stacks[0].layers[3].medium = 0.039;
        QCOMPARE(stageOf(stack, 3), Stage::accent);
        hand.plan.stacks[0].layers[3].light = 0.002;  // all that is laid counts
        QCOMPARE(stageOf(stack, 3), Stage::refine);
        hand.plan.stacks[0].layers[3].light = 0;
        hand.plan.stacks[0].layers[3].heavy = 0.002;
        QCOMPARE(stageOf(stack, 3), Stage::refine);
        hand.plan.stacks[0].layers[3].heavy = 0;
        hand.plan.stacks[0].layers.resize(3);
        QCOMPARE(stageOf(stack, 2), Stage::refine);
        hand.plan.stacks[0].layers.resize(2);
        QCOMPARE(stageOf(stack, 1), Stage::build);
        hand.plan.stacks[0].layers.resize(1);
        hand.plan.stacks[0].layers[0].medium = 0.01;
        QCOMPARE(stageOf(stack, 0), Stage::blockIn);
    }

    void accentsComeLastAndSaySo() {
        HandPlan hand(2);
        const int dark = hand.stick(40), light = hand.stick(200), white = hand.stick(250);
        hand.layer(0, dark);
        hand.layer(0, white, Manner::press, 0.02);
        hand.layer(1, dark);
        hand.layer(1, light);
        hand.order();
        QCOMPARE(hand.stepOf(0, 1), &hand.plan.steps.back());
        QVERIFY(tells(hand.plan.steps.back(), ReasonKind::highlightsLast));
    }

    /// A hard point under a soft stick says why: turned round little of it would hold.
    void hardBeforeSoftIsAReasonOfTheFilm() {
        HandPlan hand(1);
        const int pencil = hand.stick(60, Kind::pencil), soft = hand.stick(200);
        hand.layer(0, pencil, Manner::hatch);
        hand.layer(0, soft, Manner::press);
        hand.order();
        const Step* over = hand.stepOf(0, 1);
        const auto reason = std::ranges::find(over->why, ReasonKind::hardBeforeSoft, &Reason::kind);
        QVERIFY(reason != over->why.end());
        QVERIFY(reason->figure > 0 && reason->figure < 0.8);
        HandPlan alike(1);
        alike.layer(0, alike.stick(60));
        alike.layer(0, alike.stick(200));
        alike.order();
        QVERIFY(!tells(*alike.stepOf(0, 1), ReasonKind::hardBeforeSoft));
    }

    /// Areas of one stack are laid in the same step, and the step says why.
    void pairsAreLaidTogether() {
        HandPlan hand(2);
        hand.plan.stacks[0].areas = {0, 1};
        hand.plan.stacks.pop_back();
        hand.plan.stackOfArea = {0, 0};
        hand.layer(0, hand.stick(90));
        hand.order();
        QCOMPARE(hand.stepOf(0, 0)->areas, (std::vector<int>{0, 1}));
        QVERIFY(tells(*hand.stepOf(0, 0), ReasonKind::pairTogether));
    }

    /// The ground before all, dry before what goes over it; what the next wash dries in is not waited for twice.
    void washesGoFirstAndAreWaitedFor() {
        HandPlan hand(2);
        const int one = hand.stick(80, Kind::gouache), other = hand.stick(120, Kind::watercolour), dry = hand.stick(40);
        hand.wash(one, {0});
        hand.wash(other, {1});
        hand.layer(0, dry);
        hand.layer(1, dry);
        const auto& steps = hand.order();
        QCOMPARE(steps[1].stage, Stage::underpainting);
        QCOMPARE(steps[2].stage, Stage::underpainting);
        QCOMPARE(steps[1].stick, one);
        QCOMPARE(steps[1].waitMinutes, 0.0);
        const auto drying = [&](int layer, Drying help = Drying::air) {
            return dryingTime(hand.plan.ground.layers[std::size_t(layer)], hand.plan.paper, help);
        };
        // What is dry first is laid first, and the time that it takes counts for what is still wet.
        QCOMPARE(steps[2].waitMinutes, std::ceil(drying(0).middle() - steps[2].minutes));
        QCOMPARE(hand.stepOf(0, 0)->number, 4);
        QCOMPARE(steps[3].waitMinutes, std::ceil(drying(1).middle() - steps[2].waitMinutes - steps[3].minutes));
        QCOMPARE(hand.stepOf(1, 0)->number, 5);
        QVERIFY(tells(steps[2], ReasonKind::wetBeforeDry) && tells(steps[2], ReasonKind::groundNearColour));
        QVERIFY(tells(*hand.stepOf(0, 0), ReasonKind::groundFirst));
        // On bare paper nothing is said of a ground.
        HandPlan bare(1);
        bare.layer(0, bare.stick(40));
        bare.order();
        QVERIFY(!tells(*bare.stepOf(0, 0), ReasonKind::groundFirst));
        // Common practice, no source: gouache dries sooner than watercolour, with help sooner still; a strong wash
        // takes longer than a thin one.
        QVERIFY(drying(0).most < drying(1).most && drying(0).least > 0);
        QVERIFY(drying(0, Drying::hairDryer).most < drying(0).most);
        QVERIFY(drying(0, Drying::heatGun).most < drying(0, Drying::hairDryer).most);
        GroundLayer& layer = hand.plan.ground.layers[0];
        const double asIs = drying(0).most;
        layer.pressure = pigment::Pressure::heavy;
        QVERIFY(drying(0).most > asIs);
        // Alcohol is soon gone and never helped by heat; what is rubbed in does not dry at all.
        layer.mixture.clear();
        QVERIFY(drying(0).most < asIs);
        QCOMPARE(drying(0, Drying::heatGun).most, drying(0).most);
        layer.manner = Manner::blend;
        QCOMPARE(drying(0).most, 0.0);
    }

    /// The drawing is made with a point of little chroma that shows on the paper without standing out.
    void theDrawingTakesAQuietPoint() {
        const auto taken = [](std::vector<std::pair<int, Kind>> sticks) {
            HandPlan hand(2);  // on a middle grey
            for (const auto& [grey, kind] : sticks) hand.stick(grey, kind);
            hand.layer(0, 0);
            const Step& drawing = hand.order().front();
            if (drawing.stage != Stage::drawing || drawing.areas != std::vector<int>{0, 1} ||
                drawing.why != std::vector<Reason>{{ReasonKind::firstMarks}})
                return -2;
            return drawing.stick;
        };
        QCOMPARE(taken({{60, Kind::soft}, {190, Kind::pan}}), -1);  // no point among them
        QCOMPARE(taken({{60, Kind::soft}, {60, Kind::pencil}}), 1);
        QCOMPARE(taken({{62, Kind::pencil}, {60, Kind::soft}}), 0);
        QCOMPARE(taken({{60, Kind::soft}, {60, Kind::hard}}), 1);
        QCOMPARE(taken({{60, Kind::soft}, {60, Kind::charcoal}}), 1);
        // Value 5.2 on the paper, 2.7 for 62, 7.7 for 195: two and a half steps off are best, either way.
        QCOMPARE(taken({{10, Kind::pencil}, {62, Kind::pencil}, {250, Kind::pencil}}), 1);
        QCOMPARE(taken({{10, Kind::pencil}, {195, Kind::pencil}, {250, Kind::pencil}}), 1);
        QCOMPARE(taken({{115, Kind::pencil}, {140, Kind::pencil}}), -1);  // within a step of the paper: not seen
    }

    void everyEdgeIsKept() {
        for (unsigned seed = 0; seed < 40; ++seed) {
            std::mt19937 random(seed);
            HandPlan hand(6);
            for (int i = 0; i < 7; ++i) hand.stick(30 + 30 * i, i % 3 == 0 ? Kind::pencil : Kind::soft);
            for (int a = 0; a < 6; ++a) {
                (*hand.areaList)[std::size_t(a)].plane = subject::Plane(random() % 3);
                int stick = int(random() % 3);
                for (int i = 0; i < 4 && stick < 7; ++i, stick += 1 + int(random() % 2))
                    hand.layer(a, stick, random() % 2 ? Manner::hatch : Manner::scumble, (random() % 100) / 100.0);
            }
            const auto& steps = hand.order(seed % 2 ? School::darkFirst : School::lightBase);
            QVERIFY(stickChanges(steps) <= stickChangesPlain(hand.plan));
            for (int a = 0; a < 6; ++a) {
                const auto& layers = hand.plan.stacks[std::size_t(a)].layers;
                for (int i = 1; i < int(layers.size()); ++i)
                    QVERIFY(hand.stepOf(a, i - 1)->number < hand.stepOf(a, i)->number);
                for (int b = 0; b < 6; ++b) {
                    const bool isBehind =
                        (*hand.areaList)[std::size_t(a)].plane < (*hand.areaList)[std::size_t(b)].plane;
                    if (isBehind && std::abs(a - b) == 1)
                        QVERIFY(hand.stepOf(a, 0)->number < hand.stepOf(b, 0)->number);
                }
            }
        }
    }

    /// Minutes come from what is really laid.
    void minutesFollowWhatIsLaid() {
        HandPlan hand(2);
        hand.study.widthMillimetres = 400;
        hand.study.heightMillimetres = 300;  // 1200 square centimetres
        const int soft = hand.stick(90), pencil = hand.stick(90, Kind::pencil);
        hand.layer(0, soft, Manner::scumble, 1.0);
        hand.layer(1, pencil, Manner::hatch, 0.5);
        Step step;
        step.stage = Stage::build;
        step.layers = {{0, 0}};
        step.stick = soft;
        QCOMPARE(minutesFor(step, hand.plan, hand.study), std::round(1 + 600 * 0.030));
        hand.plan.stacks[0].layers[0].medium = 0.5;
        QCOMPARE(minutesFor(step, hand.plan, hand.study), std::round(1 + 300 * 0.030));
        step.layers = {{1, 0}};
        step.stick = pencil;
        step.manner = Manner::hatch;
        QCOMPARE(minutesFor(step, hand.plan, hand.study), std::round(1 + 300 * 0.090));
        step.manner = Manner::press;
        QCOMPARE(minutesFor(step, hand.plan, hand.study), std::round(1 + 300 * 0.035));
        step.layers = {{0, 0}, {1, 0}};
        QCOMPARE(minutesFor(step, hand.plan, hand.study), std::round(1.4 + 600 * 0.035));
        hand.study.widthMillimetres = 20;
        QCOMPARE(minutesFor(step, hand.plan, hand.study), std::round(1.4 + 30 * 0.035));
        Step drawing;
        drawing.stage = Stage::drawing;
        hand.study.widthMillimetres = 400;
        QCOMPARE(minutesFor(drawing, hand.plan, hand.study), std::round(1 + 1200 * 0.008));
        // A hatch is quicker with a stick than with a point, and a wash quicker than either.
        step.layers = {{1, 0}};
        for (const auto& [manner, each] :
             {std::pair(Manner::wash, 0.010), std::pair(Manner::dab, 0.080), std::pair(Manner::scumble, 0.030),
              std::pair(Manner::blend, 0.030), std::pair(Manner::fix, 0.030), std::pair(Manner::lift, 0.030)}) {
            step.manner = manner;
            QCOMPARE(minutesFor(step, hand.plan, hand.study), std::round(1 + 300 * each));
        }
        step.manner = Manner::hatch;
        for (const int stick : {soft, -1}) {
            step.stick = stick;
            QCOMPARE(minutesFor(step, hand.plan, hand.study), std::round(1 + 300 * 0.050));
        }
        // A ground takes the time of the areas that it goes under.
        Step ground;
        ground.stage = Stage::underpainting;
        ground.manner = Manner::wash;
        ground.stick = soft;
        ground.groundLayer = 0;
        ground.areas = {1};
        QCOMPARE(minutesFor(ground, hand.plan, hand.study), std::round(1 + 600 * 0.010));
    }
};

QTEST_GUILESS_MAIN(TestOrder)
#include "test_order.moc"

#include <QtTest>
#include <algorithm>

#include "colour/munsell.h"
#include "hand_plan.h"
#include "planning/hand_rest.h"
#include "planning/minutes.h"
#include "planning/notes.h"
#include "planning/tasks.h"
#include "planning/tooth_answers.h"

using namespace planning;
using materials::Kind;
using pigment::Manner;

namespace {

bool tells(const Step& step, ReasonKind kind) {
    return std::ranges::find(step.why, kind, &Reason::kind) != step.why.end();
}

const Note* noteOf(const std::vector<Note>& notes, NoteTopic topic) {
    const auto found = std::ranges::find(notes, topic, &Note::topic);
    return found == notes.end() ? nullptr : &*found;
}

}  // namespace

/// The rules of the order, of minutes and of notes, one by one on plans built by hand. The rules are common practice,
/// no source.
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
        // The minute in which it is laid counts for the first, not for the last.
        QCOMPARE(steps[2].waitMinutes, std::ceil(drying(1).middle()));
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

    /// Over random plans: every edge kept, no cycle, never more stick changes than in the plain order.
    /// Four areas 10 cm wide beside each other: what a right hand works on it rests right of, a left hand left of
    /// (common practice, no source); only what is finished is kept off.
    void theHandKeepsOffWhatIsFinished() {
        HandPlan hand(4);
        for (const int area : {0, 1, 2, 3}) hand.layer(area, hand.stick(40 + 40 * area));
        std::vector<Step>& steps = hand.order();
        const auto stepOf = [&](int area) -> Step& {
            return *std::ranges::find_if(steps, [&](const Step& step) { return step.areas == std::vector{area}; });
        };
        const auto layAs = [&](std::vector<int> order) {
            std::vector<Step> sorted{steps.front()};
            for (const int area : order) sorted.push_back(stepOf(area));
            for (std::size_t i = 0; i < sorted.size(); ++i) sorted[i].number = int(i) + 1;
            steps = sorted;
        };
        Study study;
        layAs({0, 2, 3, 1});
        QCOMPARE(underTheHand(hand.plan, study, stepOf(1)), std::vector<int>{2});
        QCOMPARE(underTheHand(hand.plan, study, stepOf(2)), std::vector<int>{});
        study.hand = Hand::left;
        QCOMPARE(underTheHand(hand.plan, study, stepOf(1)), std::vector<int>{0});
        layAs({1, 0, 2, 3});
        QCOMPARE(underTheHand(hand.plan, study, stepOf(1)), std::vector<int>{});
        // What another layer still goes over is no loss.
        layAs({0, 2, 3, 1});
        hand.layer(0, 0);
        QCOMPARE(underTheHand(hand.plan, study, stepOf(1)), std::vector<int>{});
    }

    /// A full tooth is answered: fixative gives tooth back, lighter and fewer layers take less, a sanded sheet holds
    /// more than cartridge (common practice, no source).
    void aFullToothIsAnswered() {
        HandPlan hand(1);
        hand.plan.paper.surface = materials::Surface::cartridge;
        hand.plan.stacks[0].start = pigment::barePatch(hand.plan.paper);
        for (int layer = 0; layer < 4; ++layer) hand.layer(0, hand.stick(60 + 30 * layer), pigment::Manner::press);
        Tone tone;
        tone.number = 0b10101010;  // medium, all four
        tone.share = 1;
        tone.toothUsed = 0.95;
        hand.plan.stacks[0].tones = {tone};
        materials::Paper sanded = hand.plan.paper;
        sanded.name = "sanded";
        sanded.surface = materials::Surface::sanded400;
        const auto answers = toothAnswers(hand.plan, 0, {hand.plan.paper, sanded});
        QVERIFY(answers && answers->now > nearlyFull);
        QVERIFY(answers->fixed < answers->fewer && answers->fewer < answers->now && answers->lighter < answers->now);
        QVERIFY(answers->roomier && answers->roomier->paper == "sanded" && answers->roomier->used < answers->now);
        QVERIFY(!toothAnswers(hand.plan, 0, {hand.plan.paper})->roomier);
        hand.plan.stacks[0].tones[0].toothUsed = nearlyFull;
        QVERIFY(!toothAnswers(hand.plan, 0, {sanded}));
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

    /// Areas through which an arrow goes are told once each.
    void strokesFollowTheArrows() {
        HandPlan hand(3);
        QVERIFY(!noteOf(notesFor(hand.plan, hand.study), NoteTopic::strokesFollow));
        hand.study.directions = {{{0.9, 0.5}, {0.1, 0.5}}, {{0.1, 0.5}, {0.2, 0.5}}, {{0.95, 0.1}, {0.9, 0.9}}};
        const auto notes = notesFor(hand.plan, hand.study);
        const Note* note = noteOf(notes, NoteTopic::strokesFollow);
        QVERIFY(note);
        QCOMPARE(note->areas, (std::vector<int>{0, 2}));
        QCOMPARE(note->kind, NoteKind::advice);
    }

    /// Notes and the figures that they begin at.
    void notesBeginAtTheirFigures() {
        HandPlan hand(2);
        const int stick = hand.stick(90);
        hand.layer(0, stick);
        PlannedStack& stack = hand.plan.stacks[0];
        stack.tones = {{}};
        Tone& tone = stack.tones[0];
        tone.share = 0.5;
        const auto notes = [&] { return notesFor(hand.plan, hand.study); };
        QVERIFY(!noteOf(notes(), NoteTopic::toothRunsOut) && !noteOf(notes(), NoteTopic::farFromTarget));
        tone.toothUsed = 0.86;
        QCOMPARE(noteOf(notes(), NoteTopic::toothRunsOut)->areas, std::vector<int>{0});
        QCOMPARE(noteOf(notes(), NoteTopic::toothRunsOut)->figure, 0.86);
        QCOMPARE(noteOf(notes(), NoteTopic::toothRunsOut)->kind, NoteKind::caution);
        tone.share = 0.005;  // a hundredth of its stack
        QVERIFY(noteOf(notes(), NoteTopic::toothRunsOut));
        tone.share = 0.004;
        QVERIFY(!noteOf(notes(), NoteTopic::toothRunsOut));
        tone.share = 0.5;
        tone.toothUsed = nearlyFull;
        QVERIFY(!noteOf(notes(), NoteTopic::toothRunsOut));
        stack.pictureDifference = 4.1;
        QCOMPARE(noteOf(notes(), NoteTopic::farFromTarget)->kind, NoteKind::advice);
        QCOMPARE(noteOf(notes(), NoteTopic::farFromTarget)->areas, std::vector<int>{0});
        stack.pictureDifference = 4.0;
        QVERIFY(!noteOf(notes(), NoteTopic::farFromTarget));
        hand.study.stickLimit = 1;
        hand.plan.summary.picture.mean = 2.6;
        QCOMPARE(noteOf(notes(), NoteTopic::sticksAreFew)->figure, 1.0);
        hand.plan.summary.picture.mean = 2.5;
        QVERIFY(!noteOf(notes(), NoteTopic::sticksAreFew));
        // Two stacks: every area is named, and the worst figure told.
        hand.plan.stacks[1].pictureDifference = 6;
        stack.pictureDifference = 5;
        QCOMPARE(noteOf(notes(), NoteTopic::farFromTarget)->areas, (std::vector<int>{0, 1}));
        QCOMPARE(noteOf(notes(), NoteTopic::farFromTarget)->figure, 6.0);
        hand.plan.summary.unsteadyDifference = 1.75;
        QCOMPARE(noteOf(notes(), NoteTopic::unsteadyHand)->figure, 1.75);
        hand.plan.summary.picture.mean = 2.6;
        hand.study.stickLimit = 2;
        QVERIFY(!noteOf(notes(), NoteTopic::sticksAreFew));
        QCOMPARE(noteOf(notes(), NoteTopic::dust)->kind, NoteKind::safety);
        QVERIFY(!noteOf(notes(), NoteTopic::toxicPigments) && !noteOf(notes(), NoteTopic::heatAndWater));
        hand.plan.sticks[0].hazards = {"cadmium", "cobalt"};
        QCOMPARE(noteOf(notes(), NoteTopic::toxicPigments)->kind, NoteKind::safety);
        QCOMPARE(noteOf(notes(), NoteTopic::toxicPigments)->subjects.front(),
                 std::string("grey 90 (s0, cadmium, cobalt)"));
        hand.stick(90, Kind::gouache);
        QCOMPARE(noteOf(notes(), NoteTopic::heatAndWater)->kind, NoteKind::safety);
        // The first strokes of the darkest and the lightest stand off a middle grey, not off paper like themselves.
        hand.stick(10);
        hand.stick(245);
        for (PlannedStack& it : hand.plan.stacks) it.samples = {{{5, 0, 0}, 0.5}, {{96, 0, 0}, 0.5}};
        QVERIFY(!noteOf(notes(), NoteTopic::paperHidesEnds));
        for (const std::uint8_t grey : {20, 240}) {
            hand.plan.paper.tone = {grey, grey, grey};
            QVERIFY(noteOf(notes(), NoteTopic::paperHidesEnds)->figure < 1);
        }
    }

    /// A subject of darks wants a dark in the tray.
    void darksWithoutADarkStickAreTold() {
        HandPlan hand(2);
        hand.stick(90);
        hand.plan.stacks[0].tones = {{0, 0.05, {10, 0, 0}, {38, 0, 0}}};
        const auto note = [&]() -> std::optional<Note> {
            const auto notes = notesFor(hand.plan, hand.study);
            const Note* found = noteOf(notes, NoteTopic::noDarks);
            return found ? std::optional(*found) : std::nullopt;
        };
        QCOMPARE(note()->areas, std::vector<int>{0});
        QVERIFY(std::fabs(note()->figure -
                          (colour::munsellValueOfLightness(38) - colour::munsellValueOfLightness(10))) < 1e-9);
        // Few of them, nearly reached, or with a dark stick that was not laid there, are no reason.
        hand.plan.stacks[0].tones[0].share = 0.02;
        QVERIFY(!note());
        hand.plan.stacks[0].tones[0] = {0, 0.05, {10, 0, 0}, {13, 0, 0}};
        QVERIFY(!note());
        hand.plan.stacks[0].tones[0] = {0, 0.05, {10, 0, 0}, {38, 0, 0}};
        hand.stick(15);
        QVERIFY(!note());
    }

    /// Half a step more contrast elsewhere than at what the picture is about is no fault yet.
    void contrastElsewhereIsTold() {
        for (const double steps : {2.4, 2.6}) {
            HandPlan hand(6);
            (*hand.areaList)[0].focal = true;
            auto reading = std::make_shared<Reading>(*hand.plan.reading);
            reading->wantedSquinted = reading->wantedSquinted.clone();
            const auto stand = [&](const cv::Rect& part, double value) {
                reading->wantedSquinted(part).setTo(cv::Scalar(colour::lightnessOfMunsellValue(value), 0, 0));
            };
            stand({0, 0, 60, 10}, 5);
            stand({0, 0, 5, 10}, 3);  // two steps, in the first area
            stand({55, 0, 5, 10}, 5 - steps);
            hand.plan.reading = reading;
            const auto notes = notesFor(hand.plan, hand.study);
            const Note* note = noteOf(notes, NoteTopic::contrastElsewhere);
            QCOMPARE(note != nullptr, steps > 2.5);
            if (!note) continue;
            QCOMPARE(note->areas, std::vector<int>{5});
            QVERIFY(std::fabs(note->figure - steps) < 0.01 && std::fabs(note->second - 2) < 0.01);
        }
    }

    /// A match under one light that fails under another is told, once for each such light.
    void metamerismIsTold() {
        HandPlan hand(3);
        const auto told = [&] {
            std::vector<Note> notes;
            for (const Note& note : notesFor(hand.plan, hand.study))
                if (note.topic == NoteTopic::partsUnderLight) notes.push_back(note);
            return notes;
        };
        for (PlannedStack& stack : hand.plan.stacks) {
            stack.tones = {{}};
            stack.tones[0].share = 0.3;
            stack.tones[0].difference = 1;
            stack.tones[0].differenceUnder.fill(1.0);
        }
        QVERIFY(told().empty());
        const auto under = [&](int stack, colour::Light light) -> double& {
            return hand.plan.stacks[std::size_t(stack)].tones[0].differenceUnder[std::size_t(light)];
        };
        under(0, colour::Light::lamp) = 4.5;
        under(1, colour::Light::lamp) = 3.5;
        under(1, colour::Light::led) = 3.2;
        // What does not match anyway is no metamer, and touches are not told.
        hand.plan.stacks[2].tones[0].difference = 5;
        hand.plan.stacks[2].tones[0].differenceUnder.fill(6);
        QCOMPARE(told().size(), std::size_t(2));
        QCOMPARE(told()[0].light, colour::Light::lamp);
        QCOMPARE(told()[0].areas, (std::vector<int>{0, 1}));
        QCOMPARE(told()[0].figure, 4.5);
        QCOMPARE(told()[1].light, colour::Light::led);
        QCOMPARE(told()[1].kind, NoteKind::caution);
        hand.plan.stacks[0].tones[0].share = 0.002;  // just enough to be told
        hand.plan.stacks[0].tones[0].difference = 2;
        under(1, colour::Light::led) = 3.0;
        QCOMPARE(told().size(), std::size_t(2));
        QCOMPARE(told()[0].areas, (std::vector<int>{0, 1}));
        hand.plan.stacks[0].tones[0].share = 0.001;
        QCOMPARE(told()[0].areas, std::vector<int>{1});
        under(1, colour::Light::led) = 2.99;
        QCOMPARE(told().size(), std::size_t(1));
        hand.plan.stacks[1].tones[0].difference = 2.01;
        QVERIFY(told().empty());
    }
};

QTEST_GUILESS_MAIN(TestOrder)
#include "test_order.moc"

#include <QtTest>
#include <algorithm>

#include "colour/munsell.h"
#include "hand_plan.h"
#include "planning/hand_rest.h"
#include "planning/notes.h"
#include "planning/tooth_answers.h"

using namespace planning;
using materials::Kind;
using pigment::Manner;

namespace {

const Note* noteOf(const std::vector<Note>& notes, NoteTopic topic) {
    const auto found = std::ranges::find(notes, topic, &Note::topic);
    return found == notes.end() ? nullptr : &*found;
}

}  // namespace

/// What the artist is told to mind, on plans built by hand: notes, where the hand rests, a full tooth.
class TestNotes : public QObject {
    Q_OBJECT

 private Q_SLOTS:
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

QTEST_GUILESS_MAIN(TestNotes)
#include "test_notes.moc"

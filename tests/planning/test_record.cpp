#include <QtTest>
#include <algorithm>
#include <opencv2/core.hpp>

#include "planned_study.h"
#include "planning/easel_timers.h"
#include "planning/stage_picture.h"
#include "planning/study_fields.h"
#include "recorded.h"

using namespace planning;

namespace {

bool isSame(const cv::Mat& one, const cv::Mat& other) {
    return one.size() == other.size() && (one.empty() || cv::norm(one, other, cv::NORM_INF) == 0);
}

bool isSame(const Step& one, const Step& other) {
    return one.number == other.number && one.key == other.key && one.stage == other.stage &&
           one.layers == other.layers && one.areas == other.areas && one.stick == other.stick &&
           one.tool == other.tool && one.manner == other.manner && one.minutes == other.minutes &&
           one.waitMinutes == other.waitMinutes && one.after == other.after && one.why == other.why &&
           one.handOff == other.handOff && one.isEmpty == other.isEmpty;
}

/// What differs between two plans, to the last bit; what other papers would do is no part of them.
QString differs(const Plan& one, const Plan& other) {
    if (one.steps.size() != other.steps.size()) return QStringLiteral("number of steps");
    for (std::size_t i = 0; i < one.steps.size(); ++i)
        if (!isSame(one.steps[i], other.steps[i])) return QStringLiteral("step %1").arg(i + 1);
    if (one.pressures.size() != other.pressures.size()) return QStringLiteral("number of maps");
    for (std::size_t k = 0; k < one.pressures.size(); ++k)
        if (!isSame(one.pressures[k], other.pressures[k])) return QStringLiteral("map %1").arg(k);
    if (!isSame(one.runIn.share, other.runIn.share)) return QStringLiteral("fades");
    if (one.sticks != other.sticks) return QStringLiteral("sticks");
    if (one.summary.picture.mean != other.summary.picture.mean || one.summary.minutes != other.summary.minutes)
        return QStringLiteral("figures");
    const int steps = int(one.steps.size());
    if (!isSame(pictureAfter(one, steps, one.light), pictureAfter(other, steps, other.light)))
        return QStringLiteral("sheet");
    return {};
}

Plan planFrom(const Study& study, const Record& record, Kept& kept) {
    auto plan = makePlan(study, smallLibrary(), record, kept);
    if (!plan) qFatal("the small study must plan");
    return *std::move(plan);
}

Study plain() {
    Study study = smallStudy();
    study.approach.ground = Ground::none;
    study.paper = smallLibrary().papers.front().id;
    return study;
}

const materials::Material& otherStick(const Plan& plan, int stick) {
    static const materials::Library library = smallLibrary();
    const auto prepared = matching::prepared(library.media, plan.light);
    for (const int i : matching::nearestSticks(plan.prepared[std::size_t(stick)].masstone, prepared, 3))
        if (library.media[std::size_t(i)].id != plan.sticks[std::size_t(stick)].id)
            return library.media[std::size_t(i)];
    qFatal("the small library has other sticks");
}

}  // namespace

/// What was really done, and the plan that is made from it.
class TestRecord : public QObject {
    Q_OBJECT

    /// A stick step of a dry layer in the first half.
    static int someStep(const Plan& plan) {
        for (const Step& step : plan.steps)
            if (step.stick >= 0 && !step.layers.empty() && step.number >= 2) return step.number;
        qFatal("the small plan has dry layers");
    }
    static Record laidUpTo(const Plan& plan, const Study& study, int step) {
        Record record = recordOn(plan);
        for (int i = 1; i < step; ++i) record.entries.push_back(laidEntry(plan, study, i));
        return record;
    }
    /// What is laid before `step` lies there as it was.
    static QString moved(const Plan& before, const Plan& after, int step) {
        for (int i = 0; i < step - 1; ++i) {
            const Step &was = before.steps[std::size_t(i)], &is = after.steps[std::size_t(i)];
            if (was.key != is.key || was.number != is.number || was.why != is.why)
                return QStringLiteral("step %1").arg(i + 1);
            const LaidStep one = laidStep(before, was, 400, 300), other = laidStep(after, is, 400, 300);
            if (one.stick != other.stick || one.manner != other.manner || !isSame(mapOf(one), mapOf(other)))
                return QStringLiteral("what was laid in step %1").arg(i + 1);
        }
        return {};
    }

 private Q_SLOTS:
    void whatIsTakenBackIsNotSo() {
        Record record;
        Entry done = entryOf(EntryKind::done, 1);
        done.laid = LaidStep{};
        record.entries = {done, entryOf(EntryKind::passedOver, 2)};
        QVERIFY(Standing(record).isDone(1));
        QVERIFY(!Standing(record).isOpen(2));
        QCOMPARE(Standing(record).toTakeBack(), 1);
        Entry back = entryOf(EntryKind::takenBack, 2);
        back.takes = 1;
        record.entries.push_back(back);
        const Standing standing(record);
        QVERIFY(standing.isDone(1));
        QVERIFY(standing.isOpen(2));
        QVERIFY(standing.deviations().empty());
        QCOMPARE(standing.toTakeBack(), 0);
        QVERIFY(!standing.holds(1));
    }

    /// Lighter and heavier again is as planned.
    void aStepDeviatesOnceHoweverOftenItIsChanged() {
        Record record;
        Entry lighter = entryOf(EntryKind::pressed, 3), asPlanned = lighter;
        lighter.heavier = -1;
        record.entries = {lighter};
        QCOMPARE(Standing(record).deviations().size(), std::size_t(1));
        record.entries.push_back(asPlanned);
        QVERIFY(Standing(record).deviations().empty());
    }

    /// What may yet be chosen on a begun sheet moves nothing that is laid.
    void aChoiceOnABegunSheetMovesNothingThatIsLaid() {
        const Study study = plain();
        Kept kept;
        const Plan plan = planFrom(study, {}, kept);
        const int step = std::min(5, int(plan.steps.size()));
        Record record = laidUpTo(plan, study, step);
        record.entries.push_back(entryOf(EntryKind::planChanged));
        const std::vector<std::function<void(Study&)>> choices{
            [](Study& s) { s.valueLevels = 3; },
            [](Study& s) { s.colour.chroma = 1.2; },
            [](Study& s) { s.stickLimit = 5; },
            [](Study& s) { s.layers = 2; },
            [](Study& s) { s.detail = Detail::fine; },
            [](Study& s) { s.approach.first = FirstPart::focal; },
            [](Study& s) { s.areaChoices.front().plane = subject::Plane::foreground; },
            [](Study& s) { s.areaChoices.front().kind = subject::AreaKind::foliage; },
            [](Study& s) { s.areaChoices.front().barred = {{"t6"}}; },
            [](Study& s) { s.light = colour::Light::lamp; },
        };
        for (std::size_t i = 0; i < choices.size(); ++i) {
            Study chosen = study;
            choices[i](chosen);
            QVERIFY2(!changesBegunSheet(study, chosen), qPrintable(QString::number(i)));
            const Plan after = planFrom(chosen, record, kept);
            for (int laid = 0; laid < step - 1; ++laid) {
                const Step &was = plan.steps[std::size_t(laid)], &is = after.steps[std::size_t(laid)];
                QVERIFY2(was.key == is.key && was.number == is.number, qPrintable(QString::number(i)));
                const LaidStep one = laidStep(plan, was, 400, 300), other = laidStep(after, is, 400, 300);
                // What the drawing is made with is told anew by each plan.
                if (was.layers.empty()) continue;
                QVERIFY2(one.stick == other.stick && isSame(mapOf(one), mapOf(other)), qPrintable(QString::number(i)));
            }
        }
    }

    /// Planned anew from what was laid, through the maps as they are kept, at every step.
    void whatWentAsPlannedChangesNothing_data() {
        QTest::addColumn<int>("ground");
        QTest::newRow("bare") << int(Ground::none);
        QTest::newRow("washed") << int(Ground::localWash);
    }
    void whatWentAsPlannedChangesNothing() {
        QFETCH(int, ground);
        Study study = plain();
        study.approach.ground = Ground(ground);
        Kept kept;
        const Plan plan = planFrom(study, {}, kept);
        QVERIFY(plan.steps.size() > 4);
        for (int step = 2; step <= int(plan.steps.size()) + 1; ++step) {
            Record record = laidUpTo(plan, study, step);
            QCOMPARE(differs(plan, planFrom(study, record, kept)), QString());
            record.entries.push_back(entryOf(EntryKind::planChanged));
            const QString found = differs(plan, planFrom(study, record, kept));
            QVERIFY2(found.isEmpty(), qPrintable(QStringLiteral("%1 after step %2").arg(found).arg(step - 1)));
        }
    }

    void anotherStickChangesOnlyWhatIsLeft() {
        const Study study = plain();
        Kept kept;
        const Plan plan = planFrom(study, {}, kept);
        const int step = someStep(plan);
        Record record = laidUpTo(plan, study, step);
        Entry took = entryOf(EntryKind::tookStick, step);
        took.stick = otherStick(plan, plan.steps[std::size_t(step - 1)].stick);
        record.entries.push_back(took);
        const Plan after = planFrom(study, record, kept);
        QCOMPARE(moved(plan, after, step), QString());
        const Step& laid = after.steps[std::size_t(step - 1)];
        QCOMPARE(after.sticks[std::size_t(laid.stick)].id, took.stick->id);
        // The sheet takes it into account.
        QVERIFY(!isSame(pictureAfter(plan, step, plan.light), pictureAfter(after, step, after.light)));
        QVERIFY(isSame(pictureAfter(plan, step - 1, plan.light), pictureAfter(after, step - 1, after.light)));
        // What goes on as planned from there changes nothing any more, and neither does another start.
        record.entries.push_back(laidEntry(after, study, step));
        Kept fresh;
        QCOMPARE(differs(after, planFrom(study, record, kept)), QString());
        QCOMPARE(differs(after, planFrom(study, record, fresh)), QString());
        // Taken back, all is as it was.
        Entry back = entryOf(EntryKind::takenBack, step);
        back.takes = int(record.entries.size()) - 1;
        record.entries.push_back(back);
        back.takes -= 1;
        record.entries.push_back(back);
        QCOMPARE(differs(plan, planFrom(study, record, kept)), QString());
    }

    void aStepThatIsPassedOverKeepsItsNumber() {
        const Study study = plain();
        Kept kept;
        const Plan plan = planFrom(study, {}, kept);
        const int step = someStep(plan);
        Record record = laidUpTo(plan, study, step);
        record.entries.push_back(entryOf(EntryKind::passedOver, step));
        const Plan after = planFrom(study, record, kept);
        QCOMPARE(moved(plan, after, step), QString());
        QVERIFY(after.steps[std::size_t(step - 1)].isEmpty);
        QVERIFY(after.steps[std::size_t(step - 1)].layers.empty());
        QVERIFY(isSame(pictureAfter(after, step - 1, after.light), pictureAfter(after, step, after.light)));
        for (const int open : openSteps(after, Standing(record))) QVERIFY(open != step);
    }

    void lighterAndHeavierAreLaidSo() {
        const Study study = plain();
        Kept kept;
        const Plan plan = planFrom(study, {}, kept);
        const int step = someStep(plan);
        const double planned = laidStep(plan, plan.steps[std::size_t(step - 1)], 400, 300).amount;
        for (const int heavier : {-1, 1}) {
            Record record = laidUpTo(plan, study, step);
            Entry pressed = entryOf(EntryKind::pressed, step);
            pressed.heavier = heavier;
            record.entries.push_back(pressed);
            const Plan after = planFrom(study, record, kept);
            const double amount = laidStep(after, after.steps[std::size_t(step - 1)], 400, 300).amount;
            QVERIFY(heavier < 0 ? amount < planned : amount > planned);
            QCOMPARE(moved(plan, after, step), QString());
        }
    }

    /// A pass of fixative that no step tells of: what lies there holds more from then on, and is a little darker.
    void aSheetMayBeFixedBesideThePlan() {
        const Study study = plain();
        Kept kept;
        const Plan plan = planFrom(study, {}, kept);
        const int step = int(plan.steps.size()) - 1;
        Record record = laidUpTo(plan, study, step);
        record.entries.push_back(entryOf(EntryKind::fixed));
        const Plan after = planFrom(study, record, kept);
        const auto isFixed = [](const PlannedStack& stack) {
            return std::ranges::any_of(stack.layers, &Layer::isFixed);
        };
        QVERIFY(std::ranges::any_of(after.stacks, isFixed) && std::ranges::none_of(plan.stacks, isFixed));
        QCOMPARE(moved(plan, after, step - 1), QString());
        QVERIFY(!isSame(pictureAfter(plan, step - 1, plan.light), pictureAfter(after, step - 1, after.light)));
        for (const PlannedStack& stack : after.stacks) {
            const auto last = std::ranges::find_if(stack.layers, &Layer::isFixed);
            if (last == stack.layers.end()) continue;
            pigment::Patch fixed = stack.start, loose = stack.start;
            for (pigment::Stroke stroke : strokesOf(after, stack, int(last - stack.layers.begin()) + 1)) {
                pigment::lay(fixed, stroke);
                stroke.isFixed = false;
                pigment::lay(loose, stroke);
            }
            QVERIFY(pigment::toothUsed(fixed) < pigment::toothUsed(loose));
            QVERIFY(pigment::looseLoad(fixed) < pigment::looseLoad(loose));
        }
        // What goes on as planned from there changes nothing, and neither does another start or a later choice.
        record.entries.push_back(laidEntry(after, study, step));
        Kept fresh;
        QCOMPARE(differs(after, planFrom(study, record, fresh)), QString());
        record.entries.push_back(entryOf(EntryKind::planChanged));
        const Plan chosen = planFrom(study, record, kept);
        for (std::size_t s = 0; s < after.stacks.size(); ++s)
            for (std::size_t k = 0; k < after.stacks[s].layers.size(); ++k)
                if (after.stacks[s].layers[k].isFixed) QVERIFY(chosen.stacks[s].layers[k].isFixed);
        Entry back = entryOf(EntryKind::takenBack);
        back.takes = step - 1;
        record.entries.resize(std::size_t(step));
        record.entries.push_back(back);
        QCOMPARE(differs(plan, planFrom(study, record, kept)), QString());
    }

    /// The study is changed in the middle of the work: what lies there stays, and the rest follows the study.
    void whatIsDoneStaysWhenTheStudyChanges() {
        const Study study = plain();
        Kept kept;
        const Plan plan = planFrom(study, {}, kept);
        const int until = int(plan.steps.size()) / 2 + 1;
        Record record = laidUpTo(plan, study, until);
        record.entries.push_back(entryOf(EntryKind::planChanged));
        Study changed = study;
        const int left = plan.steps[std::size_t(until - 1)].stick;
        QVERIFY(left >= 0);
        changed.stickChoices.push_back({plan.sticks[std::size_t(left)].id, StickUse::barred});
        const Plan after = planFrom(changed, record, kept);
        for (int i = 0; i < until - 1; ++i) {
            const LaidStep one = laidStep(plan, plan.steps[std::size_t(i)], 400, 300),
                           other = laidStep(after, after.steps[std::size_t(i)], 400, 300);
            QCOMPARE(after.steps[std::size_t(i)].number, i + 1);
            QVERIFY(one.stick == other.stick);
            QVERIFY(isSame(mapOf(one), mapOf(other)));
        }
        for (std::size_t i = std::size_t(until - 1); i < after.steps.size(); ++i)
            QVERIFY(after.steps[i].stick < 0 || after.steps[i].layers.empty() ||
                    after.sticks[std::size_t(after.steps[i].stick)].id != plan.sticks[std::size_t(left)].id);
    }

    /// Every reason is kept by what is left, and nothing goes before what it comes after.
    void whatIsLeftKeepsItsOrder() {
        const Study study = plain();
        Kept kept;
        const Plan plan = planFrom(study, {}, kept);
        for (const Step& step : plan.steps) {
            if (step.stick < 0 || step.layers.empty()) continue;
            Record record = laidUpTo(plan, study, step.number);
            Entry took = entryOf(EntryKind::tookStick, step.number);
            took.stick = otherStick(plan, step.stick);
            record.entries.push_back(took);
            const Plan after = planFrom(study, record, kept);
            for (const PlannedStack& stack : after.stacks)
                for (std::size_t i = 0; i < stack.layers.size(); ++i) {
                    QVERIFY(stack.layers[i].step > 0);
                    if (i > 0) QVERIFY(stack.layers[i - 1].step < stack.layers[i].step);
                }
            for (const Step& one : after.steps)
                for (const int before : one.after) QVERIFY(before < one.number);
        }
    }

    void waitsHaveARangeAndRunTogether() {
        EaselTimers timers;
        Moment now{1'000'000, 500'000, 400'000};
        const auto later = [&](double minutes, bool isAsleep = false, double clockSet = 0) {
            const auto ms = std::int64_t(minutes * 60'000);
            now.running += ms;
            if (!isAsleep) now.awake += ms;
            now.wall += ms + std::int64_t(clockSet * 60'000);
        };
        timers.begin(2, now);
        timers.addWait(2, {4, 9}, now);
        later(2);
        timers.addWait(3, {5, 15}, now);
        QCOMPARE(timers.waits().size(), std::size_t(2));
        QVERIFY(timers.stateOf(timers.waits()[0], now) == DryState::wet);
        QCOMPARE(timers.left(timers.waits()[0], now).least, 2.0);
        later(3);
        QVERIFY(timers.stateOf(timers.waits()[0], now) == DryState::nearlyDry);
        QVERIFY(timers.isWet(2, now));
        // The computer sleeps: paint dries, the hand rests. Somebody sets the clock by a day: nothing follows.
        later(4, true, -24 * 60);
        QCOMPARE(timers.newlyDry(now), (std::vector<int>{2}));
        QVERIFY(timers.newlyDry(now).empty());
        QVERIFY(timers.stateOf(timers.waits()[1], now) == DryState::nearlyDry);
        QCOMPARE(timers.minutes(now), 5.0);
        // A pause is not work, but things dry on.
        timers.pause(now);
        later(8);
        QCOMPARE(timers.newlyDry(now), (std::vector<int>{3}));
        timers.resume(now);
        later(1);
        QCOMPARE(timers.minutes(now), 6.0);
        timers.endWait(2);
        QCOMPARE(timers.waits().size(), std::size_t(1));
        // Known from before this start: it dried meanwhile, and nobody has to be called.
        timers.addWait(7, {2, 5}, now, 30);
        QVERIFY(timers.newlyDry(now).empty());
        timers.addWait(8, {2, 5}, now, 1);
        later(4.5);
        QCOMPARE(timers.newlyDry(now), (std::vector<int>{8}));
    }

    void steppingBackIsDueAfterSoMuchWork() {
        EaselTimers timers;
        timers.stepBackEvery(20);
        Moment now;
        QVERIFY(!timers.isStepBackDue(now));
        timers.begin(1, now);
        now.awake += 19 * 60'000;
        QVERIFY(!timers.isStepBackDue(now));
        timers.pause(now);
        now.awake += 60 * 60'000;
        timers.resume(now);
        QVERIFY(!timers.isStepBackDue(now));
        timers.begin(2, now);
        now.awake += 60'000;
        QVERIFY(timers.isStepBackDue(now));
        timers.steppedBack(now);
        QVERIFY(!timers.isStepBackDue(now));
        timers.stepBackEvery(0);
        now.awake += 600 * 60'000;
        QVERIFY(!timers.isStepBackDue(now));
    }
};

QTEST_APPLESS_MAIN(TestRecord)
#include "test_record.moc"

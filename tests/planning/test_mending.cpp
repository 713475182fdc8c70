#include <QtTest>
#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>

#include "colour/difference.h"
#include "colour/image_colour.h"
#include "colour/reflectance.h"
#include "pigment/as_seen.h"
#include "pigment/through.h"
#include "pigment/tones.h"
#include "planned_study.h"
#include "planning/own_stacks.h"
#include "planning/simulated_hand.h"
#include "planning/stage_picture.h"
#include "recorded.h"

using namespace planning;

namespace {

double apart(const cv::Mat& one, const cv::Mat& other) {
    return rendering::figuresOf(rendering::differenceSeen(one, other, rendering::easelSigma(one.size()))).mean;
}

Study begun() {
    Study study = smallStudy();
    study.approach.ground = Ground::none;
    study.paper = smallLibrary().papers.front().id;
    return study;
}

SharedBytes pngOf(const cv::Mat& sheet) {
    return std::make_shared<const common::Bytes>(
        sheetPng(colour::xyzOfSrgb8Image(sheet), cv::Mat::zeros(sheet.size(), CV_8U)));
}

/// A hand without chance that lays more or less.
SimulatedHand steady(double amount) {
    SimulatedHand hand;
    hand.amount = amount;
    hand.amountSpread = hand.colourSpread = hand.unevenness = 0;
    return hand;
}

}  // namespace

/// The plan made anew from how the work really stands. What hundreds of simulated artists come to is measured outside
/// the suite.
class TestMending : public QObject {
    Q_OBJECT

    const Study study_ = begun();
    const materials::Library library_ = smallLibrary();
    Kept kept_;
    Plan plan_;
    double millimetresPerPixel_ = 1;

    int all() const { return int(plan_.steps.size()); }
    std::vector<int> laidTo(int steps) const {
        std::vector<int> laid;
        for (int step = 1; step <= steps; ++step) laid.push_back(step);
        return laid;
    }
    Record recordTo(int steps) const {
        Record record = recordOn(plan_);
        for (int step = 1; step <= steps; ++step) record.entries.push_back(laidEntry(plan_, study_, step));
        return record;
    }
    static Entry checkOf(const cv::Mat& sheet, double error) {
        Entry entry = entryOf(EntryKind::checked);
        entry.picture = "work-1.png";
        entry.bytes = pngOf(sheet);
        entry.check = Checked{error, {}, {}};
        return entry;
    }
    Plan planFrom(const Record& record) {
        auto plan = makePlan(study_, library_, record, kept_);
        if (!plan) qFatal("the small study must plan");
        return *std::move(plan);
    }
    Mending mendingOf(int steps, const cv::Mat& sheet) {
        auto mending = waysToMend(plan_, study_, library_, laidTo(steps), pngOf(sheet), kept_);
        if (!mending) qFatal("what mends must be found");
        return *std::move(mending);
    }
    std::string keyOf(std::size_t stack) const {
        return plan_.reading->areas.list[std::size_t(plan_.stacks[stack].areas.front())].key;
    }

 private Q_SLOTS:
    void initTestCase() {
        plan_ = planFrom({});
        millimetresPerPixel_ = study_.widthMillimetres / plan_.stackMap.cols;
    }

    /// Whatever the colour, a patch that is seen so has it, and its tooth is what the film says.
    void aPatchIsGivenTheColourThatIsSeen() {
        const auto prepared = matching::prepared(library_.media, colour::Light::daylight65);
        cv::RNG dice(7);
        for (int i = 0; i < 60; ++i) {
            pigment::Patch patch = pigment::barePatch(library_.papers.front());
            pigment::lay(patch, {&prepared[std::size_t(i % 11)].pigment, pigment::Manner::scumble,
                                 pigment::Pressure{float(dice.uniform(1, 4))}});
            const colour::Lab film = pigment::labOf(patch, colour::Light::daylight65);
            const colour::Lab measured{std::clamp(film.L + dice.uniform(-12.0, 12.0), 8.0, 92.0),
                                       film.a + dice.uniform(-8.0, 8.0), film.b + dice.uniform(-8.0, 8.0)};
            const pigment::Patch seen = pigment::asSeen(patch, measured, colour::Light::daylight65);
            const double off = colour::differenceCie2000(measured, pigment::labOf(seen, colour::Light::daylight65));
            QVERIFY2(off < 0.3, qPrintable(QString::number(off)));
            QCOMPARE(pigment::toothUsed(seen), pigment::toothUsed(patch));
            QVERIFY((seen.seen >= 0).all() && (seen.seen <= 1).all());
        }
    }

    /// Through nothing all of it is seen, through more pigment less (monotone films, P. Kubelka 1948).
    void whatIsOffIsSeenThroughLessTheMoreIsLaid() {
        const auto prepared = matching::prepared(library_.media, colour::Light::daylight65);
        const pigment::Patch ground = pigment::barePatch(library_.papers.front());
        for (const auto& stick : prepared) {
            if (!matching::isDry(stick)) continue;
            const std::vector<pigment::Stroke> strokes{{&stick.pigment, pigment::Manner::press}};
            const auto through = pigment::throughTones(ground, strokes, 0, colour::Light::daylight65);
            QCOMPARE(through[0].light, 1.0f);
            QCOMPARE(through[0].lightness, 1.0f);
            for (std::size_t level = 1; level < 4; ++level) QVERIFY(through[level].light <= through[level - 1].light);
            QVERIFY(through[3].light < 0.7f);
            // What lies beneath the strokes that were there already is seen whole.
            for (const pigment::Through& it : pigment::throughTones(ground, strokes, 1, colour::Light::daylight65))
                QCOMPARE(it.light, 1.0f);
        }
    }

    /// Planning anew from a photograph that shows what was planned changes nothing.
    void aSheetThatIsAsPlannedChangesNothing() {
        const int steps = all() / 2;
        Record record = recordTo(steps);
        Plan withoutGrain = plan_;
        withoutGrain.grain = cv::Mat();
        const cv::Mat flat = pictureAfter(withoutGrain, steps, plan_.light);
        record.entries.push_back(checkOf(flat, 1));
        const Plan after = planFrom(record);
        QVERIFY(after.seen != nullptr);
        QCOMPARE(after.steps.size(), plan_.steps.size());
        for (std::size_t i = 0; i < after.steps.size(); ++i) QCOMPARE(after.steps[i].key, plan_.steps[i].key);
        for (std::size_t k = 0; k < plan_.pressures.size(); ++k)
            QCOMPARE(cv::norm(after.pressures[k], plan_.pressures[k], cv::NORM_INF), 0.0);
        const double moved = apart(pictureAfter(after, all(), after.light), pictureAfter(plan_, all(), plan_.light));
        QVERIFY2(moved < 0.15, qPrintable(QString::number(moved)));
        const Mending mending = mendingOf(steps, flat);
        QVERIFY2(mending.hand == pigment::HandSample(),
                 qPrintable(QString("%1 %2").arg(mending.hand.amount).arg(mending.hand.coverage)));
        for (const Ways& ways : mending.stacks) QVERIFY(ways.mends.empty());
    }

    /// The sheet that is planned from is the one that was seen, and what lies there is not moved.
    void whatIsSeenIsPlannedFrom() {
        const int steps = all() - 1;
        const SimulatedHand hand = handOf(4);
        const cv::Mat work = laidByHand(plan_, steps, hand, millimetresPerPixel_);
        Record record = recordTo(steps);
        record.entries.push_back(checkOf(work, 0.3));
        for (std::size_t s = 0; s < plan_.stacks.size(); ++s)
            record.entries.back().check->mends.push_back({keyOf(s), Mend::layers});
        const Plan after = planFrom(record);
        const double was = apart(pictureAfter(plan_, steps, plan_.light), work);
        const double is = apart(pictureAfter(after, steps, after.light), work);
        QVERIFY2(is < 0.5 * was, qPrintable(QString("%1 %2").arg(was).arg(is)));
        for (int step = 1; step <= steps; ++step) {
            QCOMPARE(after.steps[std::size_t(step - 1)].key, plan_.steps[std::size_t(step - 1)].key);
            QCOMPARE(cv::norm(mapOf(after, after.steps[std::size_t(step - 1)]),
                              mapOf(plan_, plan_.steps[std::size_t(step - 1)]), cv::NORM_INF) > 0,
                     false);
        }
        for (const PlannedStack& stack : after.stacks) QVERIFY(int(stack.layers.size()) <= mostWithMends);
        // From its own record it is the same again, whatever was known.
        Kept fresh;
        const auto again = makePlan(study_, library_, record, fresh);
        QVERIFY(again.ok());
        QCOMPARE(apart(pictureAfter(*again, int(again->steps.size()), again->light),
                       pictureAfter(after, int(after.steps.size()), after.light)),
                 0.0);
        // Taken back, the check is not so.
        Entry back = entryOf(EntryKind::takenBack);
        back.takes = int(record.entries.size()) - 1;
        record.entries.push_back(back);
        QVERIFY(planFrom(record).seen == nullptr);
    }

    /// A hand that lays too much or too little is told as such, and by more the more it is off.
    void theHandIsTold() {
        std::vector<double> told;
        for (const double amount : {0.65, 1.0, 1.5})
            told.push_back(
                double(mendingOf(all(), laidByHand(plan_, all(), steady(amount), millimetresPerPixel_)).hand.amount));
        QVERIFY2(told[0] < 0.9, qPrintable(QString::number(told[0])));
        QVERIFY2(std::fabs(told[1] - 1) < 0.06, qPrintable(QString::number(told[1])));
        QVERIFY2(told[2] > 1.15, qPrintable(QString::number(told[2])));
    }

    /// One check and its corrections bring the finished sheet of an artist nearer than going on as planned.
    void correctionsBringTheFinishedSheetNearer() {
        double asPlanned = 0, mended = 0;
        int taken = 0;
        for (unsigned artist = 1; artist <= 3; ++artist) {
            const SimulatedHand hand = handOf(artist);
            const cv::Mat work = laidByHand(plan_, all(), hand, millimetresPerPixel_);
            const Mending mending = mendingOf(all(), work);
            Record record = recordTo(all());
            record.entries.push_back(checkOf(work, 0.7));
            record.entries.back().check->hand = mending.hand;
            for (std::size_t s = 0; s < mending.stacks.size(); ++s) {
                const Ways& ways = mending.stacks[s];
                if (ways.mends.empty()) continue;
                QVERIFY(ways.mends.front().difference < ways.asIs);
                record.entries.back().check->mends.push_back({keyOf(s), ways.mends.front().mend});
                ++taken;
            }
            const Plan after = planFrom(record);
            const double before = apart(work, plan_.reference);
            const double now =
                apart(laidByHand(after, int(after.steps.size()), hand, millimetresPerPixel_), after.reference);
            QVERIFY2(now < before + 0.2, qPrintable(QString("%1: %2 %3").arg(artist).arg(before).arg(now)));
            asPlanned += before;
            mended += now;
        }
        QVERIFY(taken > 0);
        QVERIFY2(mended < 0.9 * asPlanned, qPrintable(QString("%1 %2").arg(asPlanned).arg(mended)));
    }

    /// Lifting comes before what is laid anew, by a tool that lifts, and says why.
    void whatLiesTooThickIsLiftedFirst() {
        const cv::Mat work = laidByHand(plan_, all(), steady(1.9), millimetresPerPixel_);
        int lifted = 0;
        for (std::size_t s = 0; s < plan_.stacks.size(); ++s) {
            Record record = recordTo(all());
            record.entries.push_back(checkOf(work, 0.3));
            record.entries.back().check->mends = {{keyOf(s), Mend::lift}};
            const Plan after = planFrom(record);
            const auto& layers = after.stacks[s].layers;
            const std::size_t laid = plan_.stacks[s].layers.size();
            QVERIFY(layers.size() >= laid);
            for (std::size_t k = 0; k < layers.size(); ++k) {
                if (layers[k].manner != pigment::Manner::lift) continue;
                QCOMPARE(k, laid);
                QVERIFY(layers[k].tool == Tool::softBrush || layers[k].tool == Tool::puttyEraser);
                const Step& step = after.steps[std::size_t(layers[k].step - 1)];
                QVERIFY(step.number > all() && step.stick == -1);
                ++lifted;
            }
        }
        QVERIFY(lifted > 0);
    }

    void aStudyChangedLaterKeepsWhatWasSeen() {
        const cv::Mat work = laidByHand(plan_, all(), steady(1.5), millimetresPerPixel_);
        Record record = recordTo(all());
        record.entries.push_back(checkOf(work, 0.3));
        record.entries.push_back(entryOf(EntryKind::planChanged));
        const Plan after = planFrom(record);
        QVERIFY(after.seen != nullptr);
        const double off = apart(pictureAfter(after, all(), after.light), work);
        QVERIFY2(off < 0.8, qPrintable(QString::number(off)));
    }

    /// Layers that were set by hand are laid as they are set: no others are offered in their place.
    void whatIsSetByHandIsLetBe() {
        // Every stack to which other layers are offered is set by hand as it is planned.
        const auto offers = [](const Ways& ways) {
            return std::ranges::any_of(
                ways.mends, [](const Ways::Way& way) { return way.mend == Mend::layers || !way.sticks.empty(); });
        };
        SimulatedHand hand = steady(1.5);
        hand.colourSpread = 6;
        const cv::Mat work = laidByHand(plan_, all(), hand, millimetresPerPixel_);
        const Mending free = mendingOf(all(), work);
        Study own = study_;
        int set = 0;
        for (std::size_t s = 0; s < plan_.stacks.size(); ++s) {
            const subject::Area& area = plan_.reading->areas.list[std::size_t(plan_.stacks[s].areas.front())];
            if (!offers(free.stacks[s])) continue;
            AreaChoice choice;
            choice.x = area.centreX;
            choice.y = area.centreY;
            choice.stack = ownStackFrom(plan_, study_, int(s));
            own.areaChoices.push_back(choice);
            set += ownStackOf(plan_, own, int(s)) != nullptr;
        }
        QVERIFY(set > 0);
        Kept kept;
        const auto mending = waysToMend(plan_, own, library_, laidTo(all()), pngOf(work), kept);
        QVERIFY(mending.ok());
        for (std::size_t s = 0; s < plan_.stacks.size(); ++s)
            if (ownStackOf(plan_, own, int(s))) QVERIFY(!offers(mending->stacks[s]));
    }

    void aPictureThatCannotBeReadIsNotSeen() {
        Record record = recordTo(1);
        Entry entry = checkOf(cv::Mat(30, 40, CV_8UC3, cv::Scalar(9, 9, 9)), 1);
        record.entries.push_back(entry);
        QVERIFY(planFrom(record).seen == nullptr);
        record.entries.back().bytes = std::make_shared<const common::Bytes>(common::Bytes{1, 2, 3});
        QVERIFY(planFrom(record).seen == nullptr);
    }

    void itStopsWhenAsked() {
        std::stop_source stop;
        stop.request_stop();
        const common::Progress progress{{}, stop.get_token()};
        const cv::Mat work = laidByHand(plan_, all(), steady(1.5), millimetresPerPixel_);
        const auto mending = waysToMend(plan_, study_, library_, laidTo(all()), pngOf(work), kept_, progress);
        QVERIFY(!mending.ok());
        QCOMPARE(mending.problem().kind, common::ProblemKind::cancelled);
    }
};

QTEST_GUILESS_MAIN(TestMending)
#include "test_mending.moc"

#include <QtTest>
#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>

#include "planned_study.h"
#include "planning/learnt_hand.h"
#include "planning/simulated_hand.h"
#include "planning/stage_picture.h"
#include "recorded.h"

using namespace planning;

namespace {

/// Photographs of studies whose areas come out off by chance (standard deviations of an area, and of a photograph in
/// all its areas).
struct Photographs {
    double ofAreas = 1.5, ofPhotographs = 0;
    colour::Lab darksOff = {0, 0, 0};  // what the hand does in the darks

    Record record(cv::RNG& dice, int areas) const {
        Record made;
        Entry entry = entryOf(EntryKind::checked);
        entry.check = Checked{std::max(0.5, std::sqrt(3) * ofPhotographs), {}, {}, {}};
        const auto by = [&](double spread) {
            return colour::Lab{dice.gaussian(spread), dice.gaussian(spread), dice.gaussian(spread)};
        };
        const colour::Lab all = by(ofPhotographs);
        for (int i = 0; i < areas; ++i) {
            const colour::Lab plan{dice.uniform(15.0, 90.0), dice.uniform(-10.0, 20.0), dice.uniform(-10.0, 20.0)};
            const colour::Lab own = by(ofAreas), tends = plan.L < 38 ? darksOff : colour::Lab{0, 0, 0};
            entry.check->areas.push_back({plan,
                                          {plan.L + all.L + own.L + tends.L, plan.a + all.a + own.a + tends.a,
                                           plan.b + all.b + own.b + tends.b}});
        }
        made.entries.push_back(entry);
        return made;
    }
    LearntHand learnt(cv::RNG& dice, int photographs) const {
        std::vector<Record> records;
        for (int i = 0; i < photographs; ++i) records.push_back(record(dice, 14));
        std::vector<const Record*> all;
        for (const Record& one : records) all.push_back(&one);
        return learntHand(all);
    }
};

}  // namespace

/// What photographs of the work tell of the hand, and plans that are made for it.
class TestLearntHand : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void nothingIsLearntFromNothing() {
        const LearntHand learnt = learntHand({});
        QCOMPARE(learnt.photographs, 0);
        QVERIFY(learnt.tendencies.empty() && learnt.touch == pigment::HandSample());
    }

    /// Darks that come out too light and too warm are told as such, by how much, and nothing else is.
    void whatTheHandTendsToDoIsTold() {
        cv::RNG dice(11);
        const LearntHand learnt = Photographs{1.5, 0, {5, 2, 5}}.learnt(dice, 4);
        QCOMPARE(learnt.photographs, 4);
        QCOMPARE(learnt.areas, 56);
        QCOMPARE(learnt.tendencies.size(), std::size_t(1));
        const Tendency& told = learnt.tendencies.front();
        QVERIFY(told.tones == ToneFamily::darks);
        QVERIFY(std::fabs(told.came.L - told.wanted.L - 5) < 1.5);
        QVERIFY(std::fabs(told.came.b - told.wanted.b - 5) < 1.5);
        QVERIFY(told.areas > 5 && told.areas < 30);
    }

    /// Chance is told as a tendency in few of many artists who have none, whatever each photograph is off all over.
    void chanceIsSeldomTold() {
        cv::RNG dice(12);
        constexpr int artists = 300;
        for (const double ofPhotographs : {0.0, 1.2}) {
            int told = 0;
            for (int i = 0; i < artists; ++i)
                told += !Photographs{1.5, ofPhotographs}.learnt(dice, 3).tendencies.empty();
            QVERIFY2(told < 0.05 * artists, qPrintable(QString::number(told)));
        }
    }

    /// One photograph that is off all over tells nothing of the hand.
    void aPhotographsOwnErrorIsNotTheHands() {
        Record record;
        Entry entry = entryOf(EntryKind::checked);
        entry.check = Checked{2, {}, {}, {}};
        for (int i = 0; i < 20; ++i) entry.check->areas.push_back({{10.0 + 4 * i, 0, 0}, {12.0 + 4 * i, 0, 0}});
        record.entries.push_back(entry);
        QVERIFY(learntHand({&record}).tendencies.empty());
        for (int i = 0; i < 8; ++i) record.entries.push_back(entry);
        QCOMPARE(learntHand({&record}).tendencies.size(), std::size_t(3));
        // Taken back, it tells nothing.
        Entry back = entryOf(EntryKind::takenBack);
        for (int i = 0; i < 9; ++i) {
            back.takes = i;
            record.entries.push_back(back);
        }
        QCOMPARE(learntHand({&record}).photographs, 0);
    }

    /// Of each study the last counts: what it was then planned by is reckoned from the usual hand.
    void theTouchIsTheMeanOfTheStudies() {
        const auto checked = [](float amount) {
            Entry entry = entryOf(EntryKind::checked);
            entry.check = Checked{1, {}, pigment::HandSample{amount, 1}, {}};
            return entry;
        };
        Record one, other;
        one.entries = {checked(5), checked(1.6f)};
        other.entries = {checked(0.9f)};
        const pigment::HandSample touch = learntHand({&one, &other}).touch;
        QVERIFY(std::fabs(touch.amount - 1.2f) < 1e-4f);
        QCOMPARE(touch.coverage, 1.0f);
    }

    /// A sheet that was planned for an artist's touch comes nearer by her hand than one for the usual hand.
    void aPlanForATouchSuitsIt() {
        Study study = smallStudy();
        study.approach.ground = Ground::none;
        study.paper = smallLibrary().papers.front().id;
        SimulatedHand hand;
        hand.amountSpread = hand.colourSpread = hand.unevenness = 0;
        for (const double amount : {0.65, 1.3}) {
            hand.amount = amount;
            const auto apartBy = [&](pigment::HandSample touch) {
                study.touch = touch;
                Kept kept;
                const auto plan = makePlan(study, smallLibrary(), kept);
                if (!plan) qFatal("the small study must plan");
                const double millimetres = study.widthMillimetres / plan->stackMap.cols;
                const cv::Mat laid = laidByHand(*plan, int(plan->steps.size()), hand, millimetres);
                return rendering::figuresOf(
                           rendering::differenceSeen(plan->reference, laid, rendering::easelSigma(laid.size())))
                    .mean;
            };
            const double usual = apartBy({}), own = apartBy({float(amount), float(std::sqrt(amount))});
            QVERIFY2(own < 0.9 * usual, qPrintable(QString("%1: %2 %3").arg(amount).arg(usual).arg(own)));
        }
    }
};

QTEST_GUILESS_MAIN(TestLearntHand)
#include "test_learnt_hand.moc"

#include <QtTest>
#include <cmath>
#include <random>

#include "planning/learnt_pace.h"

using namespace planning;

namespace {

/// Invented: an artist's true pace, how much steps spread about it, and how tiredness slows an evening down.
struct Artist {
    double all, spread, tiredByHour;
    std::array<double, pigment::mannerCount> manners;
    std::array<double, materials::kindCount> media;
    std::array<double, placeSizeCount> sizes;

    explicit Artist(std::mt19937& dice) {
        std::normal_distribution<double> normal;
        std::uniform_real_distribution<double> part(0, 1);
        const auto about = [&](double sigma) { return std::exp(sigma * normal(dice)); };
        all = about(0.45);
        spread = 0.1 + 0.2 * part(dice);
        tiredByHour = 0.15 * part(dice);
        for (double& it : manners) it = about(0.2);
        for (double& it : media) it = about(0.15);
        for (double& it : sizes) it = about(0.15);
    }

    double minutesFor(const Work& work, double hoursWorked, std::mt19937& dice) const {
        std::normal_distribution<double> normal;
        return usualMinutes(work) * all * manners[std::size_t(work.manner)] * media[std::size_t(*work.medium)] *
               sizes[std::size_t(placeSize(work.squareCentimetres))] * (1 + tiredByHour * hoursWorked) *
               std::exp(spread * normal(dice));
    }
};

/// As steps of a sheet are: mostly soft sticks in places of all sizes.
Work anyWork(std::mt19937& dice) {
    using pigment::Manner;
    std::uniform_real_distribution<double> part(0, 1);
    Work work;
    const double medium = part(dice), manner = part(dice);
    work.medium = medium < 0.65  ? materials::Kind::soft
                  : medium < 0.8 ? materials::Kind::hard
                                 : materials::Kind::pencil;
    work.manner = *work.medium == materials::Kind::pencil || manner < 0.35 ? Manner::hatch
                  : manner < 0.8                                           ? Manner::scumble
                                                                           : Manner::press;
    work.squareCentimetres = 5 * std::pow(80, part(dice));  // 5 to 400
    work.places = 1 + int(3 * part(dice));
    return work;
}

/// What an artist does in one go, up to two hours of it; of a hundred steps so many are written wrongly.
std::vector<TimedWork> evening(const Artist& artist, int wrongInAHundred, std::mt19937& dice) {
    std::uniform_real_distribution<double> part(0, 1);
    std::vector<TimedWork> works;
    for (double minutes = 0; minutes < 120;) {
        TimedWork it{anyWork(dice), 0, 0};
        it.minutes = artist.minutesFor(it.work, minutes / 60, dice);
        it.plannedMinutes = usualMinutes(it.work);
        minutes += it.minutes;
        // The key was forgotten for an hour, or pressed as soon as the step was begun.
        if (100 * part(dice) < wrongInAHundred) it.minutes = part(dice) < 0.5 ? it.minutes + 60 : 0.05;
        works.push_back(it);
    }
    return works;
}

/// How far planned minutes are off what was taken, in a next evening: of each step in the mean, and of all together.
struct Off {
    double step = 0, evening = 0;
};
Off offAt(const Pace& pace, const std::vector<TimedWork>& next) {
    double took = 0, planned = 0, off = 0;
    for (const TimedWork& it : next) {
        const double minutes = usualMinutes(it.work) * factorFor(it.work, pace);
        took += it.minutes;
        planned += minutes;
        off += std::fabs(minutes - it.minutes);
    }
    return {off / took, std::fabs(planned - took) / took};
}

}  // namespace

class PaceTest : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void theErrorHalvesAfterThreeEvenings_data() {
        QTest::addColumn<int>("wrong");
        QTest::newRow("all entries right") << 0;
        QTest::newRow("ten wrong in a hundred") << 10;
    }
    void theErrorHalvesAfterThreeEvenings() {
        QFETCH(int, wrong);
        std::mt19937 dice(20);
        constexpr int artists = 200;
        Off before, after;
        int worse = 0;
        for (int i = 0; i < artists; ++i) {
            const Artist artist(dice);
            std::vector<TimedWork> works;
            for (int n = 0; n < 3; ++n)
                for (const TimedWork& it : evening(artist, wrong, dice)) works.push_back(it);
            const std::vector<TimedWork> next = evening(artist, 0, dice);
            const Off usual = offAt({}, next), learnt = offAt(learntPace(works).pace, next);
            before.step += usual.step / artists;
            before.evening += usual.evening / artists;
            after.step += learnt.step / artists;
            after.evening += learnt.evening / artists;
            worse += learnt.evening > usual.evening;
        }
        qInfo("a step is off by %.3f before and %.3f after; an evening by %.3f and %.3f; worse for %d of %d",
              before.step, after.step, before.evening, after.evening, worse, artists);
        QVERIFY(after.evening <= before.evening / 2);
        QVERIFY(after.step <= before.step / 2);
    }

    void aFewStepsChangeLittle() {
        Work work;
        work.medium = materials::Kind::soft;
        work.squareCentimetres = 50;
        const TimedWork twice{work, 2 * usualMinutes(work), usualMinutes(work)};
        QVERIFY(learntPace({}).pace.isUsual());
        double before = 1;
        for (const std::size_t steps : {1, 4, 16, 64}) {
            const LearntPace learnt = learntPace(std::vector<TimedWork>(steps, twice));
            const double factor = factorFor(work, learnt.pace);
            QVERIFY(factor > before && factor < 2.05);
            QCOMPARE(learnt.all.steps, int(steps));
            QCOMPARE(learnt.all.areFew(), steps < 8);
            before = factor;
        }
        QVERIFY(before > 1.9);
    }

    void aFirstWrongEntryIsNotBelieved() {
        Work work;
        work.medium = materials::Kind::soft;
        work.squareCentimetres = 50;
        for (const double factor : {40.0, 0.02}) {
            const LearntPace learnt = learntPace({{work, factor * usualMinutes(work), usualMinutes(work)}});
            QVERIFY(std::fabs(factorFor(work, learnt.pace) - 1) < 0.05);
        }
    }

    void whatIsSlowIsTold() {
        std::vector<TimedWork> works;
        std::mt19937 dice(7);
        for (int i = 0; i < 200; ++i) {
            TimedWork it{anyWork(dice), 0, 0};
            it.plannedMinutes = usualMinutes(it.work);
            it.minutes = it.plannedMinutes * (it.work.manner == pigment::Manner::hatch ? 1.8 : 1);
            works.push_back(it);
        }
        const LearntPace learnt = learntPace(works);
        Work hatched, scumbled;
        hatched.medium = scumbled.medium = materials::Kind::soft;
        hatched.squareCentimetres = scumbled.squareCentimetres = 50;
        hatched.manner = pigment::Manner::hatch;
        const double slow = factorFor(hatched, learnt.pace), usual = factorFor(scumbled, learnt.pace);
        QVERIFY2(std::fabs(slow - 1.8) < 0.1, qPrintable(QString::number(slow)));
        QVERIFY2(std::fabs(usual - 1) < 0.05, qPrintable(QString::number(usual)));
    }

    void whatIsTakenBackOrOlderDoesNotCount() {
        Record record{"r", "p", "p", "none", {}};
        for (int n = 1; n <= 3; ++n) {
            Entry done;
            done.kind = EntryKind::done;
            done.at = 1000 * n;
            done.step = n;
            done.laid = LaidStep{};
            done.laid->minutes = n;
            record.entries.push_back(done);
        }
        Entry back;
        back.kind = EntryKind::takenBack;
        back.takes = 2;
        record.entries.push_back(back);
        QCOMPARE(timedWorks(record).size(), std::size_t(2));
        QCOMPARE(timedWorks(record, 1500).size(), std::size_t(1));
        QCOMPARE(timedWorks(record, 1500).front().minutes, 2.0);
    }
};

QTEST_APPLESS_MAIN(PaceTest)
#include "test_pace.moc"

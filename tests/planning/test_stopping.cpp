#include <QJsonDocument>
#include <QtTest>
#include <chrono>
#include <random>
#include <thread>

#include "planned_study.h"
#include "planning/comparison.h"
#include "planning/gaps.h"
#include "planning/replanning.h"
#include "planning/trial_mixtures.h"
#include "planning/tried_plan.h"
#include "rounds.h"
#include "storage/plan_export.h"

using namespace planning;
using common::Progress;

namespace {

/// What a piece of long work comes to, in words that differ when it does; nothing if it was stopped.
using Told = std::optional<std::string>;

template <typename Value, typename Tell>
Told toldOf(const common::Result<Value>& result, Tell tell) {
    if (result) return tell(*result);
    if (result.problem().kind != common::ProblemKind::cancelled) qFatal("it was to be done or stopped");
    return std::nullopt;
}

std::string jsonOf(const Plan& plan) {
    return QJsonDocument(storage::planJson(plan, smallStudy())).toJson().toStdString();
}

Told planned(Kept& kept, const Progress& progress) {
    return toldOf(makePlan(smallStudy(), smallLibrary(), kept, progress), &jsonOf);
}

Study leftOpen() {
    Study study = smallStudy();
    study.paper.clear();
    study.approach.ground = Ground::proposed;
    return study;
}

Told plannedWithAllLeftOpen(Kept& kept, const Progress& progress) {
    return toldOf(makePlan(leftOpen(), smallLibrary(), kept, progress), &jsonOf);
}

Told papers(Kept& kept, const Progress& progress) {
    return toldOf(comparedPapers(leftOpen(), smallLibrary(), kept, progress), [](const Ranking& ranking) {
        std::string told;
        for (const RankedPaper& ranked : *ranking)
            told += ranked.paper.id + " " + std::to_string(ranked.outcome.picture.mean) + "\n";
        return told;
    });
}

Told grounds(Kept& kept, const Progress& progress) {
    return toldOf(comparedGrounds(leftOpen(), smallLibrary(), kept, progress), [](const ComparedGrounds& compared) {
        std::string told = compared.paper.id;
        for (const TriedGround& ground : *compared.board)
            told += "\n" + std::to_string(ground.plan.summary.picture.mean);
        return told;
    });
}

const Plan& thePlan() {
    static const Plan plan = planOf(smallStudy());
    return plan;
}

Told gaps(Kept& kept, const Progress& progress) {
    static const materials::Library poor = [] {
        materials::Library library = smallLibrary();
        library.media.erase(library.media.begin(), library.media.begin() + 3);
        return library;
    }();
    static const Plan plan = [] {
        Kept own;
        auto made = makePlan(smallStudy(), poor, own);
        if (!made) qFatal("the poor tray must plan");
        return *std::move(made);
    }();
    std::vector<materials::Material> catalogue = smallLibrary().media;
    catalogue.resize(3);
    return toldOf(gapsIn(plan, smallStudy(), poor, catalogue, kept, progress), [](const std::vector<Gap>& gaps) {
        std::string told = "gains:";
        for (const Gap& gap : gaps) told += " " + gap.stick.id + " " + std::to_string(gap.gain);
        return told;
    });
}

Told otherChoices(Kept& kept, const Progress& progress) {
    Study other = smallStudy();
    other.layers = 3;
    return toldOf(triedPlan(thePlan(), smallStudy(), other, smallLibrary(), kept, progress),
                  [](const PlanOutcome& outcome) {
                      return std::to_string(outcome.difference) + " " + std::to_string(outcome.minutes);
                  });
}

Told mixtures(Kept&, const Progress& progress) {
    const auto found = mixturesOfAreas(thePlan(), smallLibrary().media, progress);
    if (!found) return std::nullopt;
    std::string told;
    for (const int stack : found->stacks) told += std::to_string(stack) + " ";
    return told;
}

}  // namespace

/// Long work that is stopped at random moments, again and again with what is kept between plans: it is stopped or
/// whole, and what is done later comes to the same as if nothing had been stopped.
class TestStopping : public QObject {
    Q_OBJECT

    using Work = Told (*)(Kept&, const Progress&);

 private Q_SLOTS:
    void isWholeOrNothing_data() {
        QTest::addColumn<Work>("work");
        QTest::newRow("plan") << Work(&planned);
        QTest::newRow("plan with paper and ground left open") << Work(&plannedWithAllLeftOpen);
        QTest::newRow("papers") << Work(&papers);
        QTest::newRow("grounds") << Work(&grounds);
        QTest::newRow("gaps") << Work(&gaps);
        QTest::newRow("other choices") << Work(&otherChoices);
        QTest::newRow("mixtures") << Work(&mixtures);
    }
    void isWholeOrNothing() {
        QFETCH(Work, work);
        Kept fresh;
        QElapsedTimer clock;
        clock.start();
        const Told whole = work(fresh, {});
        QVERIFY(whole && !whole->empty());
        const auto takes = std::chrono::microseconds(clock.nsecsElapsed() / 1000);

        std::mt19937 random(5);
        std::uniform_real_distribution<double> anyPart(0, 1);
        Kept kept;
        int stopped = 0;
        for (int i = 0; i < std::max(2, roundsOf(8)); ++i) {
            std::stop_source stop;
            std::jthread stopper([&, after = takes * anyPart(random)] {
                std::this_thread::sleep_for(after);
                stop.request_stop();
            });
            const Told told = work(kept, {{}, stop.get_token()});
            QVERIFY2(!told || *told == *whole, "something half done");
            stopped += !told;
        }
        QVERIFY2(stopped > 0, "nothing was stopped");
        QVERIFY2(work(kept, {}) == whole, "what was stopped is taken for found");
    }
};

QTEST_GUILESS_MAIN(TestStopping)
#include "test_stopping.moc"

#include <QtTest>
#include <algorithm>
#include <cmath>
#include <set>

#include "colour/reflectance.h"
#include "planning/layer_history.h"
#include "planning/notes.h"
#include "planning/order.h"
#include "planning/planner.h"
#include "planning/stage_picture.h"
#include "small_study.h"

using namespace planning;
using common::ProblemKind;

namespace {

Plan planOf(const Study& study, int threads = 0) {
    Kept kept;
    auto plan = makePlan(study, smallLibrary(), kept, {}, threads);
    if (!plan) qFatal("the small study must plan");
    return *std::move(plan);
}

/// The plan that most checks look at.
const Plan& usual() {
    static const Plan plan = planOf(smallStudy());
    return plan;
}

bool samePlan(const Plan& one, const Plan& other) {
    if (one.steps.size() != other.steps.size() || one.sticks != other.sticks || one.paper != other.paper) return false;
    for (std::size_t i = 0; i < one.steps.size(); ++i) {
        const Step& a = one.steps[i];
        const Step& b = other.steps[i];
        if (a.passages != b.passages || a.stick != b.stick || a.manner != b.manner || a.pressure != b.pressure ||
            a.after != b.after || a.why != b.why)
            return false;
    }
    for (std::size_t p = 0; p < one.passages.size(); ++p)
        if (!(one.passages[p].recipe.predicted == other.passages[p].recipe.predicted)) return false;
    return cv::norm(one.reading->passages.map, other.reading->passages.map, cv::NORM_INF) == 0;
}

const Step* stepOf(const Plan& plan, int passage, Stage stage) {
    for (const Step& step : plan.steps)
        if (step.stage == stage && std::ranges::find(step.passages, passage) != step.passages.end()) return &step;
    return nullptr;
}

}  // namespace

class TestPlanning : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void aPlanIsWhole() {
        const Plan& plan = usual();
        double share = 0;
        for (const subject::Passage& passage : plan.reading->passages.list) share += passage.share;
        QVERIFY(std::fabs(share - 1) < 1e-6);
        QVERIFY(int(plan.sticks.size()) <= 10);
        QCOMPARE(plan.papers.size(), std::size_t(3));
        for (std::size_t i = 0; i < plan.steps.size(); ++i) {
            const Step& step = plan.steps[i];
            QCOMPARE(step.number, int(i) + 1);
            QVERIFY(!step.why.empty());
            QVERIFY(step.minutes >= 1);
            QVERIFY(step.stick < int(plan.sticks.size()));
            for (const int earlier : step.after) QVERIFY(earlier >= 1 && earlier < step.number);
        }
        QVERIFY(plan.summary.meanDifference < 2.5);
        QVERIFY(plan.summary.meanDifference < plan.summary.nearestStickDifference);
        QVERIFY2(
            plan.summary.stickChanges <= plan.summary.stickChangesPlain,
            qPrintable(QStringLiteral("%1 > %2").arg(plan.summary.stickChanges).arg(plan.summary.stickChangesPlain)));
        QVERIFY(std::ranges::find(plan.areaNames, "ball") != plan.areaNames.end());
    }

    void theSameOnEveryNumberOfThreads() {
        QVERIFY(samePlan(usual(), planOf(smallStudy(), 1)));
        QVERIFY(samePlan(usual(), planOf(smallStudy(), 2)));
    }

    /// Each stroke of each recipe is laid once, in the recipe's order, and the stages come one after another.
    void stepsLayEveryRecipe() {
        const Plan& plan = usual();
        std::vector<std::vector<matching::Lay>> laid(plan.passages.size());
        Stage stage = Stage::drawing;
        for (const Step& step : plan.steps) {
            QVERIFY(step.stage >= stage);
            stage = step.stage;
            if (step.stage == Stage::drawing || step.stage == Stage::underpainting) continue;
            for (const int p : step.passages) laid[p].push_back({step.stick, step.manner, step.pressure});
        }
        for (std::size_t p = 0; p < laid.size(); ++p) QVERIFY(laid[p] == plan.passages[p].recipe.lays);
        const auto patches = patchesAfter(plan, int(plan.steps.size()));
        for (std::size_t p = 0; p < patches.size(); ++p) {
            const colour::Lab lab = pigment::labOf(patches[p]);
            QVERIFY(std::fabs(lab.L - plan.passages[p].recipe.predicted.L) < 1e-6);
        }
        QVERIFY(std::fabs(meanDifferenceAfter(plan, int(plan.steps.size())) - plan.summary.meanDifference) < 1e-6);
        const auto history = layerHistory(plan);
        for (std::size_t p = 0; p < history.size(); ++p)
            QVERIFY(std::fabs(history[p].back().toothAfter - plan.passages[p].recipe.toothUsed) < 1e-6);
    }

    /// Common practice: dark before light, or the other school, within every area.
    void valueOrderFollowsTheSchool() {
        for (const School school : {School::darkFirst, School::lightBase}) {
            Study study = smallStudy();
            study.school = school;
            const Plan plan = planOf(study);
            const auto& passages = plan.reading->passages.list;
            int compared = 0;
            for (int p = 0; p < int(passages.size()); ++p)
                for (int q = 0; q < int(passages.size()); ++q) {
                    if (passages[p].area != passages[q].area || passages[p].band >= passages[q].band) continue;
                    const Step* dark = stepOf(plan, p, Stage::blockIn);
                    const Step* light = stepOf(plan, q, Stage::blockIn);
                    if (!dark || !light) continue;
                    ++compared;
                    QVERIFY(school == School::darkFirst ? dark->number < light->number : light->number < dark->number);
                }
            QVERIFY(compared > 0);
        }
    }

    /// Common practice: background, then middle, then front. The rules are asked anew here, from the areas themselves.
    void theBackgroundIsBlockedInBeforeWhatOverlapsIt() {
        const Plan& plan = usual();
        const auto& passages = plan.reading->passages.list;
        const auto areaOf = [&](int p) -> const subject::Area& {
            return plan.reading->areas.list[passages[p].area - 1];
        };
        int compared = 0;
        for (int p = 0; p < int(passages.size()); ++p)
            for (int q = 0; q < int(passages.size()); ++q) {
                const bool touch =
                    std::ranges::find(areaOf(p).neighbours, passages[q].area) != areaOf(p).neighbours.end();
                if (!touch || areaOf(p).plane >= areaOf(q).plane) continue;
                const Step* far = stepOf(plan, p, Stage::blockIn);
                const Step* near = stepOf(plan, q, Stage::blockIn);
                if (!far || !near) continue;
                ++compared;
                QVERIFY(far->number < near->number);
                // And the reason can be read at the later step, or one as good.
                QVERIFY(std::ranges::find(near->after, far->number) != near->after.end());
            }
        QVERIFY(compared > 0);
    }

    void accentsAreLaidLast() {
        const Plan& plan = usual();
        bool accents = false;
        for (const Step& step : plan.steps) {
            if (step.stage == Stage::accent) accents = true;
            if (accents) QVERIFY(step.stage == Stage::accent);
            if (step.stage != Stage::accent) continue;
            for (const int p : step.passages) QCOMPARE(plan.reading->passages.list[p].band, subject::Band::accent);
            QCOMPARE(step.why.front().kind, ReasonKind::highlightsLast);
        }
    }

    /// The hand is not exact: the figure for an unsteady one is told, and it is not better than the truth by chance
    /// alone.
    void theUnsteadyHandIsJudged() {
        const Plan& plan = usual();
        for (const PlannedPassage& passage : plan.passages) {
            QVERIFY(std::isfinite(passage.recipe.unsteady) && passage.recipe.unsteady >= 0);
            QVERIFY(passage.recipe.toothUsed >= 0 && passage.recipe.toothUsed <= 1);
        }
        QVERIFY(plan.summary.unsteadyDifference >= plan.summary.meanDifference * 0.8);
    }

    void wetComesBeforeDryAndIsWaitedFor() {
        Study study = smallStudy();
        study.paper = "p-grey";
        const Plan plan = planOf(study);
        int lastWet = 0;
        double waits = 0;
        for (const Step& step : plan.steps)
            if (step.stick >= 0 && materials::isWet(plan.sticks[step.stick].kind)) {
                lastWet = step.number;
                waits += step.waitMinutes;
            }
        QVERIFY(lastWet > 0);
        QVERIFY(waits > 0);
        for (const Step& step : plan.steps)
            if (step.number < lastWet && step.stage != Stage::drawing) QVERIFY(step.stage == Stage::underpainting);
        study.ground = Ground::none;
        for (const Step& step : planOf(study).steps) QVERIFY(step.stage != Stage::underpainting);
    }

    void aPaperThatTakesNoWaterGetsADryGround() {
        Study study = smallStudy();
        study.paper = "p-dry";
        const Plan plan = planOf(study);
        for (const materials::Material& stick : plan.sticks) QVERIFY(!materials::isWet(stick.kind));
    }

    /// Common practice: white paper hides the lights, a mid tone shows both ends.
    void midTonesRankBeforeWhite() {
        const Plan& plan = usual();
        const auto rank = [&](const char* id) {
            return std::ranges::find(plan.papers, id, [](const RankedPaper& r) { return r.paper.id; }) -
                   plan.papers.begin();
        };
        QVERIFY(rank("p-grey") < rank("p-white"));
        for (const RankedPaper& paper : plan.papers)
            QVERIFY(paper.score >= 0 && paper.score <= 1 && !paper.reasons.empty());
    }

    /// The light is a choice like any other: targets, predictions and differences are those of the light that the
    /// picture will be seen under.
    void thePlanIsMadeForTheLight() {
        Study study = smallStudy();
        study.light = colour::Light::lamp;
        const Plan lamp = planOf(study);
        double inDaylight = 0, underLamp = 0, mean = 0;
        for (std::size_t p = 0; p < lamp.passages.size(); ++p) {
            const PlannedPassage& planned = lamp.passages[p];
            const subject::Passage& passage = lamp.reading->passages.list[p];
            QVERIFY(planned.target == colour::labUnder(passage.target, colour::Light::lamp));
            QCOMPARE(planned.differenceUnder[int(colour::Light::lamp)], planned.recipe.difference);
            mean += passage.share * planned.recipe.difference;
            underLamp += passage.share * planned.differenceUnder[int(colour::Light::lamp)];
            inDaylight += passage.share * usual().passages[p].differenceUnder[int(colour::Light::lamp)];
            QVERIFY(usual().passages[p].target == passage.target);
        }
        QCOMPARE(lamp.summary.meanDifference, mean);
        QVERIFY(std::fabs(meanDifferenceAfter(lamp, int(lamp.steps.size())) - mean) < 1e-6);
        // What is planned for the lamp is no worse there than what is planned for daylight.
        QVERIFY2(underLamp < inDaylight + 0.05, qPrintable(QStringLiteral("%1, %2").arg(underLamp).arg(inDaylight)));
        const cv::Mat grain = grainOf(lamp, 240);
        const int all = int(lamp.steps.size());
        QVERIFY(cv::norm(pictureAfter(lamp, all, grain, colour::Light::lamp),
                         pictureAfter(lamp, all, grain, colour::Light::daylight65), cv::NORM_INF) > 1);
    }

    /// Common practice: gouache dries lighter than it looks wet, and the step says so.
    void washesSayHowTheyDry() {
        int washes = 0;
        for (const Step& step : usual().steps) {
            const bool gouache =
                step.stick >= 0 && usual().sticks[std::size_t(step.stick)].kind == materials::Kind::gouache;
            washes += gouache;
            if (gouache) QVERIFY(stepsLighterWhenDry(usual(), step) > 0.02);
            if (step.stick >= 0 && !usual().prepared[std::size_t(step.stick)].pigment.wet)
                QCOMPARE(stepsLighterWhenDry(usual(), step), 0.0);
        }
        QVERIFY(washes > 0);
    }

    /// A match under one light that fails under another is told, once for each such light.
    void metamerismIsTold() {
        Plan plan = usual();
        const auto told = [&] {
            std::vector<Note> notes;
            for (const Note& note : notesFor(plan, smallStudy()))
                if (note.topic == NoteTopic::partsUnderLight) notes.push_back(note);
            return notes;
        };
        for (PlannedPassage& planned : plan.passages) {
            planned.recipe.difference = 1.0;
            planned.differenceUnder.fill(1.0);
        }
        QVERIFY(told().empty());
        plan.passages[0].differenceUnder[int(colour::Light::lamp)] = 4.5;
        plan.passages[1].differenceUnder[int(colour::Light::lamp)] = 3.5;
        plan.passages[1].differenceUnder[int(colour::Light::led)] = 3.2;
        // What does not match anyway is no metamer.
        plan.passages[2].recipe.difference = 5;
        plan.passages[2].differenceUnder.fill(6);
        QCOMPARE(told().size(), std::size_t(2));
        QCOMPARE(told()[0].light, colour::Light::lamp);
        QCOMPARE(told()[0].passages, (std::vector<int>{0, 1}));
        QCOMPARE(told()[0].figure, 4.5);
        QCOMPARE(told()[1].light, colour::Light::led);
        QCOMPARE(told()[1].kind, NoteKind::caution);
    }

    void stagePicturesGoFromBarePaperToTheEnd() {
        const Plan& plan = usual();
        const cv::Mat grain = grainOf(plan, 240);
        const cv::Mat bare = pictureAfter(plan, 0, grain, plan.light);
        const cv::Scalar mean = cv::mean(bare);
        QVERIFY(std::fabs(mean[0] - plan.paper.tone.r) < 1.5 && std::fabs(mean[2] - plan.paper.tone.b) < 1.5);
        QVERIFY(meanDifferenceAfter(plan, 0) > meanDifferenceAfter(plan, int(plan.steps.size())));
        // Every cell of the tooth takes the same area.
        for (int cell = 0; cell < pigment::cellCount; ++cell) {
            const double share = double(cv::countNonZero(grain == cell)) / double(grain.total());
            QVERIFY(std::fabs(share - 1.0 / pigment::cellCount) < 1e-3);
        }
    }

    void hazardsAndDustAreNoted() {
        Study study = smallStudy();
        study.stickLimit = 15;
        const Plan plan = planOf(study);
        const bool dust = std::ranges::any_of(
            plan.notes, [](const Note& n) { return n.topic == NoteTopic::dust && n.kind == NoteKind::safety; });
        QVERIFY(dust);
        const bool toxicUsed = std::ranges::any_of(plan.sticks, [](const auto& s) { return !s.hazards.empty(); });
        const bool toxicNoted =
            std::ranges::any_of(plan.notes, [](const Note& n) { return n.topic == NoteTopic::toxicPigments; });
        QCOMPARE(toxicNoted, toxicUsed);
    }

    void badStudiesAreRefused() {
        Kept kept;
        const auto kindOf = [&](const Study& study, const materials::Library& library) {
            auto plan = makePlan(study, library, kept);
            return plan ? -1 : int(plan.problem().kind);
        };
        const auto library = smallLibrary();
        Study study = smallStudy();
        study.paper = "no such paper";
        QCOMPARE(kindOf(study, library), int(ProblemKind::paperUnknown));
        for (const auto& [w, limit, areas] : {std::tuple(1e9, 10, 4), std::tuple(double(NAN), 10, 4),
                                              std::tuple(240.0, -5, 4), std::tuple(240.0, 10, 100000)}) {
            study = smallStudy();
            study.widthMillimetres = w;
            study.stickLimit = limit;
            study.areas = areas;
            QCOMPARE(kindOf(study, library), int(ProblemKind::numberBad));
        }
        QCOMPARE(kindOf(smallStudy(), {}), int(ProblemKind::trayEmpty));
        materials::Library wetOnly = library;
        std::erase_if(wetOnly.media, [](const auto& m) { return !materials::isWet(m.kind); });
        QCOMPARE(kindOf(smallStudy(), wetOnly), int(ProblemKind::trayEmpty));
        materials::Library hoard = library;
        hoard.media.resize(5000, library.media[0]);
        QCOMPARE(kindOf(smallStudy(), hoard), int(ProblemKind::trayTooLarge));
        materials::Library noPaper = library;
        noPaper.papers.clear();
        QCOMPARE(kindOf(smallStudy(), noPaper), int(ProblemKind::paperMissing));
        QCOMPARE(kindOf(Study{}, library), int(ProblemKind::fileMissing));
    }

    void planningCanBeStopped() {
        std::stop_source stop;
        Kept kept;
        common::Progress progress{[&](double f) {
                                      if (f > 0.3) stop.request_stop();
                                  },
                                  stop.get_token()};
        auto plan = makePlan(smallStudy(), smallLibrary(), kept, progress);
        QVERIFY(!plan);
        QCOMPARE(plan.problem().kind, ProblemKind::cancelled);
    }

    void keptStagesDoNotChangeThePlan() {
        Kept kept;
        Study study = smallStudy();
        study.areas = 3;
        QVERIFY(makePlan(study, smallLibrary(), kept).ok());
        study.areas = 4;
        auto again = makePlan(study, smallLibrary(), kept);
        QVERIFY(again.ok());
        QVERIFY(samePlan(*again, usual()));
    }
};

QTEST_GUILESS_MAIN(TestPlanning)
#include "test_planning.moc"

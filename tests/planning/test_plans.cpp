#include <QtTest>

#include "planned_study.h"
#include "planning/section.h"
#include "planning/stage_picture.h"
#include "worked.h"

using namespace planning;

namespace {

/// All that a plan says, line by line.
Worked told(const Plan& plan) {
    Worked worked;
    const auto reasons = [&](const std::vector<Reason>& all) {
        for (const Reason& reason : all)
            worked.line("  because " + QString::fromUtf8(nameOf(reason.kind).data()))
                .figure(reason.figure)
                .figure(reason.second);
    };
    const auto numbers = [](const std::vector<int>& all) {
        QStringList words;
        for (const int n : all) words << QString::number(n);
        return words.join(',');
    };
    const auto outcome = [&](const Score& score, const Outcome& it) {
        worked.figure(score.points).figure(it.picture.mean).figure(it.picture.p95);
        worked.figures(std::array{double(it.layers), it.firstLayer, it.minutes, it.toothUsed, it.toothMost, it.sparkle,
                                  it.chroma});
    };
    if (plan.papers)
        for (const RankedPaper& ranked : *plan.papers) {
            worked.line("paper " + QString::fromStdString(ranked.paper.id));
            outcome(ranked.score, ranked.outcome);
            for (const PaperReason& reason : ranked.reasons)
                worked.line("  because " + QString::fromUtf8(nameOf(reason.kind).data()))
                    .figure(reason.figure)
                    .figure(reason.second);
        }
    if (plan.grounds)
        for (const TriedGround& tried : *plan.grounds) {
            worked.line("ground " + QString::fromUtf8(nameOf(tried.proposal.strategy).data()));
            if (tried.proposal.obstacle)
                worked.figure(double(*tried.proposal.obstacle));
            else
                outcome(tried.score, tried.outcome);
            worked.figure(tried.layersEnough).figure(tried.gains);
        }
    for (const GroundLayer& layer : plan.ground.layers) {
        QStringList mixture;
        for (const MixPart& part : layer.mixture)
            mixture << QString::number(part.parts) + " " + QString::fromStdString(part.medium.id);
        worked.line("laid " + mixture.join(" + ") + " under " + numbers(layer.areas));
        worked.figure(layer.pressure.value);
        reasons({layer.reason});
        for (const int area : layer.areas)
            worked.line("  on it").figures(pigment::labOf(plan.ground.patches[std::size_t(area)], plan.light));
    }
    for (const PlannedStack& stack : plan.stacks) {
        worked.line("stack of " + numbers(stack.areas)).figure(stack.share).figure(stack.pictureDifference);
        worked.figure(double(stack.samples.size()));
        // How hard is rubbed where nothing is loose changes nothing: compilers may differ in it.
        const bool hasTools = sticksLaidIn(stack) < int(stack.layers.size());
        for (const Layer& layer : stack.layers) {
            worked.line("  layer " + QString::fromStdString(layer.key)).figure(layer.markMillimetres);
            if (!hasTools) worked.figures(std::array{layer.light, layer.medium, layer.heavy});
        }
        if (hasTools) continue;
        for (std::size_t i = 0; i < std::min<std::size_t>(3, stack.tones.size()); ++i) {
            const Tone& tone = stack.tones[i];
            worked.line("  tone " + QString::number(tone.number)).figures(tone.target).figures(tone.predicted);
            worked.figures(std::array{tone.share, tone.difference, tone.unsteady, tone.toothUsed});
            worked.figures(tone.differenceUnder);
        }
    }
    for (const Step& step : plan.steps) {
        worked.line("step " + QString::fromStdString(step.key) + " after " + numbers(step.after));
        worked.figures(std::array{double(step.stage), double(step.stick), step.minutes, step.waitMinutes});
        worked.figure(stepsLighterWhenDry(plan, step));
        reasons(step.why);
    }
    for (const Note& note : plan.notes)
        worked.line("note " + QString::number(int(note.topic)) + " of " + numbers(note.areas))
            .figure(note.figure)
            .figure(note.second);
    const auto cut = [&](const char* how, const std::vector<SectionColumn>& columns) {
        for (const SectionColumn& column : columns) {
            worked.line(how).figures(std::array{double(column.stack), column.from, column.to});
            for (const SectionLayer& layer : column.layers)
                worked.line("  step").figure(layer.step).figure(layer.toothAfter).figures(layer.colour);
        }
    };
    cut("cut", sectionOf(plan, 24));
    cut("along", sectionAlong(plan, {{0.1, 0.3}, {0.9, 0.8}}, 9));
    const Summary& sum = plan.summary;
    worked.line("summary").figures(std::array{sum.picture.mean, sum.picture.p95, sum.squinted.mean, sum.meanDifference,
                                              sum.unsteadyDifference, sum.nearestStickDifference, sum.minutes,
                                              double(sum.stickChanges), double(sum.stickChangesPlain)});
    return worked;
}

}  // namespace

/// Whole plans at their very figures.
class TestPlans : public QObject {
    Q_OBJECT

    /// How hard a tool is pressed where it changes next to nothing hangs on the last bit: compilers differ by this
    /// much.
    static constexpr double nearly = 0.06, touch = 0.01;

 private Q_SLOTS:
    /// Whole plans of the small study, as they were looked at: what a change of a rule or a weight moves.
    void plansAreAsTheyWereLookedAt() {
        Study study = smallStudy();
        study.paper.clear();
        study.approach.ground = Ground::proposed;
        const QString folder = TEST_OWN "/planning/worked/";
        QCOMPARE(told(planOf(study)).against(folder + "usual.txt", nearly, touch), QString());
        study.paper = "p-dry";
        study.approach.stacks.school = School::lightBase;
        study.layers = 5;
        study.detail = Detail::fine;
        study.areaChoices = {{0.5, 0.5, "ball", {}, true}};
        QCOMPARE(told(planOf(study)).against(folder + "light-base-on-dry-paper.txt", nearly, touch), QString());
        study.paper = "p-white";
        study.stickLimit = 5;
        study.light = colour::Light::lamp;
        study.detail = Detail::suggest;
        study.colour = {1.2, 0.8, 0.5, -6};
        study.directions = {{{0.5, 0.5}, {0.6, 0.6}}};
        QCOMPARE(told(planOf(study)).against(folder + "few-sticks-under-a-lamp.txt", nearly, touch), QString());
        study = smallStudy();
        study.paper.clear();
        study.approach.ground = Ground::proposed;
        const Plan coarse = planOf(study, 0, Fineness::coarse);
        QCOMPARE(told(coarse).against(folder + "coarse.txt", nearly, touch), QString());
    }
};

QTEST_GUILESS_MAIN(TestPlans)
#include "test_plans.moc"

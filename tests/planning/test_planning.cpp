#include <tbb/task_arena.h>
#include <QtTest>
#include <algorithm>
#include <cmath>
#include <map>
#include <opencv2/imgproc.hpp>
#include <set>

#include "colour/difference.h"
#include "colour/picture_under.h"
#include "planned_study.h"
#include "planning/notes.h"
#include "planning/order.h"
#include "planning/section.h"
#include "planning/stage_picture.h"

using namespace planning;
using common::ProblemKind;

namespace {

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
        if (a.layers != b.layers || a.key != b.key || a.stick != b.stick || a.manner != b.manner ||
            a.after != b.after || a.why != b.why || a.minutes != b.minutes)
            return false;
    }
    if (one.pressures.size() != other.pressures.size()) return false;
    for (std::size_t k = 0; k < one.pressures.size(); ++k)
        if (cv::norm(one.pressures[k], other.pressures[k], cv::NORM_INF) != 0) return false;
    return cv::norm(one.stackMap, other.stackMap, cv::NORM_INF) == 0 &&
           one.summary.picture.mean == other.summary.picture.mean;
}

/// The finished sheet.
cv::Mat sheetOf(const Plan& plan) {
    return pictureAfter(plan, int(plan.steps.size()), plan.light);
}

}  // namespace

class TestPlanning : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void aPlanIsWhole() {
        const Plan& plan = usual();
        double share = 0, stacks = 0;
        for (const PlannedStack& stack : plan.stacks) {
            stacks += stack.share;
            QVERIFY(!stack.layers.empty() && sticksLaidIn(stack) <= 4);
            for (const Tone& tone : stack.tones) share += tone.share;
            double weight = 0;
            for (const matching::Sample& sample : stack.samples) weight += sample.weight;
            QVERIFY(std::fabs(weight - 1) < 1e-6 && stack.samples.size() <= 32);
        }
        QVERIFY(std::fabs(share - 1) < 1e-6 && std::fabs(stacks - 1) < 1e-6);
        QVERIFY(int(plan.sticks.size()) <= 10);
        std::set<std::string> keys;
        for (std::size_t i = 0; i < plan.steps.size(); ++i) {
            const Step& step = plan.steps[i];
            QCOMPARE(step.number, int(i) + 1);
            QVERIFY(!step.why.empty() && step.why.size() <= 2);
            QVERIFY(step.minutes >= 1);
            QVERIFY(step.stick < int(plan.sticks.size()));
            QVERIFY(keys.insert(step.key).second);
            for (const int earlier : step.after) QVERIFY(earlier >= 1 && earlier < step.number);
        }
        QVERIFY2(plan.summary.picture.mean < 2.5, qPrintable(QString::number(plan.summary.picture.mean)));
        QVERIFY(plan.summary.picture.mean < plan.summary.nearestStickDifference);
        QVERIFY2(
            plan.summary.stickChanges <= plan.summary.stickChangesPlain,
            qPrintable(QStringLiteral("%1 > %2").arg(plan.summary.stickChanges).arg(plan.summary.stickChangesPlain)));
        QVERIFY(std::ranges::find(plan.areaNames, "ball") != plan.areaNames.end());
        QVERIFY(!plan.isCoarse);
    }

    /// The first plan is there in a fraction of the time, looks less widely, and is a whole plan too.
    void aCoarsePlanComesFirst() {
        Kept kept;
        const auto coarse = makePlan(smallStudy(), smallLibrary(), kept, {}, 0, Fineness::coarse);
        QVERIFY(coarse.ok() && coarse->isCoarse);
        QVERIFY(coarse->summary.picture.mean < 2 * usual().summary.picture.mean + 1);
        QVERIFY(!coarse->steps.empty() && !coarse->pressures.empty());
        const auto full = makePlan(smallStudy(), smallLibrary(), kept);
        QVERIFY(full.ok() && samePlan(*full, usual()));
    }

    void theSameOnEveryNumberOfThreads() {
        QVERIFY(samePlan(usual(), planOf(smallStudy(), 1)));
        QVERIFY(samePlan(usual(), planOf(smallStudy(), 2)));
    }

    /// No more threads than asked for, nor than there are; and the next work has what it had.
    void threadsAreAsAsked() {
        const int all = tbb::this_task_arena::max_concurrency(), before = cv::getNumThreads();
        for (const int asked : {1, all + 7}) {
            int most = 0, pictures = 0;
            Kept kept;
            const common::Progress watched{[&](double) {
                                               most = std::max(most, tbb::this_task_arena::max_concurrency());
                                               pictures = std::max(pictures, cv::getNumThreads());
                                           },
                                           {}};
            QVERIFY(makePlan(smallStudy(), smallLibrary(), kept, watched, asked, Fineness::coarse).ok());
            QCOMPARE(most, std::min(asked, all));
            QCOMPARE(pictures, std::min(asked, all));
            QCOMPARE(cv::getNumThreads(), before);
        }
    }

    /// The picture difference is that of the sheet as it is rendered: reckoned anew from the two pictures alone.
    void theFigureIsThatOfTheRenderedSheet() {
        const Plan& plan = usual();
        const cv::Mat differences =
            rendering::differenceSeen(plan.reading->wantedPicture, sheetOf(plan), plan.stackMap.cols / 200.0);
        const auto figures = rendering::figuresOf(differences);
        QVERIFY(std::fabs(figures.mean - plan.summary.picture.mean) < 1e-6);
        QVERIFY(std::fabs(figures.p95 - plan.summary.picture.p95) < 1e-6);
        QVERIFY(plan.summary.squinted.mean < plan.summary.picture.mean + 0.2);
        double mean = 0;
        for (const PlannedStack& stack : plan.stacks) mean += stack.share * stack.pictureDifference;
        QVERIFY(std::fabs(mean - plan.summary.picture.mean) < 0.05);
    }

    /// What is told of tones and layers is what the maps hold and the film gives.
    void tonesAreWhatTheMapsHold() {
        const Plan& plan = usual();
        for (int s = 0; s < int(plan.stacks.size()); ++s) {
            const PlannedStack& stack = plan.stacks[std::size_t(s)];
            const int count = int(stack.layers.size());
            const double pixels = cv::countNonZero(plan.stackMap == s);
            for (int k = 0; k < count; ++k) {
                const Layer& layer = stack.layers[std::size_t(k)];
                cv::Mat inside = plan.stackMap == s;
                const cv::Mat& map = plan.pressures[std::size_t(k)];
                const double heavy = cv::countNonZero((map >= 213) & inside),
                             any = cv::countNonZero((map >= 43) & inside);
                QVERIFY(std::fabs(layer.heavy - heavy / pixels) < 1e-6);
                QVERIFY(std::fabs(layer.laid() - any / pixels) < 1e-6);
                QVERIFY(layer.markMillimetres > 0 && layer.step > 0);
                const auto& laid = plan.steps[std::size_t(layer.step - 1)].layers;
                QVERIFY(std::ranges::find(laid, LayerPlace{s, k}) != laid.end());
            }
            for (const Tone& tone : stack.tones) {
                pigment::Patch patch = stack.start;
                std::vector<pigment::Stroke> strokes = strokesOf(plan, stack);
                for (int k = 0; k < count; ++k) {
                    strokes[std::size_t(k)].pressure =
                        pigment::Pressure{float(pigment::pressureIn(tone.number, k, count))};
                    pigment::lay(patch, strokes[std::size_t(k)]);
                }
                const colour::Lab lab = pigment::labOf(patch, plan.light);
                QVERIFY(colour::differenceCie76(lab, tone.predicted) < 1e-6);
                QVERIFY(std::fabs(colour::differenceCie2000(tone.target, lab) - tone.difference) < 1e-6);
                QVERIFY(std::fabs(pigment::toothUsed(patch) - tone.toothUsed) < 1e-5);
                QVERIFY(std::isfinite(tone.unsteady) && tone.unsteady >= 0);
            }
        }
        double mean = 0;
        for (const PlannedStack& stack : plan.stacks)
            for (const Tone& tone : stack.tones) mean += tone.share * tone.difference;
        QVERIFY(std::fabs(mean - plan.summary.meanDifference) < 1e-9);
        QVERIFY(plan.summary.unsteadyDifference >= plan.summary.meanDifference * 0.8);
    }

    /// Common practice: dark to light, or a light base and the dark over it, within every stack.
    void valueOrderFollowsTheSchool() {
        for (const School school : {School::darkFirst, School::lightBase}) {
            Study study = smallStudy();
            study.approach.stacks.school = school;
            const Plan plan = planOf(study);
            int compared = 0;
            for (const PlannedStack& stack : plan.stacks) {
                const matching::PreparedStick* before = nullptr;
                for (std::size_t i = 0; i < stack.layers.size(); ++i) {
                    if (i > 0) QVERIFY(stack.layers[i - 1].step < stack.layers[i].step);
                    if (stack.layers[i].stick < 0) continue;
                    const matching::PreparedStick& stick = plan.prepared[std::size_t(stack.layers[i].stick)];
                    if (before && !matching::isBlack(stick)) {  // which comes last
                        ++compared;
                        QVERIFY(school == School::darkFirst ? before->masstone.L <= stick.masstone.L
                                                            : before->masstone.L >= stick.masstone.L);
                    }
                    before = &stick;
                }
            }
            QVERIFY(compared > 0);
        }
    }

    /// Fewer layers, coarser marks: what is chosen is kept to, and costs what one expects.
    void whatThePictureIsAboutComesNearer() {
        // With few sticks each area is as near as it counts.
        const auto ballWith = [](bool isBallFocal) {
            Study study = smallStudy();
            study.stickLimit = 3;
            study.areaChoices = {{0.5, 0.5, "ball"}, {0.05, 0.05, "wall"}};
            study.areaChoices[isBallFocal ? 0 : 1].focal = true;
            const Plan plan = planOf(study);
            const int ball = subject::labelAt(plan.reading->areas.map, 0.5, 0.5);
            return plan.stacks[std::size_t(plan.stackOfArea[std::size_t(ball)])].pictureDifference;
        };
        const double told = ballWith(true), otherwise = ballWith(false);
        QVERIFY2(told < otherwise - 0.2, qPrintable(QString("%1 %2").arg(told).arg(otherwise)));
    }

    /// The media of a ground count among the sticks: where there are few, none goes under.
    void aGroundWantsRoomAmongTheSticks() {
        Study study = smallStudy();
        study.paper = "p-grey";
        study.approach.ground = Ground::localWash;
        for (const auto& [limit, most] : {std::pair(3, 0), std::pair(4, 1), std::pair(24, 4)}) {
            study.stickLimit = limit;
            const Plan plan = planOf(study, 0, Fineness::coarse);
            std::set<std::string> media;
            for (const GroundLayer& layer : plan.ground.layers)
                for (const MixPart& part : layer.mixture) media.insert(part.medium.id);
            QVERIFY(int(media.size()) <= most && (most == 0 || !media.empty()));
            QVERIFY(int(plan.sticks.size()) <= limit);
        }
    }

    void layersAndDetailAreChoices() {
        Study study = smallStudy();
        study.layers = 2;
        const Plan two = planOf(study);
        for (const PlannedStack& stack : two.stacks) QVERIFY(sticksLaidIn(stack) <= 2);
        QVERIFY(two.summary.picture.mean > usual().summary.picture.mean - 0.1);
        study.layers = 5;
        for (const PlannedStack& stack : planOf(study).stacks) QVERIFY(sticksLaidIn(stack) <= 5);
        study = smallStudy();
        study.paper = "p-grey";
        study.approach.ground = Ground::none;
        const auto inDetail = [&](Detail detail) {
            study.detail = detail;
            return planOf(study);
        };
        const Plan suggested = inDetail(Detail::suggest), middling = inDetail(Detail::usual),
                   fine = inDetail(Detail::fine);
        const auto roughness = [](const Plan& plan) {
            double sum = 0;
            for (const cv::Mat& map : plan.pressures) {
                cv::Mat edges;
                cv::Laplacian(map, edges, CV_32F);
                sum += cv::mean(cv::abs(edges))[0];
            }
            return sum;
        };
        QVERIFY(roughness(suggested) < roughness(middling) && roughness(middling) < roughness(fine));
        for (const PlannedStack& stack : fine.stacks)
            for (const Layer& layer : stack.layers) QVERIFY(layer.markMillimetres <= (layer.stick < 0 ? 8 : 4));
    }

    /// Borders between areas are where they were: the sheet's own edges, read anew, lie on them.
    void bordersStayWhereTheyWere() {
        const Plan& plan = usual();
        for (std::size_t k = 0; k < plan.pressures.size(); ++k)
            QCOMPARE(plan.pressures[k].size(), plan.stackMap.size());
        QCOMPARE(cv::norm(plan.stackMap, plan.reading->areas.map, cv::NORM_INF) == 0,
                 plan.stacks.size() == plan.reading->areas.list.size());
        // Each step's map is nothing beside its areas, but where its layers run out over a soft edge.
        for (const Step& step : plan.steps) {
            cv::Mat inside = cv::Mat::zeros(plan.stackMap.size(), CV_8U);
            for (const int area : step.areas) inside |= plan.reading->areas.map == area;
            for (const LayerPlace& place : step.layers)
                if (!plan.runIn.share.empty()) inside |= (plan.runIn.part == place.stack) & (plan.runIn.share > 0);
            QCOMPARE(cv::countNonZero(mapOf(plan, step) & ~inside), 0);
            if (!step.layers.empty()) QVERIFY(cv::countNonZero(mapOf(plan, step)) > 0);
        }
    }

    /// The section shows every stack, what is laid there and how full the tooth gets.
    void theSectionIsACutThroughTheSheet() {
        const Plan& plan = usual();
        const auto cut = sectionOf(plan, 200);
        std::set<int> stacks;
        double at = 0;
        std::vector<bool> over;
        for (const SectionColumn& column : cut) {
            stacks.insert(column.stack);
            QVERIFY(std::fabs(column.from - at) < 1e-9 && column.to > column.from);
            at = column.to;
            double tooth = 0;
            int step = 0;
            for (const SectionLayer& layer : column.layers) {
                QVERIFY(layer.step > step && layer.toothBefore == tooth && layer.toothAfter >= 0 &&
                        layer.toothAfter <= 1);
                tooth = layer.toothAfter;
                step = layer.step;
            }
        }
        QVERIFY(std::fabs(at - 1) < 1e-9);
        QCOMPARE(stacks.size(), plan.stacks.size());
        const auto isThere = [&](const SectionColumn& column, double x, double y) {
            return column.stack == subject::labelAt(column.runsIn ? plan.runIn.part : plan.stackMap, x, y);
        };
        const auto along = sectionAlong(plan, {{0.0, 0.5}, {1.0, 0.5}}, 50);
        QCOMPARE(along.size(), std::size_t(50));
        for (int i = 0; i < 50; ++i) QVERIFY(isThere(along[std::size_t(i)], (i + 0.5) / 50, 0.5));
        // A line that leaves the sheet goes on along its edge.
        const auto beyond = sectionAlong(plan, {{0.8, 0.9}, {1.6, -0.5}}, 50);
        for (int i = 0; i < 50; ++i) {
            const double part = (i + 0.5) / 50;
            QVERIFY(isThere(beyond[std::size_t(i)], 0.8 + 0.8 * part, 0.9 - 1.4 * part));
        }
    }

    /// The light is a choice like any other: samples, predictions, figures and papers are those of the light that the
    /// picture will be seen under.
    void thePlanIsMadeForTheLight() {
        Study study = smallStudy();
        study.paper = "p-grey";
        study.stickLimit = 16;
        const Plan inDaylight = planOf(study);
        study.light = colour::Light::lamp;
        const Plan lamp = planOf(study);
        const cv::Mat reference = colour::pictureUnder(lamp.reading->wantedPicture, colour::Light::lamp);
        QCOMPARE(cv::norm(reference, lamp.reference, cv::NORM_INF), 0.0);
        const auto differenceUnderLamp = [&](const Plan& plan) {
            const cv::Mat sheet = pictureAfter(plan, int(plan.steps.size()), colour::Light::lamp);
            return rendering::figuresOf(
                       rendering::differenceSeen(reference, sheet, rendering::easelSigma(sheet.size())))
                .mean;
        };
        QVERIFY(std::fabs(differenceUnderLamp(lamp) - lamp.summary.picture.mean) < 1e-6);
        // What is planned for the lamp is no worse there than what is planned for daylight.
        QVERIFY2(
            differenceUnderLamp(lamp) < differenceUnderLamp(inDaylight) + 0.1,
            qPrintable(QStringLiteral("%1, %2").arg(differenceUnderLamp(lamp)).arg(differenceUnderLamp(inDaylight))));
        QVERIFY(!(lamp.stacks[0].samples[0].wanted == usual().stacks[0].samples[0].wanted));
        QVERIFY(lamp.summary.nearestStickDifference != usual().summary.nearestStickDifference);
        QVERIFY(cv::norm(pictureAfter(lamp, 99, colour::Light::lamp), pictureAfter(lamp, 99, colour::Light::daylight65),
                         cv::NORM_INF) > 1);
    }

    void stagePicturesGoFromBarePaperToTheEnd() {
        const Plan& plan = usual();
        const cv::Mat bare = pictureAfter(plan, 0, plan.light);
        const cv::Scalar mean = cv::mean(bare);
        QVERIFY(std::fabs(mean[0] - plan.paper.tone.r) < 1.5 && std::fabs(mean[2] - plan.paper.tone.b) < 1.5);
        QVERIFY(cv::mean(differenceMapOf(plan, bare))[0] > cv::mean(differenceMapOf(plan, sheetOf(plan)))[0]);
        // Every step changes the sheet only where it works.
        cv::Mat before = bare;
        for (const Step& step : plan.steps) {
            const cv::Mat after = pictureAfter(plan, step.number, plan.light);
            cv::Mat changed;
            cv::absdiff(before, after, changed);
            cv::transform(changed, changed, cv::Matx13f(1, 1, 1));
            QCOMPARE(cv::countNonZero((changed > 0) & (mapOf(plan, step) == 0)), 0);
            before = after;
        }
        const cv::Mat& grain = plan.grain;
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

    /// A layer's key is the same as long as its areas, stick and manner are, whatever is corrected elsewhere.
    void keysSurviveAnEditElsewhere() {
        Study study = smallStudy();
        study.areaEdits = {
            {subject::AreaEdit::Kind::border, {{{0.01, 0.02}, {0.12, 0.02}, {0.12, 0.15}, {0.01, 0.15}}}}};
        const Plan edited = planOf(study);
        const auto keysOf = [](const Plan& plan) {
            std::map<std::string, std::string> byPlace;
            for (const PlannedStack& stack : plan.stacks)
                for (const Layer& layer : stack.layers) {
                    const std::string area = plan.reading->areas.list[std::size_t(stack.areas.front())].key;
                    if (layer.key.rfind(area + "/", 0) != 0) qFatal("a key begins with its area's");
                    byPlace[layer.key] = area;
                }
            return byPlace;
        };
        const auto one = keysOf(usual()), other = keysOf(edited);
        std::set<std::string> areasBefore, areasAfter;
        for (const auto& [key, area] : one) areasBefore.insert(area);
        for (const auto& [key, area] : other) areasAfter.insert(area);
        int kept = 0;
        for (const std::string& area : areasBefore) kept += areasAfter.contains(area);
        QVERIFY(kept >= int(areasBefore.size()) - 1);
    }
};

QTEST_GUILESS_MAIN(TestPlanning)
#include "test_planning.moc"

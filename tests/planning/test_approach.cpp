#include <QtTest>
#include <algorithm>
#include <opencv2/core.hpp>
#include <random>
#include <set>

#include "hand_plan.h"
#include "planned_study.h"
#include "planning/evenings.h"
#include "planning/minutes.h"
#include "planning/questions.h"
#include "planning/stacks.h"
#include "planning/tasks.h"
#include "planning/tried_plan.h"

using namespace planning;
using matching::Black, matching::Blending, matching::Fixing, matching::Hardness;
using pigment::Manner;

namespace {

/// A study with an area that the picture is about, gone about in this way.
Study studyBy(const Approach& approach) {
    Study study = smallStudy();
    study.approach = approach;
    AreaChoice focal;
    focal.x = focal.y = 0.5;
    focal.focal = true;
    study.areaChoices.push_back(focal);
    return study;
}

Approach answeredAtRandom(std::mt19937& random) {
    Approach approach;
    for (int i = 0; i < questionCount; ++i) {
        const auto question = Question(i);
        approach = answered(approach, question, int(random() % unsigned(answerCount(question))));
    }
    return approach;
}

const matching::PreparedStick& stickOf(const Plan& plan, const Layer& layer) {
    return plan.prepared[std::size_t(layer.stick)];
}

/// The rules of the schools, by the table "Where people disagree" of the trade (common practice, no source). Empty, or
/// the rule that is broken.
QString brokenWithinStacks(const Plan& plan, const Approach& approach) {
    const matching::StackRules& rules = approach.stacks;
    for (const PlannedStack& stack : plan.stacks) {
        const matching::PreparedStick* before = nullptr;
        bool wasBlack = false;
        for (std::size_t i = 0; i < stack.layers.size(); ++i) {
            const Layer& layer = stack.layers[i];
            if (i > 0 && stack.layers[i - 1].step >= layer.step) return "a layer before the one beneath";
            if (layer.stick < 0) {
                if (i == 0) return "a tool on the bare sheet";
                if (layer.manner == Manner::blend && wasBlack) return "black is never blended";
                if (layer.manner == Manner::blend && rules.blending == Blending::strokesKept) return "strokes are kept";
                if (layer.manner == Manner::fix && rules.fixing == Fixing::never) return "no fixative";
                continue;
            }
            const matching::PreparedStick& stick = stickOf(plan, layer);
            const bool isBlack = matching::isBlack(stick);
            if (isBlack && rules.black == Black::never) return "no black";
            if (wasBlack && !isBlack && rules.black == Black::last) return "black last";
            if (rules.hardness == Hardness::softBase && !matching::isPoint(stick)) return "pencils over the base";
            if (rules.blending == Blending::strokesKept && layer.manner != Manner::hatch) return "strokes are hatched";
            const bool isInOrder =
                !before || (rules.school == School::darkFirst ? before->masstone.L <= stick.masstone.L
                                                              : before->masstone.L >= stick.masstone.L);
            if (!isInOrder && !(isBlack && rules.black == Black::last)) return "order of values";
            before = &stick;
            wasBlack |= isBlack;
        }
    }
    return {};
}

struct Span {
    int first = 1 << 20, last = 0;
    bool isFocal = false;
};

QString brokenAmongSteps(const Plan& plan, const Approach& approach) {
    std::vector<Span> spans;
    for (const PlannedStack& stack : plan.stacks) {
        Span span;
        for (const Layer& layer : stack.layers) {
            span.first = std::min(span.first, layer.step);
            span.last = std::max(span.last, layer.step);
        }
        for (const int area : stack.areas) span.isFocal |= plan.reading->areas.list[std::size_t(area)].focal;
        if (span.last > 0) spans.push_back(span);
    }
    for (const Span& one : spans)
        for (const Span& other : spans) {
            if (&one == &other) continue;
            if (approach.first == FirstPart::focal && one.isFocal && !other.isFocal && one.last >= other.first)
                return "the focal feature first";
            if (approach.progression == Progression::areaByArea && one.last >= other.first && other.last >= one.first)
                return "area by area";
        }
    // Fixative is dry before anything goes over it.
    double clock = 0;
    std::vector<double> dryAt(plan.stacks.size(), 0.0);
    for (const Step& step : plan.steps) {
        for (const LayerPlace& place : step.layers)
            if (clock < dryAt[std::size_t(place.stack)]) return "dry before the next";
        clock += step.minutes;
        if (step.tool == Tool::fixative)
            for (const LayerPlace& place : step.layers)
                dryAt[std::size_t(place.stack)] = clock + fixativeDries.middle();
        clock += step.waitMinutes;
    }
    if (std::fabs(clock - plan.summary.minutes) > 1e-6) return "the minutes are those of the steps";
    return {};
}

QString brokenAmongBlends(const Plan& plan) {
    const bool isClash = std::ranges::any_of(
        plan.clashes, [](const Clash& clash) { return clash.gaveWay == ReasonKind::lightBlendedFirst; });
    if (isClash) return {};
    for (const PlannedStack& light : plan.stacks)
        for (const PlannedStack& dark : plan.stacks) {
            if (meanColour(light).L <= meanColour(dark).L) continue;
            const auto& neighbours = plan.reading->areas.list[std::size_t(light.areas.front())].neighbours;
            if (!std::ranges::binary_search(neighbours, dark.areas.front() + 1)) continue;
            for (const Layer& one : light.layers)
                for (const Layer& other : dark.layers)
                    if (one.manner == Manner::blend && other.manner == Manner::blend && one.step >= other.step)
                        return "light blended before dark";
        }
    return {};
}

}  // namespace

class TestApproach : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// Every answer to every question somewhere among them, mixed as it comes.
    void everySchoolKeepsItsRules() {
        std::mt19937 random(16);
        std::set<std::pair<int, int>> seen;
        int tools = 0;
        for (int i = 0; i < 24; ++i) {
            const Approach approach = answeredAtRandom(random);
            const Study study = studyBy(approach);
            const Plan plan = planOf(study, 0, i % 4 ? Fineness::coarse : Fineness::full);
            for (int q = 0; q < questionCount; ++q) seen.insert({q, answerTo(Question(q), approach)});
            for (const PlannedStack& stack : plan.stacks) tools += int(stack.layers.size()) - sticksLaidIn(stack);
            for (const QString& broken :
                 {brokenWithinStacks(plan, approach), brokenAmongSteps(plan, approach), brokenAmongBlends(plan)})
                QVERIFY2(broken.isEmpty(), qPrintable(QStringLiteral("%1: %2").arg(i).arg(broken)));
        }
        QVERIFY(tools > 0);
        for (int q = 0; q < questionCount; ++q)
            if (Question(q) != Question::ground)
                for (int a = 0; a < answerCount(Question(q)); ++a) QVERIFY(seen.contains({q, a}));
    }

    /// A base of soft pastel is rubbed in under pencils.
    void theBaseIsSoftAndRubbedIn() {
        Approach approach;
        approach.stacks.hardness = Hardness::softBase;
        const Plan plan = planOf(studyBy(approach));
        QCOMPARE(plan.ground.strategy, Ground::dryBase);
        bool isRubbed = false;
        for (const GroundLayer& layer : plan.ground.layers) {
            isRubbed |= layer.manner == Manner::blend;
            for (const MixPart& part : layer.mixture) QVERIFY(!materials::isWet(part.medium.kind));
        }
        QVERIFY(isRubbed);
        approach.ground = Ground::none;  // what is named goes before
        QCOMPARE(groundOf(approach), Ground::none);
    }

    /// Blended smooth, the sheet shows less grain than with strokes kept.
    void blendingMakesTheSheetSmooth() {
        const auto speckleBy = [](Blending blending) {
            Approach approach;
            approach.ground = Ground::none;
            approach.stacks.blending = blending;
            const Plan plan = planOf(studyBy(approach));
            double sum = 0;
            for (const PlannedStack& stack : plan.stacks)
                for (const Tone& tone : stack.tones) {
                    std::vector<int> numbers{tone.number};
                    std::vector<matching::StackLayer> layers;
                    for (const Layer& layer : stack.layers) layers.push_back({layer.stick, layer.manner});
                    pigment::forTones(
                        stack.start, matching::strokesOf(layers, plan.prepared), numbers,
                        [&](int, const pigment::Patch& patch) { sum += tone.share * pigment::speckle(patch); });
                }
            return sum;
        };
        const double smooth = speckleBy(Blending::blended), sparing = speckleBy(Blending::sparing);
        QVERIFY2(smooth < sparing, qPrintable(QStringLiteral("%1 %2").arg(smooth).arg(sparing)));
    }

    /// Pushed colour is wanted stronger, and only the highest lights lighter.
    void whatIsWantedFollowsTheApproach() {
        const auto wantedBy = [](Intensity intensity, Highlights highlights) {
            Approach approach;
            approach.intensity = intensity;
            approach.highlights = highlights;
            Kept kept;
            const auto reading = readSubject(studyBy(approach), kept);
            return (*reading)->wanted.clone();
        };
        const cv::Mat plain = wantedBy(Intensity::faithful, Highlights::asSeen);
        const auto chroma = [](const cv::Mat& lab) {
            double sum = 0;
            for (const cv::Vec3f& v : cv::Mat_<cv::Vec3f>(lab)) sum += std::hypot(v[1], v[2]);
            return sum / double(lab.total());
        };
        QVERIFY(std::fabs(chroma(wantedBy(Intensity::pushed, Highlights::asSeen)) / chroma(plain) - 1.15) < 0.02);
        const cv::Mat bright = wantedBy(Intensity::faithful, Highlights::stronger);
        int lifted = 0;
        double most = 0;
        for (int y = 0; y < plain.rows; ++y)
            for (int x = 0; x < plain.cols; ++x) {
                const double by = bright.at<cv::Vec3f>(y, x)[0] - plain.at<cv::Vec3f>(y, x)[0];
                QVERIFY(by >= 0 && by <= 5.001);
                lifted += by > 1e-4;
                most = std::max(most, by);
            }
        QVERIFY(lifted > 0 && lifted <= 0.05 * double(plain.total()));
        QVERIFY(most > 4);
    }

    /// What is told of another answer is what comes when it is taken.
    void whatIsToldIsWhatComes() {
        Approach approach;
        approach.ground = Ground::none;
        const Study study = studyBy(approach);
        const Plan plan = planOf(study);
        Kept kept;
        for (const Question question : {Question::valueOrder, Question::blending, Question::progression}) {
            Study taken = study;
            taken.approach = answered(study.approach, question, 1);
            const auto told = triedPlan(plan, study, taken, smallLibrary(), kept);
            QVERIFY(told.ok());
            const Plan comes = planOf(taken);
            QCOMPARE(told->layers, outcomeOf(comes).layers);
            QVERIFY(std::fabs(told->difference - comes.summary.picture.mean) < 1e-9);
            QVERIFY(std::fabs(told->minutes - comes.summary.minutes) < 1e-9);
        }
        std::stop_source stop;
        stop.request_stop();
        Study noBlack = study;
        noBlack.approach.stacks.black = Black::never;
        const auto stopped = triedPlan(plan, study, noBlack, smallLibrary(), kept, {{}, stop.get_token()});
        QVERIFY(!stopped && stopped.problem().kind == common::ProblemKind::cancelled);
    }

    void answersHaveNames() {
        for (int q = 0; q < questionCount; ++q) {
            const auto question = Question(q);
            QCOMPARE(questionNamed(nameOf(question)), std::optional(question));
            for (int a = 0; a < answerCount(question); ++a) {
                QCOMPARE(answerNamed(question, nameOfAnswer(question, a)), std::optional(a));
                QCOMPARE(answerTo(question, answered({}, question, a)), a);
            }
            QVERIFY(!answerNamed(question, "no such answer"));
        }
        QVERIFY(!questionNamed("no such question"));
        for (int i = 0; i < knownApproachCount; ++i)
            QCOMPARE(knownApproachNamed(nameOf(KnownApproach(i))), std::optional(KnownApproach(i)));
        QCOMPARE(approachOf(KnownApproach::animal).stacks.school, School::lightBase);
        QCOMPARE(approachOf(KnownApproach::animal).first, FirstPart::focal);
        QCOMPARE(approachOf(KnownApproach::hatchedFigure).stacks.blending, Blending::strokesKept);
        QCOMPARE(approachOf(KnownApproach::portrait).stacks.blending, Blending::blended);
    }

    /// Over a thousand plans at random: every reason is kept or said to have given way, and never more is picked up
    /// than in the plain order.
    void everyReasonIsKeptOrReported() {
        for (unsigned seed = 0; seed < 1000; ++seed) {
            std::mt19937 random(seed);
            HandPlan hand(6);
            for (int i = 0; i < 7; ++i)
                hand.stick(20 + 30 * i, i % 3 == 0 ? materials::Kind::pencil : materials::Kind::soft);
            for (int a = 0; a < 6; ++a) {
                subject::Area& area = (*hand.areaList)[std::size_t(a)];
                area.plane = subject::Plane(random() % 3);
                area.focal = random() % 5 == 0;
                hand.plan.stacks[std::size_t(a)].samples = {{{double(random() % 100), 0, 0}, 1}};
                int stick = int(random() % 3);
                for (int i = 0; i < 3 && stick < 7; ++i, stick += 1 + int(random() % 2)) {
                    hand.layer(a, stick, random() % 2 ? Manner::hatch : Manner::scumble, double(random() % 100) / 100);
                    if (random() % 3 == 0) hand.tool(a, random() % 2 ? Tool::finger : Tool::fixative);
                }
            }
            hand.study.approach = answeredAtRandom(random);
            hand.plan.steps = orderedSteps(hand.plan, hand.study);
            const TaskGraph graph = tasksOf(hand.plan, hand.study);
            std::size_t layers = 0, laid = 0;
            for (const PlannedStack& stack : hand.plan.stacks) layers += stack.layers.size();
            for (const Step& step : hand.plan.steps) laid += step.layers.size();
            QCOMPARE(laid, layers);
            for (const Task& task : graph.tasks)
                for (const auto& [earlier, reason] : task.before) {
                    const LayerPlace before = graph.tasks[std::size_t(earlier)].place;
                    QVERIFY(hand.stepOf(before.stack, before.layer)->number <
                            hand.stepOf(task.place.stack, task.place.layer)->number);
                }
            // Planes: kept, or said to have given way.
            bool isKept = true;
            for (int a = 0; a + 1 < 6; ++a)
                for (const auto& [far, near] : {std::pair(a, a + 1), std::pair(a + 1, a)})
                    if ((*hand.areaList)[std::size_t(far)].plane < (*hand.areaList)[std::size_t(near)].plane &&
                        !hand.plan.stacks[std::size_t(far)].layers.empty() &&
                        !hand.plan.stacks[std::size_t(near)].layers.empty())
                        isKept &= hand.stepOf(far, 0)->number < hand.stepOf(near, 0)->number;
            const bool isTold = std::ranges::any_of(
                graph.clashes, [](const Clash& clash) { return clash.gaveWay == ReasonKind::backgroundFirst; });
            QVERIFY(isKept || isTold);
            if (hand.study.approach.progression == Progression::wholePicture &&
                hand.study.approach.first == FirstPart::background)
                QVERIFY(graph.clashes.empty());
            double minutes = 0, waits = 0;
            int fixings = 0;
            for (const Step& step : hand.plan.steps) {
                minutes += step.minutes + step.waitMinutes;
                waits += step.waitMinutes;
                fixings += int(step.tool == Tool::fixative);
            }
            QVERIFY(waits <= fixings * (fixativeDries.middle() + 1));
            QVERIFY(minutes > 0);
        }
    }

    /// Evenings follow one another, hold every step once, and end with nothing wet and nothing half blended.
    void eveningsEndDryAndBlended() {
        int cut = 0, asked = 0;
        for (unsigned seed = 0; seed < 300; ++seed) {
            std::mt19937 random(seed);
            HandPlan hand(4);
            hand.study.widthMillimetres = 400;
            hand.study.heightMillimetres = 300;
            for (int i = 0; i < 6; ++i) hand.stick(40 + 30 * i);
            const int paint = hand.stick(120, materials::Kind::gouache);
            if (seed % 2) hand.wash(paint, {int(random() % 4)});
            for (int a = 0; a < 4; ++a)
                for (int i = int(random() % 2); i < 6; i += 1 + int(random() % 3)) {
                    hand.layer(a, i, Manner::scumble, double(random() % 100) / 100);
                    if (random() % 3 == 0) hand.tool(a, random() % 2 ? Tool::finger : Tool::fixative);
                }
            auto& steps = hand.order();
            hand.study.eveningMinutes = 20 + int(random() % 160);
            const std::vector<bool> isSafe = safeStops(hand.plan, hand.study);
            const int wanted = 1 + int(random() % steps.size());
            hand.study.eveningEnds = {{steps[std::size_t(wanted - 1)].key}, {"no such step"}};
            const auto evenings = eveningsOf(hand.plan, hand.study);
            QVERIFY(!evenings.empty() && evenings.front().first == 1 && evenings.back().last == int(steps.size()));
            double clock = 0, dryAt = 0;
            std::size_t evening = 0;
            for (const Step& step : steps) {
                clock += step.minutes;
                if (step.tool == Tool::fixative) dryAt = clock + fixativeDries.middle();
                if (step.groundLayer >= 0 && step.stick >= 0)
                    dryAt = clock + dryingTime(hand.plan.ground.layers.front(), hand.plan.paper, Drying::air).middle();
                clock += step.waitMinutes;
                if (step.number != evenings[evening].last) continue;
                if (++evening == evenings.size()) break;
                QCOMPARE(evenings[evening].first, step.number + 1);
                QVERIFY(clock >= dryAt);
                for (const PlannedStack& stack : hand.plan.stacks)
                    for (std::size_t i = 1; i < stack.layers.size(); ++i)
                        QVERIFY(
                            stack.layers[i].manner != Manner::blend ||
                            (hand.stepOf(int(&stack - hand.plan.stacks.data()), int(i))->number > step.number) ==
                                (hand.stepOf(int(&stack - hand.plan.stacks.data()), int(i) - 1)->number > step.number));
            }
            QCOMPARE(evening, evenings.size());
            cut += evenings.size() > 1;
            // Where the artist ends one it ends, if that is safe.
            const bool isEnd = std::ranges::find(evenings, wanted, &Evening::last) != evenings.end();
            if (isSafe[std::size_t(wanted)]) QVERIFY(isEnd);
            asked += isSafe[std::size_t(wanted)];
            hand.study.eveningMinutes = 0;
            QVERIFY(eveningsOf(hand.plan, hand.study).empty());
        }
        QVERIFY(cut > 100 && asked > 100);
    }
};

QTEST_GUILESS_MAIN(TestApproach)
#include "test_approach.moc"

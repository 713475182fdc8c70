#include <QtTest>
#include <algorithm>
#include <cmath>
#include <set>

#include "colour/munsell.h"
#include "planning/planner.h"
#include "small_study.h"

using namespace planning;

namespace {

/// Two eyes on a face, lit a little differently.
Study facedStudy() {
    cv::Mat image(150, 200, CV_8UC3, cv::Scalar(140, 160, 190)), grain(image.size(), CV_8UC3);
    for (const int x : {60, 140}) {
        cv::ellipse(image, {x, 70}, {26, 18}, 0, 0, 360, cv::Scalar(90 + x / 10, 120, 60), cv::FILLED, cv::LINE_AA);
        cv::circle(image, {x, 70}, 9, cv::Scalar(20, 20, 18 + x / 20), cv::FILLED, cv::LINE_AA);
        cv::circle(image, {x - 12, 66}, 5, cv::Scalar(190, 205, 180), cv::FILLED, cv::LINE_AA);
    }
    cv::RNG random(4);
    random.fill(grain, cv::RNG::UNIFORM, 0, 9);
    std::vector<uchar> png;
    cv::imencode(".png", image + grain, png);
    Study study = smallStudy();
    study.reference = std::make_shared<ReferenceFile>(ReferenceFile{"eyes.png", png});
    study.areaNames = {{0.3, 0.52, "left eye"}, {0.7, 0.52, "right eye"}};
    study.areaEdits = {
        {subject::AreaEdit::Kind::border, {{{0.16, 0.34}, {0.44, 0.34}, {0.44, 0.6}, {0.16, 0.6}}}},
        {subject::AreaEdit::Kind::border, {{{0.56, 0.34}, {0.84, 0.34}, {0.84, 0.6}, {0.56, 0.6}}}},
    };
    study.areas = 2;
    return study;
}

std::shared_ptr<const ReferenceFile> flatPicture(const cv::Scalar& bgr) {
    std::vector<uchar> png;
    cv::imencode(".png", cv::Mat(64, 64, CV_8UC3, bgr), png);
    return std::make_shared<ReferenceFile>(ReferenceFile{"flat.png", png});
}

std::shared_ptr<const Reading> readingOf(const Study& study) {
    Kept kept;
    const auto reading = readSubject(study, kept);
    if (!reading) qFatal("the study must be read");
    return *reading;
}

std::vector<int> passagesOf(const Reading& reading, double x, double y) {
    const int area = subject::labelAt(reading.areas.map, x, y) + 1;
    std::vector<int> found;
    for (std::size_t p = 0; p < reading.passages.list.size(); ++p)
        if (reading.passages.list[p].area == area) found.push_back(int(p));
    return found;
}

}  // namespace

/// What the artist chooses on the subject reaches the plan.
class TestStudy : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// Common practice, no source: both eyes together, or the mixture is forgotten hours later.
    void aPairIsLaidWithTheSameMixturesInTheSameSteps() {
        Study study = facedStudy();
        study.pairs = {{{0.3, 0.52}, {0.7, 0.52}}};
        Kept kept;
        const auto plan = makePlan(study, smallLibrary(), kept);
        QVERIFY(plan.ok());
        const auto left = passagesOf(*plan->reading, 0.3, 0.52), right = passagesOf(*plan->reading, 0.7, 0.52);
        QVERIFY(left.size() >= 2 && left.size() == right.size());
        for (std::size_t i = 0; i < left.size(); ++i) {
            const auto &one = plan->reading->passages.list[std::size_t(left[i])],
                       &other = plan->reading->passages.list[std::size_t(right[i])];
            QCOMPARE(int(one.band), int(other.band));
            QVERIFY(one.target == other.target);
            QVERIFY(plan->passages[std::size_t(left[i])].recipe.lays ==
                    plan->passages[std::size_t(right[i])].recipe.lays);
        }
        int together = 0;
        for (const Step& step : plan->steps) {
            if (step.stage == Stage::drawing || step.stage == Stage::underpainting) continue;
            const std::set<int> laid(step.passages.begin(), step.passages.end());
            for (std::size_t i = 0; i < left.size(); ++i) {
                QCOMPARE(laid.contains(left[i]), laid.contains(right[i]));
                if (!laid.contains(left[i])) continue;
                ++together;
                QVERIFY(
                    std::ranges::any_of(step.why, [](const Reason& r) { return r.kind == ReasonKind::pairTogether; }));
            }
        }
        QVERIFY(together >= int(left.size()));
        for (const Step& step : plan->steps)
            for (const int earlier : step.after) QVERIFY(earlier < step.number);
    }

    /// Three that are paired two by two, in any order, are planned as one.
    void pairsGrowTogether() {
        Study study = smallStudy();
        study.areas = 5;
        const auto apart = readingOf(study);
        QVERIFY(apart->areas.list.size() >= 4);
        const auto place = [&](int i) {
            cv::Point at;
            cv::minMaxLoc(apart->areas.map == i, nullptr, nullptr, nullptr, &at);
            return subject::Place((at.x + 0.5) / apart->areas.map.cols, (at.y + 0.5) / apart->areas.map.rows);
        };
        for (const auto& [a, b, c, d] : {std::tuple(0, 2, 1, 2), std::tuple(2, 1, 0, 1), std::tuple(1, 2, 0, 2)}) {
            study.pairs = {{place(a), place(b)}, {place(c), place(d)}};
            const auto reading = readingOf(study);
            for (int i = 0; i < int(reading->areas.list.size()); ++i)
                QCOMPARE(reading->areas.list[std::size_t(i)].together, i < 3 ? 1 : i + 1);
            QCOMPARE(int(reading->areas.list[0].plane), int(reading->areas.list[2].plane));
        }
    }

    void thresholdsMakeTheMasses() {
        Study study = smallStudy();
        study.thresholds = {3, 5.5};
        const auto reading = readingOf(study);
        QCOMPARE(reading->masses.values.size(), std::size_t(3));
        QVERIFY(std::fabs(reading->masses.upTo[0] - colour::lightnessOfMunsellValue(3)) < 1e-9);
        study.thresholds = {5, 3};
        Kept kept;
        QVERIFY(!readSubject(study, kept).ok());
        study.thresholds = {11};
        QVERIFY(!readSubject(study, kept).ok());
    }

    void colourChoicesMoveTheTargets() {
        Study study = smallStudy();
        const auto before = readingOf(study);
        study.colour.chroma = 0.5;
        study.areaNames[0].colour.lighter = 1;
        const auto after = readingOf(study);
        QCOMPARE(cv::norm(before->areas.map, after->areas.map, cv::NORM_INF), 0.0);
        QCOMPARE(cv::norm(before->lab, after->lab, cv::NORM_INF), 0.0);
        const auto target = [](const Reading& reading, double x, double y) {
            return reading.passages.list[std::size_t(subject::labelAt(reading.passages.map, x, y))].target;
        };
        const colour::Lab ball = target(*before, 0.4, 0.6), pushed = target(*after, 0.4, 0.6);
        QVERIFY(std::fabs(pushed.L - ball.L - 10) < 1.5);
        QVERIFY(std::fabs(colour::chroma(pushed) - colour::chroma(ball) / 2) < 1.5);
        const colour::Lab wall = target(*before, 0.1, 0.1), calmed = target(*after, 0.1, 0.1);
        QVERIFY(std::fabs(calmed.L - wall.L) < 1.5);
        study.colour.chroma = 9;
        Kept kept;
        QVERIFY(!readSubject(study, kept).ok());
    }

    void anAreaTakesItsColoursFromAnotherReference() {
        Study study = smallStudy();
        study.others = {flatPicture({40, 160, 60}), flatPicture({150, 60, 40})};
        study.areaNames[0].borrowed = Borrowing{1, {{0, 0}, {1, 1}}};
        Kept kept;
        const auto reading = *readSubject(study, kept);
        QCOMPARE(reading->others.size(), std::size_t(2));
        for (const int p : passagesOf(*reading, 0.5, 0.5)) {
            const colour::Lab target = reading->passages.list[std::size_t(p)].target;
            QVERIFY2(target.b < -20, qPrintable(QString::number(target.b)));  // blue
        }
        // Another picture in its place is noticed, and what was read before is not mistaken for it.
        study.areaNames[0].borrowed->picture = 0;
        const auto green = *readSubject(study, kept);
        for (const int p : passagesOf(*green, 0.5, 0.5)) QVERIFY(green->passages.list[std::size_t(p)].target.a < -20);
        study.areaNames[0].borrowed->picture = 2;
        QVERIFY(!readSubject(study, kept).ok());
    }

    void whatLiesOnThePictureMovesWithTheFrame() {
        Study study = smallStudy();
        study.areaEdits = {{subject::AreaEdit::Kind::part, {{{0.5, 0.5}, {0.6, 0.5}}, {{0.4, 0.4}}}},
                           {subject::AreaEdit::Kind::join, {{{0.02, 0.02}, {0.04, 0.02}}}}};
        study.pairs = {{{0.4, 0.5}, {0.6, 0.5}}, {{0.01, 0.5}, {0.6, 0.5}}};
        study.directions = {{{0.5, 0.4}, {0.5, 0.6}}};
        study.measures = {{{0.0, 0.5}, {0.9, 0.5}}, {{0.45, 0.5}, {0.55, 0.5}}};
        study.unit = 1;
        const cv::Size reference(200, 150);
        subject::Frame part;
        part.width = 0.5;
        moveWithFrame(study, {{}, reference, 4.0 / 3}, {part, reference, 4.0 / 3});
        QCOMPARE(study.areaEdits.size(), std::size_t(1));
        QVERIFY(cv::norm(study.areaEdits[0].scribbles[0][1] - subject::Place(0.7, 0.5)) < 1e-9);
        QCOMPARE(study.pairs.size(), std::size_t(1));
        QVERIFY(cv::norm(study.directions[0].from - subject::Place(0.5, 0.3)) < 1e-9);
        QCOMPARE(study.measures.size(), std::size_t(1));
        QCOMPARE(study.unit, 0);
        QVERIFY(cv::norm(study.measures[0].to - subject::Place(0.6, 0.5)) < 1e-9);
    }

    void kindsAndPlanesAreTakenFromTheArtist() {
        Study study = smallStudy();
        study.areaNames[0].kind = subject::AreaKind::metal;
        const auto reading = readingOf(study);
        const auto ball = std::size_t(subject::labelAt(reading->areas.map, 0.5, 0.5));
        QCOMPARE(int(reading->areas.list[ball].kind), int(subject::AreaKind::metal));
        for (int i = 0; i < subject::areaKindCount; ++i)
            QCOMPARE(subject::areaKindNamed(subject::nameOf(subject::AreaKind(i))),
                     std::optional(subject::AreaKind(i)));
    }
};

QTEST_APPLESS_MAIN(TestStudy)
#include "test_study.moc"

#include <QtTest>
#include <algorithm>
#include <cmath>

#include "planned_study.h"
#include "planning/fades.h"
#include "planning/section.h"
#include "planning/stage_picture.h"
#include "rendering/picture_difference.h"

using namespace planning;
using subject::Edge;

namespace {

constexpr int width = 400, height = 300, half = width / 2;

/// A light wall beside a dark one, turning into each other over so many pixels, or at once.
Study twoWalls(double breadth) {
    cv::Mat image(height, width, CV_8UC3);
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            const double part = std::clamp((x + 0.5 - half) / std::max(breadth, 1e-6) + 0.5, 0.0, 1.0);
            image.at<cv::Vec3b>(y, x) =
                cv::Vec3b(uchar(150 - 90 * part), uchar(170 - 115 * part), uchar(190 - 105 * part));
        }
    std::vector<uchar> png;
    cv::imencode(".png", image, png);
    Study study = smallStudy();
    study.reference = std::make_shared<ReferenceFile>(ReferenceFile{"walls.png", png});
    study.areaChoices.clear();
    study.areas = 2;
    return study;
}

Study withEdge(Study study, Edge edge) {
    study.edges = {{{{0.1, 0.5}, {0.9, 0.5}}, edge}};
    return study;
}

const Plan& sharpPlan() {
    static const Plan plan = planOf(twoWalls(0));
    return plan;
}
const Plan& turningPlan() {
    static const Plan plan = planOf(twoWalls(24));
    return plan;
}

const Plan& lostPlan() {
    static const Plan plan = planOf(withEdge(twoWalls(0), Edge::lost));
    return plan;
}

/// The same plan with every layer ending at its border.
Plan unfaded(Plan plan) {
    plan.runIn = {};
    return plan;
}

/// How steep the sheet's lightness is at most between columns so far apart, of their means: L* a pixel.
double steepest(const Plan& plan, int apart = 6) {
    cv::Mat lab, sheet;
    pictureAfter(plan, int(plan.steps.size()), plan.light).convertTo(sheet, CV_32F, 1.0 / 255);
    cv::cvtColor(sheet, lab, cv::COLOR_RGB2Lab);
    cv::reduce(lab, lab, 0, cv::REDUCE_AVG);
    double most = 0;
    for (int x = 0; x + apart < width; ++x)
        most =
            std::max(most, std::fabs(double(lab.at<cv::Vec3f>(0, x)[0] - lab.at<cv::Vec3f>(0, x + apart)[0])) / apart);
    return most;
}

/// The columns where marks of the other wall lie.
std::pair<int, int> fadedColumns(const Plan& plan) {
    int first = width, last = -1;
    if (!plan.runIn.share.empty())
        for (int x = 0; x < width; ++x)
            if (cv::countNonZero(plan.runIn.share.col(x)) > height / 2) {
                first = std::min(first, x);
                last = std::max(last, x);
            }
    return {first, last};
}

}  // namespace

/// Layers run out over soft and lost edges and stop at hard ones (common practice, no source).
class TestFades : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void layersStopAtAHardEdge() {
        const Plan& plan = sharpPlan();
        QVERIFY(plan.runIn.share.empty());
        for (const Step& step : plan.steps) QVERIFY(runsOutInto(plan, step).empty());
    }

    void layersRunOutOverASoftEdge() {
        const Plan& plan = turningPlan();
        QCOMPARE(plan.stacks.size(), std::size_t(2));
        const auto [first, last] = fadedColumns(plan);
        int border = 0;
        while (plan.stackMap.at<int>(height / 2, border) == plan.stackMap.at<int>(height / 2, 0)) ++border;
        QVERIFY2(first < border - 2 && last > border + 1,
                 qPrintable(QString("%1 %2 %3").arg(first).arg(border).arg(last)));
        // No wider than the broadest mark (8 mm on 240 mm, 400 pixels) and the smoothing at its end.
        QVERIFY(first > border - 22 && last < border + 22);
        for (int y = 0; y < height; y += 7)
            for (int x = first; x <= last; ++x)
                if (plan.runIn.share.at<uchar>(y, x) > 0)
                    QCOMPARE(plan.runIn.part.at<int>(y, x), 1 - plan.stackMap.at<int>(y, x));
        // More of the other's marks at the border than away from it; what each step lays says so.
        const auto shareAt = [&](int x) { return cv::mean(plan.runIn.share.col(x))[0]; };
        QVERIFY(shareAt(border - 1) > shareAt(border - 8) && shareAt(border) > shareAt(border + 8));
        for (const Step& step : plan.steps) {
            if (step.layers.empty()) continue;
            QCOMPARE(runsOutInto(plan, step).size(), std::size_t(step.layers.size() == 1 ? 1 : 2));
            // Its pressure thins out as its marks do, and takes up again on the other side.
            const cv::Mat map = mapOf(plan, step);
            for (int y = 0; y < height; y += 7)
                for (int x = 0; x < width; ++x) {
                    const double share = plan.runIn.share.at<uchar>(y, x) / 255.0;
                    double laid = 0;
                    for (const LayerPlace& place : step.layers) {
                        const auto k = std::size_t(place.layer);
                        laid += plan.stackMap.at<int>(y, x) == place.stack
                                    ? (1 - share) * plan.pressures[k].at<uchar>(y, x)
                                    : share * plan.runIn.pressures[k].at<uchar>(y, x);
                    }
                    QVERIFY(std::fabs(map.at<uchar>(y, x) - laid) <= 1);
                }
        }
        // It brings the sheet no farther from what is wanted.
        const auto off = [](const Plan& it) {
            return rendering::figuresOf(differenceMapOf(it, pictureAfter(it, int(it.steps.size()), it.light))).mean;
        };
        QVERIFY2(off(plan) <= off(unfaded(plan)) + 0.02,
                 qPrintable(QString("%1 %2").arg(off(plan)).arg(off(unfaded(plan)))));
        QVERIFY(std::fabs(off(plan) - plan.summary.picture.mean) < 1e-9);
    }

    /// In a cut across the edge as many marks run in as there are; nothing runs in where all ends at a border.
    void theSectionHasTheMarksThatRunIn() {
        const Plan& plan = lostPlan();
        const auto cut = sectionAlong(plan, {{0, 0.5}, {1, 0.5}}, width);
        double wanted = 0;
        int runIn = 0;
        for (int x = 0; x < width; ++x) {
            const SectionColumn& column = cut[std::size_t(x)];
            const int here = plan.stackMap.at<int>(height / 2, x);
            QCOMPARE(column.stack, column.runsIn ? 1 - here : here);
            wanted += plan.runIn.share.at<uchar>(height / 2, x) / 255.0;
            runIn += column.runsIn;
            QVERIFY(std::fabs(runIn - wanted) <= 1);
        }
        QVERIFY2(runIn >= 5, qPrintable(QString::number(wanted)));
        QVERIFY(std::ranges::none_of(sectionAlong(unfaded(plan), {{0, 0.5}, {1, 0.5}}, width), &SectionColumn::runsIn));
    }

    /// What the artist says of an edge changes what is wanted, and the sheet follows.
    void theSheetFollowsTheEdgeThatIsChosen() {
        const double hard = steepest(sharpPlan());
        const Plan soft = planOf(withEdge(twoWalls(0), Edge::soft)), &lost = lostPlan();
        QVERIFY2(steepest(soft) < 0.75 * hard, qPrintable(QString("%1 of %2").arg(steepest(soft)).arg(hard)));
        QVERIFY2(steepest(lost) < 0.75 * hard, qPrintable(QString("%1 of %2").arg(steepest(lost)).arg(hard)));
        QVERIFY(steepest(unfaded(soft)) > steepest(soft));
        const auto [first, last] = fadedColumns(lost);
        QVERIFY(last - first > fadedColumns(soft).second - fadedColumns(soft).first);
        const Plan sharpened = planOf(withEdge(twoWalls(24), Edge::hard));
        QVERIFY(sharpened.runIn.share.empty());
        QVERIFY(steepest(sharpened) > 1.3 * steepest(turningPlan()));
    }
};

QTEST_GUILESS_MAIN(TestFades)
#include "test_fades.moc"

#include <QtTest>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "figures.h"
#include "numbers.h"
#include "rounds.h"
#include "subject/measures.h"
#include "subject/outlines.h"
#include "worked.h"

using namespace subject;

namespace {

constexpr int width = 640, height = 480;
const cv::Vec3f wall(70, 2, 6), box(34, 18, 24);

Place place(double x, double y) {
    return {x / width, y / height};
}
double pixels(const Line& line) {
    return std::hypot((line.to.x - line.from.x) * width, (line.to.y - line.from.y) * height);
}
/// Degrees from level, -90 to 90.
double slope(const Line& line) {
    const double angle = std::atan2((line.to.y - line.from.y) * height, (line.to.x - line.from.x) * width) * 180 / M_PI;
    return angle - 180 * std::round(angle / 180);
}

/// With grain as a photograph has it.
cv::Mat grainy(cv::Mat lab, Numbers& random) {
    for (int y = 0; y < lab.rows; ++y)
        for (int x = 0; x < lab.cols; ++x) lab.at<cv::Vec3f>(y, x)[0] += float(random.between(-1.2, 1.2));
    return lab;
}

}  // namespace

/// Figures of known geometry, drawn here, are measured.
class TestMeasures : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// The hand is off by some pixels; the length is right to half a pixel.
    void aLengthIsCaughtToHalfAPixel() {
        Numbers random(91);
        double worst = 0;
        for (int round = 0; round < roundsOf(40); ++round) {
            const double wide = random.between(90, 260), high = random.between(80, 180), turn = random.between(-40, 40);
            const double cx = random.between(260, 380), cy = random.between(200, 280);
            const cv::Mat lab =
                grainy(drawnFigure(width, height, wall, box, turnedBox(cx, cy, wide, high, turn)), random);
            const double c = std::cos(turn * M_PI / 180), s = std::sin(turn * M_PI / 180);
            const auto off = [&] { return random.between(-5, 5); };
            const double a = wide / 2 + off(), b = wide / 2 + off();
            const Line drawn{place(cx - a * c, cy - a * s), place(cx + b * c, cy + b * s)};
            const Line line = caught(lab, drawn, 8);
            worst = std::max(worst, std::fabs(pixels(line) - wide));
            // Where there is no border, an end stays where it was put.
            const Line inside{place(cx, cy), place(cx + 6 * c, cy + 6 * s)};
            QVERIFY(caught(lab, inside, 4) == inside);
        }
        qInfo("worst length %.3f px off", worst);
        QVERIFY2(worst <= 0.5, qPrintable(QString::number(worst)));
    }

    void whatIsTooShortToFitIsLeftAlone() {
        const cv::Mat lab = drawnFigure(width, height, wall, box, turnedBox(320, 240, 200, 120, 0));
        const auto along = [](double length) { return Line{place(300, 182), place(300 + length, 182)}; };
        QVERIFY(fitted(lab, along(3.9), 6) == along(3.9));
        QVERIFY(!(fitted(lab, along(4.2), 6) == along(4.2)));
        const Line dot{place(220, 240), place(220.9, 240)};
        QVERIFY(caught(lab, dot, 8) == dot);
    }

    void anAngleIsFittedToATenthOfADegree() {
        Numbers random(92);
        double worst = 0;
        for (int round = 0; round < roundsOf(40); ++round) {
            const double wide = random.between(180, 300), high = random.between(120, 200),
                         turn = random.between(-40, 40);
            const double cx = 320, cy = 240;
            const cv::Mat lab =
                grainy(drawnFigure(width, height, wall, box, turnedBox(cx, cy, wide, high, turn)), random);
            const double c = std::cos(turn * M_PI / 180), s = std::sin(turn * M_PI / 180);
            // Along the upper side, each end a few pixels off it.
            const auto at = [&](double u, double v) { return place(cx + u * c - v * s, cy + u * s + v * c); };
            const Line drawn{at(-wide * 0.42, -high / 2 + random.between(-4, 4)),
                             at(wide * 0.42, -high / 2 + random.between(-4, 4))};
            worst = std::max(worst, std::fabs(slope(fitted(lab, drawn, 8)) - turn));
            // Across the middle nothing runs along it.
            const Line across{at(-wide * 0.3, 0), at(wide * 0.3, 3)};
            QVERIFY(fitted(lab, across, 8) == across);
        }
        qInfo("worst angle %.3f degrees off", worst);
        QVERIFY2(worst <= 0.1, qPrintable(QString::number(worst)));
    }

    /// What is caught and fitted along straight, round and faint borders, far and near, as it was looked at.
    void linesAreTakenAsTheyWereLookedAt() {
        Worked worked;
        const auto add = [&](const QString& words, const Line& line) {
            worked.line(words).figures(std::array{line.from.x, line.from.y, line.to.x, line.to.y});
        };
        const cv::Mat turned = drawnFigure(width, height, wall, box, turnedBox(320, 240, 220, 140, 12));
        const cv::Mat round = drawnFigure(width, height, wall, box,
                                          [](double x, double y) { return std::hypot(x - 320, y - 240) < 100; });
        const cv::Mat faint =
            drawnFigure(width, height, wall, wall + cv::Vec3f(1.4f, 0, 0), turnedBox(320, 240, 220, 140, 12));
        for (const auto& [name, lab] :
             {std::pair("turned", turned), std::pair("round", round), std::pair("faint", faint)})
            for (const double reach : {0.2, 1.0, 4.0, 8.0, 20.0}) {
                const QString words = QStringLiteral("%1 %2").arg(QLatin1String(name)).arg(reach);
                add(words + " across", caught(lab, {place(216, 224), place(422, 262)}, reach));
                add(words + " down", caught(lab, {place(330, 173), place(301, 304)}, reach));
                add(words + " short", caught(lab, {place(424, 262), place(430, 263)}, reach));
                add(words + " along", fitted(lab, {place(240, 153), place(420, 187)}, reach));
                add(words + " beside", fitted(lab, {place(262, 160), place(340, 158)}, reach));
                add(words + " small", fitted(lab, {place(320, 166), place(327, 168)}, reach));
            }
        QCOMPARE(worked.against(TEST_OWN "/subject/worked/lines.txt", 1e-3, 2e-4), QString());
    }

    void extentsAreThoseOfTheShape() {
        Numbers random(93);
        for (int round = 0; round < 30; ++round) {
            const double wide = random.between(60, 240), high = random.between(60, 200), turn = random.between(0, 90);
            const double cx = 320 + random.between(-40, 40), cy = 240 + random.between(-30, 30);
            const auto inside = turnedBox(cx, cy, wide, high, turn);
            cv::Mat map(height, width, CV_32S, cv::Scalar(0));
            for (int y = 0; y < height; ++y)
                for (int x = 0; x < width; ++x) map.at<int>(y, x) = inside(x + 0.5, y + 0.5);
            const Extents e = extentsOf(map, 2)[1];
            const double c = std::cos(turn * M_PI / 180), s = std::sin(turn * M_PI / 180);
            const double reachX = (wide * c + high * s) / 2, reachY = (wide * s + high * c) / 2;
            // A corner between pixel centres is seen up to a pixel late, a side half a pixel.
            QVERIFY(std::fabs(e.left * width - (cx - reachX)) < 1.2 &&
                    std::fabs(e.right * width - (cx + reachX)) < 1.2);
            QVERIFY(std::fabs(e.top * height - (cy - reachY)) < 1.2 &&
                    std::fabs(e.bottom * height - (cy + reachY)) < 1.2);
            QVERIFY(map.at<int>(int(e.highest.y * height), int(e.highest.x * width)) == 1);
            QVERIFY(map.at<int>(int(e.leftmost.y * height), int(e.leftmost.x * width)) == 1);
        }
        QCOMPARE(extentsOf(cv::Mat(4, 4, CV_32S, cv::Scalar(0)), 2)[1].width(), 0.0);
    }

    /// Against the area by Green's theorem and OpenCV's own moments of the pixels.
    void outlinesHoldTheirPixels() {
        cv::Mat map(height, width, CV_32S, cv::Scalar(0));
        cv::circle(map, {300, 200}, 90, cv::Scalar(1), cv::FILLED);
        cv::rectangle(map, {20, 380, 120, 60}, cv::Scalar(1), cv::FILLED);
        map.at<int>(470, 630) = 1;  // a speck
        const auto outlines = outlinesOf(map, 1);
        QCOMPARE(outlines.size(), std::size_t(2));
        double inside = 0;
        for (const Scribble& outline : outlines) {
            std::vector<cv::Point2f> points;
            for (const Place& p : outline) points.emplace_back(float(p.x * width), float(p.y * height));
            inside += cv::contourArea(points);
            if (std::fabs(cv::contourArea(points) - 120 * 60) < 300) {
                const cv::Rect2f bounds = cv::boundingRect(points);
                QVERIFY(std::fabs(bounds.x - 20) < 0.2 && std::fabs(bounds.y - 380) < 0.2);
            }
        }
        const double wanted = cv::countNonZero(map == 1) - 1;
        QVERIFY2(std::fabs(inside / wanted - 1) < 0.01, qPrintable(QString::number(inside / wanted)));
        QVERIFY(outlinesOf(map, 7).empty());
    }

    /// Common practice, no source: a horizon is kept off the middle, often on the lower third.
    void aHorizonInTheMiddleIsFound() {
        for (const auto& [row, middle] : {std::pair(240, true), std::pair(320, false), std::pair(160, false)}) {
            cv::Mat map(height, width, CV_32S, cv::Scalar(0)), lab(height, width, CV_32FC3, cv::Scalar(70, 0, 0));
            map.rowRange(row, height).setTo(1);
            cv::circle(map, {320, row}, 60, cv::Scalar(2), cv::FILLED);  // something stands before it
            Areas areas = areasOf(map, lab);
            for (Area& area : areas.list) area.plane = Plane::foreground;
            QVERIFY(!horizonOf(areas));
            areas.list[std::size_t(labelAt(areas.map, 0.01, 0.01))].plane = Plane::background;
            const auto horizon = horizonOf(areas);
            QVERIFY(horizon.has_value());
            QVERIFY(std::fabs(*horizon * height - row) < 6);
            QCOMPARE(isMiddle(*horizon), middle);
        }
        // It is one when it runs over more than half the width.
        for (const int run : {width / 2, width / 2 + 2}) {
            cv::Mat map(height, width, CV_32S, cv::Scalar(0)), lab(height, width, CV_32FC3, cv::Scalar(70, 0, 0));
            map(cv::Rect(0, 200, run, height - 200)).setTo(1);
            Areas areas = areasOf(map, lab);
            areas.list[0].plane = Plane::background;
            areas.list[1].plane = Plane::foreground;
            QCOMPARE(horizonOf(areas).has_value(), run > width / 2);
        }
    }

    void whatIsInLineWithAPlaceIsFound() {
        cv::Mat map(height, width, CV_32S, cv::Scalar(0));
        cv::rectangle(map, {100, 100, 80, 60}, cv::Scalar(1), cv::FILLED);
        cv::rectangle(map, {300, 162, 50, 200}, cv::Scalar(2), cv::FILLED);
        const auto extents = extentsOf(map, 3);
        const auto found = alignmentsThrough(place(181, 300), extents, 0.01);
        QCOMPARE(found.size(), std::size_t(1));
        QVERIFY(found[0].area == 1 && found[0].side == Alignment::Side::right && found[0].isPlumb);
        QVERIFY(std::fabs(found[0].off * width - 1) < 0.01);
        // The foot of the first is nearly level with the head of the second, the nearer one first.
        const auto level = alignmentsThrough(place(500, 162), extents, 0.01);
        QCOMPARE(level.size(), std::size_t(2));
        QVERIFY(level[0].area == 2 && level[0].side == Alignment::Side::top && !level[0].isPlumb);
        QVERIFY(level[1].area == 1 && level[1].side == Alignment::Side::bottom);
    }
};

QTEST_APPLESS_MAIN(TestMeasures)
#include "test_measures.moc"

#include <QtTest>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "kitchen.h"
#include "numbers.h"
#include "review/sketch.h"
#include "rounds.h"

using namespace review;
using common::ProblemKind;

namespace {

/// Four shapes on a wall and a table: labels (CV_32S), 0 the wall, 1 the table.
struct Shape {
    cv::Point2d centre;  // in shares of the width
    cv::Size2d half;
    bool isRound;
};

constexpr int width = 600, height = 450;

std::vector<Shape> someShapes(Numbers& random) {
    std::vector<Shape> shapes;
    for (const cv::Point2d at : {cv::Point2d(0.24, 0.24), {0.7, 0.22}, {0.26, 0.56}, {0.72, 0.54}})
        shapes.push_back({at + cv::Point2d(random.between(-0.03, 0.03), random.between(-0.03, 0.03)),
                          {random.between(0.09, 0.14), random.between(0.08, 0.12)},
                          random.below(2) == 0});
    return shapes;
}

void paint(cv::Mat& image, const Shape& shape, const cv::Scalar& colour, int line) {
    const cv::Point2d at = shape.centre * width;
    const cv::Size2d half = shape.half * double(width);
    if (shape.isRound)
        cv::ellipse(image, at, half, 0, 0, 360, colour, line, cv::LINE_8);
    else
        cv::rectangle(image, at - cv::Point2d(half.width, half.height), at + cv::Point2d(half.width, half.height),
                      colour, line);
}

cv::Mat areasOf(const std::vector<Shape>& shapes) {
    cv::Mat areas(height, width, CV_32S, cv::Scalar(0));
    areas.rowRange(int(0.6 * height), height) = 1;
    for (std::size_t i = 0; i < shapes.size(); ++i) paint(areas, shapes[i], cv::Scalar(double(i + 2)), cv::FILLED);
    return areas;
}

/// A pencil drawing on white paper: a hand that trembles, lines of uneven strength.
cv::Mat drawingOf(const std::vector<Shape>& shapes, Numbers& random) {
    cv::Mat sheet(height * 2, width * 2, CV_32FC3, cv::Scalar::all(0.85));
    cv::Mat lines(height, width, CV_32F, cv::Scalar(0));
    for (const Shape& shape : shapes) {
        cv::Mat own(height, width, CV_32F, cv::Scalar(0));
        paint(own, shape, cv::Scalar(random.between(0.45, 0.8)), 2);
        cv::max(lines, own, lines);
    }
    cv::line(lines, {0, int(0.6 * height)}, {width, int(0.6 * height)}, cv::Scalar(0.6), 2);
    cv::resize(lines, lines, sheet.size(), 0, 0, cv::INTER_LINEAR);
    for (int y = 0; y < sheet.rows; ++y)
        for (int x = 0; x < sheet.cols; ++x)
            sheet.at<cv::Vec3f>(y, x) *= float(1 - lines.at<float>(y, x)) + 0.02f * float(random.between(-1, 1));
    return sheet;
}

/// A telephone that is held across.
CameraConditions across() {
    CameraConditions conditions;
    conditions.pixels = {3200, 2400};
    return conditions;
}

}  // namespace

class TestSketch : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// Shapes are drawn beside their places by known ways; photographs of the drawings tell by how much.
    void shapesAreMeasured() {
        Numbers random(23);
        double off = 0, sizeOff = 0, worst = 0;
        int count = 0, missed = 0;
        const int drawings = roundsOf(12);
        for (int d = 0; d < drawings; ++d) {
            const std::vector<Shape> shapes = someShapes(random);
            std::vector<Shape> drawn = shapes;
            for (Shape& shape : drawn) {
                shape.centre += cv::Point2d(random.between(-0.05, 0.05), random.between(-0.04, 0.04));
                const double size = std::exp(random.between(-0.15, 0.15));
                shape.half = {shape.half.width * size, shape.half.height * size};
            }
            CameraConditions conditions = randomConditions(random, unsigned(d));
            conditions.pixels = {3200, 2400};
            conditions.turnDegrees = random.between(-10, 10);
            conditions.bow = 0;
            const auto sketch =
                readSketch(photographOf(drawingOf(drawn, random), conditions), double(width) / height, "sketch.jpg");
            QVERIFY2(sketch.ok(), qPrintable(QString::number(d)));
            const DrawnShapes found = drawnShapes(*sketch, areasOf(shapes), 6);
            for (int s = 0; s < 4; ++s) {
                const auto it = std::ranges::find(found.shapes, s + 2, &DrawnShape::area);
                if (it == found.shapes.end()) {
                    ++missed;
                    continue;
                }
                // In terms of the subject: what all have in common, then its own.
                const cv::Point2d middle(0.5, 0.5 * height / width), at = shapes[std::size_t(s)].centre;
                const cv::Point2d seen = middle + found.size * (at - middle) + found.aside + it->aside;
                const double error = cv::norm(seen - drawn[std::size_t(s)].centre);
                const double size = drawn[std::size_t(s)].half.width / shapes[std::size_t(s)].half.width;
                sizeOff += std::fabs(std::log(found.size * it->size / size));
                off += error;
                worst = std::max(worst, error);
                ++count;
            }
        }
        qInfo("places off by %.2f %% of the width in the mean, %.2f at worst; sizes by %.1f %%; %d of %d not found",
              100 * off / count, 100 * worst, 100 * sizeOff / count, missed, 4 * drawings);
        QVERIFY(missed <= drawings / 4);
        QVERIFY(off / count < 0.01);
        QVERIFY(sizeOff / count < 0.06);
    }

    /// Drawn where it is, nothing is off; what is not drawn is not told of.
    void whatIsRightIsRight() {
        Numbers random(4);
        std::vector<Shape> shapes = someShapes(random);
        const cv::Mat areas = areasOf(shapes);
        shapes.pop_back();
        const auto sketch =
            readSketch(photographOf(drawingOf(shapes, random), across()), double(width) / height, "sketch.jpg");
        QVERIFY(sketch.ok());
        const DrawnShapes found = drawnShapes(*sketch, areas, 6);
        QVERIFY(cv::norm(found.aside) < 0.006 && std::fabs(found.size - 1) < 0.02);
        for (const DrawnShape& shape : found.shapes) QVERIFY(shape.apart < 0.01);
        QVERIFY(std::ranges::find(found.shapes, 5, &DrawnShape::area) == found.shapes.end());
    }

    void whatIsNoDrawingIsRefused() {
        Numbers random(4);
        const auto kindOf = [](const cv::Mat& xyz) { return readSketch(xyz, 4.0 / 3, "x").problem().kind; };
        QCOMPARE(kindOf(cv::Mat(900, 1200, CV_32FC3, cv::Scalar::all(0.004))), ProblemKind::workTooDark);
        QCOMPARE(kindOf(cv::Mat(900, 1200, CV_32FC3, cv::Scalar::all(0.3))), ProblemKind::sketchMissing);
        const cv::Mat blank(900, 1200, CV_32FC3, cv::Scalar::all(0.85));
        QCOMPARE(kindOf(photographOf(blank, across())), ProblemKind::sketchEmpty);
        // Another format than the picture's.
        const cv::Mat narrow(1200, 500, CV_32FC3, cv::Scalar::all(0.85));
        QCOMPARE(kindOf(photographOf(narrow, across())), ProblemKind::sketchMissing);
    }
};

QTEST_GUILESS_MAIN(TestSketch)
#include "test_sketch.moc"

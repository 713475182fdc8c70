#include <QtTest>
#include <cmath>
#include <numeric>

#include "subject/chosen_edges.h"
#include "subject/edges.h"
#include "subject/outlines.h"

using namespace subject;

namespace {

constexpr int width = 400, height = 300;

/// Two halves, the left from and the right to a colour, the step between them so many pixels broad.
cv::Mat halves(const cv::Vec3f& left, const cv::Vec3f& right, double breadth) {
    cv::Mat lab(height, width, CV_32FC3);
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            const double part = std::clamp((x + 0.5 - width / 2) / std::max(breadth, 1e-6) + 0.5, 0.0, 1.0);
            lab.at<cv::Vec3f>(y, x) = left + (right - left) * float(part);
        }
    return lab;
}

Areas leftAndRight(const cv::Mat& lab) {
    cv::Mat labels(lab.size(), CV_32S, cv::Scalar(0));
    labels.colRange(width / 2, width).setTo(1);
    return areasOf(labels, lab);
}

Edge edgeIn(const cv::Mat& lab) {
    const Areas areas = leftAndRight(lab);
    const cv::Mat edges = edgesOf(areas, edgeViewOf(lab));
    return Edge(edges.at<uchar>(height / 2, width / 2) - 1);
}

}  // namespace

/// Edges as a draughtsman tells them (common practice, no source): by how sudden and how strong the step is.
class TestEdges : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void edgesAreToldByStepAndBreadth_data() {
        QTest::addColumn<double>("lightness");
        QTest::addColumn<double>("hue");
        QTest::addColumn<double>("breadth");
        QTest::addColumn<int>("edge");
        const auto row = [](const char* name, double lightness, double hue, double breadth, Edge edge) {
            QTest::newRow(name) << lightness << hue << breadth << int(edge);
        };
        row("sharp", 40, 0, 0, Edge::hard);
        row("sharp and weak", 9, 0, 0, Edge::hard);
        row("as a lens shows it", 40, 0, 2, Edge::hard);
        row("turning form", 40, 0, 12, Edge::soft);
        row("broad", 40, 0, 24, Edge::soft);
        row("next to nothing", 3, 0, 0, Edge::lost);
        row("nothing", 0, 0, 0, Edge::lost);
        row("of hue alone", 0, 20, 0, Edge::hard);
        row("of little hue", 0, 6, 0, Edge::lost);
    }
    void edgesAreToldByStepAndBreadth() {
        QFETCH(double, lightness);
        QFETCH(double, hue);
        QFETCH(double, breadth);
        QFETCH(int, edge);
        // The same whichever side is the lighter.
        for (const double sign : {1.0, -1.0})
            QCOMPARE(int(edgeIn(halves({50, 0, 0}, {float(50 + sign * lightness), float(sign * hue), 0}, breadth))),
                     edge);
    }

    void grainIsNoEdge() {
        cv::Mat lab = halves({50, 0, 0}, {51, 0, 0}, 0), noise(lab.size(), CV_32FC3);
        cv::RNG random(3);
        random.fill(noise, cv::RNG::NORMAL, cv::Scalar(0, 0, 0), cv::Scalar(6, 0, 0));
        QCOMPARE(edgeIn(lab + noise), Edge::lost);
    }

    void aBorderIsToldByItsLengthAndChanged() {
        // Hard above, lost below.
        cv::Mat lab = halves({50, 0, 0}, {80, 0, 0}, 0);
        lab.rowRange(height / 2, height).setTo(cv::Scalar(50, 0, 0));
        const Areas areas = leftAndRight(lab);
        cv::Mat edges = edgesOf(areas, edgeViewOf(lab));
        auto meetings = meetingsOf(areas, edges, 0);
        QCOMPARE(meetings.size(), std::size_t(1));
        QCOMPARE(meetings[0].neighbour, 1);
        QVERIFY(std::fabs(meetings[0].length - double(height) / width) < 1e-9);
        QVERIFY(std::fabs(meetings[0].shares[int(Edge::hard)] - 0.5) < 0.06);
        QVERIFY(std::fabs(meetings[0].shares[int(Edge::lost)] - 0.5) < 0.06);
        QVERIFY(std::fabs(std::accumulate(meetings[0].shares.begin(), meetings[0].shares.end(), 0.0) - 1) < 1e-9);
        QCOMPARE(cv::countNonZero(edges), 2 * height);  // on either side, and nowhere else

        // Round the left half it runs down the border once, and along the frame for the rest.
        const auto stretches = stretchesOf(outlinesOf(areas.map, 0).front(), edges);
        QCOMPARE(stretches.size(), std::size_t(3));
        double hard = 0, lost = 0;
        for (const Stretch& stretch : stretches) {
            const double span = std::fabs(stretch.path.front().y - stretch.path.back().y);
            if (stretch.edge == Edge::hard) hard += span;
            if (stretch.edge == Edge::lost) lost += span;
            QVERIFY(stretch.path.size() > 1);
        }
        QVERIFY(std::fabs(hard - 0.5) < 0.06 && std::fabs(lost - 0.5) < 0.06);

        setEdge(edges, areas.map, 1, 0, Edge::soft);
        meetings = meetingsOf(areas, edges, 1);
        QCOMPARE(meetings[0].neighbour, 0);
        QCOMPARE(meetings[0].shares[int(Edge::soft)], 1.0);
        const cv::Mat before = edges.clone();
        setEdge(edges, areas.map, 0, 0, Edge::hard);
        QCOMPARE(cv::norm(before, edges, cv::NORM_INF), 0.0);
    }

    /// What the artist wants of an edge is how the picture then reads, and nothing is moved far from it.
    void aPictureIsBroughtToTheEdgeThatIsWanted_data() {
        QTest::addColumn<double>("step");
        QTest::addColumn<double>("breadth");
        QTest::addColumn<int>("wanted");
        for (const auto& [name, step, breadth] :
             {std::tuple("sharp", 40.0, 0.0), std::tuple("turning", 40.0, 12.0), std::tuple("weak", 9.0, 0.0)})
            for (const Edge edge : {Edge::hard, Edge::soft, Edge::lost})
                QTest::addRow("%s to %s", name, std::string(nameOf(edge)).c_str()) << step << breadth << int(edge);
    }
    void aPictureIsBroughtToTheEdgeThatIsWanted() {
        QFETCH(double, step);
        QFETCH(double, breadth);
        QFETCH(int, wanted);
        cv::Mat lab = halves({40, 5, 0}, {float(40 + step), 0, 10}, breadth), noise(lab.size(), CV_32FC3);
        cv::RNG random(5);
        random.fill(noise, cv::RNG::NORMAL, cv::Scalar::all(0), cv::Scalar(0.5, 0.2, 0.2));
        lab += noise;
        const Areas areas = leftAndRight(lab);
        const cv::Mat before = lab.clone(), edges = edgesOf(areas, edgeViewOf(lab));
        bringToEdge(lab, areas.map, edges, 1, 0, Edge(wanted));
        QCOMPARE(int(edgeIn(lab)), wanted);
        if (int(edgeIn(before)) == wanted) QCOMPARE(cv::norm(lab, before, cv::NORM_INF), 0.0);
        for (const cv::Range& far : {cv::Range(0, width / 2 - 30), cv::Range(width / 2 + 30, width)})
            QCOMPARE(cv::norm(lab.colRange(far), before.colRange(far), cv::NORM_INF), 0.0);
        // The two sides keep to their own on the whole, and the fine grain stays.
        QVERIFY(cv::mean(lab.colRange(0, width / 2))[0] < cv::mean(lab.colRange(width / 2, width))[0]);
        cv::Scalar mean, grain;
        cv::meanStdDev(lab.col(width / 2 - 3) - before.col(width / 2 - 3), mean, grain);
        QVERIFY2(grain[0] < 0.35, qPrintable(QString::number(grain[0])));
    }

    void anIslandHasOneStretch() {
        cv::Mat lab(height, width, CV_32FC3, cv::Scalar(70, 0, 0)), labels(height, width, CV_32S, cv::Scalar(0));
        cv::circle(lab, {200, 150}, 60, cv::Scalar(30, 0, 0), cv::FILLED);
        cv::circle(labels, {200, 150}, 60, cv::Scalar(1), cv::FILLED);
        const Areas areas = areasOf(labels, lab);
        const auto stretches = stretchesOf(outlinesOf(areas.map, 1).front(), edgesOf(areas, edgeViewOf(lab)));
        QCOMPARE(stretches.size(), std::size_t(1));
        QCOMPARE(stretches[0].edge, std::optional(Edge::hard));
        QVERIFY(cv::norm(stretches[0].path.front() - stretches[0].path.back()) < 1e-9);
    }

    void namesAreRead() {
        for (int i = 0; i < edgeCount; ++i) QCOMPARE(edgeNamed(nameOf(Edge(i))), std::optional(Edge(i)));
        QVERIFY(!edgeNamed("sharp"));
    }
};

QTEST_GUILESS_MAIN(TestEdges)
#include "test_edges.moc"

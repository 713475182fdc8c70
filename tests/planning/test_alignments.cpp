#include <QtTest>

#include "planning/broken_alignments.h"

using namespace planning;

/// A pot and a lid's knob that stand level with a bowl's top, and what a shape that lies beside its place does to that.
class TestAlignments : public QObject {
    Q_OBJECT

    cv::Mat areas_{cv::Size(400, 300), CV_32S, cv::Scalar(0)};
    static constexpr int count = 3;

    static review::ShiftedArea moved(int area, double x, double y) { return {area, {{x, y}, 0.9, 100}}; }

 private Q_SLOTS:
    void initTestCase() {
        areas_(cv::Rect(60, 100, 80, 120)).setTo(1);
        areas_(cv::Rect(240, 101, 100, 60)).setTo(2);
    }

    void whatWasLevelIsToldOff() {
        const auto broken = brokenAlignments({moved(1, 1, 6)}, areas_, count);
        QCOMPARE(broken.size(), std::size_t(1));
        QCOMPARE(broken.front().area, 1);
        QCOMPARE(broken.front().with.area, 2);
        QVERIFY(!broken.front().with.isPlumb);
        QCOMPARE(broken.front().millimetres, 6.0);
        QCOMPARE(int(broken.front().with.side), int(subject::Alignment::Side::top));
    }
    void whatMovesTogetherStaysAligned() {
        QVERIFY(brokenAlignments({moved(1, 0, 6), moved(2, 0, 5)}, areas_, count).empty());
    }
    void littleIsNotTold() { QVERIFY(brokenAlignments({moved(1, 0, 2)}, areas_, count).empty()); }
    void whereNothingIsAlignedNothingIsTold() {
        QVERIFY(brokenAlignments({moved(1, 6, 0)}, areas_, count).empty());
        QVERIFY(brokenAlignments({}, areas_, count).empty());
    }
};

QTEST_GUILESS_MAIN(TestAlignments)
#include "test_alignments.moc"

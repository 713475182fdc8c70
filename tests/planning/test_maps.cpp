#include <QtTest>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "numbers.h"
#include "pigment/tones.h"
#include "planning/marks.h"
#include "planning/pressure_maps.h"
#include "rendering/sheet_picture.h"
#include "worked.h"

using namespace planning;
using rendering::mapStep;

namespace {

/// A stack that grades from dark to light as the first layer, and from grey to warm as the second, is pressed.
MapTask task(const cv::Mat& wanted, const cv::Mat& mask, int layers, double mark) {
    MapTask task{wanted, mask, layers, {}, {}, {}, 3};
    for (int tone = 0; tone < pigment::toneCount(layers); ++tone) {
        const int first = pigment::pressureIn(tone, 0, layers);
        const int second = layers > 1 ? pigment::pressureIn(tone, 1, layers) : 0;
        task.tones.push_back({20.0 + 18 * first, 0, 16.0 * second});
        task.faults.push_back(0);
    }
    for (int i = 0; i < layers; ++i) task.markPixels.push_back(mark);
    return task;
}

int levelOf(uchar value) {
    return (value + mapStep / 2) / mapStep;
}

/// Pixels in patches of one pressure that are smaller than a mark and stand out from all that is round them, or sink
/// below it.
int lonePixels(const cv::Mat& map, const cv::Mat& mask, double mark) {
    int lone = 0;
    for (int level = 0; level < 4; ++level)
        for (const bool above : {true, false}) {
            cv::Mat part(map.size(), CV_8U, cv::Scalar(0));
            for (int y = 0; y < map.rows; ++y)
                for (int x = 0; x < map.cols; ++x)
                    if (mask.at<uchar>(y, x)) {
                        const int here = levelOf(map.at<uchar>(y, x));
                        part.at<uchar>(y, x) = (above ? here > level : here <= level) ? 255 : 0;
                    }
            cv::Mat labels, stats, centres;
            const int count = cv::connectedComponentsWithStats(part, labels, stats, centres, 8);
            for (int i = 1; i < count; ++i)
                if (stats.at<int>(i, cv::CC_STAT_AREA) < CV_PI * mark * mark / 4 && count > 2)
                    lone += stats.at<int>(i, cv::CC_STAT_AREA);
        }
    return lone;
}

cv::Mat noisyPicture(unsigned seed) {
    cv::RNG random(seed);
    cv::Mat coarse(12, 16, CV_32FC3), fine(180, 240, CV_32FC3), picture;
    random.fill(coarse, cv::RNG::UNIFORM, cv::Scalar(15, 0, -5), cv::Scalar(85, 0, 55));
    random.fill(fine, cv::RNG::NORMAL, cv::Scalar(0, 0, 0), cv::Scalar(9, 0, 7));
    cv::resize(coarse, picture, fine.size(), 0, 0, cv::INTER_CUBIC);
    return picture + fine;
}

}  // namespace

/// Pressure maps on tones made for the purpose.
class TestMaps : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// A smooth form: the pressure follows it without a step.
    void aFormIsGradedWithoutRings() {
        cv::Mat wanted(120, 300, CV_32FC3);
        for (int y = 0; y < 120; ++y)
            for (int x = 0; x < 300; ++x) wanted.at<cv::Vec3f>(y, x) = {float(20 + 54.0 * x / 299), 0, 0};
        const cv::Mat mask(wanted.size(), CV_8U, cv::Scalar(255));
        const auto maps = pressureMaps(task(wanted, mask, 1, 10));
        QCOMPARE(maps.size(), std::size_t(1));
        int jump = 0;
        for (int x = 1; x < 300; ++x) {
            jump = std::max(jump, std::abs(maps[0].at<uchar>(60, x) - maps[0].at<uchar>(60, x - 1)));
            QVERIFY(maps[0].at<uchar>(60, x) + 3 >= maps[0].at<uchar>(60, x - 1));
        }
        QVERIFY2(jump <= 6, qPrintable(QString::number(jump)));  // a step from one pressure to the next is 85
        for (const int x : {60, 150, 240})
            QVERIFY(std::fabs(maps[0].at<uchar>(60, x) / double(mapStep) - 3.0 * x / 299) < 0.25);
    }

    /// A hard edge inside an area fades over a mark's width: the broader the mark, the softer.
    void edgesFadeOverAMark() {
        cv::Mat wanted(120, 300, CV_32FC3, cv::Scalar(20, 0, 0));
        wanted(cv::Rect(150, 0, 150, 120)).setTo(cv::Scalar(74, 0, 0));
        const cv::Mat mask(wanted.size(), CV_8U, cv::Scalar(255));
        double before = 0;
        for (const double mark : {4.0, 12.0, 30.0}) {
            const cv::Mat map = pressureMaps(task(wanted, mask, 1, mark))[0];
            const cv::Mat row = map.row(60);
            const int width = cv::countNonZero((row > 25) & (row < 230));  // a tenth to nine tenths
            QVERIFY2(width > before && width > 0.6 * mark && width < 1.6 * mark + 4,
                     qPrintable(QStringLiteral("%1 of %2").arg(width).arg(mark)));
            before = width;
        }
    }

    /// No lone patch of one pressure that is smaller than the mark: at most 1 % of the area, on pictures full of noise.
    void noPatchIsSmallerThanItsMark() {
        const cv::Mat mask(180, 240, CV_8U, cv::Scalar(255));
        for (unsigned seed = 1; seed <= 4; ++seed)
            for (const double mark : {5.0, 12.0}) {
                const auto maps = pressureMaps(task(noisyPicture(seed), mask, 2, mark));
                for (const cv::Mat& map : maps) {
                    const int lone = lonePixels(map, mask, mark);
                    QVERIFY2(lone <= 0.01 * cv::countNonZero(map >= mapStep / 2), qPrintable(QString::number(lone)));
                }
            }
        // The measure itself finds a speck.
        cv::Mat specked(180, 240, CV_8U, cv::Scalar(mapStep));
        specked(cv::Rect(50, 50, 3, 3)).setTo(2 * mapStep);
        QCOMPARE(lonePixels(specked, mask, 12), 0);  // the only patch of its level: nothing beside it
        specked(cv::Rect(100, 100, 60, 60)).setTo(2 * mapStep);
        QCOMPARE(lonePixels(specked, mask, 12), 9);
    }

    /// Maps of noisy pictures, as they were looked at: their means and some of their places.
    void mapsAreAsTheyWereLookedAt() {
        Worked worked;
        cv::Mat round(180, 240, CV_8U, cv::Scalar(0));
        cv::circle(round, {120, 90}, 80, cv::Scalar(255), cv::FILLED);
        for (const int layers : {1, 2, 3})
            for (const double mark : {1.0, 4.0, 11.0}) {
                MapTask made = task(noisyPicture(unsigned(layers)), round, layers, mark);
                made.markPixels.back() = mark / 2;
                for (int i = 0; i < int(made.faults.size()); i += 5) made.faults[std::size_t(i)] = 2.0f;
                for (const cv::Mat& map : pressureMaps(made)) {
                    worked.line(QStringLiteral("%1 layers, mark %2").arg(layers).arg(mark))
                        .figure(cv::mean(map, round)[0]);
                    for (int y = 30; y < 180; y += 40)
                        for (int x = 60; x < 200; x += 40) worked.figure(cv::mean(map(cv::Rect(x, y, 6, 6)))[0]);
                }
            }
        QCOMPARE(worked.against(TEST_OWN "/planning/worked/maps.txt", 5e-3, 0.7), QString());
    }

    /// Outside the area nothing is laid, and what lies there has no part in it.
    void nothingIsLaidBesideTheArea() {
        cv::Mat wanted(100, 140, CV_32FC3, cv::Scalar(74, 0, 48)), mask(100, 140, CV_8U, cv::Scalar(0));
        wanted(cv::Rect(0, 0, 60, 100)).setTo(cv::Scalar(38, 0, 0));
        mask(cv::Rect(0, 0, 60, 100)).setTo(255);
        const auto maps = pressureMaps(task(wanted, mask, 2, 16));
        for (const cv::Mat& map : maps) QCOMPARE(cv::countNonZero(map & ~mask), 0);
        // Right up to the border it is what the area wants: light pressure of the first, none of the second.
        for (const int x : {2, 30, 59}) {
            QVERIFY(std::abs(maps[0].at<uchar>(50, x) - mapStep) < 12);
            QVERIFY(maps[1].at<uchar>(50, x) < 12);
        }
    }

    /// What a broad first layer cannot follow the finer one above it answers for.
    void finerLayersAnswerForBroadOnes() {
        cv::Mat wanted(160, 160, CV_32FC3, cv::Scalar(38, 0, 0));
        for (int y = 0; y < 160; ++y)
            for (int x = 0; x < 160; ++x)
                if ((x / 10) % 2) wanted.at<cv::Vec3f>(y, x)[0] = 56;
        const cv::Mat mask(wanted.size(), CV_8U, cv::Scalar(255));
        MapTask both = task(wanted, mask, 2, 40);
        // Both layers lighten; the second is fine.
        for (int tone = 0; tone < 16; ++tone) {
            const int first = pigment::pressureIn(tone, 0, 2), second = pigment::pressureIn(tone, 1, 2);
            both.tones[std::size_t(tone)] = {20.0 + 15 * first + 12 * second, 0, 0};
        }
        both.markPixels = {40, 3};
        const auto maps = pressureMaps(both);
        const auto along = [&](const cv::Mat& map) {
            cv::Scalar mean, spread;
            cv::meanStdDev(map(cv::Rect(20, 20, 120, 120)), mean, spread);
            return spread[0];
        };
        QVERIFY2(along(maps[0]) < 12 && along(maps[1]) > 35,
                 qPrintable(QStringLiteral("%1, %2").arg(along(maps[0])).arg(along(maps[1]))));
    }

    /// A tone that costs too much tooth is not begun with where another one does.
    void faultsAreKeptOutOf() {
        const cv::Mat wanted(60, 60, CV_32FC3, cv::Scalar(56, 0, 0)), mask(60, 60, CV_8U, cv::Scalar(255));
        MapTask two = task(wanted, mask, 2, 4);
        // Medium of the first alone, or heavy of the second alone, would do.
        for (int tone = 0; tone < 16; ++tone)
            two.tones[std::size_t(tone)] = {
                20.0 + 18 * pigment::pressureIn(tone, 0, 2) + 12 * pigment::pressureIn(tone, 1, 2), 0, 0};
        for (int tone = 0; tone < 16; ++tone)
            if (pigment::pressureIn(tone, 0, 2) > 0) two.faults[std::size_t(tone)] = 5;
        const auto maps = pressureMaps(two);
        QVERIFY(cv::mean(maps[0])[0] < 5 && cv::mean(maps[1])[0] > 2.5 * mapStep);
    }

    /// Starting values of the trade's marks: common practice, no source.
    void marksAreThoseOfTheTrade() {
        using materials::Kind;
        using pigment::Manner;
        QCOMPARE(markMillimetres(Kind::soft, Manner::scumble, true), 8.0);
        QCOMPARE(markMillimetres(Kind::soft, Manner::scumble, false), 3.0);
        QCOMPARE(markMillimetres(Kind::soft, Manner::hatch, true), 3.0);
        QCOMPARE(markMillimetres(Kind::pan, Manner::scumble, true), 6.0);
        QCOMPARE(markMillimetres(Kind::hard, Manner::hatch, false), 1.5);
        QCOMPARE(markMillimetres(Kind::pencil, Manner::hatch, true), 0.8);
        QCOMPARE(markMillimetres(Kind::pan, Manner::scumble, false), 3.0);
        for (const Kind kind : {Kind::hard, Kind::charcoal}) {
            QCOMPARE(markMillimetres(kind, Manner::scumble, true), 6.0);
            QCOMPARE(markMillimetres(kind, Manner::scumble, false), 1.5);
            QCOMPARE(markMillimetres(kind, Manner::press, true), 1.5);
        }
        for (const Kind kind : {Kind::watercolour, Kind::gouache, Kind::acrylic, Kind::ink}) {
            QCOMPARE(markMillimetres(kind, Manner::wash, true), 10.0);
            QCOMPARE(markMillimetres(kind, Manner::dab, false), 10.0);
        }
        QCOMPARE(markMillimetres(Kind::soft, Manner::fix, true), 10.0);
        QCOMPARE(markMillimetres(Tool::finger), 8.0);
        QCOMPARE(markMillimetres(Tool::stump), 3.0);
        QCOMPARE(markMillimetres(Kind::pencil, Manner::lift, true), 3.0);
        QCOMPARE(markFactor(Detail::suggest), 2.0);
        QCOMPARE(markFactor(Detail::usual), 1.0);
        QCOMPARE(markFactor(Detail::fine), 0.5);
    }
};

QTEST_GUILESS_MAIN(TestMaps)
#include "test_maps.moc"

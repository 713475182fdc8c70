#include <QtTest>
#include <cmath>
#include <opencv2/core.hpp>

#include "colour/difference.h"
#include "colour/reflectance.h"
#include "rendering/sheet_picture.h"

using namespace rendering;

namespace {

pigment::Patch bare(const char* hex, materials::Surface surface) {
    return pigment::barePatch(materials::profileOf(surface),
                              colour::reflectanceFromSrgb(colour::srgbFromSrgb8(*colour::srgb8FromHex(hex))));
}

}  // namespace

class TestRendering : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void everyGrainGivesEveryCellTheSameArea_data() {
        QTest::addColumn<int>("surface");
        for (int i = 0; i < materials::surfaceCount; ++i) QTest::newRow(qPrintable(QString::number(i))) << i;
    }
    void everyGrainGivesEveryCellTheSameArea() {
        QFETCH(int, surface);
        for (const double scale : {0.05, 0.4, 5.0}) {
            const cv::Mat grain = grainMap(materials::Surface(surface), {160, 110}, scale);
            for (int cell = 0; cell < pigment::cellCount; ++cell) {
                const double share = double(cv::countNonZero(grain == cell)) / double(grain.total());
                QVERIFY(std::fabs(share - 1.0 / pigment::cellCount) < 1e-3);
            }
            const cv::Mat again = grainMap(materials::Surface(surface), {160, 110}, scale);
            QCOMPARE(cv::norm(grain, again, cv::NORM_INF), 0.0);
        }
    }

    /// The eye's mean of the picture is the patch's mean reflectance.
    void thePictureHasThePatchsColour() {
        materials::Material stick;
        stick.masstone = *colour::srgb8FromHex("#2b4fa0");
        const pigment::Pigment pigment = pigment::pigmentOf(stick);
        pigment::Patch patch = bare("#c2502c", materials::Surface::sanded400);
        pigment::lay(patch, {&pigment, pigment::Manner::scumble, pigment::Pressure::medium});
        const cv::Mat map(200, 200, CV_32S, cv::Scalar(0));
        const cv::Mat picture = sheetPicture(map, {patch}, grainMap(materials::Surface::sanded400, map.size(), 0.4));
        colour::Xyz mean;
        for (int y = 0; y < 200; ++y)
            for (int x = 0; x < 200; ++x) {
                const cv::Vec3b p = picture.at<cv::Vec3b>(y, x);
                const colour::Xyz xyz = colour::xyzFromSrgb(colour::srgbFromSrgb8({p[0], p[1], p[2]}));
                mean = {mean.x + xyz.x / 40000, mean.y + xyz.y / 40000, mean.z + xyz.z / 40000};
            }
        QVERIFY(colour::differenceCie2000(colour::labFromXyz(mean), pigment::labOf(patch)) < 0.6);
        // It speckles: the ground shows between.
        cv::Scalar average, spread;
        cv::meanStdDev(picture, average, spread);
        QVERIFY(spread[0] > 10);
    }

    void passagesKeepTheirPlaces() {
        cv::Mat map(40, 60, CV_32S, cv::Scalar(0));
        map(cv::Rect(30, 0, 30, 40)).setTo(1);
        const auto surface = materials::Surface::cartridge;
        const cv::Mat picture =
            sheetPicture(map, {bare("#202020", surface), bare("#e0e0e0", surface)}, grainMap(surface, map.size(), 1));
        QCOMPARE(picture.at<cv::Vec3b>(20, 10)[0], uchar(0x20));
        QCOMPARE(picture.at<cv::Vec3b>(20, 50)[0], uchar(0xe0));
    }
};

QTEST_GUILESS_MAIN(TestRendering)
#include "test_rendering.moc"

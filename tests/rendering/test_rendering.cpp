#include <QtTest>
#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "colour/image_colour.h"
#include "colour/reflectance.h"
#include "rendering/close_up.h"
#include "rendering/picture_difference.h"
#include "rendering/sheet_picture.h"

using namespace rendering;

namespace {

pigment::Patch bare(const char* hex, materials::Surface surface) {
    return pigment::barePatch(materials::profileOf(surface),
                              colour::reflectanceFromSrgb(colour::srgbFromSrgb8(*colour::srgb8FromHex(hex))));
}

constexpr auto d65 = colour::Light::daylight65;

/// The mean light of a picture, as a colour.
colour::Lab meanOf(const cv::Mat& picture) {
    cv::Mat xyz = colour::xyzOfSrgb8Image(picture);
    const cv::Scalar mean = cv::mean(xyz);
    return colour::labFromXyz({mean[0], mean[1], mean[2]});
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
        const cv::Mat picture =
            sheetPicture(map, {{patch, {}}}, {}, grainMap(materials::Surface::sanded400, map.size(), 0.4), d65);
        colour::Xyz mean;
        for (int y = 0; y < 200; ++y)
            for (int x = 0; x < 200; ++x) {
                const cv::Vec3b p = picture.at<cv::Vec3b>(y, x);
                const colour::Xyz xyz = colour::xyzFromSrgb(colour::srgbFromSrgb8({p[0], p[1], p[2]}));
                mean = {mean.x + xyz.x / 40000, mean.y + xyz.y / 40000, mean.z + xyz.z / 40000};
            }
        QVERIFY(colour::differenceCie2000(colour::labFromXyz(mean), pigment::labOf(patch, d65)) < 0.6);
        // It speckles: the ground shows between.
        cv::Scalar average, spread;
        cv::meanStdDev(picture, average, spread);
        QVERIFY(spread[0] > 10);
    }

    void partsKeepTheirPlaces() {
        cv::Mat map(40, 60, CV_32S, cv::Scalar(0));
        map(cv::Rect(30, 0, 30, 40)).setTo(1);
        const auto surface = materials::Surface::cartridge;
        const cv::Mat picture = sheetPicture(map, {{bare("#202020", surface), {}}, {bare("#e0e0e0", surface), {}}}, {},
                                             grainMap(surface, map.size(), 1), d65);
        QCOMPARE(picture.at<cv::Vec3b>(20, 10)[0], uchar(0x20));
        QCOMPARE(picture.at<cv::Vec3b>(20, 50)[0], uchar(0xe0));
    }

    /// Marks of two parts that lie among each other give the mean of their light (Ives: juxtaposed marks mix as light).
    void marksThatRunInMixAsLight() {
        const auto surface = materials::Surface::cartridge;
        const cv::Mat map(40, 60, CV_32S, cv::Scalar(0)), other(map.size(), CV_32S, cv::Scalar(1));
        const std::vector<LaidPart> parts{{bare("#202020", surface), {}}, {bare("#e0e0e0", surface), {}}};
        const auto codeAt = [&](int share) {
            const RunIn runIn{other, cv::Mat(map.size(), CV_8U, cv::Scalar(share)), {}};
            return int(
                sheetPicture(map, parts, {}, grainMap(surface, map.size(), 1), d65, runIn).at<cv::Vec3b>(20, 10)[0]);
        };
        QCOMPARE(codeAt(0), 0x20);
        QCOMPARE(codeAt(255), 0xe0);
        const double dark = colour::linearFromEncoded(0x20 / 255.0), light = colour::linearFromEncoded(0xe0 / 255.0);
        for (const int share : {51, 102, 204}) {
            const double mixed = 255 * colour::encodedFromLinear(dark + (light - dark) * share / 255);
            QVERIFY(std::fabs(codeAt(share) - mixed) <= 1);
        }
    }

    /// Two layers with pressure maps: where a tone is laid the mean light is the film's, and between the levels it goes
    /// from one to the next without a step back.
    void layersAreLaidByTheirMaps() {
        materials::Material blue, ochre;
        blue.masstone = *colour::srgb8FromHex("#2b4fa0");
        ochre.masstone = *colour::srgb8FromHex("#d8b060");
        const pigment::Pigment first = pigment::pigmentOf(blue), second = pigment::pigmentOf(ochre);
        const LaidPart part{bare("#8a7f74", materials::Surface::sanded600),
                            {{&first, pigment::Manner::scumble}, {&second, pigment::Manner::hatch}}};
        const cv::Size size(160, 160);
        const cv::Mat map(size, CV_32S, cv::Scalar(0)), grain = grainMap(materials::Surface::sanded600, size, 0.4);
        const auto seenAt = [&](double one, double other) {
            const cv::Mat p1(size, CV_8U, cv::Scalar(one * mapStep)), p2(size, CV_8U, cv::Scalar(other * mapStep));
            return meanOf(sheetPicture(map, {part}, {p1, p2}, grain, d65));
        };
        for (int one = 0; one < 4; ++one)
            for (int other = 0; other < 4; ++other) {
                pigment::Patch patch = part.ground;
                pigment::lay(patch, {&first, pigment::Manner::scumble, pigment::Pressure{float(one)}});
                pigment::lay(patch, {&second, pigment::Manner::hatch, pigment::Pressure{float(other)}});
                QVERIFY(colour::differenceCie2000(seenAt(one, other), pigment::labOf(patch, d65)) < 0.6);
            }
        double before = -1;
        for (double p = 0; p <= 3.001; p += 0.2) {
            const double L = seenAt(2, p).L;
            QVERIFY(L > before);
            before = L;
        }
    }

    /// The difference that the eye sees: a checkerboard too fine for it is its mean grey, in light and not in code.
    /// From near and from far the mean colour is that of the sheet as it is seen from the easel, whatever manners and
    /// pressures, and the marks run as they are told to.
    void marksCloseUpComeToTheSheet() {
        std::vector<pigment::Pigment> pigments;
        for (const char* hex : {"#3a2a50", "#c05a30", "#e8dcc0"}) {
            materials::Material stick;
            stick.masstone = *colour::srgb8FromHex(hex);
            pigments.push_back(pigment::pigmentOf(stick));
        }
        using pigment::Manner;
        using pigment::Pressure;
        for (const float direction : {-0.8f, 0.0f, 1.2f}) {
            MarkedSheet sheet;
            sheet.partMap = cv::Mat(150, 200, CV_32S, cv::Scalar(0));
            sheet.partMap.colRange(100, 200).setTo(1);
            const pigment::Patch paper = bare("#8a8478", sheet.surface);
            sheet.parts = {
                {paper,
                 {{&pigments[0], Manner::scumble, Pressure::medium},
                  {&pigments[1], Manner::hatch, Pressure::medium},
                  {&pigments[2], Manner::hatch, Pressure::medium}}},
                {paper,
                 {{&pigments[1], Manner::press, Pressure::medium}, {&pigments[2], Manner::scumble, Pressure::medium}}}};
            sheet.directions = {direction, direction};
            sheet.markMillimetres = {{8, 1.5, 0.8}, {3, 3}};
            for (const int level : {100, 190, 60}) sheet.pressures.emplace_back(150, 200, CV_8U, cv::Scalar(level));
            sheet.widthMillimetres = 200;
            const cv::Mat easel = sheetPicture(sheet.partMap, sheet.parts, sheet.pressures, {}, d65);
            for (const auto& [x, width] : {std::pair(0.0, 1.0), std::pair(0.1, 0.3), std::pair(0.6, 0.3)}) {
                CloseUp close(sheet, {x, 0.2, width, width}, {480, 360});
                cv::Mat marks = close.picture({1, 0});
                close.goOn(marks, {1, 0}, {3, 2});
                QCOMPARE(cv::norm(marks, close.picture({3, 2}), cv::NORM_INF), 0.0);
                for (const int part : {0, 1}) {
                    const bool isSeen = part == 0 ? x < 0.5 : x + width > 0.5;
                    if (!isSeen) continue;
                    const cv::Mat seen = width < 1 ? marks : marks.colRange(part == 0 ? 0 : 250, part == 0 ? 230 : 480);
                    const cv::Mat laid = easel.colRange(part == 0 ? 0 : 110, part == 0 ? 90 : 200);
                    const double apart = colour::differenceCie2000(meanOf(seen), meanOf(laid));
                    QVERIFY2(apart < 1.0, qPrintable(QString::number(apart)));
                }
            }
            // Seen near, a pixel is more alike to the next along the stroke than to the next across it.
            const cv::Mat near = CloseUp(sheet, {0.1, 0.2, 0.2, 0.2}, {400, 300}).picture({3, 2});
            const auto unlike = [&](float towards) {
                const int dx = int(std::lround(8 * std::cos(towards))), dy = int(std::lround(8 * std::sin(towards)));
                const cv::Mat one = near(cv::Rect(20, 20, 360, 260)),
                              other = near(cv::Rect(20 + dx, 20 + dy, 360, 260));
                return cv::norm(one, other, cv::NORM_L1);
            };
            QVERIFY(unlike(direction) < 0.85 * unlike(direction + 1.57f));
        }
    }

    void theEyeJoinsWhatLiesCloseTogether() {
        cv::Mat board(300, 400, CV_8UC3), flat(300, 400, CV_8UC3);
        for (int y = 0; y < 300; ++y)
            for (int x = 0; x < 400; ++x) board.at<cv::Vec3b>(y, x) = cv::Vec3b::all((x + y) % 2 ? 60 : 200);
        const double light = (colour::linearFromEncoded(60 / 255.0) + colour::linearFromEncoded(200 / 255.0)) / 2;
        flat.setTo(cv::Scalar::all(std::lround(255 * colour::encodedFromLinear(light))));
        QVERIFY(figuresOf(differenceSeen(board, flat, easelSigma(board.size()))).mean < 0.3);
        flat.setTo(cv::Scalar::all(130));  // the mean of the codes
        QVERIFY(figuresOf(differenceSeen(board, flat, easelSigma(board.size()))).mean > 3);
        QCOMPARE(easelSigma({1000, 400}), 5.0);
        QCOMPARE(squintSigma({400, 1000}), 20.0);
    }

    /// Against the plain way: both pictures blurred at their full size, CIEDE2000 pixel by pixel.
    void theDifferenceIsThatOfTheFullSize() {
        cv::RNG random(5);
        cv::Mat one(24, 32, CV_8UC3), other(24, 32, CV_8UC3), noise(480, 640, CV_8UC3);
        random.fill(one, cv::RNG::UNIFORM, 20, 230);
        random.fill(other, cv::RNG::UNIFORM, 20, 230);
        random.fill(noise, cv::RNG::UNIFORM, 0, 30);
        cv::resize(one, one, {640, 480}, 0, 0, cv::INTER_CUBIC);
        cv::resize(other, other, {640, 480}, 0, 0, cv::INTER_CUBIC);
        other = one * 0.8 + other * 0.2 + noise;
        for (const double sigma : {3.2, 12.8}) {
            std::array<cv::Mat, 2> labs;
            for (std::size_t i = 0; i < 2; ++i) {
                labs[i] = colour::xyzOfSrgb8Image(i == 0 ? one : other);
                cv::GaussianBlur(labs[i], labs[i], {}, sigma, sigma, cv::BORDER_REFLECT);
                colour::toLab(labs[i]);
            }
            double sum = 0;
            for (int y = 0; y < 480; ++y)
                for (int x = 0; x < 640; ++x) {
                    const cv::Vec3f &a = labs[0].at<cv::Vec3f>(y, x), &b = labs[1].at<cv::Vec3f>(y, x);
                    sum += colour::differenceCie2000({a[0], a[1], a[2]}, {b[0], b[1], b[2]});
                }
            const double mean = sum / (480 * 640), seen = figuresOf(differenceSeen(one, other, sigma)).mean;
            QVERIFY2(std::fabs(seen - mean) < 0.03, qPrintable(QStringLiteral("%1, %2").arg(seen).arg(mean)));
        }
    }

    void figuresAreMeanAnd95thPercentile() {
        cv::Mat map(1, 1000, CV_32F);
        for (int i = 0; i < 1000; ++i) map.at<float>(i) = float(i);
        QCOMPARE(figuresOf(map).mean, 499.5);
        QCOMPARE(figuresOf(map).p95, 949.0);
    }
};

QTEST_GUILESS_MAIN(TestRendering)
#include "test_rendering.moc"

#include <QtTest>
#include <cmath>
#include <fstream>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "colour/image_colour.h"
#include "review/easel_photograph.h"
#include "review/flat_sheet.h"
#include "review/hidden_places.h"
#include "review/sharpness.h"
#include "review/work_differences.h"

using namespace review;
using common::ProblemKind;

namespace {

constexpr double wide = 400, high = 300, pixelsPerMillimetre = 2;

/// A picture of our own: a table with a pot and a fruit before a wall, and its areas.
struct Scene {
    cv::Mat picture{cv::Size(800, 600), CV_8UC3, cv::Scalar(150, 150, 158)};
    cv::Mat areas{cv::Size(800, 600), CV_32S, cv::Scalar(0)};
    static constexpr int count = 4;

    Scene() {
        add(1, {96, 78, 60}, [](cv::Mat& mask) { cv::rectangle(mask, {0, 420, 800, 180}, 255, -1); });
        add(2, {150, 72, 48}, [](cv::Mat& mask) { cv::ellipse(mask, {280, 360}, {120, 140}, 0, 0, 360, 255, -1); });
        add(3, {196, 160, 60}, [](cv::Mat& mask) { cv::circle(mask, {560, 430}, 64, 255, -1); });
        cv::RNG dice(3);
        cv::Mat grain(picture.size(), CV_8UC3);
        dice.fill(grain, cv::RNG::NORMAL, 0, 6);
        picture += grain;
        cv::circle(picture, {250, 300}, 22, {230, 190, 160}, -1);
        cv::rectangle(picture, {60, 60, 140, 180}, {190, 200, 210}, -1);
    }

 private:
    template <typename Draw>
    void add(int area, const cv::Scalar& colour, const Draw& draw) {
        cv::Mat mask = cv::Mat::zeros(picture.size(), CV_8U);
        draw(mask);
        picture.setTo(colour, mask);
        areas.setTo(area, mask);
    }
};

cv::Mat readBack(const std::vector<std::uint8_t>& jpeg) {
    return *colour::xyzImage(cv::imdecode(jpeg, cv::IMREAD_COLOR), {}, "photo");
}

/// All that a seed makes of a photograph: tape or a bare margin, tilt to 20 degrees, 3000 to 7500 K, light from one
/// side by up to 30 %, noise, JPEG at 70.
struct Shot {
    Mount mount;
    CameraConditions camera;

    explicit Shot(unsigned seed) {
        cv::RNG dice(seed * 7919 + 13);
        if (seed % 2 == 1) mount.bareMargin = colour::Srgb8{200, 186, 164};
        mount.borderMillimetres = dice.uniform(10.0, 20.0);
        for (int c = 0; c < 3; ++c) mount.tape[c] *= float(1 + dice.uniform(-0.03, 0.03));
        camera.pixels = {1600, 1200};
        camera.tiltDegrees = dice.uniform(0.0, 20.0);
        camera.tiltDirectionDegrees = dice.uniform(0.0, 360.0);
        camera.turnDegrees = dice.uniform(-6.0, 6.0);
        camera.filled = dice.uniform(0.65, 0.85);
        camera.kelvin = dice.uniform(3000.0, 7500.0);
        camera.sideLight = dice.uniform(0.0, 0.3);
        camera.sideLightDegrees = dice.uniform(0.0, 360.0);
        camera.exposure = dice.uniform(0.65, 0.95);
        camera.noise = dice.uniform(0.004, 0.015);
        camera.jpegQuality = 70;
        camera.seed = seed;
    }
    SoughtSheet sought(const Scene& scene) const {
        return {scene.picture, wide, high, mount.borderMillimetres, mount.bareMargin};
    }
};

common::Result<SheetPlace> placeIn(const cv::Mat& photograph, const SoughtSheet& sought) {
    const auto found = findSheet(photograph, {sought}, "photo");
    if (!found) return found.problem();
    return found->place;
}

/// Share of the width by which the worst corner is off.
double cornersOff(const SheetPlace& place, const MountedSheet& mounted, const CameraConditions& camera) {
    const cv::Matx33d true_ = toPhotograph(mounted.flat.size(), camera);
    double worst = 0;
    for (const cv::Point2d corner : {cv::Point2d(0, 0), {1, 0}, {1, 1}, {0, 1}}) {
        const cv::Vec3d p = true_ * cv::Vec3d(mounted.picture.x + corner.x * mounted.picture.width,
                                              mounted.picture.y + corner.y * mounted.picture.height, 1);
        worst = std::max(worst, cv::norm(Lens(camera.pixels, camera.bow).bent({p[0] / p[2], p[1] / p[2]}) -
                                         place.inPhotograph({corner.x * wide, corner.y * high})));
    }
    return worst / cv::norm(place.inPhotograph({wide, 0}) - place.inPhotograph({0, 0}));
}

}  // namespace

/// Photographs of the work by the stand-in camera, read back. What 200 of them come to is measured outside the suite.
class TestWork : public QObject {
    Q_OBJECT

    const Scene scene_;

 private Q_SLOTS:
    /// Half of the contrast of a border is left when it is blurred about as widely as it is looked at.
    void blurIsTold() {
        const cv::Mat meant = colour::xyzOfSrgb8Image(scene_.picture), none = cv::Mat::zeros(meant.size(), CV_8U);
        QVERIFY(std::fabs(sharpnessOf(meant, meant, none) - 1) < 0.1);
        double before = 2;
        for (const double blur : {1.0, 2.0, 4.0, 8.0}) {
            cv::Mat blurred;
            cv::GaussianBlur(meant, blurred, {}, blur);
            const double sharp = sharpnessOf(blurred, meant, none);
            QVERIFY(sharp < before);
            before = sharp;
        }
        QVERIFY2(before < 0.3, qPrintable(QString::number(before)));
        // Where there is nothing to tell by, nobody is blamed.
        const cv::Mat plain(meant.size(), CV_32FC3, cv::Scalar(0.3, 0.3, 0.3));
        QCOMPARE(sharpnessOf(plain, plain, none), 1.0);
    }

    void theSheetIsFoundAndItsColoursAreRead_data() {
        QTest::addColumn<unsigned>("seed");
        for (unsigned seed = 1; seed <= 4; ++seed) QTest::addRow("seed %u", seed) << seed;
    }
    void theSheetIsFoundAndItsColoursAreRead() {
        QFETCH(unsigned, seed);
        const Shot shot(seed);
        const MountedSheet mounted = mountedSheet(scene_.picture, wide, shot.mount);
        const cv::Mat photograph = readBack(photographed(mounted.flat, shot.camera));
        const auto place = placeIn(photograph, shot.sought(scene_));
        QVERIFY(place.ok());
        const double off = cornersOff(*place, mounted, shot.camera);
        QVERIFY2(off < 0.005, qPrintable(QString::number(off)));
        QCOMPARE(place->quarterTurns, 0);
        const auto flat = flattened(photograph, *place, shot.sought(scene_), std::nullopt, "photo");
        QVERIFY(flat.ok());
        const cv::Mat meant = colour::xyzOfSrgb8Image(scene_.picture);
        for (int area = 0; area < Scene::count; ++area) {
            const cv::Mat mask = (scene_.areas == area) & (flat->hidden == 0);
            const auto labIn = [&](const cv::Mat& xyz) {
                const cv::Scalar mean = cv::mean(xyz, mask);
                return colour::labFromXyz({mean[0], mean[1], mean[2]});
            };
            const double apart = colour::differenceCie2000(labIn(meant), labIn(flat->xyz));
            QVERIFY2(apart < 3.5, qPrintable(QString::number(apart)));
        }
    }

    void aCardBesideTheSheetTellsTheLight_data() {
        QTest::addColumn<int>("by");
        QTest::newRow("grey") << int(BalancedBy::greyCard);
        QTest::newRow("swatches") << int(BalancedBy::swatchCard);
    }
    void aCardBesideTheSheetTellsTheLight() {
        QFETCH(int, by);
        Shot shot(2);
        shot.mount.hasGreyCard = by == int(BalancedBy::greyCard);
        shot.mount.hasSwatchCard = !shot.mount.hasGreyCard;
        shot.mount.tape = {0.71f, 0.70f, 0.63f};  // greyer than tape mostly is
        shot.camera.filled = 0.42;
        shot.camera.pixels = {2400, 1800};
        shot.camera.tiltDegrees = 3;
        const MountedSheet mounted = mountedSheet(scene_.picture, wide, shot.mount);
        const cv::Mat photograph = readBack(photographed(mounted.flat, shot.camera));
        const auto place = placeIn(photograph, shot.sought(scene_));
        QVERIFY(place.ok());
        const auto reference = lightReferenceBeside(photograph, *place, shot.sought(scene_));
        QVERIFY(reference.has_value());
        QCOMPARE(int(reference->by), by);
        const cv::Scalar meant = cv::mean(colour::xyzOfSrgb8Image(scene_.picture));
        const auto offBy = [&](const std::optional<LightReference>& known) {
            const auto flat = flattened(photograph, *place, shot.sought(scene_), known, "photo");
            const cv::Scalar mean = cv::mean(flat->xyz);
            return colour::differenceCie2000(colour::labFromXyz({meant[0], meant[1], meant[2]}),
                                             colour::labFromXyz({mean[0], mean[1], mean[2]}));
        };
        QVERIFY2(offBy(reference) < 1.5, qPrintable(QString::number(offBy(reference))));
        QVERIFY(offBy(std::nullopt) > offBy(reference) + 1);
    }

    void withoutACardNoneIsSeen() {
        Shot shot(5);
        const MountedSheet mounted = mountedSheet(scene_.picture, wide, shot.mount);
        const cv::Mat photograph = readBack(photographed(mounted.flat, shot.camera));
        const auto place = placeIn(photograph, shot.sought(scene_));
        QVERIFY(place.ok());
        QVERIFY(!lightReferenceBeside(photograph, *place, shot.sought(scene_)));
    }

    void whatIsOffIsFoundAndNothingElse() {
        Shot shot(4);
        const std::vector<PlantedFault> planted{{120, 100, 14, {9, 0, 0}}, {330, 90, 12, {0, 9, 5}}};
        const MountedSheet mounted = mountedSheet(scene_.picture, wide, shot.mount, planted);
        const cv::Mat photograph = readBack(photographed(mounted.flat, shot.camera));
        const auto place = placeIn(photograph, shot.sought(scene_));
        QVERIFY(place.ok());
        const auto flat = flattened(photograph, *place, shot.sought(scene_), std::nullopt, "photo");
        QVERIFY(flat.ok());
        const auto faults = faultsIn(flat->xyz, colour::xyzOfSrgb8Image(scene_.picture), flat->hidden,
                                     pixelsPerMillimetre, flat->exposure);
        QCOMPARE(faults.size(), planted.size());
        for (const PlantedFault& fault : planted)
            QVERIFY(std::ranges::any_of(faults, [&](const WorkFault& found) {
                return cv::norm(found.centre / pixelsPerMillimetre - cv::Point2d(fault.x, fault.y)) < 5;
            }));
    }

    void whatLiesBesideItsPlaceIsToldInMillimetres() {
        for (const cv::Point2d by : {cv::Point2d(6, -4), {-5, 3}}) {
            Shot shot(6);
            const MountedSheet mounted =
                mountedSheet(scene_.picture, wide, shot.mount, {}, {{scene_.areas == 2, by.x, by.y}});
            const cv::Mat photograph = readBack(photographed(mounted.flat, shot.camera));
            const auto place = placeIn(photograph, shot.sought(scene_));
            QVERIFY(place.ok());
            const auto flat = flattened(photograph, *place, shot.sought(scene_), std::nullopt, "photo");
            QVERIFY(flat.ok());
            cv::Mat meant = colour::xyzOfSrgb8Image(scene_.picture);
            const auto shifts =
                shiftsIn(flat->xyz, meant, flat->hidden, scene_.areas, Scene::count, pixelsPerMillimetre);
            QCOMPARE(shifts.size(), std::size_t(1));
            QCOMPARE(shifts.front().area, 2);
            QVERIFY(cv::norm(shifts.front().shift.millimetres - by) < 1.5);
            // What is explained so is no fault any more.
            for (const WorkFault& fault : faultsIn(flat->xyz, meant, flat->hidden, pixelsPerMillimetre, flat->exposure))
                QVERIFY2(fault.radius < 4 * pixelsPerMillimetre, qPrintable(QString::number(fault.radius)));
        }
    }

    /// Rendered by another program (POV-Ray, data/demo/scenes/easel.pov): the sheet as it lies on the easel, the
    /// photograph, and where its corners are in it (shares of its width and height).
    void aPhotographByAnotherProgramIsRead() {
        const std::string own = std::string(TEST_OWN) + "/review/easel/";
        cv::Mat sheet = cv::imread(own + "sheet.jpg", cv::IMREAD_COLOR);
        cv::cvtColor(sheet, sheet, cv::COLOR_BGR2RGB);
        const cv::Mat photograph =
            *colour::xyzImage(cv::imread(own + "photograph.jpg", cv::IMREAD_COLOR), {}, "photograph.jpg");
        const SoughtSheet sought{sheet, wide, high, 12, {}};
        const auto place = placeIn(photograph, sought);
        QVERIFY(place.ok());
        std::ifstream corners(own + "corners.txt");
        for (const cv::Point2d corner : {cv::Point2d(0, 0), {wide, 0}, {wide, high}, {0, high}}) {
            cv::Point2d truth;
            corners >> truth.x >> truth.y;
            truth = {truth.x * photograph.cols, truth.y * photograph.rows};
            const double off = cv::norm(place->inPhotograph(corner) - truth) / photograph.cols;
            QVERIFY2(off < 0.003, qPrintable(QString::number(off)));
        }
        const auto reference = lightReferenceBeside(photograph, *place, sought);
        QVERIFY(reference && reference->by == BalancedBy::greyCard);
        const auto flat = flattened(photograph, *place, sought, reference, "photograph.jpg");
        QVERIFY(flat.ok());
        // Of pieces of 20 by 20 mm.
        const cv::Mat meant = colour::xyzOfSrgb8Image(sheet);
        const int side = 20 * sheet.cols / int(wide);
        std::vector<double> off;
        for (int y = side; y + 2 * side <= sheet.rows; y += side)
            for (int x = side; x + 2 * side <= sheet.cols; x += side) {
                const auto labIn = [&](const cv::Mat& xyz) {
                    const cv::Scalar mean = cv::mean(xyz(cv::Rect(x, y, side, side)));
                    return colour::labFromXyz({mean[0], mean[1], mean[2]});
                };
                off.push_back(colour::differenceCie2000(labIn(meant), labIn(flat->xyz)));
            }
        std::ranges::nth_element(off, off.begin() + std::ptrdiff_t(off.size() / 2));
        QVERIFY2(off[off.size() / 2] < 1.5, qPrintable(QString::number(off[off.size() / 2])));
    }

    void aLensThatBendsIsStraightened_data() {
        QTest::addColumn<double>("bow");
        for (const double bow : {-0.06, 0.0, 0.03}) QTest::addRow("%.2f", bow) << bow;
    }
    void aLensThatBendsIsStraightened() {
        QFETCH(double, bow);
        Shot shot(2);
        shot.camera.bow = bow;
        const MountedSheet mounted = mountedSheet(scene_.picture, wide, shot.mount);
        const cv::Mat photograph = readBack(photographed(mounted.flat, shot.camera));
        const auto place = placeIn(photograph, shot.sought(scene_));
        QVERIFY(place.ok());
        QVERIFY2(std::fabs(place->lens.bow() - bow) < 0.012, qPrintable(QString::number(place->lens.bow())));
        const double off = cornersOff(*place, mounted, shot.camera);
        QVERIFY2(off < 0.005, qPrintable(QString::number(off)));
        // Both ways round.
        const cv::Point2d pixel(123, 456);
        QVERIFY(cv::norm(place->lens.bent(place->lens.straight(pixel)) - pixel) < 1e-3);
        QVERIFY(cv::norm(place->inPhotograph(place->onSheet(pixel)) - pixel) < 1e-3);
    }

    /// What a hand's shadow and a lamp's gleam hide is left out, and hardly more; the rest has its colours.
    void shadowsAndGleamsAreLeftOut() {
        for (const bool isHidden : {false, true}) {
            Shot shot(4);
            shot.camera.sideLight = 0.2;
            if (isHidden) {
                shot.camera.shadow = {{1.0, 0.4}, 0.24, 0.4};
                shot.camera.gleam = {{0.35, 0.3}, 0.03, 1.5};
            }
            const MountedSheet mounted = mountedSheet(scene_.picture, wide, shot.mount);
            const cv::Mat photograph = readBack(photographed(mounted.flat, shot.camera));
            const auto place = placeIn(photograph, shot.sought(scene_));
            QVERIFY(place.ok());
            const auto flat = flattened(photograph, *place, shot.sought(scene_), std::nullopt, "photo");
            QVERIFY(flat.ok());
            const cv::Mat meant = colour::xyzOfSrgb8Image(scene_.picture);
            const HiddenPlaces hidden = hiddenPlaces(*flat, flat->xyz, meant, pixelsPerMillimetre);
            const auto shareOf = [](const cv::Mat& mask) { return cv::countNonZero(mask) / double(mask.total()); };
            if (!isHidden) {
                QCOMPARE(shareOf(hidden.shadow) + shareOf(hidden.gleam), 0.0);
                continue;
            }
            QVERIFY2(shareOf(hidden.shadow) > 0.02 && shareOf(hidden.shadow) < 0.2,
                     qPrintable(QString::number(shareOf(hidden.shadow))));
            QVERIFY2(shareOf(hidden.gleam) > 0.01 && shareOf(hidden.gleam) < 0.2,
                     qPrintable(QString::number(shareOf(hidden.gleam))));
            const cv::Mat all = flat->hidden | hidden.shadow | hidden.gleam;
            QVERIFY(faultsIn(flat->xyz, meant, flat->hidden, pixelsPerMillimetre, flat->exposure).size() > 0);
            QCOMPARE(faultsIn(flat->xyz, meant, all, pixelsPerMillimetre, flat->exposure).size(), std::size_t(0));
        }
    }

    void aTurnedPhotographIsToldSo() {
        Shot shot(2);
        const MountedSheet mounted = mountedSheet(scene_.picture, wide, shot.mount);
        cv::Mat turned;
        cv::rotate(readBack(photographed(mounted.flat, shot.camera)), turned, cv::ROTATE_180);
        const auto place = placeIn(turned, shot.sought(scene_));
        QVERIFY(place.ok());
        QCOMPARE(place->quarterTurns, 2);
    }

    void badPhotographsAreRefused() {
        const Shot shot(2);
        const MountedSheet mounted = mountedSheet(scene_.picture, wide, shot.mount);
        const cv::Mat good = readBack(photographed(mounted.flat, shot.camera));
        const auto kindOf = [&](const cv::Mat& photograph) {
            const auto place = placeIn(photograph, shot.sought(scene_));
            return place ? ProblemKind::cancelled : place.problem().kind;
        };
        QCOMPARE(int(kindOf(good * 0.01)), int(ProblemKind::workTooDark));
        cv::Mat other(good.size(), CV_32FC3);
        cv::RNG dice(1);
        dice.fill(other, cv::RNG::UNIFORM, 0, 0.8);
        cv::GaussianBlur(other, other, {}, 30);
        QCOMPARE(int(kindOf(other)), int(ProblemKind::workMissing));
        const cv::Mat cut = good(cv::Rect(good.cols * 2 / 5, 0, good.cols * 3 / 5, good.rows)).clone();
        QVERIFY(kindOf(cut) == ProblemKind::workCutOff || kindOf(cut) == ProblemKind::workMissing);
        const auto place = placeIn(good, shot.sought(scene_));
        QVERIFY(place.ok());
        const auto burnt =
            flattened(cv::Mat(cv::min(good * 9, 1.05)), *place, shot.sought(scene_), std::nullopt, "photo");
        QVERIFY(!burnt && burnt.problem().kind == ProblemKind::workTooBright);
    }
};

QTEST_APPLESS_MAIN(TestWork)
#include "test_work.moc"

#include <QtTest>
#include <algorithm>
#include <opencv2/imgproc.hpp>
#include <random>

#include "colour/image_colour.h"
#include "drawn_face.h"
#include "subject/area_tree.h"
#include "subject/recognise.h"
#include "worked.h"

using namespace subject;

namespace {

cv::Mat labOf(const cv::Mat& rgb) {
    cv::Mat bgr;
    cv::cvtColor(rgb, bgr, cv::COLOR_RGB2BGR);
    return *colour::labImage(bgr, {}, "");
}

/// The areas of a picture (R G B) with its faces, recognised.
Areas recognised(const cv::Mat& rgb, int wanted) {
    const cv::Mat lab = labOf(rgb);
    const std::vector<Face> faces = facesIn(rgb, lab);
    Areas areas = areasOf(withFaces(regionsAt(areaTreeOf(lab), wanted), faces), lab);
    recognise(areas, grainOf(lab), faces);
    return areas;
}

const Area& areaAt(const Areas& areas, double x, double y) {
    return areas.list[std::size_t(labelAt(areas.map, x, y))];
}

/// Sky over sea over a meadow, R G B; each may be drawn without what makes it plain.
struct Outdoors {
    cv::Scalar sky{120, 160, 205}, sea{60, 100, 140}, meadow{80, 130, 60};
    bool isSkyBroken = false, isSeaStreaked = true, isMeadowBroken = true;

    cv::Mat drawn() const {
        cv::Mat picture(300, 400, CV_8UC3, sky);
        picture.rowRange(120, 210).setTo(sea);
        picture.rowRange(210, 300).setTo(meadow);
        std::mt19937 random(7);
        const auto number = [&](int below) { return int(random() % unsigned(below)); };
        for (int i = 0; i < 1500; ++i) {
            const int x = number(400), sky_y = number(112), sea_y = 122 + number(84), meadow_y = 214 + number(84);
            const double tone = 0.4 + number(110) / 100.0;
            const int size = 2 + number(5);
            if (isSkyBroken) cv::circle(picture, {x, sky_y}, size, sky * tone, cv::FILLED);
            if (isSeaStreaked && i % 2 == 0) cv::line(picture, {x, sea_y}, {x + 30, sea_y}, sea * tone, 1);
            if (isMeadowBroken) cv::circle(picture, {x, meadow_y}, size, meadow * tone, cv::FILLED);
        }
        return picture;
    }
};

}  // namespace

/// What is plain is recognised, and nothing else.
class TestRecognise : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void aFaceIsFoundWithItsEyes() {
        const cv::Mat picture = drawnFace({240, 200}, 210);
        const auto faces = facesIn(picture, labOf(picture));
        QCOMPARE(faces.size(), std::size_t(1));
        const Face& face = faces.front();
        QCOMPARE(face.of, Face::Of::person);
        QVERIFY(face.eyes.has_value());
        // The drawn eyes lie 0.21 of its width to either side.
        for (const int side : {0, 1}) {
            const cv::Mat& eye = (*face.eyes)[std::size_t(side)];
            QVERIFY(eye.at<uchar>(189, 240 + (side == 0 ? -44 : 44)) != 0);
            QCOMPARE(cv::countNonZero(eye & face.head), 0);
        }
        QVERIFY(face.head.at<uchar>(230, 240) != 0);  // nose
        QVERIFY(face.head.at<uchar>(20, 20) == 0);    // wall
        QVERIFY(face.head.at<uchar>(200, 400) == 0);  // wall beside it
        QVERIFY(holds(face, {0.5, 0.6}));
        QVERIFY(!holds(face, {0.02, 0.02}));
    }

    /// Heads at several places and sizes, as their masks were looked at.
    void headsAreCutOutAsTheyWereLookedAt() {
        Worked worked;
        const auto tell = [&](const char* what, const cv::Mat& mask) {
            const cv::Rect box = cv::boundingRect(mask);
            const cv::Moments moments = cv::moments(mask, true);
            worked.line(what).figures(std::array{moments.m00, moments.m10 / moments.m00, moments.m01 / moments.m00});
            worked.figures(std::array{double(box.x), double(box.y), double(box.width), double(box.height)});
        };
        for (const auto& [centre, wide] : {std::pair(cv::Point(240, 200), 210), std::pair(cv::Point(150, 180), 150),
                                           std::pair(cv::Point(330, 210), 110), std::pair(cv::Point(240, 120), 200)}) {
            const cv::Mat picture = drawnFace(centre, wide);
            for (const Face& face : facesIn(picture, labOf(picture))) {
                tell("head", face.head);
                if (face.eyes)
                    for (const cv::Mat& eye : *face.eyes) tell("  eye", eye);
            }
            const Areas areas = recognised(picture, 6);
            for (const Area& area : areas.list)
                worked.line("  area").figures(std::array{area.share, area.centreX, area.centreY, double(area.focal)});
        }
        QCOMPARE(worked.against(TEST_OWN "/subject/worked/heads.txt", 2e-3, 1e-3), QString());
    }

    void aFaceAndItsEyesAreAreas() {
        const Areas areas = recognised(drawnFace({240, 200}, 210), 5);
        const Area &face = areaAt(areas, 0.5, 0.58), &left = areaAt(areas, 196.0 / 480, 189.0 / 400),
                   &right = areaAt(areas, 284.0 / 480, 189.0 / 400);
        QCOMPARE(face.recognised, Recognised::face);
        QCOMPARE(face.kind, AreaKind::skin);
        QCOMPARE(left.recognised, Recognised::leftEye);
        QCOMPARE(right.recognised, Recognised::rightEye);
        QCOMPARE(left.kind, AreaKind::eye);
        QCOMPARE(left.together, right.together);
        QVERIFY(left.together != face.together);
        QVERIFY(face.focal && left.focal && right.focal);
        QCOMPARE(std::ranges::count_if(areas.list, &Area::focal), 3);
        QVERIFY(face.plane != Plane::background);
        QCOMPARE(left.plane, face.plane);
        // All else is what it was: the wall is one area still.
        QCOMPARE(areaAt(areas, 0.05, 0.1).id, areaAt(areas, 0.95, 0.1).id);
        QCOMPARE(areaAt(areas, 0.05, 0.1).recognised, Recognised::nothing);
    }

    void noFaceIsFoundWhereThereIsNone() {
        for (const cv::Mat& picture : {Outdoors().drawn(), cv::Mat(cv::Mat(300, 400, CV_8UC3, cv::Scalar(90, 80, 70)))})
            QVERIFY(facesIn(picture, labOf(picture)).empty());
        const cv::Mat labels(30, 40, CV_32S, cv::Scalar(0));
        QCOMPARE(cv::norm(withFaces(labels, {}), labels, cv::NORM_INF), 0.0);
    }

    void faceOutsideTheFrameIsCutByIt() {
        // Half of it is seen: found or not, no mask reaches beyond the picture.
        const cv::Mat picture = drawnFace({300, 330}, 210);
        for (const Face& face : facesIn(picture, labOf(picture))) QCOMPARE(face.head.size(), picture.size());
    }

    void skySeaAndMeadowAreTold() {
        const Areas areas = recognised(Outdoors().drawn(), 3);
        QCOMPARE(areaAt(areas, 0.5, 0.1).recognised, Recognised::sky);
        QCOMPARE(areaAt(areas, 0.5, 0.1).kind, AreaKind::sky);
        QCOMPARE(areaAt(areas, 0.5, 0.1).plane, Plane::background);
        QCOMPARE(areaAt(areas, 0.5, 0.55).recognised, Recognised::water);
        QCOMPARE(areaAt(areas, 0.5, 0.55).kind, AreaKind::water);
        QCOMPARE(areaAt(areas, 0.5, 0.9).recognised, Recognised::foliage);
        QCOMPARE(areaAt(areas, 0.5, 0.9).kind, AreaKind::foliage);
        QCOMPARE(std::ranges::count_if(areas.list, &Area::focal), 1);
    }

    void whatIsNotPlainIsLeftAlone() {
        Outdoors scene;
        scene.isSkyBroken = true;
        scene.isMeadowBroken = false;
        // What is said at these heights.
        const auto said = [](const Outdoors& drawn, std::initializer_list<double> heights) {
            const Areas areas = recognised(drawn.drawn(), 3);
            std::vector<Recognised> all;
            for (const double y : heights) all.push_back(areaAt(areas, 0.5, y).recognised);
            return all;
        };
        using enum Recognised;
        const std::vector thrice(3, nothing);
        // Broken up, not smooth; no sky above it; smooth: a lawn, a cloth, a wall.
        QCOMPARE(said(scene, {0.1, 0.55, 0.9}), thrice);
        Outdoors brown;
        brown.sky = {150, 110, 90};
        brown.sea = {140, 90, 60};
        brown.meadow = {150, 120, 90};
        QCOMPARE(said(brown, {0.1, 0.55, 0.9}), thrice);
        Outdoors khaki;
        khaki.meadow = {112, 112, 86};
        QCOMPARE(said(khaki, {0.9}), std::vector{nothing});
        Outdoors still;
        still.isSeaStreaked = false;
        QCOMPARE(said(still, {0.1, 0.55}), (std::vector{sky, nothing}));
        Outdoors overcast;
        overcast.sky = {226, 228, 230};
        QCOMPARE(said(overcast, {0.1}), std::vector{sky});
    }
};

QTEST_GUILESS_MAIN(TestRecognise)
#include "test_recognise.moc"

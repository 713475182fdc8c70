#include <QtTest>
#include <cmath>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

#include "colour/image_colour.h"
#include "colour/munsell.h"
#include "colour/warmth.h"
#include "figures.h"
#include "numbers.h"
#include "subject/area_edits.h"
#include "subject/areas_by_colour.h"
#include "subject/attention.h"
#include "subject/borrowed.h"
#include "subject/colour_choice.h"
#include "subject/groupings.h"
#include "subject/islands.h"
#include "subject/masses.h"
#include "subject/measures.h"
#include "subject/outlines.h"
#include "subject/picture.h"
#include "subject/planes.h"
#include "subject/pyramid.h"
#include "subject/samples.h"
#include "subject/squint.h"
#include "subject/triad.h"
#include "worked.h"

using namespace subject;

namespace {

constexpr int width = 320, height = 240;

/// A figure before a wall of two tones that cross it.
cv::Mat figure(cv::Mat& truth) {
    const auto inside = [](double x, double y) { return std::hypot((x - 160) / 60, (y - 120) / 80) < 1; };
    cv::Mat lab = drawnFigure(width, height, {66, 2, 8}, {42, 30, 26}, inside);
    truth.create(lab.size(), CV_8U);
    Numbers random(31);
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            truth.at<uchar>(y, x) = inside(x + 0.5, y + 0.5) ? 255 : 0;
            lab.at<cv::Vec3f>(y, x) += cv::Vec3f(float((x < 150 ? 6 : -4) + random.between(-1, 1)), 0, 0);
        }
    return lab;
}

double overlap(const cv::Mat& one, const cv::Mat& other) {
    return double(cv::countNonZero(one & other)) / std::max(1, cv::countNonZero(one | other));
}

Scribble ring(double cx, double cy, double rx, double ry) {
    Scribble places;
    for (int i = 0; i < 40; ++i)
        places.emplace_back(cx + rx * std::cos(i * CV_PI / 20), cy + ry * std::sin(i * CV_PI / 20));
    return places;
}

}  // namespace

/// What the artist corrects and chooses on the subject.
class TestChoices : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// Small scenes of boxes and discs, each with light and shadow, read in every way, as they were looked at.
    void smallScenesAreReadAsTheyWereLookedAt() {
        Worked worked;
        for (unsigned scene = 1; scene <= 16; ++scene) {
            Numbers random(scene);
            cv::Mat lab(90, 120, CV_32FC3), labels(90, 120, CV_32S, cv::Scalar(0));
            for (int y = 0; y < 90; ++y)
                for (int x = 0; x < 120; ++x) lab.at<cv::Vec3f>(y, x) = {float(66 - y / 4), float(scene) - 8, 6};
            for (int thing = 1; thing <= 5; ++thing) {
                const int wide = 8 + random.below(34), high = 8 + random.below(30);
                const int left = random.below(120 - wide), top = random.below(90 - high);
                // One drawn after the other: a call's arguments come in no certain order.
                const double L = random.between(8, 92), a = random.between(-40, 50), b = random.between(-40, 60);
                const cv::Vec3f colour{float(L), float(a), float(b)};
                for (int y = top; y < top + high; ++y)
                    for (int x = left; x < left + wide; ++x) {
                        const double u = 2.0 * (x - left) / wide - 1, v = 2.0 * (y - top) / high - 1;
                        if (thing % 2 && std::hypot(u, v) > 1) continue;
                        labels.at<int>(y, x) = thing;
                        lab.at<cv::Vec3f>(y, x) = colour + cv::Vec3f(float(-14 * u), float(3 * u), float(4 * v));
                    }
            }
            for (int y = 0; y < 90; ++y)
                for (int x = 0; x < 120; ++x) lab.at<cv::Vec3f>(y, x)[0] += float(random.between(-1.5, 1.5));
            worked.line(QStringLiteral("scene %1").arg(scene));
            const cv::Mat smooth = squinted(lab, 0.5);
            cv::Mat specked = labels.clone();
            for (int speck = 0; speck < 30; ++speck) {
                const int x = random.below(114), y = random.below(84), label = random.below(6);
                const int wide = 1 + random.below(5), high = 1 + random.below(5);
                specked(cv::Rect(x, y, wide, high)) = label;
            }
            const cv::Mat cleaned = withoutIslands(specked, 20);
            worked.line("cleaned");
            for (int label = 0; label < 6; ++label) {
                // How much there is of it, and where.
                const cv::Moments at = cv::moments(cleaned == label, true);
                worked.figures(std::array{at.m00, at.m10, at.m01, at.m11});
            }
            Areas areas = areasOf(labels, lab);
            for (const Area& area : areas.list) {
                worked.line(QString::fromStdString(area.key)).figures(area.colour);
                worked.figures(
                    std::array{area.share, area.centreX, area.centreY, double(area.plane), double(area.focal)});
                for (const int neighbour : area.neighbours) worked.figure(neighbour);
            }
            for (const Triad& triad : triadsOf(areas, lab))
                worked.line("triad").figures(triad.dark.colour).figures(triad.light.colour).figure(triad.lightWarmer);
            for (std::size_t i = 0; i < areas.list.size(); ++i) areas.list[i].plane = Plane((scene + i) % 3);
            for (const PlaneFault& fault : planeFaults(areas, lab))
                worked.line("fault").figures(std::array{double(fault.area), double(fault.kind), fault.by});
            if (const auto strongest = strongestContrast(smooth, areas))
                worked.line("contrast")
                    .figures(std::array{strongest->place.x, strongest->place.y, strongest->steps, strongest->atFocal,
                                        double(strongest->isFocal)});
            if (const auto horizon = horizonOf(areas)) worked.line("horizon").figure(*horizon);
            for (int levels = 2; levels <= 5; ++levels)
                for (int g = 0; g < groupingCount; ++g)
                    worked.line("parted").figures(thresholdsFor(Grouping(g), smooth, levels));
            for (const cv::Size& cut : {cv::Size(120, 90), cv::Size(31, 17)})
                for (const auto& sample :
                     samplesOf(lab(cv::Rect(cv::Point(), cut)), labels(cv::Rect(cv::Point(), cut)) < 3, 1.5, 4))
                    worked.line("sample").figures(sample.colour).figure(sample.weight);
            const Areas proposed = areasOf(regionsByColour(smooth, 5), smooth);
            worked.line("proposed").figure(double(proposed.list.size()));
            for (const Area& area : proposed.list) worked.figure(area.share);
            for (int area = 0; area < int(areas.list.size()); ++area) {
                worked.line("outline");
                for (const Scribble& outline : outlinesOf(areas.map, area)) {
                    const Place sum = std::accumulate(outline.begin(), outline.end(), Place(0, 0));
                    worked.figures(std::array{double(outline.size()), sum.x, sum.y});
                }
            }
        }
        QCOMPARE(worked.against(TEST_OWN "/subject/worked/scenes.txt", 5e-3, 2e-3), QString());
    }

    /// Which area holds the eye by itself: the one that stands out most, near the middle, neither tiny nor far.
    void whatHoldsTheEyeIsProposed() {
        const auto focal = [](const cv::Rect& left, const cv::Vec3f& one, const cv::Rect& right, const cv::Vec3f& other,
                              const cv::Vec3f& ground) {
            cv::Mat lab(100, 100, CV_32FC3, cv::Scalar(ground)), labels(100, 100, CV_32S, cv::Scalar(0));
            lab(left).setTo(one);
            labels(left).setTo(1);
            lab(right).setTo(other);
            labels(right).setTo(2);
            const Areas areas = areasOf(labels, lab);
            for (const Area& area : areas.list)
                if (area.focal) return labels.at<int>(int(area.centreY * 100), int(area.centreX * 100));
            return 0;
        };
        const cv::Rect left(20, 50, 15, 15), right(65, 50, 15, 15);
        // Farther from the whole, whichever way.
        QCOMPARE(focal(left, {50, -10, 0}, right, {50, 44, 0}, {50, 20, 0}), 1);
        QCOMPARE(focal(left, {50, 0, 60}, right, {50, 0, -30}, {50, 0, 20}), 2);
        QCOMPARE(focal(left, {80, 0, 0}, right, {15, 0, 0}, {50, 0, 0}), 2);
        // Larger, or nearer to the middle.
        QCOMPARE(focal(left, {80, 0, 0}, {60, 50, 25, 25}, {80, 0, 0}, {50, 0, 0}), 2);
        QCOMPARE(focal({40, 50, 15, 15}, {80, 0, 0}, {83, 80, 15, 15}, {80, 0, 0}, {50, 0, 0}), 1);
        // Half a percent of the picture is large enough, less is not.
        QCOMPARE(focal({20, 50, 5, 10}, {90, 0, 0}, right, {51, 0, 0}, {50, 0, 0}), 1);
        QCOMPARE(focal({20, 50, 7, 7}, {90, 0, 0}, right, {51, 0, 0}, {50, 0, 0}), 2);
        // What runs along the top is far, however it stands out.
        QVERIFY(focal({0, 0, 100, 30}, {90, 0, 0}, right, {51, 0, 0}, {50, 0, 0}) != 1);
    }

    void aSubjectIsCutOutOfItsBackground() {
        cv::Mat truth;
        const cv::Mat lab = figure(truth);
        // Taken for two halves, as the light falls: the border runs through the figure.
        cv::Mat labels(lab.size(), CV_32S, cv::Scalar(0));
        labels.colRange(150, width).setTo(1);
        const Areas areas = edited(labels, lab, {{AreaEdit::Kind::cutOut, {ring(0.5, 0.5, 0.25, 0.42)}}});
        QCOMPARE(areas.list.size(), std::size_t(4));
        // Every area lies on one side of the figure's border.
        for (std::size_t i = 0; i < areas.list.size(); ++i) {
            const cv::Mat mask = areas.map == int(i);
            const double in = double(cv::countNonZero(mask & truth)) / cv::countNonZero(mask);
            QVERIFY2(in < 0.05 || in > 0.95, qPrintable(QString::number(in)));
        }
        const cv::Mat found =
            (areas.map == labelAt(areas.map, 0.45, 0.5)) | (areas.map == labelAt(areas.map, 0.55, 0.5));
        QVERIFY2(overlap(found, truth) > 0.93, qPrintable(QString::number(overlap(found, truth))));
    }

    /// Labels do not run out, however often something is cut out: the edit after them is as it is after one.
    void cuttingOutManyTimesLosesNoEdit() {
        cv::Mat truth;
        const cv::Mat lab = figure(truth);
        cv::Mat labels(lab.size(), CV_32S, cv::Scalar(0));
        labels.colRange(150, width).setTo(1);
        const AreaEdit cut{AreaEdit::Kind::cutOut, {ring(0.5, 0.5, 0.25, 0.42)}};
        const AreaEdit border{AreaEdit::Kind::border, {ring(0.1, 0.1, 0.05, 0.05)}};
        std::vector<AreaEdit> many(35, cut);
        many.push_back(border);
        const Areas once = edited(labels, lab, {cut, border});
        const Areas often = edited(labels, lab, many);
        QCOMPARE(once.list.size(), std::size_t(5));
        QCOMPARE(often.list.size(), std::size_t(5));
        QCOMPARE(cv::countNonZero(once.map != often.map), 0);
    }

    void bordersAreDrawnAndMoved() {
        cv::Mat truth;
        const cv::Mat lab = figure(truth);
        cv::Mat labels(lab.size(), CV_32S, cv::Scalar(0));
        labels.colRange(150, width).setTo(1);
        const Areas before = areasOf(labels, lab);
        const Areas drawn =
            edited(before.map, lab, {{AreaEdit::Kind::border, {ring(0.5, 0.5, 60.0 / 320, 80.0 / 240)}}});
        QCOMPARE(drawn.list.size(), std::size_t(3));
        const cv::Mat mine = drawn.map == labelAt(drawn.map, 0.5, 0.5);
        QVERIFY2(overlap(mine, truth) > 0.98, qPrintable(QString::number(overlap(mine, truth))));
        // The left area takes a piece of the right one: the scribble begins in the left.
        const Scribble piece{{0.4, 0.2}, {0.7, 0.2}, {0.7, 0.6}, {0.4, 0.6}};
        const Areas moved = edited(before.map, lab, {{AreaEdit::Kind::grow, {piece}}});
        QCOMPARE(moved.list.size(), std::size_t(2));
        QCOMPARE(labelAt(moved.map, 0.65, 0.4), labelAt(moved.map, 0.1, 0.4));
        QVERIFY(labelAt(moved.map, 0.65, 0.7) != labelAt(moved.map, 0.1, 0.4));
        // Three scribbles part one area into three; scribbles outside it say nothing.
        cv::Mat whole(lab.size(), CV_32S, cv::Scalar(0));
        const AreaEdit three{
            AreaEdit::Kind::part,
            {{{0.45, 0.5}, {0.55, 0.5}}, {{0.05, 0.1}, {0.05, 0.9}}, {{0.95, 0.1}, {0.95, 0.9}}, {{2, 2}}}};
        QCOMPARE(edited(whole, lab, {three}).list.size(), std::size_t(3));
        for (const int k : {0, 1, 2, 3, 4})
            QCOMPARE(areaEditNamed(nameOf(AreaEdit::Kind(k))), std::optional(AreaEdit::Kind(k)));
    }

    void massesPartWhereTheyAreTold() {
        cv::Mat lab(60, 90, CV_32FC3, cv::Scalar(20, 0, 0));
        lab.colRange(30, 60).setTo(cv::Scalar(50, 0, 0));
        lab.colRange(60, 90).setTo(cv::Scalar(80, 0, 0));
        const Masses masses = massesParted(lab, {3.5, 9});
        QCOMPARE(masses.values.size(), std::size_t(3));
        QVERIFY(std::fabs(masses.shares[0] - 1.0 / 3) < 1e-9 && std::fabs(masses.shares[1] - 2.0 / 3) < 1e-9);
        QVERIFY(std::fabs(masses.values[1] - colour::munsellValueOfLightness(65)) < 0.01);
        QCOMPARE(masses.shares[2], 0.0);
        // A mass that nothing falls into is none.
        QVERIFY(std::fabs(contrastOf(masses).lightest - masses.values[1]) < 1e-12);
        const auto back = thresholdsOf(masses);
        QVERIFY(back.size() == 2 && std::fabs(back[0] - 3.5) < 1e-6 && std::fabs(back[1] - 9) < 1e-6);
        // The exact levels, taken for thresholds, give the exact masses again.
        cv::Mat truth;
        const cv::Mat soft = squinted(figure(truth), 0.4);
        const Masses exact = valueMasses(soft, 4), again = massesParted(soft, thresholdsOf(exact));
        QVERIFY(cv::countNonZero(exact.map != again.map) <= int(soft.total() / 1000));
    }

    void groupingsSpendTheirStepsWhereTheySay() {
        // Four tones: two darks near each other, two lights near each other.
        cv::Mat lab(80, 80, CV_32FC3);
        Numbers random(5);
        for (int y = 0; y < 80; ++y)
            for (int x = 0; x < 80; ++x)
                lab.at<cv::Vec3f>(y, x) = {float((x < 20   ? 15
                                                  : x < 40 ? 25
                                                  : x < 60 ? 70
                                                           : 85) +
                                                 random.between(-1, 1)),
                                           0, 0};
        const auto at = [&](Grouping grouping) { return thresholdsFor(grouping, lab, 3); };
        const double v20 = colour::munsellValueOfLightness(20), v50 = colour::munsellValueOfLightness(50),
                     v78 = colour::munsellValueOfLightness(78);
        const auto dark = at(Grouping::oneDark), light = at(Grouping::oneLight), even = at(Grouping::evenSteps);
        QVERIFY(dark.size() == 2 && dark[0] > v20 + 0.3 && dark[0] < v50 + 2 && std::fabs(dark[1] - v78) < 0.8);
        QVERIFY(light.size() == 2 && std::fabs(light[0] - v20) < 0.6 && light[1] > light[0] && light[1] < v78 - 0.5);
        QVERIFY(even.size() == 2 && even[0] > 3 && even[1] < 7.5);
        // The nearest is that of the exact levels.
        const auto nearest = at(Grouping::nearest), exact = thresholdsOf(valueMasses(lab, 3));
        QVERIFY(nearest.size() == exact.size());
        for (std::size_t i = 0; i < exact.size(); ++i) QVERIFY(std::fabs(nearest[i] - exact[i]) < 1e-9);
        QVERIFY(thresholdsFor(Grouping::oneDark, cv::Mat(9, 9, CV_32FC3, cv::Scalar(50, 0, 0)), 4).size() <= 3);
    }

    void theStrongestContrastIsHeldAgainstTheFocalArea() {
        cv::Mat lab(200, 300, CV_32FC3, cv::Scalar(60, 0, 0)), labels(200, 300, CV_32S, cv::Scalar(0));
        cv::rectangle(lab, {40, 60, 60, 60}, cv::Scalar(35, 10, 10), cv::FILLED);  // soft
        cv::rectangle(lab, {220, 80, 50, 60}, cv::Scalar(8, 0, 0), cv::FILLED);    // hard
        cv::rectangle(labels, {40, 60, 60, 60}, cv::Scalar(1), cv::FILLED);
        cv::rectangle(labels, {220, 80, 50, 60}, cv::Scalar(2), cv::FILLED);
        Areas areas = areasOf(labels, lab);
        for (Area& area : areas.list) area.focal = false;
        QVERIFY(!strongestContrast(lab, areas));
        areas.list[std::size_t(labelAt(areas.map, 0.2, 0.4))].focal = true;
        const auto elsewhere = strongestContrast(lab, areas);
        QVERIFY(elsewhere && !elsewhere->isFocal && elsewhere->steps > elsewhere->atFocal + 1);
        QVERIFY(elsewhere->place.x > 0.65);
        areas.list[std::size_t(labelAt(areas.map, 0.2, 0.4))].focal = false;
        areas.list[std::size_t(labelAt(areas.map, 0.8, 0.5))].focal = true;
        QVERIFY(strongestContrast(lab, areas)->isFocal);
    }

    /// A grey ball under a warm lamp with the sky in its shadow, and the other way round. Source of the reckoning: for
    /// a matt surface the ratios of X and Z between light and shadow are those of the lights.
    void theLightIsToldFromItsShadow() {
        const auto lit = [](const colour::Xyz& light, const colour::Xyz& shade, double r, double g, double b) {
            cv::Mat lab(60, 60, CV_32FC3);
            for (int y = 0; y < 60; ++y)
                for (int x = 0; x < 60; ++x) {
                    const double part = x < 20 ? 0 : x < 40 ? 0.5 : 1;
                    const auto mix = [&](double a, double c, double k) { return (a * part + c * (1 - part)) * k; };
                    const colour::Lab v = colour::labFromXyz(
                        {mix(light.x, shade.x, r), mix(light.y, shade.y, g), mix(light.z, shade.z, b)});
                    lab.at<cv::Vec3f>(y, x) = {float(v.L), float(v.a), float(v.b)};
                }
            return triadsOf(areasOf(cv::Mat(60, 60, CV_32S, cv::Scalar(0)), lab), lab).front();
        };
        const colour::Xyz warm{1.05, 1.0, 0.5}, cool{0.18, 0.2, 0.25};
        const colour::Xyz coolBright{0.92, 1.0, 1.2}, warmDim{0.21, 0.2, 0.1};
        // The surface's own colour does not matter: grey, red, blue.
        for (const auto& [r, g, b] :
             {std::tuple(0.5, 0.5, 0.5), std::tuple(0.6, 0.3, 0.1), std::tuple(0.15, 0.2, 0.6)}) {
            QVERIFY(lit(warm, cool, r, g, b).lightWarmer > 0.5);
            QVERIFY(lit(coolBright, warmDim, r, g, b).lightWarmer < -0.5);
            QVERIFY(std::fabs(lit({0.96, 1, 0.82}, {0.096, 0.1, 0.082}, r, g, b).lightWarmer) < 0.12);
        }
        // Swatches are pixels of the picture.
        const Triad triad = lit(warm, cool, 0.5, 0.5, 0.5);
        QVERIFY(triad.dark.place.x < 1.0 / 3 && triad.light.place.x > 2.0 / 3);
        QVERIFY(triad.dark.colour.L < triad.medium.colour.L && triad.medium.colour.L < triad.light.colour.L);
    }

    /// Common practice, no source: far things are softer, lower in contrast, bluer and greyer.
    void planesThatComeForwardAreToldAndSetBack() {
        cv::Mat lab(200, 200, CV_32FC3), labels(200, 200, CV_32S, cv::Scalar(0));
        Numbers random(17);
        for (int y = 0; y < 200; ++y)
            for (int x = 0; x < 200; ++x) {
                const bool near = y >= 100;
                labels.at<int>(y, x) = near;
                const float stripe = x / 5 % 2 == 0 ? 1.f : -1.f;
                lab.at<cv::Vec3f>(y, x) = near ? cv::Vec3f(45 + 6 * stripe, 4, 6) : cv::Vec3f(40 + 25 * stripe, 12, 22);
            }
        Areas areas = areasOf(labels, lab);
        areas.list[0].plane = Plane::background;
        areas.list[1].plane = Plane::foreground;
        const auto faults = planeFaults(areas, lab);
        QCOMPARE(faults.size(), std::size_t(3));
        for (const PlaneFault& fault : faults) QCOMPARE(fault.area, 0);
        // Set back a few times, it stays behind; chroma, contrast and warmth have gone down, lightness up.
        ColourChoice choice;
        for (int i = 0; i < 8; ++i) choice = setBack(choice);
        choice.warmer = std::max(choice.warmer, -20.0);
        cv::Mat set = lab.clone();
        choose(set, choice, 40, areas.map == 0);
        QVERIFY(planeFaults(areas, set).empty());
        QVERIFY(set.at<cv::Vec3f>(150, 100) == lab.at<cv::Vec3f>(150, 100));
        // Each fault by itself, and where it begins: a fifth of each of five lightnesses, in stripes of that width.
        const auto told = [&](double darkest, double stripe, double warm, double share = 0.5) {
            cv::Mat made(200, 200, CV_32FC3);
            const int far = int(std::lround(200 * share));
            for (int y = 0; y < 200; ++y)
                for (int x = 0; x < 200; ++x) {
                    const bool isFar = y < far;
                    labels.at<int>(y, x) = !isFar;
                    const double sunk = x < 60 ? colour::lightnessOfMunsellValue(isFar ? darkest : 3) : 60;
                    const double edge = x / 4 % 2 == 0 ? 0 : isFar ? stripe : 6;
                    made.at<cv::Vec3f>(y, x) = {float(sunk + edge), 0, isFar ? float(warm) : 0.f};
                }
            Areas two = areasOf(labels, made);
            two.list[0].plane = Plane::background;
            two.list[1].plane = Plane::foreground;
            QString kinds;
            for (const PlaneFault& fault : planeFaults(two, made))
                kinds += QStringLiteral("%1 %2;").arg(int(fault.kind)).arg(fault.by, 0, 'f', 2);
            return kinds;
        };
        QCOMPARE(told(2.75, 6, 0), QString());
        QCOMPARE(told(2.65, 6, 0), QStringLiteral("0 0.35;"));
        QCOMPARE(told(3, 6.5, 0), QString());
        QCOMPARE(told(3, 7, 0), QStringLiteral("1 1.17;"));
        const double oneWarm = colour::warmth({60, 0, 1});
        QCOMPARE(told(3, 6, 3.9 / oneWarm), QString());
        QCOMPARE(told(3, 6, 4.1 / oneWarm), QStringLiteral("2 4.10;"));
        QCOMPARE(told(2.65, 6, 0, 0.01), QStringLiteral("0 0.35;"));  // a hundredth of the picture counts
        QCOMPARE(told(2.65, 6, 0, 0.005), QString());
        // As it should be from the start: nothing is said; nor without a foreground.
        areas.list[0].plane = Plane::middle;
        QVERIFY(planeFaults(areas, lab).empty());
    }

    void choicesPushAndCalm() {
        const colour::Lab lab{40, 20, -10};
        const colour::Lab pushed = chosen(lab, {1.5, 1, 0, 0}, 50);
        QVERIFY(std::fabs(pushed.a - 30) < 1e-9 && std::fabs(pushed.b + 15) < 1e-9 && pushed.L == 40);
        QVERIFY(std::fabs(chosen(lab, {1, 2, 0, 0}, 50).L - 30) < 1e-9);
        QVERIFY(std::fabs(chosen(lab, {1, 1, 1, 0}, 50).L - 50) < 1e-9);
        QVERIFY(chosen(lab, {1, 2, 3, 0}, 5).L <= 100);
        QVERIFY(chosen(lab, {1, 1, 0, 10}, 50).b > lab.b && chosen(lab, {1, 1, 0, -10}, 50).a < lab.a);
        QVERIFY(chosen(lab, {}, 50) == lab);
    }

    void anAreaTakesTheColoursOfAnotherPicture() {
        // A grey ramp takes a brown-to-cream one, the darkest its darkest.
        cv::Mat lab(40, 100, CV_32FC3), other(50, 120, CV_32FC3), mask(40, 100, CV_8U, cv::Scalar(0));
        for (int y = 0; y < 40; ++y)
            for (int x = 0; x < 100; ++x) lab.at<cv::Vec3f>(y, x) = {30 + 0.3f * float(x), 0, 0};
        for (int y = 0; y < 50; ++y)
            for (int x = 0; x < 120; ++x)
                other.at<cv::Vec3f>(y, x) =
                    x < 60 ? cv::Vec3f(50, -40, -40) : cv::Vec3f(20 + float(x - 60), 15, float(x - 60) / 2);
        mask.colRange(0, 80).setTo(255);
        cv::Mat soft = lab.clone();
        // Of the right half only, by a diagonal from its lower right to its upper left.
        Borrowed(other, {{1, 1}, {0.505, 0}}).layOn(lab, soft, mask);
        QVERIFY(std::fabs(soft.at<cv::Vec3f>(20, 1)[0] - 21) < 2 && std::fabs(soft.at<cv::Vec3f>(20, 78)[0] - 78) < 2);
        for (int x = 1; x < 80; ++x) {
            QVERIFY(soft.at<cv::Vec3f>(20, x)[0] >= soft.at<cv::Vec3f>(20, x - 1)[0]);
            QVERIFY(std::fabs(soft.at<cv::Vec3f>(20, x)[1] - 15) < 1);
        }
        QVERIFY(soft.at<cv::Vec3f>(20, 90) == cv::Vec3f(57, 0, 0));
        QVERIFY(cv::norm(lab, soft, cv::NORM_INF) < 1e-4);
    }

    /// What is looked into is what was read: the view of a part is the framed picture's part.
    void aPyramidShowsWhatTheFrameHolds() {
        cv::Mat image(900, 1300, CV_8UC3), noise(900, 1300, CV_8UC3);
        cv::RNG random(3);
        cv::Mat coarse(9, 13, CV_8UC3);
        random.fill(coarse, cv::RNG::UNIFORM, 30, 220);
        cv::resize(coarse, image, image.size(), 0, 0, cv::INTER_CUBIC);
        std::vector<uchar> png;
        cv::imencode(".png", image, png);
        const auto pyramid = readPyramid(png, "big.png");
        const auto picture = readPicture(png, "big.png", 4000);
        QVERIFY(pyramid.ok() && picture.ok());
        const Frame frames[] = {{}, {0.45, 0.55, 0.6, 11, colour::Xyz{0.3, 0.31, 0.22}}};
        for (const Frame& frame : frames) {
            cv::Mat whole = framed(picture->xyz, frame, 4.0 / 3, 400);
            for (const cv::Rect2d& part : {cv::Rect2d(0, 0, 1, 1), cv::Rect2d(0.3, 0.2, 0.4, 0.4)}) {
                const cv::Mat view = pyramid->view(frame, 4.0 / 3, part, {400, 300});
                cv::Mat wanted;
                const cv::Rect pixels(int(part.x * whole.cols), int(part.y * whole.rows), int(part.width * whole.cols),
                                      int(part.height * whole.rows));
                cv::resize(colour::srgb8ImageFromXyz(whole)(pixels), wanted, view.size(), 0, 0, cv::INTER_CUBIC);
                QVERIFY2(cv::norm(view, wanted, cv::NORM_L1) / double(view.total() * 3) < 2.5,
                         qPrintable(QString::number(cv::norm(view, wanted, cv::NORM_L1) / double(view.total() * 3))));
            }
        }
        QVERIFY(!readPyramid({}, "no.png").ok());
        // Parts of all sizes, as they were looked at: small ones out of the picture itself, large ones out of less.
        Worked worked;
        for (const Frame& frame : frames)
            for (const double wide : {1.0, 0.5, 0.31, 0.1})
                for (const cv::Size& pixels : {cv::Size(90, 70), cv::Size(330, 250), cv::Size(1, 1)}) {
                    const cv::Mat view = pyramid->view(frame, 1.3, {0.2, 0.1, wide, wide}, pixels);
                    worked.line(QStringLiteral("%1 of %2 px").arg(wide).arg(pixels.width));
                    for (const auto& [x, y] : {std::pair(0.0, 0.0), std::pair(0.99, 0.4), std::pair(0.5, 0.99)}) {
                        const auto seen = view.at<cv::Vec3b>(int(y * pixels.height), int(x * pixels.width));
                        worked.figures(std::array{double(seen[0]), double(seen[1]), double(seen[2])});
                    }
                }
        QCOMPARE(worked.against(TEST_OWN "/subject/worked/views.txt", 0, 2), QString());
    }
};

QTEST_APPLESS_MAIN(TestChoices)
#include "test_choices.moc"

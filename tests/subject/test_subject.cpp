#include <QtTest>
#include <algorithm>
#include <cmath>
#include <numeric>
#include <opencv2/imgproc.hpp>
#include <set>

#include "colour/image_colour.h"
#include "numbers.h"
#include "partings.h"
#include "rounds.h"
#include "subject/area_edits.h"
#include "subject/area_tree.h"
#include "subject/areas.h"
#include "subject/areas_by_colour.h"
#include "subject/islands.h"
#include "subject/masses.h"
#include "subject/odds.h"
#include "subject/samples.h"
#include "subject/squint.h"

using namespace subject;

namespace {

/// Least cost over every way to cut n sorted values into k runs.
double bruteForce(const std::vector<double>& v, const std::vector<double>& w, int first, int k) {
    const int n = int(v.size());
    const auto span = [&](int a, int b) {
        double weight = 0, sum = 0, cost = 0;
        for (int i = a; i <= b; ++i) {
            weight += w[i];
            sum += w[i] * v[i];
        }
        for (int i = a; i <= b; ++i) cost += w[i] * (v[i] - sum / weight) * (v[i] - sum / weight);
        return cost;
    };
    if (k == 1) return span(first, n - 1);
    double best = 1e300;
    for (int end = first; end <= n - k; ++end)
        best = std::min(best, span(first, end) + bruteForce(v, w, end + 1, k - 1));
    return best;
}

struct SceneColours {
    cv::Vec3f lit, dark, table, wall;
};

/// A CIELAB scene: a disc, of which the right half is in shadow, on a table before a wall; if nothing else is said, a
/// red disc on a dark table before a grey wall. In the shadow of a matt surface a*, b* and L* + 16 fall together.
cv::Mat scene(cv::Mat& truth,
              const SceneColours& colours = {{62, 50, 34}, {38, 34.6F, 23.5F}, {24, 0, -6}, {72, 1, 4}}) {
    cv::Mat lab(300, 400, CV_32FC3);
    truth.create(lab.size(), CV_32S);
    Numbers random(7);
    for (int y = 0; y < lab.rows; ++y)
        for (int x = 0; x < lab.cols; ++x) {
            const bool disc = std::hypot(x - 180, y - 170) < 70;
            const bool table = y > 210;
            truth.at<int>(y, x) = disc ? 0 : table ? 1 : 2;
            cv::Vec3f colour = disc    ? (x < 185 ? colours.lit : colours.dark)
                               : table ? colours.table
                                       : colours.wall - cv::Vec3f(float(x) * 0.02F, 0, 0);
            for (int c = 0; c < 3; ++c) colour[c] += float(random.between(-1, 1));
            lab.at<cv::Vec3f>(y, x) = colour;
        }
    return lab;
}

/// A scene of several objects before a ground in two parts, each lit from one side with a soft terminator, with a soft
/// cast shadow, texture and noise, in CIELAB. `truth` numbers the objects from 2 on.
cv::Mat objects(Numbers& random, cv::Mat& truth, int& count) {
    const int width = 480, height = 360;
    truth.create(height, width, CV_32S);
    cv::Mat lab(height, width, CV_32FC3);
    const int edge = 150 + random.below(90);
    const auto colourOf = [&](int least, int most) {
        const double hue = random.between(0, 2 * M_PI), chroma = random.between(8, 55);
        return cv::Vec3f(float(random.between(least, most)), float(chroma * std::cos(hue)),
                         float(chroma * std::sin(hue)));
    };
    const cv::Vec3f wall(float(random.between(62, 80)), float(random.between(-4, 4)), float(random.between(-4, 8)));
    const cv::Vec3f table(float(random.between(24, 42)), float(random.between(-4, 10)), float(random.between(-6, 14)));
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            truth.at<int>(y, x) = y >= edge;
            // The wall darkens slowly to one side.
            lab.at<cv::Vec3f>(y, x) = y >= edge ? table : wall - cv::Vec3f(10.0f * float(x) / width, 0, 0);
        }
    count = 2;
    const int wanted = 3 + random.below(4);
    for (int n = 0; n < wanted; ++n) {
        const int rx = 28 + random.below(44), ry = 28 + random.below(38);
        const cv::Point centre(rx + random.below(width - 2 * rx), edge - ry / 2 + random.below(height - edge - ry / 2));
        cv::Mat mask(height, width, CV_8U, cv::Scalar(0));
        const double turn = random.between(0, 180);
        if (random.below(3) == 0) {
            cv::Point2f corners[4];
            cv::RotatedRect(centre, cv::Size2f(1.7f * float(rx), 1.7f * float(ry)), float(turn)).points(corners);
            const std::vector<cv::Point> outline(corners, corners + 4);
            cv::fillConvexPoly(mask, outline, 255);
        } else {
            cv::ellipse(mask, centre, {rx, ry}, turn, 0, 360, 255, cv::FILLED);
        }
        // What overlaps another by much makes pieces of it: such a scene has no one truth.
        const cv::Mat overlap = mask & (truth >= 2);
        if (cv::countNonZero(overlap) > cv::countNonZero(mask) / 5) continue;
        cv::Mat shadow(height, width, CV_32F, cv::Scalar(0));
        cv::ellipse(shadow, centre + cv::Point(rx / 2, ry * 3 / 4), {rx, std::max(6, ry / 4)}, 0, 0, 360, 1,
                    cv::FILLED);
        cv::GaussianBlur(shadow, shadow, {}, 5);
        cv::Vec3f colour;
        do colour = colourOf(35, 70);
        while (cv::norm(colour - wall) < 18 || cv::norm(colour - table) < 18);
        for (int y = 0; y < height; ++y)
            for (int x = 0; x < width; ++x) {
                if (mask.at<uchar>(y, x) == 0) {
                    if (truth.at<int>(y, x) < 2) lab.at<cv::Vec3f>(y, x)[0] -= 9 * shadow.at<float>(y, x);
                    continue;
                }
                truth.at<int>(y, x) = count;
                const double side = std::tanh((x - centre.x + 0.4 * (y - centre.y)) / (0.25 * rx));
                lab.at<cv::Vec3f>(y, x) = colour + cv::Vec3f(float(-11 * side), 0, 0);
            }
        ++count;
    }
    cv::Mat texture(height / 4, width / 4, CV_32FC3), noise(height, width, CV_32FC3);
    for (cv::Mat* grain : {&texture, &noise})
        for (int y = 0; y < grain->rows; ++y)
            for (int x = 0; x < grain->cols; ++x)
                grain->at<cv::Vec3f>(y, x) =
                    cv::Vec3f(float(random.between(-2.5, 2.5)), float(random.between(-1.5, 1.5)),
                              float(random.between(-1.5, 1.5)));
    cv::resize(texture, texture, lab.size(), 0, 0, cv::INTER_CUBIC);
    cv::GaussianBlur(lab, lab, {}, 0.8);
    return lab + texture + noise;
}

}  // namespace

class TestSubject : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void levelsAreTheExactOptimum() {
        Numbers random(21);
        for (int round = 0; round < 200; ++round) {
            const int n = 3 + random.below(10);
            std::vector<double> values, weights;
            for (int i = 0; i < n; ++i) values.push_back(random.between(0, 100));
            std::ranges::sort(values);
            for (int i = 0; i < n; ++i) weights.push_back(1 + random.below(9));
            const int k = 1 + random.below(std::min(5, n));
            const Levels levels = exactLevels(values, weights, k);
            QCOMPARE(int(levels.means.size()), k);
            const double best = bruteForce(values, weights, 0, k);
            QVERIFY(std::fabs(levels.cost - best) <= 1e-9 * std::max(1.0, best));
            QVERIFY(std::ranges::is_sorted(levels.means));
            QCOMPARE(levels.upTo.back(), values.back());
        }
        QVERIFY(exactLevels({}, {}, 3).means.empty());
        QCOMPARE(exactLevels({4.0}, {2.0}, 5).means.size(), std::size_t(1));
    }

    void islandsGoToTheirNeighbours() {
        cv::Mat labels(40, 40, CV_32S, cv::Scalar(0));
        labels(cv::Rect(20, 0, 20, 40)).setTo(1);
        labels(cv::Rect(5, 5, 2, 2)).setTo(1);
        labels(cv::Rect(30, 30, 1, 1)).setTo(0);
        const cv::Mat out = withoutIslands(labels, 10);
        QCOMPARE(out.at<int>(5, 5), 0);
        QCOMPARE(out.at<int>(30, 30), 1);
        QCOMPARE(cv::countNonZero(out), 800);
    }

    /// A patch of less than a two-thousandth of the picture is no mass of its own.
    void smallPatchesAreNoMasses() {
        for (const auto& [side, levels] : {std::pair(7, 1), std::pair(8, 2)}) {
            cv::Mat lab(300, 400, CV_32FC3, cv::Scalar(80, 0, 0));  // 120,000 pixels
            lab.colRange(0, 100).setTo(cv::Scalar(20, 0, 0));
            lab(cv::Rect(250, 150, side, side)).setTo(cv::Scalar(20, 0, 0));
            const Masses masses = valueMasses(lab, 2);
            const cv::Mat part = masses.map(cv::Rect(200, 100, 150, 120));
            double least = 0, most = 0;
            cv::minMaxLoc(part, &least, &most);
            QCOMPARE(int(most - least) + 1, levels);
        }
    }

    void squintSmoothsButKeepsEdges() {
        cv::Mat truth;
        const cv::Mat lab = scene(truth);
        const cv::Mat soft = squinted(lab, 0.5);
        QVERIFY(std::fabs(soft.at<cv::Vec3f>(100, 30)[0] - soft.at<cv::Vec3f>(102, 33)[0]) < 0.5);
        QVERIFY(soft.at<cv::Vec3f>(200, 350)[0] - soft.at<cv::Vec3f>(220, 350)[0] > 40);
        QCOMPARE(cv::norm(squinted(lab, 0), lab), 0.0);
        // To look at: the same in colours of the screen.
        const cv::Mat picture = colour::srgb8ImageFromLab(lab), seen = squintedPicture(picture, 0.5);
        cv::Mat apart;
        cv::absdiff(seen, colour::srgb8ImageFromLab(soft), apart);
        QVERIFY2(cv::mean(apart.reshape(1))[0] < 0.6, qPrintable(QString::number(cv::mean(apart.reshape(1))[0])));
        QVERIFY(cv::norm(seen, picture, cv::NORM_INF) > 10);
    }

    void theSquintedLightnessIsThatOfTheSquint() {
        cv::Mat truth, lightness;
        const cv::Mat lab = scene(truth);
        for (const double amount : {0.0, 0.3, 0.9}) {
            cv::extractChannel(squinted(lab, amount), lightness, 0);
            QVERIFY(cv::norm(lightness, squintedLightness(lab, amount), cv::NORM_INF) < 1e-3);
            QVERIFY(cv::countNonZero(valueMasses(lightness, 4).map != valueMasses(squinted(lab, amount), 4).map) == 0);
        }
    }

    void massesHoldTheWholePicture() {
        cv::Mat truth;
        const Masses masses = valueMasses(squinted(scene(truth), 0.4), 4);
        QCOMPARE(masses.values.size(), std::size_t(4));
        double sum = 0;
        for (const double s : masses.shares) sum += s;
        QVERIFY(std::fabs(sum - 1) < 1e-9);
        const Contrast contrast = contrastOf(masses);
        QVERIFY(std::fabs(contrast.dark + contrast.medium + contrast.light - 1) < 1e-9);
        QVERIFY(contrast.darkest < 3 && contrast.lightest > 6);
        for (const auto& [x, y] : {std::pair(0.0, 0.0), std::pair(0.999, 0.3), std::pair(0.5, 0.999)})
            QCOMPARE(levelAt(masses.map, x, y),
                     int(masses.map.at<uchar>(int(y * masses.map.rows), int(x * masses.map.cols))));
        QCOMPARE(levelAt(masses.map, -1, 7), int(masses.map.at<uchar>(masses.map.rows - 1, 0)));
        QCOMPARE(levelAt(masses.map, 1, 1), int(masses.map.at<uchar>(masses.map.rows - 1, masses.map.cols - 1)));
    }

    void areasFollowObjectsNotTheirShadows() {
        cv::Mat truth;
        const cv::Mat lab = scene(truth), soft = squinted(lab, 0.3);
        const Areas areas = areasOf(regionsAt(areaTreeOf(lab), 3), soft);
        QCOMPARE(areas.list.size(), std::size_t(3));
        // Mean best overlap of the true objects.
        double covering = 0;
        for (int object = 0; object < 3; ++object) {
            const cv::Mat wanted = truth == object;
            double best = 0;
            for (int a = 0; a < 3; ++a) {
                const cv::Mat got = areas.map == a;
                best = std::max(best, double(cv::countNonZero(wanted & got)) / cv::countNonZero(wanted | got));
            }
            covering += best / 3;
        }
        QVERIFY2(covering > 0.9, qPrintable(QString::number(covering)));
        double share = 0;
        for (const Area& area : areas.list) share += area.share;
        QVERIFY(std::fabs(share - 1) < 1e-9);
        QCOMPARE(std::ranges::count(areas.list, true, &Area::focal), 1);
    }

    /// Flat discs of any colour, half of each in a shadow with a hard edge, on a table of any before a wall of any.
    void hardShadowsCutFewThings() {
        Numbers random(86);
        int cut = 0;
        const int rounds = roundsOf(12);
        for (int round = 0; round < rounds; ++round) {
            const auto any = [&](double lightness, double mostChroma) {
                const double hue = random.between(0, 2 * M_PI), chroma = random.between(mostChroma / 4, mostChroma);
                return cv::Vec3f(float(lightness), float(chroma * std::cos(hue)), float(chroma * std::sin(hue)));
            };
            const cv::Vec3f lit = any(random.between(45, 75), 60), table = any(random.between(15, 50), 25),
                            wall = any(random.between(60, 85), 15);
            const auto dim = float(random.between(0.45, 0.75));
            const cv::Vec3f dark((lit[0] + 16) * dim - 16, lit[1] * dim, lit[2] * dim);
            cv::Mat truth;
            const cv::Mat lab = scene(truth, {lit, dark, table, wall});
            const cv::Mat map = regionsAt(areaTreeOf(lab), 3), disc = truth == 0;
            const cv::Mat area = map == map.at<int>(170, 150);  // that of the lit half
            cut += cv::countNonZero(area & disc) < 0.9 * cv::countNonZero(area | disc);
        }
        qInfo("%d of %d discs cut or lost", cut, rounds);
        QVERIFY(cut * 5 <= rounds);
    }

    void treesAreAskedFromTheTop() {
        // Of the first tree term 0 alone decides, of the second terms 0, 1 and 2.
        const OddsTree trees[] = {
            {{0, 0, 0, 0, 0, 0, 0}, {1, 0, 2, -1, 0.5F, 1.5F, 3}, {1, 2, 4, 8, 16, 32, 64, 128}},
            {{0, 1, 2, 1, 1, 2, 2}, {1, 5, 5, 4, 6, 4, 6}, {100, 200, 300, 400, 500, 600, 700, 800}}};
        const float weights[] = {2, -1, 0.5F};
        const Odds odds{10, weights, trees};
        const auto told = [&](float a, float b, float c) {
            const float terms[] = {a, b, c};
            return std::pair(odds.byRegression(terms), odds.byTrees(terms));
        };
        QCOMPARE(told(1, 5, 0), std::pair(7.0F, 8.0F + 200));
        QCOMPARE(told(-2, 4, 0), std::pair(2.0F, 1.0F + 100));
        QCOMPARE(told(2, 0, 6), std::pair(17.0F, 32.0F + 700));
        QCOMPARE(told(4, 0, 7), std::pair(21.5F, 128.0F + 800));
    }

    void areasHaveTheBordersOfTheObjects() {
        Numbers random(84);
        std::vector<double> recalls, coverings;
        for (int round = 0; round < roundsOf(24); ++round) {
            cv::Mat truth;
            int count = 0;
            const cv::Mat lab = objects(random, truth, count);
            const cv::Mat soft = squinted(lab, 0.4);
            const Areas areas = areasOf(regionsAt(areaTreeOf(lab), count), soft);
            recalls.push_back(boundaryRecall(truth, areas.map, 3));
            coverings.push_back(coveringOf(truth, count, areas.map, int(areas.list.size())));
        }
        const auto mean = [](const std::vector<double>& v) {
            return std::accumulate(v.begin(), v.end(), 0.0) / double(v.size());
        };
        qInfo("areas at their true number: boundary recall %.3f (worst %.3f), covering %.3f (worst %.3f)",
              mean(recalls), std::ranges::min(recalls), mean(coverings), std::ranges::min(coverings));
        QVERIFY(mean(recalls) >= 0.9);
        QVERIFY(mean(coverings) >= 0.85);
    }

    /// What was proposed too coarsely is parted at the object's border by two places; what too finely, joined.
    void areasAreCorrectedByTwoPlaces() {
        Numbers random(85);
        for (int round = 0; round < roundsOf(12); ++round) {
            cv::Mat truth;
            int count = 0;
            const cv::Mat lab = squinted(objects(random, truth, count), 0.4);
            // Everything is one area; each object is parted from what is left by a place in it and one on the ground.
            Areas areas = areasOf(cv::Mat(truth.size(), CV_32S, cv::Scalar(0)), lab);
            const cv::Mat object = truth == 2;
            const cv::Moments middle = cv::moments(object, true);
            const Place on(middle.m10 / middle.m00 / truth.cols, middle.m01 / middle.m00 / truth.rows);
            const AreaEdit part{AreaEdit::Kind::part, {{on}, {{0.02, 0.02}}}};
            areas = edited(areas.map, lab, {part});
            QCOMPARE(areas.list.size(), std::size_t(2));
            const cv::Mat wanted = bordersOf(areas.map);
            QVERIFY(cv::countNonZero(wanted) > 0);
            // Joined again, nothing is left of it.
            AreaEdit join = part;
            join.kind = AreaEdit::Kind::join;
            QCOMPARE(edited(areas.map, lab, {join}).list.size(), std::size_t(1));
            // Both the object and the place on the ground are where they were put.
            QVERIFY(labelAt(areas.map, on.x, on.y) != labelAt(areas.map, 0.02, 0.02));
        }
        // A disc in front of a wall that were taken for one: parted, the disc has its own border.
        cv::Mat truth;
        const cv::Mat lab = squinted(scene(truth), 0.3);
        cv::Mat labels = truth.clone();
        labels.setTo(2, truth == 0);
        const Areas parted = edited(labels, lab, {{AreaEdit::Kind::part, {{{180.0 / 400, 0.5}}, {{0.9, 0.2}}}}});
        QCOMPARE(parted.list.size(), std::size_t(3));
        const cv::Mat disc = parted.map == labelAt(parted.map, 180.0 / 400, 150.0 / 300);
        const cv::Mat wanted = (truth == 0) & (labels == 2);
        const double overlap = double(cv::countNonZero(disc & wanted)) / std::max(1, cv::countNonZero(disc | wanted));
        QVERIFY2(overlap > 0.9, qPrintable(QString::number(overlap)));
        // Nothing to do: the same place twice, and two areas asked to be parted.
        const auto countAfter = [&](AreaEdit edit) { return edited(parted.map, lab, {std::move(edit)}).list.size(); };
        QCOMPARE(countAfter({AreaEdit::Kind::part, {{{0.5, 0.5}}, {{0.5, 0.5}}}}), std::size_t(3));
        QCOMPARE(countAfter({AreaEdit::Kind::part, {{{0.45, 0.5}}, {{0.9, 0.2}}}}), std::size_t(3));
        QCOMPARE(countAfter({AreaEdit::Kind::part, {{{0.45, 0.5}}}}), std::size_t(3));
        QCOMPARE(countAfter({AreaEdit::Kind::join, {}}), std::size_t(3));
    }

    /// Colours that stand for an area: weights add up, the mean is kept, and what is small but far off has one.
    void samplesStandForTheirArea() {
        cv::Mat lab(120, 160, CV_32FC3), mask(120, 160, CV_8U, cv::Scalar(0));
        Numbers random(71);
        for (int y = 0; y < 120; ++y)
            for (int x = 0; x < 160; ++x)
                lab.at<cv::Vec3f>(y, x) = {float(30 + 0.2 * x + random.between(-1, 1)), float(5 - 0.05 * y), 10};
        mask(cv::Rect(20, 10, 120, 100)).setTo(255);
        lab(cv::Rect(60, 40, 12, 12)).setTo(cv::Scalar(95, 0, 4));    // a highlight, 1.2 % of it
        lab(cv::Rect(0, 0, 20, 120)).setTo(cv::Scalar(10, 60, -60));  // outside
        for (const int count : {1, 4, 32}) {
            const auto samples = samplesOf(lab, mask, 1, count);
            QVERIFY(int(samples.size()) <= count && !samples.empty());
            double weight = 0, L = 0, nearest = 1e9;
            for (const ColourSample& sample : samples) {
                weight += sample.weight;
                L += sample.weight * sample.colour.L;
                nearest = std::min(nearest, std::fabs(sample.colour.L - 95));
                QVERIFY(sample.colour.a < 10 && sample.colour.b > 0);  // nothing from outside
            }
            QVERIFY(std::fabs(weight - 1) < 1e-9);
            QVERIFY(std::fabs(L - cv::mean(lab, mask)[0]) < 0.4);
            if (count >= 32) QVERIFY2(nearest < 8, qPrintable(QString::number(nearest)));
        }
        QVERIFY(samplesOf(lab, cv::Mat(120, 160, CV_8U, cv::Scalar(0)), 1, 4).empty());
        const auto flat =
            samplesOf(cv::Mat(20, 20, CV_32FC3, cv::Scalar(50, 1, 2)), cv::Mat(20, 20, CV_8U, cv::Scalar(255)), 1, 8);
        QCOMPARE(flat.size(), std::size_t(1));
    }

    /// A key says where an area's heart is: it is the same when something is done elsewhere, and no two have the same.
    void keysSurviveWhatIsDoneElsewhere() {
        cv::Mat truth;
        const cv::Mat lab = scene(truth);
        const cv::Mat soft = squinted(lab, 0.3);
        const Areas before = areasOf(regionsByColour(soft, 6), soft);
        std::set<std::string> keys;
        for (const Area& area : before.list) QVERIFY(keys.insert(area.key).second);
        const Areas after = edited(before.map, soft,
                                   {{AreaEdit::Kind::border, {{{0.02, 0.02}, {0.1, 0.02}, {0.1, 0.1}, {0.02, 0.1}}}}});
        QCOMPARE(after.list.size(), before.list.size() + 1);
        const int touched = labelAt(before.map, 0.05, 0.05);
        int renumbered = 0;
        for (int i = 0; i < int(before.list.size()); ++i) {
            if (i == touched) continue;
            cv::Point at;
            cv::minMaxLoc(before.map == i, nullptr, nullptr, nullptr, &at);
            const Area& now = after.list[std::size_t(after.map.at<int>(at))];
            QCOMPARE(now.key, before.list[std::size_t(i)].key);
            renumbered += now.id != before.list[std::size_t(i)].id;
        }
        QVERIFY(renumbered > 0);
    }

    /// Against k-means by others (OpenCV), the best of 100 starts, on values in clumps.
    void levelsAreNoWorseThanTheBestOfAHundredStarts() {
        Numbers random(83);
        cv::setRNGSeed(7);
        for (int round = 0; round < roundsOf(12); ++round) {
            const int k = 2 + random.below(5);
            std::vector<double> values;
            for (int i = 0; i < 300; ++i)
                values.push_back(
                    std::round(20.0 * (1 + random.below(k)) + random.between(-7, 7) * random.between(0, 1)));
            std::ranges::sort(values);
            const std::vector<double> ones(values.size(), 1.0);
            const Levels levels = exactLevels(values, ones, k);
            const cv::Mat samples = cv::Mat(values, true).reshape(1, int(values.size()));
            cv::Mat exact, labels;
            samples.convertTo(exact, CV_32F);  // whole numbers: nothing is lost
            cv::kmeans(exact, k, labels, {cv::TermCriteria::COUNT, 100, 0}, 100, cv::KMEANS_PP_CENTERS);
            // Its cost, reckoned in double from the labels it gives.
            double cost = 0;
            for (int c = 0; c < k; ++c) {
                double sum = 0, squares = 0, n = 0;
                for (int i = 0; i < labels.rows; ++i)
                    if (labels.at<int>(i) == c) {
                        sum += values[std::size_t(i)] - 60;
                        squares += (values[std::size_t(i)] - 60) * (values[std::size_t(i)] - 60);
                        ++n;
                    }
                if (n > 0) cost += squares - sum * sum / n;
            }
            QVERIFY2(std::fabs(levels.cost - cost) <= 1e-9 * cost,
                     qPrintable(QStringLiteral("%1 against %2").arg(levels.cost, 0, 'g', 15).arg(cost, 0, 'g', 15)));
        }
    }
};

QTEST_GUILESS_MAIN(TestSubject)
#include "test_subject.moc"

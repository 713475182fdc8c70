#include <QDir>
#include <QtTest>
#include <map>
#include <numeric>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>
#include <set>

#include "colour/image_colour.h"
#include "partings.h"
#include "rounds.h"
#include "subject/area_tree.h"
#include "subject/areas_by_colour.h"
#include "subject/edges.h"
#include "subject/recognise.h"
#include "subject/smooth_borders.h"
#include "subject/squint.h"
#include "worked.h"

using namespace subject;

namespace {

constexpr int sceneCount = 12;

/// A rendered scene, and its things as labels from 0.
struct Scene {
    QString name;
    cv::Mat lab, soft, truth;
    AreaTree tree;
    int things = 0;
};

/// From the map of its things; its picture lies beside it or is one of the demo.
Scene sceneOf(const QFileInfo& map) {
    Scene scene;
    scene.name = map.baseName();
    const cv::Mat parts = cv::imread(map.filePath().toStdString(), cv::IMREAD_GRAYSCALE);
    const QString beside = map.path() + '/' + scene.name + ".jpg", demo = TEST_DATA "/demo/" + scene.name + ".png";
    cv::Mat picture = cv::imread((QFile::exists(beside) ? beside : demo).toStdString());
    if (picture.size() != parts.size()) cv::resize(picture, picture, parts.size(), 0, 0, cv::INTER_AREA);
    std::set<uchar> known(parts.begin<uchar>(), parts.end<uchar>());
    std::map<uchar, int> label;
    for (const uchar part : known) label.emplace(part, int(label.size()));
    scene.things = int(known.size());
    scene.truth.create(parts.size(), CV_32S);
    std::transform(parts.begin<uchar>(), parts.end<uchar>(), scene.truth.begin<int>(),
                   [&](uchar part) { return label.at(part); });
    scene.lab = *colour::labImage(picture, {}, scene.name.toStdString());
    scene.soft = squinted(scene.lab, 0.4);
    scene.tree = areaTreeOf(scene.lab);
    return scene;
}

const std::vector<Scene>& scenes() {
    static const std::vector<Scene> all = [] {
        std::vector<Scene> read;
        for (const QFileInfo& file : QDir(QStringLiteral(TEST_OWN "/subject/scenes")).entryInfoList({"*.png"})) {
            if (int(read.size()) == roundsOf(sceneCount)) break;
            read.push_back(sceneOf(file));
        }
        return read;
    }();
    return all;
}

/// The same with labels from 0.
cv::Mat numbered(const cv::Mat& regions, int& count) {
    std::map<int, int> label;
    cv::Mat map(regions.size(), CV_32S);
    std::transform(regions.begin<int>(), regions.end<int>(), map.begin<int>(),
                   [&](int region) { return label.emplace(region, int(label.size())).first->second; });
    count = int(label.size());
    return map;
}

/// Things of which two areas that lie nearly whole within them each hold a fifth.
int cutThings(const cv::Mat& truth, int things, const cv::Mat& found, int count) {
    std::vector<std::vector<double>> both(std::size_t(things), std::vector<double>(std::size_t(count), 0.0));
    std::vector<double> thing(std::size_t(things), 0.0), area(std::size_t(count), 0.0);
    for (int y = 0; y < truth.rows; ++y)
        for (int x = 0; x < truth.cols; ++x) {
            const auto t = std::size_t(truth.at<int>(y, x)), a = std::size_t(found.at<int>(y, x));
            both[t][a] += 1;
            thing[t] += 1;
            area[a] += 1;
        }
    int cut = 0;
    for (std::size_t t = 0; t < both.size(); ++t) {
        int parts = 0;
        for (std::size_t a = 0; a < area.size(); ++a)
            parts += both[t][a] > 0.8 * area[a] && both[t][a] > 0.2 * thing[t];
        cut += parts > 1;
    }
    return cut;
}

/// What an artist is told of a scene that is parted into so many areas.
void tell(Worked& worked, const Scene& scene, int wanted) {
    Areas areas = areasOf(regionsAt(scene.tree, wanted), scene.soft);
    recognise(areas, grainOf(scene.lab), {});
    const cv::Mat edges = edgesOf(areas, edgeViewOf(scene.lab));
    for (std::size_t i = 0; i < areas.list.size(); ++i) {
        const Area& area = areas.list[i];
        worked.line(scene.name).figures(std::array{area.share, area.centreX, area.centreY}).figures(area.colour);
        worked.figures(std::array{double(area.plane), double(area.focal), double(area.recognised)});
        for (const Meeting& meeting : meetingsOf(areas, edges, int(i)))
            worked.line("  meets").figure(meeting.neighbour).figure(meeting.length).figures(meeting.shares);
    }
}

}  // namespace

/// Areas against the things of rendered scenes (tests/subject/scenes), on which nothing was fitted.
class TestScenes : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void areasAreTheThingsOfAScene() {
        QCOMPARE(int(scenes().size()), roundsOf(sceneCount));
        double covering = 0, recall = 0, before = 0, demoRecall = 0;
        int things = 0, cut = 0;
        for (const Scene& scene : scenes()) {
            int count = 0, countBefore = 0;
            const cv::Mat found = numbered(regionsAt(scene.tree, scene.things), count);
            QCOMPARE(count, scene.things);
            const cv::Mat byColour = numbered(regionsByColour(scene.soft, scene.things), countBefore);
            const double covers = coveringOf(scene.truth, scene.things, found, count);
            const double recalls = boundaryRecall(scene.truth, found, 3);
            const double covered = coveringOf(scene.truth, scene.things, byColour, countBefore);
            qInfo("%-9s %d things: covering %.2f, borders found %.2f; by colour %.2f", qPrintable(scene.name),
                  scene.things, covers, recalls, covered);
            covering += covers;
            recall += recalls;
            if (scene.name == "hills" || scene.name == "kettle") demoRecall += recalls;
            before += covered;
            things += scene.things;
            cut += cutThings(scene.truth, scene.things, found, count);
        }
        const auto n = double(scenes().size());
        qInfo("in the mean: covering %.3f, borders found %.3f; by colour %.3f; %d of %d things cut", covering / n,
              recall / n, before / n, cut, things);
        // The sanitizers see a few of them only.
        if (int(scenes().size()) < sceneCount) return;
        QVERIFY(covering / n >= 0.85);
        // Many borders of the hills lie in mist: the others are held to more.
        QVERIFY((recall - demoRecall) / (n - 2) >= 0.9);
        QVERIFY(recall / n >= 0.85);
        QVERIFY(covering > before);
        QVERIFY(cut * 5 <= things);
    }

    /// How every scene is parted, truly and finely: what a change of a rule or a weight moves.
    void partingsAreAsTheyWereLookedAt() {
        Worked worked;
        for (const Scene& scene : scenes())
            for (const int wanted : {scene.things, 24}) tell(worked, scene, wanted);
        if (int(scenes().size()) == sceneCount)
            QCOMPARE(worked.against(TEST_OWN "/subject/worked/partings.txt", 2e-3, 2e-4), QString());
    }

    /// What stands before what, as the scene files have it: it is put in a nearer plane.
    void whatStandsBeforeIsPutNearer() {
        struct Pair {
            const char* scene;
            Place front, back;
        };
        const std::vector<Pair> pairs{
            {"bowl", {0.3, 0.4}, {0.5, 0.1}},       // apple, wall
            {"bowl", {0.8, 0.7}, {0.5, 0.1}},       // apple on the cloth, wall
            {"bust", {0.5, 0.3}, {0.1, 0.1}},       // head, wall
            {"bust", {0.2, 0.9}, {0.1, 0.1}},       // coat, wall
            {"crossing", {0.6, 0.6}, {0.5, 0.1}},   // box, wall
            {"crossing", {0.6, 0.6}, {0.5, 0.9}},   // box, floor
            {"crossing", {0.9, 0.65}, {0.5, 0.1}},  // ball, wall
            {"folds", {0.3, 0.6}, {0.1, 0.2}},      // jug, curtain
            {"folds", {0.72, 0.8}, {0.3, 0.95}},    // ball, table
            {"foliage", {0.45, 0.75}, {0.1, 0.1}},  // pot, wall
            {"foliage", {0.45, 0.75}, {0.8, 0.9}},  // pot, table
            {"glass", {0.85, 0.7}, {0.1, 0.1}},     // fruit, wall
            {"pears", {0.25, 0.6}, {0.5, 0.2}},     // pear, wall
            {"pears", {0.65, 0.65}, {0.5, 0.95}},   // lying pear, table
            {"river", {0.2, 0.7}, {0.5, 0.05}},     // rock, sky
            {"river", {0.75, 0.68}, {0.5, 0.9}},    // rock, water
            {"sea", {0.5, 0.9}, {0.5, 0.1}},        // beach, sky
            {"sea", {0.36, 0.45}, {0.5, 0.1}},      // sail, sky
            {"street", {0.5, 0.45}, {0.5, 0.1}},    // tree, sky
            {"street", {0.5, 0.45}, {0.5, 0.95}},   // tree, ground
        };
        int told = 0, before = 0;
        for (const Scene& scene : scenes()) {
            const Areas first = areasOf(regionsAt(scene.tree, scene.things), scene.soft);
            Areas areas = first;
            recognise(areas, grainOf(scene.lab), {});
            const auto isNearer = [](const Areas& of, const Pair& pair) {
                const auto planeAt = [&](const Place& at) {
                    return of.list[std::size_t(labelAt(of.map, at.x, at.y))].plane;
                };
                return planeAt(pair.front) > planeAt(pair.back);
            };
            for (const Pair& pair : pairs) {
                if (scene.name != QLatin1String(pair.scene)) continue;
                told += isNearer(areas, pair);
                before += isNearer(first, pair);
                if (!isNearer(areas, pair)) qInfo("%s: not told, %g %g", pair.scene, pair.front.x, pair.front.y);
            }
        }
        qInfo("%d of %d told; by height alone %d", told, int(pairs.size()), before);
        if (int(scenes().size()) < sceneCount) return;
        QVERIFY(told * 10 >= int(pairs.size()) * 9);
        QVERIFY(told > before);
    }

    /// One more parts one of the areas that there are, and leaves the others.
    void oneMorePartsOne() {
        const Scene& scene = scenes().front();
        const AreaTree& tree = scene.tree;
        cv::Mat before = regionsAt(tree, 1);
        QCOMPARE(std::set<int>(before.begin<int>(), before.end<int>()).size(), std::size_t(1));
        for (int wanted = 2; wanted <= roundsOf(40); ++wanted) {
            const cv::Mat now = regionsAt(tree, wanted);
            std::map<int, std::set<int>> partsOf;
            for (int y = 0; y < now.rows; ++y) {
                const int *was = before.ptr<int>(y), *is = now.ptr<int>(y);
                for (int x = 0; x < now.cols; ++x)
                    if (x == 0 || was[x] != was[x - 1] || is[x] != is[x - 1]) partsOf[was[x]].insert(is[x]);
            }
            QCOMPARE(int(partsOf.size()), wanted - 1);
            QCOMPARE(std::ranges::count_if(partsOf, [](const auto& p) { return p.second.size() == 2; }), 1);
            before = now;
        }
        QCOMPARE(int(std::set<int>(tree.pieces.begin<int>(), tree.pieces.end<int>()).size()), tree.count);
        const cv::Mat all = regionsAt(tree, 100'000);
        QCOMPARE(cv::norm(all, tree.pieces, cv::NORM_INF), 0.0);
    }

    /// What is seen between bars is what is seen beside them.
    void theGroundIsOneOnBothSidesOfWhatStandsBeforeIt() {
        cv::Mat picture(300, 400, CV_8UC3, cv::Scalar(170, 180, 186));
        for (int x = 60; x < 400; x += 80) cv::rectangle(picture, {x, 0, 26, 300}, cv::Scalar(40, 60, 90), cv::FILLED);
        const cv::Mat map = regionsAt(areaTreeOf(*colour::labImage(picture, {}, "")), 2);
        for (int x = 30; x < 400; x += 80) QCOMPARE(map.at<int>(150, x), map.at<int>(150, 30));
        for (int x = 72; x < 400; x += 80) QCOMPARE(map.at<int>(150, x), map.at<int>(150, 72));
        QVERIFY(map.at<int>(150, 30) != map.at<int>(150, 72));
    }

    void bordersGoToTheEdgeAndAreSmoothWithoutOne() {
        cv::Mat lab(240, 320, CV_32FC3, cv::Scalar(70, 2, 6)), labels(lab.size(), CV_32S, cv::Scalar(3));
        lab.colRange(160, 320).setTo(cv::Scalar(40, 8, -4));
        // Four pixels beside the edge, with teeth.
        for (int y = 0; y < 240; ++y) labels.row(y).colRange(164 - (y / 6) % 2 * 6, 320).setTo(8);
        const cv::Mat onEdge = withSmoothBorders(labels, lab);
        for (int y = 0; y < 240; ++y)
            for (int x = 0; x < 320; ++x)
                if (std::abs(x - 160) > 1) QCOMPARE(onEdge.at<int>(y, x), x < 160 ? 3 : 8);
        const cv::Mat flat(lab.size(), CV_32FC3, cv::Scalar(60, 0, 0));
        const int toothed = cv::countNonZero(bordersOf(labels));
        QVERIFY(toothed > 400);
        QVERIFY(cv::countNonZero(bordersOf(withSmoothBorders(labels, flat))) < 260);
        const cv::Mat one(lab.size(), CV_32S, cv::Scalar(5));
        QCOMPARE(cv::norm(withSmoothBorders(one, lab), one, cv::NORM_INF), 0.0);
    }

    /// Whatever was drawn at random before.
    void theSameEveryTime() {
        const Scene& scene = scenes().front();
        const auto once = scene.tree.joins;
        cv::theRNG() = cv::RNG(99);
        QVERIFY(areaTreeOf(scene.lab).joins == once);
        QCOMPARE(cv::theRNG().state, cv::RNG(99).state);
    }
};

QTEST_GUILESS_MAIN(TestScenes)
#include "test_scenes.moc"

#include <QtTest>
#include <opencv2/imgproc.hpp>
#include <set>

#include "drawing/fonts.h"
#include "drawing/pictures.h"
#include "drawing/section.h"
#include "drawing/shapes.h"
#include "planning/planner.h"
#include "small_study.h"

using namespace drawing;

namespace {

QImage painted(const std::function<void(QPainter&, const QRectF&)>& paint, QSize size = {80, 40}) {
    QImage image(size, QImage::Format_RGB32);
    image.fill(QColor(198, 198, 198));
    QPainter painter(&image);
    paint(painter, QRectF(QPointF(4, 4), QSizeF(size.width() - 8, size.height() - 8)));
    return image;
}

int pixelsOf(const QImage& image, const QColor& colour) {
    int count = 0;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x) count += image.pixelColor(x, y) == colour;
    return count;
}

}  // namespace

class TestDrawing : public QObject {
    Q_OBJECT

    planning::Plan plan_;

 private Q_SLOTS:
    void initTestCase() {
        loadFonts();
        planning::Kept kept;
        auto plan = planning::makePlan(smallStudy(), smallLibrary(), kept);
        QVERIFY(plan.ok());
        plan_ = *std::move(plan);
    }

    void theTypeThatShipsIsFound() { QCOMPARE(QFontInfo(font(TypeSize::text)).family(), QStringLiteral("Carlito")); }

    /// Tabular figures: columns of numbers stand.
    void figuresAreOfOneWidth() {
        const QFontMetricsF metrics(font(TypeSize::text));
        for (const char digit : {'1', '4', '7', '8'})
            QCOMPARE(metrics.horizontalAdvance(QLatin1Char(digit)), metrics.horizontalAdvance(QLatin1Char('0')));
    }

    void everyMaterialHasItsShapeInItsColour() {
        const QColor colour(0x2b, 0x4f, 0xa0);
        std::set<QByteArray> shapes;
        for (int kind = 0; kind < 6; ++kind) {
            const QImage image =
                painted([&](QPainter& p, const QRectF& box) { paintMaterial(p, box, materials::Kind(kind), colour); });
            QVERIFY2(pixelsOf(image, colour) > 60, qPrintable(QString::number(kind)));
            QVERIFY(shapes.insert(QByteArray(reinterpret_cast<const char*>(image.constBits()), image.sizeInBytes()))
                        .second);
        }
    }

    void pressuresAndMannersDiffer() {
        std::set<QByteArray> pictures;
        const auto add = [&](const QImage& image) {
            return pictures.insert(QByteArray(reinterpret_cast<const char*>(image.constBits()), image.sizeInBytes()))
                .second;
        };
        for (int i = 0; i < 4; ++i)
            QVERIFY(add(painted([&](QPainter& p, const QRectF& box) {
                paintPressure(p, box, pigment::Pressure{float(i)}, Qt::black);
            })));
        for (const auto manner :
             {pigment::Manner::scumble, pigment::Manner::hatch, pigment::Manner::press, pigment::Manner::dab,
              pigment::Manner::wash, pigment::Manner::blend, pigment::Manner::lift})
            QVERIFY(add(painted([&](QPainter& p, const QRectF& box) { paintManner(p, box, manner, Qt::black); })));
    }

    void theSelectionShowsOnEveryGrey() {
        for (int grey = 0; grey < 256; grey += 15) {
            QImage image(60, 60, QImage::Format_RGB32);
            image.fill(QColor(grey, grey, grey));
            QPainter painter(&image);
            paintSelection(painter, QRectF(15, 15, 30, 30));
            painter.end();
            int most = 0;
            for (int x = 0; x < 60; ++x) most = std::max(most, std::abs(image.pixelColor(x, 30).red() - grey));
            QVERIFY(most > 90);
        }
    }

    void anOffcutIsOfItsPaper() {
        const materials::Paper& paper = plan_.paper;
        const QImage image = painted([&](QPainter& p, const QRectF& box) { paintOffcut(p, box, paper, 3); }, {120, 80});
        QVERIFY(pixelsOf(image, colourOf(paper.tone)) > 2000);
        // Torn below: the last row is partly the ground.
        QVERIFY(offcutPath(QRectF(0, 0, 100, 60), 3) != offcutPath(QRectF(0, 0, 100, 60), 4));
    }

    void theSectionShowsEveryStackAndTellsItsLayers() {
        const Section section(plan_, planning::sectionOf(plan_, 300));
        const QRectF box(0, 0, 900, 300);
        const int all = int(plan_.steps.size());
        std::set<int> found, told;
        for (double x = 0.5; x < 900; x += 1) {
            const Section::Hit hit = section.at(box, QPointF(x, 150), all);
            if (hit.column) found.insert(hit.column->stack);
            for (double y = 2; y < 282; y += 3)
                if (const auto layer = section.at(box, QPointF(x, y), all).layer) told.insert(layer->step);
        }
        QCOMPARE(found.size(), plan_.stacks.size());
        QVERIFY(told.size() > plan_.stacks.size());
        QVERIFY(!section.at(box, QPointF(450, 400), all).column);
        QVERIFY(!section.at(box, QPointF(450, 270), 0).layer);
        QVERIFY(!Section().at(box, QPointF(450, 100), all).column);
    }

    void theSectionGrowsWithTheSteps() {
        const Section section(plan_, planning::sectionOf(plan_, 300));
        const auto covered = [&](int steps) {
            const QImage image =
                painted([&](QPainter& p, const QRectF& box) { section.paint(p, box, steps, -1); }, {600, 240});
            return 600 * 240 - pixelsOf(image, QColor(198, 198, 198));
        };
        int before = covered(0);
        for (const int steps : {int(plan_.steps.size()) / 2, int(plan_.steps.size())}) {
            const int now = covered(steps);
            QVERIFY(now > before);
            before = now;
        }
    }

    /// On paper three tints, on the screen three densities of hatching: the harder the darker, and nothing beside it.
    void aStepsMapIsDarkWhereItWorks() {
        planning::Plan plan = plan_;
        const planning::Step& step = *std::ranges::find_if(plan.steps, [](const auto& s) { return !s.layers.empty(); });
        const planning::LayerPlace place = step.layers.front();
        cv::Mat& map = plan.pressures[std::size_t(place.layer)];
        const cv::Mat inside = plan.stackMap == place.stack;
        const auto darkness = [&](const QImage& image, bool within) {
            cv::Mat small;
            cv::resize(inside, small, {image.width(), image.height()}, 0, 0, cv::INTER_NEAREST);
            double sum = 0, count = 0;
            for (int y = 0; y < image.height(); ++y)
                for (int x = 0; x < image.width(); ++x)
                    if ((small.at<uchar>(y, x) > 0) == within) {
                        sum += 255 - qGray(image.pixel(x, y));
                        ++count;
                    }
            return sum / count;
        };
        double tinted = 0, hatched = 0;
        for (int level = 0; level < 4; ++level) {
            map = map.clone();
            map.setTo(level * rendering::mapStep, inside);
            const double tint = darkness(tintedMap(plan, step, 300), true);
            const double hatch = darkness(hatchedMap(plan, step, 300), true);
            if (level > 0) QVERIFY2(tint > tinted + 25 && hatch > hatched + 4, qPrintable(QString::number(hatch)));
            tinted = tint;
            hatched = hatch;
        }
        if (step.layers.size() == 1) QVERIFY(darkness(tintedMap(plan, step, 300), false) < 20);
        QCOMPARE(tintedMap(plan, step, 300).width(), 300);
    }
};

QTEST_MAIN(TestDrawing)
#include "test_drawing.moc"

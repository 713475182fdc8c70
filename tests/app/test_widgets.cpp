#include <QAbstractButton>
#include <QMessageBox>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTimer>
#include <QWheelEvent>
#include <QtTest>
#include <cmath>

#include "app/main_window.h"
#include "app/widgets/margin.h"
#include "app/widgets/picture_pair.h"
#include "app/widgets/route.h"
#include "app/widgets/scrubber.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "own_home.h"
#include "planning/planner.h"
#include "small_study.h"
#include "storage/document.h"
#include "window_hand.h"

using namespace app;

namespace {

QImage gradient() {
    QImage image(200, 150, QImage::Format_RGB32);
    for (int y = 0; y < 150; ++y)
        for (int x = 0; x < 200; ++x) image.setPixel(x, y, qRgb(x, y, 90));
    return image;
}

/// Contrast ratio of WCAG 2.1 (relative luminance of sRGB).
double contrast(const QColor& one, const QColor& other) {
    const auto luminance = [](const QColor& c) {
        const auto linear = [](double v) { return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
        return 0.2126 * linear(c.redF()) + 0.7152 * linear(c.greenF()) + 0.0722 * linear(c.blueF());
    };
    const double a = luminance(one) + 0.05, b = luminance(other) + 0.05;
    return std::max(a, b) / std::min(a, b);
}

}  // namespace

class TestWidgets : public QObject {
    Q_OBJECT

    /// Where a click on the left picture's middle, moved by pixels, falls.
    static QPointF clicked(PicturePair& pictures, const QPoint& offset) {
        QSignalSpy spy(&pictures, &PicturePair::pointed);
        const QPoint middle(int(10 + (pictures.width() - 32) / 4.0), int(26 + (pictures.height() - 36) / 2.0));
        QTest::mouseClick(&pictures, Qt::LeftButton, {}, middle + offset);
        return spy.isEmpty() ? QPointF(-1, -1) : spy.last()[0].toPointF();
    }

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        applyTheme(ThemeName::mid);
    }

    void textIsReadableInBothThemes() {
        for (const ThemeName name : {ThemeName::mid, ThemeName::evening}) {
            applyTheme(name);
            const Theme& t = theme();
            for (const QColor& ground : {t.panel, t.raised}) {
                QVERIFY(contrast(t.ink, ground) >= 4.5);
                QVERIFY(contrast(t.quiet, ground) >= 4.5);
            }
            QVERIFY(contrast(t.wellInk, t.caption) >= 4.5);
            for (const QColor& c : {t.well, t.caption, t.panel, t.raised, t.line, t.ink, t.quiet, t.wellInk})
                QVERIFY(c.red() == c.green() && c.green() == c.blue());
        }
        applyTheme(ThemeName::mid);
    }

    void clicksFallWhereTheyPoint() {
        PicturePair pictures;
        pictures.resize(900, 360);
        pictures.setSubject(gradient(), "Subject");
        pictures.setSheet(gradient(), "Sheet", {});
        const QPointF middle = clicked(pictures, {0, 0});
        QVERIFY(std::fabs(middle.x() - 0.5) < 0.01 && std::fabs(middle.y() - 0.5) < 0.01);
        const QPointF right = clicked(pictures, {50, 0});
        QVERIFY(right.x() > 0.55);
        pictures.setWay(PicturePair::Way::mirror, true);
        const QPointF mirrored = clicked(pictures, {50, 0});
        QVERIFY(std::fabs(mirrored.x() - (1 - right.x())) < 0.01);
        // Outside the picture nothing is pointed at.
        QCOMPARE(clicked(pictures, {0, -400}), QPointF(-1, -1));
    }

    void bothPicturesAreZoomedAndPannedTogether() {
        PicturePair pictures;
        pictures.resize(900, 360);
        pictures.setSubject(gradient(), {});
        pictures.setSheet(gradient(), {}, {});
        const QPointF before = clicked(pictures, {40, 0});
        pictures.zoomBy(2.0, QPointF(pictures.width() / 4.0, pictures.height() / 2.0));
        const QPointF after = clicked(pictures, {40, 0});
        QVERIFY(std::fabs((after.x() - 0.5) * 2 - (before.x() - 0.5)) < 0.03);
        const QPoint middle(pictures.width() / 4, pictures.height() / 2);
        QTest::mousePress(&pictures, Qt::LeftButton, {}, middle);
        QTest::mouseMove(&pictures, middle + QPoint(-10, 0));
        QTest::mouseMove(&pictures, middle + QPoint(-40, 0));
        QTest::mouseRelease(&pictures, Qt::LeftButton, {}, middle + QPoint(-40, 0));
        QVERIFY(clicked(pictures, {40, 0}).x() > after.x() + 0.02);
        // The same pixels stand at the same places of the two frames.
        const QImage shot = pictures.grab().toImage();
        const int shift = (pictures.width() - 32) / 2 + 12;
        QCOMPARE(shot.pixel(150, 180), shot.pixel(150 + shift, 180));
        pictures.fit();
        QVERIFY(std::fabs(clicked(pictures, {40, 0}).x() - before.x()) < 0.01);
    }

    void theWaysOfLookingChangeThePicture() {
        PicturePair pictures;
        pictures.resize(900, 360);
        pictures.setSubject(gradient(), {});
        const QImage plain = pictures.grab().toImage();
        pictures.setWay(PicturePair::Way::values, true);
        const QImage values = pictures.grab().toImage();
        const QColor c = values.pixelColor(pictures.width() / 4, pictures.height() / 2);
        QVERIFY(c.red() == c.green() && c.green() == c.blue());
        pictures.setWay(PicturePair::Way::values, false);
        QCOMPARE(pictures.grab().toImage(), plain);
        // How much the eyes are closed is told to who closes them.
        double asked = 0;
        pictures.setSquint(0.7, [&](const QImage& image, double amount) {
            asked = amount;
            return image.scaled(8, 4).scaled(image.size());
        });
        // A grid of the sheet's millimetres is another than that of thirds.
        pictures.setWay(PicturePair::Way::grid, true);
        const QImage thirds = pictures.grab().toImage();
        pictures.setGrid(50, {400, 300});
        QVERIFY(pictures.grab().toImage() != thirds);
        pictures.setWay(PicturePair::Way::grid, false);
        for (const auto way : {PicturePair::Way::squint, PicturePair::Way::mirror, PicturePair::Way::upsideDown,
                               PicturePair::Way::grid}) {
            pictures.setWay(way, true);
            QVERIFY(pictures.grab().toImage() != plain);
            pictures.setWay(way, false);
        }
        QCOMPARE(asked, 0.7);
        // Upside down, a click is still at the place that is seen.
        const QPointF upright = clicked(pictures, {0, 60});
        pictures.setWay(PicturePair::Way::upsideDown, true);
        QVERIFY(std::fabs(clicked(pictures, {0, 60}).y() - (1 - upright.y())) < 0.01);
    }

    void whatIsDrawnOnThePictureIsTold() {
        PicturePair pictures;
        pictures.resize(900, 360);
        pictures.setSubject(gradient(), {});
        const QPoint middle(pictures.width() / 4, pictures.height() / 2);
        const auto drag = [&](Qt::MouseButton button) {
            QTest::mousePress(&pictures, button, {}, middle);
            QTest::mouseMove(&pictures, middle + QPoint(20, 0));
            QTest::mouseMove(&pictures, middle + QPoint(40, 10));
            QTest::mouseRelease(&pictures, button, {}, middle + QPoint(40, 10));
        };
        QSignalSpy lines(&pictures, &PicturePair::measured), scribbles(&pictures, &PicturePair::scribbled);
        drag(Qt::LeftButton);
        QCOMPARE(lines.size() + scribbles.size(), qsizetype(0));
        pictures.setHand(PicturePair::Hand::line);
        drag(Qt::LeftButton);
        QVERIFY(lines.size() >= 2 && scribbles.isEmpty());
        pictures.setHand(PicturePair::Hand::scribble);
        drag(Qt::LeftButton);
        QCOMPARE(scribbles.size(), qsizetype(1));
        QVERIFY(scribbles[0][0].value<QPolygonF>().size() >= 3);
        // The other button moves the pictures, whatever the hand does.
        drag(Qt::RightButton);
        QCOMPARE(scribbles.size(), qsizetype(1));
        // Lines lie on it, and detail takes the place of the part that it covers.
        const QImage plain = pictures.grab().toImage();
        pictures.setOverlays({{{{0.2, 0.2}, {0.8, 0.7}}, Overlay::Kind::arrow, false, "fur"}});
        QVERIFY(pictures.grab().toImage() != plain);
        pictures.setOverlays({});
        QImage detail(40, 40, QImage::Format_RGB888);
        detail.fill(Qt::white);
        pictures.setDetail(false, detail, {0.4, 0.4, 0.2, 0.2});
        QCOMPARE(pictures.grab().toImage().pixelColor(middle), QColor(Qt::white));
        QCOMPARE(pictures.grab().toImage().pixelColor(middle - QPoint(120, 60)),
                 plain.pixelColor(middle - QPoint(120, 60)));
    }

    void theRouteTellsWhatWasDecided() {
        Route route;
        route.setStations({"Subject", "Values"});
        route.setDecided(0, "40 × 30 cm", Route::Mark::decided);
        route.setDecided(1, "low key", Route::Mark::attention);
        QCOMPARE(route.drawnParts()[1].name, QString("Values: low key (wants attention)"));
        QSignalSpy chosen(&route, &Route::chosen);
        route.resize(184, 300);
        QTest::mouseClick(&route, Qt::LeftButton, {}, QPoint(50, 104 + 64 + 10));
        QCOMPARE(chosen.last()[0].toInt(), 1);
        QTest::keyClick(&route, Qt::Key_Up);
        QCOMPARE(chosen.size(), 1);  // there is nothing above the first
    }

    void theMarginGrowsWithWhatItSays() {
        Margin margin;
        margin.resize(258, 300);
        margin.setText({"Head", {"One sentence."}, {}, {}, {}});
        const int before = margin.minimumHeight();
        margin.setText(
            {"Head",
             {"One sentence.", QString("Many words. ").repeated(40)},
             "Strokes",
             {{materials::Kind::soft, {}, "red", "scumble", pigment::Manner::scumble, pigment::Pressure::light}},
             {"Careful."}});
        QVERIFY(margin.minimumHeight() > before + 100);
        margin.setProblem("This is wrong.");
        QVERIFY(margin.accessibleDescription().startsWith("This is wrong."));
    }

    void theScrubberStaysInBounds() {
        Scrubber scrubber;
        scrubber.resize(600, 58);
        scrubber.setStep(5);
        QCOMPARE(scrubber.step(), 0);  // without a plan there is nothing to lay
        planning::Kept kept;
        auto plan = planning::makePlan(smallStudy(), smallLibrary(), kept);
        QVERIFY(plan.ok());
        const int steps = int(plan->steps.size());
        scrubber.setPlan(std::make_shared<planning::Plan>(*std::move(plan)));
        scrubber.setStep(10000);
        QCOMPARE(scrubber.step(), steps);
        scrubber.setStep(-3);
        QCOMPARE(scrubber.step(), 0);
        QSignalSpy changed(&scrubber, &Scrubber::stepChanged);
        for (int i = 0; i < steps + 5; ++i) QTest::keyClick(&scrubber, Qt::Key_Right);
        QCOMPARE(changed.size(), steps);
    }

    void unsavedChoicesAreAskedAbout() {
        QTemporaryDir folder;
        const QString file = folder.filePath("a.dune");
        QVERIFY(storage::writeDocument({smallStudy(), smallLibrary()}, file.toStdString()).ok());
        MainWindow window(smallLibrary());
        window.show();
        QVERIFY(hasOpened(window, file));
        window.session().choose("sticks", [](planning::Study& study) { study.stickLimit = 7; });
        // The dialog runs its own loop: the answer is given from inside it.
        const auto answer = [&](QMessageBox::StandardButton button) {
            QTimer::singleShot(100, &window, [button] {
                auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
                if (box) QTest::mouseClick(box->button(button), Qt::LeftButton);
            });
            return window.close();
        };
        QVERIFY(!answer(QMessageBox::Cancel));
        QVERIFY(window.isVisible());
        QVERIFY(answer(QMessageBox::Save));
        QCOMPARE(storage::readDocument(file.toStdString())->study.stickLimit, 7);
    }
};

QTEST_MAIN(TestWidgets)
#include "test_widgets.moc"

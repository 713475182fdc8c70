#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QFile>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QSettings>
#include <QSlider>
#include <QSpinBox>
#include <QTemporaryDir>
#include <algorithm>

#include "app/preferences.h"
#include "app/subject/triad_board.h"
#include "app/values/groupings_leaf.h"
#include "app/values/ladder.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawn_face.h"
#include "storage/document.h"
#include "subject_hand.h"
#include "wording/sentences.h"
#include "wording/subject.h"

using namespace app;

/// Reading the subject in the real main window, by mouse and keys.
class TestSubjectStation : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    QString at(const char* name) const { return folder_.filePath(QString::fromLatin1(name)); }
    std::unique_ptr<MainWindow> opened() { return openedWindow(at("ball.dune")); }

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        applyTheme(ThemeName::mid);
        QSettings::setPath(QSettings::IniFormat, QSettings::UserScope, folder_.path());
        QVERIFY(storage::writeDocument({smallStudy(), smallLibrary()}, at("ball.dune").toStdString()).ok());
        std::vector<uchar> blue;
        cv::imencode(".png", cv::Mat(80, 120, CV_8UC3, cv::Scalar(150, 70, 40)), blue);
        QFile file(at("blue.png"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(reinterpret_cast<const char*>(blue.data()), qint64(blue.size()));
    }

    /// All that the issue of reading is about, in one go: undone and done again, the study is equal.
    void theWholeReadingIsUndoneAndDoneAgain() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(0);
        Went went{*window};
        dragged(*window, {{0.1, 0.1}, {0.92, 0.95}});
        pressed(*window, "Crop to it");
        went.on();
        dragged(*window, {{0.1, 0.30}, {0.4, 0.33}});
        pressed(*window, "Level by it");
        went.on();
        pressed(*window, "Point at a grey");
        clicked(*window, 0.06, 0.1);
        went.on();
        QVERIFY(window->session().study().frame.grey.has_value());

        pressed(*window, "Areas");
        // Of four areas a grey wall and a grey table in shadow are one.
        named<QSpinBox>(*window, "Areas")->setValue(6);
        went.on();
        const std::size_t before = areaCount(*window);
        QVERIFY(label(*window, 0.06, 0.2) != label(*window, 0.06, 0.92));
        dragged(*window, {{0.06, 0.2}, {0.06, 0.92}});
        pressed(*window, "Join areas");
        went.on();
        QCOMPARE(areaCount(*window), before - 1);
        const QString told = QStringLiteral("%1 as corrected").arg(before - 1);
        QVERIFY(std::ranges::any_of(window->findChildren<QLabel*>(),
                                    [&](const QLabel* each) { return each->isVisible() && each->text() == told; }));
        // Parted again by two scribbles, one on the wall and one on the table.
        dragged(*window, {{0.05, 0.15}, {0.2, 0.15}});
        dragged(*window, {{0.05, 0.92}, {0.2, 0.94}});
        pressed(*window, "Part the area");
        went.on();
        QVERIFY(label(*window, 0.06, 0.2) != label(*window, 0.06, 0.92));
        clicked(*window, 0.06, 0.2);
        pressed(*window, "Pair with\u2026");
        // Its fellow is shown on the picture or on the list.
        auto* list = window->findChild<TriadBoard*>();
        QTest::mouseClick(list, Qt::LeftButton, {}, list->tileOfArea(label(*window, 0.06, 0.92)).center().toPoint());
        went.on();
        const auto& areas = window->session().reading()->areas.list;
        QCOMPARE(areas[std::size_t(label(*window, 0.06, 0.2))].together,
                 areas[std::size_t(label(*window, 0.06, 0.92))].together);

        window->goTo(1);
        auto* ladder = window->findChild<Ladder*>();
        const QPoint mark = ladder->markOf(1).toPoint();
        QTest::mousePress(ladder, Qt::LeftButton, {}, mark);
        QTest::mouseMove(ladder, mark + QPoint(10, 0));
        QTest::mouseMove(ladder, mark + QPoint(25, 0));
        QTest::mouseRelease(ladder, Qt::LeftButton, {}, mark + QPoint(25, 0));
        went.on();
        QCOMPARE(window->session().study().thresholds.size(), std::size_t(4));
        went.backAndForth();
    }

    void aDrawnLineIsMeasured() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(0);
        pressed(*window, "Measure");
        // On the wall, where nothing is to be caught.
        dragged(*window, {{0.06, 0.1}, {0.26, 0.1}});
        QVERIFY2(told(*window).contains("48 mm"), qPrintable(told(*window)));
        pressed(*window, "As the unit");
        QVERIFY(told(*window).contains("1.00 of your units"));
        dragged(*window, {{0.06, 0.1}, {0.06, 0.4}});
        QVERIFY2(told(*window).contains("54 mm") && told(*window).contains("1.1"), qPrintable(told(*window)));
        QVERIFY(told(*window).contains("90.0\u00b0 from level"));
        pressed(*window, "Keep the length");
        auto* list = named<QListWidget>(*window, "Kept lengths");
        QCOMPARE(list->count(), 2);
        QVERIFY(list->item(0)->text().contains("the unit"));
        // The ball is 76 pixels wide in a picture of 200: its ends are caught where the line nearly meets them.
        dragged(*window, {{0.316, 0.566}, {0.685, 0.566}});
        QVERIFY2(told(*window).contains("92 mm"), qPrintable(told(*window)));
        pressed(*window, "Lines catch borders");
        QVERIFY2(!told(*window).contains("92 mm"), qPrintable(told(*window)));
        list->setCurrentRow(0);
        pressed(*window, "Let it go");
        QCOMPARE(window->session().study().measures.size(), std::size_t(1));
        QCOMPARE(window->session().study().unit, -1);
        // What a shape reaches, and the construction drawing of it all.
        clicked(*window, 0.5, 0.5);
        QVERIFY2(told(*window).contains("ball is ") && told(*window).contains("high"), qPrintable(told(*window)));
        const QImage bare = window->pictures().grab().toImage();
        pressed(*window, "Construction drawing on the sheet");
        QVERIFY(window->pictures().grab().toImage() != bare);
        QVERIFY(told(*window).contains("the tallest"));
        auto* marks = named<QSpinBox>(*window, "up to mark");
        QVERIFY(marks->value() == marks->maximum() && marks->maximum() > 10);
        for (const char* name : {"drawing.svg", "drawing.pdf"}) {
            QVERIFY(window->exportConstruction(at(name)));
            QVERIFY(QFile(at(name)).size() > 1500);
        }
        QVERIFY(!window->exportConstruction(at("drawing.doc")));
        QVERIFY(window->margin().problem().contains(".svg"));
    }

    /// Crop, level and grey by mouse on the picture.
    void theFrameIsChosenOnThePicture() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(0);
        Went went{*window};
        const auto frame = [&]() -> const subject::Frame& { return window->session().study().frame; };
        dragged(*window, {{0.2, 0.2}, {0.8, 0.75}});
        pressed(*window, "Crop to it");
        went.on();
        QVERIFY2(std::fabs(frame().width - 0.6) < 0.03, qPrintable(QString::number(frame().width)));
        QVERIFY(std::fabs(frame().centreX - 0.5) < 0.02 && std::fabs(frame().centreY - 0.475) < 0.02);
        QCOMPARE(window->session().study().heightMillimetres, 180.0);
        QCOMPARE(window->session().reading()->xyz.cols, 120);  // of the reference's 200 pixels
        dragged(*window, {{0.02, 0.1}, {0.32, 0.12}});
        pressed(*window, "Level by it");
        went.on();
        QVERIFY2(std::fabs(frame().degrees - 2.9) < 0.5, qPrintable(QString::number(frame().degrees)));
        dragged(*window, {{0.1, 0.2}, {0.9, 0.6}});
        pressed(*window, "Crop freely");
        went.on();
        QVERIFY(std::fabs(window->session().study().heightMillimetres - 240 / (0.8 * 240 / (0.4 * 180))) < 3);
        pressed(*window, "Point at a grey");
        clicked(*window, 0.05, 0.1);
        went.on();
        QVERIFY(frame().grey.has_value());
        const cv::Scalar mean = cv::mean(window->session().reading()->lab(cv::Rect(2, 2, 6, 4)));
        QVERIFY2(std::hypot(mean[1], mean[2]) < 1, qPrintable(QString::number(mean[1])));
        pressed(*window, "As photographed");
        went.on();
        QVERIFY(frame() == subject::Frame{});
        QVERIFY(told(*window).contains("cut to the sheet's format"));
        went.backAndForth();
        // A named area keeps its name where it is.
        for (int i = 1; i < int(went.studies.size()); ++i) window->session().history().undo();
        QVERIFY(planned(*window));
        dragged(*window, {{0.3, 0.3}, {0.9, 0.9}});
        pressed(*window, "Crop to it");
        const planning::AreaChoice ball = window->session().study().areaChoices.at(0);
        QVERIFY(ball.name == "ball" && std::fabs(ball.x - 1.0 / 3) < 0.05 && std::fabs(ball.y - 1.0 / 3) < 0.05);
    }

    void anotherReferenceLendsItsColours() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(0);
        Went went{*window};
        QVERIFY(!window->pinUp(at("missing.png")));
        QVERIFY(window->pinUp(at("blue.png")));
        QVERIFY(QTest::qWaitFor([&] { return !window->isOpening(); }, patience));
        went.on();
        pressed(*window, "Areas");
        clicked(*window, 0.5, 0.5);
        auto* source = named<QComboBox>(*window, "takes its colours from");
        QCOMPARE(source->count(), 2);
        source->setFocus();
        QTest::keyClick(source, Qt::Key_Down);
        QVERIFY(told(*window).contains("Draw a diagonal"));
        PicturePair& pictures = window->pictures();
        const QPoint middle(pictures.width() / 4, pictures.height() / 2);
        QTest::mousePress(&pictures, Qt::LeftButton, {}, middle - QPoint(40, 40));
        QTest::mouseMove(&pictures, middle);
        QTest::mouseMove(&pictures, middle + QPoint(40, 40));
        QTest::mouseRelease(&pictures, Qt::LeftButton, {}, middle + QPoint(40, 40));
        went.on();
        const auto reading = window->session().reading();
        const cv::Mat there = reading->areas.map == subject::labelAt(reading->areas.map, 0.5, 0.5);
        const double blue = cv::mean(reading->wanted, there)[2];
        QVERIFY2(blue < -20, qPrintable(QString::number(blue)));
        // Saved and opened again, both references are there.
        QVERIFY(window->saveTo(at("two.dune")));
        MainWindow other({});
        QVERIFY(other.openFile(at("two.dune")) && planned(other));
        QCOMPARE(other.session().study().others.size(), std::size_t(1));
        QCOMPARE(other.session().study().areaChoices[0].borrowed->picture, 0);
        source->setFocus();
        QTest::keyClick(source, Qt::Key_Up);
        went.on();
        QVERIFY(!window->session().study().areaChoices[0].borrowed);
        went.backAndForth();
    }

    void thresholdsAreDraggedAndGroupingsTaken() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(1);
        Went went{*window};
        auto* ladder = window->findChild<Ladder*>();
        // By keys.
        ladder->setFocus();
        QTest::keyClick(ladder, Qt::Key_Up);
        QTest::keyClick(ladder, Qt::Key_Right);
        went.on();
        QVERIFY(told(*window).contains("where you put the marks"));
        pressed(*window, "Part them exactly");
        went.on();
        // While a mark is dragged the masses follow, and nothing is chosen until it is let go.
        const QImage still = window->pictures().grab().toImage();
        const QPoint mark = ladder->markOf(0).toPoint();
        QTest::mousePress(ladder, Qt::LeftButton, {}, mark);
        QTest::mouseMove(ladder, mark + QPoint(60, 0));
        QVERIFY(window->session().study() == went.studies.last());
        QVERIFY(window->pictures().grab().toImage() != still);
        QTest::mouseRelease(ladder, Qt::LeftButton, {}, mark + QPoint(60, 0));
        went.on();
        pressed(*window, "Groupings");
        auto* groupings = window->findChild<GroupingsLeaf*>();
        for (const int grouping : {2, 0}) {
            QTest::mouseClick(groupings, Qt::LeftButton, {}, groupings->tileOf(grouping).center().toPoint());
            pressed(*window, "Take this grouping");
            went.on();
        }
        QVERIFY(window->session().study().thresholds.empty());
        went.backAndForth();
        // The ladder is counted the other way round, in every study.
        pressed(*window, "Ladder");
        const QString before = told(*window);
        auto* counting = named<QComboBox>(*window, "Counting");
        counting->setFocus();
        QTest::keyClick(counting, Qt::Key_Down);
        QCOMPARE(int(app::counting()), int(wording::Counting::whiteIsOne));
        QVERIFY(told(*window) != before);
        QTest::keyClick(counting, Qt::Key_Up);
        QCOMPARE(told(*window), before);
    }

    void coloursAreChosenForAllAndForOne() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(1);
        pressed(*window, "Colour choices");
        Went went{*window};
        auto* chroma = named<QSlider>(*window, "Chroma");
        chroma->setFocus();
        QTest::keyClick(chroma, Qt::Key_PageDown);
        went.on();
        QVERIFY(window->session().study().colour.chroma < 1);
        QVERIFY(told(*window).contains("Whole picture: chroma"));
        clicked(*window, 0.5, 0.5);
        QVERIFY(told(*window).contains("You choose for ball"));
        pressed(*window, "Set it back");
        went.on();
        QVERIFY(window->session().study().areaChoices[0].colour == subject::setBack({}));
        pressed(*window, "As it is");
        went.on();
        went.backAndForth();
    }

    /// A squint by the slider is seen at once; the pictures are looked into in the reference's own pixels.
    void theSquintIsDraggedAndTheDetailSeen() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(1);
        auto* squint = named<QSlider>(*window, "Squint");
        const planning::Study before = window->session().study();
        const QImage still = window->pictures().grab().toImage();
        squint->setSliderDown(true);
        squint->setValue(100);
        QVERIFY(window->session().study() == before);
        QVERIFY(window->pictures().grab().toImage() != still);
        squint->setSliderDown(false);
        QVERIFY(window->session().study().squint == 1.0);
        QVERIFY(planned(*window));
        // Of a small picture there is nothing more to be seen; a large one is looked into.
        window->goTo(0);
        cv::Mat large(1500, 2000, CV_8UC3, cv::Scalar(120, 130, 140));
        cv::circle(large, {1000, 750}, 300, cv::Scalar(40, 60, 150), cv::FILLED, cv::LINE_AA);
        QVERIFY(cv::imwrite(at("large.png").toStdString(), large));
        window->session().history().setClean();  // nobody asks about the squint
        QVERIFY(window->openFile(at("large.png")));
        QVERIFY(QTest::qWaitFor([&] { return !window->isOpening(); }, patience) && planned(*window));
        QSignalSpy seen(&window->session(), &Session::detailSeen);
        window->pictures().zoomBy(6, QPointF(window->pictures().width() / 4.0, window->pictures().height() / 2.0));
        QVERIFY(seen.wait(10000));
        const QRectF part = seen.last().at(1).toRectF();
        QVERIFY(part.width() < 0.4 && part.height() < 0.4 && part.left() >= 0);
        QVERIFY(!seen.last().at(0).value<QImage>().isNull());
        window->session().history().setClean();
    }
};

QTEST_MAIN(TestSubjectStation)
#include "patience.h"
#include "test_subject_station.moc"

#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QFile>
#include <QLineEdit>
#include <QListWidget>
#include <QSettings>
#include <QSlider>
#include <QSpinBox>
#include <QTemporaryDir>

#include "app/preferences.h"
#include "app/subject/triad_board.h"
#include "app/values/groupings_leaf.h"
#include "app/values/ladder.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawn_face.h"
#include "storage/document.h"
#include "window_hand.h"
#include "wording/sentences.h"
#include "wording/subject.h"

using namespace app;

/// Reading the subject in the real main window, by mouse and keys.
class TestSubjectStation : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    QString at(const char* name) const { return folder_.filePath(QString::fromLatin1(name)); }
    std::unique_ptr<MainWindow> opened() { return openedWindow(at("ball.dune")); }

    static QString told(MainWindow& window) {
        const MarginText text = window.margin().text();
        return (text.paragraphs + text.why).join(QLatin1Char(' '));
    }
    static int label(MainWindow& window, double x, double y) {
        return subject::labelAt(window.session().reading()->areas.map, x, y);
    }
    static std::size_t areaCount(MainWindow& window) { return window.session().reading()->areas.list.size(); }

    /// The studies that a test goes through: undone to the first, done again to the last.
    struct Went {
        MainWindow& window;
        QList<planning::Study> studies{window.session().study()};

        void on() {
            QVERIFY(planned(window));
            QVERIFY2(!(window.session().study() == studies.last()), "nothing was chosen");
            studies << window.session().study();
        }
        void backAndForth() {
            window.setFocus();
            for (qsizetype i = studies.size() - 2; i >= 0; --i) {
                QTest::keyClick(&window, Qt::Key_Z, Qt::ControlModifier);
                QVERIFY2(window.session().study() == studies[i], qPrintable(QString::number(i)));
            }
            for (qsizetype i = 1; i < studies.size(); ++i) {
                QTest::keyClick(&window, Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
                QVERIFY2(window.session().study() == studies[i], qPrintable(QString::number(i)));
            }
        }
    };

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

    /// One slider has fewer and more areas, a step for each; and a study of before can have its areas proposed anew.
    void areasArePartedAndJoinedByOneSlider() {
        planning::Study older = smallStudy();
        older.parting = subject::Parting::byColour;
        QVERIFY(storage::writeDocument({older, smallLibrary()}, at("older.dune").toStdString()).ok());
        for (const char* file : {"ball.dune", "older.dune"}) {
            auto window = openedWindow(at(file));
            QVERIFY(window);
            window->goTo(0);
            pressed(*window, "Areas");
            Went went{*window};
            const auto sliders = window->findChildren<QSlider*>();
            const auto found = std::ranges::find_if(sliders, [](const QSlider* s) { return s->isVisible(); });
            QVERIFY(found != sliders.end());
            QSlider* slider = *found;
            QCOMPARE(slider->value(), 4);
            QTest::keyClick(slider, Qt::Key_Right);
            went.on();
            QCOMPARE(window->session().study().areas, 5);
            QCOMPARE(areaCount(*window), std::size_t(5));
            QTest::keyClick(slider, Qt::Key_Home);
            went.on();
            QCOMPARE(areaCount(*window), std::size_t(2));
            const bool isOlder = window->session().study().parting == subject::Parting::byColour;
            QCOMPARE(isOlder, QByteArray(file) == "older.dune");
            auto* anew = buttonOf(*window, "Propose anew");
            QCOMPARE(anew != nullptr, isOlder);
            if (!isOlder) continue;
            pressed(*window, "Propose anew");
            went.on();
            QCOMPARE(window->session().study().parting, subject::Parting::byThings);
            QVERIFY(!buttonOf(*window, "Propose anew"));
        }
    }

    /// What is found is said with its why; a find that is none goes with one click, and comes back when that is undone.
    void aFaceIsProposedAndDeclined() {
        cv::Mat bgr;
        cv::cvtColor(drawnFace({240, 200}, 210), bgr, cv::COLOR_RGB2BGR);
        std::vector<uchar> png;
        cv::imencode(".png", bgr, png);
        planning::Study study = smallStudy();
        study.areaChoices.clear();
        study.reference = std::make_shared<planning::ReferenceFile>(planning::ReferenceFile{"face.png", png});
        QVERIFY(storage::writeDocument({study, smallLibrary()}, at("face.dune").toStdString()).ok());
        auto window = openedWindow(at("face.dune"));
        QVERIFY(window);
        window->goTo(0);
        pressed(*window, "Areas");
        Went went{*window};
        const auto names = [&] {
            return wording::areaNames(window->session().study(), window->session().reading()->areas);
        };
        for (const char* name : {"face", "left eye", "right eye"}) QVERIFY2(names().contains(name), name);
        QVERIFY(!buttonOf(*window, "No face"));
        clicked(*window, 0.5, 0.6);
        QVERIFY(told(*window).contains("Taken for a face"));
        QCOMPARE(named<QComboBox>(*window, "Area's kind")->currentIndex(), int(subject::AreaKind::skin));
        pressed(*window, "No face");
        went.on();
        QCOMPARE(areaCount(*window), std::size_t(window->session().study().areas));
        QVERIFY(!names().contains("face") && !names().contains("left eye"));
        QVERIFY(!buttonOf(*window, "No face"));
        went.backAndForth();
    }

    void areasAreCorrectedAndDescribed() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(0);
        pressed(*window, "Areas");
        Went went{*window};
        // By click: the table is to be one with the wall.
        const std::size_t before = areaCount(*window);
        clicked(*window, 0.1, 0.9);
        pressed(*window, "Join with\u2026");
        clicked(*window, 0.1, 0.2);
        went.on();
        QCOMPARE(areaCount(*window), before - 1);
        // A border is drawn, then moved, and the ball cut out.
        dragged(*window, {{0.1, 0.75}, {0.3, 0.75}, {0.3, 0.95}, {0.1, 0.95}, {0.1, 0.76}});
        pressed(*window, "New area");
        went.on();
        QCOMPARE(areaCount(*window), before);
        QVERIFY(label(*window, 0.35, 0.85) != label(*window, 0.2, 0.85));
        dragged(*window, {{0.2, 0.8}, {0.4, 0.8}, {0.4, 0.9}, {0.2, 0.9}});
        pressed(*window, "Move the border");
        went.on();
        QCOMPARE(label(*window, 0.35, 0.85), label(*window, 0.2, 0.85));
        QList<QPointF> round;
        for (int i = 0; i < 24; ++i)
            round << QPointF(0.5 + 0.23 * std::cos(i * M_PI / 12), 0.566 + 0.31 * std::sin(i * M_PI / 12));
        dragged(*window, round);
        pressed(*window, "Cut out");
        went.on();
        // What it is, which plane, what for, and how its strokes run.
        clicked(*window, 0.2, 0.85);
        auto* name = named<QLineEdit>(*window, "Area's name");
        name->setFocus();
        QTest::keyClicks(name, "cloth");
        QTest::keyClick(name, Qt::Key_Return);
        went.on();
        const auto area = [&]() -> const subject::Area& {
            return window->session().reading()->areas.list[std::size_t(label(*window, 0.2, 0.85))];
        };
        QCOMPARE(wording::areaName(*window->session().plan(), area().id - 1), QStringLiteral("cloth"));
        for (const auto& [field, key] : {std::pair("Area's kind", "c"), std::pair("Area's plane", "b")}) {
            auto* box = named<QComboBox>(*window, field);
            box->setFocus();
            QTest::keyClicks(box, key);
            went.on();
        }
        QCOMPARE(int(area().kind), int(subject::AreaKind::cloth));
        QCOMPARE(int(area().plane), int(subject::Plane::background));
        // Its edge is as it is seen until the artist says otherwise, and again afterwards.
        const auto edge = [&] {
            const planning::Reading& reading = *window->session().reading();
            const auto meetings = subject::meetingsOf(reading.areas, reading.edges, label(*window, 0.2, 0.85));
            return int(std::ranges::max_element(meetings[0].shares) - meetings[0].shares.begin());
        };
        const auto other = [&] {
            const planning::Reading& reading = *window->session().reading();
            const auto& map = reading.areas.map;
            const int met = subject::meetingsOf(reading.areas, reading.edges, label(*window, 0.2, 0.85))[0].neighbour;
            for (int y = 2; y < map.rows; y += 3)
                for (int x = 2; x < map.cols; x += 3)
                    if (map.at<int>(y, x) == met && map.at<int>(y - 2, x - 2) == met)
                        return QPointF((x - 0.5) / map.cols, (y - 0.5) / map.rows);
            return QPointF();
        }();
        const int seen = edge(), said = (seen + 1) % subject::edgeCount;
        auto* edges = named<QComboBox>(*window, "Make its edge");
        for (const int choice : {said, subject::edgeCount}) {
            edges->setCurrentIndex(choice);
            pressed(*window, "with\u2026");
            clicked(*window, other.x(), other.y());
            went.on();
            QCOMPARE(edge(), choice == said ? said : seen);
            QVERIFY(told(*window).contains("Its edges: " + wording::edgeWord(subject::Edge(edge()))));
        }
        pressed(*window, "What the picture is about");
        went.on();
        QVERIFY(area().focal);
        dragged(*window, {{0.15, 0.8}, {0.25, 0.9}});
        pressed(*window, "Strokes run so");
        went.on();
        const auto notes = window->session().plan()->notes;
        QVERIFY(
            std::ranges::any_of(notes, [](const auto& n) { return n.topic == planning::NoteTopic::strokesFollow; }));
        pressed(*window, "No arrows in it");
        went.on();
        QVERIFY(window->session().study().directions.empty());
        went.backAndForth();
    }

    void anotherReferenceLendsItsColours() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(0);
        Went went{*window};
        QVERIFY(!window->pinUp(at("missing.png")));
        QVERIFY(window->pinUp(at("blue.png")));
        QVERIFY(QTest::qWaitFor([&] { return !window->isOpening(); }, 20000));
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
        QVERIFY(window->openFile(at("large.png")));
        QVERIFY(QTest::qWaitFor([&] { return !window->isOpening(); }, 20000) && planned(*window));
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
#include "test_subject_station.moc"

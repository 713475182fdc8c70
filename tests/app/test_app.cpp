#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QDragEnterEvent>
#include <QDropEvent>
#include <QFile>
#include <QLineEdit>
#include <QMenuBar>
#include <QMimeData>
#include <QPushButton>
#include <QSpinBox>
#include <QTemporaryDir>
#include <QUrl>
#include <QtTest>

#include "app/layers/layers_station.h"
#include "app/main_window.h"
#include "app/subject/subject_station.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "small_study.h"
#include "storage/document.h"
#include "wording/sentences.h"

using namespace app;

/// Lets a drop come in without a second program to drag from.
struct Droppable : MainWindow {
    using MainWindow::dragEnterEvent;
    using MainWindow::dropEvent;
    using MainWindow::MainWindow;
};

/// The real main window, driven by mouse and keys.
class TestApp : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    QString at(const char* name) const { return folder_.filePath(QString::fromLatin1(name)); }

    static bool planned(MainWindow& window) {
        return QTest::qWaitFor([&] { return window.session().isPlanCurrent(); }, 60000);
    }
    std::unique_ptr<MainWindow> opened() {
        auto window = std::make_unique<MainWindow>(smallLibrary());
        window->show();
        if (!window->openFile(at("ball.dune")) || !planned(*window)) return nullptr;
        window->session().history().setClean();
        // Shortcuts go to the active window; a bare X server has no window manager to make it so.
        window->activateWindow();
        window->setFocus();
        return QTest::qWaitFor([&] { return window->isActiveWindow(); }, 5000) ? std::move(window) : nullptr;
    }
    template <typename Field>
    static Field* named(MainWindow& window, const QString& name) {
        for (Field* field : window.findChildren<Field*>())
            if (field->accessibleName() == name) return field;
        return nullptr;
    }

    /// A place on the subject as it lies in the window, by fractions of the picture.
    static QPoint placeIn(MainWindow& window, double x, double y) {
        const PicturePair& pictures = window.pictures();
        const double room = (pictures.width() - 32) / 2.0, high = pictures.height() - 36.0;
        const planning::Study& study = window.session().study();
        const double scale = std::min(room / study.widthMillimetres, high / study.heightMillimetres);
        const QPointF middle(10 + room / 2, 26 + high / 2);
        return (middle + QPointF((x - 0.5) * study.widthMillimetres, (y - 0.5) * study.heightMillimetres) * scale)
            .toPoint();
    }
    static void dragged(PicturePair& pictures, const QPoint& from, const QPoint& to) {
        QTest::mousePress(&pictures, Qt::LeftButton, {}, from);
        QTest::mouseMove(&pictures, (from + to) / 2);
        QTest::mouseMove(&pictures, to);
        QTest::mouseRelease(&pictures, Qt::LeftButton, {}, to);
    }
    static void pressed(MainWindow& window, const QString& text) {
        for (QPushButton* button : window.findChildren<QPushButton*>())
            if (button->text() == text && button->isVisible()) {
                QVERIFY2(button->isEnabled(), qPrintable(text));
                return QTest::mouseClick(button, Qt::LeftButton);
            }
        QFAIL(qPrintable(text));
    }

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        applyTheme(ThemeName::mid);
        QVERIFY(storage::writeDocument({smallStudy(), smallLibrary()}, at("ball.dune").toStdString()).ok());
        QFile file(at("ball.png"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        const common::Bytes bytes = smallStudy().reference->bytes;
        file.write(reinterpret_cast<const char*>(bytes.data()), qint64(bytes.size()));
    }

    void theFrameIsNeutralGrey() {
        MainWindow window(smallLibrary());
        window.show();
        QVERIFY(QTest::qWaitForWindowExposed(&window));
        QVERIFY(window.width() <= 1280);
        for (const ThemeName name : {ThemeName::mid, ThemeName::evening}) {
            applyTheme(name);
            QTest::qWait(30);
            const QImage image = window.grab().toImage();
            // Text is smoothed in grey too: no pixel of an empty window has a hue.
            int coloured = 0;
            for (int y = 0; y < image.height(); ++y)
                for (int x = 0; x < image.width(); ++x) {
                    const QColor c = image.pixelColor(x, y);
                    if (std::abs(c.red() - c.green()) > 2 || std::abs(c.green() - c.blue()) > 2) ++coloured;
                }
            QCOMPARE(coloured, 0);
        }
        applyTheme(ThemeName::mid);
    }

    void everyStationIsReachedByKeyAndByClick() {
        auto window = opened();
        QVERIFY(window);
        for (int i = 0; i < 6; ++i) {
            QTest::keyClick(window.get(), Qt::Key(Qt::Key_1 + i));
            QCOMPARE(window->station(), i);
            QVERIFY(!window->margin().text().head.isEmpty());
            QVERIFY(!window->margin().text().paragraphs.isEmpty());
        }
        auto* route = window->findChild<Route*>();
        QTest::mouseClick(route, Qt::LeftButton, {}, QPoint(60, 104 + 52 * 2 + 20));
        QCOMPARE(window->station(), 2);
        QTest::keyClick(route, Qt::Key_Down);
        QCOMPARE(window->station(), 3);
    }

    void choicesReplanAndAreUndone() {
        auto window = opened();
        QVERIFY(window);
        Session& session = window->session();
        const planning::Study before = session.study();
        auto* sticks = named<QSpinBox>(*window, "At most");
        auto* levels = named<QSpinBox>(*window, "Value steps");
        auto* areas = named<QSpinBox>(*window, "Areas");
        QVERIFY(sticks && levels && areas);
        window->goTo(3);
        sticks->setFocus();
        sticks->selectAll();
        QTest::keyClicks(sticks, "6");
        QTest::keyClick(sticks, Qt::Key_Return);
        QCOMPARE(session.study().stickLimit, 6);
        window->goTo(1);
        QTest::keyClick(levels, Qt::Key_Up);
        QCOMPARE(session.study().valueLevels, before.valueLevels + 1);
        window->goTo(0);
        QTest::keyClick(areas, Qt::Key_Down);
        QVERIFY(planned(*window));
        QVERIFY(session.plan()->sticks.size() <= 6);
        QCOMPARE(session.reading()->areas.list.size(), std::size_t(3));
        QVERIFY(window->isWindowModified());
        const planning::Study after = session.study();

        window->setFocus();
        for (int i = 0; i < 3; ++i) QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(session.study() == before);
        QVERIFY(!window->isWindowModified());
        for (int i = 0; i < 3; ++i) session.history().redo();
        QVERIFY(session.study() == after);
        QVERIFY(planned(*window));
        session.history().setClean();
    }

    void theLightIsChosenAndGlancedAt() {
        auto window = opened();
        QVERIFY(window);
        Session& session = window->session();
        window->goTo(5);
        window->setFocus();
        const QImage before = window->pictures().grab().toImage();
        QTest::keyPress(window.get(), Qt::Key_T);
        QCOMPARE(session.shownLight(), colour::Light::lamp);
        QVERIFY(window->pictures().grab().toImage() != before);
        QTest::keyRelease(window.get(), Qt::Key_T);
        QCOMPARE(session.shownLight(), colour::Light::daylight65);
        QVERIFY(window->pictures().grab().toImage() == before);

        window->goTo(0);
        auto* light = named<QComboBox>(*window, "Seen under");
        QVERIFY(light);
        light->setFocus();
        QTest::keyClick(light, Qt::Key_Down);
        QTest::keyClick(light, Qt::Key_Down);
        QCOMPARE(session.study().light, colour::Light::lamp);
        QVERIFY(planned(*window));
        QCOMPARE(session.plan()->light, colour::Light::lamp);
        QVERIFY(window->margin().text().paragraphs.join(' ').contains("be seen under lamp light"));
        session.history().undo();
        session.history().undo();
        QCOMPARE(session.study().light, colour::Light::daylight65);
        QCOMPARE(light->currentIndex(), 0);
        session.history().setClean();
    }

    void aPaperIsSetByDoubleClick() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(2);
        QTest::qWait(20);
        QWidget* offcuts = nullptr;
        for (QWidget* w : window->findChildren<QWidget*>())
            if (w->accessibleName() == "Offcuts") offcuts = w;
        QVERIFY(offcuts);
        const std::string first = window->session().plan()->paper.id;
        // The second offcut of the row.
        const int columns = std::max(1, offcuts->width() / 196);
        const QPoint second(offcuts->width() / columns + 30, 20);
        QTest::mouseClick(offcuts, Qt::LeftButton, {}, second);
        QTest::mouseDClick(offcuts, Qt::LeftButton, {}, second);
        QVERIFY(!window->session().study().paper.empty());
        QVERIFY(planned(*window));
        QVERIFY(window->session().plan()->paper.id != first);
        window->session().history().undo();
        QVERIFY(planned(*window));
        QCOMPARE(window->session().plan()->paper.id, first);
    }

    void theScrubberLaysTheSteps() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(5);
        auto* layers = window->findChild<LayersStation*>();
        Scrubber& scrubber = layers->scrubber();
        const int steps = int(window->session().plan()->steps.size());
        QCOMPARE(scrubber.step(), steps);
        const QImage end = layers->views().sheet;
        QTest::keyClick(&scrubber, Qt::Key_Home);
        QCOMPARE(scrubber.step(), 0);
        QVERIFY(layers->views().sheet != end);
        QTest::keyClick(&scrubber, Qt::Key_Right);
        QCOMPARE(scrubber.step(), 1);
        QTest::mouseClick(&scrubber, Qt::LeftButton, {}, QPoint(scrubber.width() - 16, 10));
        QCOMPARE(scrubber.step(), steps);
        QCOMPARE(layers->views().sheet, end);
        // A click in the picture chooses the passage there, and the margin tells its strokes.
        PicturePair& pictures = window->pictures();
        QTest::mouseClick(&pictures, Qt::LeftButton, {}, QPoint(pictures.width() / 4, pictures.height() / 2));
        QVERIFY(layers->selectedPassage() >= 0);
        QVERIFY(!window->margin().text().strokes.empty());
    }

    void aDrawnLineIsMeasured() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(0);
        PicturePair& pictures = window->pictures();
        const QPoint from(pictures.width() / 4 - 60, pictures.height() / 2);
        QTest::mousePress(&pictures, Qt::LeftButton, {}, from);
        QTest::mouseMove(&pictures, from + QPoint(40, 0));
        QTest::mouseMove(&pictures, from + QPoint(80, 0));
        QTest::mouseRelease(&pictures, Qt::LeftButton, {}, from + QPoint(80, 0));
        // The picture fills its frame in one direction; 80 pixels are so many millimetres.
        const double frameWidth = (pictures.width() - 32) / 2.0, frameHeight = pictures.height() - 36.0;
        const double millimetresPerPixel = std::max(240.0 / frameWidth, 180.0 / frameHeight);
        const QString wanted = QString::number(80 * millimetresPerPixel, 'f', 0);
        QVERIFY2(window->margin().text().paragraphs.join(' ').contains(wanted + " mm"),
                 qPrintable(window->margin().text().paragraphs.join(' ')));
        pressed(*window, "As the unit");
        QVERIFY(window->margin().text().paragraphs.join(' ').contains("1.00 of your units"));
    }

    /// Crop, level and grey by mouse on the picture; all of it undone and done again gives the same studies.
    void theFrameIsChosenOnThePicture() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(0);
        PicturePair& pictures = window->pictures();
        const auto press = [&](const QString& text) { pressed(*window, text); };
        const auto at = [&](double x, double y) { return placeIn(*window, x, y); };
        const auto drag = [&](const QPoint& from, const QPoint& to) { dragged(pictures, from, to); };
        QList<planning::Study> studies{window->session().study()};
        const auto chosen = [&] {
            QVERIFY(planned(*window));
            studies << window->session().study();
        };
        const auto frame = [&]() -> const subject::Frame& { return window->session().study().frame; };

        drag(at(0.2, 0.2), at(0.8, 0.75));
        press("Crop to it");
        chosen();
        QVERIFY2(std::fabs(frame().width - 0.6) < 0.03, qPrintable(QString::number(frame().width)));
        QVERIFY(std::fabs(frame().centreX - 0.5) < 0.02 && std::fabs(frame().centreY - 0.475) < 0.02);
        QCOMPARE(window->session().study().heightMillimetres, 180.0);
        QCOMPARE(window->session().reading()->xyz.cols, 120);  // of the reference's 200 pixels
        drag(at(0.2, 0.5), at(0.8, 0.54));
        press("Level by it");
        chosen();
        QVERIFY2(std::fabs(frame().degrees - 2.9) < 0.5, qPrintable(QString::number(frame().degrees)));
        drag(at(0.1, 0.2), at(0.9, 0.6));
        press("Crop freely");
        chosen();
        QVERIFY(std::fabs(window->session().study().heightMillimetres - 240 / (0.8 * 240 / (0.4 * 180))) < 3);
        press("Point at a grey");
        QTest::mouseClick(&pictures, Qt::LeftButton, {}, at(0.05, 0.1));
        chosen();
        QVERIFY(frame().grey.has_value());
        const cv::Scalar mean = cv::mean(window->session().reading()->lab(cv::Rect(2, 2, 6, 4)));
        QVERIFY2(std::hypot(mean[1], mean[2]) < 1, qPrintable(QString::number(mean[1])));
        press("As photographed");
        chosen();
        QVERIFY(frame() == subject::Frame{});
        QVERIFY(window->margin().text().paragraphs.join(' ').contains("cut to the sheet's format"));

        for (qsizetype i = studies.size() - 2; i >= 0; --i) {
            QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
            QVERIFY(window->session().study() == studies[i]);
        }
        for (qsizetype i = 1; i < studies.size(); ++i) {
            QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
            QVERIFY2(window->session().study() == studies[i], qPrintable(QString::number(i)));
        }
        // A named area keeps its name where it is.
        for (int i = 1; i < int(studies.size()); ++i) window->session().history().undo();
        QVERIFY(planned(*window));
        drag(at(0.3, 0.3), at(0.9, 0.9));
        press("Crop to it");
        const planning::AreaName ball = window->session().study().areaNames.at(0);
        QVERIFY(ball.name == "ball" && std::fabs(ball.x - 1.0 / 3) < 0.05 && std::fabs(ball.y - 1.0 / 3) < 0.05);
    }

    void areasAreCorrectedOnThePicture() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(0);
        PicturePair& pictures = window->pictures();
        QList<planning::Study> studies{window->session().study()};
        const auto chosen = [&] {
            QVERIFY(planned(*window));
            studies << window->session().study();
        };
        const auto count = [&] { return window->session().reading()->areas.list.size(); };
        const std::size_t before = count();
        const auto labels = [&](double x, double y) {
            return subject::labelAt(window->session().reading()->areas.map, x, y);
        };
        // The wall and the table, joined by a line from one to the other; then the one area parted again.
        QVERIFY(labels(0.1, 0.2) != labels(0.1, 0.9));
        dragged(pictures, placeIn(*window, 0.1, 0.2), placeIn(*window, 0.1, 0.9));
        pressed(*window, "Join areas");
        chosen();
        QCOMPARE(count(), before - 1);
        QCOMPARE(labels(0.1, 0.2), labels(0.1, 0.9));
        pressed(*window, "Part the area");
        chosen();
        QCOMPARE(count(), before);
        QVERIFY(labels(0.1, 0.2) != labels(0.1, 0.9));
        // The table is called so and lies behind; the wall is what the picture is about.
        QTest::mouseClick(&pictures, Qt::LeftButton, {}, placeIn(*window, 0.1, 0.9));
        auto* name = named<QLineEdit>(*window, "Area's name");
        name->setFocus();
        QTest::keyClicks(name, "table");
        QTest::keyClick(name, Qt::Key_Return);
        chosen();
        const int table = labels(0.1, 0.9);
        QCOMPARE(wording::areaName(*window->session().plan(), table), QStringLiteral("table"));
        auto* plane = named<QComboBox>(*window, "Area's plane");
        plane->setCurrentIndex(0);
        Q_EMIT plane->activated(0);
        chosen();
        QCOMPARE(window->session().reading()->areas.list[std::size_t(table)].plane, subject::Plane::background);
        QTest::mouseClick(&pictures, Qt::LeftButton, {}, placeIn(*window, 0.1, 0.2));
        QVERIFY(name->text().isEmpty());
        for (QCheckBox* box : window->findChildren<QCheckBox*>())
            if (box->text() == "What the picture is about") QTest::mouseClick(box, Qt::LeftButton);
        chosen();
        for (int i = 0; i < int(count()); ++i)
            QCOMPARE(window->session().reading()->areas.list[std::size_t(i)].focal, i == labels(0.1, 0.2));
        for (qsizetype i = studies.size() - 2; i >= 0; --i) {
            QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
            QVERIFY2(window->session().study() == studies[i], qPrintable(QString::number(i)));
        }
        for (qsizetype i = 1; i < studies.size(); ++i) {
            QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
            QVERIFY2(window->session().study() == studies[i], qPrintable(QString::number(i)));
        }
    }

    void keysAreHeld() {
        auto window = opened();
        QVERIFY(window);
        window->setFocus();
        using Way = PicturePair::Way;
        for (const auto& [key, way] : {std::pair(Qt::Key_Q, Way::squint), std::pair(Qt::Key_W, Way::values),
                                       std::pair(Qt::Key_E, Way::mirror)}) {
            QTest::keyPress(window.get(), key);
            QVERIFY(window->pictures().way(way));
            QTest::keyRelease(window.get(), key);
            QVERIFY(!window->pictures().way(way));
        }
        QTest::keyClick(window.get(), Qt::Key_R);
        QVERIFY(window->pictures().way(Way::grid));
    }

    void aPictureIsDroppedIn() {
        Droppable window(smallLibrary());
        window.show();
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(at("ball.png"))});
        QDragEnterEvent enter(QPoint(300, 300), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        window.dragEnterEvent(&enter);
        QVERIFY(enter.isAccepted());
        QDropEvent drop(QPointF(300, 300), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        window.dropEvent(&drop);
        QVERIFY2(window.margin().problem().isEmpty(), qPrintable(window.margin().problem()));
        QCOMPARE(window.session().study().title, std::string("ball"));
        QVERIFY(planned(window));
        QVERIFY(window.session().reading() != nullptr);
    }

    void whatIsNoPictureIsSaidAndNothingIsLost() {
        auto window = opened();
        QVERIFY(window);
        const planning::Study before = window->session().study();
        QFile file(at("no.jpg"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("text");
        file.close();
        for (const QString& bad : {at("no.jpg"), at("missing.dune"), at("missing.png")}) {
            QVERIFY(!window->openFile(bad));
            QVERIFY(window->margin().problem().endsWith('.'));
            QVERIFY(window->session().study() == before);
        }
        QVERIFY(!window->saveTo("/proc/no/such.dune"));
        QVERIFY(!window->margin().problem().isEmpty());
    }

    void aStudyIsSavedAndOpenedAgain() {
        auto window = opened();
        QVERIFY(window);
        planning::Study study = window->session().study();
        study.school = planning::School::lightBase;
        window->session().choose("order", study);
        QVERIFY(planned(*window));
        QVERIFY(window->saveTo(at("again.dune")));
        QVERIFY(!window->isWindowModified());
        MainWindow other({});
        QVERIFY(other.openFile(at("again.dune")));
        planning::Study back = other.session().study();
        back.reference = study.reference;
        QVERIFY(back == study);
        QVERIFY(planned(other));
    }

    void aPlanIsExported() {
        auto window = opened();
        QVERIFY(window);
        for (const char* name : {"plan.pdf", "plan.json", "plan.csv"}) {
            QVERIFY(window->exportTo(at(name)));
            QVERIFY(QFile(at(name)).size() > 500);
        }
        QVERIFY(QFile::exists(at("plan-pull-list.csv")));
        QVERIFY(!window->exportTo(at("plan.doc")));
    }

    void planningCanBeStopped() {
        auto window = opened();
        QVERIFY(window);
        Session& session = window->session();
        planning::Study study = session.study();
        study.stickLimit = 8;
        QSignalSpy started(&session, &Session::planningStarted);
        session.choose("sticks", study);
        QVERIFY(started.wait(2000));
        window->setFocus();
        QTest::keyClick(window.get(), Qt::Key_Escape);
        QVERIFY(QTest::qWaitFor([&] { return !session.isPlanning(); }, 20000));
        session.history().setClean();
    }

    void everythingHasANameAndAMenu() {
        MainWindow window(smallLibrary());
        for (QAbstractButton* button : window.findChildren<QPushButton*>()) QVERIFY(!button->text().isEmpty());
        for (QSpinBox* box : window.findChildren<QSpinBox*>()) QVERIFY(!box->accessibleName().isEmpty());
        for (QComboBox* box : window.findChildren<QComboBox*>()) QVERIFY(!box->accessibleName().isEmpty());
        QCOMPARE(window.menuBar()->actions().size(), 5);
        for (QAction* menu : window.menuBar()->actions()) QVERIFY(menu->menu()->actions().size() >= 2);
    }
};

QTEST_MAIN(TestApp)
#include "test_app.moc"

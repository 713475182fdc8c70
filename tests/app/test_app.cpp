#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QDragEnterEvent>
#include <QDropEvent>
#include <QFile>
#include <QMenuBar>
#include <QMimeData>
#include <QPushButton>
#include <QSpinBox>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QUrl>
#include <QtTest>
#include <set>

#include "app/export_sheet.h"
#include "app/layers/layers_station.h"
#include "app/main_window.h"
#include "app/preferences.h"
#include "app/subject/subject_station.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "small_study.h"
#include "storage/document.h"
#include "window_hand.h"
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

    std::unique_ptr<MainWindow> opened() { return openedWindow(at("ball.dune")); }

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
        // The ladder is grey itself, so all of the window is but for the two pictures.
        auto window = opened();
        QVERIFY(window);
        window->goTo(1);
        for (const ThemeName name : {ThemeName::mid, ThemeName::evening}) {
            applyTheme(name);
            QTest::qWait(30);
            const QImage image = window->grab().toImage();
            const QRect pictures(window->pictures().mapTo(window.get(), QPoint()), window->pictures().size());
            // Text is smoothed in grey too.
            int coloured = 0;
            for (int y = 0; y < image.height(); ++y)
                for (int x = 0; x < image.width(); ++x) {
                    if (pictures.contains(x, y)) continue;
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
        QTest::mouseClick(route, Qt::LeftButton, {}, QPoint(60, 104 + 64 * 2 + 20));
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

    /// A name without an ending gets that of the kind, and what is there is not written over unasked.
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
        // It is the one that is looked at, and told of.
        const auto head = [&] { return window->margin().text().head.toStdString(); };
        QCOMPARE(head(), window->session().plan()->paper.name);
        window->session().history().undo();
        QVERIFY(planned(*window));
        QCOMPARE(window->session().plan()->paper.id, first);
        QCOMPARE(head(), window->session().plan()->paper.name);
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
        QVERIFY(layers->selectedStack() >= 0);
        const auto& stack = window->session().plan()->stacks[std::size_t(layers->selectedStack())];
        QVERIFY(window->margin().text().strokes.size() >= stack.layers.size());
        QTest::mouseClick(&pictures, Qt::LeftButton, {}, QPoint(pictures.width() / 4, pictures.height() / 2));
        QCOMPARE(layers->selectedStack(), -1);
    }

    /// The step in hand shows where it goes on the subject; at rest the subject is as it is.
    void theStepInHandShowsItsMap() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(5);
        auto* layers = window->findChild<LayersStation*>();
        const QImage subject = layers->views().subject;
        QVERIFY(layers->views().isReference);
        QTest::keyClick(&layers->scrubber(), Qt::Key_Left);
        QVERIFY(layers->views().subject != subject && !layers->views().isReference);
        QVERIFY(layers->views().subjectCaption.contains("how hard"));
        QVERIFY(window->margin().text().head.startsWith("Step "));
        QVERIFY(layers->views().figure.startsWith("at the end"));
    }

    /// The section tells what lies under the pointer, a click in it chooses the area, and a line drawn over the subject
    /// makes the cut run along it.
    void theSectionIsAskedAndCut() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(5);
        auto* layers = window->findChild<LayersStation*>();
        SectionView& section = layers->section();
        std::set<QString> told;
        for (int x = 20; x < section.width() - 20; x += 6)
            for (int y = 10; y < section.height() - 30; y += 6) told.insert(section.wordsAt(QPointF(x, y)));
        QVERIFY(told.size() > window->session().plan()->stacks.size());
        QVERIFY(std::ranges::any_of(told, [](const QString& words) { return words.contains("The tooth is"); }));
        QTest::mouseClick(&section, Qt::LeftButton, {}, QPoint(section.width() / 2, section.height() - 40));
        QVERIFY(layers->selectedStack() >= 0);
        window->pictures().setFocus();  // with the keyboard it is framed
        const QImage whole = section.grab().toImage();
        QPushButton* line = nullptr;
        for (QPushButton* button : layers->findChildren<QPushButton*>())
            if (button->text() == "Cut along a line") line = button;
        QVERIFY(line);
        QTest::mouseClick(line, Qt::LeftButton);
        PicturePair& pictures = window->pictures();
        const QPoint middle(pictures.width() / 4, pictures.height() / 2);
        QTest::mousePress(&pictures, Qt::LeftButton, {}, middle - QPoint(90, 0));
        QTest::mouseMove(&pictures, middle);
        QTest::mouseMove(&pictures, middle + QPoint(90, 20));
        QTest::mouseRelease(&pictures, Qt::LeftButton, {}, middle + QPoint(90, 20));
        QVERIFY(section.grab().toImage() != whole);
        QVERIFY(!layers->views().overlays.empty());
        layers->cutAlong(std::nullopt);
        QCOMPARE(section.grab().toImage(), whole);
    }

    /// Layers and detail are chosen like anything else: planned anew, a first plan before the full one, and undone.
    void layersAndDetailAreChosen() {
        auto window = opened();
        QVERIFY(window);
        window->goTo(3);
        int coarse = 0, full = 0;
        QObject::connect(&window->session(), &Session::planChanged, window.get(),
                         [&] { ++(window->session().plan()->isCoarse ? coarse : full); });
        QSpinBox* layers = nullptr;
        for (QSpinBox* box : window->findChildren<QSpinBox*>())
            if (box->accessibleName() == "Layers an area") layers = box;
        QVERIFY(layers);
        layers->setFocus();
        QTest::keyClick(layers, Qt::Key_Down);
        QCOMPARE(window->session().study().layers, 3);
        QVERIFY(planned(*window));
        QCOMPARE(coarse, 1);
        QCOMPARE(full, 1);
        for (const auto& stack : window->session().plan()->stacks) QVERIFY(sticksLaidIn(stack) <= 3);
        window->session().history().undo();
        QCOMPARE(window->session().study().layers, 4);
    }

    /// Typing fast through ten values plans once to the end.
    void tenFastChangesPlanOnce() {
        auto window = opened();
        QVERIFY(window);
        int full = 0;
        QObject::connect(&window->session(), &Session::planChanged, window.get(),
                         [&] { full += !window->session().plan()->isCoarse; });
        for (int i = 0; i < 10; ++i) {
            window->session().choose(
                "sticks", [&](planning::Study& study) { study.stickLimit = 5 + i; }, "sticks");
            QTest::qWait(15);
        }
        QVERIFY(planned(*window));
        QCOMPARE(full, 1);
        QVERIFY(window->session().plan()->sticks.size() <= 14);
    }

    void keysAreHeld() {
        auto window = opened();
        QVERIFY(window);
        window->setFocus();
        using Way = PicturePair::Way;
        for (const auto& [key, way] : {std::pair(Qt::Key_Q, Way::squint), std::pair(Qt::Key_W, Way::values),
                                       std::pair(Qt::Key_E, Way::mirror), std::pair(Qt::Key_D, Way::upsideDown)}) {
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
        QVERIFY(window.isOpening());
        QVERIFY(QTest::qWaitFor([&] { return !window.isOpening(); }, patience));
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
        for (const QString& bad : {at("missing.dune"), at("missing.png")}) {
            QVERIFY(!window->openFile(bad));
            QVERIFY(window->margin().problem().endsWith('.'));
            QVERIFY(window->session().study() == before);
        }
        // What only reading finds is said as soon as it has been found.
        window->openFile(at("no.jpg"));
        QVERIFY(QTest::qWaitFor([&] { return !window->isOpening(); }, patience));
        QVERIFY(window->margin().problem().contains("no picture"));
        QFile whole(at("ball.png")), cut(at("cut.png"));
        QVERIFY(whole.open(QIODevice::ReadOnly) && cut.open(QIODevice::WriteOnly));
        cut.write(whole.readAll().left(whole.size() / 2));
        cut.close();
        window->openFile(at("cut.png"));
        QVERIFY(QTest::qWaitFor([&] { return !window->isOpening(); }, patience));
        QVERIFY(window->margin().problem().contains("cut off"));
        QVERIFY(window->session().study() == before);
        QVERIFY(!window->saveTo("/proc/no/such.dune"));
        QVERIFY(!window->margin().problem().isEmpty());
    }

    void aStudyIsSavedAndOpenedAgain() {
        auto window = opened();
        QVERIFY(window);
        window->session().choose(
            "order", [](planning::Study& study) { study.approach.stacks.school = planning::School::lightBase; });
        QVERIFY(planned(*window));
        QVERIFY(window->saveTo(at("again.dune")));
        QVERIFY(!window->isWindowModified());
        MainWindow other({});
        QVERIFY(hasOpened(other, at("again.dune")));
        const planning::Study study = window->session().study();
        planning::Study back = other.session().study();
        back.reference = study.reference;
        QVERIFY(back == study);
        QVERIFY(planned(other));
    }

    void nothingIsHeldOfAStudyThatIsClosed() {
        auto window = opened();
        QVERIFY(window);
        const std::weak_ptr<const planning::Plan> plan = window->session().plan();
        const std::weak_ptr<const planning::Reading> reading = window->session().reading();
        const std::weak_ptr<const planning::ReferenceFile> reference = window->session().study().reference;
        QTest::keyClick(window.get(), Qt::Key_Plus);
        QTest::keyClick(window.get(), Qt::Key_Y);
        window->chooseAndExport()->close();
        atEveryLeaf(*window, [&] {
            QAbstractButton* drawing = buttonOf(*window, "Construction drawing on the sheet");
            if (drawing && !drawing->isChecked()) drawing->click();
        });
        window->session().history().setClean();
        QVERIFY(window->openFile(at("ball.png")) && planned(*window));
        window->goTo(0);
        QTRY_VERIFY(plan.expired());
        QTRY_VERIFY(reading.expired());
        QTRY_VERIFY(reference.expired());
        window->session().history().setClean();
    }

    void aPlanIsExported() {
        auto window = opened();
        QVERIFY(window);
        ExportSheet* sheet = window->chooseAndExport();
        QVERIFY(sheet);
        const QString title = QString::fromStdString(window->session().study().title);
        QCOMPARE(sheet->folder().text(),
                 QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation) + '/' + title);
        sheet->folder().clear();
        QVERIFY(buttonOf(*sheet, "Write the plan") && !buttonOf(*sheet, "Write the plan")->isEnabled());
        sheet->folder().setText(at("easel"));
        sheet->part(print::PlanPart::maps).setChecked(false);
        QTest::mouseClick(buttonOf(*sheet, "Write the plan"), Qt::LeftButton);
        QTRY_VERIFY(QFile::exists(at("easel/plan.json")));
        for (const char* name : {"plan.pdf", "steps.csv", "pull-list.csv", "sheet.ora", "sticks.gpl", "stages/000.png"})
            QVERIFY2(QFile(at(qPrintable(QStringLiteral("easel/") + name))).size() > 100, name);
        QVERIFY(!QFile::exists(at("easel/maps/001.png")));
        // What was chosen is remembered; a folder that cannot be written to gets a sentence.
        sheet = window->chooseAndExport();
        QCOMPARE(sheet->folder().text(), at("easel"));
        QCOMPARE(exportFolder("../Hills"), at("Hills"));
        QCOMPARE(exportFolder({}), at("Plan"));
        QVERIFY(!sheet->part(print::PlanPart::maps).isChecked() && sheet->part(print::PlanPart::sheets).isChecked());
        sheet->folder().setText(at("easel/plan.json/below"));
        QTest::mouseClick(buttonOf(*sheet, "Write the plan"), Qt::LeftButton);
        QTRY_VERIFY(!sheet->problem().isEmpty());
        sheet->reject();
    }

    void planningCanBeStopped() {
        auto window = opened();
        QVERIFY(window);
        Session& session = window->session();
        QSignalSpy started(&session, &Session::planningStarted);
        session.choose("sticks", [](planning::Study& study) { study.stickLimit = 8; });
        QVERIFY(started.wait(2000));
        window->setFocus();
        QTest::keyClick(window.get(), Qt::Key_Escape);
        QVERIFY(QTest::qWaitFor([&] { return !session.isPlanning(); }, patience));
        QVERIFY(!session.isPlanCurrent());
        QVERIFY(window->margin().problem().isEmpty());
        // It goes on when the artist says so.
        pressed(*window, "Go on");
        QVERIFY(planned(*window));
        session.history().setClean();
    }

    void escapeClosesAnOpenListAndPlanningGoesOn() {
        auto window = opened();
        QVERIFY(window);
        window->activateWindow();
        Session& session = window->session();
        session.choose("sticks", [](planning::Study& study) { study.stickLimit = 8; });
        auto* light = named<QComboBox>(*window, "Seen under");
        QVERIFY(light);
        light->showPopup();
        QVERIFY(QApplication::activePopupWidget());
        QTest::keyClick(window->windowHandle(), Qt::Key_Escape);  // as the window system does
        QVERIFY(!QApplication::activePopupWidget());
        QVERIFY(planned(*window));
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

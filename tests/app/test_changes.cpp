#include <QTemporaryDir>
#include <algorithm>

#include "app/layers/changes_sheet.h"
#include "app/layers/layers_station.h"
#include "storage/document.h"
#include "window_hand.h"

using namespace app;

/// Steps dragged in time with the mouse and by keys, and the sheet that lists what was set by hand.
class TestChanges : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;

    std::unique_ptr<MainWindow> opened() {
        planning::Study study = smallStudy();
        study.approach.ground = planning::Ground::none;
        const QString file = folder_.filePath("ball.dune");
        if (!storage::writeDocument({study, smallLibrary()}, file.toStdString(), {}, {})) return nullptr;
        auto window = openedWindow(file);
        if (window) window->goTo(5);
        return window;
    }
    static Scrubber& scrubberOf(MainWindow& window) { return window.findChild<LayersStation*>()->scrubber(); }
    static QPoint blockOf(MainWindow& window, double step) {
        Scrubber& scrubber = scrubberOf(window);
        const double count = double(window.session().plan()->steps.size());
        return QPointF(16 + (scrubber.width() - 32) * step / count, 10).toPoint();
    }
    static std::vector<std::string> keysOf(const planning::Plan& plan) {
        std::vector<std::string> keys;
        for (const planning::Step& step : plan.steps) keys.push_back(step.key);
        return keys;
    }
    /// A step that may go earlier by two steps at least, and its room.
    static std::pair<int, planning::TimeRoom> movable(MainWindow& window) {
        const auto plan = window.session().plan();
        for (const planning::Step& step : plan->steps)
            if (const auto room = planning::roomInTime(*plan, window.session().study(), step.number))
                if (room->earliest <= step.number - 3) return {step.number, *room};
        return {};
    }

 private Q_SLOTS:
    void initTestCase() { QVERIFY(folder_.isValid()); }

    void aStepIsDraggedAsFarAsItsReasonsAllow() {
        auto window = opened();
        QVERIFY(window);
        const std::vector<std::string> before = keysOf(*window->session().plan());
        const auto [step, room] = movable(*window);
        QVERIFY(step > 0);
        Scrubber& scrubber = scrubberOf(*window);
        QTest::mousePress(&scrubber, Qt::LeftButton, {}, blockOf(*window, step - 0.5));
        QCOMPARE(scrubber.step(), step);
        for (const double to : {step - 1.0, step - 2.0, -1.0}) QTest::mouseMove(&scrubber, blockOf(*window, to));
        QVERIFY(scrubber.drag());
        QCOMPARE(scrubber.drag()->after, room.earliest);
        const MarginText said = window->margin().text();
        QVERIFY(said.head.contains("at another time"));
        QVERIFY(
            said.why.front().startsWith(QStringLiteral("It goes no earlier than after step %1:").arg(room.earliest)));
        QTest::mouseRelease(&scrubber, Qt::LeftButton, {}, blockOf(*window, -1));
        QVERIFY(planned(*window));
        const std::vector<std::string> after = keysOf(*window->session().plan());
        std::vector<std::string> expected = before;
        std::rotate(expected.begin() + room.earliest, expected.begin() + step - 1, expected.begin() + step);
        // What is laid with the same stick beside it may be one step with it.
        if (after.size() == before.size()) QCOMPARE(after, expected);
        QVERIFY(after != before);
        QVERIFY(window->margin().text().why.front().contains("You lay it at this time"));
        pressed(*window, "Set it back");
        QVERIFY(planned(*window));
        QCOMPARE(keysOf(*window->session().plan()), before);
    }

    /// The drawing is dragged and stays, and why is said; a click alone moves nothing.
    void theDrawingStaysFirst() {
        auto window = opened();
        QVERIFY(window);
        const planning::Study study = window->session().study();
        Scrubber& scrubber = scrubberOf(*window);
        QTest::mousePress(&scrubber, Qt::LeftButton, {}, blockOf(*window, 0.5));
        QTest::mouseMove(&scrubber, blockOf(*window, 3));
        QVERIFY(window->margin().text().paragraphs.join(' ').contains("drawing is always first"));
        QTest::mouseRelease(&scrubber, Qt::LeftButton, {}, blockOf(*window, 3));
        QTest::mouseClick(&scrubber, Qt::LeftButton, {}, blockOf(*window, 2.5));
        QVERIFY(window->session().study() == study && !scrubber.drag());
    }

    /// By keys, one step at a time; where it may not go that is said. All of it stands in the sheet, and is set back.
    void whatWasSetIsListedAndSetBack() {
        auto window = opened();
        QVERIFY(window);
        const std::vector<std::string> before = keysOf(*window->session().plan());
        QVERIFY(!buttonOf(*window, "All you set (0)")->isEnabled());
        const auto [step, room] = movable(*window);
        Scrubber& scrubber = scrubberOf(*window);
        scrubber.setStep(step);
        scrubber.setFocus();
        QTest::keyClick(window.get(), Qt::Key_Left, Qt::ControlModifier);
        QVERIFY(planned(*window) && !window->session().study().movedLayers.empty());
        QTest::keyClick(window.get(), Qt::Key_Home);
        window->session().choose("Stick left out", [&](planning::Study& study) {
            study.stickChoices.push_back({"t9", planning::StickUse::barred});
        });
        QVERIFY(planned(*window));
        const auto changes =
            ownChanges(*window->session().plan(), window->session().study(), window->session().library());
        QVERIFY(changes.size() >= 2);
        pressed(*window, QStringLiteral("All you set (%1)").arg(changes.size()));
        auto* sheet = window->findChild<ChangesSheet*>();
        QVERIFY(sheet && sheet->isVisible());
        for (std::size_t left = changes.size(); left > 0; --left) {
            QTRY_VERIFY(buttonOf(*sheet, "Set it back") && buttonOf(*sheet, "Set it back")->isEnabled());
            pressed(*sheet, "Set it back");
            QVERIFY(planned(*window));
            QCOMPARE(
                ownChanges(*window->session().plan(), window->session().study(), window->session().library()).size(),
                left - 1);
        }
        QTRY_VERIFY(!buttonOf(*sheet, "Set it back"));
        pressed(*sheet, "Close");
        QCOMPARE(keysOf(*window->session().plan()), before);
        QVERIFY(window->session().study().movedLayers.empty() && window->session().study().stickChoices.empty());
    }

    void whatForbidsIsSaidToTheKeysToo() {
        auto window = opened();
        QVERIFY(window);
        Scrubber& scrubber = scrubberOf(*window);
        scrubber.setStep(2);
        QTest::keyClick(window.get(), Qt::Key_Left, Qt::ControlModifier);
        QVERIFY(window->margin().problem().startsWith("It goes no earlier than after step 1"));
        QVERIFY(window->session().study().movedLayers.empty());
    }
};

QTEST_MAIN(TestChanges)
#include "test_changes.moc"

#include <QApplication>
#include <QComboBox>
#include <QLineEdit>
#include <QSettings>
#include <QSlider>
#include <QTemporaryDir>

#include "app/preferences.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawn_face.h"
#include "storage/document.h"
#include "subject_hand.h"
#include "wording/sentences.h"
#include "wording/subject.h"

using namespace app;

namespace {

/// The one that is seen, or null.
QSlider* sliderOf(const MainWindow& window) {
    const auto sliders = window.findChildren<QSlider*>();
    const auto found = std::ranges::find_if(sliders, [](const QSlider* s) { return s->isVisible(); });
    return found == sliders.end() ? nullptr : *found;
}

}  // namespace

/// Areas proposed and corrected in the real main window, by mouse and keys.
class TestAreasLeaf : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    QString at(const char* name) const { return folder_.filePath(QString::fromLatin1(name)); }

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        applyTheme(ThemeName::mid);
        QSettings::setPath(QSettings::IniFormat, QSettings::UserScope, folder_.path());
        QVERIFY(storage::writeDocument({smallStudy(), smallLibrary()}, at("ball.dune").toStdString()).ok());
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
            QSlider* slider = sliderOf(*window);
            QVERIFY(slider);
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

    /// While the slider moves each step is read, with the plan of before beside it; the last is planned.
    void stepsOfTheSliderAreReadBeforeOneIsPlanned() {
        auto window = openedWindow(at("ball.dune"));
        QVERIFY(window && planned(*window));
        window->goTo(0);
        pressed(*window, "Areas");
        const Session& session = window->session();
        const auto before = session.plan();
        QList<std::size_t> seen, planned;
        connect(&session, &Session::readingChanged, this, [&] {
            if (session.plan() == before) seen << areaCount(*window);
        });
        connect(&session, &Session::planChanged, this, [&] { planned << session.plan()->reading->areas.list.size(); });
        QSlider* slider = sliderOf(*window);
        QVERIFY(slider);
        for (const int areas : {5, 6, 7}) {
            slider->setValue(areas);
            QTRY_COMPARE(areaCount(*window), std::size_t(areas));
        }
        QTRY_VERIFY(session.isPlanCurrent());
        QVERIFY(!seen.isEmpty() && seen.first() == 5);
        QCOMPARE(planned.last(), std::size_t(7));
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
        auto window = openedWindow(at("ball.dune"));
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
};

QTEST_MAIN(TestAreasLeaf)
#include "test_areas_leaf.moc"

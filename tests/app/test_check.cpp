#include <QCheckBox>
#include <QLabel>
#include <QPushButton>
#include <QRadioButton>
#include <QTemporaryDir>
#include <fstream>
#include <numeric>
#include <opencv2/imgproc.hpp>

#include "app/check/check_station.h"
#include "app/own_hand.h"
#include "planning/simulated_hand.h"
#include "planning/stage_picture.h"
#include "recorded.h"
#include "review/easel_photograph.h"
#include "storage/document.h"
#include "window_hand.h"

using namespace app;
using planning::EntryKind;

namespace {

constexpr int checkStation = 7;

QString written(const QString& file, const std::vector<std::uint8_t>& bytes) {
    std::ofstream(file.toStdString(), std::ios::binary)
        .write(reinterpret_cast<const char*>(bytes.data()), std::streamsize(bytes.size()));
    return file;
}

}  // namespace

/// Photographs of the work by the stand-in camera, read at the station Check of the real window.
class TestCheck : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    std::unique_ptr<MainWindow> window_;
    std::shared_ptr<const planning::Plan> planned_;
    cv::Mat work_;
    int laid_ = 0;

    CheckStation& station() { return *window_->findChild<CheckStation*>(); }
    QString photographOf(const cv::Mat& sheet, const QString& name) {
        const auto mounted = review::mountedSheet(sheet, window_->session().study().widthMillimetres, {});
        review::CameraConditions camera = review::atTheEasel(mounted.flat.size(), 5);
        camera.pixels = {1600, 1200};
        return written(folder_.filePath(name), review::photographed(mounted.flat, camera));
    }
    bool isRead() {
        return QTest::qWaitFor([&] { return station().photograph() && !station().isBusy(); }, 120000);
    }
    /// The area of which it was told that one of its corrections is taken; -1 for none.
    int takenArea() {
        for (const DifferenceStrip::Row& row : station().strip().rows())
            if (row.isTaken) return row.area;
        return -1;
    }

 private Q_SLOTS:
    void initTestCase() {
        planning::Study study = smallStudy();
        study.approach.ground = planning::Ground::none;
        study.paper = smallLibrary().papers.front().id;
        planning::Kept kept;
        const auto plan = planning::makePlan(study, smallLibrary(), kept);
        QVERIFY(plan.ok());
        planning::Record record = recordOn(*plan);
        laid_ = int(plan->steps.size());
        for (int step = 1; step <= laid_; ++step) record.entries.push_back(laidEntry(*plan, study, step));
        const QString file = folder_.filePath("ball.dune");
        QVERIFY(storage::writeDocument({study, smallLibrary(), record}, file.toStdString()).ok());
        window_ = openedWindow(file);
        QVERIFY(window_);
        planned_ = window_->session().plan();
        planning::SimulatedHand hand = planning::handOf(3);
        hand.amount = 1.6;
        work_ = planning::laidByHand(*planned_, laid_, hand, study.widthMillimetres / planned_->stackMap.cols);
        QTest::keyClick(window_.get(), Qt::Key_8);
        QCOMPARE(window_->station(), checkStation);
    }

    void whatIsNoPictureOfTheWorkIsRefused() {
        station().check(written(folder_.filePath("notes.jpg"), {'n', 'o', 'n', 'e'}));
        QVERIFY(
            QTest::qWaitFor([&] { return !station().isBusy() && !window_->margin().problem().isEmpty(); }, patience));
        QVERIFY(window_->margin().problem().contains("notes.jpg"));
        QVERIFY(!station().photograph());
        // Another picture: its corners may be set by hand, if the sheet is there.
        cv::Mat other(180, 240, CV_8UC3);
        cv::RNG(3).fill(other, cv::RNG::UNIFORM, 0, 255);
        station().check(photographOf(other, "other.jpg"));
        QVERIFY(QTest::qWaitFor(
            [&] { return !station().isBusy() && window_->margin().problem().contains("other.jpg"); }, 20000));
        QVERIFY(!station().photograph());
        QVERIFY(station().views().sheetCaption.contains("upper left"));
        QVERIFY(!station().takeButton().isEnabled() && !station().keepButton().isEnabled());
    }

    /// From the worst to the best, with the photograph's own error told apart, and what would mend each.
    void theAreasStandFromTheWorstToTheBest() {
        station().check(photographOf(work_, "work.jpg"));
        QVERIFY(isRead());
        const auto& rows = station().strip().rows();
        QCOMPARE(std::ranges::count(rows, false, &DifferenceStrip::Row::isPlace),
                 std::ptrdiff_t(planned_->reading->areas.list.size()));
        for (std::size_t i = 1; i < rows.size(); ++i) QVERIFY(rows[i].difference <= rows[i - 1].difference);
        QVERIFY(rows.front().difference > station().photograph()->check.error);
        QVERIFY(takenArea() >= 0);
        const auto stops = window_->findChild<Route*>()->drawnParts();
        QVERIFY(stops[checkStation].name.contains("from the plan"));
        QVERIFY(station().takeButton().isEnabled());
        QVERIFY(station().takeButton().text().contains("correction"));
        QVERIFY(station().views().figure.contains("from the plan"));
        QTest::mouseClick(buttonOf(*window_, "Against the subject"), Qt::LeftButton);
        QVERIFY(station().views().figure.contains("from the subject"));
        QTest::mouseClick(buttonOf(*window_, "Against the plan"), Qt::LeftButton);
        // By the keys down the strip, and by a click into the picture.
        station().strip().setFocus();
        QTest::keyClick(&station().strip(), Qt::Key_Home);
        QCOMPARE(station().strip().chosen(), rows.front().area);
        QTest::keyClick(&station().strip(), Qt::Key_Down);
        QCOMPARE(station().strip().chosen(), rows[1].area);
        QVERIFY(!station().views().outline.isNull());
        clicked(*window_, 0.5, 0.55);
        const int ball = subject::labelAt(planned_->reading->areas.map, 0.5, 0.55);
        QCOMPARE(station().strip().chosen(), ball);
        QVERIFY(window_->margin().text().paragraphs.join(' ').contains("Against the subject"));
    }

    /// While A is held the work gives way to what it is compared with.
    void theHeldKeyComparesInPlace() {
        window_->setFocus();
        const QRect sheet(window_->pictures().width() / 2 + 20, 60, window_->pictures().width() / 2 - 40, 120);
        const QImage work = window_->pictures().grab(sheet).toImage();
        QTest::keyPress(window_.get(), Qt::Key_A);
        const QImage other = window_->pictures().grab(sheet).toImage();
        QTest::keyRelease(window_.get(), Qt::Key_A);
        QVERIFY(work != other);
        QCOMPARE(window_->pictures().grab(sheet).toImage(), work);
    }

    void anAreaMayBeLetBe() {
        const int area = takenArea();
        station().strip().choose(area);
        QTest::keyClick(&station().strip(), Qt::Key_Up);
        while (station().strip().chosen() != area) QTest::keyClick(&station().strip(), Qt::Key_Down);
        const QString before = station().takeButton().text();
        QAbstractButton* letBe = nullptr;
        QTRY_VERIFY((letBe = buttonOf(*window_, "Let it be")));
        QTest::mouseClick(letBe, Qt::LeftButton);
        QVERIFY(station().takeButton().text() != before);
        for (const DifferenceStrip::Row& row : station().strip().rows())
            if (row.area == area) QVERIFY(!row.isTaken);
        QTRY_VERIFY(buttonOf(*window_, "Let it be"));
        QTest::mouseClick(station().findChildren<QRadioButton*>().front(), Qt::LeftButton);
        QCOMPARE(station().takeButton().text(), before);
    }

    /// Corners clicked in the photograph do as well as those that are found.
    void cornersMayBeSetByHand() {
        const auto found = station().photograph();
        QTest::mouseClick(buttonOf(*window_, "Corners by hand"), Qt::LeftButton);
        const planning::Study& study = window_->session().study();
        const QSizeF photograph(1600, 1200), format(study.widthMillimetres, study.heightMillimetres);
        const double wide = std::max(photograph.width(), photograph.height() * format.width() / format.height());
        const double high = wide * format.height() / format.width();
        for (const cv::Point2d corner : {cv::Point2d(0, 0),
                                         {study.widthMillimetres, 0},
                                         {study.widthMillimetres, study.heightMillimetres},
                                         {0, study.heightMillimetres}}) {
            const cv::Point2d at = found->check.place.inPhotograph(corner);
            clicked(*window_, (at.x + (wide - photograph.width()) / 2) / wide,
                    (at.y + (high - photograph.height()) / 2) / high);
        }
        QVERIFY(QTest::qWaitFor([&] { return station().photograph() != found && !station().isBusy(); }, 120000));
        const auto byHand = station().photograph();
        QVERIFY(byHand);
        for (const planning::CheckedArea& area : byHand->check.areas)
            for (const planning::CheckedArea& other : found->check.areas)
                if (area.area == other.area)
                    QVERIFY2(std::fabs(area.toPlan - other.toPlan) < 1.5, qPrintable(QString::number(area.area)));
    }

    /// A blot in an area that matches as a whole is told for itself, ringed, and found by a click on it.
    void aBlotIsTold() {
        const QPointF place(0.2, 0.25);
        std::vector<int> laid(static_cast<std::size_t>(laid_));
        std::iota(laid.begin(), laid.end(), 1);
        cv::Mat blotted = planning::pictureAfter(*planned_, laid, planned_->light).clone();
        cv::circle(blotted, cv::Point(int(place.x() * blotted.cols), int(place.y() * blotted.rows)),
                   int(0.06 * blotted.cols), cv::Scalar(70, 30, 60), cv::FILLED);
        const auto before = station().photograph();
        station().check(photographOf(blotted, "blot.jpg"));
        QVERIFY(QTest::qWaitFor([&] { return station().photograph() != before && !station().isBusy(); }, 120000));
        QVERIFY(station().photograph());
        const int area = subject::labelAt(planned_->reading->areas.map, place.x(), place.y());
        const auto& rows = station().strip().rows();
        const auto row = std::ranges::find_if(rows, [&](const auto& one) { return one.isPlace && one.area == area; });
        QVERIFY(row != rows.end());
        QVERIFY(row->isFirst && row->name.startsWith("a place in") && row->words.contains("too dark"));
        clicked(*window_, place.x(), place.y());
        QVERIFY(station().strip().chosen() == area && station().strip().isPlaceChosen());
        // What is ringed on both pictures is the blot.
        const QImage outline = station().views().outline;
        const auto isWithin = [&](double x, double y) {
            return qGray(outline.pixel(int(x * outline.width()), int(y * outline.height()))) > 0;
        };
        QVERIFY(isWithin(place.x(), place.y()) && isWithin(place.x() + 0.05, place.y()));
        QVERIFY(!isWithin(place.x() + 0.075, place.y()) && !isWithin(place.x() - 0.075, place.y()));
        QVERIFY(window_->margin().text().head.startsWith("a place in"));
        QVERIFY(window_->margin().text().paragraphs.first().contains("mm across"));
        // Against the subject nothing is said of places.
        QTest::mouseClick(buttonOf(*window_, "Against the subject"), Qt::LeftButton);
        QVERIFY(station().strip().chosen() == area && !station().strip().isPlaceChosen());
        QCOMPARE(std::ranges::count(station().strip().rows(), true, &DifferenceStrip::Row::isPlace), 0);
        QTest::mouseClick(buttonOf(*window_, "Against the plan"), Qt::LeftButton);
    }

    /// What is taken is on the disk, becomes steps, and stands on the way to the goal.
    void correctionsBecomeSteps() {
        station().check(folder_.filePath("work.jpg"));
        QVERIFY(isRead() && station().mending());
        QTest::mouseClick(&station().takeButton(), Qt::LeftButton);
        QVERIFY(QTest::qWaitFor(
            [&] {
                return !window_->session().record().entries.empty() &&
                       window_->session().record().entries.back().kind == EntryKind::checked;
            },
            20000));
        QVERIFY(planned(*window_));
        const auto document = storage::readDocument(folder_.filePath("ball.dune").toStdString());
        QVERIFY(document.ok());
        const planning::Entry& kept = document->record.entries.back();
        QVERIFY(kept.kind == EntryKind::checked && kept.bytes && !kept.check->mends.empty());
        const auto after = window_->session().plan();
        QVERIFY(int(after->steps.size()) > laid_);
        QVERIFY(after->seen);
        for (int step = 1; step <= laid_; ++step)
            QCOMPARE(after->steps[std::size_t(step - 1)].key, planned_->steps[std::size_t(step - 1)].key);
        QVERIFY(!planning::openSteps(*after, planning::Standing(window_->session().record())).empty());
        // The photograph was read against the plan before.
        QVERIFY(!station().takeButton().isEnabled());
        QTest::mouseClick(buttonOf(*window_, "The way"), Qt::LeftButton);
        QVERIFY(QTest::qWaitFor([&] { return station().way().strip().moments().size() == 1; }, patience));
        QVERIFY(station().way().strip().moments().front().difference > after->summary.picture.mean);
        // What it tells of the hand is told there, and new studies may be planned for it.
        QCOMPARE(station().way().learnt().photographs, 1);
        QVERIFY(station().way().learnt().touch.amount > 1.15f);
        QVERIFY(window_->margin().text().paragraphs.join(' ').contains("than usual"));
        QVERIFY(touchOfNewStudies() == pigment::HandSample());
        QTest::keyClick(&station().way().touchBox(), Qt::Key_Space);
        QVERIFY(touchOfNewStudies() == station().way().learnt().touch);
        QVERIFY(window_->session().study().touch == pigment::HandSample());
        // Another sheet is planned for it from the start, as long as that is wanted.
        const pigment::HandSample own = station().way().learnt().touch;
        window_->session().history().setClean();
        window_->beginAnotherSheet();
        QVERIFY(window_->session().study().touch == own);
        QVERIFY(planned(*window_));
        QVERIFY(window_->session().plan()->hand == own);
        QTest::keyClick(&station().way().touchBox(), Qt::Key_Space);
        QVERIFY(touchOfNewStudies() == pigment::HandSample());
        QVERIFY(window_->session().study().touch == pigment::HandSample());
    }

    void cleanupTestCase() {
        window_->session().history().setClean();
        window_.reset();
    }
};

QTEST_MAIN(TestCheck)
#include "test_check.moc"

#include <QFile>
#include <QLabel>
#include <QListWidget>
#include <QProcess>
#include <QPushButton>
#include <QTemporaryDir>
#include <opencv2/imgproc.hpp>

#include "app/practice/practice_window.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "review/stand_in_camera.h"
#include "storage/document.h"
#include "window_hand.h"
#include "wording/practising.h"

using namespace app;
using practice::Exercise;

/// The exercises' window, driven by keys alone.
class TestPractising : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    std::unique_ptr<storage::MaterialsStore> store_;
    std::unique_ptr<MainWindow> main_;

    std::unique_ptr<storage::MaterialsStore> opened() const {
        auto store = storage::MaterialsStore::open(folder_.filePath("materials.sqlite"));
        return store ? *std::move(store) : nullptr;
    }
    PracticeWindow& window() const { return *main_->practiceWindow(); }
    QListWidget& list() const { return *window().findChild<QListWidget*>(); }
    void key(int code) { QTest::keyClick(QApplication::focusWidget(), Qt::Key(code)); }
    /// Down the list to an exercise, and begun.
    void begun(Exercise exercise, bool isAsked = true) {
        key(Qt::Key_Home);
        for (int i = 0; i < practice::exerciseCount && window().exercise() != exercise; ++i) key(Qt::Key_Down);
        QCOMPARE(window().exercise(), exercise);
        key(Qt::Key_Return);
        QCOMPARE(window().isAsking(), isAsked);
    }
    /// By its key in the main window.
    void broughtUp() {
        main_->activateWindow();
        main_->setFocus();
        QTRY_VERIFY(main_->isActiveWindow());
        QTest::keyClick(main_.get(), Qt::Key_I);
        QTRY_VERIFY(window().isVisible());
        window().activateWindow();
        QTRY_VERIFY(window().isActiveWindow());
    }
    void answered(bool isRight) {
        const practice::Question& question = *window().view().question();
        const auto count = int(wording::answerWords(question).size());
        key(Qt::Key_1 + (isRight ? question.right : (question.right + 1) % count));
    }

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        applyTheme(ThemeName::mid);
        store_ = opened();
        QVERIFY(store_);
        const QString file = folder_.filePath("ball.dune");
        QVERIFY(storage::writeDocument({smallStudy(), smallLibrary()}, file.toStdString()).ok());
        main_ = std::make_unique<MainWindow>(smallLibrary(), store_.get());
        main_->show();
        QVERIFY(hasOpened(*main_, file) && planned(*main_));
        main_->session().history().setClean();
        broughtUp();
    }

    void everyExerciseIsAskedAndAnsweredByKeys_data() {
        QTest::addColumn<Exercise>("exercise");
        for (const Exercise exercise : practice::allExercises())
            if (!practice::isDrawn(exercise))
                QTest::newRow(std::string(practice::factsOf(exercise).name).c_str()) << exercise;
    }
    void everyExerciseIsAskedAndAnsweredByKeys() {
        QFETCH(Exercise, exercise);
        const std::size_t before = store_->answers()->size();
        begun(exercise);
        const QImage asked = window().grab().toImage();
        const auto* sentence = window().findChild<QLabel*>();
        // What was right leads to the next question at once.
        answered(true);
        QCOMPARE(store_->answers()->size(), before + 1);
        QCOMPARE(sentence->text(), wording::questionSentence(*window().view().question()));
        // What was wrong shows the truth, and stays until one goes on.
        answered(false);
        QCOMPARE(sentence->text(), wording::truthSentence(*window().view().question()));
        QVERIFY(window().grab().toImage() != asked);
        answered(true);
        QCOMPARE(sentence->text(), wording::truthSentence(*window().view().question()));
        QCOMPARE(store_->answers()->size(), before + 2);
        key(Qt::Key_Return);
        QCOMPARE(sentence->text(), wording::questionSentence(*window().view().question()));
        key(Qt::Key_Escape);
        QVERIFY(!window().isAsking());
        QCOMPARE(window().sittings().back().trials, 2);
        QVERIFY(!window().sittings().back().isEnough);
    }

    /// The subject is looked at and gone, the drawing photographed and measured; all but the drawing by keys.
    void aDrawingFromMemoryIsMeasured() {
        begun(Exercise::fromMemory, false);
        QCOMPARE(window().lesson().stage(), DrawingLesson::Stage::looking);
        key(Qt::Key_Return);
        QCOMPARE(window().lesson().stage(), DrawingLesson::Stage::drawing);
        // What is no drawing is said, and one may try again.
        window().readDrawing(folder_.filePath("none.jpg"));
        QTRY_VERIFY(!window().lesson().isReading());
        QVERIFY(window().margin().problem().contains("none.jpg"));
        QCOMPARE(window().lesson().stage(), DrawingLesson::Stage::drawing);

        // The borders of the subject as the program reads them, all a thirtieth of the width too far to the right.
        const cv::Mat& areas = main_->session().reading()->areas.map;
        cv::Mat borders = review::bordersOf(areas), sheet, moved;
        cv::warpAffine(borders, moved, cv::Matx23d(1, 0, areas.cols / 30.0, 0, 1, 0), borders.size());
        cv::resize(moved, moved, {1200, 1200 * areas.rows / areas.cols}, 0, 0, cv::INTER_NEAREST);
        sheet = cv::Mat(moved.size(), CV_32FC3, cv::Scalar::all(0.85));
        sheet.setTo(cv::Scalar::all(0.2), moved);
        review::CameraConditions conditions;
        conditions.pixels = {2000, 1500};
        conditions.filled = 0.7;
        conditions.tiltDegrees = 9;
        const auto jpeg = review::photographed(sheet, conditions);
        QFile photograph(folder_.filePath("drawing.jpg"));
        QVERIFY(photograph.open(QIODevice::WriteOnly));
        photograph.write(reinterpret_cast<const char*>(jpeg.data()), qint64(jpeg.size()));
        photograph.close();
        window().readDrawing(photograph.fileName());
        QTRY_VERIFY(!window().lesson().isReading());
        QCOMPARE(window().lesson().stage(), DrawingLesson::Stage::told);
        QVERIFY(std::fabs(window().lesson().drawn().aside.x - 1 / 30.0) < 0.01);
        key(Qt::Key_Return);
        QVERIFY(!window().isAsking());
        QCOMPARE(window().sittings().size(), 1u);
        QVERIFY(window().sittings().back().isEnough && window().sittings().back().threshold.middle < 1.5);
        QCOMPARE(std::size_t(window().sittings().back().trials), window().lesson().drawn().shapes.size());
    }

    void aSittingThatWasBrokenOffIsGoneOnWith() {
        begun(Exercise::plumb);
        answered(true);
        // The window goes, as at the end of the day, and the program with it; another reads what was kept.
        window().close();
        PracticeWindow other(*store_, [] { return practice::Sources{}; });
        other.show();
        QTRY_VERIFY(other.isVisible());
        auto* its = other.findChild<QListWidget*>();
        for (int row = 0; other.exercise() != Exercise::plumb; ++row) its->setCurrentRow(row);
        QCOMPARE(other.sittings().size(), 1u);
        QCOMPARE(other.sittings().back().trials, 3);
        other.activateWindow();
        QTRY_VERIFY(other.isActiveWindow());
        QTest::keyClick(&other, Qt::Key_Return);
        QVERIFY(other.isAsking());
        QTest::keyClick(&other, Qt::Key_1);
        QTest::keyClick(&other, Qt::Key_Escape);
        QCOMPARE(other.sittings().size(), 1u);
        QCOMPARE(other.sittings().back().trials, 4);
        // What needs a subject says so, and cannot be begun.
        for (int row = 0; other.exercise() != Exercise::warmer; ++row) its->setCurrentRow(row);
        QTest::keyClick(&other, Qt::Key_Return);
        QVERIFY(!other.isAsking());
        QVERIFY(other.margin().text().paragraphs.join(' ').contains("open a study first"));
    }

    void aSittingEndsWhenEnoughIsKnown() {
        broughtUp();
        begun(Exercise::angle);
        // Someone who tells three degrees.
        for (int i = 0; i < 200 && window().isAsking(); ++i) {
            const bool isRight = window().view().question()->apart > 3 || i % 2 == 0;
            answered(isRight);
            if (!isRight) key(Qt::Key_Return);
        }
        QVERIFY(!window().isAsking());
        const practice::Sitting& sitting = window().sittings().back();
        QVERIFY(sitting.isEnough && sitting.trials <= 60);
        QVERIFY(sitting.threshold.least < 4.5 && sitting.threshold.most > 2);
        QVERIFY(window().margin().text().paragraphs.join(' ').contains("You tell"));
    }

    void resultsAreWrittenAsATableAndTheWeekAsPdf() {
        const auto answers = store_->answers();
        QVERIFY(answers.ok());
        const QString table = folder_.filePath("practice.csv"), week = folder_.filePath("week.pdf");
        window().exportTo(table);
        QFile written(table);
        QVERIFY(written.open(QIODevice::ReadOnly));
        const QByteArray csv = written.readAll().replace('"', "");
        QCOMPARE(csv.count('\n'), int(practice::sittingsOf(*answers).size()) + 1);
        QVERIFY(csv.startsWith("begun,exercise,measure,answers,threshold,least,most,enough"));
        QVERIFY(csv.contains(",angle,degrees,"));
        window().printTo(week);
        // Read by another program: poppler's.
        QProcess reader;
        reader.start("pdftotext", {"-layout", week, "-"});
        QVERIFY(reader.waitForFinished(patience));
        const QString words = QString::fromUtf8(reader.readAllStandardOutput()).simplified();
        QVERIFY2(words.contains("Wider angle") && words.contains("You tell") && words.contains("Next"),
                 qPrintable(words));
        QVERIFY(words.contains(QString("Answers: %1").arg(answers->size())));
        // A folder that is not there is said.
        window().exportTo(folder_.filePath("nowhere/practice.csv"));
        QVERIFY(window().margin().problem().size() > 10);
        QVERIFY(!window().margin().problem().startsWith("Written"));
    }

    void whatCannotBeKeptIsSaid() {
        // Another copy of the program holds the library: this one may read, not write.
        const auto second = opened();
        QVERIFY(second && second->isReadOnly());
        PracticeWindow other(*second, [] { return practice::Sources{}; });
        QVERIFY(!other.margin().problem().isEmpty());
    }
};

QTEST_MAIN(TestPractising)
#include "test_practising.moc"

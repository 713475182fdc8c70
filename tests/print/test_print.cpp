#include <QImage>
#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "colour/image_colour.h"
#include "colour/srgb.h"
#include "drawing/fonts.h"
#include "planning/planner.h"
#include "print/plan_sheets.h"
#include "print/swatch_card.h"
#include "review/card_reader.h"
#include "small_study.h"

namespace {

QString outputOf(const QString& program, const QStringList& arguments) {
    QProcess process;
    process.start(program, arguments);
    process.waitForFinished(30000);
    return QString::fromUtf8(process.readAllStandardOutput());
}

}  // namespace

/// What is printed is read back by an independent renderer (poppler).
class TestPrint : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    planning::Plan plan_;

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        planning::Kept kept;
        auto plan = planning::makePlan(smallStudy(), smallLibrary(), kept);
        QVERIFY(plan.ok());
        plan_ = *std::move(plan);
        QVERIFY(print::writePlanPdf(plan_, smallStudy(), folder_.filePath("plan.pdf")).ok());
    }

    /// A card printed by an independent renderer (poppler), filled and warped with OpenCV alone, is read.
    void aPrintedCardIsRead_data() {
        QTest::addColumn<int>("paper");
        QTest::newRow("A4") << int(review::CardPaper::a4);
        QTest::newRow("Letter") << int(review::CardPaper::letter);
    }
    void aPrintedCardIsRead() {
        QFETCH(int, paper);
        const auto kind = review::CardPaper(paper);
        const review::CardLayout& layout = review::layoutOf(kind);
        const QString pdf = folder_.filePath("card.pdf");
        QVERIFY(print::writeSwatchCards(kind, {int(layout.rows.size()) + 5}, pdf).ok());
        QVERIFY(outputOf("pdfinfo", {pdf}).contains(QRegularExpression("Pages: +2")));
        QCOMPARE(QProcess::execute("pdftoppm", {"-r", "254", "-png", "-f", "2", "-l", "2", "-singlefile", pdf,
                                                folder_.filePath("card")}),
                 0);
        cv::Mat page = cv::imread(folder_.filePath("card.png").toStdString());
        QVERIFY(std::abs(page.cols - layout.page.width * 10) < 3 && std::abs(page.rows - layout.page.height * 10) < 3);
        const std::vector<cv::Scalar> colours{
            {60, 90, 190}, {150, 80, 40}, {200, 210, 225}, {40, 60, 60}, {90, 150, 90}};
        for (std::size_t r = 0; r < colours.size(); ++r)
            for (const review::CardField& field : layout.rows[r].fields)
                for (const cv::Rect2d& half : {field.overWhite, field.overBlack})
                    cv::rectangle(
                        page, cv::Rect(int(half.x * 10), int(half.y * 10), int(half.width * 10), int(half.height * 10)),
                        colours[r], cv::FILLED);
        // Seen from aside.
        const auto w = float(page.cols), h = float(page.rows);
        const cv::Point2f from[] = {{0, 0}, {w, 0}, {w, h}, {0, h}},
                          to[] = {{300, 180}, {2150, 90}, {2320, 2800}, {120, 2600}};
        cv::Mat seen;
        cv::warpPerspective(page, seen, cv::getPerspectiveTransform(from, to), {2400, 2900}, cv::INTER_AREA,
                            cv::BORDER_CONSTANT, cv::Scalar(90, 100, 105));
        const auto reading = review::readCard(*colour::xyzImage(seen * 0.92, {}, "card.png"), "card.png");
        QVERIFY(reading.ok());
        QVERIFY(reading->paper == kind);
        QCOMPARE(reading->page, 1);
        for (std::size_t r = 0; r < layout.rows.size(); ++r)
            for (const review::FieldReading& field : reading->rows[r]) {
                if (r >= colours.size()) {
                    QVERIFY(field.state == review::FieldState::empty);
                    continue;
                }
                QVERIFY(field.state == review::FieldState::good);
                const cv::Scalar& c = colours[r];
                colour::Xyz want = colour::xyzFromSrgb({c[2] / 255, c[1] / 255, c[0] / 255});
                want = {want.x * review::cardWhite, want.y * review::cardWhite, want.z * review::cardWhite};
                const double off =
                    colour::differenceCie2000(colour::labFromXyz(want), colour::labFromXyz(field.overWhite));
                QVERIFY2(off < 1.0, qPrintable(QString::number(off)));
            }
    }

    void theSheetsAreA4() {
        const QString info = outputOf("pdfinfo", {folder_.filePath("plan.pdf")});
        QVERIFY2(info.contains("A4"), qPrintable(info));
        QVERIFY(info.contains("Title:") && info.contains("Ball"));
    }

    void everyStepAndStickIsThere() {
        const QString text = outputOf("pdftotext", {"-layout", folder_.filePath("plan.pdf"), "-"});
        for (const materials::Material& stick : plan_.sticks)
            QVERIFY(text.contains(QString::fromStdString(stick.name)));
        // A reason that is true of every step is not told on each.
        qsizetype telling = 0;
        for (const planning::Step& step : plan_.steps)
            telling += std::ranges::any_of(step.why, [](const planning::Reason& reason) {
                return reason.kind != planning::ReasonKind::wholePictureTogether;
            });
        QCOMPARE(text.count("Why: "), telling);
        QVERIFY(telling > qsizetype(plan_.steps.size()) / 2);
        QVERIFY(text.contains("After the block-in") && text.contains("from the reference, as the eye sees both"));
        for (const char* head :
             {"Pull these", "The section", "The steps", "What to mind, and safety", "safety data sheet"})
            QVERIFY2(text.contains(head), head);
    }

    void theCoverShowsTheReference() {
        outputOf("pdftoppm",
                 {"-r", "50", "-png", "-f", "1", "-l", "1", folder_.filePath("plan.pdf"), folder_.filePath("page")});
        QImage page;
        for (const QString& name : QDir(folder_.path()).entryList({"page*.png"})) page.load(folder_.filePath(name));
        QVERIFY(!page.isNull());
        int orange = 0;
        for (int y = 0; y < page.height(); ++y)
            for (int x = 0; x < page.width(); ++x) {
                const QColor c = page.pixelColor(x, y);
                orange += c.red() > c.blue() + 60;
            }
        QVERIFY(orange > 500);  // the ball, twice
    }

    void aBadPlaceIsRefusedAndAStopObeyed() {
        QCOMPARE(print::writePlanPdf(plan_, smallStudy(), "/proc/no/plan.pdf").problem().kind,
                 common::ProblemKind::folderUnwritable);
        std::stop_source stop;
        stop.request_stop();
        const QString file = folder_.filePath("stopped.pdf");
        QCOMPARE(print::writePlanPdf(plan_, smallStudy(), file, {{}, stop.get_token()}).problem().kind,
                 common::ProblemKind::cancelled);
        QVERIFY(!QFile::exists(file));
    }
};

QTEST_MAIN(TestPrint)
#include "test_print.moc"

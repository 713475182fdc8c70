#include <QImage>
#include <QPainter>
#include <QProcess>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <QtTest>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "colour/image_colour.h"
#include "colour/srgb.h"
#include "drawing/fonts.h"
#include "planned_study.h"
#include "planning/planner.h"
#include "planning/stage_picture.h"
#include "print/layered_sheet.h"
#include "print/paper_card.h"
#include "print/plan_sheets.h"
#include "print/swatch_card.h"
#include "review/card_reader.h"
#include "wording/sentences.h"

namespace {

QString outputOf(const QString& program, const QStringList& arguments) {
    QProcess process;
    process.start(program, arguments);
    process.waitForFinished(patience);
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
        QVERIFY(std::abs(page.cols - review::frameOf(kind).page.width * 10) < 3 &&
                std::abs(page.rows - review::frameOf(kind).page.height * 10) < 3);
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

    /// A test card printed by an independent renderer (poppler), with flat colours laid into its fields, is read where
    /// they were laid; and it tells a swatch card from itself.
    void aPrintedTestCardIsRead_data() { aPrintedCardIsRead_data(); }
    void aPrintedTestCardIsRead() {
        QFETCH(int, paper);
        const auto format = review::CardPaper(paper);
        const materials::Library library = smallLibrary();
        const review::PaperTest test{library.papers[0],
                                     {library.media[0], library.media[4], library.media[1], library.media[11]}};
        const QString pdf = folder_.filePath("test.pdf");
        QVERIFY(print::writePaperCard(format, 7, {test, test}, pdf).ok());
        QVERIFY(outputOf("pdfinfo", {pdf}).contains(QRegularExpression("Pages: +3")));
        const QString text = outputOf("pdftotext", {"-layout", pdf, "-"});
        QVERIFY(text.contains("sanded grey: fix an offcut") && text.contains("what should be seen"));
        QCOMPARE(QProcess::execute("pdftoppm", {"-r", "254", "-png", "-f", "1", "-l", "1", "-singlefile", pdf,
                                                folder_.filePath("test")}),
                 0);
        cv::Mat page = cv::imread(folder_.filePath("test.png").toStdString());
        const review::WindowsLayout& layout = review::windowsOf(format);
        const auto inked = [&](const cv::Rect2d& part) {
            cv::Mat grey;
            cv::cvtColor(
                page(cv::Rect(int(part.x * 10), int(part.y * 10), int(part.width * 10), int(part.height * 10))), grey,
                cv::COLOR_BGR2GRAY);
            return cv::countNonZero(grey < 250);
        };
        // Nothing is printed where the bare card is looked for.
        for (const cv::Rect2d& spot : layout.white) QCOMPARE(inked(spot), 0);
        const auto colourAt = [](std::size_t window, std::size_t field) {
            return cv::Scalar(60 + 12.0 * double(field), 150 - 40.0 * double(window), 200 - 9.0 * double(field));
        };
        for (std::size_t w = 0; w < layout.windows.size(); ++w)
            for (std::size_t i = 0; i < review::windowFields; ++i) {
                const cv::Rect2d& field = layout.windows[w].fields[i];
                cv::rectangle(
                    page, cv::Rect(int(field.x * 10), int(field.y * 10), int(field.width * 10), int(field.height * 10)),
                    colourAt(w, i), cv::FILLED);
            }
        const cv::Mat seen = *colour::xyzImage(page * 0.92, {}, "test.png");
        const auto reading = review::readWindows(seen, review::CardKind::papers, "test.png");
        QVERIFY(reading.ok());
        QVERIFY(reading->paper == format && reading->page == 7);
        for (std::size_t w = 0; w < layout.windows.size(); ++w)
            for (std::size_t i = 0; i < review::windowFields; ++i) {
                const cv::Scalar c = colourAt(w, i);
                colour::Xyz want = colour::xyzFromSrgb({c[2] / 255, c[1] / 255, c[0] / 255});
                want = {want.x * review::cardWhite, want.y * review::cardWhite, want.z * review::cardWhite};
                const double off =
                    colour::differenceCie2000(colour::labFromXyz(want), colour::labFromXyz(reading->windows[w][i].xyz));
                QVERIFY2(off < 1.0, qPrintable(QString::number(off)));
            }
        const auto other = review::readCard(seen, "test.png");
        QVERIFY(!other && other.problem().kind == common::ProblemKind::cardOther);
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

    /// Cut to evenings, each has a page that says what to lay out; every step is there once, and in order.
    void everyEveningHasItsSheets() {
        planning::Study study = smallStudy();
        study.eveningMinutes = 30;
        const planning::Plan plan = planOf(study);
        QVERIFY(plan.evenings.size() > 1);
        const QString pdf = folder_.filePath("evenings.pdf");
        QVERIFY(print::writePlanPdf(plan, study, pdf).ok());
        const QString text = outputOf("pdftotext", {"-layout", pdf, "-"});
        qsizetype at = 0;
        for (std::size_t i = 0; i < plan.evenings.size(); ++i) {
            const planning::Evening& evening = plan.evenings[i];
            at = text.indexOf(QStringLiteral("Evening %1 of %2").arg(i + 1).arg(plan.evenings.size()), at);
            QVERIFY(at >= 0);
            QVERIFY(text.indexOf(QStringLiteral("Steps %1 to %2").arg(evening.first).arg(evening.last), at) > at);
            for (int number = evening.first; number <= evening.last; ++number) {
                const planning::Step& step = plan.steps[std::size_t(number - 1)];
                const QString doing = QRegularExpression::escape(wording::inHandWords(plan, step).left(16));
                const QRegularExpression line(QStringLiteral("^[\\f ]*%1 +%2").arg(number).arg(doing),
                                              QRegularExpression::MultilineOption);
                QVERIFY2(text.count(line) == 1, qPrintable(line.pattern()));
                const qsizetype place = text.indexOf(line, at);
                QVERIFY2(place > at, qPrintable(QString::number(number)));
                at = place;
            }
        }
    }

    /// OpenRaster baseline 0.0.5 (freedesktop.org), looked at with unzip, xmllint and Qt's own PNG reader and painter.
    void theLayeredSheetIsReadElsewhere() {
        const auto bytes = print::layeredSheet(plan_);
        QVERIFY(bytes);
        QFile file(folder_.filePath("sheet.ora"));
        QVERIFY(file.open(QIODevice::WriteOnly) && file.write(*bytes) == bytes->size());
        file.close();
        QVERIFY(outputOf("unzip", {"-tq", file.fileName()}).contains("No errors"));
        QCOMPARE(outputOf("unzip", {"-p", file.fileName(), "mimetype"}), QStringLiteral("image/openraster"));
        QVERIFY(outputOf("unzip", {"-Z1", file.fileName()}).startsWith("mimetype\n"));
        QVERIFY(outputOf("unzip", {"-Zv", file.fileName(), "mimetype"}).contains("none (stored)"));
        const QString into = folder_.filePath("ora");
        outputOf("unzip", {"-q", file.fileName(), "-d", into});
        const auto asked = [&](const QString& path) {
            return outputOf("xmllint", {"--xpath", path, into + "/stack.xml"}).trimmed();
        };
        const cv::Mat sheet = planning::pictureAfter(plan_, int(plan_.steps.size()), plan_.light);
        QCOMPARE(asked("string(/image/@w)").toInt(), sheet.cols);
        QCOMPARE(asked("string(/image/@h)").toInt(), sheet.rows);
        const QImage predicted(sheet.data, sheet.cols, sheet.rows, int(sheet.step), QImage::Format_RGB888);
        const QImage merged = QImage(into + "/mergedimage.png").convertToFormat(QImage::Format_RGB888);
        QCOMPARE(merged, predicted);
        const QImage thumbnail(into + "/Thumbnails/thumbnail.png");
        QVERIFY(!thumbnail.isNull() && std::max(thumbnail.width(), thumbnail.height()) <= 256);
        // The layers, the last one undermost, come to the same.
        const int count = asked("count(/image/stack/layer)").toInt();
        std::set<planning::Stage> stages;
        for (const planning::Step& step : plan_.steps) stages.insert(step.stage);
        QVERIFY(count > int(stages.size()));
        QImage laid(merged.size(), QImage::Format_ARGB32_Premultiplied);
        laid.fill(Qt::transparent);
        QPainter painter(&laid);
        for (int i = count; i >= 1; --i) {
            const QImage layer(into + "/" + asked(QStringLiteral("string(/image/stack/layer[%1]/@src)").arg(i)));
            QCOMPARE(layer.size(), merged.size());
            painter.drawImage(0, 0, layer);
        }
        painter.end();
        QCOMPARE(laid.convertToFormat(QImage::Format_RGB888), predicted);
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
#include "patience.h"
#include "test_print.moc"

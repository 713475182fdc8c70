#include <QImage>
#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>

#include "drawing/fonts.h"
#include "planning/planner.h"
#include "print/plan_sheets.h"
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

    void theSheetsAreA4() {
        const QString info = outputOf("pdfinfo", {folder_.filePath("plan.pdf")});
        QVERIFY2(info.contains("A4"), qPrintable(info));
        QVERIFY(info.contains("Title:") && info.contains("Ball"));
    }

    void everyStepAndStickIsThere() {
        const QString text = outputOf("pdftotext", {"-layout", folder_.filePath("plan.pdf"), "-"});
        for (const materials::Material& stick : plan_.sticks)
            QVERIFY(text.contains(QString::fromStdString(stick.name)));
        QCOMPARE(text.count("Why: "), qsizetype(plan_.steps.size()));
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

#include <QFile>
#include <QProcess>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <QtTest>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

#include "drawing/fonts.h"
#include "planning/planner.h"
#include "print/construction_sheets.h"
#include "small_study.h"

namespace {

constexpr double dotsPerMillimetre = 20;  // the drawings are read back at 508 dots per inch

/// A drawing of lines at known places and no words: a frame, a plumb line, a level line and a slanted length.
planning::Construction known() {
    using Mark = planning::ConstructionMark;
    planning::Construction drawing{320, 240, {}, {}};
    const auto add = [&](Mark::Kind kind, std::vector<subject::Place> path, bool isClosed = false) {
        drawing.marks.push_back({kind, std::move(path), isClosed, -1, 0, 0});
    };
    add(Mark::Kind::outline, {{37.3, 52.7}, {281.9, 52.7}, {281.9, 201.1}, {37.3, 201.1}}, true);
    add(Mark::Kind::outline, {{120.45, 100}, {120.45, 180}});
    add(Mark::Kind::outline, {{150, 133.35}, {260, 133.35}});
    return drawing;
}

/// The middle of the dark pixels along a row or column of a picture, in pixels; -1 for none.
double darkMiddle(const cv::Mat& grey, const cv::Point& from, const cv::Point& to) {
    double sum = 0, weight = 0;
    const cv::Point step(from.x < to.x, from.y < to.y);
    for (cv::Point p = from; p.x < to.x || p.y < to.y; p += step) {
        const double dark = 255 - grey.at<uchar>(p);
        if (dark < 40) continue;
        sum += dark * (step.x ? p.x + 0.5 : p.y + 0.5);
        weight += dark;
    }
    return weight > 0 ? sum / weight : -1;
}

/// Where a plumb line near x and a level line near y lie, in millimetres, on a picture of a sheet.
double plumbAt(const cv::Mat& grey, double x, double y) {
    const int row = int(y * dotsPerMillimetre), left = int((x - 2) * dotsPerMillimetre);
    return darkMiddle(grey, {left, row}, {left + int(4 * dotsPerMillimetre), row}) / dotsPerMillimetre;
}
double levelAt(const cv::Mat& grey, double x, double y) {
    const int column = int(x * dotsPerMillimetre), top = int((y - 2) * dotsPerMillimetre);
    return darkMiddle(grey, {column, top}, {column, top + int(4 * dotsPerMillimetre)}) / dotsPerMillimetre;
}

}  // namespace

/// Construction drawings are read back by independent renderers (librsvg, poppler).
class TestConstruction : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;

 private Q_SLOTS:
    void initTestCase() { drawing::loadFonts(); }

    void theSvgIsAtRealSize() {
        const QString svg = folder_.filePath("a.svg"), png = folder_.filePath("a.png");
        QVERIFY(print::writeConstructionSvg(known(), {}, svg).ok());
        QFile file(svg);
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QString text = QString::fromUtf8(file.readAll());
        QVERIFY2(text.contains("width=\"320mm\"") && text.contains("height=\"240mm\""), qPrintable(text.left(400)));
        QCOMPARE(QProcess::execute("rsvg-convert", {"--dpi-x", "508", "--dpi-y", "508", "-b", "white", "-o", png, svg}),
                 0);
        const cv::Mat grey = cv::imread(png.toStdString(), cv::IMREAD_GRAYSCALE);
        QVERIFY(std::abs(grey.cols - 6400) <= 1 && std::abs(grey.rows - 4800) <= 1);
        double worst = 0;
        const auto plumb = [&](double x, double y) { worst = std::max(worst, std::fabs(plumbAt(grey, x, y) - x)); };
        const auto level = [&](double x, double y) { worst = std::max(worst, std::fabs(levelAt(grey, x, y) - y)); };
        plumb(37.3, 80);
        plumb(281.9, 80);
        plumb(120.45, 150);
        level(80, 52.7);
        level(80, 201.1);
        level(200, 133.35);
        qInfo("worst place %.3f mm off", worst);
        QVERIFY2(worst <= 0.1, qPrintable(QString::number(worst)));
    }

    /// Every page is at real size, and the crosses that stand on two pages lie on each other.
    void thePdfPagesAreJoined() {
        const print::Tiling tiling = print::tilingOf(320, 240);
        QCOMPARE(tiling.columns, 2);  // upright, where lying would take four pages
        QCOMPARE(tiling.rows, 1);
        QCOMPARE(print::tilingOf(150, 200).columns, 1);
        QVERIFY(print::tilingOf(2000, 1500).columns * (print::tilingOf(2000, 1500).pageWidth - tiling.overlap) >=
                2000 - 15);
        const QString pdf = folder_.filePath("a.pdf");
        QVERIFY(print::writeConstructionPdf(known(), {}, "Kettle", pdf).ok());
        QProcess info;
        info.start("pdfinfo", {pdf});
        QVERIFY(info.waitForFinished());
        const QString told = QString::fromUtf8(info.readAllStandardOutput());
        QVERIFY2(told.contains(QRegularExpression("Pages: +2")) && told.contains("A4"), qPrintable(told));
        QCOMPARE(QProcess::execute("pdftoppm", {"-r", "508", "-gray", "-png", pdf, folder_.filePath("page")}), 0);
        // Page by page onto the sheet, by the places that the tiling gives.
        cv::Mat sheet(4800, 6400, CV_8U, cv::Scalar(255));
        const cv::Rect whole({}, sheet.size());
        for (int row = 0; row < tiling.rows; ++row)
            for (int column = 0; column < tiling.columns; ++column) {
                const QString name = QString("page-%1.png").arg(row * tiling.columns + column + 1);
                const cv::Mat page = cv::imread(folder_.filePath(name).toStdString(), cv::IMREAD_GRAYSCALE);
                QVERIFY2(!page.empty(), qPrintable(name));
                const auto dots = [](double mm) { return int(std::lround(mm * dotsPerMillimetre)); };
                const double x = column * (tiling.pageWidth - tiling.overlap),
                             y = row * (tiling.pageHeight - tiling.overlap);
                const cv::Rect place(dots(x), dots(y), dots(tiling.pageWidth), dots(tiling.pageHeight));
                const cv::Rect shown = place & whole;
                const cv::Mat part = page(cv::Rect(dots(10), dots(10), shown.width, shown.height));
                cv::Mat target = sheet(shown);
                cv::min(target, part, target);
                // The cross of the overlap to the right stands where the next page's stands.
                if (column + 1 < tiling.columns) {
                    const double joinX = tiling.pageWidth - tiling.overlap / 2, joinY = 0.25 * tiling.pageHeight;
                    const double found = darkMiddle(page, {dots(10 + joinX - 1.5), dots(10 + joinY - 3)},
                                                    {dots(10 + joinX + 1.5), dots(10 + joinY - 3)});
                    QVERIFY(std::fabs(found / dotsPerMillimetre - 10 - joinX) < 0.1);
                }
            }
        double worst = 0;
        for (const auto& [x, y] : {std::pair(37.3, 80.0), std::pair(281.9, 80.0), std::pair(120.45, 150.0)})
            worst = std::max(worst, std::fabs(plumbAt(sheet, x, y) - x));
        worst = std::max(worst, std::fabs(levelAt(sheet, 80, 201.1) - 201.1));
        qInfo("worst place %.3f mm off", worst);
        QVERIFY2(worst <= 0.1, qPrintable(QString::number(worst)));
    }

    /// Common practice, no source: the tallest object first, heights, then widths.
    void marksStandInTheOrderOfTheWork() {
        planning::Study study = smallStudy();
        study.measures = {{{0.3, 0.5}, {0.7, 0.5}}, {{0.5, 0.2}, {0.5, 0.9}}};
        study.unit = 0;
        study.areaChoices[0].plane = subject::Plane::foreground;
        planning::Kept kept;
        const auto reading = planning::readSubject(study, kept);
        QVERIFY(reading.ok());
        const planning::Construction drawing = planning::constructionOf(study, **reading);
        using Kind = planning::ConstructionMark::Kind;
        QVERIFY(!drawing.objects.empty());
        QCOMPARE(int(drawing.marks.front().kind), int(Kind::frame));
        double last = 1e9;
        int kind = 0;
        for (const auto& mark : drawing.marks) {
            QVERIFY(int(mark.kind) >= kind);
            if (int(mark.kind) > kind) last = 1e9;
            kind = int(mark.kind);
            if (mark.kind == Kind::height) {
                QVERIFY(mark.millimetres <= last);
                last = mark.millimetres;
            }
        }
        const auto& length = drawing.marks.back();
        QVERIFY(std::fabs(length.millimetres - 0.7 * 180) < 1e-9);
        QVERIFY(std::fabs(length.units - 0.7 * 180 / (0.4 * 240)) < 1e-9);
        QVERIFY(print::writeConstructionSvg(drawing, {"ball"}, folder_.filePath("b.svg")).ok());
        QVERIFY(QFile(folder_.filePath("b.svg")).size() > 2000);
        QVERIFY(!print::writeConstructionSvg(drawing, {}, "/proc/no/such.svg").ok());
    }
};

QTEST_MAIN(TestConstruction)
#include "test_construction.moc"

#include "print/plan_sheets.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QPainter>
#include <QPdfWriter>
#include <algorithm>

#include "drawing/fonts.h"
#include "drawing/section.h"
#include "drawing/shapes.h"
#include "planning/stage_picture.h"
#include "storage/document.h"
#include "wording/sentences.h"

namespace print {

namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("print", text);
}

constexpr double mm = 96.0 / 25.4;      // painting units (96 per inch) in a millimetre
constexpr double pageWidth = 180 * mm;  // A4 less margins of 15 mm
constexpr double pageHeight = 267 * mm;

/// A page at a time, with a place that moves down it.
class Sheets {
 public:
    Sheets(QPdfWriter& writer, const QString& title) : writer_(writer), painter_(&writer), title_(title) { foot(); }

    QPainter& painter() { return painter_; }
    double y = 0;

    void newPage() {
        writer_.newPage();
        ++page_;
        y = 0;
        foot();
    }
    /// Goes on to a new page unless `height` is left.
    void need(double height) {
        if (y + height > pageHeight - 8 * mm) newPage();
    }
    /// Prints text in a column and gives its height.
    double text(const QRectF& place, const QString& words, drawing::TypeSize size, bool bold = false) {
        painter_.setFont(drawing::font(size, bold));
        painter_.setPen(Qt::black);
        QRectF used;
        painter_.drawText(place, Qt::TextWordWrap | Qt::AlignLeft | Qt::AlignTop, words, &used);
        return used.height();
    }
    double heightOf(double width, const QString& words, drawing::TypeSize size) {
        const QFontMetricsF metrics(drawing::font(size), &writer_);
        return metrics.boundingRect(QRectF(0, 0, width, 1e5), Qt::TextWordWrap, words).height();
    }
    void head(const QString& words) {
        text(QRectF(0, y, pageWidth, 12 * mm), words, drawing::TypeSize::head, true);
        y += 10 * mm;
    }

 private:
    void foot() {
        painter_.setFont(drawing::font(drawing::TypeSize::small));
        painter_.setPen(QColor(0x50, 0x50, 0x50));
        painter_.drawText(QRectF(0, pageHeight - 5 * mm, pageWidth, 5 * mm), Qt::AlignLeft, title_);
        painter_.drawText(QRectF(0, pageHeight - 5 * mm, pageWidth, 5 * mm), Qt::AlignRight, QString::number(page_));
    }

    QPdfWriter& writer_;
    QPainter painter_;
    QString title_;
    int page_ = 1;
};

void cover(Sheets& sheets, const planning::Plan& plan, const planning::Study& study, const QImage& predicted) {
    sheets.head(study.title.empty() ? tr("Layer plan") : QString::fromStdString(study.title));
    sheets.y += sheets.text(QRectF(0, sheets.y, pageWidth, 10 * mm),
                            tr("%1 on %2. %3 steps, %4, %5 sticks.")
                                .arg(wording::sheetSize(study.widthMillimetres, study.heightMillimetres),
                                     QString::fromStdString(plan.paper.name), QString::number(plan.steps.size()),
                                     wording::duration(plan.summary.minutes), QString::number(plan.sticks.size())),
                            drawing::TypeSize::text) +
                4 * mm;
    const QImage reference = drawing::imageOf(plan.reading->picture);
    const double ratio = double(reference.height()) / reference.width();
    const double width = std::min(pageWidth, 95 * mm / ratio);
    for (const auto& [image, caption] :
         {std::pair(reference, tr("The reference")),
          std::pair(predicted,
                    tr("The sheet as predicted under %1, all steps done").arg(wording::lightWord(plan.light)))}) {
        sheets.painter().drawImage(QRectF(0, sheets.y, width, width * ratio), image);
        sheets.y += width * ratio + 1 * mm;
        sheets.text(QRectF(0, sheets.y, pageWidth, 8 * mm), caption, drawing::TypeSize::small);
        sheets.y += 7 * mm;
    }
    const planning::Summary& s = plan.summary;
    sheets.text(
        QRectF(0, sheets.y, pageWidth, 30 * mm),
        tr("In the mean the plan comes within %1 of the reference (%2 of 20 parts of the area within %3); with an "
           "unsteady hand %4. The nearest single sticks would leave %5.")
            .arg(wording::differenceFigure(s.meanDifference), QStringLiteral("19"),
                 wording::differenceFigure(s.p95Difference), wording::differenceFigure(s.unsteadyDifference),
                 wording::differenceFigure(s.nearestStickDifference)),
        drawing::TypeSize::text);
}

void pullList(Sheets& sheets, const planning::Plan& plan) {
    sheets.newPage();
    sheets.head(tr("Pull these"));
    std::vector<int> order;
    for (int i = 0; i < int(plan.sticks.size()); ++i) order.push_back(i);
    std::ranges::stable_sort(order, {},
                             [&](int i) { return std::pair(plan.sticks[i].kind, plan.prepared[i].masstone.L); });
    const double rowHeight = 9.5 * mm;
    const double columnWidth = pageWidth / 2;
    for (std::size_t n = 0; n < order.size(); ++n) {
        if (n % 2 == 0) sheets.need(rowHeight);
        const materials::Material& stick = plan.sticks[order[n]];
        const double x = n % 2 == 0 ? 0 : columnWidth;
        drawing::paintMaterial(sheets.painter(), QRectF(x, sheets.y, 16 * mm, 7 * mm), stick.kind,
                               drawing::colourOf(stick.masstone));
        QString about =
            QStringLiteral("%1, %2").arg(QString::fromStdString(stick.maker), wording::kindWord(stick.kind));
        QStringList pigments;
        for (const std::string& pigment : stick.pigments) pigments << QString::fromStdString(pigment);
        about += QStringLiteral(", ") + pigments.join(QStringLiteral(" "));
        sheets.text(QRectF(x + 19 * mm, sheets.y - 1 * mm, columnWidth - 21 * mm, 5 * mm),
                    QString::fromStdString(stick.id + "  " + stick.name) +
                        (stick.hazards.empty() ? QString() : tr("  (toxic)")),
                    drawing::TypeSize::text, true);
        sheets.text(QRectF(x + 19 * mm, sheets.y + 3.6 * mm, columnWidth - 21 * mm, 5 * mm), about,
                    drawing::TypeSize::small);
        if (n % 2 == 1 || n + 1 == order.size()) sheets.y += rowHeight;
    }
}

void section(Sheets& sheets, const planning::Plan& plan) {
    sheets.need(95 * mm);
    sheets.y += 6 * mm;
    sheets.head(tr("The section"));
    sheets.y +=
        sheets.text(
            QRectF(0, sheets.y, pageWidth, 12 * mm),
            tr("A cut through the sheet: one column a passage, as wide as its share of the picture; paper below, "
               "the last stroke above."),
            drawing::TypeSize::small) +
        3 * mm;
    sheets.painter().setFont(drawing::font(drawing::TypeSize::small));
    sheets.painter().setPen(Qt::black);
    drawing::Section(plan).paint(sheets.painter(), QRectF(0, sheets.y, pageWidth, 62 * mm), int(plan.steps.size()), -1);
    sheets.y += 66 * mm;
}

QString stepWords(const planning::Plan& plan, const planning::Step& step) {
    if (step.stage == planning::Stage::drawing) return tr("everything, in a few lines");
    QStringList names;
    for (const int p : step.passages) {
        if (names.size() == 5 && step.passages.size() > 6) {
            names << tr("and %1 more").arg(step.passages.size() - 5);
            break;
        }
        names << wording::passageName(plan, p);
    }
    return names.join(QStringLiteral("; "));
}

void steps(Sheets& sheets, const planning::Plan& plan, const common::Progress& progress) {
    sheets.newPage();
    sheets.head(tr("The steps"));
    planning::Stage stage = planning::Stage::finish;
    const double mapWidth = 22 * mm;
    const double mapHeight = mapWidth * plan.reading->passages.map.rows / plan.reading->passages.map.cols;
    const double left = 12 * mm + 18 * mm;
    const double middle = pageWidth - left - mapWidth - 4 * mm;
    for (const planning::Step& step : plan.steps) {
        if (progress.cancelled()) return;
        progress.at(double(step.number) / double(plan.steps.size()));
        QStringList reasons;
        for (const planning::Reason& reason : step.why) reasons << wording::reasonPhrase(reason);
        const QString where = stepWords(plan, step);
        const QString why = tr("Why: %1.").arg(reasons.join(QStringLiteral("; ")));
        const double whereHeight = sheets.heightOf(middle, where, drawing::TypeSize::small);
        const double whyHeight = sheets.heightOf(middle, why, drawing::TypeSize::small);
        const double height = std::max(mapHeight, 6 * mm + whereHeight + whyHeight) + 4 * mm;
        const bool newStage = step.stage != stage;
        sheets.need(height + (newStage ? 9 * mm : 0));
        if (newStage) {
            stage = step.stage;
            sheets.text(QRectF(0, sheets.y, pageWidth, 8 * mm), wording::stageWord(stage), drawing::TypeSize::text,
                        true);
            sheets.y += 7 * mm;
        }
        QString doing =
            step.stick >= 0
                ? QString::fromStdString(plan.sticks[step.stick].name + " (" + plan.sticks[step.stick].id + ")")
                : tr("no stick");
        doing += tr(": %1, %2; %3")
                     .arg(wording::mannerWord(step.manner), wording::pressureWord(step.pressure),
                          wording::duration(step.minutes));
        if (step.waitMinutes > 0) doing += tr(", then wait %1").arg(wording::duration(step.waitMinutes));
        sheets.text(QRectF(0, sheets.y, 11 * mm, 6 * mm), QString::number(step.number), drawing::TypeSize::text, true);
        if (step.stick >= 0)
            drawing::paintMaterial(sheets.painter(), QRectF(10 * mm, sheets.y, 15 * mm, 6.5 * mm),
                                   plan.sticks[step.stick].kind, drawing::colourOf(plan.sticks[step.stick].masstone));
        drawing::paintPressure(sheets.painter(), QRectF(10 * mm, sheets.y + 8 * mm, 10 * mm, 1.2 * mm), step.pressure,
                               Qt::black);
        sheets.text(QRectF(left, sheets.y, middle, 6 * mm), doing, drawing::TypeSize::text);
        sheets.text(QRectF(left, sheets.y + 5.6 * mm, middle, whereHeight + 2), where, drawing::TypeSize::small);
        sheets.text(QRectF(left, sheets.y + 5.6 * mm + whereHeight, middle, whyHeight + 2), why,
                    drawing::TypeSize::small);
        sheets.painter().drawImage(QRectF(pageWidth - mapWidth, sheets.y, mapWidth, mapHeight),
                                   drawing::stepMap(plan, step, 220));
        sheets.painter().setPen(QPen(QColor(0x90, 0x90, 0x90), 0.5));
        sheets.painter().setBrush(Qt::NoBrush);
        sheets.painter().drawRect(QRectF(pageWidth - mapWidth, sheets.y, mapWidth, mapHeight));
        sheets.y += height;
    }
}

void notes(Sheets& sheets, const planning::Plan& plan) {
    sheets.newPage();
    sheets.head(tr("What to mind, and safety"));
    for (const planning::Note& note : plan.notes) {
        const QString sentence =
            wording::noteKindWord(note.kind) + QStringLiteral(".  ") + wording::noteSentence(note, plan);
        const double height = sheets.heightOf(pageWidth, sentence, drawing::TypeSize::text);
        sheets.need(height + 4 * mm);
        sheets.text(QRectF(0, sheets.y, pageWidth, height + 2 * mm), sentence, drawing::TypeSize::text);
        sheets.y += height + 4 * mm;
    }
    const QString ask = tr("Ask a professional about questions of health.");
    sheets.text(QRectF(0, sheets.y, pageWidth, 10 * mm), ask, drawing::TypeSize::text);
}

}  // namespace

common::Done writePlanPdf(const planning::Plan& plan, const planning::Study& study, const QString& file,
                          const common::Progress& progress) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setResolution(96);
        writer.setPageLayout(QPageLayout(QPageSize(QPageSize::A4), QPageLayout::Portrait, QMarginsF(15, 15, 15, 15),
                                         QPageLayout::Millimeter));
        const QString title = QString::fromStdString(study.title);
        writer.setTitle(title);
        writer.setCreator(QStringLiteral("Yawning Dune"));
        Sheets sheets(writer, title);
        const cv::Mat grain = planning::grainOf(plan, study.widthMillimetres);
        cover(sheets, plan, study,
              drawing::imageOf(planning::pictureAfter(plan, int(plan.steps.size()), grain, plan.light)));
        pullList(sheets, plan);
        section(sheets, plan);
        steps(sheets, plan, progress);
        notes(sheets, plan);
    }
    if (progress.cancelled()) return common::Problem{common::ProblemKind::cancelled, ""};
    return storage::writeWhole(file.toStdString(), bytes);
}

}  // namespace print

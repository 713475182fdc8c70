#include "print/plan_sheets.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QPainter>
#include <QPdfWriter>
#include <algorithm>
#include <opencv2/core.hpp>

#include "drawing/cutting.h"
#include "drawing/fonts.h"
#include "drawing/pictures.h"
#include "drawing/section.h"
#include "drawing/shapes.h"
#include "planning/section.h"
#include "planning/stage_picture.h"
#include "print/units.h"
#include "print/words.h"
#include "storage/whole_file.h"
#include "wording/choosing.h"
#include "wording/counts.h"
#include "wording/decimal.h"
#include "wording/palettes.h"
#include "wording/sentences.h"

namespace print {

namespace {

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
    sheets.head(study.title.empty() ? Words::tr("Layer plan") : QString::fromStdString(study.title));
    sheets.y +=
        sheets.text(QRectF(0, sheets.y, pageWidth, 10 * mm),
                    Words::tr("%1 on %2. %3, %4, %5.")
                        .arg(wording::sheetSize(study.widthMillimetres, study.heightMillimetres),
                             QString::fromStdString(plan.paper.name), wording::stepCount(int(plan.steps.size())),
                             wording::duration(plan.summary.minutes), wording::stickCount(int(plan.sticks.size()))),
                    drawing::TypeSize::text) +
        4 * mm;
    const QImage reference = drawing::imageOf(plan.reference);
    const double ratio = double(reference.height()) / reference.width();
    const double width = std::min(pageWidth, 95 * mm / ratio);
    for (const auto& [image, caption] :
         {std::pair(reference, Words::tr("The reference")),
          std::pair(
              predicted,
              Words::tr("The sheet as predicted under %1, all steps done").arg(wording::lightWord(plan.light)))}) {
        sheets.painter().drawImage(QRectF(0, sheets.y, width, width * ratio), image);
        sheets.y += width * ratio + 1 * mm;
        sheets.text(QRectF(0, sheets.y, pageWidth, 8 * mm), caption, drawing::TypeSize::small);
        sheets.y += 7 * mm;
    }
    const planning::Summary& s = plan.summary;
    sheets.text(
        QRectF(0, sheets.y, pageWidth, 30 * mm),
        Words::tr(
            "The finished sheet is %1. Nineteen twentieths of it are within %2, with half-closed eyes the mean is "
            "%3. With an unsteady hand the tones stay within %4 in the mean; the nearest single sticks would "
            "leave %5.")
            .arg(wording::pictureWords(plan), wording::differenceFigure(s.picture.p95),
                 wording::differenceFigure(s.squinted.mean), wording::differenceFigure(s.unsteadyDifference),
                 wording::differenceFigure(s.nearestStickDifference)),
        drawing::TypeSize::text);
}

/// How the sheet is cut, where its size is known.
void cutting(Sheets& sheets, const planning::Plan& plan, const planning::Study& study) {
    const QString told = wording::cuttingSentences(plan.cutting, study).join(QLatin1Char(' '));
    if (told.isEmpty()) return;
    const QRectF room(0, sheets.y, 60 * mm, 45 * mm);
    const QRectF sheet = drawing::paintCutting(sheets.painter(), room, plan.cutting, study.borderMillimetres,
                                               drawing::colourOf(plan.paper.tone));
    const double words =
        sheets.text(QRectF(66 * mm, sheets.y, pageWidth - 66 * mm, 45 * mm), told, drawing::TypeSize::text);
    sheets.y += std::max(sheet.height(), words) + 6 * mm;
}

void pullList(Sheets& sheets, const planning::Plan& plan, const planning::Study& study) {
    sheets.newPage();
    sheets.head(Words::tr("Pull these"));
    cutting(sheets, plan, study);
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
                        (stick.hazards.empty() ? QString() : Words::tr("  (toxic)")),
                    drawing::TypeSize::text, true);
        sheets.text(QRectF(x + 19 * mm, sheets.y + 3.6 * mm, columnWidth - 21 * mm, 5 * mm), about,
                    drawing::TypeSize::small);
        if (n % 2 == 1 || n + 1 == order.size()) sheets.y += rowHeight;
    }
    sheets.y += 4 * mm;
    for (int s = 0; s < int(plan.stacks.size()); ++s)
        if (const QString triad = wording::triadSentence(plan, s); !triad.isEmpty()) {
            sheets.need(10 * mm);
            sheets.y +=
                sheets.text(QRectF(0, sheets.y, pageWidth, 20 * mm),
                            Words::tr("%1. %2").arg(wording::stackName(plan, s), triad), drawing::TypeSize::text) +
                1 * mm;
        }
}

/// The last step of each stage that there is.
std::vector<const planning::Step*> stageEnds(const planning::Plan& plan) {
    std::vector<const planning::Step*> ends;
    for (const planning::Step& step : plan.steps) {
        if (step.stage == planning::Stage::drawing) continue;
        if (ends.empty() || ends.back()->stage != step.stage) ends.push_back(&step);
        ends.back() = &step;
    }
    return ends;
}

/// A page a stage, with the sheet as it looks after it.
void stages(Sheets& sheets, const planning::Plan& plan, const common::Progress& progress) {
    int first = 1;
    for (const planning::Step* end : stageEnds(plan)) {
        if (progress.cancelled()) return;
        sheets.newPage();
        sheets.head(Words::tr("After the %1").arg(wording::stageWord(end->stage)));
        const cv::Mat sheet = planning::pictureAfter(plan, end->number, plan.light);
        double minutes = 0;
        for (const planning::Step& step : plan.steps)
            if (step.number >= first && step.number <= end->number) minutes += step.minutes + step.waitMinutes;
        const QString about =
            Words::tr("Steps %1 to %2, %3. The sheet is then %4 ΔE00 from the reference, as the eye sees both.")
                .arg(QString::number(first), QString::number(end->number), wording::duration(minutes),
                     wording::decimal(cv::mean(planning::differenceMapOf(plan, sheet))[0], 1));
        first = end->number + 1;
        sheets.y += sheets.text(QRectF(0, sheets.y, pageWidth, 14 * mm), about, drawing::TypeSize::text) + 4 * mm;
        const double ratio = double(sheet.rows) / sheet.cols;
        const double width = std::min(pageWidth, (pageHeight - sheets.y - 12 * mm) / ratio);
        sheets.painter().drawImage(QRectF((pageWidth - width) / 2, sheets.y, width, width * ratio),
                                   drawing::imageOf(sheet));
    }
}

void section(Sheets& sheets, const planning::Plan& plan) {
    sheets.newPage();
    sheets.head(Words::tr("The section"));
    sheets.y +=
        sheets.text(QRectF(0, sheets.y, pageWidth, 16 * mm),
                    Words::tr("A cut through the sheet: the areas side by side from the darkest to the lightest, each "
                              "as wide as its share and its places from dark to light; bands for its layers, from the "
                              "paper up, as thick as the pressure lays them."),
                    drawing::TypeSize::text) +
        6 * mm;
    sheets.painter().setFont(drawing::font(drawing::TypeSize::small));
    sheets.painter().setPen(Qt::black);
    drawing::Section(plan, planning::sectionOf(plan, 420))
        .paint(sheets.painter(), QRectF(0, sheets.y, pageWidth, 120 * mm), int(plan.steps.size()), -1);
    sheets.y += 126 * mm;
}

/// What is to be done in a step, in one line; and how hard.
QString doingWords(const planning::Plan& plan, const planning::Step& step) {
    return Words::tr("%1: %2").arg(wording::inHandWords(plan, step), wording::mannerWord(step.manner));
}

QString pressureLine(const planning::Plan& plan, const planning::Step& step) {
    if (step.stage == planning::Stage::drawing) return Words::tr("A few light lines.");
    if (step.groundLayer >= 0) return wording::pressureWord(plan.ground.layers[std::size_t(step.groundLayer)].pressure);
    if (step.layers.size() > 1) return Words::tr("As the map shows: pale is light, dark is heavy.");
    const planning::LayerPlace place = step.layers.front();
    return wording::laidWords(plan.stacks[std::size_t(place.stack)].layers[std::size_t(place.layer)]);
}

void step(Sheets& sheets, const planning::Plan& plan, const planning::Step& step) {
    const double mapWidth = 60 * mm;
    const double mapHeight = std::min(mapWidth * plan.stackMap.rows / plan.stackMap.cols, 80 * mm);
    const double left = 14 * mm, wide = pageWidth - left - mapWidth - 5 * mm;
    const double height = std::max(mapHeight, 44 * mm) + 6 * mm;
    sheets.need(height);
    QPainter& painter = sheets.painter();
    double y = sheets.y;
    sheets.text(QRectF(0, y, left, 8 * mm), QString::number(step.number), drawing::TypeSize::head, true);
    y += sheets.text(QRectF(left, y, wide, 14 * mm), doingWords(plan, step), drawing::TypeSize::head, true) + 1.5 * mm;
    if (step.stick >= 0) {
        const materials::Material& stick = plan.sticks[std::size_t(step.stick)];
        drawing::paintMaterial(painter, QRectF(left, y, 22 * mm, 9 * mm), stick.kind,
                               drawing::colourOf(stick.masstone));
        drawing::paintManner(painter, QRectF(left + 26 * mm, y + 1 * mm, 18 * mm, 7 * mm), step.manner, Qt::black);
        sheets.text(QRectF(left + 48 * mm, y + 2 * mm, wide - 48 * mm, 6 * mm), QString::fromStdString(stick.id),
                    drawing::TypeSize::text);
        y += 11 * mm;
    }
    const auto line = [&](QString words) {
        words[0] = words[0].toUpper();
        if (!words.endsWith(QLatin1Char('.'))) words += QLatin1Char('.');
        y += sheets.text(QRectF(left, y, wide, 20 * mm), words, drawing::TypeSize::text) + 1 * mm;
    };
    if (!step.areas.empty() && step.stage != planning::Stage::drawing) line(wording::areasNamed(plan, step.areas, 5));
    line(pressureLine(plan, step));
    if (const QString fades = wording::runningOutSentence(plan, step); !fades.isEmpty()) line(fades);
    if (const QString hand = wording::handSentence(plan, step); !hand.isEmpty()) line(hand);
    line(step.waitMinutes > 0
             ? Words::tr("%1, then wait %2.").arg(wording::duration(step.minutes), wording::duration(step.waitMinutes))
             : wording::duration(step.minutes));
    QStringList reasons;
    for (const planning::Reason& reason : step.why)
        if (reason.kind != planning::ReasonKind::wholePictureTogether) reasons << wording::reasonPhrase(reason);
    if (!reasons.isEmpty()) line(Words::tr("Why: %1.").arg(reasons.join(QStringLiteral("; "))));
    const QRectF map(pageWidth - mapWidth, sheets.y, mapWidth, mapHeight);
    painter.drawImage(map, drawing::tintedMap(plan, step, 480));
    painter.setPen(QPen(QColor(0x90, 0x90, 0x90), 0.5));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(map);
    sheets.y = std::max(sheets.y + height, y + 4 * mm);
}

/// A page of its own: what is done in an evening, and what to pull for it.
void eveningHead(Sheets& sheets, const planning::Plan& plan, std::size_t index) {
    const planning::Evening& evening = plan.evenings[index];
    sheets.newPage();
    sheets.head(Words::tr("Evening %1 of %2").arg(index + 1).arg(plan.evenings.size()));
    QStringList pulled;
    for (int number = evening.first; number <= evening.last; ++number) {
        const QString inHand = wording::inHandWords(plan, plan.steps[std::size_t(number - 1)]);
        if (!pulled.contains(inHand)) pulled << inHand;
    }
    const QString words = Words::tr("Steps %1 to %2, %3. Lay out: %4.")
                              .arg(evening.first)
                              .arg(evening.last)
                              .arg(wording::duration(evening.minutes), pulled.join(QStringLiteral(", ")));
    sheets.y += sheets.text(QRectF(0, sheets.y, pageWidth, 60 * mm), words, drawing::TypeSize::text) + 6 * mm;
}

void steps(Sheets& sheets, const planning::Plan& plan, const common::Progress& progress) {
    if (plan.evenings.empty()) {
        sheets.newPage();
        sheets.head(Words::tr("The steps"));
    }
    std::optional<planning::Stage> stage;
    for (const planning::Step& each : plan.steps) {
        if (progress.cancelled()) return;
        progress.at(double(each.number) / double(plan.steps.size()));
        const auto evening = std::ranges::find(plan.evenings, each.number, &planning::Evening::first);
        if (evening != plan.evenings.end()) {
            eveningHead(sheets, plan, std::size_t(evening - plan.evenings.begin()));
            stage.reset();
        }
        if (each.isEmpty) continue;
        if (each.stage != stage) {
            stage = each.stage;
            sheets.need(66 * mm);
            sheets.text(QRectF(0, sheets.y, pageWidth, 8 * mm), wording::stageWord(each.stage), drawing::TypeSize::head,
                        true);
            sheets.y += 9 * mm;
        }
        step(sheets, plan, each);
    }
}

void notes(Sheets& sheets, const planning::Plan& plan) {
    sheets.newPage();
    sheets.head(Words::tr("What to mind, and safety"));
    for (const planning::Note& note : plan.notes) {
        const QString sentence =
            wording::noteKindWord(note.kind) + QStringLiteral(".  ") + wording::noteSentence(note, plan);
        const double height = sheets.heightOf(pageWidth, sentence, drawing::TypeSize::text);
        sheets.need(height + 4 * mm);
        sheets.text(QRectF(0, sheets.y, pageWidth, height + 2 * mm), sentence, drawing::TypeSize::text);
        sheets.y += height + 4 * mm;
    }
    const QString ask = Words::tr("Ask a professional about questions of health.");
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
        cover(sheets, plan, study, drawing::imageOf(planning::pictureAfter(plan, int(plan.steps.size()), plan.light)));
        pullList(sheets, plan, study);
        stages(sheets, plan, progress);
        steps(sheets, plan, progress);
        section(sheets, plan);
        notes(sheets, plan);
    }
    if (progress.cancelled()) return common::Problem{common::ProblemKind::cancelled, ""};
    return storage::writeWhole(file.toStdString(), bytes);
}

}  // namespace print

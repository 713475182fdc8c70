#include "print/paper_card.h"

#include <QPainter>
#include <QPdfWriter>

#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "print/card_page.h"
#include "print/units.h"
#include "print/words.h"
#include "wording/sentences.h"
#include "wording/testing.h"

namespace print {

namespace {

/// What stands under which letter.
QString legendOf(const review::TestSticks& sticks) {
    QStringList parts;
    for (std::size_t i = 0; i < sticks.size(); ++i)
        if (sticks[i])
            parts << Words::tr("%1: %2 (%3)")
                         .arg(wording::testStickLetter(review::TestStick(i)), QString::fromStdString(sticks[i]->name),
                              wording::kindWord(sticks[i]->kind));
    return parts.join(QStringLiteral("  "));
}

void elided(QPainter& painter, const QRectF& box, const QString& text, bool bold = false) {
    painter.setFont(drawing::font(drawing::TypeSize::small, bold));
    cardWords(painter, box, Qt::AlignLeft | Qt::AlignVCenter,
              painter.fontMetrics().elidedText(text, Qt::ElideRight, int(box.width())), bold);
}

void paintWindow(QPainter& painter, const review::CardWindow& window, const review::PaperTest& test) {
    const cv::Rect2d& offcut = window.offcut;
    const review::CardFields fields = review::testFieldsOn(test.paper.surface);
    elided(painter, inUnits({offcut.x, offcut.y - 18, offcut.width, 4.5}),
           Words::tr("%1: fix an offcut of %2 × %3 mm over this frame, right side up")
               .arg(QString::fromStdString(test.paper.name))
               .arg(qRound(offcut.width))
               .arg(qRound(offcut.height)),
           true);
    elided(painter, inUnits({offcut.x, offcut.y - 13.8, offcut.width, 4.5}), legendOf(test.sticks));
    painter.setPen(QPen(cardGrey(0.4), 0.6));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(inUnits(offcut));
    for (std::size_t i = 0; i < review::windowFields; ++i) {
        const cv::Rect2d& field = window.fields[i];
        const bool isUpper = field.y < offcut.y + offcut.height / 2;
        // Ticks outside the offcut say where the field lies once the frame is covered.
        painter.setPen(QPen(cardGrey(0.1), 0.8));
        const double edge = isUpper ? offcut.y : offcut.br().y, tick = isUpper ? -1.5 : 1.5;
        for (const double x : {field.x, field.br().x})
            painter.drawLine(QPointF(x, edge) * mm, QPointF(x, edge + tick) * mm);
        painter.setPen(QPen(cardGrey(0.6), 0.3, Qt::DotLine));
        painter.drawRect(inUnits(field));
        const cv::Rect2d label(field.x, isUpper ? offcut.y - 9.3 : offcut.br().y + 1, field.width, isUpper ? 8.6 : 14);
        cardWords(painter, inUnits(label),
                  (isUpper ? Qt::AlignBottom : Qt::AlignTop) | Qt::AlignLeft | Qt::TextWordWrap,
                  review::canBeLaid(fields[i], test.sticks) ? wording::fieldShort(int(i) + 1, fields[i])
                                                            : Words::tr("%1 nothing").arg(i + 1));
    }
}

void paintCard(QPainter& painter, review::CardPaper format, int page, const std::vector<review::PaperTest>& papers) {
    paintCardFrame(painter, review::CardKind::papers, format, page);
    const cv::Size2d& size = review::frameOf(format).page;
    const QRectF top(0, 5 * mm, size.width * mm, 5 * mm), bottom(0, (size.height - 10) * mm, size.width * mm, 5 * mm);
    cardWords(painter, top, Qt::AlignHCenter,
              Words::tr("Test card of papers. Print at full size. Lay each field as the ticks and the words beside it "
                        "say."));
    cardWords(painter, bottom, Qt::AlignHCenter,
              Words::tr("Photograph the whole card flat, by a window, without flash. Tap dust off, never blow it."));
    for (std::size_t w = 0; w < papers.size(); ++w)
        paintWindow(painter, review::windowsOf(format).windows[w], papers[w]);
}

/// A page a paper: every field with the colour that it should have.
void paintExpectations(QPainter& painter, review::CardPaper format, const review::PaperTest& test) {
    const cv::Size2d& size = review::frameOf(format).page;
    constexpr double edge = 18, line = 17;  // millimetres
    const double width = size.width - 2 * edge;
    elided(painter, inUnits({edge, edge, width, 6}),
           Words::tr("%1: what should be seen. This page is not photographed.")
               .arg(QString::fromStdString(test.paper.name)),
           true);
    elided(painter, inUnits({edge, edge + 6, width, 5}), legendOf(test.sticks));
    const review::CardFields fields = review::testFieldsOn(test.paper.surface);
    const colour::Lab bare = colour::labFromSrgb8(test.paper.tone);
    for (std::size_t i = 0; i < review::windowFields; ++i) {
        if (!review::canBeLaid(fields[i], test.sticks)) continue;
        const double y = edge + 15 + double(i) * line;
        const pigment::Patch patch = review::laidField(fields[i], test.paper, test.sticks);
        const colour::Lab seen = pigment::labOf(patch, colour::Light::daylight65);
        painter.fillRect(inUnits({edge, y, 24, line - 3}),
                         drawing::colourOf(colour::srgb8FromSrgb(colour::srgbFromLab(seen))));
        const QString words = wording::fieldWords(int(i) + 1, fields[i]) + '\n' +
                              wording::fieldExpectation(fields[i], bare, seen, pigment::toothUsed(patch));
        cardWords(painter, inUnits({edge + 28, y, width - 28, line - 2}), Qt::AlignLeft | Qt::TextWordWrap, words);
    }
    cardWords(painter, inUnits({edge, size.height - edge - 16, width, 16}), Qt::AlignLeft | Qt::TextWordWrap,
              Words::tr("The colours above are as this printer makes them; the words are what counts. If a later layer "
                        "slides off where it should still register, the tooth holds less than is thought; if a single "
                        "stroke is stronger or weaker, the paper takes more or less off the stick. Read the "
                        "photograph at Paper, and the program knows this paper."));
}

}  // namespace

common::Done writePaperCard(review::CardPaper format, int page, const std::vector<review::PaperTest>& papers,
                            const QString& file) {
    Q_ASSERT(!papers.empty() && papers.size() <= review::cardWindows);
    return writeCardPdf(format, Words::tr("Test card of papers"), file, [&](QPdfWriter& writer, QPainter& painter) {
        paintCard(painter, format, page, papers);
        for (const review::PaperTest& test : papers) {
            writer.newPage();
            paintExpectations(painter, format, test);
        }
    });
}

}  // namespace print

#include "print/card_windows.h"

#include <QPainter>
#include <QPdfWriter>
#include <algorithm>
#include <set>

#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "print/card_page.h"
#include "print/units.h"
#include "print/words.h"
#include "wording/sentences.h"

namespace print {

namespace {

/// What stands under which letter, of what is laid in the window.
QString legendOf(const PrintedWindow& window, wording::StickLetter letter) {
    std::set<int> used;
    for (const review::FieldStrokes& field : window.fields)
        for (const pigment::Lay& lay : field)
            if (pigment::laysPigment(lay.manner)) used.insert(lay.stick);
    QStringList parts;
    for (const int i : used)
        if (const auto& stick = window.sticks[std::size_t(i)])
            parts << Words::tr("%1: %2 (%3)")
                         .arg(letter(i), QString::fromStdString(stick->name), wording::kindWord(stick->kind));
    return parts.join(QStringLiteral("  "));
}

/// Whether something is to be laid there, or the bare field is to be read.
bool isUsed(const PrintedWindow& window, std::size_t field) {
    return (field == 0 || !window.fields[field].empty()) && review::canBeLaid(window.fields[field], window.sticks);
}

void elided(QPainter& painter, const QRectF& box, const QString& text, bool bold = false) {
    painter.setFont(drawing::font(drawing::TypeSize::small, bold));
    cardWords(painter, box, Qt::AlignLeft | Qt::AlignVCenter,
              painter.fontMetrics().elidedText(text, Qt::ElideRight, int(box.width())), bold);
}

/// As large as other words, or smaller, down to the share `least` of that, so that all of it fits; false if it does
/// not.
bool fitted(QPainter& painter, const QRectF& box, int flags, const QString& text, double least) {
    QFont font = drawing::font(drawing::TypeSize::small);
    const double usual = font.pixelSize();
    for (double share = 1; share >= least; share -= 0.05) {
        font.setPixelSize(std::max(1, int(share * usual)));
        painter.setFont(font);
        if (!box.contains(painter.boundingRect(box, flags | Qt::TextWordWrap, text))) continue;
        painter.setPen(cardGrey(0.05));
        painter.drawText(box, flags | Qt::TextWordWrap, text);
        return true;
    }
    return false;
}

void paintWindow(QPainter& painter, const review::CardWindow& window, const PrintedWindow& printed,
                 const WindowsCard& card) {
    const cv::Rect2d& offcut = window.offcut;
    elided(painter, inUnits({offcut.x, offcut.y - 18, offcut.width, 4.5}),
           Words::tr("%1: fix an offcut of %2 × %3 mm over this frame, right side up")
               .arg(QString::fromStdString(printed.paper.name))
               .arg(qRound(offcut.width))
               .arg(qRound(offcut.height)),
           true);
    const QRectF legend = inUnits({offcut.x, offcut.y - 13.8, offcut.width, 4.5});
    if (!fitted(painter, legend, Qt::AlignLeft | Qt::AlignVCenter, legendOf(printed, card.letter), 0.7))
        fitted(painter, legend, Qt::AlignLeft | Qt::AlignVCenter,
               Words::tr("Which stick each letter is stands on the page that goes with this window."), 0.5);
    painter.setPen(QPen(cardGrey(0.4), 0.6));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(inUnits(offcut));
    for (std::size_t i = 0; i < review::windowFields; ++i) {
        const cv::Rect2d& field = window.fields[i];
        const bool isLaid = isUsed(printed, i);
        const bool isUpper = field.y < offcut.y + offcut.height / 2;
        // Ticks outside the offcut say where the field lies once the frame is covered.
        painter.setPen(QPen(cardGrey(0.1), 0.8));
        const double edge = isUpper ? offcut.y : offcut.br().y, tick = isUpper ? -1.5 : 1.5;
        for (const double x : {field.x, field.br().x})
            painter.drawLine(QPointF(x, edge) * mm, QPointF(x, edge + tick) * mm);
        painter.setPen(QPen(cardGrey(0.6), 0.3, Qt::DotLine));
        painter.drawRect(inUnits(field));
        const cv::Rect2d label(field.x, isUpper ? offcut.y - 9.3 : offcut.br().y + 1, field.width, isUpper ? 8.6 : 14);
        const int flags = (isUpper ? Qt::AlignBottom : Qt::AlignTop) | Qt::AlignLeft;
        QString words = isLaid ? wording::fieldShort(int(i) + 1, printed.fields[i], card.letter, card.pressures)
                               : Words::tr("%1 nothing").arg(i + 1);
        // Lines break between strokes.
        words.replace(QLatin1Char(' '), QChar(QChar::Nbsp));
        words.replace(QStringLiteral(",") + QChar(QChar::Nbsp), QStringLiteral(", "));
        fitted(painter, inUnits(label), flags, words, 0.5);
    }
}

void paintCard(QPainter& painter, review::CardPaper format, int page, const WindowsCard& card) {
    paintCardFrame(painter, card.kind, format, page);
    const cv::Size2d& size = review::frameOf(format).page;
    const QRectF top(0, 5 * mm, size.width * mm, 5 * mm), bottom(0, (size.height - 10) * mm, size.width * mm, 5 * mm);
    cardWords(painter, top, Qt::AlignHCenter,
              Words::tr("%1. Print at full size. Lay each field as the ticks and the words beside it say. %2")
                  .arg(card.title, card.pressures == wording::Pressures::inFigures
                                       ? Words::tr("Pressure: 1 light, 2 medium, 3 heavy.")
                                       : QString()));
    cardWords(painter, bottom, Qt::AlignHCenter,
              Words::tr("Photograph the whole card flat, by a window, without flash. Tap dust off, never blow it."));
    for (std::size_t w = 0; w < card.windows.size(); ++w)
        paintWindow(painter, review::windowsOf(format).windows[w], card.windows[w], card);
}

/// A page a paper: every field with the colour that it should have.
void paintExpectations(QPainter& painter, review::CardPaper format, const PrintedWindow& printed,
                       const WindowsCard& card) {
    const cv::Size2d& size = review::frameOf(format).page;
    constexpr double edge = 18, line = 17;  // millimetres
    const double width = size.width - 2 * edge;
    elided(painter, inUnits({edge, edge, width, 6}),
           Words::tr("%1: what should be seen. This page is not photographed.")
               .arg(QString::fromStdString(printed.paper.name)),
           true);
    fitted(painter, inUnits({edge, edge + 6, width, 13}), Qt::AlignLeft | Qt::AlignTop, legendOf(printed, card.letter),
           0.4);
    const colour::Lab bare = colour::labFromSrgb8(printed.paper.tone);
    for (std::size_t i = 0; i < review::windowFields; ++i) {
        if (!isUsed(printed, i)) continue;
        const double y = edge + 20 + double(i) * line;
        const pigment::Patch patch = review::laidField(printed.fields[i], printed.paper, printed.sticks);
        const colour::Lab seen = pigment::labOf(patch, colour::Light::daylight65);
        painter.fillRect(inUnits({edge, y, 24, line - 3}),
                         drawing::colourOf(colour::srgb8FromSrgb(colour::srgbFromLab(seen))));
        const QString words = wording::fieldWords(int(i) + 1, printed.fields[i], card.letter) + '\n' +
                              wording::fieldExpectation(printed.fields[i], bare, seen, pigment::toothUsed(patch));
        cardWords(painter, inUnits({edge + 28, y, width - 28, line - 2}), Qt::AlignLeft | Qt::TextWordWrap, words);
    }
    cardWords(
        painter, inUnits({edge, size.height - edge - 16, width, 16}), Qt::AlignLeft | Qt::TextWordWrap,
        Words::tr("The colours above are as this printer makes them; the words are what counts. %1").arg(card.closing));
}

}  // namespace

common::Done writeWindowsCard(const WindowsCard& card, review::CardPaper format, int page, const QString& file) {
    Q_ASSERT(!card.windows.empty() && card.windows.size() <= review::cardWindows);
    return writeCardPdf(format, card.title, file, [&](QPdfWriter& writer, QPainter& painter) {
        paintCard(painter, format, page, card);
        for (const PrintedWindow& window : card.windows) {
            writer.newPage();
            paintExpectations(painter, format, window, card);
        }
    });
}

}  // namespace print

#include "print/swatch_card.h"

#include <QPainter>
#include <QPdfWriter>

#include "drawing/fonts.h"
#include "print/card_page.h"
#include "print/units.h"
#include "print/words.h"

namespace print {

namespace {

void paintRow(QPainter& painter, const review::CardRow& row, int number) {
    cardWords(painter, inUnits(row.number).adjusted(0, 0, -2 * mm, 0), Qt::AlignRight | Qt::AlignVCenter,
              QString::number(number), true);
    for (const review::CardField& field : row.fields) {
        painter.fillRect(inUnits(field.overBlack), cardGrey(review::cardBlack));
        // A thin line shows where to lay over the paper; it stays outside what is read.
        painter.setPen(QPen(cardGrey(0.4), 0.4));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(inUnits(field.overWhite));
    }
}

void paintPage(QPainter& painter, review::CardPaper paper, int page, int rows) {
    const review::CardLayout& layout = review::layoutOf(paper);
    paintCardFrame(painter, review::CardKind::swatches, paper, page);
    const cv::Size2d& size = review::frameOf(paper).page;
    const double width = size.width * mm;
    cardWords(
        painter, QRectF(0, 5 * mm, width, 5 * mm), Qt::AlignHCenter,
        Words::tr("Print at full size. Lay each stick light, medium and heavy, half over the paper and half over the "
                  "black."));
    cardWords(painter, QRectF(0, (size.height - 10) * mm, width, 5 * mm), Qt::AlignHCenter,
              Words::tr("Photograph the whole card flat, by a window, without flash. Tap dust off, never blow it."));
    const auto perColumn = layout.rows.size() / 2;
    for (const std::size_t first : {std::size_t(0), perColumn}) {
        const QString pressures[] = {Words::tr("light"), Words::tr("medium"), Words::tr("heavy")};
        for (int p = 0; p < 3; ++p) {
            const review::CardField& field = layout.rows[first].fields[std::size_t(p)];
            const cv::Rect2d whole = field.overWhite | field.overBlack;
            cardWords(painter, QRectF(whole.x * mm, (whole.y - 4.5) * mm, whole.width * mm, 4 * mm), Qt::AlignHCenter,
                      pressures[p]);
        }
    }
    for (int r = 0; r < rows; ++r)
        paintRow(painter, layout.rows[std::size_t(r)], page * int(layout.rows.size()) + r + 1);
}

/// Pages that say which number is what; they are no cards and are not photographed.
void paintKey(QPdfWriter& writer, QPainter& painter, review::CardPaper paper, const CardSet& set) {
    const cv::Size2d page = review::frameOf(paper).page;
    const int perPage = int(review::layoutOf(paper).rows.size());
    constexpr double edge = 18, line = 5.6;  // millimetres
    constexpr int columns = 3;
    const int lines = int((page.height - 2 * edge - 12) / line);
    for (int i = 0; i < set.names.size(); ++i) {
        const int place = i % (columns * lines);
        if (place == 0) {
            writer.newPage();
            cardWords(
                painter, QRectF(edge * mm, edge * mm, page.width * mm, 6 * mm), Qt::AlignLeft,
                Words::tr(
                    "Which row is what. Of a paper lay an offcut over its whole row. This page is not photographed."),
                true);
        }
        const double width = (page.width - 2 * edge) / columns;
        const int column = place / lines;
        const QRectF box((edge + column * width) * mm, (edge + 12 + place % lines * line) * mm, (width - 3) * mm,
                         line * mm);
        const int number = (set.firstPage + i / perPage) % review::mostPages * perPage + i % perPage + 1;
        cardWords(painter, QRectF(box.left(), box.top(), 10 * mm, box.height()), Qt::AlignRight,
                  QString::number(number), true);
        const QRectF room = box.adjusted(12 * mm, 0, 0, 0);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        cardWords(painter, room, Qt::AlignLeft,
                  painter.fontMetrics().elidedText(set.names[i], Qt::ElideRight, int(room.width())));
    }
}

}  // namespace

common::Done writeSwatchCards(review::CardPaper paper, const CardSet& set, const QString& file) {
    const int perPage = int(review::layoutOf(paper).rows.size());
    const int pages = (set.rows + perPage - 1) / perPage;
    Q_ASSERT(set.rows > 0 && pages <= review::mostPages);
    return writeCardPdf(paper, Words::tr("Swatch card"), file, [&](QPdfWriter& writer, QPainter& painter) {
        for (int page = 0; page < pages; ++page) {
            if (page > 0) writer.newPage();
            paintPage(painter, paper, (set.firstPage + page) % review::mostPages,
                      std::min(perPage, set.rows - page * perPage));
        }
        paintKey(writer, painter, paper, set);
    });
}

}  // namespace print

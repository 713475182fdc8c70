#include "print/swatch_card.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QPainter>
#include <QPdfWriter>

#include "colour/srgb.h"
#include "drawing/fonts.h"
#include "print/units.h"
#include "print/words.h"
#include "storage/whole_file.h"

namespace print {

namespace {

QRectF inUnits(const cv::Rect2d& r) {
    return {r.x * mm, r.y * mm, r.width * mm, r.height * mm};
}

/// The grey that has this reflectance on the card's paper.
QColor greyOf(double reflectance) {
    const double code = colour::encodedFromLinear(reflectance / review::cardWhite);
    return QColor::fromRgbF(float(code), float(code), float(code));
}

void paintMarker(QPainter& painter, const cv::Rect2d& place, int id) {
    const cv::Mat modules = review::markerModules(id);
    const QRectF box = inUnits(place);
    const double side = box.width() / modules.cols;
    painter.fillRect(box, greyOf(review::cardBlack));
    for (int y = 0; y < modules.rows; ++y)
        for (int x = 0; x < modules.cols; ++x)
            if (modules.at<uchar>(y, x) > 127)
                painter.fillRect(QRectF(box.left() + x * side, box.top() + y * side, side, side), Qt::white);
}

void words(QPainter& painter, const QRectF& box, int align, const QString& text, bool bold = false) {
    painter.setPen(Qt::black);
    painter.setFont(drawing::font(drawing::TypeSize::small, bold));
    painter.drawText(box, align, text);
}

void paintRow(QPainter& painter, const review::CardRow& row, int number) {
    words(painter, inUnits(row.number).adjusted(0, 0, -2 * mm, 0), Qt::AlignRight | Qt::AlignVCenter,
          QString::number(number), true);
    for (const review::CardField& field : row.fields) {
        painter.fillRect(inUnits(field.overBlack), greyOf(review::cardBlack));
        // A thin line shows where to lay over the paper; it stays outside what is read.
        painter.setPen(QPen(greyOf(0.4), 0.4));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(inUnits(field.overWhite));
    }
}

void paintPage(QPainter& painter, review::CardPaper paper, int page, int rows) {
    const review::CardLayout& layout = review::layoutOf(paper);
    for (int i = 0; i < 4; ++i) paintMarker(painter, layout.corners[std::size_t(i)], review::cornerId(paper, i));
    paintMarker(painter, layout.pageMarker, review::firstPageId + page);
    const auto& greys = review::ladderReflectances();
    for (std::size_t i = 0; i < layout.ladder.size(); ++i)
        painter.fillRect(inUnits(layout.ladder[i]), greyOf(greys[i % greys.size()]));

    const double width = layout.page.width * mm;
    words(painter, QRectF(0, 5 * mm, width, 5 * mm), Qt::AlignHCenter,
          Words::tr("Print at full size. Lay each stick light, medium and heavy, half over the paper and half over the "
                    "black."));
    words(painter, QRectF(0, (layout.page.height - 10) * mm, width, 5 * mm), Qt::AlignHCenter,
          Words::tr("Photograph the whole card flat, by a window, without flash. Tap dust off, never blow it."));
    const auto perColumn = layout.rows.size() / 2;
    for (const std::size_t first : {std::size_t(0), perColumn}) {
        const QString pressures[] = {Words::tr("light"), Words::tr("medium"), Words::tr("heavy")};
        for (int p = 0; p < 3; ++p) {
            const review::CardField& field = layout.rows[first].fields[std::size_t(p)];
            const cv::Rect2d whole = field.overWhite | field.overBlack;
            words(painter, QRectF(whole.x * mm, (whole.y - 4.5) * mm, whole.width * mm, 4 * mm), Qt::AlignHCenter,
                  pressures[p]);
        }
    }
    for (int r = 0; r < rows; ++r)
        paintRow(painter, layout.rows[std::size_t(r)], page * int(layout.rows.size()) + r + 1);
}

/// Pages that say which number is what; they are no cards and are not photographed.
void paintKey(QPdfWriter& writer, QPainter& painter, review::CardPaper paper, const CardSet& set) {
    const cv::Size2d page = review::layoutOf(paper).page;
    const int perPage = int(review::layoutOf(paper).rows.size());
    constexpr double edge = 18, line = 5.6;  // millimetres
    constexpr int columns = 3;
    const int lines = int((page.height - 2 * edge - 12) / line);
    for (int i = 0; i < set.names.size(); ++i) {
        const int place = i % (columns * lines);
        if (place == 0) {
            writer.newPage();
            words(painter, QRectF(edge * mm, edge * mm, page.width * mm, 6 * mm), Qt::AlignLeft,
                  Words::tr(
                      "Which row is what. Of a paper lay an offcut over its whole row. This page is not photographed."),
                  true);
        }
        const double width = (page.width - 2 * edge) / columns;
        const int column = place / lines;
        const QRectF box((edge + column * width) * mm, (edge + 12 + place % lines * line) * mm, (width - 3) * mm,
                         line * mm);
        const int number = (set.firstPage + i / perPage) % review::mostPages * perPage + i % perPage + 1;
        words(painter, QRectF(box.left(), box.top(), 10 * mm, box.height()), Qt::AlignRight, QString::number(number),
              true);
        const QRectF room = box.adjusted(12 * mm, 0, 0, 0);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        words(painter, room, Qt::AlignLeft,
              painter.fontMetrics().elidedText(set.names[i], Qt::ElideRight, int(room.width())));
    }
}

}  // namespace

common::Done writeSwatchCards(review::CardPaper paper, const CardSet& set, const QString& file) {
    const int perPage = int(review::layoutOf(paper).rows.size());
    const int pages = (set.rows + perPage - 1) / perPage;
    Q_ASSERT(set.rows > 0 && pages <= review::mostPages);
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setResolution(96);
        writer.setPageLayout(QPageLayout(QPageSize(paper == review::CardPaper::a4 ? QPageSize::A4 : QPageSize::Letter),
                                         QPageLayout::Portrait, QMarginsF(0, 0, 0, 0), QPageLayout::Millimeter));
        writer.setTitle(Words::tr("Swatch card"));
        writer.setCreator(QStringLiteral("Yawning Dune"));
        QPainter painter(&writer);
        for (int page = 0; page < pages; ++page) {
            if (page > 0) writer.newPage();
            paintPage(painter, paper, (set.firstPage + page) % review::mostPages,
                      std::min(perPage, set.rows - page * perPage));
        }
        paintKey(writer, painter, paper, set);
    }
    return storage::writeWhole(file.toStdString(), bytes);
}

}  // namespace print

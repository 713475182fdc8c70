#include "print/card_page.h"

#include <QBuffer>
#include <QPainter>
#include <QPdfWriter>

#include "colour/srgb.h"
#include "drawing/fonts.h"
#include "print/units.h"
#include "storage/whole_file.h"

namespace print {

QRectF inUnits(const cv::Rect2d& r) {
    return {r.x * mm, r.y * mm, r.width * mm, r.height * mm};
}

QColor cardGrey(double reflectance) {
    const double code = colour::encodedFromLinear(reflectance / review::cardWhite);
    return QColor::fromRgbF(float(code), float(code), float(code));
}

void cardWords(QPainter& painter, const QRectF& box, int align, const QString& text, bool bold) {
    painter.setPen(Qt::black);
    painter.setFont(drawing::font(drawing::TypeSize::small, bold));
    painter.drawText(box, align, text);
}

namespace {

void paintMarker(QPainter& painter, const cv::Rect2d& place, int id) {
    const cv::Mat modules = review::markerModules(id);
    const QRectF box = inUnits(place);
    const double side = box.width() / modules.cols;
    painter.fillRect(box, cardGrey(review::cardBlack));
    for (int y = 0; y < modules.rows; ++y)
        for (int x = 0; x < modules.cols; ++x)
            if (modules.at<uchar>(y, x) > 127)
                painter.fillRect(QRectF(box.left() + x * side, box.top() + y * side, side, side), Qt::white);
}

}  // namespace

void paintCardFrame(QPainter& painter, review::CardKind kind, review::CardPaper paper, int page) {
    const review::CardFrame& frame = review::frameOf(paper);
    for (int i = 0; i < 4; ++i) paintMarker(painter, frame.corners[std::size_t(i)], review::cornerId(kind, paper, i));
    paintMarker(painter, frame.pageMarker, review::firstPageId + page);
    const auto& greys = review::ladderReflectances();
    for (std::size_t i = 0; i < frame.ladder.size(); ++i)
        painter.fillRect(inUnits(frame.ladder[i]), cardGrey(greys[i % greys.size()]));
}

common::Done writeCardPdf(review::CardPaper paper, const QString& title, const QString& file,
                          const std::function<void(QPdfWriter&, QPainter&)>& paint) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setResolution(96);
        writer.setPageLayout(QPageLayout(QPageSize(paper == review::CardPaper::a4 ? QPageSize::A4 : QPageSize::Letter),
                                         QPageLayout::Portrait, QMarginsF(0, 0, 0, 0), QPageLayout::Millimeter));
        writer.setTitle(title);
        writer.setCreator(QStringLiteral("Yawning Dune"));
        QPainter painter(&writer);
        paint(writer, painter);
    }
    return storage::writeWhole(file.toStdString(), bytes);
}

}  // namespace print

#include "print/running_page.h"

#include <QBuffer>

#include "storage/whole_file.h"

namespace print {

void RunningPage::need(double room) {
    if (y_ + room <= height) return;
    writer_.newPage();
    y_ = 0;
}

void RunningPage::line(const QString& words, drawing::TypeSize size, bool bold, double left) {
    painter_.setFont(drawing::font(size, bold));
    painter_.setPen(Qt::black);
    const QRectF room(left, 0, width - left, height);
    const double tall = painter_.boundingRect(room, Qt::TextWordWrap, words).height();
    need(tall);
    painter_.drawText(room.translated(0, y_), Qt::TextWordWrap, words);
    y_ += tall + 1 * mm;
}

common::Done writeRunningPages(const QString& title, const QString& file,
                               const std::function<void(RunningPage&)>& paint) {
    QByteArray pdf;
    QBuffer buffer(&pdf);
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setTitle(title);
        writer.setPageSize(QPageSize(QPageSize::A4));
        writer.setPageMargins(QMarginsF(15, 15, 15, 15), QPageLayout::Millimeter);
        writer.setResolution(96);
        RunningPage page(writer);
        paint(page);
    }
    return storage::writeWhole(file.toStdString(), pdf);
}

}  // namespace print

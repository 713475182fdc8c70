#include "print/record_card.h"

#include <QBuffer>
#include <QDateTime>
#include <QLocale>
#include <QPainter>
#include <QPdfWriter>

#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "planning/worked_days.h"
#include "print/units.h"
#include "print/words.h"
#include "storage/whole_file.h"
#include "wording/easel.h"
#include "wording/sentences.h"

namespace print {

namespace {

constexpr double cardWidth = 180 * mm, cardHeight = 267 * mm;  // A4 less margins of 15 mm

QString dateOf(const planning::Entry& entry) {
    return QLocale().toString(
        QDateTime::fromMSecsSinceEpoch(entry.at, Qt::OffsetFromUTC, entry.offsetMinutes * 60).date(),
        QLocale::LongFormat);
}

/// Goes down the card, page after page.
class CardPainter {
 public:
    CardPainter(QPdfWriter& writer, const RecordCard& card) : writer_(writer), painter_(&writer), card_(card) {}

    void paint() {
        line(card_.title, drawing::TypeSize::head, true);
        if (!card_.picture.isNull()) {
            const QSizeF size = QSizeF(card_.picture.size()).scaled(80 * mm, 60 * mm, Qt::KeepAspectRatio);
            painter_.drawImage(QRectF({0, y_}, size), card_.picture);
            y_ += size.height() + 4 * mm;
        }
        const auto& entries = card_.record.entries;
        const auto days = planning::workedDays(card_.record);
        double minutes = 0;
        for (const planning::WorkedDay& day : days) minutes += day.minutes;
        line(Words::tr("On %1; %2 at the easel, in %3.")
                 .arg(QString::fromStdString(card_.record.paperName), wording::duration(minutes),
                      wording::eveningCount(int(days.size()))),
             drawing::TypeSize::text);
        y_ += 3 * mm;
        line(Words::tr("What was used"), drawing::TypeSize::text, true);
        for (const planning::ServedStick& served : planning::servedSticks(card_.record)) stick(served);
        y_ += 3 * mm;
        for (const planning::WorkedDay& day : days) {
            line(Words::tr("%1: %2, %3")
                     .arg(dateOf(entries[day.first]), wording::duration(day.minutes), wording::stepCount(day.steps)),
                 drawing::TypeSize::text, true);
            for (std::size_t i = day.first; i <= day.last; ++i) line(entryWords(i), drawing::TypeSize::small);
            y_ += 2 * mm;
        }
    }

 private:
    QString entryWords(std::size_t i) const {
        const planning::Entry& entry = card_.record.entries[i];
        const QDateTime at = QDateTime::fromMSecsSinceEpoch(entry.at, Qt::OffsetFromUTC, entry.offsetMinutes * 60);
        return QStringLiteral("%1   %2").arg(at.time().toString(QStringLiteral("HH:mm")),
                                             wording::entryLine(card_.record, i));
    }

    void need(double height) {
        if (y_ + height <= cardHeight) return;
        writer_.newPage();
        y_ = 0;
    }

    void line(const QString& words, drawing::TypeSize size, bool bold = false, double left = 0) {
        painter_.setFont(drawing::font(size, bold));
        painter_.setPen(Qt::black);
        const QRectF room(left, 0, cardWidth - left, cardHeight);
        const double height = painter_.boundingRect(room, Qt::TextWordWrap, words).height();
        need(height);
        painter_.drawText(room.translated(0, y_), Qt::TextWordWrap, words);
        y_ += height + 1 * mm;
    }

    void stick(const planning::ServedStick& served) {
        constexpr double wide = 14 * mm, tall = 6 * mm;
        need(tall + mm);
        drawing::paintMaterial(painter_, QRectF(0, y_, wide, tall), served.stick.kind,
                               drawing::colourOf(served.stick.masstone));
        QStringList pigments, areas;
        for (const std::string& pigment : served.stick.pigments) pigments << QString::fromStdString(pigment);
        for (const std::string& area : served.areas) areas << QString::fromStdString(area);
        QString words = QStringLiteral("%1, %2").arg(QString::fromStdString(served.stick.name),
                                                     wording::kindWord(served.stick.kind));
        if (!pigments.isEmpty()) words += QStringLiteral(" (%1)").arg(pigments.join(QStringLiteral(", ")));
        if (!areas.isEmpty()) words += QStringLiteral(": ") + areas.join(QStringLiteral("; "));
        const double before = y_;
        line(words, drawing::TypeSize::small, false, wide + 3 * mm);
        y_ = std::max(y_, before + tall + mm);
    }

    QPdfWriter& writer_;
    QPainter painter_;
    const RecordCard& card_;
    double y_ = 0;
};

}  // namespace

common::Done writeRecordCard(const RecordCard& card, const QString& file) {
    QByteArray pdf;
    QBuffer buffer(&pdf);
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setTitle(card.title);
        writer.setPageSize(QPageSize(QPageSize::A4));
        writer.setPageMargins(QMarginsF(15, 15, 15, 15), QPageLayout::Millimeter);
        writer.setResolution(96);
        CardPainter(writer, card).paint();
    }
    return storage::writeWhole(file.toStdString(), pdf);
}

}  // namespace print

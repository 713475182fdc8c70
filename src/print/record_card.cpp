#include "print/record_card.h"

#include <QDateTime>
#include <QLocale>

#include "drawing/shapes.h"
#include "planning/worked_days.h"
#include "print/running_page.h"
#include "print/words.h"
#include "wording/counts.h"
#include "wording/easel.h"
#include "wording/sentences.h"

namespace print {

namespace {

QString dateOf(const planning::Entry& entry) {
    return QLocale().toString(
        QDateTime::fromMSecsSinceEpoch(entry.at, Qt::OffsetFromUTC, entry.offsetMinutes * 60).date(),
        QLocale::LongFormat);
}

class CardPainter {
 public:
    CardPainter(RunningPage& page, const RecordCard& card) : page_(page), card_(card) {}

    void paint() {
        page_.line(card_.title, drawing::TypeSize::head, true);
        if (!card_.picture.isNull()) {
            const QSizeF size = QSizeF(card_.picture.size()).scaled(80 * mm, 60 * mm, Qt::KeepAspectRatio);
            page_.painter().drawImage(QRectF({0, page_.y()}, size), card_.picture);
            page_.down(size.height() + 4 * mm);
        }
        const auto& entries = card_.record.entries;
        const auto days = planning::workedDays(card_.record);
        double minutes = 0;
        for (const planning::WorkedDay& day : days) minutes += day.minutes;
        page_.line(Words::tr("On %1; %2 at the easel, in %3.")
                       .arg(QString::fromStdString(card_.record.paperName), wording::duration(minutes),
                            wording::eveningCount(int(days.size()))),
                   drawing::TypeSize::text);
        page_.down(3 * mm);
        page_.line(Words::tr("What was used"), drawing::TypeSize::text, true);
        for (const planning::ServedStick& served : planning::servedSticks(card_.record)) stick(served);
        page_.down(3 * mm);
        for (const planning::WorkedDay& day : days) {
            page_.line(
                Words::tr("%1: %2, %3")
                    .arg(dateOf(entries[day.first]), wording::duration(day.minutes), wording::stepCount(day.steps)),
                drawing::TypeSize::text, true);
            for (std::size_t i = day.first; i <= day.last; ++i) page_.line(entryWords(i), drawing::TypeSize::small);
            page_.down(2 * mm);
        }
    }

 private:
    QString entryWords(std::size_t i) const {
        const planning::Entry& entry = card_.record.entries[i];
        const QDateTime at = QDateTime::fromMSecsSinceEpoch(entry.at, Qt::OffsetFromUTC, entry.offsetMinutes * 60);
        return QStringLiteral("%1   %2").arg(at.time().toString(QStringLiteral("HH:mm")),
                                             wording::entryLine(card_.record, i));
    }

    void stick(const planning::ServedStick& served) {
        constexpr double wide = 14 * mm, tall = 6 * mm;
        page_.need(tall + mm);
        drawing::paintMaterial(page_.painter(), QRectF(0, page_.y(), wide, tall), served.stick.kind,
                               drawing::colourOf(served.stick.masstone));
        QStringList pigments, areas;
        for (const std::string& pigment : served.stick.pigments) pigments << QString::fromStdString(pigment);
        for (const std::string& area : served.areas) areas << QString::fromStdString(area);
        QString words = QStringLiteral("%1, %2").arg(QString::fromStdString(served.stick.name),
                                                     wording::kindWord(served.stick.kind));
        if (!pigments.isEmpty()) words += QStringLiteral(" (%1)").arg(pigments.join(QStringLiteral(", ")));
        if (!areas.isEmpty()) words += QStringLiteral(": ") + areas.join(QStringLiteral("; "));
        const double before = page_.y();
        page_.line(words, drawing::TypeSize::small, false, wide + 3 * mm);
        page_.down(std::max(0.0, before + tall + mm - page_.y()));
    }

    RunningPage& page_;
    const RecordCard& card_;
};

}  // namespace

common::Done writeRecordCard(const RecordCard& card, const QString& file) {
    return writeRunningPages(card.title, file, [&](RunningPage& page) { CardPainter(page, card).paint(); });
}

}  // namespace print

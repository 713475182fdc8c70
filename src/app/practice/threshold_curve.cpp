#include "app/practice/threshold_curve.h"

#include <QDateTime>
#include <QLocale>
#include <QPainter>

#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/threshold_chart.h"
#include "wording/practising.h"

namespace app {

ThresholdCurve::ThresholdCurve() {
    setAccessibleName(tr("Thresholds over time"));
}

void ThresholdCurve::show(practice::Exercise exercise, std::vector<practice::Sitting> sittings) {
    exercise_ = exercise;
    sittings_ = std::move(sittings);
    QStringList lines;
    for (const practice::Sitting& sitting : sittings_)
        lines << QStringLiteral("%1: %2").arg(
            QLocale().toString(QDateTime::fromMSecsSinceEpoch(sitting.begun), QLocale::ShortFormat),
            wording::thresholdWords(exercise_, sitting.threshold));
    setAccessibleDescription(lines.join(QLatin1Char('\n')));
    update();
}

void ThresholdCurve::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), theme().panel);
    const QRectF room = QRectF(rect()).adjusted(measure::edge, 0, -measure::edge, 0);
    drawing::ThresholdChart chart{
        sittings_, {}, practice::factsOf(exercise_).trained, wording::trainedWords(exercise_)};
    for (const practice::Sitting& sitting : sittings_)
        chart.dates << QLocale().toString(QDateTime::fromMSecsSinceEpoch(sitting.begun), QStringLiteral("d MMM"));
    drawing::paintThresholds(painter, room, chart, theme().ink, theme().panel);
    if (!sittings_.empty()) return;
    painter.setFont(drawing::font(drawing::TypeSize::text));
    painter.setPen(theme().ink);
    painter.drawText(
        room.adjusted(0, room.height() / 4, 0, 0), Qt::AlignHCenter | Qt::AlignTop,
        practice::isDrawn(exercise_)
            ? tr("No drawing yet.\nHere the curve will stand.")
            : tr("No sitting yet: it takes some 20 to 60 answers, a few minutes.\nHere the curve will stand."));
}

}  // namespace app

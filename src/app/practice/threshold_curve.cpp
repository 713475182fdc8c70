#include "app/practice/threshold_curve.h"

#include <QDateTime>
#include <QLocale>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
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
    painter.setFont(drawing::font(drawing::TypeSize::small));
    painter.setPen(theme().ink);
    const int line = painter.fontMetrics().height();
    const QRectF chart = QRectF(rect()).adjusted(measure::edge, 2.0 * line, -measure::edge, -2.0 * line);
    const double trained = practice::factsOf(exercise_).trained;
    double least = trained / 2, most = 4 * trained;
    for (const practice::Sitting& sitting : sittings_) {
        least = std::min(least, sitting.threshold.least);
        most = std::max(most, sitting.threshold.most);
    }
    // An octave is as high everywhere.
    const auto heightOf = [&](double threshold) {
        return chart.bottom() - std::log(threshold / least) / std::log(most / least) * chart.height();
    };
    painter.setPen(QPen(theme().ink, 1, Qt::DashLine));
    painter.drawLine(QPointF(chart.left(), heightOf(trained)), QPointF(chart.right(), heightOf(trained)));
    painter.drawText(QRectF(chart.left(), heightOf(trained) - line, chart.width(), line), Qt::AlignRight,
                     tr("a trained eye: %1").arg(wording::apartWords(exercise_, trained)));
    if (sittings_.empty()) {
        painter.setFont(drawing::font(drawing::TypeSize::text));
        painter.drawText(
            chart.adjusted(0, chart.height() / 4, 0, 0), Qt::AlignHCenter | Qt::AlignTop,
            tr("No sitting yet: it takes some 20 to 60 answers, a few minutes.\nHere the curve will stand."));
        return;
    }
    const double wide = chart.width() / double(sittings_.size());
    QPointF last;
    for (std::size_t i = 0; i < sittings_.size(); ++i) {
        const practice::Sitting& sitting = sittings_[i];
        const QPointF at(chart.left() + wide * (double(i) + 0.5), heightOf(sitting.threshold.middle));
        painter.setPen(QPen(theme().ink, 2));
        if (i > 0) painter.drawLine(last, at);
        painter.setPen(QPen(theme().ink, 1));
        painter.drawLine(QPointF(at.x(), heightOf(sitting.threshold.least)),
                         QPointF(at.x(), heightOf(sitting.threshold.most)));
        // One that was broken off is hollow.
        painter.setBrush(sitting.isEnough ? theme().ink : theme().panel);
        painter.drawEllipse(at, 5, 5);
        last = at;
        constexpr double room = 70;  // pixels that a date takes
        if (wide < room && i % std::size_t(std::ceil(room / wide)) != 0) continue;
        painter.drawText(QRectF(at.x() - wide, chart.bottom() + line / 2.0, 2 * wide, line), Qt::AlignHCenter,
                         QLocale().toString(QDateTime::fromMSecsSinceEpoch(sitting.begun), QStringLiteral("d MMM")));
    }
}

}  // namespace app

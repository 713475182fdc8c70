#include "app/bench/bench_view.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "wording/easel.h"
#include "wording/sentences.h"

namespace app {

namespace {

/// Sizes of words as parts of the view's height.
constexpr double nameSize = 0.16, placeSize = 0.11, howSize = 0.07, watchSize = 0.06;

}  // namespace

BenchView::BenchView(Easel& easel, Session& session) : easel_(easel), session_(session) {
    setAccessibleName(tr("The step in hand"));
    connect(&easel_, &Easel::changed, this, [this] { update(); });
    connect(&easel_, &Easel::ticked, this, [this] { update(); });
}

double BenchView::fitted(QPainter& painter, const QRectF& room, const QString& words, double pixels, bool isBold,
                         int lines) const {
    QFont font = drawing::font(drawing::TypeSize::text, isBold);
    const int flags = Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap;
    QRectF taken;
    const auto fits = [&](double size, int most) {
        font.setPixelSize(std::max(9, int(std::lround(size))));
        const QFontMetricsF metrics(font);
        taken = metrics.boundingRect(room, flags, words);
        return taken.width() <= room.width() + 1 && taken.height() <= most * metrics.lineSpacing() + 2 &&
               taken.height() <= room.height() + 1;
    };
    // A name is read more easily a little smaller on one line than large on two.
    constexpr double onOneLine = 0.7, step = 0.94;
    double size = pixels;
    while (isBold && size > onOneLine * pixels && !fits(size, 1)) size *= step;
    if (!fits(size, 1))
        for (size = pixels; size >= 10 && !fits(size, lines);) size *= step;
    painter.setFont(font);
    painter.drawText(room, flags, words);
    return taken.height();
}

void BenchView::paintWord(QPainter& painter, const QString& head, const QString& words) {
    painter.setPen(theme().ink);
    const QRectF room = QRectF(rect()).adjusted(measure::edge, measure::edge, -measure::edge, -measure::edge);
    const double taken = fitted(painter, room, head, nameSize * height(), true, 2);
    fitted(painter, room.adjusted(0, taken + measure::grid, 0, 0), words, howSize * height(), false, 6);
}

void BenchView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto plan = session_.plan();
    if (!plan || (plan->isCoarse && session_.isPlanning()))
        return paintWord(painter, tr("The plan is being made"), tr("Its steps stand here as soon as it is there."));
    if (easel_.isFinished())
        return paintWord(painter, tr("All is laid"),
                         tr("Tape off, soften the hard edge, sign with a soft stick, glassine: the Log has the last "
                            "steps, to be ticked."));
    const planning::Step* step = easel_.step();
    const double times = std::clamp(0.27 * width(), 150.0, 520.0), next = 0.17 * height();
    const QRectF all = QRectF(rect()).adjusted(measure::edge, measure::grid, -measure::edge, -measure::grid);
    if (step) paintStep(painter, *plan, *step, all.adjusted(0, 0, -times - measure::edge, -next));
    if (!step && easel_.isWaiting()) {
        QStringList words{tr("There is no place left that could be worked on meanwhile.")};
        words << waitsOf(*plan);
        paintWord(painter, tr("Wait until it is dry"), words.join(QLatin1Char('\n')));
    }
    paintTimes(painter, *plan, step, QRectF(all.right() - times, all.top(), times, all.height() - next));
    paintNext(painter, *plan, QRectF(all.left(), all.bottom() - next, all.width(), next));
}

void BenchView::paintStep(QPainter& painter, const planning::Plan& plan, const planning::Step& step,
                          const QRectF& room) {
    const double stickWidth = std::min(0.24 * room.width(), 0.9 * room.height());
    const QRectF stickBox(room.left(), room.top() + measure::grid, stickWidth, 0.42 * room.height());
    if (step.stick >= 0) {
        const materials::Material& stick = plan.sticks[std::size_t(step.stick)];
        drawing::paintMaterial(painter, stickBox, stick.kind, drawing::colourOf(stick.masstone));
    } else {
        drawing::paintManner(painter, stickBox, step.manner, theme().ink);
    }
    if (step.stick >= 0)
        drawing::paintManner(
            painter, QRectF(stickBox.left(), stickBox.bottom() + 2 * measure::grid, stickWidth, 0.2 * room.height()),
            step.manner, theme().ink);
    painter.setPen(theme().ink);
    QRectF words = room.adjusted(stickWidth + measure::edge, 0, 0, 0);
    const auto below = [&](double taken) { words.setTop(words.top() + taken + 0.4 * measure::grid); };
    below(fitted(painter, words, wording::stepTitle(plan, step), nameSize * height(), true, 2));
    if (step.stick >= 0)
        if (const QString lies = placeOf(plan.sticks[std::size_t(step.stick)].id); !lies.isEmpty())
            below(fitted(painter, words, tr("in %1").arg(lies), howSize * height(), false, 1));
    below(fitted(painter, words, wording::stepPlace(plan, step), placeSize * height(), false, 2));
    QStringList how{wording::stepManner(plan, session_.study(), step)};
    const planning::StepDoing& doing = easel_.standing().of(step.number);
    if (const QString pressed = wording::heavierWord(doing.heavier); !pressed.isEmpty()) how << pressed;
    if (doing.stick) how << tr("instead of the plan's stick");
    how.removeAll(QString());
    below(fitted(painter, words, how.join(QStringLiteral("; ")), howSize * height(), false, 2));
    painter.setPen(theme().quiet);
    fitted(painter, words, wording::stepWatch(plan, step).join(QLatin1Char(' ')), watchSize * height(), false, 3);
}

void BenchView::paintTimes(QPainter& painter, const planning::Plan& plan, const planning::Step* step,
                           const QRectF& room) {
    const planning::Moment now = easel_.now();
    QRectF words = room;
    const auto below = [&](double taken) { words.setTop(words.top() + taken + 0.5 * measure::grid); };
    painter.setPen(theme().ink);
    if (step) {
        below(fitted(painter, words, tr("Step %1 of %2").arg(step->number).arg(plan.steps.size()), howSize * height(),
                     false, 1));
        const int seconds = easel_.isBegun() ? int(60 * easel_.timers().minutes(now)) : 0;
        const QString clock = QStringLiteral("%1:%2").arg(seconds / 60).arg(seconds % 60, 2, 10, QLatin1Char('0'));
        below(fitted(painter, words, clock, nameSize * height(), true, 1));
        QString about = tr("of about %1").arg(wording::duration(step->minutes));
        if (!easel_.isBegun()) about = tr("%1; Space begins").arg(about);
        if (easel_.timers().isPaused()) about = tr("at a pause; Space goes on");
        if (easel_.isBusy()) about = tr("being kept …");
        below(fitted(painter, words, about, howSize * height(), false, 2));
        if (easel_.isElsewhere()) {
            painter.setPen(theme().quiet);
            below(fitted(painter, words, tr("Meanwhile here: an earlier place is not dry."), watchSize * height(),
                         false, 2));
        }
    }
    painter.setPen(theme().ink);
    if (!step) return;
    for (const QString& wait : waitsOf(plan))
        if (words.height() > watchSize * height()) below(fitted(painter, words, wait, watchSize * height(), false, 2));
}

QStringList BenchView::waitsOf(const planning::Plan& plan) const {
    QStringList words;
    for (const planning::EaselWait& wait : easel_.timers().waits())
        if (wait.step <= int(plan.steps.size())) words << wording::waitWords(plan, easel_.timers(), wait, easel_.now());
    return words;
}

void BenchView::paintNext(QPainter& painter, const planning::Plan& plan, const QRectF& room) {
    painter.setPen(theme().line);
    painter.drawLine(room.topLeft(), room.topRight());
    const planning::Step* next = easel_.nextStep();
    painter.setPen(theme().ink);
    QRectF words = room.adjusted(0, measure::grid, 0, 0);
    if (!next) {
        fitted(painter, words, tr("This is the last step."), howSize * height(), false, 1);
        return;
    }
    QString where = wording::stepPlace(plan, *next);
    if (next->stick >= 0) {
        const materials::Material& stick = plan.sticks[std::size_t(next->stick)];
        const double tall = words.height() - measure::grid;
        drawing::paintMaterial(painter, QRectF(words.left(), words.top(), 2.2 * tall, tall), stick.kind,
                               drawing::colourOf(stick.masstone));
        words.setLeft(words.left() + 2.2 * tall + measure::edge);
        if (const QString place = placeOf(stick.id); !place.isEmpty()) where += QStringLiteral("; ") + place;
    }
    fitted(painter, words, tr("Then: %1; %2").arg(wording::stepTitle(plan, *next), where), howSize * height(), false,
           1);
}

}  // namespace app

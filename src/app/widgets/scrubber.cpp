#include "app/widgets/scrubber.h"

#include <QKeyEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "wording/sentences.h"

namespace app {

Scrubber::Scrubber(QWidget* parent) : QWidget(parent) {
    setFixedHeight(58);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Steps laid"));
}

void Scrubber::setPlan(std::shared_ptr<const planning::Plan> plan) {
    plan_ = std::move(plan);
    update();
}

void Scrubber::setStep(int step) {
    const int most = plan_ ? int(plan_->steps.size()) : 0;
    step = std::clamp(step, 0, most);
    if (step == step_) return;
    step_ = step;
    setAccessibleDescription(tr("Step %1 of %2").arg(step_).arg(most));
    update();
    Q_EMIT stepChanged(step_);
}

double Scrubber::xOf(double step) const {
    const double count = plan_ ? std::max<double>(1, double(plan_->steps.size())) : 1;
    return measure::edge + (width() - 2 * measure::edge) * step / count;
}

void Scrubber::paintEvent(QPaintEvent*) {
    if (!plan_) return;
    const Theme& t = theme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const double top = 4, block = 12, line = 22;
    painter.setFont(drawing::font(drawing::TypeSize::small));
    for (const planning::Step& step : plan_->steps) {
        const double x = xOf(step.number - 1);
        const double width = std::max(2.0, xOf(step.number) - x - 2);
        if (step.stick >= 0) {
            painter.fillRect(QRectF(x + 1, top, width, block), drawing::colourOf(plan_->sticks[step.stick].masstone));
        } else {
            painter.setPen(t.quiet);
            painter.drawRect(QRectF(x + 1.5, top + 0.5, width - 1, block - 1));
        }
    }
    painter.setPen(QPen(t.ink, 1));
    for (std::size_t first = 0, next = 0; first < plan_->steps.size(); first = next) {
        while (next < plan_->steps.size() && plan_->steps[next].stage == plan_->steps[first].stage) ++next;
        const double x = xOf(double(first));
        painter.drawLine(QPointF(x, line - 4), QPointF(x, line + 6));
        const QString words = wording::stageWord(plan_->steps[first].stage);
        // A stage too short for its name goes without: the step's margin says it.
        if (painter.fontMetrics().horizontalAdvance(words) + measure::grid < xOf(double(next)) - x)
            painter.drawText(QPointF(x + 3, line + 26), words);
    }
    // Where evenings end, a double line.
    for (const planning::Evening& evening : plan_->evenings)
        if (evening.last < int(plan_->steps.size()))
            for (const double beside : {-1.5, 1.5})
                painter.drawLine(QPointF(xOf(evening.last) + beside, 0), QPointF(xOf(evening.last) + beside, line + 8));
    painter.setPen(QPen(t.ink, 1.6));
    painter.drawLine(QPointF(measure::edge, line), QPointF(width() - measure::edge, line));
    const double x = xOf(step_);
    painter.drawLine(QPointF(x, 0), QPointF(x, line));
    painter.setBrush(t.ink);
    painter.drawPolygon(QPolygonF({QPointF(x, line), QPointF(x - 7, line + 12), QPointF(x + 7, line + 12)}));
    if (hasFocus()) drawing::paintSelection(painter, QRectF(rect()).adjusted(1, 1, -2, -2), 1);
}

void Scrubber::mousePressEvent(QMouseEvent* event) {
    mouseMoveEvent(event);
}

void Scrubber::mouseMoveEvent(QMouseEvent* event) {
    if (!plan_) return;
    const double part = (event->position().x() - measure::edge) / std::max(1.0, width() - 2.0 * measure::edge);
    setStep(int(std::lround(part * double(plan_->steps.size()))));
}

void Scrubber::keyPressEvent(QKeyEvent* event) {
    const int most = plan_ ? int(plan_->steps.size()) : 0;
    switch (event->key()) {
        case Qt::Key_Left:
            return setStep(step_ - 1);
        case Qt::Key_Right:
            return setStep(step_ + 1);
        case Qt::Key_Home:
            return setStep(0);
        case Qt::Key_End:
            return setStep(most);
        default:
            QWidget::keyPressEvent(event);
    }
}

}  // namespace app

#include "app/widgets/scrubber.h"

#include <QApplication>
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

namespace {

constexpr double blockTop = 4, blockHeight = 14, lineAt = 24;

}  // namespace

Scrubber::Scrubber(QWidget* parent) : QWidget(parent) {
    setFixedHeight(58);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Steps laid"));
}

void Scrubber::setPlan(std::shared_ptr<const planning::Plan> plan) {
    plan_ = std::move(plan);
    step_ = std::min(step_, plan_ ? int(plan_->steps.size()) : 0);
    pressed_ = 0;
    letGo();
    update();
}

void Scrubber::setStep(int step) {
    const int most = plan_ ? int(plan_->steps.size()) : 0;
    step = std::clamp(step, 0, most);
    if (step == step_) return;
    step_ = step;
    tellOfPlace(*this, step_);
    update();
    Q_EMIT stepChanged(step_);
}

HasPlace::Place Scrubber::place() const {
    const int most = plan_ ? int(plan_->steps.size()) : 0;
    QString words = tr("Step %1 of %2").arg(step_).arg(most);
    if (step_ > 0) words = tr("%1: %2").arg(words, wording::stepPlace(*plan_, plan_->steps[std::size_t(step_ - 1)]));
    return {step_, 0, most, words};
}

double Scrubber::xOf(double step) const {
    const double count = plan_ ? std::max<double>(1, double(plan_->steps.size())) : 1;
    return measure::edge + (width() - 2 * measure::edge) * step / count;
}

double Scrubber::stepAt(double x) const {
    return (x - measure::edge) / std::max(1.0, width() - 2.0 * measure::edge) * double(plan_->steps.size());
}

void Scrubber::paintEvent(QPaintEvent*) {
    if (!plan_) return;
    const Theme& t = theme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const double top = blockTop, block = blockHeight, line = lineAt;
    painter.setFont(drawing::font(drawing::TypeSize::small));
    for (const planning::Step& step : plan_->steps) {
        const double x = xOf(step.number - 1);
        const double width = std::max(2.0, xOf(step.number) - x - 2);
        if (step.stick >= 0)
            painter.fillRect(QRectF(x + 1, top, width, block), drawing::colourOf(plan_->sticks[step.stick].masstone));
        // So that a black shows in the evening frame.
        painter.setPen(step.stick >= 0 ? t.line : t.quiet);
        painter.drawRect(QRectF(x + 1.5, top + 0.5, width - 1, block - 1));
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
    if (drag_) paintDrag(painter);
    if (hasFocus()) drawing::paintSelection(painter, QRectF(rect()).adjusted(1, 1, -2, -2), 1);
}

/// What it may not pass is paled; the step hangs on the pointer, and a line stands where it would go.
void Scrubber::paintDrag(QPainter& painter) const {
    const Theme& t = theme();
    QColor pale = t.panel;
    pale.setAlphaF(0.75);
    const bool mayMove = drag_->room.has_value();
    const double from = mayMove ? xOf(drag_->room->earliest) : xOf(drag_->step - 1);
    const double to = mayMove ? xOf(drag_->room->latest) : xOf(drag_->step);
    painter.fillRect(QRectF(0, blockTop - 1, from, blockHeight + 2), pale);
    painter.fillRect(QRectF(to, blockTop - 1, width() - to, blockHeight + 2), pale);
    if (!mayMove) return;
    const planning::Step& step = plan_->steps[std::size_t(drag_->step - 1)];
    const double blockWidth = std::max(6.0, xOf(1) - xOf(0) - 2);
    const double x = std::clamp(pointer_.x(), from, to) - blockWidth / 2;
    const QRectF block(x, blockTop + 4, blockWidth, blockHeight);
    painter.fillRect(block,
                     step.stick >= 0 ? drawing::colourOf(plan_->sticks[std::size_t(step.stick)].masstone) : t.panel);
    drawing::paintSelection(painter, block, 1);
    painter.setPen(QPen(t.ink, 3));
    const double goal = xOf(drag_->after);
    painter.drawLine(QPointF(goal, 0), QPointF(goal, lineAt + 6));
}

void Scrubber::letGo() {
    if (!drag_) return;
    drag_.reset();
    update();
    Q_EMIT dragged();
}

void Scrubber::mousePressEvent(QMouseEvent* event) {
    if (!plan_ || plan_->steps.empty()) return;
    pressedAt_ = pointer_ = event->position();
    pressed_ = 0;
    if (pressedAt_.y() > blockTop + blockHeight + 2) return mouseMoveEvent(event);
    pressed_ = std::clamp(int(std::floor(stepAt(pressedAt_.x()))) + 1, 1, int(plan_->steps.size()));
    setStep(pressed_);
}

void Scrubber::mouseMoveEvent(QMouseEvent* event) {
    if (!plan_ || plan_->steps.empty()) return;
    pointer_ = event->position();
    const auto nearest = int(std::lround(std::clamp(stepAt(pointer_.x()), 0.0, double(plan_->steps.size()))));
    if (pressed_ == 0) return setStep(nearest);
    if (!drag_) {
        if (std::abs(pointer_.x() - pressedAt_.x()) < QApplication::startDragDistance()) return;
        drag_ = Drag{pressed_, pressed_, roomOf ? roomOf(pressed_) : std::nullopt};
    }
    if (drag_->room) drag_->after = std::clamp(nearest, drag_->room->earliest, drag_->room->latest);
    update();
    Q_EMIT dragged();
}

void Scrubber::mouseReleaseEvent(QMouseEvent*) {
    const std::optional<Drag> done = drag_;
    pressed_ = 0;
    letGo();
    if (done && done->room && done->after != done->step && done->after != done->step - 1)
        Q_EMIT dropped(*done->room, done->after);
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

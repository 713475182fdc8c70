#include "app/widgets/answer_button.h"

#include <QPainter>

#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"

namespace app {

namespace {

constexpr int markSide = 11, wordsFrom = 22;
/// As wide as the longest figures usually are.
constexpr int answerWidth = 224, answerHeight = 33;

}  // namespace

AnswerButton::AnswerButton(const QString& words, const QString& question) {
    setText(words);
    setCheckable(true);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("%1: %2").arg(question, words));
}

void AnswerButton::setFigures(const QString& figures) {
    if (figures == figures_) return;
    figures_ = figures;
    setAccessibleDescription(figures);
    update();
}

QSize AnswerButton::sizeHint() const {
    const QFontMetrics text(drawing::font(drawing::TypeSize::text, true));
    return {std::max(answerWidth, wordsFrom + text.horizontalAdvance(this->text())), answerHeight};
}

void AnswerButton::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Theme& t = theme();
    const QRectF mark(3.5, 3.5, markSide, markSide);
    painter.setPen(QPen(isChecked() || underMouse() ? t.ink : t.quiet, 1));
    if (isChecked()) painter.setBrush(t.ink);
    painter.drawEllipse(mark);
    const int left = wordsFrom;
    painter.setPen(isEnabled() ? t.ink : t.quiet);
    painter.setFont(drawing::font(drawing::TypeSize::text, isChecked()));
    painter.drawText(QRect(left, 0, width() - left, 19), Qt::AlignLeft | Qt::AlignVCenter, text());
    painter.setFont(drawing::font(drawing::TypeSize::small));
    painter.setPen(t.quiet);
    painter.drawText(QRect(left, 18, width() - left, 15), Qt::AlignLeft | Qt::AlignVCenter, figures_);
    if (hasFocus()) drawing::paintSelection(painter, QRectF(rect()).adjusted(1, 1, -1, -1));
}

void AnswerButton::enterEvent(QEnterEvent* event) {
    QAbstractButton::enterEvent(event);
    Q_EMIT lookedAt();
}

void AnswerButton::focusInEvent(QFocusEvent* event) {
    QAbstractButton::focusInEvent(event);
    Q_EMIT lookedAt();
}

}  // namespace app

#include "app/widgets/margin.h"

#include <QPainter>
#include <QPushButton>
#include <QRegularExpression>
#include <QScrollArea>

#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"

namespace app {

namespace {

/// A figure and its unit stay on one line.
QString withUnitsHeld(QString words) {
    static const QRegularExpression before(QStringLiteral("(\\d) (?=%|ΔE00|(mm|cm|min|h)\\b)"));
    return words.replace(before, QStringLiteral("\\1\u00a0"));
}

}  // namespace

Margin::Margin(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Margin"));
    understood_ = new QPushButton(tr("Understood"), this);
    understood_->setToolTip(tr("Takes this note away; Help brings all notes back."));
    understood_->setFocusPolicy(Qt::TabFocus);
    understood_->hide();
    connect(understood_, &QPushButton::clicked, this, &Margin::noteTakenAway);
}

void Margin::setText(const MarginText& text) {
    text_ = text;
    relayout();
}

void Margin::setProblem(const QString& sentence) {
    problem_ = sentence;
    relayout();
}

void Margin::setNote(const QString& note) {
    if (note == note_) return;
    note_ = note;
    relayout();
}

void Margin::relayout() {
    setMinimumHeight(int(layOut(nullptr)));
    understood_->adjustSize();
    understood_->move(measure::edge, int(noteEnd_));
    understood_->setVisible(!note_.isEmpty());
    setAccessibleDescription((problem_.isEmpty() ? QString() : problem_ + QStringLiteral(" ")) +
                             (note_.isEmpty() ? QString() : note_ + QStringLiteral(" ")) +
                             (text_.paragraphs + text_.why + text_.cautions).join(' '));
    update();
}

QSize Margin::sizeHint() const {
    return {258, 300};
}

void Margin::resizeEvent(QResizeEvent*) {
    relayout();
}

double Margin::layOut(QPainter* painter) const {
    const Theme& t = theme();
    const double width = std::max(120.0, QWidget::width() - 2.0 * measure::edge);
    double y = 14;
    const auto tell = [&](const QString& said, drawing::TypeSize size, bool bold, double x, const QColor& ink) {
        const QString words = withUnitsHeld(said);
        const QFont font = drawing::font(size, bold);
        const QFontMetricsF metrics(font, this);
        const QRectF used = metrics.boundingRect(QRectF(0, 0, width - x, 1e5), Qt::TextWordWrap, words);
        if (painter) {
            painter->setFont(font);
            painter->setPen(ink);
            painter->drawText(QRectF(measure::edge + x, y, width - x, used.height() + 2), Qt::TextWordWrap, words);
        }
        y += used.height();
    };
    const auto sign = [&] {
        if (!painter) return;
        painter->setPen(QPen(t.ink, 1.6));
        painter->setBrush(Qt::NoBrush);
        painter->drawPolygon(QPolygonF(
            {QPointF(measure::edge, y + 15), QPointF(measure::edge + 14, y + 15), QPointF(measure::edge + 7, y + 3)}));
    };
    if (!problem_.isEmpty()) {
        sign();
        tell(tr("Take note"), drawing::TypeSize::text, true, 22, t.ink);
        tell(problem_, drawing::TypeSize::text, false, 0, t.ink);
        y += 16;
    }
    if (!note_.isEmpty()) {
        tell(note_, drawing::TypeSize::text, false, 0, t.ink);
        y += measure::grid;
        noteEnd_ = y;
        y += understood_->sizeHint().height() + 1.5 * measure::grid;
        if (painter) painter->fillRect(QRectF(measure::edge, y, width, 1), t.line);
        y += 1.5 * measure::grid;
    }
    if (!text_.head.isEmpty()) {
        tell(text_.head, drawing::TypeSize::text, true, 0, t.ink);
        y += 8;
    }
    for (const QString& paragraph : text_.paragraphs) {
        tell(paragraph, drawing::TypeSize::text, false, 0, t.ink);
        y += 9;
    }
    if (!text_.listHead.isEmpty()) {
        y += 6;
        tell(text_.listHead, drawing::TypeSize::text, true, 0, t.ink);
        y += 6;
    }
    for (const StrokeLine& line : text_.strokes) {
        const double begin = y;
        tell(line.name, drawing::TypeSize::text, true, 60, t.ink);
        tell(line.how, drawing::TypeSize::small, false, 60, t.quiet);
        y = std::max(y, begin + 38);
        if (painter) {
            const QColor colour = drawing::colourOf(line.colour);
            const QRectF place(measure::edge, begin + 1, 48, 20);
            if (line.wet) {
                drawing::paintMaterial(*painter, place.adjusted(0, 0, 0, -11), line.kind, drawing::colourOf(*line.wet));
                drawing::paintMaterial(*painter, place.adjusted(0, 11, 0, 0), line.kind, colour);
            } else if (line.hasStick) {
                drawing::paintMaterial(*painter, place, line.kind, colour);
            }
            if (line.isLaid) {
                drawing::paintManner(*painter, QRectF(measure::edge, begin + 23, 30, 9), line.manner, t.ink);
                drawing::paintPressure(*painter, QRectF(measure::edge + 34, begin + 26, 14, 4), line.pressure, t.ink);
            }
        }
        y += 8;
    }
    // A line parts what was decided from the reasons, and these from what is to be minded.
    const auto part = [&](const QString& words, bool hasSign) {
        y += measure::grid;
        if (painter) painter->fillRect(QRectF(measure::edge, y, width, 1), t.line);
        y += 1.5 * measure::grid;
        if (hasSign) sign();
        tell(words, drawing::TypeSize::text, true, hasSign ? 22 : 0, t.ink);
        y += 4;
    };
    const auto sentences = [&](const QString& words, bool hasSign, const QStringList& all) {
        if (all.isEmpty()) return;
        part(words, hasSign);
        for (const QString& sentence : all) {
            tell(sentence, drawing::TypeSize::text, false, 0, t.ink);
            y += 9;
        }
    };
    sentences(tr("Why"), false, text_.why);
    sentences(tr("Mind"), true, text_.cautions);
    return y + 10;
}

void Margin::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    layOut(&painter);
}

QWidget* scrolled(Margin& margin, int width) {
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setFixedWidth(width);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidget(&margin);
    return scroll;
}

}  // namespace app

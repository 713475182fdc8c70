#include "app/trial/sample_view.h"

#include <QPainter>

#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"

namespace app {

SampleView::SampleView() {
    setAccessibleName(tr("The swatch beside what is wanted"));
    setMinimumSize(90, 100);
}

void SampleView::show(const colour::Lab& paper, const colour::Lab& swatch,
                      const std::optional<subject::Target>& target) {
    paper_ = paper;
    swatch_ = swatch;
    target_ = target;
    update();
}

void SampleView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(drawing::font(drawing::TypeSize::small));
    painter.fillRect(rect(), theme().well);
    constexpr double words = 20, rim = 22;
    const QRectF whole(0, words, width(), height() - words);
    painter.fillRect(whole, drawing::colourOf(target_ ? target_->around : paper_));
    QRectF swatch = whole.adjusted(rim, rim, -rim, -rim);
    painter.setPen(theme().wellInk);
    painter.drawText(QRectF(swatch.left(), 0, swatch.width(), words), Qt::AlignLeft | Qt::AlignVCenter, tr("swatch"));
    if (target_) {
        // No line between them: where they meet the eye tells best.
        const QRectF wanted(swatch.center().x(), swatch.top(), swatch.width() / 2, swatch.height());
        swatch.setWidth(swatch.width() / 2);
        painter.fillRect(wanted, drawing::colourOf(target_->colour));
        painter.drawText(QRectF(wanted.left(), 0, wanted.width(), words), Qt::AlignRight | Qt::AlignVCenter,
                         tr("wanted"));
    }
    painter.fillRect(swatch, drawing::colourOf(swatch_));
}

}  // namespace app

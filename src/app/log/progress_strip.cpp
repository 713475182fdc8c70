#include "app/log/progress_strip.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"

namespace app {

namespace {

constexpr double momentCaption = 22, rowHeads = 96, momentGap = 2 * measure::grid;

}  // namespace

ProgressStrip::ProgressStrip() {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Progress: photographs and predicted sheets"));
    setMinimumHeight(130);
}

void ProgressStrip::show(std::vector<Moment> moments) {
    moments_ = std::move(moments);
    const bool isStill = std::ranges::any_of(moments_, [&](const Moment& it) { return int(it.entry) == chosen_; });
    if (!isStill) chosen_ = -1;
    first_ = std::min(first_, moments_.empty() ? 0 : moments_.size() - 1);
    tellOfParts(*this);
    update();
}

std::vector<DrawnPart> ProgressStrip::drawnParts() const {
    std::vector<DrawnPart> parts;
    for (std::size_t i = 0; i < moments_.size(); ++i) {
        QRectF both = boxOf(i);
        both.setHeight(height());
        parts.push_back({moments_[i].words, both.toRect(), int(moments_[i].entry) == chosen_});
    }
    return parts;
}

QRectF ProgressStrip::boxOf(std::size_t moment) const {
    const double tall = (height() - momentCaption - 3 * measure::grid) / 2;
    double left = rowHeads;
    for (std::size_t i = first_; i < moments_.size(); ++i) {
        const QImage& image = moments_[i].predicted;
        const double wide = image.isNull() ? 1.33 * tall : tall * image.width() / std::max(1, image.height());
        if (i == moment) return {left, double(measure::grid), wide, tall};
        left += wide + momentGap;
    }
    return {};
}

void ProgressStrip::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.setFont(drawing::font(drawing::TypeSize::small));
    painter.setPen(theme().quiet);
    if (moments_.empty()) {
        painter.drawText(QRectF(rect()).adjusted(measure::edge, measure::edge, -measure::edge, 0), Qt::TextWordWrap,
                         tr("No photograph yet: P at the Bench keeps one, and here it stands over the sheet as it was "
                            "planned for that moment."));
        return;
    }
    const double tall = boxOf(first_).height();
    const auto head = [&](double top, const QString& words) {
        painter.drawText(QRectF(0, top, rowHeads - measure::grid, tall), Qt::AlignVCenter | Qt::TextWordWrap, words);
    };
    head(measure::grid, tr("As photographed"));
    head(2 * measure::grid + tall, tr("As planned"));
    for (std::size_t i = first_; i < moments_.size(); ++i) {
        const QRectF above = boxOf(i), below = above.translated(0, tall + measure::grid);
        if (above.left() > width()) break;
        const Moment& moment = moments_[i];
        const QSizeF fits = QSizeF(moment.photograph.size()).scaled(above.size(), Qt::KeepAspectRatio);
        QRectF place({}, fits);
        place.moveCenter(above.center());
        painter.drawImage(place, moment.photograph);
        painter.drawImage(below, moment.predicted);
        painter.setPen(theme().ink);
        painter.drawText(QRectF(below.left(), below.bottom() + 2, below.width() + momentGap, momentCaption),
                         Qt::AlignLeft | Qt::AlignVCenter, moment.words);
        if (int(moment.entry) == chosen_) drawing::paintSelection(painter, above.united(below).adjusted(-3, -3, 3, 3));
    }
}

void ProgressStrip::choose(int moment) {
    if (moments_.empty()) return;
    const auto at = std::size_t(std::clamp(moment, 0, int(moments_.size()) - 1));
    chosen_ = int(moments_[at].entry);
    first_ = std::min(first_, at);
    while (first_ < at && boxOf(at).right() > width()) ++first_;
    tellOfParts(*this);
    update();
    onChosen(chosen_);
}

void ProgressStrip::mousePressEvent(QMouseEvent* event) {
    for (std::size_t i = first_; i < moments_.size(); ++i) {
        QRectF box = boxOf(i);
        box.setHeight(height());
        if (box.contains(event->position())) return choose(int(i));
    }
}

void ProgressStrip::keyPressEvent(QKeyEvent* event) {
    if (!goOn(*this, *event)) QWidget::keyPressEvent(event);
}

}  // namespace app

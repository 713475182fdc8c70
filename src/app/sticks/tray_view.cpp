#include "app/sticks/tray_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/widgets/theme.h"
#include "colour/munsell.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "wording/decimal.h"

namespace app {

TrayView::TrayView() {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Tray"));
    setMinimumHeight(190);
}

void TrayView::show(std::shared_ptr<const planning::Plan> plan, int selected,
                    const std::vector<planning::StickChoice>& choices) {
    plan_ = std::move(plan);
    choices_ = choices;
    selected_ = selected;
    for (auto& row : rows_) row.clear();
    if (plan_) {
        std::vector<int> byValue;
        for (int i = 0; i < int(plan_->sticks.size()); ++i) byValue.push_back(i);
        std::ranges::stable_sort(byValue, std::greater{}, [&](int i) { return plan_->prepared[i].masstone.L; });
        // Rows of one length: no row is crowded.
        const std::size_t length = (byValue.size() + rowCount - 1) / rowCount;
        for (std::size_t n = 0; n < byValue.size(); ++n) rows_[n / length].push_back(byValue[n]);
        for (auto& row : rows_)
            std::ranges::stable_sort(row, {}, [&](int i) {
                const colour::Lab& lab = plan_->prepared[i].masstone;
                // Reds stand on both sides of hue 0.
                return colour::chroma(lab) < 8 ? -1.0 : std::fmod(colour::hue(lab) + 20.0, 360.0);
            });
    }
    tellOfParts(*this);
    update();
}

std::vector<int> TrayView::inRows() const {
    std::vector<int> all;
    for (const auto& row : rows_) all.insert(all.end(), row.begin(), row.end());
    return all;
}

std::vector<DrawnPart> TrayView::drawnParts() const {
    std::vector<DrawnPart> parts;
    for (int r = 0; r < rowCount; ++r)
        for (int n = 0; n < int(rows_[r].size()); ++n) {
            const materials::Material& stick = plan_->sticks[std::size_t(rows_[r][std::size_t(n)])];
            const double value = colour::munsellValueOfLightness(colour::labFromSrgb8(stick.masstone).L);
            QString name = tr("%1, value %2").arg(QString::fromStdString(stick.name), wording::decimal(value, 1));
            if (std::ranges::count(choices_, planning::StickChoice{stick.id, planning::StickUse::pinned}) > 0)
                name = tr("%1, kept in").arg(name);
            if (!stick.hazards.empty()) name = tr("%1, calls for care").arg(name);
            parts.push_back({name, boxOf(r, n).toRect(), rows_[r][std::size_t(n)] == selected_});
        }
    return parts;
}

void TrayView::choosePart(int part) {
    onChosen(inRows()[std::size_t(part)]);
}

void TrayView::mousePressEvent(QMouseEvent* event) {
    for (int r = 0; r < rowCount; ++r)
        for (int n = 0; n < int(rows_[r].size()); ++n)
            if (boxOf(r, n).contains(event->position())) return onChosen(rows_[r][n]);
    onChosen(-1);
}

void TrayView::keyPressEvent(QKeyEvent* event) {
    if (!goOn(*this, *event)) QWidget::keyPressEvent(event);
}

void TrayView::paintEvent(QPaintEvent*) {
    const Theme& t = theme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    for (int r = 0; r < rowCount; ++r) {
        painter.setPen(t.quiet);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        painter.drawText(QRectF(0, rowTop(r), labels, rowHeight()), Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap,
                         rangeOf(r));
        if (r > 0) {
            painter.setPen(QPen(t.line, 1));
            painter.drawLine(QPointF(0, rowTop(r)), QPointF(width(), rowTop(r)));
        }
        for (int n = 0; n < int(rows_[r].size()); ++n) paintStick(painter, rows_[r][n], boxOf(r, n));
    }
}

QString TrayView::rangeOf(int row) const {
    double least = 10, most = 0;
    for (const int i : rows_[row]) {
        const double value = colour::munsellValueOfLightness(plan_->prepared[i].masstone.L);
        least = std::min(least, value);
        most = std::max(most, value);
    }
    return rows_[row].empty() ? QString()
                              : tr("value %1 to %2").arg(wording::decimal(least, 1)).arg(wording::decimal(most, 1));
}

QRectF TrayView::boxOf(int row, int place) const {
    const double pitch = std::min(116.0, (width() - labels) / std::max(1.0, double(rows_[row].size())));
    return {labels + pitch * place + 3, rowTop(row) + 4, pitch - 8, rowHeight() - 8};
}

void TrayView::paintStick(QPainter& painter, int i, const QRectF& box) {
    const materials::Material& stick = plan_->sticks[i];
    const double wide = std::min(64.0, box.width());
    const double high = std::min(26.0, box.height() - 38);
    drawing::paintMaterial(painter, QRectF(box.left(), box.top() + 2, wide, high), stick.kind,
                           drawing::colourOf(stick.masstone));
    const planning::StickChoice kept{stick.id, planning::StickUse::pinned};
    if (std::ranges::count(choices_, kept) > 0) {  // a line of ink under what is kept in
        painter.setPen(QPen(theme().ink, 2));
        painter.drawLine(QPointF(box.left(), box.top() + high + 4), QPointF(box.left() + wide, box.top() + high + 4));
    }
    if (!stick.hazards.empty()) {
        painter.setPen(QPen(theme().ink, 1.4));
        painter.setBrush(Qt::NoBrush);
        const QPointF at(box.left() + wide + 9, box.top() + 8);
        if (box.width() > wide + 18)
            painter.drawPolygon(QPolygonF({at + QPointF(-6, 5), at + QPointF(6, 5), at + QPointF(0, -5)}));
    }
    painter.setPen(theme().ink);
    painter.setFont(drawing::font(drawing::TypeSize::small));
    const QString words = QString::fromStdString(stick.name);
    painter.drawText(QRectF(box.left(), box.top() + high + 3, box.width(), 34),
                     Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, words);
    if (i == selected_) drawing::paintSelection(painter, box.adjusted(-1, 0, 1, 1));
}

}  // namespace app

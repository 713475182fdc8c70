#include "app/subject/triad_board.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "wording/subject.h"

namespace app {

namespace {

constexpr int tileHeight = 45, tileWidth = 240, tileGap = 6;

}  // namespace

TriadBoard::TriadBoard(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Dark, medium and light of every area"));
}

void TriadBoard::show(std::shared_ptr<const planning::Reading> reading, const QStringList& names, int selected) {
    if (reading != reading_) {
        reading_ = std::move(reading);
        triads_.clear();
        order_.clear();
        for (std::size_t i = 0; reading_ && i < reading_->areas.list.size(); ++i) order_.push_back(int(i));
        std::ranges::stable_sort(order_, std::greater<>(),
                                 [&](int i) { return reading_->areas.list[std::size_t(i)].share; });
        setMinimumHeight(heightFor(width()));
    }
    names_ = names;
    selected_ = selected;
    update();
}

const std::vector<subject::Triad>& TriadBoard::triads() {
    if (triads_.empty() && reading_) triads_ = subject::triadsOf(reading_->areas, reading_->lab);
    return triads_;
}

int TriadBoard::columns(int width) const {
    return std::max(1, (width + tileGap) / (tileWidth + tileGap));
}

int TriadBoard::heightFor(int width) const {
    const int rows = (int(order_.size()) + columns(width) - 1) / columns(width);
    return std::max(1, rows) * (tileHeight + tileGap);
}

QRectF TriadBoard::tileOf(int place) const {
    const int n = columns(width());
    const double wide = (width() + tileGap) / double(n) - tileGap;
    const int row = place / n, column = place % n;
    return {column * (wide + tileGap), double(row * (tileHeight + tileGap)), wide, tileHeight};
}

void TriadBoard::mousePressEvent(QMouseEvent* event) {
    for (int place = 0; place < int(order_.size()); ++place)
        if (tileOf(place).contains(event->position())) Q_EMIT chosen(order_[std::size_t(place)]);
}

void TriadBoard::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Theme& t = theme();
    painter.setFont(drawing::font(drawing::TypeSize::small));
    const QFontMetricsF metrics(painter.font());
    for (int place = 0; place < int(order_.size()); ++place) {
        const int area = order_[std::size_t(place)];
        const QRectF tile = tileOf(place).adjusted(3, 3, -3, -3);
        const subject::Triad& triad = triads()[std::size_t(area)];
        const double wide = 26;
        QRectF swatch(tile.left(), tile.top(), wide, tile.height());
        for (const subject::Triad::Swatch* one : {&triad.dark, &triad.medium, &triad.light}) {
            painter.fillRect(swatch, drawing::colourOf(one->colour));
            swatch.translate(wide, 0);
        }
        const QRectF words(tile.left() + 3 * wide + 8, tile.top(), tile.width() - 3 * wide - 10, tile.height() / 2);
        painter.setPen(t.ink);
        // Like areas differ by the number at the end.
        painter.drawText(words, Qt::AlignLeft | Qt::AlignBottom,
                         metrics.elidedText(names_.value(area), Qt::ElideMiddle, words.width()));
        painter.setPen(t.quiet);
        painter.drawText(words.translated(0, words.height()), Qt::AlignLeft | Qt::AlignTop,
                         metrics.elidedText(wording::lightOnArea(triad), Qt::ElideRight, words.width()));
        if (area == selected_) drawing::paintSelection(painter, tile);
    }
}

}  // namespace app

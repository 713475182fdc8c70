#include "app/widgets/flow_row.h"

#include <QStyle>
#include <QWidget>
#include <algorithm>

#include "app/widgets/measure.h"

namespace app {

FlowRow::FlowRow() {
    setContentsMargins(0, 0, 0, 0);
    setSpacing(measure::grid);
}

FlowRow::~FlowRow() {
    qDeleteAll(items_);
}

QLayoutItem* FlowRow::takeAt(int index) {
    return index >= 0 && index < items_.size() ? items_.takeAt(index) : nullptr;
}

QSize FlowRow::minimumSize() const {
    QSize least;
    for (const QLayoutItem* item : items_)
        if (!item->isEmpty()) least = least.expandedTo(item->minimumSize());
    return least;
}

QSize FlowRow::sizeHint() const {
    QSize whole;
    for (const QLayoutItem* item : items_) {
        if (item->isEmpty()) continue;
        const QSize hint = item->sizeHint();
        whole = {whole.width() + hint.width() + spacing(), std::max(whole.height(), hint.height())};
    }
    return whole;
}

void FlowRow::setGeometry(const QRect& room) {
    QLayout::setGeometry(room);
    layOut(room, true);
}

int FlowRow::wholeWidth() const {
    int whole = -spacing();
    for (const QLayoutItem* item : items_)
        if (!item->isEmpty()) whole += item->sizeHint().width() + spacing();
    return whole;
}

int FlowRow::layOut(const QRect& room, bool isMoved) const {
    struct Line {
        QList<int> items;
        int width = 0, height = 0;
    };
    QList<Line> lines{{}};
    const auto sizeOf = [&](int i) {
        // What grows is content with little.
        const bool isGrowing = growing_ && items_[i]->widget() == growing_;
        const QSize hint =
            isGrowing ? items_[i]->minimumSize() : items_[i]->sizeHint().expandedTo(items_[i]->minimumSize());
        return QSize(std::min(hint.width(), room.width()), hint.height());
    };
    const bool allFit = !yielding_ || wholeWidth() <= room.width();
    for (int i = 0; i < items_.size(); ++i) {
        if (items_[i]->isEmpty()) continue;
        if (yielding_ && items_[i]->widget() == yielding_ && !allFit) {
            if (isMoved) items_[i]->setGeometry({});
            continue;
        }
        const QSize size = sizeOf(i);
        const int apart = lines.last().items.isEmpty() ? 0 : spacing();
        if (apart > 0 && lines.last().width + apart + size.width() > room.width()) lines.append(Line{});
        Line& line = lines.last();
        line.width += size.width() + (line.items.isEmpty() ? 0 : spacing());
        line.height = std::max(line.height, size.height());
        line.items.append(i);
    }
    int y = room.top();
    for (const Line& line : lines) {
        int x = room.left();
        const int left = room.width() - line.width;
        for (const int i : line.items) {
            QSize size = sizeOf(i);
            if (i == stretch_ && lines.size() == 1 && !growing_) x += left;
            if (growing_ && items_[i]->widget() == growing_) size.rwidth() += left;
            if (isMoved) {
                const QRect place(QPoint(x, y + (line.height - size.height()) / 2), size);
                items_[i]->setGeometry(QStyle::visualRect(parentWidget()->layoutDirection(), room, place));
            }
            x += size.width() + spacing();
        }
        y += line.height + (&line == &lines.last() ? 0 : spacing());
    }
    return y - room.top();
}

}  // namespace app

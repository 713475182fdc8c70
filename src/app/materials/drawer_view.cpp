#include "app/materials/drawer_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QScrollBar>
#include <algorithm>

#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "materials/stock.h"
#include "wording/sentences.h"

namespace app {

namespace {

constexpr int leastWidth = 116, cellHeight = 70, headHeight = 30, gap = 8;

}  // namespace

void paintShape(QPainter& painter, const QRectF& box, const materials::Owned& owned) {
    if (const auto* medium = std::get_if<materials::Material>(&owned.what)) {
        drawing::paintMaterial(painter, box, medium->kind, drawing::colourOf(medium->masstone));
    } else if (const auto* paper = std::get_if<materials::Paper>(&owned.what)) {
        drawing::paintOffcut(painter, box, *paper, 3);
    } else {
        painter.setPen(theme().quiet);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        painter.drawText(box, Qt::AlignLeft | Qt::AlignVCenter,
                         wording::toolWord(std::get<materials::Tool>(owned.what).kind));
    }
}

DrawerView::DrawerView(QWidget* parent) : QAbstractScrollArea(parent) {
    setFrameShape(QFrame::NoFrame);
    setFocusPolicy(Qt::StrongFocus);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setAccessibleName(tr("Drawer"));
}

void DrawerView::show(const std::vector<materials::Owned>& things, std::vector<Section> sections) {
    things_ = &things;
    sections_ = std::move(sections);
    layOut();
    std::set<int> kept;
    for (const Placed& placed : placed_)
        if (selected_.contains(placed.thing)) kept.insert(placed.thing);
    select(kept);
    viewport()->update();
}

void DrawerView::select(const std::set<int>& things) {
    if (things == selected_) return;
    selected_ = things;
    selectedIds_.clear();
    for (const int i : things) selectedIds_.push_back(materials::idOf((*things_)[std::size_t(i)]));
    tellOfParts(*this);
    viewport()->update();
    Q_EMIT selectionChanged();
}

std::vector<DrawnPart> DrawerView::drawnParts() const {
    std::vector<DrawnPart> parts;
    for (const Placed& placed : placed_) {
        const materials::Owned& owned = (*things_)[std::size_t(placed.thing)];
        const QString name = QString::fromStdString(materials::nameOf(owned));
        const auto* medium = std::get_if<materials::Material>(&owned.what);
        parts.push_back({medium ? tr("%1, %2").arg(name, wording::kindWord(medium->kind)) : name,
                         boxOf(placed.thing).translated(viewport()->pos()), selected_.contains(placed.thing)});
    }
    return parts;
}

void DrawerView::choosePart(int part) {
    select({placed_[std::size_t(part)].thing});
}

int DrawerView::columnCount() const {
    return std::max(1, (viewport()->width() - gap) / leastWidth);
}

void DrawerView::layOut() {
    placed_.clear();
    heads_.clear();
    const int room = viewport()->width() - gap, columns = columnCount(), cellWidth = room / columns;
    int y = 0;
    for (const Section& section : sections_) {
        heads_.push_back({tr("%1 (%2)").arg(section.head).arg(section.things.size()), y});
        y += headHeight;
        for (std::size_t n = 0; n < section.things.size(); ++n)
            placed_.push_back(
                {section.things[n], QRect(gap + int(n) % columns * cellWidth, y + int(n) / columns * cellHeight,
                                          cellWidth - gap, cellHeight - gap)});
        y += (int(section.things.size()) + columns - 1) / columns * cellHeight + gap;
    }
    verticalScrollBar()->setRange(0, std::max(0, y - viewport()->height()));
    verticalScrollBar()->setPageStep(viewport()->height());
    verticalScrollBar()->setSingleStep(cellHeight / 2);
}

QRect DrawerView::boxOf(int thing) const {
    for (const Placed& placed : placed_)
        if (placed.thing == thing) return placed.box.translated(0, -verticalScrollBar()->value());
    return {};
}

void DrawerView::resizeEvent(QResizeEvent*) {
    layOut();
}

void DrawerView::paintEvent(QPaintEvent* event) {
    QPainter painter(viewport());
    painter.fillRect(event->rect(), theme().panel);
    const int top = verticalScrollBar()->value();
    painter.translate(0, -top);
    painter.setPen(theme().ink);
    painter.setFont(drawing::font(drawing::TypeSize::text, true));
    for (const Head& head : heads_)
        painter.drawText(QRect(gap, head.y, viewport()->width(), headHeight - 4), Qt::AlignLeft | Qt::AlignBottom,
                         head.words);
    const QRect visible = event->rect().translated(0, top);
    for (const Placed& placed : placed_)
        if (placed.box.intersects(visible))
            paintThing(painter, (*things_)[std::size_t(placed.thing)], placed.box, selected_.contains(placed.thing));
    if (placed_.empty()) {
        painter.setPen(theme().quiet);
        painter.setFont(drawing::font(drawing::TypeSize::text));
        painter.drawText(QRect(0, top, viewport()->width(), viewport()->height()), Qt::AlignCenter,
                         tr("Nothing in the drawer is like that."));
    }
}

void DrawerView::paintThing(QPainter& painter, const materials::Owned& owned, const QRect& box, bool isSelected) const {
    const QRectF shape(box.left() + 3, box.top() + 3, 50, 20);
    paintShape(painter, shape, owned);
    const auto* medium = std::get_if<materials::Material>(&owned.what);
    painter.setRenderHint(QPainter::Antialiasing);
    if (medium && !medium->hazards.empty()) {
        painter.setPen(QPen(theme().ink, 1.4));
        painter.setBrush(Qt::NoBrush);
        const QPointF at(shape.right() + 10, shape.center().y());
        painter.drawPolygon(QPolygonF({at + QPointF(-6, 5), at + QPointF(6, 5), at + QPointF(0, -5)}));
    }
    if (owned.stock != materials::Stock::full) {  // what is left of it, as a bar
        const QRectF bar(shape.right() + 22, shape.center().y() - 2, 24, 4);
        painter.setPen(QPen(theme().quiet, 0.8));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(bar);
        painter.fillRect(QRectF(bar.left(), bar.top(), bar.width() * materials::leftOf(owned), bar.height()),
                         theme().quiet);
    }
    painter.setPen(owned.stock == materials::Stock::usedUp ? theme().quiet : theme().ink);
    QFont font = drawing::font(drawing::TypeSize::small);
    font.setStrikeOut(owned.stock == materials::Stock::usedUp);
    painter.setFont(font);
    painter.drawText(QRectF(box.left() + 3, shape.bottom() + 3, box.width() - 4, box.bottom() - shape.bottom() - 3),
                     Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, QString::fromStdString(materials::nameOf(owned)));
    if (isSelected) drawing::paintSelection(painter, box);
}

void DrawerView::mousePressEvent(QMouseEvent* event) {
    const QPoint at = event->position().toPoint() + QPoint(0, verticalScrollBar()->value());
    const auto hit = std::ranges::find_if(placed_, [&](const Placed& placed) { return placed.box.contains(at); });
    std::set<int> next = selected_;
    if (hit == placed_.end()) {
        next.clear();
    } else if (event->modifiers() & Qt::ControlModifier) {
        if (!next.erase(hit->thing)) next.insert(hit->thing);
    } else if (event->modifiers() & Qt::ShiftModifier) {
        auto from = std::ranges::find(placed_, current_, &Placed::thing), to = hit;
        if (from == placed_.end()) from = hit;
        if (from > to) std::swap(from, to);
        for (auto it = from; it <= to; ++it) next.insert(it->thing);
    } else {
        next = {hit->thing};
    }
    if (hit != placed_.end() && !(event->modifiers() & Qt::ShiftModifier)) current_ = hit->thing;
    select(next);
}

void DrawerView::mouseDoubleClickEvent(QMouseEvent* event) {
    mousePressEvent(event);
    if (selected_.size() == 1) Q_EMIT opened(*selected_.begin());
}

void DrawerView::keyPressEvent(QKeyEvent* event) {
    const int columns = columnCount();
    const bool extend = event->modifiers() & Qt::ShiftModifier;
    if (event->matches(QKeySequence::SelectAll)) {
        std::set<int> all;
        for (const Placed& placed : placed_) all.insert(placed.thing);
        return select(all);
    }
    switch (event->key()) {
        case Qt::Key_Return:
        case Qt::Key_Enter:
            if (!selected_.empty()) Q_EMIT opened(*selected_.begin());
            return;
        case Qt::Key_Right:
            return moveBy(1, extend);
        case Qt::Key_Left:
            return moveBy(-1, extend);
        case Qt::Key_Down:
            return moveBy(columns, extend);
        case Qt::Key_Up:
            return moveBy(-columns, extend);
        default:
            QAbstractScrollArea::keyPressEvent(event);
    }
}

void DrawerView::moveBy(int step, bool extend) {
    if (placed_.empty()) return;
    const auto at = std::ranges::find(placed_, current_, &Placed::thing);
    const auto place = at == placed_.end() ? 0
                                           : std::clamp<std::ptrdiff_t>(at - placed_.begin() + step, 0,
                                                                        std::ptrdiff_t(placed_.size()) - 1);
    const Placed& next = placed_[std::size_t(place)];
    current_ = next.thing;
    std::set<int> things = extend ? selected_ : std::set<int>{};
    things.insert(next.thing);
    auto* bar = verticalScrollBar();
    bar->setValue(
        std::clamp(bar->value(), next.box.bottom() + gap - viewport()->height(), next.box.top() - headHeight));
    select(things);
}

}  // namespace app

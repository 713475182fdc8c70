#include "app/paper/offcuts_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/pictures.h"
#include "drawing/shapes.h"
#include "planning/offcuts.h"
#include "rendering/sheet_picture.h"

namespace app {

namespace {

/// Three groups side by side, each dark, medium and light.
void paintSwatches(QPainter& painter, const QRectF& piece, const QList<QImage>& swatches) {
    constexpr double margin = 7, gap = 9;
    constexpr int groups = int(planning::offcutKinds.size());
    const double width = (piece.width() - 2 * margin - (groups - 1) * gap) / groups;
    for (int i = 0; i < int(swatches.size()); ++i) {
        const int group = i / 3, value = i % 3;
        const QRectF place(piece.left() + margin + group * (width + gap) + value * width / 3, piece.top() + 7,
                           width / 3 - 1, piece.height() - 20);
        if (!swatches[i].isNull()) painter.drawImage(place, swatches[i]);
    }
}

}  // namespace

OffcutsView::OffcutsView() {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Offcuts"));
    setMinimumHeight(190);
}

void OffcutsView::show(std::shared_ptr<const planning::Plan> plan, const materials::Library& library,
                       std::vector<materials::Paper> papers, std::size_t atHand, bool isJudged,
                       const std::string& looked) {
    looked_ = looked;
    isJudged_ = isJudged;
    atHand_ = atHand;
    if (plan != plan_ || papers != papers_) {
        plan_ = std::move(plan);
        papers_ = std::move(papers);
        makeSwatches(library);
    }
    tellOfParts(*this);
    update();
}

std::vector<DrawnPart> OffcutsView::drawnParts() const {
    std::vector<DrawnPart> parts;
    for (int i = 0; i < int(papers_.size()); ++i)
        parts.push_back({wordsFor(i), boxOf(i).toRect(), papers_[std::size_t(i)].id == looked_});
    return parts;
}

void OffcutsView::choosePart(int part) {
    onLooked(papers_[std::size_t(part)].id);
}

void OffcutsView::mousePressEvent(QMouseEvent* event) {
    if (const int i = offcutAt(event->position()); i >= 0) onLooked(papers_[std::size_t(i)].id);
}

void OffcutsView::mouseDoubleClickEvent(QMouseEvent* event) {
    if (const int i = offcutAt(event->position()); i >= 0) onTaken(papers_[std::size_t(i)].id);
}

void OffcutsView::keyPressEvent(QKeyEvent* event) {
    const bool isLooked = std::ranges::find(papers_, looked_, &materials::Paper::id) != papers_.end();
    if (event->key() == Qt::Key_Return && isLooked) return onTaken(looked_);
    if (!goOn(*this, *event, columns())) QWidget::keyPressEvent(event);
}

void OffcutsView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    for (int i = 0; i < int(papers_.size()); ++i) {
        const materials::Paper& paper = papers_[std::size_t(i)];
        const QRectF box = boxOf(i);
        const QRectF piece(box.left(), box.top(), box.width(), box.height() - 21);
        drawing::paintOffcut(painter, piece, paper, unsigned(i) * 7 + 3);
        paintSwatches(painter, piece, swatches_[i]);
        if (paper.id == looked_) drawing::paintSelection(painter, piece.adjusted(2, 2, -2, -2));
        painter.setPen(theme().ink);
        painter.setFont(drawing::font(drawing::TypeSize::small, plan_ && paper.id == plan_->paper.id));
        painter.drawText(QRectF(box.left(), box.bottom() - 19, box.width(), 18), Qt::AlignLeft | Qt::AlignVCenter,
                         painter.fontMetrics().elidedText(wordsFor(i), Qt::ElideRight, int(box.width())));
    }
}

QString OffcutsView::wordsFor(int i) const {
    const materials::Paper& paper = papers_[std::size_t(i)];
    const QString name = QString::fromStdString(paper.name);
    if (std::size_t(i) >= atHand_) return tr("to buy: %1").arg(name);
    const QString words = isJudged_ ? tr("%1. %2").arg(i + 1).arg(name) : name;
    return plan_ && paper.id == plan_->paper.id ? tr("%1 · set").arg(words) : words;
}

QRectF OffcutsView::boxOf(int i) const {
    const int rows = (int(papers_.size()) + columns() - 1) / columns();
    const double w = double(width()) / columns();
    const double h = double(height()) / std::max(1, rows);
    const int row = i / columns(), column = i % columns();
    return {w * column, h * row, w - 12, h - 4};
}

int OffcutsView::offcutAt(const QPointF& position) const {
    for (int i = 0; i < int(papers_.size()); ++i)
        if (boxOf(i).contains(position)) return i;
    return -1;
}

/// The same sticks on every paper, one medium layer each.
void OffcutsView::makeSwatches(const materials::Library& library) {
    swatches_.clear();
    if (!plan_) return;
    const planning::OffcutStrokes strokes = planning::offcutStrokes(*plan_, library.media);
    const cv::Mat spot(56, 26, CV_32S, cv::Scalar(0));
    for (const materials::Paper& paper : papers_) {
        QList<QImage> images;
        const cv::Mat grain = rendering::grainMap(paper.surface, spot.size(), 0.35);
        for (const auto& group : strokes)
            for (const planning::OffcutStroke& stroke : group) {
                if (stroke.medium < 0) {
                    images << QImage();
                    continue;
                }
                const pigment::Pigment pigment = pigment::pigmentOf(library.media[std::size_t(stroke.medium)]);
                pigment::Patch patch = pigment::barePatch(paper);
                pigment::lay(patch, {&pigment, stroke.manner, pigment::Pressure::medium});
                images << drawing::imageOf(rendering::sheetPicture(spot, {{patch, {}}}, {}, grain, plan_->light));
            }
        swatches_ << images;
    }
}

}  // namespace app

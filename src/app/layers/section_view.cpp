#include "app/layers/section_view.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QToolTip>
#include <algorithm>
#include <cmath>

#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "wording/counts.h"
#include "wording/sentences.h"

namespace app {

namespace {

constexpr double side = 16, wordsHeight = 18;
constexpr int columns = 420;

}  // namespace

SectionView::SectionView(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Section"));
    setAccessibleDescription(tr("Left and right choose an area"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumHeight(140);
}

void SectionView::setPlan(std::shared_ptr<const planning::Plan> plan, const std::optional<subject::Line>& line) {
    plan_ = std::move(plan);
    isAlongLine_ = line.has_value();
    if (plan_)
        section_ = drawing::Section(
            *plan_, line ? planning::sectionAlong(*plan_, *line, columns) : planning::sectionOf(*plan_, columns));
    else
        section_ = drawing::Section();
    update();
}

void SectionView::show(int steps, int selected) {
    steps_ = steps;
    selected_ = selected;
    tellOfParts(*this);
    update();
}

std::vector<DrawnPart> SectionView::drawnParts() const {
    std::vector<DrawnPart> parts;
    if (!plan_) return parts;
    for (const drawing::Section::Run& run : section_.runs(box())) {
        const planning::PlannedStack& stack = plan_->stacks[std::size_t(run.stack)];
        parts.push_back(
            {tr("%1, %2").arg(wording::stackName(*plan_, run.stack), wording::layerCount(int(stack.layers.size()))),
             run.place.toRect(), run.stack == selected_});
    }
    return parts;
}

void SectionView::choosePart(int part) {
    onChosen(section_.runs(box())[std::size_t(part)].stack);
}

void SectionView::keyPressEvent(QKeyEvent* event) {
    if (!goOn(*this, *event)) QWidget::keyPressEvent(event);
}

QRectF SectionView::box() const {
    return QRectF(side, 4, width() - 2 * side, height() - wordsHeight - 6);
}

QString SectionView::wordsAt(const QPointF& position) const {
    const drawing::Section::Hit hit = plan_ ? section_.at(box(), position, steps_) : drawing::Section::Hit{};
    if (!hit.column) return {};
    QString area = wording::stackName(*plan_, hit.column->stack);
    if (!hit.layer) return area;
    const QString inHand = wording::inHandWords(*plan_, plan_->steps[std::size_t(hit.layer->step - 1)]);
    return tr("%1, step %2: %3. The tooth is %4 % full then.")
        .arg(area)
        .arg(hit.layer->step)
        .arg(inHand)
        .arg(std::lround(hit.layer->toothAfter * 100));
}

bool SectionView::event(QEvent* event) {
    if (event->type() != QEvent::ToolTip) return QWidget::event(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    QToolTip::showText(help->globalPos(), wordsAt(help->pos()), this);
    return true;
}

void SectionView::mousePressEvent(QMouseEvent* event) {
    const drawing::Section::Hit hit = plan_ ? section_.at(box(), event->position(), steps_) : drawing::Section::Hit{};
    onChosen(hit.column ? hit.column->stack : -1);
}

void SectionView::paintEvent(QPaintEvent*) {
    if (!plan_) return;
    QPainter painter(this);
    painter.setPen(theme().ink);
    painter.setFont(drawing::font(drawing::TypeSize::small));
    section_.paint(painter, box(), steps_, selected_);
    if (hasFocus()) drawing::paintSelection(painter, QRectF(rect()).adjusted(1, 1, -2, -2), 1);
    painter.setPen(theme().quiet);
    const QRectF words(side, height() - wordsHeight, width() - 2 * side, wordsHeight);
    painter.drawText(words, Qt::AlignLeft, isAlongLine_ ? tr("where the line begins") : tr("darkest area"));
    painter.drawText(words, Qt::AlignRight, isAlongLine_ ? tr("where it ends") : tr("lightest area"));
}

}  // namespace app

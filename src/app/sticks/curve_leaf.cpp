#include "app/sticks/curve_leaf.h"

#include <QDoubleSpinBox>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <algorithm>
#include <cmath>

#include "app/widgets/fields.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "wording/sentences.h"

namespace app {

namespace {

constexpr double pointRadius = 5, reach = 14;
/// Differences are told with one figure after the point.
constexpr double halfATenth = 0.05;
constexpr double leftRoom = 72, bottomRoom = 40, topRoom = 44;

}  // namespace

CurveLeaf::CurveLeaf(Session& session) : session_(session), trials_(session) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Picture difference by the number of sticks"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    auto* row = new QHBoxLayout;
    within_ = new QDoubleSpinBox;
    within_->setToolTip(tr("How much farther off than with all sticks the sheet may be."));
    within_->setRange(0.3, 20);
    within_->setSingleStep(0.1);
    within_->setDecimals(1);
    within_->setValue(1.5);
    within_->setSuffix(tr(" ΔE00"));
    addField(row, tr("As few as keep it within"), within_);
    fewest_ = new QPushButton(tr("No number does"));
    fewest_->setToolTip(tr("Takes the least number of sticks that stays within this."));
    row->addWidget(fewest_);
    row->addStretch(1);
    column->addLayout(row);
    column->addStretch(1);
    connect(within_, &QDoubleSpinBox::valueChanged, this, &CurveLeaf::showCurve);
    connect(fewest_, &QPushButton::clicked, this,
            [this] { take(planning::fewestWithin(curve_, within_->value() + halfATenth)); });
    connect(&trials_, &StudyTrials::triedOne, this, &CurveLeaf::showCurve);
    connect(&trials_, &StudyTrials::said, this, &CurveLeaf::said);
}

void CurveLeaf::take(int sticks) {
    if (sticks < 0) return;
    looked_ = sticks;
    session_.choose(
        tr("Number of sticks"), [&](planning::Study& study) { study.stickLimit = sticks; }, QStringLiteral("sticks"));
}

void CurveLeaf::showCurve() {
    curve_.clear();
    isWhole_ = true;
    for (const int count : planning::curveCounts()) {
        const planning::PlanOutcome* outcome = trials_.outcomeOf(planning::withSticks(session_.study(), count));
        if (!outcome && count == session_.study().stickLimit && session_.isPlanCurrent()) {
            curve_.push_back({count, session_.plan()->summary.picture.mean});
            continue;
        }
        if (!outcome) {
            isWhole_ = false;
            continue;
        }
        curve_.push_back({count, outcome->difference});
        // More are not taken up.
        if (outcome->sticks < count) break;
    }
    const int fewest = planning::fewestWithin(curve_, within_->value() + halfATenth);
    fewest_->setText(fewest > 0 ? tr("Take %n sticks", nullptr, fewest) : tr("No number does"));
    fewest_->setEnabled(fewest > 0 && fewest != session_.study().stickLimit);
    update();
    Q_EMIT looksDifferent();
}

void CurveLeaf::refresh() {
    if (!isVisible()) return trials_.stop();
    std::vector<planning::Study> studies;
    for (const int count : planning::curveCounts())
        if (count != session_.study().stickLimit) studies.push_back(planning::withSticks(session_.study(), count));
    trials_.tryOut(studies);
    showCurve();
}

void CurveLeaf::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

void CurveLeaf::hideEvent(QHideEvent* event) {
    QWidget::hideEvent(event);
    trials_.stop();
}

QRectF CurveLeaf::room() const {
    return QRectF(rect()).adjusted(leftRoom, topRoom, -measure::edge, -bottomRoom);
}

int CurveLeaf::mostSticks() const {
    return isWhole_ && !curve_.empty() ? curve_.back().sticks : planning::curveCounts().back();
}

double CurveLeaf::mostDifference() const {
    double most = 2;
    for (const planning::PalettePoint& point : curve_) most = std::max(most, point.difference);
    return std::ceil(most);
}

QPointF CurveLeaf::placeOf(int sticks) const {
    const int least = planning::curveCounts().front(), most = mostSticks();
    const QRectF box = room();
    const auto at = std::ranges::find(curve_, sticks, &planning::PalettePoint::sticks);
    const double difference = at == curve_.end() ? 0 : at->difference;
    return {box.left() + box.width() * (sticks - least) / double(most - least),
            box.bottom() - box.height() * difference / mostDifference()};
}

void CurveLeaf::mousePressEvent(QMouseEvent* event) {
    for (const planning::PalettePoint& point : curve_)
        if (std::fabs(placeOf(point.sticks).x() - event->position().x()) < reach) return take(point.sticks);
}

void CurveLeaf::keyPressEvent(QKeyEvent* event) {
    const int step = event->key() == Qt::Key_Right ? 1 : event->key() == Qt::Key_Left ? -1 : 0;
    if (event->key() == Qt::Key_Return) return take(looked_);
    if (step == 0 || curve_.empty()) return QWidget::keyPressEvent(event);
    const int from = looked_ < 0 ? session_.study().stickLimit : looked_;
    const auto at = std::ranges::find(curve_, from, &planning::PalettePoint::sticks);
    const auto next =
        at == curve_.end() ? 0 : std::clamp<std::ptrdiff_t>(at - curve_.begin() + step, 0, std::ssize(curve_) - 1);
    looked_ = curve_[std::size_t(next)].sticks;
    update();
    Q_EMIT looksDifferent();
}

void CurveLeaf::paintEvent(QPaintEvent*) {
    const Theme& t = theme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(drawing::font(drawing::TypeSize::small));
    const QRectF box = room();
    const int most = int(mostDifference());
    const int apart = (most + 5) / 6;
    for (int level = 0; level <= most; level += apart) {
        const double y = box.bottom() - box.height() * level / most;
        painter.setPen(QPen(t.line, 1));
        painter.drawLine(QPointF(box.left(), y), QPointF(box.right(), y));
        painter.setPen(t.quiet);
        painter.drawText(QRectF(0, y - 9, leftRoom - 8, 18), Qt::AlignRight | Qt::AlignVCenter,
                         tr("%1 ΔE00").arg(level));
    }
    for (const int count : planning::curveCounts())
        if (count <= mostSticks())
            painter.drawText(QRectF(placeOf(count).x() - 20, box.bottom() + 4, 40, 16), Qt::AlignCenter,
                             QString::number(count));
    painter.drawText(QRectF(box.left(), box.bottom() + 20, box.width(), 16), Qt::AlignCenter,
                     isWhole_ ? tr("sticks at most") : tr("sticks at most; more numbers are being tried"));
    painter.setPen(QPen(t.ink, 1.4));
    for (std::size_t i = 1; i < curve_.size(); ++i)
        painter.drawLine(placeOf(curve_[i - 1].sticks), placeOf(curve_[i].sticks));
    const int knee = isWhole_ ? planning::kneeOf(curve_) : -1;
    for (const planning::PalettePoint& point : curve_) {
        const QPointF place = placeOf(point.sticks);
        const int limit = session_.study().stickLimit;
        const bool isTaken = isWhole_ ? point.sticks == std::min(limit, mostSticks()) : point.sticks == limit;
        painter.setBrush(isTaken ? t.ink : t.panel);
        painter.setPen(QPen(t.ink, 1.4));
        painter.drawEllipse(place, pointRadius, pointRadius);
        if (point.sticks == knee)
            painter.drawText(QRectF(place.x() + 8, place.y() - 26, 220, 18), Qt::AlignLeft | Qt::AlignVCenter,
                             tr("from here on more gain little"));
        if (point.sticks == looked_) drawing::paintSelection(painter, QRectF(place.x() - 9, place.y() - 9, 18, 18));
    }
}

MarginText CurveLeaf::margin() const {
    MarginText text;
    text.head = tr("How many sticks");
    text.paragraphs << tr("Each point is a whole plan with so many sticks at most. Click one to take that number.");
    const auto at =
        std::ranges::find(curve_, looked_ < 0 ? session_.study().stickLimit : looked_, &planning::PalettePoint::sticks);
    if (at != curve_.end())
        text.paragraphs << tr("With at most %n sticks the finished sheet is %1 (%2).", nullptr, at->sticks)
                               .arg(wording::nearnessWords(at->difference), wording::differenceFigure(at->difference));
    if (!isWhole_) return text;
    if (const int knee = planning::kneeOf(curve_); knee > 0)
        text.why << tr("The curve bends at %1: below it every stick counts, above it more gain little.").arg(knee);
    if (!curve_.empty() && curve_.back().sticks < planning::curveCounts().back())
        text.why << tr("More than %1 are not taken up: what they gain is less than what picking them up costs.")
                        .arg(curve_.back().sticks);
    return text;
}

}  // namespace app

#include "app/layers/layers_station.h"

#include <QAction>
#include <QComboBox>
#include <QPushButton>
#include <QSpinBox>
#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>

#include "app/area_choice.h"
#include "app/layers/changes_sheet.h"
#include "app/layers/stack_sheet.h"
#include "app/widgets/fields.h"
#include "app/widgets/theme.h"
#include "drawing/pictures.h"
#include "planning/evenings.h"
#include "planning/own_stacks.h"
#include "planning/stage_picture.h"
#include "wording/approach.h"
#include "wording/choosing.h"
#include "wording/counts.h"
#include "wording/moves.h"
#include "wording/sentences.h"

namespace app {

LayersStation::LayersStation(Desk& desk)
    : Station(desk, tr("The section"), tr("layers from the paper up")), trials_(session_) {
    connect(&trials_, &StudyTrials::triedOne, this, &LayersStation::looksDifferent);
    connect(&trials_, &StudyTrials::said, &desk_, &Desk::said);
    approach_ = new ApproachLeaf(session_);
    leaves_ = new Leaves;
    leaves_->addLeaf(choices_, tr("Section"), tr("The cut through the sheet, and its steps in time"),
                     makeSectionLeaf());
    leaves_->addLeaf(choices_, tr("Approach"), tr("How you go about it, and what another way would change"), approach_);
    body_->addWidget(leaves_, 1);
    connect(approach_, &ApproachLeaf::looksDifferent, this, &LayersStation::looksDifferent);
    connect(approach_, &ApproachLeaf::said, &desk_, &Desk::said);
    connect(leaves_, &QStackedWidget::currentChanged, this, [this] {
        refresh();
        Q_EMIT looksDifferent();
    });
    detail_ = new QComboBox;
    detail_->setToolTip(tr("How small the marks may be: finer ones come nearer and take longer."));
    for (const auto detail : {planning::Detail::suggest, planning::Detail::usual, planning::Detail::fine})
        detail_->addItem(wording::detailWord(detail));
    addField(choices_, tr("Detail"), detail_);
    draw_ = new QPushButton(tr("Cut along a line"));
    draw_->setCheckable(true);
    draw_->setToolTip(tr("Draw a line over the subject: the section then runs along it."));
    whole_ = new QPushButton(tr("Cut the whole sheet"));
    whole_->setToolTip(tr("The cut goes through all areas again, from dark to light."));
    choices_->addWidget(draw_);
    choices_->addWidget(whole_);
    section_->onChosen = [this](int stack) { select(stack == selected_ ? -1 : stack); };
    connect(scrubber_, &Scrubber::stepChanged, this, [this](int step) {
        isInHand_ = true;
        section_->show(step, selected_);
        showHandwork();
        Q_EMIT looksDifferent();
    });
    connect(detail_, &QComboBox::activated, this, [this](int index) {
        session_.choose(tr("Detail"), [&](planning::Study& study) { study.detail = planning::Detail(index); });
    });
    connect(draw_, &QPushButton::toggled, this, [this] { Q_EMIT looksDifferent(); });
    connect(whole_, &QPushButton::clicked, this, [this] { cutAlong(std::nullopt); });
    whole_->setEnabled(false);
}

QWidget* LayersStation::makeSectionLeaf() {
    auto* leaf = new QWidget;
    auto* column = new QVBoxLayout(leaf);
    column->setContentsMargins(0, 0, 0, 0);
    section_ = new SectionView;
    scrubber_ = new Scrubber;
    column->addWidget(section_, 1);
    column->addWidget(scrubber_);
    auto* row = new FlowRow;
    evening_ = wholeNumber(int(planning::eveningBounds.least), int(planning::eveningBounds.most), tr(" min"));
    evening_->setToolTip(
        tr("How long you work at a stretch: the steps are cut so that nothing wet or half blended is left."));
    evening_->setSingleStep(15);
    evening_->setSpecialValueText(tr("any length"));
    evening_->setMinimumWidth(evening_->sizeHint().width() + measure::inset);
    addField(row, tr("Evenings of"), evening_);
    endHere_ = new QPushButton(tr("End an evening after this step"));
    endHere_->setCheckable(true);
    row->addWidget(endHere_);
    row->addStretch();
    change_ = new QPushButton(tr("Change its layers"));
    change_->setToolTip(tr("Sets the layers of the area that is selected."));
    row->addWidget(change_);
    setBack_ = new QPushButton(tr("Set it back"));
    setBack_->setToolTip(tr("Leaves the layers of the area, or the time of the step, to the plan again."));
    row->addWidget(setBack_);
    changes_ = new QPushButton;
    changes_->setToolTip(tr("All that you have set by hand, each to be set back."));
    row->addWidget(changes_);
    column->addLayout(row);
    connect(change_, &QPushButton::clicked, this, &LayersStation::changeLayers);
    connect(setBack_, &QPushButton::clicked, this, &LayersStation::setItBack);
    connect(changes_, &QPushButton::clicked, this, [this] {
        auto* sheet = new ChangesSheet(this, session_);
        sheet->setAttribute(Qt::WA_DeleteOnClose);
        sheet->open();
    });
    scrubber_->roomOf = [this](int step) { return roomOf(step); };
    connect(scrubber_, &Scrubber::dragged, this, &LayersStation::looksDifferent);
    connect(scrubber_, &Scrubber::dropped, this, &LayersStation::moveTo);
    const auto addMove = [this](const QString& words, int key, int by) {
        auto* action = new QAction(words, this);
        action->setShortcut(QKeySequence(Qt::CTRL | Qt::Key(key)));
        connect(action, &QAction::triggered, this, [this, by] { moveByOne(by); });
        addAction(action);
        return action;
    };
    earlier_ = addMove(tr("Lay this step earlier"), Qt::Key_Left, -1);
    later_ = addMove(tr("Lay this step later"), Qt::Key_Right, 1);
    connect(evening_, &QSpinBox::valueChanged, this, [this](int minutes) {
        session_.choose(
            tr("Evenings"), [&](planning::Study& study) { study.eveningMinutes = minutes; },
            QStringLiteral("evenings"));
    });
    connect(endHere_, &QPushButton::clicked, this, &LayersStation::endEveningHere);
    return leaf;
}

bool LayersStation::isSet(int stack) const {
    const auto plan = session_.plan();
    return planning::ownStackOf(*plan, session_.study(), stack) ||
           !planning::barredFrom(*plan, session_.study(), stack).empty();
}

bool LayersStation::isSetByHand() const {
    const auto plan = session_.plan();
    return plan && selected_ >= 0 && isSet(selected_);
}

std::vector<planning::LayerPlace> LayersStation::movedInStep() const {
    const auto plan = session_.plan();
    const int at = scrubber_->step();
    if (!plan || at == 0 || selected_ >= 0) return {};
    return planning::movedIn(*plan, session_.study(), plan->steps[std::size_t(at - 1)]);
}

std::optional<planning::TimeRoom> LayersStation::roomOf(int step) const {
    const auto plan = session_.plan();
    if (!plan || step < 1) return std::nullopt;
    const auto ofSelected = planning::roomInTime(*plan, session_.study(), step, selected_);
    return ofSelected ? ofSelected : planning::roomInTime(*plan, session_.study(), step);
}

void LayersStation::moveTo(const planning::TimeRoom& room, int after) {
    const auto plan = session_.plan();
    const planning::LayerPlace first = room.layers.front();
    followed_ = plan->stacks[std::size_t(first.stack)].layers[std::size_t(first.layer)].key;
    changesBefore_ = plan->summary.stickChanges;
    session_.choose(tr("Layers moved in time"),
                    [&](planning::Study& study) { planning::moveInTime(study, *plan, room, after); });
}

void LayersStation::moveByOne(int by) {
    const int step = scrubber_->step();
    const auto room = roomOf(step);
    if (!room) return;
    const int after = by < 0 ? step - 2 : step + 1;
    if (after >= room->earliest && after <= room->latest) return moveTo(*room, after);
    const QStringList sentences = wording::roomSentences(*session_.plan(), *room);
    Q_EMIT desk_.said(by < 0 || sentences.size() < 2 ? sentences.front() : sentences.back());
}

void LayersStation::setItBack() {
    const auto plan = session_.plan();
    if (const std::vector<planning::LayerPlace> moved = movedInStep(); !moved.empty())
        session_.choose(tr("Time left to the approach"),
                        [&](planning::Study& study) { planning::leaveTimeOpen(study, *plan, moved); });
    else
        setStack(std::nullopt);
}

planning::Study LayersStation::leftToThePlan() const {
    planning::Study study = withoutStack();
    for (planning::AreaChoice& choice : study.areaChoices)
        if (stackAt({choice.x, choice.y}) == selected_) choice.barred.clear();
    return study;
}

planning::Study LayersStation::withoutStack() const {
    planning::Study study = session_.study();
    for (planning::AreaChoice& choice : study.areaChoices)
        if (stackAt({choice.x, choice.y}) == selected_) choice.stack.reset();
    return study;
}

void LayersStation::changeLayers() {
    const auto plan = session_.plan();
    if (!plan || selected_ < 0) return;
    auto* sheet = new StackSheet(this, plan, session_.study(), session_.library(), selected_);
    sheet->setAttribute(Qt::WA_DeleteOnClose);
    connect(sheet, &StackSheet::taken, this, &LayersStation::setStack);
    connect(sheet, &StackSheet::barred, this, &LayersStation::barHere);
    sheet->open();
}

void LayersStation::chooseHere(const QString& what, planning::Study changed,
                               const std::function<void(planning::AreaChoice&)>& change) {
    const auto plan = session_.plan();
    if (!plan || selected_ < 0) return;
    const subject::Areas& areas = plan->reading->areas;
    change(toSayOf(changed, areas, placeIn(areas, plan->stacks[std::size_t(selected_)].areas.front())));
    session_.choose(what, [&](planning::Study& study) { study = changed; });
}

void LayersStation::setStack(const std::optional<planning::OwnStack>& stack) {
    if (!session_.plan() || selected_ < 0) return;
    chooseHere(stack ? tr("Layers set by hand") : tr("Layers left to the plan"),
               stack ? withoutStack() : leftToThePlan(), [&](planning::AreaChoice& choice) { choice.stack = stack; });
}

void LayersStation::barHere(const std::string& stick) {
    // Layers that are set by hand may be of it: the plan finds others.
    chooseHere(tr("Stick barred from an area"), withoutStack(),
               [&](planning::AreaChoice& choice) { choice.barred.push_back({stick}); });
}

void LayersStation::endEveningHere() {
    const auto plan = session_.plan();
    if (!plan || scrubber_->step() == 0) return;
    const planning::EveningEnd end{plan->steps[std::size_t(scrubber_->step() - 1)].key};
    session_.choose(tr("End of an evening"), [&](planning::Study& study) {
        if (std::erase(study.eveningEnds, end) == 0) study.eveningEnds.push_back(end);
    });
}

void LayersStation::showHandwork() {
    const planning::Study& study = session_.study();
    showValue(evening_, study.eveningMinutes);
    const auto plan = session_.plan();
    const int at = scrubber_->step();
    const bool isInside = plan && at > 0 && at < int(plan->steps.size());
    const bool isSafe = isInside && planning::safeStops(*plan, study)[std::size_t(at)];
    const bool isAsked = isInside && std::ranges::count(study.eveningEnds,
                                                        planning::EveningEnd{plan->steps[std::size_t(at - 1)].key}) > 0;
    change_->setEnabled(plan && selected_ >= 0);
    setBack_->setEnabled(isSetByHand() || !movedInStep().empty());
    const bool mayMove = isVisible() && leaves_->currentWidget() != approach_ && roomOf(at).has_value();
    earlier_->setEnabled(mayMove);
    later_->setEnabled(mayMove);
    const std::size_t changes = plan ? ownChanges(*plan, study, session_.library()).size() : 0;
    changes_->setText(tr("All you set (%1)").arg(changes));
    changes_->setEnabled(changes > 0);
    if (isVisible() && isSetByHand())
        trials_.tryOut({leftToThePlan()});
    else
        trials_.stop();
    endHere_->setEnabled(study.eveningMinutes > 0 && (isSafe || isAsked));
    endHere_->setChecked(isAsked);
    endHere_->setToolTip(isInside && !isSafe ? tr("Something is wet or half blended after this step.")
                                             : tr("You stop after the step that is shown."));
}

void LayersStation::cutAlong(const std::optional<subject::Line>& line) {
    line_ = line;
    whole_->setEnabled(line_.has_value());
    if (!line_) draw_->setChecked(false);
    section_->setPlan(shown_, line_);
    showSection();
}

void LayersStation::measure(const QLineF& line) {
    if (line.length() < 0.01) return;
    cutAlong(subject::Line{{line.x1(), line.y1()}, {line.x2(), line.y2()}});
}

void LayersStation::showSection() {
    section_->show(scrubber_->step(), selected_);
    Q_EMIT looksDifferent();
}

void LayersStation::select(int stack) {
    selected_ = stack;
    showSection();
    showHandwork();
}

void LayersStation::forgetStudy() {
    selected_ = -1;
    followed_.clear();
}

void LayersStation::refresh() {
    detail_->setCurrentIndex(static_cast<int>(session_.study().detail));
    const bool isSection = leaves_->currentWidget() != approach_;
    draw_->setVisible(isSection);
    whole_->setVisible(isSection);
    approach_->refresh();
    if (session_.plan() != shown_) takePlan();
    showHandwork();
}

void LayersStation::takePlan() {
    const auto plan = session_.plan();
    const bool wasAtEnd = !shown_ || scrubber_->step() >= int(shown_->steps.size());
    shown_ = plan;
    if (!plan || selected_ >= int(plan->stacks.size())) selected_ = -1;
    section_->setPlan(plan, line_);
    scrubber_->setPlan(plan);
    if (plan && !followed_.empty()) {
        followMoved(*plan);
    } else {
        if (plan) scrubber_->setStep(wasAtEnd ? int(plan->steps.size()) : scrubber_->step());
        if (wasAtEnd) isInHand_ = false;
    }
    section_->show(scrubber_->step(), selected_);
}

/// Stays with the layer that was moved, and tells what that costs.
void LayersStation::followMoved(const planning::Plan& plan) {
    for (const planning::PlannedStack& stack : plan.stacks)
        for (const planning::Layer& layer : stack.layers)
            if (layer.key == followed_) {
                scrubber_->setStep(layer.step);
                const int more = plan.summary.stickChanges - changesBefore_;
                Q_EMIT desk_.said(
                    more == 0  ? tr("It is step %1 now, with as many changes of stick as before.").arg(layer.step)
                    : more > 0 ? tr("It is step %1 now. Changes of stick: %2 more.").arg(layer.step).arg(more)
                               : tr("It is step %1 now. Changes of stick: %2 fewer.").arg(layer.step).arg(-more));
            }
    followed_.clear();
}

QString LayersStation::decided() const {
    const auto plan = session_.plan();
    if (!plan) return tr("not planned yet");
    return tr("%1, %2").arg(wording::stepCount(int(plan->steps.size())), wording::duration(plan->summary.minutes));
}

Views LayersStation::views() const {
    Views views = Station::views();
    const auto plan = session_.plan();
    if (!plan) return views;
    const int step = scrubber_->step();
    views.sheetSteps = step;
    views.sheet = sheetAfter(step);
    views.sheetCaption =
        step == 0 ? tr("Sheet, bare") : tr("Sheet after step %1 of %2").arg(step).arg(plan->steps.size());
    if (step < int(plan->steps.size()))
        views.figure = tr("at the end %1").arg(wording::differenceFigure(plan->summary.picture.mean));
    if (isInHand_ && step > 0) {
        views.subject = drawing::hatchedMap(*plan, plan->steps[std::size_t(step - 1)], mapWidth);
        views.subjectCaption = tr("Where step %1 goes, and how hard").arg(step);
        views.isReference = false;
    }
    if (selected_ >= 0) views.outline = maskOf({selected_});
    if (draw_->isChecked()) views.hand = PicturePair::Hand::line;
    if (line_) {
        Overlay overlay;
        overlay.path = {QPointF(line_->from.x, line_->from.y), QPointF(line_->to.x, line_->to.y)};
        views.overlays.push_back(overlay);
    }
    return views;
}

void LayersStation::point(const QPointF& fraction) {
    const int stack = stackAt(fraction);
    select(stack == selected_ ? -1 : stack);
}

QString LayersStation::introduction() const {
    return tr(
        "The cut through your sheet: each area from dark to light, its layers from the paper "
        "up. Drag the time below it to see each step go on, and where it goes on the subject.");
}

TrialWish LayersStation::trialWish() const {
    const auto plan = session_.plan();
    if (!plan || selected_ < 0) return {};
    const planning::PlannedStack& stack = plan->stacks[std::size_t(selected_)];
    TrialWish wish{{}, plan->paper.id, stack.areas};
    for (const planning::Layer& layer : stack.layers)
        if (layer.stick >= 0) wish.sticks.push_back(plan->sticks[std::size_t(layer.stick)].id);
    return wish;
}

}  // namespace app

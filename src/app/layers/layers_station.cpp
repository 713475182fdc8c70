#include "app/layers/layers_station.h"

#include <QComboBox>
#include <QPushButton>
#include <QSpinBox>
#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>

#include "app/area_choice.h"
#include "app/layers/stack_sheet.h"
#include "app/widgets/fields.h"
#include "app/widgets/theme.h"
#include "drawing/pictures.h"
#include "planning/evenings.h"
#include "planning/own_stacks.h"
#include "planning/stage_picture.h"
#include "wording/approach.h"
#include "wording/choosing.h"
#include "wording/sentences.h"

namespace app {

namespace {

/// Wide enough for the picture on the screen, and cheap to draw at every step.
constexpr int mapWidth = 560;

/// Whether the artist has set a stack's layers, or barred a stick from it.
bool isSet(const planning::Plan& plan, const planning::Study& study, int stack) {
    return planning::ownStackOf(plan, study, stack) || !planning::barredFrom(plan, study, stack).empty();
}

}  // namespace

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
    for (const auto detail : {planning::Detail::suggest, planning::Detail::usual, planning::Detail::fine})
        detail_->addItem(wording::detailWord(detail));
    addField(choices_, tr("Detail"), detail_);
    draw_ = new QPushButton(tr("Cut along a line"));
    draw_->setCheckable(true);
    draw_->setToolTip(tr("Draw a line over the subject: the section then runs along it."));
    whole_ = new QPushButton(tr("Cut the whole sheet"));
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
    setBack_->setToolTip(tr("Leaves the layers of the area to the plan again."));
    row->addWidget(setBack_);
    column->addLayout(row);
    connect(change_, &QPushButton::clicked, this, &LayersStation::changeLayers);
    connect(setBack_, &QPushButton::clicked, this, [this] { setStack(std::nullopt); });
    connect(evening_, &QSpinBox::valueChanged, this, [this](int minutes) {
        session_.choose(
            tr("Evenings"), [&](planning::Study& study) { study.eveningMinutes = minutes; },
            QStringLiteral("evenings"));
    });
    connect(endHere_, &QPushButton::clicked, this, &LayersStation::endEveningHere);
    return leaf;
}

bool LayersStation::isSetByHand() const {
    const auto plan = session_.plan();
    return plan && selected_ >= 0 && isSet(*plan, session_.study(), selected_);
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

QString LayersStation::eveningWords() const {
    const auto plan = session_.plan();
    QStringList evenings;
    for (const planning::Evening& evening : plan->evenings)
        evenings
            << tr("steps %1 to %2 (%3)").arg(evening.first).arg(evening.last).arg(wording::duration(evening.minutes));
    return evenings.isEmpty() ? QString()
                              : tr("Evenings: %1. Each ends with nothing wet and nothing half blended.")
                                    .arg(evenings.join(QStringLiteral("; ")));
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
    setBack_->setEnabled(isSetByHand());
    if (isVisible() && isSetByHand())
        trials_.tryOut({leftToThePlan()});
    else
        trials_.stop();
    endHere_->setEnabled(study.eveningMinutes > 0 && (isSafe || isAsked));
    endHere_->setChecked(isAsked);
    endHere_->setToolTip(isInside && !isSafe ? tr("Something is wet or half blended after this step.") : QString());
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
    if (plan) scrubber_->setStep(wasAtEnd ? int(plan->steps.size()) : scrubber_->step());
    if (wasAtEnd) isInHand_ = false;
    section_->show(scrubber_->step(), selected_);
}

QString LayersStation::decided() const {
    const auto plan = session_.plan();
    if (!plan) return tr("not planned yet");
    return tr("%1 steps, %2").arg(plan->steps.size()).arg(wording::duration(plan->summary.minutes));
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

MarginText LayersStation::stepMargin() const {
    MarginText text;
    const auto plan = session_.plan();
    const int at = scrubber_->step();
    if (!isInHand_ || at == 0) {
        text.head = at == 0 ? tr("The bare sheet") : tr("All layers laid");
        if (at > 0) {
            int layers = 0;
            for (const planning::PlannedStack& stack : plan->stacks) layers += int(stack.layers.size());
            text.paragraphs << tr("The finished sheet is %1.").arg(wording::pictureWords(*plan));
            text.paragraphs << tr("%1 layers of %2 sticks, in %3 steps. With half-closed eyes the difference is %4.")
                                   .arg(layers)
                                   .arg(plan->sticks.size())
                                   .arg(plan->steps.size())
                                   .arg(wording::differenceFigure(plan->summary.squinted.mean));
        }
        QStringList own;
        for (int s = 0; s < int(plan->stacks.size()); ++s)
            if (isSet(*plan, session_.study(), s)) own << wording::stackName(*plan, s);
        if (at > 0 && !own.isEmpty())
            text.paragraphs << tr("Set by hand: %1. Select one to set it back.").arg(own.join(QStringLiteral("; ")));
        if (const QString evenings = at > 0 ? eveningWords() : QString(); !evenings.isEmpty())
            text.paragraphs << evenings;
        text.paragraphs << tr(
            "Move the pointer under the section, or use the arrow keys, to lay the steps down one by one: the subject "
            "then shows where each goes and how hard.");
        text.paragraphs << tr("Click an area in a picture or in the section to read how it is made.");
    } else {
        const planning::Step& step = plan->steps[std::size_t(at - 1)];
        text.head = tr("Step %1: %2").arg(step.number).arg(wording::stageWord(step.stage));
        text.paragraphs << (step.stage == planning::Stage::drawing
                                ? tr("Everything, in a few lines.")
                                : wording::areasNamed(*plan, step.areas) + QStringLiteral("."));
        if (step.layers.size() == 1) {
            const planning::LayerPlace place = step.layers.front();
            const auto& layers = plan->stacks[std::size_t(place.stack)].layers;
            text.paragraphs << tr("Layer %1 of %2 there: %3.")
                                   .arg(place.layer + 1)
                                   .arg(layers.size())
                                   .arg(wording::laidWords(layers[std::size_t(place.layer)]));
        }
        if (const QString fades = wording::runningOutSentence(*plan, step); !fades.isEmpty()) text.paragraphs << fades;
        if (const QString hand = wording::handSentence(*plan, step); !hand.isEmpty()) text.paragraphs << hand;
        for (const planning::Reason& reason : step.why) text.why << wording::reasonSentence(reason);
        if (step.waitMinutes > 0) text.paragraphs << tr("Then wait %1.").arg(wording::duration(step.waitMinutes));
        const double dries = planning::stepsLighterWhenDry(*plan, step);
        if (std::fabs(dries) >= 0.05)
            text.paragraphs << (dries > 0 ? tr("It dries %1 of a step lighter: judge it when it is dry.")
                                          : tr("It dries %1 of a step darker: judge it when it is dry."))
                                   .arg(std::fabs(dries), 0, 'f', 1);
        if (step.tool != planning::Tool::none)
            text.strokes.push_back({materials::Kind::soft,
                                    {},
                                    wording::toolWord(step.tool),
                                    tr("%1, %2").arg(wording::mannerWord(step.manner), wording::duration(step.minutes)),
                                    step.manner,
                                    pigment::Pressure::medium,
                                    false});
        if (step.stick >= 0) {
            const materials::Material& stick = plan->sticks[std::size_t(step.stick)];
            text.listHead = tr("In the hand");
            const auto pressure = step.groundLayer >= 0 ? plan->ground.layers[std::size_t(step.groundLayer)].pressure
                                                        : pigment::Pressure::medium;
            text.strokes.push_back({stick.kind, stick.masstone, QString::fromStdString(stick.name),
                                    tr("%1, %2, %3")
                                        .arg(wording::kindWord(stick.kind), wording::mannerWord(step.manner),
                                             wording::duration(step.minutes)),
                                    step.manner, pressure});
        }
    }
    for (const planning::Note& note : plan->notes)
        if (note.topic == planning::NoteTopic::toothRunsOut) text.cautions << wording::noteSentence(note, *plan);
    return text;
}

MarginText LayersStation::stackMargin() const {
    MarginText text;
    const auto plan = session_.plan();
    const planning::PlannedStack& stack = plan->stacks[std::size_t(selected_)];
    text.head = wording::stackName(*plan, selected_);
    double tooth = 0, worstLight = 0;
    int light = 0;
    for (const planning::Tone& tone : stack.tones) {
        if (tone.share < 0.01 * stack.share) continue;  // touches
        tooth = std::max(tooth, tone.toothUsed);
        for (int i = 0; i < colour::lightCount; ++i)
            if (tone.differenceUnder[std::size_t(i)] - tone.difference > worstLight) {
                worstLight = tone.differenceUnder[std::size_t(i)] - tone.difference;
                light = i;
            }
    }
    text.paragraphs << tr("On the finished sheet it is %1 (%2).")
                           .arg(wording::nearnessWords(stack.pictureDifference),
                                wording::differenceFigure(stack.pictureDifference));
    text.paragraphs << tr("It holds %1 % of the picture. The tooth is at most %2 % full.")
                           .arg(stack.share * 100, 0, 'f', 1)
                           .arg(std::lround(tooth * 100));
    if (isSetByHand()) {
        QStringList barred;
        for (const std::string& id : planning::barredFrom(*plan, session_.study(), selected_)) {
            const auto& media = session_.library().media;
            const auto at = std::ranges::find(media, id, &materials::Material::id);
            barred << QString::fromStdString(at == media.end() ? id : at->name);
        }
        if (!barred.isEmpty()) text.paragraphs << tr("Not to be laid here: %1.").arg(barred.join(QStringLiteral("; ")));
        const planning::PlanOutcome* left = trials_.outcomeOf(leftToThePlan());
        text.paragraphs << (left ? tr("You have chosen here. Left to the plan the picture would be: %1.")
                                       .arg(wording::outcomeAgainst(*left, planning::outcomeOf(*plan)))
                                 : tr("You have chosen here. What the plan would make of it is being tried."));
    }
    if (worstLight > 1.5)
        text.paragraphs << tr("Under %1 parts of it are %2 farther off than under %3.")
                               .arg(wording::lightWord(colour::Light(light)), wording::differenceFigure(worstLight),
                                    wording::lightWord(plan->light));
    text.listHead = tr("Its layers, from the paper up");
    for (const planning::GroundLayer& layer : plan->ground.layers)
        if (std::ranges::binary_search(layer.areas, stack.areas.front()))
            text.strokes.push_back(
                {layer.mixture.empty() ? materials::Kind::soft : layer.mixture.front().medium.kind,
                 planning::coloursOf(*plan, layer).dry, wording::mixtureWords(layer),
                 tr("%1: %2").arg(wording::strengthWords(layer), wording::reasonPhrase(layer.reason)), layer.manner,
                 layer.pressure, !layer.mixture.empty()});
    for (const planning::Layer& layer : stack.layers) {
        const QString words =
            tr("step %1, %2: %3").arg(layer.step).arg(wording::mannerWord(layer.manner), wording::laidWords(layer));
        if (layer.stick < 0) {
            text.strokes.push_back({materials::Kind::soft,
                                    {},
                                    wording::toolWord(layer.tool),
                                    words,
                                    layer.manner,
                                    layer.hardest(),
                                    false});
            continue;
        }
        const materials::Material& stick = plan->sticks[std::size_t(layer.stick)];
        text.strokes.push_back(
            {stick.kind, stick.masstone, QString::fromStdString(stick.name), words, layer.manner, layer.hardest()});
    }
    if (const auto answers = planning::toothAnswers(*plan, selected_, session_.library().papers))
        text.cautions << wording::toothSentence(*answers);
    return text;
}

QString LayersStation::introduction() const {
    return tr(
        "The cut through your sheet: each area from dark to light, its layers from the paper "
        "up. Drag the time below it to see each step go on, and where it goes on the subject.");
}

MarginText LayersStation::margin() const {
    if (!session_.plan()) return {tr("Layers"), {tr("The layers are planned as soon as the subject is read.")}};
    if (leaves_->currentWidget() == approach_) return approach_->margin();
    return selected_ >= 0 ? stackMargin() : stepMargin();
}

}  // namespace app

#include "app/sticks/sticks_station.h"

#include <QComboBox>
#include <QPushButton>
#include <QSpinBox>
#include <algorithm>
#include <cmath>

#include "app/medium_field.h"
#include "app/widgets/fields.h"
#include "colour/munsell.h"
#include "matching/substitutes.h"
#include "planning/replacements.h"
#include "wording/approach.h"
#include "wording/decimal.h"
#include "wording/sentences.h"

namespace app {

SticksStation::SticksStation(Desk& desk) : Station(desk, tr("The tray"), tr("light above dark")), trials_(session_) {
    connect(&trials_, &StudyTrials::triedOne, this, &SticksStation::looksDifferent);
    connect(&trials_, &StudyTrials::said, &desk_, &Desk::said);
    curve_ = new CurveLeaf(session_);
    families_ = new FamiliesLeaf(session_);
    gaps_ = new GapsLeaf(desk_);
    leaves_ = new Leaves;
    leaves_->addLeaf(choices_, tr("Tray"), tr("The sticks of this picture"), makeTrayLeaf());
    leaves_->addLeaf(choices_, tr("How many"), tr("How near fewer or more sticks come"), curve_);
    leaves_->addLeaf(choices_, tr("Which"), tr("Limited palettes: how many sticks of each family of colours"),
                     families_);
    leaves_->addLeaf(choices_, tr("To buy"), tr("What is not at hand and would bring it nearer"), gaps_);
    body_->addWidget(leaves_, 1);
    connect(curve_, &CurveLeaf::looksDifferent, this, &SticksStation::looksDifferent);
    connect(curve_, &CurveLeaf::said, &desk_, &Desk::said);
    connect(families_, &FamiliesLeaf::looksDifferent, this, &SticksStation::looksDifferent);
    connect(families_, &FamiliesLeaf::said, &desk_, &Desk::said);
    connect(gaps_, &GapsLeaf::looksDifferent, this, &SticksStation::looksDifferent);
    connect(leaves_, &QStackedWidget::currentChanged, this, [this] {
        refresh();
        Q_EMIT looksDifferent();
    });
    tray_->onChosen = [this](int stick) {
        selected_ = stick;
        refresh();
        Q_EMIT looksDifferent();
    };
    connect(from_, &QComboBox::activated, this, [this] { desk_.drawFrom(from_->currentData().toString()); });
    connect(&desk_, &Desk::traysChanged, this, &SticksStation::listTrays);
    connect(limit_, &QSpinBox::valueChanged, this, [this](int sticks) {
        session_.choose(
            tr("Number of sticks"), [&](planning::Study& study) { study.stickLimit = sticks; },
            QStringLiteral("sticks"));
    });
    connect(layers_, &QSpinBox::valueChanged, this, [this](int layers) {
        session_.choose(
            tr("Layers an area"), [&](planning::Study& study) { study.layers = layers; }, QStringLiteral("layers"));
    });
    listTrays();
}

QWidget* SticksStation::makeTrayLeaf() {
    auto* leaf = new QWidget;
    auto* column = new QVBoxLayout(leaf);
    column->setContentsMargins(0, 0, 0, 0);
    tray_ = new TrayView;
    column->addWidget(tray_, 1);
    auto* row = new FlowRow;
    from_ = new QComboBox;
    from_->setToolTip(tr("Which of your materials the study draws from."));
    from_->setSizeAdjustPolicy(QComboBox::AdjustToContents);  // trays come and go
    addField(row, tr("Draw from"), from_);
    limit_ = wholeNumber(int(planning::stickBounds.least), int(planning::stickBounds.most));
    limit_->setToolTip(tr("How many sticks the plan may use at most."));
    addField(row, tr("At most"), limit_);
    limit_->setSuffix(tr(" sticks"));
    layers_ = wholeNumber(int(planning::layerBounds.least), int(planning::layerBounds.most));
    layers_->setToolTip(tr("How many layers may lie in an area at most."));
    addField(row, tr("Layers an area"), layers_);
    pin_ = new QPushButton(tr("Keep it in"));
    pin_->setCheckable(true);
    pin_->setToolTip(tr("It is used in this picture, whatever the plan would choose."));
    instead_ = new QComboBox;
    instead_->setIconSize(mediumShape);
    instead_->setMinimumWidth(170);
    instead_->setToolTip(tr("Is it missing or used up? What you choose is laid in its very layers."));
    bar_ = new QPushButton(tr("Leave it out"));
    bar_->setToolTip(tr("It is not used in this picture."));
    takeBack_ = new QPushButton(tr("Take back what is left out"));
    takeBack_->setToolTip(tr("What was left out may be used again."));
    column->addLayout(row);
    auto* ofOne = new FlowRow;
    ofOne->addWidget(pin_);
    ofOne->addWidget(bar_);
    addField(ofOne, tr("In its place"), instead_);
    ofOne->addStretch();
    ofOne->addWidget(takeBack_);
    column->addLayout(ofOne);
    connect(pin_, &QPushButton::clicked, this, [this] { tell(planning::StickUse::pinned); });
    connect(bar_, &QPushButton::clicked, this, [this] { tell(planning::StickUse::barred); });
    connect(instead_, &QComboBox::activated, this,
            [this] { layInstead(instead_->currentData().toString().toStdString()); });
    connect(takeBack_, &QPushButton::clicked, this, [this] {
        session_.choose(tr("Sticks taken back"), [](planning::Study& study) {
            std::erase_if(study.stickChoices,
                          [](const planning::StickChoice& choice) { return choice.use == planning::StickUse::barred; });
        });
    });
    return leaf;
}

void SticksStation::tell(planning::StickUse use) {
    const auto plan = session_.plan();
    if (!plan || selected_ < 0) return;
    const std::string id = plan->sticks[std::size_t(selected_)].id;
    session_.choose(use == planning::StickUse::pinned ? tr("Stick kept in") : tr("Stick left out"),
                    [&](planning::Study& study) {
                        const planning::StickChoice choice{id, use};
                        const bool wasSaid = std::ranges::count(study.stickChoices, choice) > 0;
                        std::erase_if(study.stickChoices, [&](const auto& other) { return other.stick == id; });
                        if (!wasSaid) study.stickChoices.push_back(choice);
                    });
}

void SticksStation::listTrays() {
    from_->clear();
    from_->addItem(tr("the whole drawer"), QString());
    for (const QString& name : desk_.trays()) from_->addItem(name, name);
    refresh();
}

void SticksStation::forgetStudy() {
    selected_ = -1;
    followed_.clear();
}

void SticksStation::refresh() {
    const QString tray = QString::fromStdString(session_.study().tray);
    if (from_->findData(tray) < 0) from_->addItem(tray, tray);  // one that is not there any more
    from_->setCurrentIndex(from_->findData(tray));
    showValue(limit_, session_.study().stickLimit);
    showValue(layers_, session_.study().layers);
    const auto plan = session_.plan();
    if (!plan || selected_ >= int(plan->sticks.size())) selected_ = -1;
    if (plan && session_.isPlanCurrent() && !followed_.empty()) {
        const auto at = std::ranges::find(plan->sticks, followed_, &materials::Material::id);
        selected_ = at == plan->sticks.end() ? -1 : int(at - plan->sticks.begin());
        followed_.clear();
    }
    const auto& choices = session_.study().stickChoices;
    const auto barred = std::ranges::count(choices, planning::StickUse::barred, &planning::StickChoice::use);
    const std::string id = selected_ < 0 ? std::string() : plan->sticks[std::size_t(selected_)].id;
    pin_->setEnabled(selected_ >= 0);
    pin_->setChecked(std::ranges::count(choices, planning::StickChoice{id, planning::StickUse::pinned}) > 0);
    bar_->setEnabled(selected_ >= 0);
    takeBack_->setVisible(barred > 0);
    takeBack_->setText(tr("Take back what is left out (%1)").arg(barred));
    tray_->show(plan, selected_, choices);
    curve_->refresh();
    families_->refresh();
    gaps_->refresh();
    seekSubstitutes();
    if (isVisible() && missing())
        trials_.tryOut(otherWays());
    else
        trials_.stop();
}

const materials::Material* SticksStation::missing() const {
    const auto plan = session_.plan();
    if (!plan || selected_ < 0) return nullptr;
    const std::string& id = plan->sticks[std::size_t(selected_)].id;
    const planning::StickChoice* standsIn = planning::standsInFor(session_.study(), id);
    const materials::Material* it = session_.library().medium(standsIn ? standsIn->stick : id);
    return it && !materials::isWet(it->kind) ? it : nullptr;
}

planning::Study SticksStation::with(const planning::StickChoice& choice) const {
    planning::Study study = session_.study();
    std::erase_if(study.stickChoices, [&](const auto& other) { return other.stick == choice.stick; });
    const bool isItself = choice.use == planning::StickUse::replaced && choice.instead.empty();
    if (!isItself) study.stickChoices.push_back(choice);
    return study;
}

void SticksStation::layInstead(const std::string& other) {
    const materials::Material* it = missing();
    if (!it) return;
    const std::string id = it->id;
    followed_ = other.empty() ? id : other;
    session_.choose(other.empty() ? tr("Stick at hand again") : tr("Substitute for a stick"),
                    [&](planning::Study& study) {
                        study = with({id, planning::StickUse::replaced, other});
                    });
}

void SticksStation::seekSubstitutes() {
    const materials::Material* it = missing();
    const std::string id = it ? it->id : std::string();
    if (id != substitutes_.of) {
        substitutes_ = {id, {}, {}};
        seeker_.stop();
        const auto plan = session_.plan();
        if (it)
            seeker_.run(
                [id, media = session_.library().media, paper = pigment::barePatch(plan->paper),
                 light = plan->light](const common::Progress&) {
                    constexpr int offered = 12;
                    const auto sticks = matching::prepared(media, light);
                    const auto at = std::ranges::find(media, id, &materials::Material::id) - media.begin();
                    Substitutes found{
                        id,
                        wording::substituteSentences(matching::substitutesFor(int(at), sticks, paper, 1, light), media),
                        {}};
                    for (const int other :
                         matching::nearestSticks(sticks[std::size_t(at)].masstone, sticks, offered + 1))
                        if (other != at) found.nearest.push_back(media[std::size_t(other)]);
                    return found;
                },
                [this](Substitutes found) {
                    substitutes_ = std::move(found);
                    refresh();
                    Q_EMIT looksDifferent();
                });
    }
    instead_->clear();
    instead_->setEnabled(it);
    if (!it) return;
    const planning::StickChoice* standIn = planning::standInOf(session_.study(), id);
    instead_->addItem(tr("itself"), QString());
    for (const materials::Material& other : substitutes_.nearest) addMedium(*instead_, other);
    const auto* chosen = standIn ? session_.library().medium(standIn->instead) : nullptr;
    if (chosen && instead_->findData(QString::fromStdString(chosen->id)) < 0) addMedium(*instead_, *chosen);
    instead_->setCurrentIndex(chosen ? instead_->findData(QString::fromStdString(chosen->id)) : 0);
}

std::vector<planning::Study> SticksStation::otherWays() const {
    const std::string& id = missing()->id;
    std::vector<planning::Study> ways;
    if (planning::standInOf(session_.study(), id))
        ways.push_back(with({id, planning::StickUse::replaced, {}}));
    else if (!substitutes_.nearest.empty())
        ways.push_back(with({id, planning::StickUse::replaced, substitutes_.nearest.front().id}));
    if (session_.plan()->sticks.size() > 1) ways.push_back(with({id, planning::StickUse::barred}));
    return ways;
}

void SticksStation::addSubstitute(MarginText& text) const {
    const auto plan = session_.plan();
    const materials::Material* it = missing();
    if (!it) return;
    const auto told = [&](const planning::Study& study) {
        const planning::PlanOutcome* outcome = trials_.outcomeOf(study);
        return outcome ? wording::outcomeAgainst(*outcome, planning::outcomeOf(*plan)) : tr("being tried");
    };
    if (const auto* standIn = planning::standInOf(session_.study(), it->id)) {
        const materials::Material* other = session_.library().medium(standIn->instead);
        const colour::Lab wanted = colour::labFromSrgb8(it->masstone);
        if (other)
            text.paragraphs << tr("It is laid in the place of %1: %2. With that one the picture would be: %3.")
                                   .arg(QString::fromStdString(it->name),
                                        wording::differenceWords(wanted, colour::labFromSrgb8(other->masstone)),
                                        told(with({it->id, planning::StickUse::replaced, {}})));
    } else {
        text.paragraphs << substitutes_.words;
        if (!substitutes_.nearest.empty())
            text.paragraphs << tr("With the nearest in its place the picture would be: %1.")
                                   .arg(told(
                                       with({it->id, planning::StickUse::replaced, substitutes_.nearest.front().id})));
    }
    if (plan->sticks.size() > 1)
        text.paragraphs << tr("Left out and planned anew: %1.").arg(told(with({it->id, planning::StickUse::barred})));
}

QString SticksStation::decided() const {
    const auto plan = session_.plan();
    if (!plan) return tr("not chosen yet");
    return tr("%1 of %2 at hand").arg(plan->sticks.size()).arg(session_.library().media.size());
}

std::vector<planning::LayerPlace> SticksStation::layersOf(int stick) const {
    std::vector<planning::LayerPlace> places;
    const auto plan = session_.plan();
    for (int s = 0; s < int(plan->stacks.size()); ++s)
        for (int i = 0; i < int(plan->stacks[std::size_t(s)].layers.size()); ++i)
            if (plan->stacks[std::size_t(s)].layers[std::size_t(i)].stick == stick) places.push_back({s, i});
    return places;
}

Views SticksStation::views() const {
    Views views = Station::views();
    if (!session_.plan() || selected_ < 0) return views;
    std::vector<int> stacks;
    for (const planning::LayerPlace& place : layersOf(selected_)) stacks.push_back(place.stack);
    views.outline = maskOf(stacks);
    return views;
}

void SticksStation::point(const QPointF& fraction) {
    const int stack = stackAt(fraction);
    if (stack < 0) return;
    // The stick that lies on top there.
    const auto plan = session_.plan();
    const auto& layers = plan->stacks[std::size_t(stack)].layers;
    for (std::size_t i = layers.size(); i-- > 0;)
        if (layers[i].stick >= 0 &&
            subject::levelAt(plan->pressures[i], fraction.x(), fraction.y()) > rendering::mapStep / 2) {
            selected_ = layers[i].stick;
            break;
        }
    refresh();
    Q_EMIT looksDifferent();
}

QString SticksStation::introduction() const {
    return tr(
        "These sticks are to be pulled for this picture. Say from which tray to draw and how "
        "many to use at most; a stick that is missing has its nearest substitute here.");
}

MarginText SticksStation::margin() const {
    MarginText text;
    const auto plan = session_.plan();
    text.head = tr("Sticks");
    if (!plan) {
        text.paragraphs << tr("Sticks are chosen as soon as the subject is read.");
        return text;
    }
    if (leaves_->currentWidget() == curve_) return curve_->margin();
    if (leaves_->currentWidget() == families_) return families_->margin();
    if (leaves_->currentWidget() == gaps_) return gaps_->margin();
    if (selected_ < 0) {
        text.paragraphs << tr("%n sticks serve the whole picture. With them the sheet is %1.", nullptr,
                              int(plan->sticks.size()))
                               .arg(wording::pictureWords(*plan));
        const materials::Library& library = session_.library();
        text.paragraphs
            << tr("The study draws from %1 sticks and paints and %2 papers, as they were when it was begun. "
                  "Choose again what to draw from, and it takes them as they are now.")
                   .arg(library.media.size())
                   .arg(library.papers.size());
        text.paragraphs << tr("Click one to see where it goes.");
        text.why << tr("They were chosen by giving up, one after the other, the stick that the picture misses least.");
        text.why
            << tr("The nearest single stick in each place, of all at hand, would leave %1: layers with more and less "
                  "pressure do the rest.")
                   .arg(wording::differenceFigure(plan->summary.nearestStickDifference));
        for (const planning::Note& note : plan->notes)
            if (note.topic == planning::NoteTopic::toxicPigments || note.topic == planning::NoteTopic::sticksAreFew)
                text.cautions << wording::noteSentence(note, *plan);
        return text;
    }
    const materials::Material& stick = plan->sticks[std::size_t(selected_)];
    const colour::Lab lab = plan->prepared[std::size_t(selected_)].masstone;
    text.head = QString::fromStdString(stick.name);
    text.paragraphs << tr("%1, %2, number %3. Pigment %4, lightfastness %5.")
                           .arg(QString::fromStdString(stick.maker), wording::kindWord(stick.kind),
                                QString::fromStdString(stick.id), wording::listed(stick.pigments),
                                QString::fromStdString(stick.lightfastness));
    text.paragraphs << tr("It looks %1, at value %2.")
                           .arg(wording::colourWords(lab))
                           .arg(wording::decimal(colour::munsellValueOfLightness(lab.L), 1));
    addSubstitute(text);
    if (pin_->isChecked()) text.paragraphs << tr("You keep it in, whatever the plan would choose.");
    const std::vector<planning::LayerPlace> places = layersOf(selected_);
    std::vector<int> areas;
    if (!places.empty()) text.listHead = tr("Where it goes");
    for (const planning::LayerPlace& place : places) {
        const planning::PlannedStack& stack = plan->stacks[std::size_t(place.stack)];
        const planning::Layer& layer = stack.layers[std::size_t(place.layer)];
        areas.insert(areas.end(), stack.areas.begin(), stack.areas.end());
        text.strokes.push_back({stick.kind, stick.masstone, wording::stackName(*plan, place.stack),
                                tr("layer %1 of %2, step %3: %4, %5")
                                    .arg(place.layer + 1)
                                    .arg(stack.layers.size())
                                    .arg(layer.step)
                                    .arg(wording::mannerWord(layer.manner), wording::laidWords(layer)),
                                layer.manner, layer.hardest()});
    }
    for (const planning::GroundLayer& layer : plan->ground.layers)
        if (pigment::laysPigment(layer.manner) &&
            std::ranges::any_of(layer.mixture, [&](const auto& part) { return part.medium.id == stick.id; }))
            text.paragraphs << tr("It is laid as a ground under %1.").arg(wording::areasNamed(*plan, layer.areas));
    if (areas.size() > 1)
        text.why << tr("It comes back in %n areas and ties them together: %1.", nullptr, int(areas.size()))
                        .arg(wording::areasNamed(*plan, areas, 6));
    if (!stick.hazards.empty()) {
        text.cautions << tr("It holds a toxic pigment (%1): make no dust, wear gloves, follow the label and the safety "
                            "data sheet.")
                             .arg(wording::listed(stick.hazards));
    }
    return text;
}

TrialWish SticksStation::trialWish() const {
    if (!session_.plan() || selected_ < 0) return {};
    return {.sticks = {session_.plan()->sticks[std::size_t(selected_)].id}};
}

}  // namespace app

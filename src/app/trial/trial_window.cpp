#include "app/trial/trial_window.h"

#include <QCloseEvent>
#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QUndoCommand>
#include <algorithm>

#include "app/medium_field.h"
#include "app/preferences.h"
#include "app/trial/sample_view.h"
#include "app/trial/strokes_editor.h"
#include "app/trial/target_view.h"
#include "colour/image_colour.h"
#include "drawing/pictures.h"
#include "drawing/shapes.h"
#include "planning/stacks.h"
#include "planning/trial_mixtures.h"
#include "wording/sentences.h"
#include "wording/trying.h"

namespace app {

/// What the sheet was before and is now.
class TrialWindow::Change : public QUndoCommand {
 public:
    Change(TrialWindow& window, const QString& what, State before, State now)
        : QUndoCommand(what), window_(window), before_(std::move(before)), now_(std::move(now)) {}
    void undo() override { window_.set(before_); }
    void redo() override { window_.set(now_); }

 private:
    TrialWindow& window_;
    State before_, now_;
};

TrialWindow::TrialWindow(Desk& desk) : desk_(desk) {
    setWindowTitle(tr("Trial sheet · Yawning Dune"));
    state_.over.manner = pigment::Manner::scumble;
    makeFrame();
    makeMenus();
    putInPlace(*this, QStringLiteral("trial"), {1240, 760});
    // What changes while it is not seen is looked at when it is shown.
    const auto look = [this] {
        if (isVisible()) takeMaterials();
    };
    connect(&session_, &Session::planChanged, this, look);
    connect(&session_, &Session::opened, this, [this, look] {
        // What was wanted was wanted of another subject.
        target_.reset();
        look();
    });
    connect(&session_, &Session::studyChanged, this, look);
    takeMaterials();
}

void TrialWindow::takeMaterials() {
    materials::Library library = session_.library();
    if (!session_.study().reference)
        if (auto all = desk_.materials()) library = *std::move(all);
    const auto plan = session_.plan();
    const colour::Light light = session_.study().light;
    const bool isFirst = papers_.empty();
    std::vector<materials::Material> before = std::move(media_);
    media_ = library.media;
    if (media_ != before || light != light_ || prepared_.size() != media_.size()) {
        finder_.stop();  // what it finds is of other sticks, as is all that is offered
        mixer_.stop();
        mixtures_.clear();
        next_.clear();
        light_ = light;
        prepared_ = matching::prepared(media_, light_);
        // What has been laid is followed by what its sticks are.
        std::vector<int> now(before.size(), -1);
        for (std::size_t i = 0; i < before.size(); ++i) {
            const auto at = std::ranges::find(media_, before[i].id, &materials::Material::id);
            if (at != media_.end()) now[i] = int(at - media_.begin());
        }
        State state = state_;
        for (int& stick : state.sticks) stick = now[std::size_t(stick)];
        std::erase(state.sticks, -1);
        bool isWhole = state.sticks.size() == state_.sticks.size();
        for (planning::Strokes& strokes : state.sheet.swatches) {
            for (pigment::Lay& lay : strokes)
                if (pigment::laysPigment(lay.manner)) lay.stick = now[std::size_t(lay.stick)];
            isWhole &= std::erase_if(strokes, [](const pigment::Lay& lay) {
                           return pigment::laysPigment(lay.manner) && lay.stick < 0;
                       }) == 0;
        }
        if (!isWhole) state.sheet = laidOut(state);
        history_.clear();
        state_ = std::move(state);
        editor_->setMedia(media_);
    }
    if (!state_.stacks.empty() && (!plan || plan->reading != stacksOf_)) {
        // These rows were for areas of another picture, or as it was read before.
        state_.stacks.clear();
        history_.clear();
    }
    papers_ = library.papers;
    {
        const QSignalBlocker quiet(paper_);
        paper_->clear();
        for (const materials::Paper& paper : papers_)
            paper_->addItem(QString::fromStdString(paper.name), QString::fromStdString(paper.id));
    }
    const auto same = std::ranges::find(papers_, state_.sheet.paper.id, &materials::Paper::id);
    if (same != papers_.end())
        state_.sheet.paper = *same;
    else if (plan)
        state_.sheet.paper = plan->paper;
    else if (!papers_.empty())
        state_.sheet.paper = papers_.front();
    if (plan && isFirst) state_.sheet.paper = plan->paper;

    targetView_->show(plan ? drawing::imageOf(plan->reference) : QImage());
    subject_ = plan ? colour::labOfSrgb8Image(plan->reference) : cv::Mat();
    if (!plan) target_.reset();
    {
        const QSignalBlocker quiet(area_);
        const QVariant kept = area_->currentData();
        area_->clear();
        area_->addItem(tr("No colour"), noColour);
        if (plan) area_->addItem(tr("Where it is picked"), pickedColour);
        if (plan)
            for (int i = 0; i < int(plan->areaNames.size()); ++i) area_->addItem(wording::areaName(*plan, i), i);
        area_->setCurrentIndex(std::max(0, area_->findData(kept)));
    }
    plans_->setEnabled(plan != nullptr);
    listSticks();
    set(state_);
    mix();
}

void TrialWindow::listSticks() {
    const QSignalBlocker quiet(sticks_);
    sticks_->clear();
    std::vector<materials::Material> ordered = inOrderOfValue(media_);
    std::stable_partition(ordered.begin(), ordered.end(),
                          [](const auto& medium) { return !materials::isWet(medium.kind); });
    for (const materials::Material& medium : ordered) {
        const int index = int(std::ranges::find(media_, medium.id, &materials::Material::id) - media_.begin());
        // Its shape tells the kind.
        auto* item = new QListWidgetItem(mediumIcon(medium), QString::fromStdString(medium.name), sticks_);
        item->setToolTip(mediumWords(medium));
        item->setData(Qt::UserRole, index);
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsUserCheckable);
        item->setCheckState(Qt::Unchecked);
        item->setHidden(!item->toolTip().contains(find_->text(), Qt::CaseInsensitive));
    }
}

void TrialWindow::take(const TrialWish& wish) {
    State state = state_;
    for (const std::string& id : wish.sticks) {
        const auto at = std::ranges::find(media_, id, &materials::Material::id);
        const int stick = int(at - media_.begin());
        if (at != media_.end() && state.sticks.size() < planning::mostTried &&
            std::ranges::find(state.sticks, stick) == state.sticks.end())
            state.sticks.push_back(stick);
    }
    const auto paper = std::ranges::find(papers_, wish.paper, &materials::Paper::id);
    if (paper != papers_.end()) state.sheet.paper = *paper;
    if (state.sticks != state_.sticks) layOutOfSticks(state);
    change(tr("What is tried"), std::move(state));
    if (!wish.areas.empty()) want(wish.areas);
}

void TrialWindow::change(const QString& what, State state) {
    if (state == state_) return;
    history_.push(new Change(*this, what, state_, std::move(state)));
}

planning::TrialSheet TrialWindow::laidOut(const State& state) const {
    const materials::Paper& paper = state.sheet.paper;
    if (state.sticks.empty() && state.arrangement != Arrangement::areasMixtures) return {paper, 1, {}};
    switch (state.arrangement) {
        case Arrangement::ladder:
            return planning::pressureLadder(paper, state.sticks, state.under.manner);
        case Arrangement::everyOverEvery:
            return planning::everyOverEvery(paper, state.sticks, state.under, state.over);
        case Arrangement::gradedRun:
            return planning::gradedRun(paper, state.sticks, state.under.manner);
        case Arrangement::areasMixtures:
            break;  // found in the background
    }
    return state.sheet;
}

void TrialWindow::set(const State& state) {
    const bool isOtherPaper = state.sheet.paper != state_.sheet.paper;
    std::vector<int> changed;
    const bool isSameShape = tried_.size() == state.sheet.swatches.size() && !isOtherPaper &&
                             state.sheet.columns == state_.sheet.columns &&
                             tried_.size() == state_.sheet.swatches.size();
    if (isSameShape)
        for (std::size_t i = 0; i < tried_.size(); ++i)
            if (state.sheet.swatches[i] != state_.sheet.swatches[i]) changed.push_back(int(i));
    state_ = state;
    if (isSameShape && changed.size() == 1)
        planning::tryAgain(tried_, state_.sheet, changed.front(), prepared_, light_);
    else
        tried_ = planning::triedOn(state_.sheet, prepared_, light_);
    grid_->show(state_.sheet, tried_, media_);
    showHeads();

    const QSignalBlocker quiet(sticks_);
    for (int i = 0; i < sticks_->count(); ++i) {
        QListWidgetItem& item = *sticks_->item(i);
        const bool isTried = std::ranges::count(state_.sticks, item.data(Qt::UserRole).toInt()) > 0;
        item.setCheckState(isTried ? Qt::Checked : Qt::Unchecked);
    }
    paper_->setCurrentIndex(paper_->findData(QString::fromStdString(state_.sheet.paper.id)));
    arrangement_->setCurrentIndex(int(state_.arrangement));
    underManner_->setCurrentIndex(underManner_->findData(int(state_.under.manner)));
    underPressure_->setCurrentIndex(underPressure_->findData(double(state_.under.pressure.value)));
    overManner_->setCurrentIndex(overManner_->findData(int(state_.over.manner)));
    overPressure_->setCurrentIndex(overPressure_->findData(double(state_.over.pressure.value)));
    const bool isGrid = state_.arrangement == Arrangement::everyOverEvery;
    underRow_->setVisible(state_.arrangement != Arrangement::areasMixtures);
    underPressure_->setVisible(isGrid);
    overRow_->setVisible(isGrid);
    if (isOtherPaper)
        mix();
    else
        listOffers();
}

void TrialWindow::layOutOfSticks(State& state) const {
    if (state.arrangement == Arrangement::areasMixtures) state.arrangement = Arrangement::ladder;
    state.stacks.clear();
    state.sheet = laidOut(state);
}

void TrialWindow::showHeads() {
    std::vector<SwatchHead> rows, columns;
    if (state_.arrangement == Arrangement::areasMixtures) {
        const auto plan = session_.plan();
        for (const int stack : state_.stacks)
            if (plan && stack < int(plan->stacks.size()))
                rows.push_back(
                    {-1, {}, wording::stackName(*plan, stack), planning::meanColour(plan->stacks[std::size_t(stack)])});
        return grid_->setHeads(std::move(rows), {}, tr("best first:"));
    }
    const bool isRun = state_.arrangement == Arrangement::gradedRun && state_.sticks.size() > 1;
    for (std::size_t i = isRun ? 1 : 0; i < state_.sticks.size(); ++i) rows.push_back({state_.sticks[i]});
    if (state_.arrangement == Arrangement::everyOverEvery) columns = rows;
    if (state_.arrangement == Arrangement::ladder)
        for (int rung = 1; rung <= planning::ladderRungs; ++rung)
            columns.push_back({-1, pigment::Pressure{3.0f * float(rung) / planning::ladderRungs}});
    if (isRun) columns.push_back({state_.sticks.front()});
    const QString over = state_.arrangement == Arrangement::everyOverEvery ? tr("over them:")
                         : isRun                                           ? tr("each comes over:")
                         : columns.empty()                                 ? QString()
                                                                           : tr("pressed:");
    grid_->setHeads(std::move(rows), std::move(columns), over);
}

void TrialWindow::tickStick(const QListWidgetItem& item) {
    State state = state_;
    const int stick = item.data(Qt::UserRole).toInt();
    std::erase(state.sticks, stick);
    if (item.checkState() == Qt::Checked) {
        if (state.sticks.size() >= planning::mostTried) {
            margin_->setProblem(tr("A sheet has room for %1 sticks: take one off first.").arg(planning::mostTried));
            return set(state_);
        }
        state.sticks.push_back(stick);
    }
    margin_->setProblem({});
    layOutOfSticks(state);
    change(tr("What is tried"), std::move(state));
}

void TrialWindow::takeFields() {
    State state = state_;
    const std::string id = paper_->currentData().toString().toStdString();
    const auto paper = std::ranges::find(papers_, id, &materials::Paper::id);
    if (paper != papers_.end()) state.sheet.paper = *paper;
    state.arrangement = Arrangement(arrangement_->currentIndex());
    if (state.arrangement == Arrangement::areasMixtures && state_.arrangement != Arrangement::areasMixtures)
        return layAreas();
    const auto howIn = [](const QComboBox& manner, const QComboBox& pressure) {
        return planning::HowLaid{pigment::Manner(manner.currentData().toInt()),
                                 {float(pressure.currentData().toDouble())}};
    };
    state.under = howIn(*underManner_, *underPressure_);
    state.over = howIn(*overManner_, *overPressure_);
    // What was changed by hand stays on another paper.
    if (state.arrangement != state_.arrangement || state.under != state_.under || state.over != state_.over) {
        if (state.arrangement != Arrangement::areasMixtures) state.stacks.clear();
        state.sheet = laidOut(state);
    }
    change(tr("How the sheet is laid out"), std::move(state));
}

void TrialWindow::setStrokes(const planning::Strokes& strokes) {
    State state = state_;
    if (!hasSwatch()) state.sheet = {state.sheet.paper, 1, {{}}};
    state.sheet.swatches[std::size_t(selected())] = strokes;
    change(tr("Strokes of a swatch"), std::move(state));
}

void TrialWindow::layAreas() {
    const auto plan = session_.plan();
    if (!plan) {
        margin_->setProblem(tr("Open a study first: these are mixtures for the areas of its subject."));
        return set(state_);
    }
    margin_->setProblem(tr("Mixtures are being looked for."));
    finder_.run([plan, media = media_](
                    const common::Progress& progress) { return planning::mixturesOfAreas(*plan, media, progress); },
                [this, plan](std::optional<planning::AreaMixtures> made) {
                    margin_->setProblem({});
                    const auto now = session_.plan();
                    if (!made || !now || now->reading != plan->reading) return;
                    stacksOf_ = plan->reading;
                    State state = state_;
                    state.arrangement = Arrangement::areasMixtures;
                    state.sticks.clear();
                    state.sheet = std::move(made->sheet);
                    state.stacks = std::move(made->stacks);
                    change(tr("The best mixtures of every area"), std::move(state));
                });
}

void TrialWindow::describe() {
    const colour::Lab paper = pigment::labOf(pigment::barePatch(state_.sheet.paper), light_);
    const int offer = offers_->currentRow();
    lay_->setEnabled(offer >= 0);
    MarginText text;
    if (!hasSwatch()) {
        sample_->show(paper, paper, target_);
        text.head = tr("Trial sheet");
        text.paragraphs << tr(
            "Tick sticks at the left, and see how they look over each other on this paper before any "
            "is laid for real.");
        text.paragraphs << tr("Pick a colour of the subject, and the sheet says which strokes come nearest to it.");
        return margin_->setText(text);
    }
    const planning::Tried& tried = tried_[std::size_t(selected())];
    sample_->show(paper, tried.seen, target_);
    text.head = wording::colourWords(tried.seen);
    if (!text.head.isEmpty()) text.head[0] = text.head[0].toUpper();
    if (target_) text.paragraphs << wording::againstTarget(target_->colour, tried.seen);
    text.paragraphs << wording::triedSentences(tried);
    for (const QString& slides : wording::slideSentences(tried, strokes(), media_)) text.cautions << slides;
    planning::Strokes explained = strokes();
    if (offer >= int(next_.size())) {
        explained = mixtures_[std::size_t(offer) - next_.size()].lays;
        text.listHead = tr("The mixture, from the paper up");
    } else if (offer >= 0) {
        explained.push_back(next_[std::size_t(offer)].lay);
        text.listHead = tr("With the next stroke, from the paper up");
    } else {
        text.listHead = tr("The swatch, from the paper up");
    }
    for (const pigment::Lay& lay : explained) {
        const bool isStick = pigment::laysPigment(lay.manner);
        StrokeLine line{materials::Kind::soft, {},     wording::strokeWords(lay, media_), {}, lay.manner,
                        lay.pressure,          isStick};
        if (isStick) {
            const materials::Material& medium = media_[std::size_t(lay.stick)];
            line.kind = medium.kind;
            line.colour = medium.masstone;
            line.name = QString::fromStdString(medium.name);
            line.how = tr("%1, %2").arg(wording::mannerWord(lay.manner), wording::pressureWord(lay.pressure));
        }
        text.strokes.push_back(line);
    }
    for (const matching::MixtureReason& reason :
         matching::mixtureReasons(explained, prepared_, state_.sheet.paper, light_))
        text.why << wording::mixtureReasonSentence(reason);
    const int onCard = int(grid_->onCard().size());
    text.paragraphs << (onCard == 0 ? tr("Space puts this swatch onto the card that is laid for real.")
                                    : tr("%n swatches are on the card that is laid for real.", nullptr, onCard));
    margin_->setText(text);
}

void TrialWindow::showEvent(QShowEvent* event) {
    QMainWindow::showEvent(event);
    takeMaterials();
    grid_->setFocus();
}

void TrialWindow::closeEvent(QCloseEvent* event) {
    keepPlace(*this, QStringLiteral("trial"));
    event->accept();
}

}  // namespace app

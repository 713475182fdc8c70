#include <QComboBox>
#include <QListWidget>
#include <algorithm>

#include "app/trial/strokes_editor.h"
#include "app/trial/target_view.h"
#include "app/trial/trial_window.h"
#include "drawing/shapes.h"
#include "wording/sentences.h"
#include "wording/trying.h"

namespace app {

namespace {

constexpr int mostMixtures = 6, mostNext = 3;

QIcon iconOf(const colour::Lab& colour) {
    QPixmap small(28, 16);
    small.fill(drawing::colourOf(colour));
    return QIcon(small);
}

}  // namespace

void TrialWindow::choose(int swatch) {
    const auto plan = session_.plan();
    const std::size_t row = std::size_t(swatch / std::max(1, state_.sheet.columns));
    // A mixture for an area is held against that area.
    if (plan && row < state_.stacks.size() && state_.stacks[row] < int(plan->stacks.size()))
        return want(plan->stacks[std::size_t(state_.stacks[row])].areas);
    listOffers();
}

void TrialWindow::want(const std::vector<int>& areas) {
    const auto plan = session_.plan();
    if (!plan) return;
    cv::Mat mask = cv::Mat::zeros(plan->reading->areas.map.size(), CV_8U);
    for (const int area : areas) mask |= plan->reading->areas.map == area;
    {
        const QSignalBlocker quiet(area_);
        area_->setCurrentIndex(std::max(0, area_->findData(areas.front())));
    }
    targetView_->setPlace(std::nullopt);
    setTarget(subject::targetIn(subject_, mask));
}

void TrialWindow::takeWanted() {
    const int wanted = area_->currentData().toInt();
    if (wanted >= 0) return want({wanted});
    if (wanted == noColour) return setTarget(std::nullopt);
    const QPointF place = targetView_->place().value_or(QPointF(0.5, 0.5));
    targetView_->setPlace(place);
    pick(place);
}

void TrialWindow::pick(const QPointF& place) {
    if (subject_.empty()) return;
    {
        const QSignalBlocker quiet(area_);
        area_->setCurrentIndex(area_->findData(pickedColour));
    }
    setTarget(subject::targetAt(subject_, {place.x(), place.y()}));
}

void TrialWindow::setTarget(const std::optional<subject::Target>& target) {
    target_ = target;
    if (!target) targetView_->setPlace(std::nullopt);
    mix();
}

void TrialWindow::mix() {
    mixtures_.clear();
    mixer_.stop();
    if (target_) {
        mixer_.run(
            [wanted = target_->colour, paper = state_.sheet.paper, sticks = prepared_,
             dry = matching::drySticks(prepared_), light = light_](const common::Progress&) {
                return matching::mixturesFor(wanted, pigment::barePatch(paper), sticks, dry, 3, mostMixtures, light);
            },
            [this](std::vector<matching::Mixture> mixtures) {
                mixtures_ = std::move(mixtures);
                listOffers();
            });
    }
    listOffers();
}

void TrialWindow::listOffers() {
    next_.clear();
    if (target_ && hasSwatch()) {
        next_ = planning::nextStrokes(target_->colour,
                                      matching::laidOn(pigment::barePatch(state_.sheet.paper), strokes(), prepared_),
                                      prepared_, matching::drySticks(prepared_), mostNext, light_);
    }
    const QSignalBlocker quiet(offers_);
    offers_->clear();
    for (const planning::NextStroke& next : next_)
        new QListWidgetItem(
            iconOf(next.seen),
            tr("%1 with %2 over it")
                .arg(wording::differenceFigure(next.difference), wording::strokeWords(next.lay, media_)),
            offers_);
    for (const matching::Mixture& mixture : mixtures_) {
        QStringList strokes;
        for (const pigment::Lay& lay : mixture.lays) strokes << wording::strokeWords(lay, media_);
        new QListWidgetItem(
            iconOf(mixture.predicted),
            tr("%1 anew: %2").arg(wording::differenceFigure(mixture.difference), strokes.join(tr("; then "))), offers_);
    }
    editor_->show(hasSwatch() ? strokes() : planning::Strokes{});
    describe();
}

void TrialWindow::layOffer() {
    const int row = offers_->currentRow();
    if (row < 0) return;
    if (row < int(next_.size())) {
        planning::Strokes with = strokes();
        if (with.size() >= materials::mostMixtureStrokes)
            return margin_->setProblem(tr("A swatch has room for %1 strokes.").arg(materials::mostMixtureStrokes));
        with.push_back(next_[std::size_t(row)].lay);
        return setStrokes(with);
    }
    setStrokes(mixtures_[std::size_t(row) - next_.size()].lays);
}

}  // namespace app

#include "planning/sequence.h"

#include <algorithm>
#include <cmath>

#include "colour/munsell.h"
#include "planning/minutes.h"

namespace planning {

namespace {

/// Which of two reasons tells more of why a step stands where it stands: the rules of the form before the rules of the
/// hand, and what is true of every step last.
int tellingRank(ReasonKind kind) {
    switch (kind) {
        case ReasonKind::laidThenByHand:
            return -1;
        case ReasonKind::hardBeforeSoft:
            return 0;
        case ReasonKind::blackLast:
        case ReasonKind::blendedTogether:
        case ReasonKind::toothGivenBack:
        case ReasonKind::liftedFirst:
            return 1;
        case ReasonKind::highlightsLast:
            return 2;
        case ReasonKind::lightBlendedFirst:
        case ReasonKind::backgroundFirst:
            return 3;
        case ReasonKind::pairTogether:
            return 4;
        case ReasonKind::darkBeforeLight:
        case ReasonKind::lightBaseFirst:
            return 5;
        case ReasonKind::stickInHand:
            return 6;
        case ReasonKind::groundFirst:
            return 7;
        case ReasonKind::firstMarks:
        case ReasonKind::groundNearColour:
        case ReasonKind::groundInValues:
        case ReasonKind::groundOpposite:
        case ReasonKind::groundCool:
        case ReasonKind::groundWarm:
        case ReasonKind::groundToneMap:
        case ReasonKind::rubbedIn:
        case ReasonKind::brushedOut:
        case ReasonKind::inkDeepestDarks:
        case ReasonKind::groundByHand:
        case ReasonKind::wetBeforeDry:
        case ReasonKind::wholePictureTogether:
        case ReasonKind::focalFirst:
        case ReasonKind::areaByArea:
            break;
    }
    return 8;
}

/// "ground/G003x2+G007/wash/medium": the mixture, the manner and the pressure.
std::string groundKey(const GroundLayer& layer) {
    std::string media;
    for (const MixPart& part : layer.mixture)
        media += (media.empty() ? "" : "+") + part.medium.id +
                 (part.parts > 1 ? "x" + std::to_string(part.parts) : std::string());
    return "ground/" + (media.empty() ? "all" : media) + "/" + std::string(nameOf(layer.manner)) + "/" +
           std::string(nameOf(layer.pressure));
}

std::vector<Reason> twoMostTelling(std::vector<Reason> all) {
    std::ranges::stable_sort(all, {}, [](const Reason& r) { return std::pair(tellingRank(r.kind), r.figure); });
    std::vector<Reason> told;
    for (const Reason& reason : all)
        if (told.size() < 2 && std::ranges::find(told, reason.kind, &Reason::kind) == told.end())
            told.push_back(reason);
    return told;
}

const subject::Area& firstArea(const Plan& plan, const PlannedStack& stack) {
    return plan.reading->areas.list[std::size_t(stack.areas.front())];
}

}  // namespace

Hold holdOf(const Plan& plan, const Task& task) {
    const Layer& layer = plan.stacks[std::size_t(task.place.stack)].layers[std::size_t(task.place.layer)];
    return {layer.stick, layer.tool, layer.manner};
}

Sequence::Sequence(const Plan& plan, const Study& study, const std::vector<Task>& tasks)
    : plan_(plan), study_(study), tasks_(tasks), stepOf_(tasks.size(), 0), dryAt_(plan.stacks.size(), 0.0) {
    addDrawing();
    addGround();
    stageBegan_ = lastGround_;
}

bool Sequence::isAllowed(int task) const {
    return std::ranges::all_of(tasks_[std::size_t(task)].before, [&](const auto& edge) { return isDone(edge.first); });
}

void Sequence::push(Step step) {
    step.number = int(steps_.size()) + 1;
    step.minutes = minutesFor(step, plan_, study_);
    clock_ += step.minutes;
    steps_.push_back(std::move(step));
}

void Sequence::waitUntil(double minutes) {
    const double wait = std::ceil(minutes - clock_);
    if (wait <= 0) return;
    Step& last = steps_.back();
    last.waitMinutes += wait;
    clock_ += wait;
    if (last.groundLayer >= 0) last.why.push_back({ReasonKind::wetBeforeDry, last.waitMinutes});
}

void Sequence::addDrawing() {
    Step step;
    step.stage = Stage::drawing;
    step.key = "drawing";
    for (int area = 0; area < int(plan_.reading->areas.list.size()); ++area) step.areas.push_back(area);
    step.manner = pigment::Manner::hatch;
    step.stick = drawingStick();
    step.why = {{ReasonKind::firstMarks}};
    push(std::move(step));
}

/// A point of little chroma that shows on the paper without standing out, if the palette has one.
int Sequence::drawingStick() const {
    int best = -1;
    double least = 1e9;
    const double paper =
        colour::munsellValueOfLightness(pigment::labOf(pigment::barePatch(plan_.paper), plan_.light).L);
    for (std::size_t i = 0; i < plan_.sticks.size(); ++i) {
        const materials::Kind kind = plan_.sticks[i].kind;
        if (kind != materials::Kind::pencil && kind != materials::Kind::hard && kind != materials::Kind::charcoal)
            continue;
        const colour::Lab& lab = plan_.prepared[i].masstone;
        const double apart = std::fabs(colour::munsellValueOfLightness(lab.L) - paper);
        const double fault = std::fabs(apart - 2.5) + colour::chroma(lab) / 15.0;
        if (apart > 1.0 && fault < least) {
            least = fault;
            best = int(i);
        }
    }
    return best;
}

void Sequence::addGround() {
    const std::vector<GroundLayer>& layers = plan_.ground.layers;
    for (std::size_t i = 0; i < layers.size(); ++i) {
        const GroundLayer& layer = layers[i];
        Step step;
        step.stage = Stage::underpainting;
        step.groundLayer = int(i);
        step.areas = layer.areas;
        if (pigment::laysPigment(layer.manner) && !layer.mixture.empty())
            step.stick =
                int(std::ranges::find(plan_.sticks, layer.mixture.front().medium.id, &materials::Material::id) -
                    plan_.sticks.begin());
        step.key = groundKey(layer);
        step.manner = layer.manner;
        step.after = {int(steps_.size())};
        step.why = {layer.reason};
        push(std::move(step));
        const double dry = clock_ + driesFor(steps_.back(), plan_, study_);
        for (std::size_t s = 0; s < plan_.stacks.size(); ++s)
            if (std::ranges::any_of(plan_.stacks[s].areas,
                                    [&](int area) { return std::ranges::binary_search(layer.areas, area); }))
                dryAt_[s] = std::max(dryAt_[s], dry);
    }
    lastGround_ = int(steps_.size());
}

void Sequence::addEmpty(const Step& step) {
    Step empty = step;
    empty.number = int(steps_.size()) + 1;
    empty.layers.clear();
    empty.minutes = empty.waitMinutes = 0;
    empty.isEmpty = true;
    steps_.push_back(std::move(empty));
}

void Sequence::add(Turn turn) {
    // Far before near, then from the top down and away from the hand: it does not rest on what is done.
    std::ranges::sort(turn.tasks, {}, [&](int t) {
        const subject::Area& a = firstArea(plan_, stackOf(t));
        return std::tuple(a.plane, a.centreY, study_.hand == Hand::right ? a.centreX : -a.centreX, t);
    });
    for (const int t : turn.tasks) waitUntil(dryAt(t));
    const bool isOfStage = !turn.isMoved;
    if (isOfStage && !turns_.empty()) {
        const auto last = std::ranges::find(turns_.rbegin(), turns_.rend(), false, &Turn::isMoved);
        if (last != turns_.rend() && (last->stage != turn.stage || last->phase != turn.phase))
            stageBegan_ = int(steps_.size());
    }
    Step step;
    step.stage = turn.stage;
    const Task& first = tasks_[std::size_t(turn.tasks.front())];
    std::tie(step.stick, step.tool, step.manner) = holdOf(plan_, first);
    if (step.tool == Tool::fixative) step.stage = Stage::fix;
    std::vector<Reason> why;
    if (turn.isMoved) why.push_back({ReasonKind::laidThenByHand});
    if (step.stick >= 0 && steps_.back().stick == step.stick) why.push_back({ReasonKind::stickInHand});
    if (isOfStage && turn.stage == Stage::accent) why.push_back({ReasonKind::highlightsLast});
    const bool hasGround = !plan_.ground.layers.empty();
    for (const int t : turn.tasks) {
        const Task& task = tasks_[std::size_t(t)];
        stepOf_[std::size_t(t)] = int(steps_.size()) + 1;
        step.layers.push_back(task.place);
        const PlannedStack& it = stackOf(t);
        step.areas.insert(step.areas.end(), it.areas.begin(), it.areas.end());
        if (it.areas.size() > 1) why.push_back({ReasonKind::pairTogether});
        if (hasGround && task.place.layer == 0) {
            step.after.push_back(lastGround_);
            if (isGrounded(it)) why.push_back({ReasonKind::groundFirst});
        }
        for (const auto& [earlier, reason] : task.before) {
            step.after.push_back(stepOf_[std::size_t(earlier)]);
            why.push_back(reason);
        }
    }
    step.key = plan_.stacks[std::size_t(first.place.stack)].layers[std::size_t(first.place.layer)].key;
    step.after.push_back(isOfStage ? stageBegan_ : lastGround_);
    if (isOfStage) why.push_back({phaseReason(stackOf(turn.tasks.front()))});
    std::ranges::sort(step.after);
    step.after.erase(std::unique(step.after.begin(), step.after.end()), step.after.end());
    step.why = twoMostTelling(std::move(why));
    push(std::move(step));
    turns_.push_back(std::move(turn));
    const double dries = driesFor(steps_.back(), plan_, study_);
    if (dries <= 0) return;
    for (const LayerPlace& place : steps_.back().layers) dryAt_[std::size_t(place.stack)] = clock_ + dries;
}

/// What is true of every step of its phase.
ReasonKind Sequence::phaseReason(const PlannedStack& stack) const {
    const bool isFocal =
        std::ranges::any_of(stack.areas, [&](int area) { return plan_.reading->areas.list[std::size_t(area)].focal; });
    if (isFocal && study_.approach.first == FirstPart::focal) return ReasonKind::focalFirst;
    return study_.approach.progression == Progression::areaByArea ? ReasonKind::areaByArea
                                                                  : ReasonKind::wholePictureTogether;
}

bool Sequence::isGrounded(const PlannedStack& stack) const {
    return std::ranges::any_of(plan_.ground.layers, [&](const GroundLayer& layer) {
        return std::ranges::binary_search(layer.areas, stack.areas.front());
    });
}

}  // namespace planning

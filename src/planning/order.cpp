#include "planning/order.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

#include "colour/munsell.h"
#include "planning/minutes.h"
#include "planning/tasks.h"

namespace planning {

namespace {

constexpr std::array dryStages{Stage::blockIn, Stage::build, Stage::refine, Stage::accent};

/// Which of two reasons tells more of why a step stands where it stands: the rules of the form before the rules of the
/// hand, and what is true of every step last.
int tellingRank(ReasonKind kind) {
    switch (kind) {
        case ReasonKind::hardBeforeSoft:
            return 0;
        case ReasonKind::blackLast:
        case ReasonKind::blendedTogether:
        case ReasonKind::toothGivenBack:
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

class Orderer {
 public:
    /// `taste` settles what the rules leave open; 0 goes by the school's order of values.
    Orderer(const Plan& plan, const Study& study, const std::vector<Task>& tasks, unsigned taste)
        : plan_(plan),
          study_(study),
          taste_(taste),
          tasks_(tasks),
          stepOf_(tasks.size(), 0),
          dryAt_(plan.stacks.size(), 0.0) {}

    std::vector<Step> steps() {
        addDrawing();
        addUnderpainting();
        int phases = 0;
        for (const Task& task : tasks_) phases = std::max(phases, task.phase + 1);
        for (int phase = 0; phase < phases; ++phase)
            for (const Stage stage : dryStages) schedule(phase, stage);
        return std::move(steps_);
    }

 private:
    const PlannedStack& stack(const Task& task) const { return plan_.stacks[std::size_t(task.place.stack)]; }
    const Layer& layer(const Task& task) const { return stack(task).layers[std::size_t(task.place.layer)]; }
    const subject::Area& firstArea(const PlannedStack& stack) const {
        return plan_.reading->areas.list[std::size_t(stack.areas.front())];
    }

    void push(Step step) {
        step.number = int(steps_.size()) + 1;
        step.minutes = minutesFor(step, plan_, study_);
        clock_ += step.minutes;
        steps_.push_back(std::move(step));
    }

    void addDrawing() {
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
    int drawingStick() const {
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

    void addUnderpainting() {
        double dryAt = 0;
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
            dryAt = std::max(dryAt, clock_ + dryingTime(layer, plan_.paper, study_.drying).middle());
        }
        lastGround_ = int(steps_.size());
        // Each wash dries while the next is laid: only what is left after the last is waited for.
        if (dryAt > clock_) {
            steps_.back().waitMinutes = std::ceil(dryAt - clock_);
            clock_ += steps_.back().waitMinutes;
            steps_.back().why.push_back({ReasonKind::wetBeforeDry, steps_.back().waitMinutes});
        }
    }

    using Hold = std::tuple<int, Tool, pigment::Manner>;  // what is in the hand, and how
    Hold holdOf(const Task& task) const {
        const Layer& it = layer(task);
        return {it.stick, it.tool, it.manner};
    }

    bool isAllowed(int t) const {
        return std::ranges::all_of(tasks_[std::size_t(t)].before,
                                   [&](const auto& edge) { return stepOf_[std::size_t(edge.first)] > 0; });
    }
    double dryAt(int t) const { return dryAt_[std::size_t(tasks_[std::size_t(t)].place.stack)]; }

    /// A stick's place in this taste's order of sticks: by value as the school goes, or any fixed shuffle. Tools last:
    /// the more is ready, the more one pass does.
    double liking(int stick) const {
        if (stick < 0) return -1e12;
        if (taste_ == 0) return -matching::rankIn(study_.approach.stacks, plan_.prepared[std::size_t(stick)]);
        return double((unsigned(stick) + 1) * taste_ * 2654435761u >> 8);
    }

    /// What is not dry is waited for only where nothing else can be done.
    void waitFor(const std::vector<int>& open) {
        double soonest = std::numeric_limits<double>::infinity();
        for (const int t : open) {
            if (!isAllowed(t)) continue;
            if (dryAt(t) <= clock_) return;
            soonest = std::min(soonest, dryAt(t));
        }
        const double wait = std::ceil(soonest - clock_);
        steps_.back().waitMinutes += wait;
        clock_ += wait;
    }

    std::vector<int> openIn(int phase, Stage stage) const {
        std::vector<int> open;
        for (std::size_t t = 0; t < tasks_.size(); ++t)
            if (tasks_[t].phase == phase && tasks_[t].stage == stage && stepOf_[t] == 0) open.push_back(int(t));
        return open;
    }

    /// Lays a stage's tasks out: what is ready for one hold is one step. Goes on with the stick in hand if it can, else
    /// takes the hold of which the largest part is ready, since what is left of it has to be picked up again. Once all
    /// is blocked in, what is in hand while the picture is built up may refine where that is ready.
    void schedule(int phase, Stage stage) {
        std::vector<int> open = openIn(phase, stage);
        const std::vector<int> ahead = stage == Stage::build ? openIn(phase, Stage::refine) : std::vector<int>{};
        const int stageBefore = int(steps_.size());
        while (!open.empty()) {
            waitFor(open);
            std::map<Hold, std::vector<int>> readyBy;
            std::map<int, double> leftOfStick, readyOfStick;
            const auto isReady = [&](int t) { return isAllowed(t) && dryAt(t) <= clock_; };
            for (const int t : open) {
                const Task& task = tasks_[std::size_t(t)];
                const int stick = layer(task).stick;
                leftOfStick[stick] += 1;
                if (!isReady(t)) continue;
                readyOfStick[stick] += 1;
                readyBy[holdOf(task)].push_back(t);
            }
            for (const int t : ahead) {
                const Hold hold = holdOf(tasks_[std::size_t(t)]);
                const int stick = std::get<int>(hold);
                const bool isInHand = stick >= 0 && (stick == steps_.back().stick || readyBy.contains(hold));
                if (stepOf_[std::size_t(t)] == 0 && isInHand && isReady(t)) readyBy[hold].push_back(t);
            }
            const auto worth = [&](const std::pair<const Hold, std::vector<int>>& entry) {
                const int stick = std::get<int>(entry.first);
                const bool inHand = stick >= 0 && steps_.back().stick == stick;
                // Half of the tastes look at what is ready before they follow their liking, half the other way round.
                const double ready = readyOfStick[stick] / leftOfStick[stick], liked = liking(stick);
                const bool isByLiking = taste_ % 2 == 1;
                return std::tuple(inHand, stick >= 0, isByLiking ? liked : ready, isByLiking ? ready : liked,
                                  entry.second.size());
            };
            auto best = readyBy.begin();
            for (auto it = readyBy.begin(); it != readyBy.end(); ++it)
                if (worth(*it) > worth(*best)) best = it;
            addStep(stage, best->first, best->second, stageBefore);
            std::erase_if(open, [&](int t) { return stepOf_[std::size_t(t)] > 0; });
        }
    }

    void addStep(Stage stage, const Hold& hold, std::vector<int> tasks, int stageBefore) {
        Step step;
        step.stage = stage;
        std::tie(step.stick, step.tool, step.manner) = hold;
        if (step.tool == Tool::fixative) step.stage = Stage::fix;
        // Far before near, then from the top down and away from the hand: it does not rest on what is done.
        std::ranges::sort(tasks, {}, [&](int t) {
            const subject::Area& a = firstArea(stack(tasks_[std::size_t(t)]));
            return std::tuple(a.plane, a.centreY, study_.hand == Hand::right ? a.centreX : -a.centreX, t);
        });
        std::vector<Reason> why;
        if (step.stick >= 0 && steps_.back().stick == step.stick) why.push_back({ReasonKind::stickInHand});
        if (stage == Stage::accent) why.push_back({ReasonKind::highlightsLast});
        const bool hasGround = !plan_.ground.layers.empty();
        for (const int t : tasks) {
            const Task& task = tasks_[std::size_t(t)];
            stepOf_[std::size_t(t)] = int(steps_.size()) + 1;
            step.layers.push_back(task.place);
            const PlannedStack& it = stack(task);
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
        step.key = layer(tasks_[std::size_t(tasks.front())]).key;
        step.after.push_back(stageBefore);
        why.push_back({phaseReason(stack(tasks_[std::size_t(tasks.front())]))});
        std::ranges::sort(step.after);
        step.after.erase(std::unique(step.after.begin(), step.after.end()), step.after.end());
        step.why = twoMostTelling(std::move(why));
        const bool dries = step.tool == Tool::fixative;
        push(std::move(step));
        if (!dries) return;
        for (const LayerPlace& place : steps_.back().layers)
            dryAt_[std::size_t(place.stack)] = clock_ + fixativeDries.middle();
    }

    /// What is true of every step of its phase.
    ReasonKind phaseReason(const PlannedStack& stack) const {
        const bool isFocal = std::ranges::any_of(
            stack.areas, [&](int area) { return plan_.reading->areas.list[std::size_t(area)].focal; });
        if (isFocal && study_.approach.first == FirstPart::focal) return ReasonKind::focalFirst;
        return study_.approach.progression == Progression::areaByArea ? ReasonKind::areaByArea
                                                                      : ReasonKind::wholePictureTogether;
    }

    bool isGrounded(const PlannedStack& stack) const {
        return std::ranges::any_of(plan_.ground.layers, [&](const GroundLayer& layer) {
            return std::ranges::binary_search(layer.areas, stack.areas.front());
        });
    }

    static std::vector<Reason> twoMostTelling(std::vector<Reason> all) {
        std::ranges::stable_sort(all, {}, [](const Reason& r) { return std::pair(tellingRank(r.kind), r.figure); });
        std::vector<Reason> told;
        for (const Reason& reason : all)
            if (told.size() < 2 && std::ranges::find(told, reason.kind, &Reason::kind) == told.end())
                told.push_back(reason);
        return told;
    }

    const Plan& plan_;
    const Study& study_;
    unsigned taste_;
    const std::vector<Task>& tasks_;
    std::vector<int> stepOf_;    // by task: its number; 0 while it is open
    std::vector<double> dryAt_;  // by stack: until when fixative is waited for, on the clock
    std::vector<Step> steps_;
    double clock_ = 0;  // minutes since the first step began
    int lastGround_ = 1;
};

}  // namespace

std::vector<Step> orderedSteps(const Plan& plan, const Study& study) {
    // The greedy choice is quick, so many tastes are tried and the one that picks up least is taken.
    constexpr unsigned tastes = 400;
    const std::vector<Task> tasks = tasksOf(plan, study).tasks;
    std::vector<Step> best;
    for (unsigned taste = 0; taste < tastes; ++taste) {
        std::vector<Step> steps = Orderer(plan, study, tasks, taste).steps();
        if (best.empty() || std::pair(stickChanges(steps), steps.size()) < std::pair(stickChanges(best), best.size()))
            best = std::move(steps);
    }
    return best;
}

int stickChanges(const std::vector<Step>& steps) {
    int changes = 0, inHand = -1;
    for (const Step& step : steps) {
        if (step.stick < 0 || step.stick == inHand) continue;
        ++changes;
        inHand = step.stick;
    }
    return changes;
}

int stickChangesPlain(const Plan& plan) {
    std::vector<Step> plain;
    for (const Step& step : plan.steps)
        if (step.stage == Stage::drawing || step.stage == Stage::underpainting) plain.push_back(step);
    for (const Stage stage : dryStages)
        for (const PlannedStack& stack : plan.stacks)
            for (int i = 0; i < int(stack.layers.size()); ++i) {
                if (stageOf(stack, i) != stage) continue;
                Step step;
                step.stick = stack.layers[std::size_t(i)].stick;
                plain.push_back(step);
            }
    return stickChanges(plain);
}

}  // namespace planning

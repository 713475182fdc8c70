#include "planning/order.h"

#include <algorithm>
#include <limits>
#include <map>

#include "common/parallel.h"
#include "planning/moves.h"
#include "planning/sequence.h"

namespace planning {

namespace {

constexpr std::array dryStages{Stage::blockIn, Stage::build, Stage::refine, Stage::accent};

/// Goes through phases and stages, and takes up always what this taste likes best of what is ready.
class Orderer {
 public:
    /// `taste` settles what the rules leave open; 0 goes by the school's order of values.
    Orderer(const Plan& plan, const Study& study, const std::vector<Task>& tasks, unsigned taste)
        : plan_(plan), study_(study), taste_(taste), tasks_(tasks), made_(plan, study, tasks) {}

    Sequence made() {
        int phases = 0;
        for (const Task& task : tasks_) phases = std::max(phases, task.phase + 1);
        for (int phase = 0; phase < phases; ++phase)
            for (const Stage stage : dryStages) schedule(phase, stage);
        return std::move(made_);
    }

 private:
    int stickOf(int t) const { return std::get<int>(holdOf(plan_, tasks_[std::size_t(t)])); }
    bool isReady(int t) const { return made_.isAllowed(t) && made_.dryAt(t) <= made_.clock(); }

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
        for (const int t : open)
            if (made_.isAllowed(t)) soonest = std::min(soonest, made_.dryAt(t));
        made_.waitUntil(soonest);
    }

    std::vector<int> openIn(int phase, Stage stage) const {
        std::vector<int> open;
        for (std::size_t t = 0; t < tasks_.size(); ++t)
            if (tasks_[t].phase == phase && tasks_[t].stage == stage && !made_.isDone(int(t))) open.push_back(int(t));
        return open;
    }

    /// Lays a stage's tasks out: what is ready for one hold is one step. Goes on with the stick in hand if it can, else
    /// takes the hold of which the largest part is ready, since what is left of it has to be picked up again. Once all
    /// is blocked in, what is in hand while the picture is built up may refine where that is ready.
    void schedule(int phase, Stage stage) {
        std::vector<int> open = openIn(phase, stage);
        const std::vector<int> ahead = stage == Stage::build ? openIn(phase, Stage::refine) : std::vector<int>{};
        while (!open.empty()) {
            waitFor(open);
            std::map<Hold, std::vector<int>> readyBy;
            std::map<int, double> leftOfStick, readyOfStick;
            const int inHand = made_.steps().back().stick;
            for (const int t : open) {
                const int stick = stickOf(t);
                leftOfStick[stick] += 1;
                if (!isReady(t)) continue;
                readyOfStick[stick] += 1;
                readyBy[holdOf(plan_, tasks_[std::size_t(t)])].push_back(t);
            }
            for (const int t : ahead) {
                const Hold hold = holdOf(plan_, tasks_[std::size_t(t)]);
                const bool isInHand = stickOf(t) >= 0 && (stickOf(t) == inHand || readyBy.contains(hold));
                if (!made_.isDone(t) && isInHand && isReady(t)) readyBy[hold].push_back(t);
            }
            const auto worth = [&](const std::pair<const Hold, std::vector<int>>& entry) {
                const int stick = std::get<int>(entry.first);
                const bool isInHand = stick >= 0 && stick == inHand;
                // Half of the tastes look at what is ready before they follow their liking, half the other way round.
                const double ready = readyOfStick[stick] / leftOfStick[stick], liked = liking(stick);
                const bool isByLiking = taste_ % 2 == 1;
                return std::tuple(isInHand, stick >= 0, isByLiking ? liked : ready, isByLiking ? ready : liked,
                                  entry.second.size());
            };
            auto best = readyBy.begin();
            for (auto it = readyBy.begin(); it != readyBy.end(); ++it)
                if (worth(*it) > worth(*best)) best = it;
            made_.add({stage, phase, best->second});
            std::erase_if(open, [&](int t) { return made_.isDone(t); });
        }
    }

    const Plan& plan_;
    const Study& study_;
    unsigned taste_;
    const std::vector<Task>& tasks_;
    Sequence made_;
};

double waits(const std::vector<Step>& steps) {
    double sum = 0;
    for (const Step& step : steps) sum += step.waitMinutes;
    return sum;
}

}  // namespace

std::vector<Step> orderedSteps(const Plan& plan, const Study& study) {
    // The greedy choice is quick, so many tastes are tried and the one that picks up least is taken.
    constexpr unsigned tastes = 400;
    const std::vector<Task> tasks = tasksOf(plan, study).tasks;
    using Cost = std::tuple<int, std::size_t, double>;  // changes of stick, steps, minutes of waiting
    std::vector<Cost> costs(tastes);
    common::forEachIndex(int(tastes), [&](int taste) {
        const Sequence made = Orderer(plan, study, tasks, unsigned(taste)).made();
        costs[std::size_t(taste)] = {stickChanges(made.steps()), made.steps().size(), waits(made.steps())};
    });
    const auto taste = unsigned(std::ranges::min_element(costs) - costs.begin());
    const Sequence best = Orderer(plan, study, tasks, taste).made();
    if (study.movedLayers.empty()) return best.steps();
    Sequence moved(plan, study, tasks);
    for (const Turn& turn : movedTurns(plan, study, tasks, best.turns())) moved.add(turn);
    return moved.steps();
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

#include "planning/tasks.h"

#include <algorithm>
#include <numeric>
#include <tuple>

#include "planning/minutes.h"
#include "planning/stacks.h"

namespace planning {

namespace {

/// How much of a hard point's pigment would hold if it went over the softer layer above it, against now.
double heldTurnedRound(const Plan& plan, const PlannedStack& stack, int upper) {
    const auto stroke = [&](int i) {
        const Layer& layer = stack.layers[std::size_t(i)];
        return pigment::Stroke{&plan.prepared[std::size_t(layer.stick)].pigment, layer.manner};
    };
    const auto gain = [&](pigment::Patch patch) {
        const double before = pigment::toothUsed(patch);
        pigment::lay(patch, stroke(upper - 1));
        return std::max(0.0, pigment::toothUsed(patch) - before);
    };
    pigment::Patch over = stack.start;
    pigment::lay(over, stroke(upper));
    const double now = gain(stack.start);
    return now > 0 ? gain(over) / now : 1.0;
}

class Graph {
 public:
    Graph(const Plan& plan, const Study& study) : plan_(plan), study_(study) {}

    TaskGraph made() {
        addTasks();
        for (std::size_t s = 0; s < plan_.stacks.size(); ++s) addStackOrder(s);
        addPhases();
        if (plan_.stacks.size() > 1) {
            addPlanes();
            addBlendOrder();
        }
        settleStages();
        return std::move(graph_);
    }

 private:
    const PlannedStack& stack(const Task& task) const { return plan_.stacks[std::size_t(task.place.stack)]; }
    const Layer& layer(const Task& task) const { return stack(task).layers[std::size_t(task.place.layer)]; }
    Task& at(std::size_t stack, int layer) { return graph_.tasks[std::size_t(first_[stack] + layer)]; }
    const subject::Area& firstArea(std::size_t s) const {
        return plan_.reading->areas.list[std::size_t(plan_.stacks[s].areas.front())];
    }
    bool isFocal(std::size_t s) const {
        return std::ranges::any_of(plan_.stacks[s].areas,
                                   [&](int area) { return plan_.reading->areas.list[std::size_t(area)].focal; });
    }
    bool isBlackLast(const Layer& layer) const {
        return study_.approach.stacks.black == matching::Black::last && layer.stick >= 0 &&
               matching::isBlack(plan_.prepared[std::size_t(layer.stick)]);
    }

    void addTasks() {
        for (int s = 0; s < int(plan_.stacks.size()); ++s) {
            first_.push_back(int(graph_.tasks.size()));
            const PlannedStack& stack = plan_.stacks[std::size_t(s)];
            for (int i = 0; i < int(stack.layers.size()); ++i) {
                const bool isBlack = i > 0 && isBlackLast(stack.layers[std::size_t(i)]);
                graph_.tasks.push_back({{s, i}, isBlack ? Stage::accent : stageOf(stack, i), 0, {}});
            }
        }
    }

    void addStackOrder(std::size_t s) {
        const PlannedStack& stack = plan_.stacks[s];
        const ReasonKind values = study_.approach.stacks.school == School::darkFirst ? ReasonKind::darkBeforeLight
                                                                                     : ReasonKind::lightBaseFirst;
        for (int i = 1; i < int(stack.layers.size()); ++i) {
            const Layer &below = stack.layers[std::size_t(i - 1)], &above = stack.layers[std::size_t(i)];
            Reason reason{values};
            if (above.manner == pigment::Manner::blend) {
                reason = {ReasonKind::blendedTogether};
            } else if (above.manner == pigment::Manner::fix) {
                reason = {ReasonKind::toothGivenBack};
            } else if (above.manner == pigment::Manner::lift) {
                reason = {ReasonKind::liftedFirst};
            } else if (below.manner == pigment::Manner::fix) {
                reason = {ReasonKind::wetBeforeDry, fixativeDries.middle()};
            } else if (isBlackLast(above)) {
                reason = {ReasonKind::blackLast};
            } else if (below.stick >= 0 && above.stick >= 0) {
                const auto hardness = [&](const Layer& it) { return plan_.sticks[std::size_t(it.stick)].hardness; };
                if (hardness(below) > hardness(above) + 0.3) {
                    const double held = heldTurnedRound(plan_, stack, i);
                    if (held < 0.8) reason = {ReasonKind::hardBeforeSoft, held};
                }
            }
            at(s, i).before.push_back({first_[s] + i - 1, reason});
        }
    }

    /// What the picture is about goes before the rest, one area before the next: as the approach says.
    void addPhases() {
        const Approach& approach = study_.approach;
        const bool isFocalFirst = approach.first == FirstPart::focal;
        std::vector<std::size_t> order(plan_.stacks.size());
        std::iota(order.begin(), order.end(), std::size_t{0});
        const auto place = [&](std::size_t s) {
            const subject::Area& area = firstArea(s);
            return std::tuple(isFocalFirst && !isFocal(s), area.plane, area.centreY, area.centreX, s);
        };
        std::ranges::sort(order, {}, place);
        int phase = 0;
        for (std::size_t i = 0; i < order.size(); ++i) {
            const bool isNext = approach.progression == Progression::areaByArea
                                    ? i > 0
                                    : i > 0 && isFocalFirst && isFocal(order[i - 1]) && !isFocal(order[i]);
            phase += isNext;
            for (int l = 0; l < int(plan_.stacks[order[i]].layers.size()); ++l) at(order[i], l).phase = phase;
        }
    }

    bool touch(std::size_t one, std::size_t other) const {
        for (const int a : plan_.stacks[one].areas)
            for (const int b : plan_.stacks[other].areas)
                if (std::ranges::binary_search(plan_.reading->areas.list[std::size_t(a)].neighbours, b + 1))
                    return true;
        return false;
    }

    /// A reason that the phases speak against gives way to them, and that is told.
    void add(Task& task, int earlier, ReasonKind kind) {
        const Task& before = graph_.tasks[std::size_t(earlier)];
        if (before.phase <= task.phase) {
            task.before.push_back({earlier, {kind}});
            return;
        }
        const bool isByFocal = study_.approach.first == FirstPart::focal && isFocal(std::size_t(task.place.stack));
        const Clash clash{kind, isByFocal ? ReasonKind::focalFirst : ReasonKind::areaByArea};
        if (std::ranges::find(graph_.clashes, clash) == graph_.clashes.end()) graph_.clashes.push_back(clash);
    }

    void addPlanes() {
        for (std::size_t near = 0; near < plan_.stacks.size(); ++near)
            for (std::size_t far = 0; far < plan_.stacks.size(); ++far)
                if (!plan_.stacks[near].layers.empty() && !plan_.stacks[far].layers.empty() &&
                    firstArea(far).plane < firstArea(near).plane && touch(far, near))
                    add(at(near, 0), first_[far], ReasonKind::backgroundFirst);
    }

    /// Fingers carry pigment: where two areas meet, the lighter one is blended before the darker.
    void addBlendOrder() {
        const auto blends = [&](std::size_t s) {
            std::vector<int> found;
            for (int i = 0; i < int(plan_.stacks[s].layers.size()); ++i)
                if (plan_.stacks[s].layers[std::size_t(i)].manner == pigment::Manner::blend) found.push_back(i);
            return found;
        };
        for (std::size_t light = 0; light < plan_.stacks.size(); ++light)
            for (std::size_t dark = 0; dark < plan_.stacks.size(); ++dark) {
                const std::vector<int> here = blends(light), there = blends(dark);
                if (here.empty() || there.empty() || !touch(light, dark) ||
                    meanColour(plan_.stacks[light]).L <= meanColour(plan_.stacks[dark]).L)
                    continue;
                for (const int i : there) add(at(dark, i), first_[light] + here.back(), ReasonKind::lightBlendedFirst);
            }
    }

    /// A task is not of an earlier stage than what must be done before it. Stacks, planes and values each go one way,
    /// so this comes to an end.
    void settleStages() {
        for (bool isSettled = false; !isSettled;) {
            isSettled = true;
            for (Task& task : graph_.tasks)
                for (const auto& [earlier, reason] : task.before) {
                    const Task& before = graph_.tasks[std::size_t(earlier)];
                    if (before.phase < task.phase || before.stage <= task.stage) continue;
                    task.stage = before.stage;
                    isSettled = false;
                }
        }
    }

    const Plan& plan_;
    const Study& study_;
    TaskGraph graph_;
    std::vector<int> first_;  // by stack: its first task
};

}  // namespace

TaskGraph tasksOf(const Plan& plan, const Study& study) {
    return Graph(plan, study).made();
}

Stage stageOf(const PlannedStack& stack, int layer) {
    constexpr double accentShare = 0.04;  // of the area: a few touches
    // A tool belongs to what it works on.
    int count = 0, mine = -1;
    const Layer* laid = nullptr;
    for (int i = 0; i < int(stack.layers.size()); ++i) {
        const Layer& it = stack.layers[std::size_t(i)];
        if (it.stick < 0) continue;
        if (i <= layer) {
            mine = count;
            laid = &it;
        }
        ++count;
    }
    if (mine <= 0) return Stage::blockIn;
    if (mine + 1 < count) return Stage::build;
    if (laid->laid() < accentShare) return Stage::accent;
    return count > 2 ? Stage::refine : Stage::build;
}

}  // namespace planning

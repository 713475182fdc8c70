#include "planning/moves.h"

#include <algorithm>

namespace planning {

namespace {

const std::string& keyOf(const Plan& plan, const LayerPlace& place) {
    return plan.stacks[std::size_t(place.stack)].layers[std::size_t(place.layer)].key;
}

class TurnMover {
 public:
    TurnMover(const Plan& plan, const std::vector<Task>& tasks, std::vector<Turn> turns)
        : plan_(plan), tasks_(tasks), turns_(std::move(turns)) {}

    void move(const MovedLayer& moved) {
        const std::optional<int> task = taskOf(moved.layer);
        const std::optional<int> goal = moved.after.empty() ? 0 : placeAfter(moved.after);
        if (!task || !goal) return;
        const auto mine = turnOf(*task);
        std::size_t earliest = 0, latest = turns_.size();  // places between turns, counted with the turn that it leaves
        for (const auto& [before, reason] : tasks_[std::size_t(*task)].before)
            earliest = std::max(earliest, turnOf(before) + 1);
        for (std::size_t t = 0; t < tasks_.size(); ++t)
            for (const auto& [before, reason] : tasks_[t].before)
                if (before == *task) latest = std::min(latest, turnOf(int(t)));
        const std::size_t place = std::clamp(std::size_t(*goal), earliest, latest);
        const Turn from = turns_[mine];
        std::erase(turns_[mine].tasks, *task);
        const auto isSameHold = [&](std::size_t turn) {
            return !turns_[turn].tasks.empty() && holdOf(plan_, tasks_[std::size_t(turns_[turn].tasks.front())]) ==
                                                      holdOf(plan_, tasks_[std::size_t(*task)]);
        };
        // With the turn before it or the one after it, if that is laid with the same.
        if (place > earliest && isSameHold(place - 1))
            join(place - 1, *task);
        else if (place < latest && isSameHold(place))
            join(place, *task);
        else
            turns_.insert(turns_.begin() + std::ptrdiff_t(place), Turn{from.stage, from.phase, {*task}, true});
        std::erase_if(turns_, [](const Turn& turn) { return turn.tasks.empty(); });
    }

    std::vector<Turn> turns() && { return std::move(turns_); }

 private:
    void join(std::size_t turn, int task) {
        turns_[turn].tasks.push_back(task);
        turns_[turn].isMoved = true;
    }

    std::optional<int> taskOf(const std::string& key) const {
        for (std::size_t t = 0; t < tasks_.size(); ++t)
            if (keyOf(plan_, tasks_[t].place) == key) return int(t);
        return std::nullopt;
    }
    std::size_t turnOf(int task) const {
        return std::size_t(
            std::ranges::find_if(turns_, [&](const Turn& turn) { return std::ranges::count(turn.tasks, task) > 0; }) -
            turns_.begin());
    }
    std::optional<int> placeAfter(const std::string& key) const {
        const std::optional<int> task = taskOf(key);
        return task ? std::optional(int(turnOf(*task)) + 1) : std::nullopt;
    }

    const Plan& plan_;
    const std::vector<Task>& tasks_;
    std::vector<Turn> turns_;
};

/// The number of the last step of the drawing and the ground.
int begunWith(const std::vector<Step>& steps) {
    return int(std::ranges::find_if(steps, [](const Step& step) { return !step.layers.empty(); }) - steps.begin());
}

}  // namespace

std::vector<Turn> movedTurns(const Plan& plan, const Study& study, const std::vector<Task>& tasks,
                             std::vector<Turn> turns) {
    TurnMover mover(plan, tasks, std::move(turns));
    for (const MovedLayer& moved : study.movedLayers) mover.move(moved);
    return std::move(mover).turns();
}

std::optional<TimeRoom> roomInTime(const Plan& plan, const Study& study, int step, int stack) {
    const Step& moved = plan.steps[std::size_t(step - 1)];
    TimeRoom room;
    for (const LayerPlace& place : moved.layers)
        if (stack < 0 || place.stack == stack) room.layers.push_back(place);
    if (room.layers.empty()) return std::nullopt;
    room.earliest = begunWith(plan.steps);
    room.latest = int(plan.steps.size());
    const bool hasGround = room.earliest > 1;
    room.before = {room.earliest, {hasGround ? ReasonKind::groundFirst : ReasonKind::firstMarks}};
    const auto stepOf = [&](const LayerPlace& place) {
        return std::ranges::find_if(plan.steps,
                                    [&](const Step& it) { return std::ranges::count(it.layers, place) > 0; })
            ->number;
    };
    const std::vector<Task> tasks = tasksOf(plan, study).tasks;
    const auto isMoved = [&](const Task& task) { return std::ranges::count(room.layers, task.place) > 0; };
    for (const Task& task : tasks)
        for (const auto& [earlier, reason] : task.before) {
            const Task& before = tasks[std::size_t(earlier)];
            if (isMoved(task) && stepOf(before.place) > room.earliest) {
                room.earliest = stepOf(before.place);
                room.before = {room.earliest, reason, before.place.stack};
            }
            if (isMoved(before) && stepOf(task.place) - 1 < room.latest) {
                room.latest = stepOf(task.place) - 1;
                room.after = Hindrance{room.latest + 1, reason, task.place.stack};
            }
        }
    return room;
}

void moveInTime(Study& study, const Plan& plan, const TimeRoom& room, int after) {
    const std::string goal = after > begunWith(plan.steps) ? plan.steps[std::size_t(after - 1)].key : std::string();
    for (const LayerPlace& place : room.layers) study.movedLayers.push_back({keyOf(plan, place), goal});
}

std::vector<LayerPlace> movedIn(const Plan& plan, const Study& study, const Step& step) {
    std::vector<LayerPlace> moved;
    for (const LayerPlace& place : step.layers)
        if (std::ranges::count(study.movedLayers, keyOf(plan, place), &MovedLayer::layer) > 0) moved.push_back(place);
    return moved;
}

void leaveTimeOpen(Study& study, const Plan& plan, const std::vector<LayerPlace>& layers) {
    for (const LayerPlace& place : layers)
        std::erase_if(study.movedLayers, [&](const MovedLayer& one) { return one.layer == keyOf(plan, place); });
}

}  // namespace planning

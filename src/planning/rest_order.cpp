#include "planning/rest_order.h"

#include <algorithm>
#include <map>

#include "planning/sequence.h"

namespace planning {

namespace {

class RestOrderer {
 public:
    RestOrderer(const Plan& plan, const Study& study, const std::vector<RestSlot>& slots)
        : plan_(plan), slots_(slots), tasks_(tasksOf(plan, study).tasks), made_(plan, study, tasks_) {
        for (const RestSlot& slot : slots)
            if (slot.isLaid) lastLaid_ = std::max(lastLaid_, slot.step.number);
    }

    std::vector<Step> made() {
        const std::size_t begun = made_.steps().size();  // the drawing and the ground
        std::vector<std::vector<int>> tasks(slots_.size());
        for (std::size_t t = 0; t < tasks_.size(); ++t) {
            const std::size_t slot = slotOf(int(t));
            if (slot < slots_.size())
                tasks[slot].push_back(int(t));
            else
                late_.push_back(int(t));
        }
        for (std::size_t i = begun; i < slots_.size(); ++i) lay(slots_[i], tasks[i]);
        while (!late_.empty() && layLate(nullptr)) {
        }
        std::vector<Step> steps = made_.steps();
        for (const RestSlot& slot : slots_) {
            const auto at = std::size_t(slot.step.number - 1);
            if (at >= steps.size()) continue;
            if (slot.isEmpty) steps[at].isEmpty = true;
            if (!slot.isLaid) continue;
            std::vector<LayerPlace> layers = std::move(steps[at].layers);
            steps[at] = slot.step;
            steps[at].layers = std::move(layers);
        }
        return steps;
    }

 private:
    /// Where a task was; behind all slots if it is new.
    std::size_t slotOf(int task) const {
        const LayerPlace& place = tasks_[std::size_t(task)].place;
        const std::string& key = plan_.stacks[std::size_t(place.stack)].layers[std::size_t(place.layer)].key;
        const auto holds = [&](const RestSlot& slot) {
            return std::ranges::any_of(slot.pieces, [&](const RestSlot::Piece& piece) {
                return piece.stack == place.stack && piece.layer == key;
            });
        };
        return std::size_t(std::ranges::find_if(slots_, holds) - slots_.begin());
    }

    void add(const std::vector<int>& tasks, const RestSlot* slot = nullptr) {
        const Task& first = tasks_[std::size_t(tasks.front())];
        // What is laid ahead of its own stage belongs to the one in which it is laid.
        const bool isOfSlot = slot && slot->step.stage != Stage::fix && !slot->isEmpty;
        const bool isMoved = slot && std::ranges::count(slot->step.why, ReasonKind::laidThenByHand, &Reason::kind) > 0;
        made_.add({isOfSlot ? slot->step.stage : first.stage, first.phase, tasks, isMoved});
    }

    void lay(const RestSlot& slot, const std::vector<int>& tasks) {
        std::map<Hold, std::vector<int>> ready;
        for (const int t : tasks) {
            if (made_.isAllowed(t))
                ready[holdOf(plan_, tasks_[std::size_t(t)])].push_back(t);
            else
                late_.push_back(t);
        }
        if (ready.empty()) {
            if (slot.isLaid || !layLate(&slot)) made_.addEmpty(slot.step);
            return;
        }
        // What has become another stick's leaves the step to the larger part, or to what was there before.
        auto mine = ready.find({slot.step.stick, slot.step.tool, slot.step.manner});
        if (mine == ready.end()) mine = ready.begin();
        std::vector<int> now = mine->second;
        for (const auto& [hold, others] : ready)
            if (hold != mine->first) late_.insert(late_.end(), others.begin(), others.end());
        if (!slot.isLaid)
            std::erase_if(late_, [&](int t) {
                const bool joins = made_.isAllowed(t) && holdOf(plan_, tasks_[std::size_t(t)]) == mine->first;
                if (joins) now.push_back(t);
                return joins;
            });
        add(now, &slot);
        // A step between would change the numbers of what is laid.
        while (int(made_.steps().size()) >= lastLaid_ && layPressing()) {
        }
    }

    /// Lays what waits if a step of the plan before waits for it.
    bool layPressing() {
        const auto isPressing = [&](int late) {
            if (!made_.isAllowed(late)) return false;
            return std::ranges::any_of(tasks_, [&](const Task& task) {
                return std::ranges::any_of(task.before, [&](const auto& edge) { return edge.first == late; });
            });
        };
        const auto at = std::ranges::find_if(late_, isPressing);
        if (at == late_.end()) return false;
        const int task = *at;
        late_.erase(at);
        add({task});
        return true;
    }

    /// Lays the first that waits and is allowed, with all of its hold: in the place of a slot, or at the end.
    bool layLate(const RestSlot* slot) {
        if (slot && int(made_.steps().size()) + 1 <= lastLaid_ && slot->isLaid) return false;
        const auto first = std::ranges::find_if(late_, [&](int t) { return made_.isAllowed(t); });
        if (first == late_.end()) return false;
        const Hold hold = holdOf(plan_, tasks_[std::size_t(*first)]);
        std::vector<int> now;
        std::erase_if(late_, [&](int t) {
            const bool joins = made_.isAllowed(t) && holdOf(plan_, tasks_[std::size_t(t)]) == hold;
            if (joins) now.push_back(t);
            return joins;
        });
        add(now);
        return true;
    }

    const Plan& plan_;
    const std::vector<RestSlot>& slots_;
    const std::vector<Task> tasks_;
    Sequence made_;
    std::vector<int> late_;
    int lastLaid_ = 0;
};

}  // namespace

std::vector<RestSlot> slotsOf(const Plan& plan) {
    std::vector<RestSlot> slots;
    for (const Step& step : plan.steps) {
        RestSlot slot{step, {}, false, step.isEmpty};
        for (const LayerPlace& place : step.layers)
            slot.pieces.push_back(
                {place.stack, plan.stacks[std::size_t(place.stack)].layers[std::size_t(place.layer)].key});
        slots.push_back(std::move(slot));
    }
    return slots;
}

std::vector<Step> orderedOn(const Plan& plan, const Study& study, const std::vector<RestSlot>& slots) {
    return RestOrderer(plan, study, slots).made();
}

}  // namespace planning

#pragma once

#include <utility>
#include <vector>

#include "planning/plan.h"

namespace planning {

/// One layer of one stack: the smallest thing to put in order.
struct Task {
    LayerPlace place;
    Stage stage = Stage::blockIn;
    int phase = 0;                               // all of a phase comes before the next one
    std::vector<std::pair<int, Reason>> before;  // tasks that must be done, and why
};

/// Every layer of the plan's stacks with all that the approach asks of its place: no circle among the reasons, and no
/// stage that its reasons do not allow. What had to give way to that is told.
struct TaskGraph {
    std::vector<Task> tasks;
    std::vector<Clash> clashes;
};
TaskGraph tasksOf(const Plan& plan, const Study& study);

/// When a layer of a stack is laid if nothing else is asked.
Stage stageOf(const PlannedStack& stack, int layer);

}  // namespace planning

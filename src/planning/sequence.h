#pragma once

#include <tuple>
#include <vector>

#include "planning/tasks.h"

namespace planning {

/// One turn at the sheet: layers that are laid with what is in the hand, one after the other.
struct Turn {
    Stage stage = Stage::blockIn;  // in which it is laid
    int phase = 0;
    std::vector<int> tasks;  // into TaskGraph::tasks
    bool isMoved = false;    // the artist lays it at this time
};

/// What is in the hand, and how it is used.
using Hold = std::tuple<int, Tool, pigment::Manner>;  // stick, tool, manner
Hold holdOf(const Plan& plan, const Task& task);

/// Steps in the making: the drawing and the ground, then turn after turn, each with its number, what it comes after,
/// reasons, minutes and waits. A turn whose places are not dry yet is waited for.
class Sequence {
 public:
    Sequence(const Plan& plan, const Study& study, const std::vector<Task>& tasks);

    void add(Turn turn);
    /// Keeps the number of a step that is not laid.
    void addEmpty(const Step& step);
    /// All that must be done before this task is.
    bool isAllowed(int task) const;
    bool isDone(int task) const { return stepOf_[std::size_t(task)] > 0; }
    /// When it is dry where this task goes, on the clock.
    double dryAt(int task) const { return dryAt_[std::size_t(tasks_[std::size_t(task)].place.stack)]; }
    double clock() const { return clock_; }  // minutes since the first step began
    void waitUntil(double minutes);
    const std::vector<Step>& steps() const { return steps_; }
    const std::vector<Turn>& turns() const { return turns_; }

 private:
    void addDrawing();
    void addGround();
    void push(Step step);
    int drawingStick() const;
    const PlannedStack& stackOf(int task) const {
        return plan_.stacks[std::size_t(tasks_[std::size_t(task)].place.stack)];
    }
    ReasonKind phaseReason(const PlannedStack& stack) const;
    bool isGrounded(const PlannedStack& stack) const;

    const Plan& plan_;
    const Study& study_;
    const std::vector<Task>& tasks_;
    std::vector<int> stepOf_;    // by task: its number; 0 while it is open
    std::vector<double> dryAt_;  // by stack
    std::vector<Step> steps_;
    std::vector<Turn> turns_;
    double clock_ = 0;
    int lastGround_ = 1;
    int stageBegan_ = 0;  // the number of the last step before the stage in hand
};

}  // namespace planning

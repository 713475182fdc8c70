#pragma once

#include "planning/sequence.h"

namespace planning {

/// The turns with what the artist moved in time where it was moved to, as far as the reasons allow: one move after the
/// other, each to where the turn that it names stands then. A move of what is not there any more does nothing.
std::vector<Turn> movedTurns(const Plan& plan, const Study& study, const std::vector<Task>& tasks,
                             std::vector<Turn> turns);

/// What lets layers go no farther in time.
struct Hindrance {
    int step = 0;  // number
    Reason reason;
    int stack = -1;  // where; -1 for the whole sheet
};

/// Between which steps layers of one step may be moved, and what forbids more. Places in time are told by the number of
/// the step that goes before.
struct TimeRoom {
    int earliest = 0, latest = 0;
    Hindrance before;                     // there is always one: the drawing at least
    std::optional<Hindrance> after = {};  // none: nothing lies over them
    std::vector<LayerPlace> layers = {};  // that are moved
};

/// Of a step of the plan, or of its layer on one stack alone; nullopt where it cannot be moved: the drawing, the
/// ground, and a stack that is not in it.
std::optional<TimeRoom> roomInTime(const Plan& plan, const Study& study, int step, int stack = -1);

/// Has these layers laid right after a step.
void moveInTime(Study& study, const Plan& plan, const TimeRoom& room, int after);

/// The layers of a step that the artist has moved.
std::vector<LayerPlace> movedIn(const Plan& plan, const Study& study, const Step& step);
/// Leaves their time to the approach again.
void leaveTimeOpen(Study& study, const Plan& plan, const std::vector<LayerPlace>& layers);

}  // namespace planning

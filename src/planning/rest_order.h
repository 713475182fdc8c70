#pragma once

#include <string>
#include <vector>

#include "planning/plan.h"
#include "planning/study.h"

namespace planning {

/// A step as a plan had it, and what of it there is in the plan that takes that one's place.
struct RestSlot {
    struct Piece {
        int stack = 0;
        std::string layer;  // key
    };
    Step step;  // its layers are of the plan before
    std::vector<Piece> pieces;
    bool isLaid = false;  // it lies there: number and place in the order are what they are
    bool isEmpty = false;
};

/// A plan's steps as such.
std::vector<RestSlot> slotsOf(const Plan& plan);

/// The steps of a plan that goes on with another: those that are laid as they were, and what is left at its old number
/// as far as that is possible. A step of which nothing is left keeps its number, empty; a layer that is new goes with a
/// step of the same stick and manner, or into one that has become empty, or between, but never before what is laid.
std::vector<Step> orderedOn(const Plan& plan, const Study& study, const std::vector<RestSlot>& slots);

}  // namespace planning

#pragma once

#include "planning/laying.h"
#include "planning/planner.h"
#include "planning/rest_order.h"
#include "planning/rest_stacks.h"

namespace planning {

/// A sheet on its way: a plan, what lies there of it, and what is to follow. done_steps.h tells it what was done,
/// seen_sheet.h how it was seen, and going_on.h makes a plan of it again. Keeps references.
struct BegunSheet {
    const Study& study;
    const materials::Library& library;
    const PlanSubject& subject;
    Plan plan;
    std::vector<RestSlot> slots;
    std::vector<Going> goings;  // of the stacks

    /// Nothing lies there yet.
    BegunSheet(const Plan& before, const Study& study, const materials::Library& library, const PlanSubject& subject);

    /// Its place among the plan's sticks, to which it is added if it is new.
    int indexOf(const materials::Material& stick);
    /// A layer of a stack over these.
    Layer layerOver(int stack, std::vector<Layer> below, const matching::StackLayer& chosen) const;
    /// A stack's part of a pressure map.
    cv::Mat mapIn(int stack, const cv::Mat& pressures) const;
};

}  // namespace planning

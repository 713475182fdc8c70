#pragma once

#include <QtGlobal>

#include "planning/planner.h"
#include "small_study.h"

/// The plan of the small study, or of one changed from it.
inline planning::Plan planOf(const planning::Study& study, int threads = 0,
                             planning::Fineness fineness = planning::Fineness::full) {
    planning::Kept kept;
    auto plan = planning::makePlan(study, smallLibrary(), kept, {}, threads, fineness);
    if (!plan) qFatal("the small study must plan");
    return *std::move(plan);
}

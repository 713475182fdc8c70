#pragma once

#include "planning/record.h"
#include "planning/replanning.h"

/// Entries as the easel writes them.

inline planning::Entry entryOf(planning::EntryKind kind, int step = 0) {
    planning::Entry entry;
    entry.kind = kind;
    entry.step = step;
    entry.at = 1'767'800'000'000 + 60'000 * step;
    return entry;
}

/// A step of a plan, laid as it is planned.
inline planning::Entry laidEntry(const planning::Plan& plan, const planning::Study& study, int step) {
    planning::Entry entry = entryOf(planning::EntryKind::done, step);
    const planning::Step& planned = plan.steps[std::size_t(step - 1)];
    entry.laid = planning::laidStep(plan, planned, study.widthMillimetres, study.heightMillimetres);
    entry.laid->plannedMinutes = planned.minutes;
    entry.laid->minutes = 1.2 * planned.minutes;
    return entry;
}

/// A record begun on a plan's sheet.
inline planning::Record recordOn(const planning::Plan& plan) {
    return {"r1", plan.paper.id, plan.paper.name, std::string(nameOf(plan.ground.strategy)), {}};
}

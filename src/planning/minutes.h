#pragma once

#include "planning/record.h"

namespace planning {

/// A step as work: from the area that it really lays on the sheet.
Work workOf(const Step& step, const Plan& plan, const Study& study);
Work workOf(const LaidStep& laid);

/// Minutes that a step takes at the study's pace; at least one.
double minutesFor(const Step& step, const Plan& plan, const Study& study);

/// Share of the picture that a step lays.
double laidShare(const Step& step, const Plan& plan);

struct MinuteRange {
    double least = 0, most = 0;
    double middle() const { return (least + most) / 2; }
};

/// Workable fixative in a thin pass, in air. Common practice, no source.
inline constexpr MinuteRange fixativeDries{5, 15};

/// Minutes until the next dry layer may go over a layer of the ground; 0 for dry ones. Common practice, no source.
MinuteRange dryingTime(const GroundLayer& layer, const materials::Paper& paper, Drying help);

/// Minutes until what a step has laid is dry; 0 for dry work. Nothing is heated that gives off a solvent.
MinuteRange driesIn(const Step& step, const Plan& plan, Drying help);
/// Whether heat may help it to dry: never alcohol or fixative, whose fumes burn.
bool mayBeHeated(const Step& step, const Plan& plan);

/// The same by the study's way to dry, in the middle.
double driesFor(const Step& step, const Plan& plan, const Study& study);

}  // namespace planning

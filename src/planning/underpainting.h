#pragma once

#include <vector>

#include "matching/tray.h"
#include "planning/plan.h"

namespace planning {

/// The ways to begin: the bare paper, and under each passage the one that serves it (lays refer to `sticks`).
struct Underpainting {
    std::vector<GroundLayer> layers;  // the bare paper first
    std::vector<int> ofPassage;       // index into layers
};

/// Bare paper under everything.
Underpainting bareGround(const Reading& reading, const materials::Paper& paper);

/// One proposal. On a paper that takes water: flat local washes, a little darker than the area (opaque gouache or
/// acrylic where the paper is toned, transparent watercolour too where it is light), and ink under the deepest darks.
/// On other papers: a dry layer of hard or soft stick, rubbed in. At most `mostMedia` of them; an area that none brings
/// nearer to its target stays bare.
Underpainting proposedUnderpainting(const Reading& reading, const materials::Paper& paper,
                                    const std::vector<matching::PreparedStick>& sticks, int mostMedia);

}  // namespace planning

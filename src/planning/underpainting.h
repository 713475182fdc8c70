#pragma once

#include "planning/plan.h"

namespace planning {

/// Bare paper under everything.
GroundProposal bareGround(const Reading& reading, const materials::Paper& paper);

/// On a paper that takes water: flat local washes, a little darker than the area (opaque gouache or acrylic where the
/// paper is toned, transparent watercolour too where it is light), and ink under areas that are darker than soft pastel
/// gets. On other papers: a dry layer of hard or soft stick, rubbed in. At most `mostMedia` of them; an area that none
/// brings nearer to its colours stays bare, as all do if there is no such medium. Areas of one stack have one ground.
GroundProposal localGround(const Plan& plan, const std::vector<materials::Material>& media,
                           const std::vector<matching::PreparedStick>& prepared, int mostMedia);

}  // namespace planning

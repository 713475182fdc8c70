#pragma once

#include "planning/plan.h"

namespace planning {

/// Bare paper under everything.
GroundProposal bareGround(const Reading& reading, const materials::Paper& paper);

/// What one way to begin (not `proposed`) lays under the plan's stacks on its paper, out of `mostMedia` of the
/// media at hand at most (`prepared` is `media`): each says for every stack which colour its ground aims at, takes the
/// nearest mixture and strength of few media, and leaves a stack bare where that is nearer. What no end can tell
/// decides nothing here: how good it is, a trial says. Wet paint on a paper that takes water, else dry sticks rubbed
/// in. Areas of one stack have one ground.
GroundProposal groundBy(Ground strategy, const Plan& plan, const std::vector<materials::Material>& media,
                        const std::vector<matching::PreparedStick>& prepared, int mostMedia);

}  // namespace planning

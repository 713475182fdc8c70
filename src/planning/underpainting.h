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

/// The same with the areas' own ways and what the artist has mixed for some: `strategy` for all of which the study says
/// nothing else; no more media than leave most of the study's sticks for the dry layers, what is mixed by hand aside.
GroundProposal groundFor(const Study& study, Ground strategy, const Plan& plan,
                         const std::vector<materials::Material>& media,
                         const std::vector<matching::PreparedStick>& prepared);

/// What the artist has mixed, as it is laid under these areas. Media that are not at hand are left out, and so is what
/// is dry where the first is wet or the other way round.
std::vector<GroundLayer> layersOf(const OwnMixture& mixed, const std::vector<int>& areas,
                                  const std::vector<materials::Material>& media);

}  // namespace planning

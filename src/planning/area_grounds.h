#pragma once

#include "planning/plan.h"

namespace planning {

/// What a way to begin lays (see groundBy) with the areas' own ways and what the artist has mixed for some: `strategy`
/// for all of which the study says nothing else; no more media than leave most of the study's sticks for the dry
/// layers, and none of families of which there may be few only; what is mixed by hand aside.
GroundProposal groundFor(const Study& study, Ground strategy, const Plan& plan,
                         const std::vector<materials::Material>& media,
                         const std::vector<matching::PreparedStick>& prepared);

/// What the artist has mixed, as it is laid under these areas. Media that are not at hand are left out, and so is what
/// is dry where the first is wet or the other way round.
std::vector<GroundLayer> layersOf(const OwnMixture& mixed, const std::vector<int>& areas,
                                  const std::vector<materials::Material>& media);

}  // namespace planning

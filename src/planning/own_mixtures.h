#pragma once

#include "matching/stack.h"
#include "planning/plan.h"

namespace planning {

/// The layers of the artist's own mixtures in terms of `media`; of those that lay each stick once and use no tool, as a
/// stack does.
std::vector<matching::Layers> ownLayers(const std::vector<materials::OwnMixture>& mixtures,
                                        const std::vector<materials::Material>& media);

/// Says in each stack which of the mixtures are laid in it.
void nameMixtures(Plan& plan, const std::vector<materials::OwnMixture>& mixtures);

}  // namespace planning

#pragma once

#include <vector>

#include "matching/stack.h"
#include "planning/plan.h"
#include "planning/study.h"

namespace planning {

/// What the artist lays in the place of a stick that is missing is laid in its very layers. By stick of `media`, the
/// one that is laid: itself, or what stands in for it if that is at hand and dry.
std::vector<int> laidInstead(const Study& study, const std::vector<materials::Material>& media);

/// The stacks with what stands in, in the same manner or, where it cannot be laid so, in its own first one. The same
/// layer twice in a row is laid once.
std::vector<matching::Stack> withStandIns(std::vector<matching::Stack> stacks, const Study& study,
                                          const std::vector<materials::Material>& media);

/// The ground, found anew without what is missing if it draws on that.
GroundProposal withStandIns(GroundProposal ground, const Study& study, const Plan& plan,
                            const std::vector<materials::Material>& media);

/// The study as if nothing stood in for anything.
Study withoutStandIns(Study study);

/// What stands in for a stick; null if nothing does.
const StickChoice* standInOf(const Study& study, const std::string& stick);
/// For what a stick stands in; null if for nothing.
const StickChoice* standsInFor(const Study& study, const std::string& stick);

}  // namespace planning

#pragma once

#include "matching/palette.h"
#include "planning/plan.h"

namespace planning {

struct KeptMaps;

/// Has every stack begin on the plan's ground.
void standOnGround(Plan& plan);

/// What each stack asks of the search. Small areas and what the picture is about count for more than their place; a
/// layer for small ones must better them by more.
std::vector<matching::Want> wantsOf(const Plan& plan);
/// The same without the sticks of `media` that the artist bars from areas.
std::vector<matching::Want> wantsOf(const Plan& plan, const Study& study,
                                    const std::vector<materials::Material>& media);
matching::StackWeights weightsFor(const Study& study);

/// The search at its full width.
matching::SearchWidth fullWidth(const Study& study);
/// What is left for dry sticks beside the media of the plan's ground, and those of `media` that are pinned.
matching::PaletteRules paletteRules(const Plan& plan, const Study& study,
                                    const std::vector<materials::Material>& media);

/// Gives the plan the layers that have been found for its stacks, out of `media`, and keeps only what is used.
void takeStacks(Plan& plan, const Study& study, const std::vector<materials::Material>& media,
                const std::vector<matching::Stack>& stacks);

/// What a chosen layer (its stick an index into the plan's) is as the next one of a stack.
Layer nextLayer(const Plan& plan, const Study& study, const PlannedStack& stack, const matching::StackLayer& chosen);

/// The stacks' pressure maps, found at `scale` (0..1) of the plan's size. `wanted` is the reference as it is wanted
/// (CV_32FC3, CIELAB). A map that `kept` has from the same task is not made anew; it then has those of this plan.
void makePressureMaps(Plan& plan, const Study& study, const cv::Mat& wanted, double scale,
                      std::shared_ptr<const KeptMaps>* kept = nullptr);

/// One stack's pressure maps, found anew over those of its first layers (CV_8U, as large as the plan's), which lie
/// there.
void pressOver(Plan& plan, const Study& study, int stack, const cv::Mat& wanted, const std::vector<cv::Mat>& laid);

}  // namespace planning

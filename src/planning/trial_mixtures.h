#pragma once

#include <optional>

#include "common/progress.h"
#include "planning/plan.h"
#include "planning/trial_sheet.h"
#include "review/trial_card.h"

namespace planning {

/// The best mixtures for the mean colour of each of a plan's stacks on its bare paper: a row for each, the largest
/// first, the best at the left. nullopt if cancelled. The sticks are those of `media`, under the plan's light.
struct AreaMixtures {
    TrialSheet sheet;
    std::vector<int> stacks;  // of the plan, row by row
};
inline constexpr int mixturesForArea = 3;
std::optional<AreaMixtures> mixturesOfAreas(const Plan& plan, const std::vector<materials::Material>& media,
                                            const common::Progress& progress);

/// A card of these swatches of a sheet, window by window; more than its fields are left out.
review::TrialCard cardOf(const TrialSheet& sheet, const std::vector<int>& swatches,
                         const std::vector<materials::Material>& media);
inline constexpr std::size_t mostOnCard = review::cardWindows * (review::windowFields - 1);

/// Has strokes of sticks of the media name those of the card, which gets what it does not have yet.
void addTo(review::TrialCard& card, Strokes& strokes, const std::vector<materials::Material>& media);

}  // namespace planning

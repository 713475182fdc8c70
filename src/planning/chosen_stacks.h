#pragma once

#include "planning/comparison.h"
#include "planning/laying.h"
#include "planning/study_fields.h"

namespace planning {

/// What the plan chose by itself, before anything that the artist set: kept for the next plan, since most changes by
/// hand leave it as it is.
struct KeptStacks {
    ChoiceKey choices;  // without what is set by hand
    materials::Paper paper;
    std::vector<colour::Lab> startColours;  // of the stacks
    std::vector<materials::Material> media;
    std::vector<materials::OwnMixture> mixtures;
    matching::Palette palette;
    std::vector<matching::Stack> finished;  // with tools
};

/// Whether the one study's stacks follow from the other's and what is set by hand.
bool differOnlyByHand(const Study& one, const Study& other);

/// The plan's stacks, one for each area or areas that are planned together: searched over the plan's ground with the
/// tray (of the library), the artist's own mixtures tried too, tools put between; and around what the artist set, as
/// far as it can be laid. nullopt if cancelled.
std::optional<std::vector<matching::Stack>> chosenStacks(const Plan& plan, const Study& study,
                                                         const materials::Library& library,
                                                         const std::vector<matching::PreparedStick>& tray,
                                                         const matching::SearchWidth& width,
                                                         std::shared_ptr<const KeptStacks>& kept,
                                                         const common::Progress& progress);

}  // namespace planning

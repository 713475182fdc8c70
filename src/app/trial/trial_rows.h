#pragma once

#include <string>
#include <vector>

#include "planning/trial_sheet.h"
#include "review/trial_card.h"

namespace app {

/// A swatch by its sticks' ids, under a name.
materials::OwnMixture mixtureOf(const planning::Strokes& strokes, const std::vector<materials::Material>& media,
                                const std::string& name, const std::string& paper);
/// Back from that; nullopt where a stick is not at hand.
std::optional<planning::Strokes> strokesOf(const materials::OwnMixture& mixture,
                                           const std::vector<materials::Material>& media);

/// What a printed trial card is remembered by: of each window the paper's id, then each field's strokes.
std::vector<std::string> rowsOf(const review::TrialCard& card);
/// Back from those, in terms of what is at hand now: `sticks` become those that are named. Nothing where the page was
/// no trial card, or its papers are gone; fields whose sticks are gone are left bare.
std::optional<review::TrialCard> trialCardOf(const std::vector<std::string>& rows, const materials::Library& library);

}  // namespace app

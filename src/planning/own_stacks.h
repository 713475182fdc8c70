#pragma once

#include <optional>
#include <vector>

#include "matching/palette.h"
#include "planning/plan.h"

namespace planning {

/// What the artist has said of a stack's layers; null if nothing.
const OwnStack* ownStackOf(const Plan& plan, const Study& study, int stack);

/// The layers that are set by hand, by stack, in terms of `media`; a layer whose stick is not among them is left out.
std::vector<std::optional<matching::Layers>> setByHand(const Plan& plan, const Study& study,
                                                       const std::vector<materials::Material>& media);
std::optional<matching::Layers> layersOf(const OwnStack& own, const std::vector<materials::Material>& media);

/// The plan's layers as if the artist had set them, to be changed from there.
OwnStack ownStackFrom(const Plan& plan, const Study& study, int stack);

/// The sticks, by id, that the artist bars from a stack's areas.
std::vector<std::string> barredFrom(const Plan& plan, const Study& study, int stack);

/// Lays what is set heavier or lighter over all so, wherever it is laid.
void pressAsSet(Plan& plan, const Study& study);
/// The same for one stack, from its layer `from` on.
void pressAsSet(Plan& plan, const Study& study, int stack, std::size_t from);

/// Lays a pressure map half a pressure heavier (1) or lighter (-1) in a part of the sheet, wherever it is laid there.
void press(cv::Mat& map, const cv::Mat& where, int heavier);

}  // namespace planning

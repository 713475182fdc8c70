#pragma once

#include <optional>

#include "review/card_reader.h"

namespace review {

/// What the fields of one row tell about a stick.
struct StickReading {
    colour::Xyz masstone;      // relative to D50
    double masstoneError = 0;  // CIEDE2000, one standard error
    /// S times thickness of the layer that each pressure leaves (the film's scattering power), and the relative
    /// standard error of these. Where a layer hides all, only that it is large can be told: the error is then near 1.
    std::array<double, 3> scatter{}, scatterError{};
    /// Share of the paper that each pressure covers.
    std::array<double, 3> coverage{};
    /// Luminance over black by luminance over white, 0..1: how well each layer hides (ISO 6504-3).
    std::array<double, 3> contrastRatio{};
    double misfit = 0;  // CIEDE2000 in the mean, between what was read and the film that fits best
};

/// Fits one film of one masstone at three thicknesses and coverages to the good fields of a row (least squares in
/// CIELAB, by Levenberg and Marquardt). Nothing when no field is good.
std::optional<StickReading> stickFrom(const std::array<FieldReading, 3>& fields, const CardReading& card);

}  // namespace review

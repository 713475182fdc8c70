#pragma once

#include <optional>

#include "materials/owned.h"
#include "review/stick_reading.h"

namespace review {

/// What a card says of the sticks and papers that lie in its rows.
struct CardMaterials {
    /// A thing for each row with its colour as read and how far that may be off; for a stick also the hiding power,
    /// where some layer lets light through; the rest as it was known. Nothing for rows without a good field, for tools,
    /// and for readings that stray too far from any film or any one colour.
    std::vector<std::optional<materials::Owned>> rows;
    /// The artist's own pressure: how much is laid, relative to the usual hand.
    double hand = 1;
};

/// `known` are the things in the order of the page's rows. Hiding power is told relative to the kind's usual one, the
/// pressure being the same for all sticks of the card. Of a paper an offcut lies over the whole row, bars and all.
CardMaterials materialsFrom(const CardReading& card, const std::vector<materials::Owned>& known);

}  // namespace review

#pragma once

#include <optional>

#include "materials/material.h"
#include "review/stick_reading.h"

namespace review {

/// What a card says of the sticks that were laid in its rows.
struct CardMaterials {
    /// A stick for each row: masstone as read, and hiding power where some layer lets light through; the rest as it was
    /// known. Nothing for rows without a good field, and for those that stray too far from any film.
    std::vector<std::optional<materials::Material>> rows;
    /// The artist's own pressure: how much is laid, relative to the usual hand.
    double hand = 1;
};

/// `known` are the sticks in the order of the card's rows, for the whole set of pages; the card's page tells where it
/// begins. Hiding power is told relative to the kind's usual one, the pressure being the same for all sticks of the
/// card.
CardMaterials materialsFrom(const CardReading& card, const std::vector<materials::Material>& known);

}  // namespace review

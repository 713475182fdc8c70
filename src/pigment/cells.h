#pragma once

#include "pigment/patch.h"

namespace pigment {

/// The hot loops of the film model, over all bands and cells of a patch.

/// What a stroke does in each cell. Amounts in full layers of the pigment.
struct CellAmounts {
    alignas(64) Patch::Cells covered;  // share of the cell's area that is touched
    alignas(64) Patch::Cells laid;     // the new film, where touched
    float looseShare;                  // part of it that stays loose
    float stirred;                     // share of the loose load that goes into the new film
};

void layFilms(Patch& patch, const Pigment& pigment, const CellAmounts& amounts);

/// Takes the loose load off, mixes the share `rubbed` of it over all cells by amount (D. R. Duncan, 1940), and lays it
/// back as one film, of which the share `pressedIn` is loose no longer; what is seen changes by the share `seen` of
/// that.
void spreadLoose(Patch& patch, float rubbed, float pressedIn, float seen);

}  // namespace pigment

#pragma once

#include <span>
#include <vector>

#include "matching/tray.h"
#include "pigment/lay.h"

namespace matching {

/// What one stick does to the one beneath it in a mixture, or the paper to all of it.
enum class MixtureEffect {
    calms,      // opposite hues take each other's chroma
    between,    // hues apart give one between them
    shades,     // darker over lighter
    tints,      // lighter over darker
    greys,      // a grey takes chroma
    alike,      // little is between them
    apart,      // lines stay apart, and mix in the eye
    paperShows  // figure: share of the light that is the paper's, 0..1
};

struct MixtureReason {
    MixtureEffect effect;
    colour::Lab under, over;  // masstones; of the paper, its own colour in both
    double figure = 0;        // chroma that comes of it, but for paperShows
};

/// Why a mixture comes out as it does: a reason for each stroke over another, then what of the paper shows. Hues count
/// as opposite, apart or alike by their angle in CIELAB (common practice, no source); what the paper does is told by
/// laying the same over white and over black, as hiding power is (ISO 6504-3).
std::vector<MixtureReason> mixtureReasons(std::span<const pigment::Lay> lays, const std::vector<PreparedStick>& sticks,
                                          const materials::Paper& paper, colour::Light light);

}  // namespace matching

#pragma once

#include "pigment/film.h"

namespace pigment {

/// One swatch laid over white and over black: reflectances of the swatch over each, and of the bare grounds.
struct Readings {
    Spectrum overWhite, overBlack, white, black;
};

/// K and S times the swatch's thickness, band by band.
struct FilmPowers {
    Spectrum absorb, scatter;
};

/// Solves Kubelka's equation (1948) for the film that gives both readings. Where they agree the film hides and its
/// scattering can only be said to be large: it is then set to that of a film that hides 99.9 %. Readings that no film
/// can give (brighter than the white ground, darker over white than over black) are taken for the nearest that one can.
FilmPowers powersFromReadings(const Readings& readings);

}  // namespace pigment

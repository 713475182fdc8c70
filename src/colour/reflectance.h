#pragma once

#include <array>

#include "colour/lab.h"
#include "colour/light.h"
#include "colour/spectrum.h"
#include "colour/srgb.h"

namespace colour {

/// What each band adds to X, Y and Z relative to D50 under `light`, adapted by Bradford.
using XyzWeights = std::array<std::array<float, bandCount>, 3>;
const XyzWeights& xyzWeights(Light light);

/// XYZ relative to D50 of a reflectance seen under `light` by the CIE 1931 observer, adapted by Bradford.
Xyz xyzOfReflectance(const Spectrum& reflectance, Light light);
Lab labOfReflectance(const Spectrum& reflectance, Light light);

/// How a surface of this colour in daylight (D65) looks under another light, adapted to it. Its reflectance is taken
/// for the smoothest that has the colour.
Lab labUnder(const Lab& inDaylight, Light light);

/// The smoothest reflectance between 0 and 1 that has this colour under D65: least hyperbolic-tangent slope squared
/// (S. A. Burns, Color Research & Application 45, 2020). `xyz` relative to D50; a colour that no reflectance can have
/// is first brought towards the grey of its luminance, just so far that one can.
Spectrum reflectanceFromXyz(const Xyz& xyz);
/// Components outside 0..1 are clipped.
Spectrum reflectanceFromSrgb(const Srgb& srgb);

}  // namespace colour

#pragma once

namespace colour {

/// Munsell value 0..10 of a luminous reflectance Y (1 for the perfect white), and back: the polynomial of ASTM
/// D1535-14, inverted by Newton's method. Y outside 0..1 is clipped.
double munsellValue(double y);
double luminanceOfMunsellValue(double value);

/// The same for CIELAB lightness.
double munsellValueOfLightness(double L);
double lightnessOfMunsellValue(double value);

}  // namespace colour

#pragma once

namespace colour {

/// CIE XYZ with Y = 1 for the perfect white, relative to D50 unless a name says otherwise.
struct Xyz {
    double x = 0, y = 0, z = 0;
    bool operator==(const Xyz&) const = default;
};

/// CIELAB under D50, as ICC profiles have it.
struct Lab {
    double L = 0, a = 0, b = 0;
    bool operator==(const Lab&) const = default;
};

/// CIELAB in cylinder coordinates; hue in degrees, 0..360.
struct Lch {
    double L = 0, c = 0, h = 0;
    bool operator==(const Lch&) const = default;
};

/// White of the profile connection space, ICC.1:2010 table 13.
inline constexpr Xyz whiteD50{0.9642, 1.0, 0.8249};

/// CIE 15:2004, section 8.2.1.
Lab labFromXyz(const Xyz& xyz);
Xyz xyzFromLab(const Lab& lab);
Lch lchFromLab(const Lab& lab);
Lab labFromLch(const Lch& lch);

double chroma(const Lab& lab);
/// Hue angle in degrees, 0..360; 0 for a grey.
double hue(const Lab& lab);
/// The smaller angle between two hues, 0..180 degrees.
double hueDistance(double degrees1, double degrees2);

}  // namespace colour

#pragma once

#include <Eigen/Core>
#include <cstdint>
#include <optional>
#include <string>
#include <string_view>

#include "colour/lab.h"

namespace colour {

/// sRGB as IEC 61966-2-1 has it: encoded components, 0..1 inside the gamut.
struct Srgb {
    double r = 0, g = 0, b = 0;
    bool operator==(const Srgb&) const = default;
};

/// sRGB in eight bits a component.
struct Srgb8 {
    std::uint8_t r = 0, g = 0, b = 0;
    bool operator==(const Srgb8&) const = default;
};

/// White of sRGB, D65 with x = 0.3127, y = 0.3290.
inline constexpr Xyz whiteSrgb{0.3127 / 0.3290, 1.0, (1.0 - 0.3127 - 0.3290) / 0.3290};

double linearFromEncoded(double component);
double encodedFromLinear(double component);

/// From linear sRGB to XYZ under D65, from the primaries of IEC 61966-2-1.
const Eigen::Matrix3d& xyzFromLinearSrgb();

/// The same to XYZ relative to D50 (Bradford).
const Eigen::Matrix3d& d50FromLinearSrgb();

/// XYZ relative to D50 (Bradford from D65), and back. Colours outside the gamut come back outside 0..1.
Xyz xyzFromSrgb(const Srgb& srgb);
Srgb srgbFromXyz(const Xyz& xyz);
Lab labFromSrgb(const Srgb& srgb);
Srgb srgbFromLab(const Lab& lab);

Srgb srgbFromSrgb8(Srgb8 srgb);
Lab labFromSrgb8(Srgb8 srgb);
/// Rounded; components outside 0..1 are clipped.
Srgb8 srgb8FromSrgb(const Srgb& srgb);

/// "#rrggbb", small letters.
std::string hexFromSrgb8(Srgb8 srgb);
/// Takes "#rrggbb" in either case and nothing else.
std::optional<Srgb8> srgb8FromHex(std::string_view hex);

}  // namespace colour

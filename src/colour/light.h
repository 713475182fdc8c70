#pragma once

#include <array>
#include <optional>
#include <string_view>

#include "colour/cie_tables.h"
#include "colour/lab.h"

namespace colour {

/// The light that a sheet is seen under: CIE standard illuminants D65, D50 and A, and a white LED (see cie_tables.h).
enum class Light { daylight65, daylight50, lamp, led };
inline constexpr int lightCount = 4;

/// "daylight65", "daylight50", "lamp", "led".
std::string_view nameOf(Light light);
std::optional<Light> lightNamed(std::string_view name);

/// Relative power, a number a band.
const std::array<double, bandCount>& spectrumOf(Light light);

/// XYZ of the light itself, Y = 1, by the CIE 1931 observer.
Xyz whiteOf(Light light);

}  // namespace colour

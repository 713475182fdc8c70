#pragma once

namespace print {

/// Painting units (96 per inch) in a millimetre.
inline constexpr double mm = 96.0 / 25.4;

}  // namespace print

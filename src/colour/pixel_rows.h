#pragma once

#include <array>
#include <cstdint>

namespace colour {

/// The hot loops over a row of `count` pixels. Pixels are three numbers side by side.

/// What the code values of an RGB picture mean: light by a curve for each component, then a matrix to XYZ relative to
/// D50 (row by row). The curves hold one number for each code value.
struct CodeLight {
    std::array<const float*, 3> curves;
    std::array<float, 9> matrix;
};

/// Pixels in the order B G R.
void xyzRowFromCodes(const std::uint8_t* bgr, const CodeLight& light, float* xyz, int count);
void xyzRowFromCodes(const std::uint16_t* bgr, const CodeLight& light, float* xyz, int count);

/// CIELAB under D50; `xyz` and `lab` may be the same row.
void labRowFromXyz(const float* xyz, float* lab, int count);

/// CIEDE2000 of each pair of CIELAB pixels.
void differenceRow(const float* one, const float* other, float* difference, int count);

}  // namespace colour

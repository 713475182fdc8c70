#pragma once

#include <Eigen/Core>

#include "colour/cie_tables.h"

namespace colour {

/// One number a band (see cie_tables.h): a reflectance in 0..1, or K or S of a film. Single precision: patches hold
/// dozens of them, and 1e-7 is far below what a hand or an eye can tell.
using Spectrum = Eigen::Array<float, bandCount, 1>;

}  // namespace colour

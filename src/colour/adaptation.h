#pragma once

#include <Eigen/Core>

#include "colour/lab.h"

namespace colour {

/// The linear Bradford matrix that takes XYZ seen under `from` to XYZ seen under `to` (ICC.1:2010, annex E).
Eigen::Matrix3d bradford(const Xyz& from, const Xyz& to);

}  // namespace colour

#pragma once

#include <Eigen/Core>

#include "colour/lab.h"

namespace colour {

/// From XYZ to sharpened cone responses: Bradford (ICC.1:2010, annex E) and CAT16 (C. Li and others, Color Research &
/// Application 42, 2017).
const Eigen::Matrix3d& bradfordCones();
const Eigen::Matrix3d& cat16Cones();

/// The matrix that takes XYZ seen under `from` to XYZ seen under `to` by von Kries scaling of `cones`, adaptation being
/// complete.
Eigen::Matrix3d adaptation(const Eigen::Matrix3d& cones, const Xyz& from, const Xyz& to);

/// The linear Bradford adaptation, as ICC profiles have it.
Eigen::Matrix3d bradford(const Xyz& from, const Xyz& to);

}  // namespace colour

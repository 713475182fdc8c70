#include "colour/adaptation.h"

#include <Eigen/LU>

namespace colour {

Eigen::Matrix3d bradford(const Xyz& from, const Xyz& to) {
    Eigen::Matrix3d cones;
    cones << 0.8951, 0.2664, -0.1614, -0.7502, 1.7135, 0.0367, 0.0389, -0.0685, 1.0296;
    const Eigen::Vector3d source = cones * Eigen::Vector3d(from.x, from.y, from.z);
    const Eigen::Vector3d destination = cones * Eigen::Vector3d(to.x, to.y, to.z);
    return cones.inverse() * destination.cwiseQuotient(source).asDiagonal() * cones;
}

}  // namespace colour

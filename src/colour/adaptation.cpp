#include "colour/adaptation.h"

#include <Eigen/LU>

namespace colour {

const Eigen::Matrix3d& bradfordCones() {
    static const Eigen::Matrix3d cones =
        (Eigen::Matrix3d() << 0.8951, 0.2664, -0.1614, -0.7502, 1.7135, 0.0367, 0.0389, -0.0685, 1.0296).finished();
    return cones;
}

const Eigen::Matrix3d& cat16Cones() {
    static const Eigen::Matrix3d cones = (Eigen::Matrix3d() << 0.401288, 0.650173, -0.051461, -0.250268, 1.204414,
                                          0.045854, -0.002079, 0.048952, 0.953127)
                                             .finished();
    return cones;
}

Eigen::Matrix3d adaptation(const Eigen::Matrix3d& cones, const Xyz& from, const Xyz& to) {
    const Eigen::Vector3d source = cones * Eigen::Vector3d(from.x, from.y, from.z);
    const Eigen::Vector3d destination = cones * Eigen::Vector3d(to.x, to.y, to.z);
    return cones.inverse() * destination.cwiseQuotient(source).asDiagonal() * cones;
}

Eigen::Matrix3d bradford(const Xyz& from, const Xyz& to) {
    return adaptation(bradfordCones(), from, to);
}

}  // namespace colour

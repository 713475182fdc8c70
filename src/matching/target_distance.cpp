#include "matching/target_distance.h"

#include <algorithm>

namespace matching {

TargetDistance::TargetDistance(const colour::Lab& target) : target_(target) {
    const double own = colour::chroma(target), chroma = std::max(1e-3, own);
    const double radial = 1.0 / (1.0 + 0.045 * chroma) / chroma, tangent = 1.0 / (1.0 + 0.015 * chroma) / chroma;
    radialA_ = radial * target.a;
    radialB_ = radial * target.b;
    tangentA_ = -tangent * target.b;
    tangentB_ = tangent * target.a;
    // A grey has no direction of its own: all count alike.
    if (own < 1e-3) {
        radialA_ = tangentB_ = 1;
        radialB_ = tangentA_ = 0;
    }
}

double TargetDistance::operator()(const colour::Lab& lab) const {
    const double l = lab.L - target_.L, a = lab.a - target_.a, b = lab.b - target_.b;
    const double radial = radialA_ * a + radialB_ * b, tangent = tangentA_ * a + tangentB_ * b;
    return l * l + radial * radial + tangent * tangent;
}

}  // namespace matching

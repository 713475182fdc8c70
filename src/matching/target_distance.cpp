#include "matching/target_distance.h"

#include <algorithm>
#include <cmath>

namespace matching {

TargetDistance::TargetDistance(const colour::Lab& target) : target_(target), chroma_(colour::chroma(target)) {
    chromaWeight_ = 1.0 / std::pow(1.0 + 0.045 * chroma_, 2);
    hueWeight_ = 1.0 / std::pow(1.0 + 0.015 * chroma_, 2);
}

double TargetDistance::operator()(const colour::Lab& lab) const {
    const double l = lab.L - target_.L;
    const double c = colour::chroma(lab) - chroma_;
    const double ab = (lab.a - target_.a) * (lab.a - target_.a) + (lab.b - target_.b) * (lab.b - target_.b);
    return l * l + c * c * chromaWeight_ + std::max(0.0, ab - c * c) * hueWeight_;
}

}  // namespace matching

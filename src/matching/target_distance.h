#pragma once

#include "colour/lab.h"

namespace matching {

/// Distance to one target in the manner of CIE94, with the target's own weights and directions of chroma and hue: a
/// stand-in for CIEDE2000 when thousands are sorted. Squared, it is dL^2 and the squares of two sums of da and db.
class TargetDistance {
 public:
    explicit TargetDistance(const colour::Lab& target);
    /// Squared distance.
    double operator()(const colour::Lab& lab) const;

    /// Chroma along (a, b), and hue across it, as they count.
    double radialA() const { return radialA_; }
    double radialB() const { return radialB_; }
    double tangentA() const { return tangentA_; }
    double tangentB() const { return tangentB_; }

 private:
    colour::Lab target_;
    double radialA_, radialB_, tangentA_, tangentB_;
};

}  // namespace matching

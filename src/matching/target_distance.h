#pragma once

#include "colour/lab.h"

namespace matching {

/// Distance to one target in the manner of CIE94, with the target's own weights: a stand-in for CIEDE2000 when
/// thousands are sorted.
class TargetDistance {
 public:
    explicit TargetDistance(const colour::Lab& target);
    /// Squared distance.
    double operator()(const colour::Lab& lab) const;
    double chromaWeight() const { return chromaWeight_; }
    double hueWeight() const { return hueWeight_; }

 private:
    colour::Lab target_;
    double chroma_, chromaWeight_, hueWeight_;
};

}  // namespace matching

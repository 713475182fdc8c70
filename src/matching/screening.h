#pragma once

#include "colour/lab.h"
#include "matching/tray.h"
#include "pigment/patch.h"

namespace matching {

/// One way to lay one stick.
struct Lay {
    int stick = 0;
    pigment::Manner manner = pigment::Manner::scumble;
    pigment::Pressure pressure = pigment::Pressure::medium;

    bool operator==(const Lay&) const = default;
};

/// A lay boiled down to its mean effect on a mean reflectance: cheap, and near enough to choose what is worth the whole
/// film. Per band R' = R + covered (film(R) - R), the film a fraction of two linear terms. Cells, tooth and what a
/// stroke stirs up are left out; tests/matching says how far off that is.
class Screen {
 public:
    Screen(const Lay& lay, const pigment::Pigment& pigment, const materials::SurfaceProfile& surface);
    colour::Spectrum over(const colour::Spectrum& reflectance) const;
    /// Standard deviation of lightness between touched and untouched parts, when the mean goes from one L* to another.
    double speckle(double before, double after) const;

 private:
    friend class ScreenBank;

    colour::Spectrum top0_, top1_, bottom_;  // film(R) = (top0 + top1 R) / (bottom - top0 R)
    float covered_;
    double contrast_;  // sqrt((1 - covered) / covered)
};

/// Distance to one target in the manner of CIE94, with the target's own weights: a stand-in for CIEDE2000 when
/// thousands are sorted.
class TargetDistance {
 public:
    explicit TargetDistance(const colour::Lab& target);
    /// Squared distance.
    double operator()(const colour::Lab& lab) const;

 private:
    colour::Lab target_;
    double chroma_, chromaWeight_, hueWeight_;
};

}  // namespace matching

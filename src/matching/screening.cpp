#include "matching/screening.h"

#include <cmath>

namespace matching {

Screen::Screen(const Lay& lay, const pigment::Pigment& pigment, const materials::SurfaceProfile& surface) {
    // The film of pigment/film.h with the ground left open: a fraction of two linear terms.
    const pigment::Stroke stroke{&pigment, lay.manner, lay.pressure};
    covered_ = pigment::coverages(stroke, surface).mean();
    contrast_ = std::sqrt((1.0 - covered_) / covered_);
    const float amount = pigment::nominalAmount(stroke);
    const colour::Spectrum both = amount * (pigment.absorb + pigment.scatter);
    const colour::Spectrum e = (-2.0f * amount * pigment.root).exp();
    const colour::Spectrum less = 1.0f - e;
    const colour::Spectrum more = amount * pigment.root * (1.0f + e);
    top0_ = less * amount * pigment.scatter;
    top1_ = more - both * less;
    bottom_ = both * less + more;
}

colour::Spectrum Screen::over(const colour::Spectrum& r) const {
    return r + covered_ * ((top0_ + top1_ * r) / (bottom_ - top0_ * r) - r);
}

double Screen::speckle(double before, double after) const {
    // The touched share c moved the mean by after - before, so it stands (after - before) / c away from the rest.
    return std::fabs(after - before) * contrast_;
}

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

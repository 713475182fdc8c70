#pragma once

#include <array>

#include "colour/lab.h"
#include "pigment/patch.h"

namespace pigment {

/// One way in which the hand may go: amount and coverage as factors of the nominal ones.
struct HandSample {
    float amount = 1, coverage = 1;
    bool operator==(const HandSample&) const = default;
};

/// About a hand's own, pressure and coverage vary independently, each with the standard deviation `spread`. The mean
/// over these four equal samples is exact for any cubic (A. H. Stroud, Approximate Calculation of Multiple Integrals,
/// 1971).
inline std::array<HandSample, 4> handSamples(double spread, HandSample about = {}) {
    const auto more = static_cast<float>(1.0 + spread), less = static_cast<float>(1.0 - spread);
    const auto sample = [&](float amount, float coverage) {
        return HandSample{about.amount * amount, about.coverage * coverage};
    };
    return {{sample(more, more), sample(more, less), sample(less, more), sample(less, less)}};
}

inline constexpr double usualHandSpread = 0.15;

/// What an inexact hand makes of a stroke.
struct StrokeSpread {
    colour::Lab mean;
    colour::Lab deviation;  // standard deviation of L, a and b
    double difference;      // mean CIEDE2000 from the stroke of the nominal hand
};

/// The stroke over the patch, which stays as it is.
StrokeSpread spreadOf(const Patch& patch, const Stroke& stroke, double spread, colour::Light light);

}  // namespace pigment

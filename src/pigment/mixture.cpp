#include "pigment/mixture.h"

#include <numeric>

namespace pigment {

Pigment mixed(std::span<const Pigment> paints, std::span<const float> parts) {
    const float all = std::accumulate(parts.begin(), parts.end(), 0.0f);
    Pigment mixture = paints.front();
    mixture.absorb.setZero();
    mixture.scatter.setZero();
    mixture.amount = mixture.looseShare = mixture.hardness = 0;
    Spectrum wetScatter = Spectrum::Zero();
    for (std::size_t i = 0; i < paints.size(); ++i) {
        const Pigment& paint = paints[i];
        const float part = parts[i] / all;
        mixture.absorb += part * paint.absorb;
        mixture.scatter += part * paint.scatter;
        wetScatter += part * paint.wetScatter * paint.scatter;
        mixture.amount += part * paint.amount;
        mixture.looseShare += part * paint.looseShare;
        mixture.hardness += part * paint.hardness;
    }
    mixture.wetScatter = wetScatter.sum() / mixture.scatter.sum();
    mixture.root = (mixture.absorb * (mixture.absorb + 2.0f * mixture.scatter)).sqrt();
    return mixture;
}

}  // namespace pigment

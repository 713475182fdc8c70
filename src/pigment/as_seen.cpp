#include "pigment/as_seen.h"

#include "colour/reflectance.h"

namespace pigment {

Patch asSeen(Patch patch, const colour::Lab& measured, colour::Light light) {
    const colour::Xyz wanted = colour::xyzFromLab(measured);
    colour::Xyz aim = wanted;
    const Patch before = patch;
    const colour::Spectrum from = colour::reflectanceFromXyz(colour::xyzFromLab(labOf(before, light)));
    // What the grain and the light do to the scaled bands is taken off the aim.
    constexpr int passes = 4;
    for (int pass = 0; pass < passes; ++pass) {
        constexpr float least = 0.002f, farthest = 8;
        const colour::Spectrum factor =
            ((colour::reflectanceFromXyz(aim) + least) / (from + least)).max(1 / farthest).min(farthest);
        for (int band = 0; band < colour::bandCount; ++band) {
            patch.seen.col(band) = (before.seen.col(band) * factor[band]).min(1.0f);
            patch.beneath.col(band) = (before.beneath.col(band) * factor[band]).min(1.0f);
        }
        const colour::Xyz made = colour::xyzFromLab(labOf(patch, light));
        const auto towards = [](double is, double was, double want) {
            return std::max(0.0, is * want / std::max(1e-5, was));
        };
        aim = {towards(aim.x, made.x, wanted.x), towards(aim.y, made.y, wanted.y), towards(aim.z, made.z, wanted.z)};
    }
    return patch;
}

}  // namespace pigment

#pragma once

#include "colour/light.h"
#include "materials/surface.h"
#include "pigment/stroke.h"

namespace pigment {

/// Equal parts of the paper's height distribution, from the peaks (0) to the valleys.
inline constexpr int cellCount = 16;

/// A spot of the sheet as seen from the easel, large against the grain. The cells of a band lie side by side, so that
/// the film is reckoned for all of them at once.
struct Patch {
    using Spectra = Eigen::Array<float, cellCount, colour::bandCount>;
    using Cells = Eigen::Array<float, cellCount, 1>;

    alignas(64) Spectra seen;          // reflectance from above
    alignas(64) Spectra beneath;       // the same with the loose load taken off
    alignas(64) Spectra looseAbsorb;   // K times thickness of the loose load
    alignas(64) Spectra looseScatter;  // S times thickness of the loose load
    alignas(64) Cells loose;           // amount lying loose
    Cells filled;                      // amount in the tooth, the loose one included
    Cells capacity;                    // amount that the cell holds
    float grip;                        // what the paper takes off a dry stick, 1 as usual for its surface
    const materials::SurfaceProfile* surface;
};

Patch barePatch(const materials::SurfaceProfile& surface, const Spectrum& paper);

Patch barePatch(const materials::Paper& paper);

/// Lays one stroke. Never allocates; a stroke on a full tooth changes next to nothing.
void lay(Patch& patch, const Stroke& stroke);

/// Share 0..1 of the sheet's area that the stroke touches in each cell.
Patch::Cells coverages(const Stroke& stroke, const materials::SurfaceProfile& surface);

/// What a stroke that lays pigment offers to the tooth.
struct Offer {
    float amount;      // in full layers of its own kind
    float looseShare;  // part of what is held that stays loose
    float stirred;     // share of the loose load that is taken up into it
    float slide;       // how badly it holds on loose load (see heldShare)
};
Offer offerOf(const Stroke& stroke);

/// What the eye sees: the mean of the cells' reflectances, areas side by side (H. E. J. Neugebauer, 1937).
Spectrum meanReflectance(const Patch& patch);
colour::Lab labOf(const Patch& patch, colour::Light light);

/// How much the grain shows: standard deviation of lightness L* over the cells.
double speckle(const Patch& patch);

/// Share of the tooth that is filled, and the amount lying loose (in medium full layers of a soft stick).
double toothUsed(const Patch& patch);
double looseLoad(const Patch& patch);

}  // namespace pigment

#include "pigment/patch.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "colour/lab_compression.h"
#include "colour/reflectance.h"
#include "pigment/cells.h"
#include "pigment/tooth.h"

namespace pigment {

namespace {

/// For light, medium and heavy: how deep a stick's face gets on sanded 400, in micrometres. There it covers 0.35, 0.6
/// and 0.9 of the sheet when scumbled, as in the agreed model.
constexpr std::array<double, 3> scumbleReach{28.5, 39.0, 54.0};
constexpr std::array<double, 3> pressReach{48.0, 56.0, 62.0};
constexpr PressureFigures hatchCoverages{0, 0.35f, 0.6f, 0.9f};
constexpr PressureFigures dabCoverages{0, 0.95f, 0.95f, 0.95f};
constexpr PressureFigures rubShares{0, 0.5f, 0.75f, 0.9f};
constexpr PressureFigures liftShares{0, 0.4f, 0.6f, 0.8f};

/// What a manner does to the amount of a full layer, and to the part of it that stays loose.
struct Weight {
    float amount, loose;
};

Weight weightOf(Manner manner) {
    switch (manner) {
        case Manner::press:
            return {1.4f, 0.4f};
        case Manner::dab:
            return {1.5f, 0.7f};
        case Manner::scumble:
        case Manner::hatch:
        case Manner::wash:
        case Manner::blend:
        case Manner::fix:
        case Manner::lift:
            break;
    }
    return {1.0f, 1.0f};
}

void deposit(Patch& patch, const Stroke& stroke) {
    const Pigment& pigment = *stroke.pigment;
    const Offer offer = offerOf(stroke);
    CellAmounts amounts;
    amounts.covered = coverages(stroke, *patch.surface);
    amounts.laid.setConstant(offer.amount);
    if (!pigment.wet)
        for (int cell = 0; cell < cellCount; ++cell)
            amounts.laid[cell] *=
                patch.grip * heldShare(patch.filled[cell], patch.capacity[cell], patch.loose[cell], offer.slide);
    amounts.looseShare = offer.looseShare;
    amounts.stirred = offer.stirred;
    const Patch::Cells amount = pigment.amount * amounts.covered * amounts.laid;
    patch.loose += amounts.looseShare * amount;
    patch.filled = (patch.filled + amount).min(patch.capacity);
    layFilms(patch, pigment, amounts);
}

/// Moves the rubbed share of the loose load to where it is missing; `flattened` is the share of the tooth that goes. A
/// touch too light to take hold of it does so in part only.
void spread(Patch& patch, float rubbed, float pressedIn, float flattened, float hold) {
    spreadLoose(patch, rubbed, pressedIn, hold);
    const float pooled = rubbed * patch.loose.mean();
    for (int cell = 0; cell < cellCount; ++cell) {
        const float amount = (1.0f - rubbed) * patch.loose[cell] + pooled;
        patch.filled[cell] += amount - patch.loose[cell] + flattened * patch.capacity[cell];
        patch.loose[cell] = (1.0f - pressedIn) * amount;
    }
    patch.filled = patch.filled.min(patch.capacity).max(0.0f);
}

void blend(Patch& patch, Pressure pressure, float factor) {
    const float rubbed = std::min(1.0f, atPressure(rubShares, pressure) * factor);
    // A finger on bare paper flattens nothing.
    const float hold = std::min(1.0f, pressure.value);
    spread(patch, rubbed, 0.75f * hold, patch.loose.maxCoeff() > 0 ? 0.03f * hold : 0.0f, hold);
}

/// Alcohol over pastel: nearly all that lies loose flows together, into the valleys too, and is bound when it dries.
void dissolve(Patch& patch) {
    spread(patch, 0.95f, 1.0f, 0.0f, 1.0f);
}

/// Binds the loose load, darkens it a little and gives some tooth back.
void fix(Patch& patch, Pressure pressure) {
    constexpr float toothGivenBack = 0.3f;
    const float bound = std::min(1.0f, pressure.value);
    const Patch::Cells load = (patch.loose + 0.2f * patch.filled).min(1.0f);
    const Patch::Cells darkening = 0.13f * pressureFactor(pressure) * load;
    // White and black stay; what lies between loses most.
    patch.seen -= (patch.seen * (1.0f - patch.seen)).colwise() * darkening;
    patch.beneath += bound * (patch.seen - patch.beneath);
    patch.looseAbsorb *= 1.0f - bound;
    patch.looseScatter *= 1.0f - bound;
    patch.loose *= 1.0f - bound;
    patch.filled *= 1.0f - bound * toothGivenBack;
}

/// A brush or an eraser takes the loose load off in spots, areas side by side.
void lift(Patch& patch, Pressure pressure) {
    const float taken = atPressure(liftShares, pressure);
    patch.seen += taken * (patch.beneath - patch.seen);
    patch.filled = (patch.filled - taken * patch.loose).max(0.0f);
    patch.loose *= 1.0f - taken;
    patch.looseAbsorb *= 1.0f - taken;
    patch.looseScatter *= 1.0f - taken;
}

}  // namespace

Patch barePatch(const materials::SurfaceProfile& surface, const Spectrum& paper) {
    Patch patch;
    patch.seen.rowwise() = paper.transpose();
    patch.beneath = patch.seen;
    patch.looseAbsorb.setZero();
    patch.looseScatter.setZero();
    patch.loose.setZero();
    patch.filled.setZero();
    for (int cell = 0; cell < cellCount; ++cell)
        patch.capacity[cell] =
            static_cast<float>(materials::capacityAt(surface, materials::depthAt(surface, (cell + 0.5) / cellCount)));
    patch.grip = 1;
    patch.surface = &surface;
    return patch;
}

Patch barePatch(const materials::Paper& paper) {
    Patch patch =
        barePatch(materials::profileOf(paper.surface), colour::reflectanceFromSrgb(colour::srgbFromSrgb8(paper.tone)));
    patch.capacity *= static_cast<float>(paper.capacity);
    patch.grip = static_cast<float>(paper.grip);
    return patch;
}

Patch::Cells coverages(const Stroke& stroke, const materials::SurfaceProfile& surface) {
    Patch::Cells covered = Patch::Cells::Zero();
    const auto downTo = [&](const std::array<double, 3>& depths) {
        PressureFigures shares{};
        for (std::size_t i = 0; i < depths.size(); ++i)
            shares[i + 1] = float(materials::shareAbove(surface, materials::reachOn(surface, depths[i])));
        const float share = atPressure(shares, stroke.pressure);
        for (int cell = 0; cell < cellCount; ++cell)
            covered[cell] =
                std::clamp(share * stroke.coverageFactor * cellCount - static_cast<float>(cell), 0.0f, 1.0f);
    };
    switch (stroke.manner) {
        case Manner::scumble:
            downTo(scumbleReach);
            break;
        case Manner::press:
            downTo(pressReach);
            break;
        case Manner::hatch:
            covered.setConstant(std::min(1.0f, atPressure(hatchCoverages, stroke.pressure) * stroke.coverageFactor));
            break;
        case Manner::dab:
            covered.setConstant(std::min(1.0f, atPressure(dabCoverages, stroke.pressure) * stroke.coverageFactor));
            break;
        case Manner::wash:
            covered.setConstant(1.0f);
            break;
        case Manner::blend:
        case Manner::fix:
        case Manner::lift:
            break;
    }
    return covered;
}

namespace {

void layUnfixed(Patch& patch, const Stroke& stroke) {
    if (stroke.pressure <= Pressure::none) return;
    switch (stroke.manner) {
        case Manner::blend:
            return blend(patch, stroke.pressure, stroke.amountFactor);
        case Manner::fix:
            return fix(patch, stroke.pressure);
        case Manner::lift:
            return lift(patch, stroke.pressure);
        case Manner::scumble:
        case Manner::hatch:
        case Manner::press:
        case Manner::dab:
        case Manner::wash:
            return stroke.pigment ? deposit(patch, stroke) : dissolve(patch);
    }
}

}  // namespace

void lay(Patch& patch, const Stroke& stroke) {
    layUnfixed(patch, stroke);
    if (stroke.isFixed) fix(patch, Pressure::medium);
}

Offer offerOf(const Stroke& stroke) {
    const Pigment& pigment = *stroke.pigment;
    const Weight weight = weightOf(stroke.manner);
    Offer offer{};
    offer.amount = pressureFactor(stroke.pressure) * weight.amount * stroke.amountFactor;
    offer.looseShare = pigment.looseShare * weight.loose;
    if (!pigment.wet) {
        // A dry stroke takes a little of the loose load into itself, a hard point more. So black under a colour dirties
        // it, and layers of different colours drift to the middle.
        offer.stirred = 0.03f + 0.05f * pigment.hardness;
        offer.slide = 6.0f * pigment.hardness * pigment.hardness;
    }
    return offer;
}

Spectrum meanReflectance(const Patch& patch) {
    return patch.seen.colwise().mean().transpose();
}

colour::Lab labOf(const Patch& patch, colour::Light light) {
    return colour::labOfReflectance(meanReflectance(patch), light);
}

double speckle(const Patch& patch) {
    const auto& weights = colour::xyzWeights(colour::Light::daylight65)[1];
    const Patch::Cells bright =
        (patch.seen.matrix() * Eigen::Map<const Eigen::Matrix<float, colour::bandCount, 1>>(weights.data())).array();
    Patch::Cells lightness;
    for (int cell = 0; cell < cellCount; ++cell) lightness[cell] = 116.0f * colour::labCompressed(bright[cell]) - 16.0f;
    return std::sqrt((lightness - lightness.mean()).square().mean());
}

double toothUsed(const Patch& patch) {
    return patch.filled.sum() / patch.capacity.sum();
}

double looseLoad(const Patch& patch) {
    return patch.loose.mean();
}

}  // namespace pigment

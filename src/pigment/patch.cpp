#include "pigment/patch.h"

#include <algorithm>

#include "colour/reflectance.h"

namespace pigment {

namespace {

/// By pressure. Amounts and scumble coverage are those of the agreed model.
constexpr float amounts[] = {0.4f, 0.8f, 1.6f};
constexpr float coverages[] = {0.35f, 0.6f, 0.9f};
constexpr float pressCoverages[] = {0.80f, 0.92f, 0.98f};
constexpr float rubShares[] = {0.5f, 0.75f, 0.9f};
constexpr float liftShares[] = {0.4f, 0.6f, 0.8f};

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
        default:
            return {1.0f, 1.0f};
    }
}

/// How much of an offered amount sticks in a cell: the fuller the tooth, the less; and a hard point slides on loose
/// load.
float hold(const Patch& patch, int cell, const Pigment& pigment) {
    const float room = std::clamp(1.0f - patch.filled[cell] / patch.capacity[cell], 0.0f, 1.0f);
    if (pigment.wet) return 1.0f;
    const float slide = 1.0f + 6.0f * pigment.hardness * pigment.hardness * patch.loose[cell];
    return std::sqrt(room) / slide;
}

/// The new film with what it stirs up: a dry stroke takes a little of the loose load into itself, a hard point more. So
/// black under a colour dirties it, and layers of different colours drift to the middle.
Spectrum seenFilm(const Patch& patch, int cell, const Pigment& pigment, float scatter) {
    const float stirred = pigment.wet ? 0.0f : (0.03f + 0.05f * pigment.hardness) * patch.looseScatter[cell];
    if (stirred <= 0) return filmOver(pigment.film, scatter, patch.seen.col(cell));
    const float share = stirred / patch.looseScatter[cell];
    const float whole = scatter + stirred;
    const Spectrum absorb = scatter * pigment.absorptionOverScatter + share * patch.looseAbsorb.col(cell);
    return filmOver(filmConstants(absorb / whole), whole, patch.seen.col(cell));
}

void deposit(Patch& patch, const Stroke& stroke) {
    const Pigment& pigment = *stroke.pigment;
    const float offered = nominalAmount(stroke);
    const float looseShare = pigment.looseShare * weightOf(stroke.manner).loose;
    for (int cell = 0; cell < cellCount; ++cell) {
        const float covered = coverage(stroke, patch.reach, cell);
        if (covered <= 0) continue;
        const float laid = offered * hold(patch, cell, pigment);
        const float scatter = laid * pigment.fullScatter;
        const float looseScatter = covered * looseShare * scatter;

        auto seen = patch.seen.col(cell);
        auto beneath = patch.beneath.col(cell);
        seen += covered * (seenFilm(patch, cell, pigment, scatter) - seen);
        beneath += covered * (filmOver(pigment.film, (1.0f - looseShare) * scatter, beneath) - beneath);
        patch.looseAbsorb.col(cell) += looseScatter * pigment.absorptionOverScatter;
        patch.looseScatter[cell] += looseScatter;
        patch.loose[cell] += covered * laid * pigment.amount * looseShare;
        patch.filled[cell] += covered * laid * pigment.amount;
    }
    patch.filled = patch.filled.min(patch.capacity);
}

/// Takes the loose load off, mixes the rubbed part of it over all cells by amount (D. R. Duncan, 1940), and lays it
/// back as one film; most of it is then held by the tooth.
void blend(Patch& patch, Pressure pressure, float factor) {
    const float rubbed = std::min(1.0f, rubShares[static_cast<int>(pressure)] * factor);
    const Spectrum pooledAbsorb = rubbed * patch.looseAbsorb.rowwise().mean();
    const float pooledScatter = rubbed * patch.looseScatter.mean();
    const float pooled = rubbed * patch.loose.mean();
    constexpr float pressedIn = 0.75f;
    constexpr float flattened = 0.03f;
    for (int cell = 0; cell < cellCount; ++cell) {
        const float scatter = (1.0f - rubbed) * patch.looseScatter[cell] + pooledScatter;
        if (scatter <= 0) continue;
        const Spectrum absorb = (1.0f - rubbed) * patch.looseAbsorb.col(cell) + pooledAbsorb;
        const FilmConstants mixture = filmConstants(absorb / scatter);
        patch.seen.col(cell) = filmOver(mixture, scatter, patch.beneath.col(cell));
        patch.beneath.col(cell) = filmOver(mixture, pressedIn * scatter, patch.beneath.col(cell));
        patch.looseAbsorb.col(cell) = (1.0f - pressedIn) * absorb;
        patch.looseScatter[cell] = (1.0f - pressedIn) * scatter;
        const float amount = (1.0f - rubbed) * patch.loose[cell] + pooled;
        patch.filled[cell] += amount - patch.loose[cell] + flattened * patch.capacity[cell];
        patch.loose[cell] = (1.0f - pressedIn) * amount;
    }
    patch.filled = patch.filled.min(patch.capacity).max(0.0f);
}

/// Binds the loose load, darkens it a little and gives some tooth back.
void fix(Patch& patch, Pressure pressure) {
    const float wetness = amounts[static_cast<int>(pressure)];
    constexpr float toothGivenBack = 0.3f;
    for (int cell = 0; cell < cellCount; ++cell) {
        const float darkening = 1.0f + 0.10f * wetness * std::min(1.0f, patch.loose[cell] + 0.2f * patch.filled[cell]);
        patch.seen.col(cell) = patch.seen.col(cell).pow(darkening);
    }
    patch.beneath = patch.seen;
    patch.looseAbsorb.setZero();
    patch.looseScatter.setZero();
    patch.loose.setZero();
    patch.filled *= 1.0f - toothGivenBack;
}

void lift(Patch& patch, Pressure pressure) {
    const float taken = liftShares[static_cast<int>(pressure)];
    const float kept = 1.0f - taken;
    // Densities add: the geometric mean is exact for thin films and stays between the two for thick ones.
    patch.seen = patch.seen.max(1e-6f).pow(kept) * patch.beneath.max(1e-6f).pow(taken);
    patch.filled = (patch.filled - taken * patch.loose).max(0.0f);
    patch.loose *= kept;
    patch.looseAbsorb *= kept;
    patch.looseScatter *= kept;
}

}  // namespace

Patch barePatch(const materials::SurfaceProfile& surface, const Spectrum& paper) {
    Patch patch;
    patch.seen.colwise() = paper;
    patch.beneath = patch.seen;
    patch.looseAbsorb.setZero();
    patch.looseScatter.setZero();
    patch.loose.setZero();
    patch.filled.setZero();
    for (int cell = 0; cell < cellCount; ++cell) {
        const double depth = (cell + 0.5) / cellCount;
        patch.capacity[cell] = static_cast<float>(surface.capacity * (1.0 + surface.relief * (2.0 * depth - 1.0)));
    }
    patch.reach = static_cast<float>(surface.reach);
    return patch;
}

Patch barePatch(const materials::Paper& paper) {
    return barePatch(materials::profileOf(paper.surface),
                     colour::reflectanceFromSrgb(colour::srgbFromSrgb8(paper.tone)));
}

float coverage(const Stroke& stroke, float reach, int cell) {
    const int pressure = static_cast<int>(stroke.pressure);
    const float factor = stroke.coverageFactor;
    const auto fromPeaks = [&](float share) {
        return std::clamp(share * reach * factor * cellCount - static_cast<float>(cell), 0.0f, 1.0f);
    };
    switch (stroke.manner) {
        case Manner::scumble:
            return fromPeaks(coverages[pressure]);
        case Manner::press:
            return fromPeaks(pressCoverages[pressure]);
        case Manner::hatch:
            return std::min(1.0f, coverages[pressure] * factor);
        case Manner::dab:
            return std::min(1.0f, 0.95f * factor);
        case Manner::wash:
            return 1.0f;
        default:
            return 0.0f;
    }
}

void lay(Patch& patch, const Stroke& stroke) {
    switch (stroke.manner) {
        case Manner::blend:
            return blend(patch, stroke.pressure, stroke.amountFactor);
        case Manner::fix:
            return fix(patch, stroke.pressure);
        case Manner::lift:
            return lift(patch, stroke.pressure);
        default:
            return deposit(patch, stroke);
    }
}

float nominalAmount(const Stroke& stroke) {
    return amounts[static_cast<int>(stroke.pressure)] * weightOf(stroke.manner).amount * stroke.amountFactor;
}

Spectrum meanReflectance(const Patch& patch) {
    return patch.seen.rowwise().mean();
}

colour::Lab labOf(const Patch& patch) {
    return colour::labOfReflectance(meanReflectance(patch));
}

double toothUsed(const Patch& patch) {
    return patch.filled.sum() / patch.capacity.sum();
}

double looseLoad(const Patch& patch) {
    return patch.loose.mean();
}

}  // namespace pigment

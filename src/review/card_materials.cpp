#include "review/card_materials.h"

#include <algorithm>
#include <cmath>

#include "colour/srgb.h"
#include "pigment/patch.h"

namespace review {

namespace {

/// A layer's scattering power tells something when it is known as well as this.
constexpr double tellingError = 0.12;

/// How much more than usual the layers scatter; nothing where all of them hide.
std::optional<double> amountOf(const StickReading& stick, materials::Material known) {
    known.hiding = 1;
    const pigment::Pigment usual = pigment::pigmentOf(known);
    double sum = 0, weights = 0;
    for (std::size_t p = 0; p < 3; ++p) {
        if (stick.contrastRatio[p] == 0 || stick.scatterError[p] > tellingError) continue;
        const pigment::Stroke stroke{&usual, pigment::Manner::press, pigment::Pressure(p)};
        const double weight = 1 / (stick.scatterError[p] * stick.scatterError[p] + 1e-6);
        sum += weight * std::log(stick.scatter[p] / double(usual.scatter.mean() * pigment::offerOf(stroke).amount));
        weights += weight;
    }
    if (weights == 0) return std::nullopt;
    return std::exp(sum / weights);
}

}  // namespace

CardMaterials materialsFrom(const CardReading& card, const std::vector<materials::Material>& known) {
    constexpr double mostMisfit = 3, mostError = 3;  // CIEDE2000
    CardMaterials found;
    found.rows.resize(known.size());
    std::vector<std::optional<double>> amounts(known.size());
    const std::size_t first = std::size_t(card.page) * card.rows.size();
    for (std::size_t r = 0; r < card.rows.size() && first + r < known.size(); ++r) {
        const auto stick = stickFrom(card.rows[r], card);
        if (!stick || stick->misfit > mostMisfit || stick->masstoneError > mostError) continue;
        materials::Material medium = known[first + r];
        medium.masstone = colour::srgb8FromSrgb(colour::srgbFromXyz(stick->masstone));
        amounts[first + r] = amountOf(*stick, medium);
        found.rows[first + r] = medium;
    }
    std::vector<double> told;
    for (const auto& amount : amounts)
        if (amount) told.push_back(*amount);
    // Few sticks cannot tell the hand from their own hiding power.
    constexpr std::size_t enough = 5;
    if (told.size() >= enough) {
        std::ranges::nth_element(told, told.begin() + std::ptrdiff_t(told.size() / 2));
        found.hand = told[told.size() / 2];
    }
    for (std::size_t i = 0; i < known.size(); ++i)
        if (amounts[i]) found.rows[i]->hiding = std::clamp(*amounts[i] / found.hand, 0.05, 5.0);
    return found;
}

}  // namespace review

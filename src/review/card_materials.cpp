#include "review/card_materials.h"

#include <algorithm>
#include <cmath>

#include "colour/difference.h"
#include "colour/srgb.h"
#include "pigment/patch.h"

namespace review {

namespace {

/// A layer's scattering power tells something when it is known as well as this.
constexpr double tellingError = 0.12;

constexpr double mostMisfit = 3, mostError = 3;  // CIEDE2000

/// How much more than usual the layers scatter, and the relative standard error of that.
struct Amount {
    double factor, error;
};

/// Nothing where all layers hide.
std::optional<Amount> amountOf(const StickReading& stick, materials::Material known) {
    known.hiding = 1;
    const pigment::Pigment usual = pigment::pigmentOf(known);
    double sum = 0, weights = 0;
    for (std::size_t p = 0; p < 3; ++p) {
        if (stick.contrastRatio[p] == 0 || stick.scatterError[p] > tellingError) continue;
        const pigment::Stroke stroke{&usual, pigment::Manner::press, pigment::Pressure{float(p + 1)}};
        const double weight = 1 / (stick.scatterError[p] * stick.scatterError[p] + 1e-6);
        sum += weight * std::log(stick.scatter[p] / double(usual.scatter.mean() * pigment::offerOf(stroke).amount));
        weights += weight;
    }
    if (weights == 0) return std::nullopt;
    return Amount{std::exp(sum / weights), 1 / std::sqrt(weights)};
}

/// An offcut looks the same over white and over black; its fields are readings of one colour.
bool readPaper(const std::array<FieldReading, 3>& fields, materials::Owned& paper) {
    std::vector<colour::Lab> labs;
    for (const FieldReading& field : fields)
        if (field.state == FieldState::good)
            for (const colour::Xyz& xyz : {field.overWhite, field.overBlack}) labs.push_back(colour::labFromXyz(xyz));
    if (labs.empty()) return false;
    colour::Lab mean;
    const double n = double(labs.size());
    for (const colour::Lab& lab : labs) mean = {mean.L + lab.L / n, mean.a + lab.a / n, mean.b + lab.b / n};
    double squares = 0;
    for (const colour::Lab& lab : labs) squares += std::pow(colour::differenceCie2000(mean, lab), 2);
    const double spread = std::sqrt(squares / (n - 1));
    if (spread > mostMisfit) return false;  // the bar shows through: no paper
    materials::setColour(paper, colour::srgb8FromSrgb(colour::srgbFromLab(mean)));
    paper.colourError = spread / std::sqrt(n);
    return true;
}

}  // namespace

CardMaterials materialsFrom(const CardReading& card, const std::vector<materials::Owned>& known) {
    CardMaterials found;
    found.rows.resize(known.size());
    std::vector<std::optional<Amount>> amounts(known.size());
    for (std::size_t r = 0; r < std::min(card.rows.size(), known.size()); ++r) {
        materials::Owned owned = known[r];
        if (auto* medium = std::get_if<materials::Material>(&owned.what)) {
            const auto stick = stickFrom(card.rows[r], card);
            if (!stick || stick->misfit > mostMisfit || stick->masstoneError > mostError) continue;
            medium->masstone = colour::srgb8FromSrgb(colour::srgbFromXyz(stick->masstone));
            owned.colourError = stick->masstoneError;
            amounts[r] = amountOf(*stick, *medium);
        } else if (!std::holds_alternative<materials::Paper>(owned.what) || !readPaper(card.rows[r], owned)) {
            continue;
        }
        owned.source = materials::ColourSource::card;
        found.rows[r] = owned;
    }
    std::vector<double> told;
    for (const auto& amount : amounts)
        if (amount) told.push_back(amount->factor);
    // Few sticks cannot tell the hand from their own hiding power.
    constexpr std::size_t enough = 5;
    if (told.size() >= enough) {
        std::ranges::nth_element(told, told.begin() + std::ptrdiff_t(told.size() / 2));
        found.hand = told[told.size() / 2];
    }
    for (std::size_t r = 0; r < known.size(); ++r) {
        if (!amounts[r]) continue;
        std::get<materials::Material>(found.rows[r]->what).hiding =
            std::clamp(amounts[r]->factor / found.hand, 0.05, 5.0);
        found.rows[r]->hidingError = amounts[r]->error;
    }
    return found;
}

}  // namespace review

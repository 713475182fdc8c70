#include "review/card_reader.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "review/card_light.h"

namespace review {

namespace {

/// Half a field: its mean, and how its lightness spreads.
struct Half {
    colour::Xyz xyz;
    double lowest = 0, highest = 0, deviation = 0;  // L*
    double dazzling = 0;                            // share of samples brighter than any pigment
    double count = 0;
};

class FieldReader {
 public:
    explicit FieldReader(const LitCard& card) : card_(card) {}

    FieldReading read(const CardField& field) const {
        const Half white = half(field.overWhite), black = half(field.overBlack);
        FieldReading reading;
        if (white.count < 50 || black.count < 50) return reading;
        reading.overWhite = white.xyz;
        reading.overBlack = black.xyz;
        // Neighbouring samples are alike: one in twelve counts as its own.
        reading.error = std::max(white.deviation, black.deviation) / std::sqrt(white.count / 12);
        reading.state = stateOf(white, black);
        return reading;
    }

 private:
    Half half(const cv::Rect2d& place) const {
        LinearSamples samples = card_.inside(place, 1.7);
        Half half;
        half.count = double(samples.size());
        if (samples.size() < 50) return half;
        const cv::Vec3f under = card_.white.at((place.tl() + place.br()) * 0.5);
        std::vector<double> lightness;
        for (cv::Vec3f& v : samples) {
            // Brighter than the paper, or burnt out where the paper is not.
            const float above = std::min({v[0] / under[0], v[1] / under[1], v[2] / under[2]});
            const bool burnt = std::max({v[0], v[1], v[2]}) > 0.985f && above > 1.015f;
            half.dazzling += (above > 1.12f || burnt) / half.count;
            cv::divide(v, under, v);
            v = card_.curve(v);
            lightness.push_back(colour::labFromXyz(xyzOf(v)).L);
        }
        half.xyz = xyzOf(trimmedMean(samples));
        std::ranges::sort(lightness);
        half.lowest = lightness[lightness.size() / 20];
        half.highest = lightness[lightness.size() * 19 / 20];
        const double mean = std::accumulate(lightness.begin(), lightness.end(), 0.0) / half.count;
        double squares = 0;
        for (const double L : lightness) squares += (L - mean) * (L - mean);
        half.deviation = std::sqrt(squares / half.count);
        return half;
    }

    static FieldState stateOf(const Half& white, const Half& black) {
        const colour::Lab overWhite = colour::labFromXyz(white.xyz), overBlack = colour::labFromXyz(black.xyz);
        const colour::Lab paper = colour::labFromXyz(xyzOf(cv::Vec3f::all(float(cardWhite))));
        const colour::Lab bar = colour::labFromXyz(xyzOf(cv::Vec3f::all(float(cardBlack))));
        constexpr double glossSpread = 16, unsureSpread = 13, touched = 2.5;  // L*, L*, CIEDE2000
        const double spread = std::max(white.highest - white.lowest, black.highest - black.lowest);
        if (spread > glossSpread || std::max(white.dazzling, black.dazzling) > 0.02) return FieldState::glossy;
        // In the black the camera tells lightness better than hue.
        const bool barBare = std::fabs(overBlack.L - bar.L) < touched && colour::chroma(overBlack) < 8;
        if (colour::differenceCie2000(overWhite, paper) < touched && barBare) return FieldState::empty;
        // Neither is a row that the card does not have: paper on both sides.
        constexpr double same = 1.2;
        if (colour::differenceCie2000(overWhite, paper) < same && colour::differenceCie2000(overBlack, paper) < same)
            return FieldState::empty;
        // No film is lighter over black than over white.
        if (spread > unsureSpread || overBlack.L > overWhite.L + 4) return FieldState::unsure;
        return FieldState::good;
    }

    const LitCard& card_;
};

}  // namespace

common::Result<CardReading> readCard(const cv::Mat& xyz, const std::string& name) {
    const auto card = lightOf(xyz, CardKind::swatches, name);
    if (!card) return card.problem();
    CardReading reading;
    reading.paper = card->place.paper;
    reading.page = card->place.page;
    reading.white = xyzOf(cv::Vec3f::all(float(cardWhite)));
    reading.black = xyzOf(cv::Vec3f::all(float(cardBlack)));
    const FieldReader fields(*card);
    for (const CardRow& row : layoutOf(reading.paper).rows) {
        auto& read = reading.rows.emplace_back();
        for (std::size_t p = 0; p < 3; ++p) read[p] = fields.read(row.fields[p]);
    }
    return reading;
}

}  // namespace review

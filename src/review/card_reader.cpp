#include "review/card_reader.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <numeric>
#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "colour/srgb.h"
#include "review/card_place.h"

namespace review {

using common::Problem;
using common::ProblemKind;

namespace {

using Samples = std::vector<cv::Vec3f>;  // linear sRGB

/// The photograph in linear sRGB, sampled in millimetres on the card.
struct Photograph {
    cv::Mat linear;  // CV_32FC3, R G B
    CardPlace place;

    /// Bilinear; nothing outside the picture.
    void sample(const cv::Point2d& millimetres, Samples& samples) const {
        const cv::Point2d p = place.inPicture(millimetres) - cv::Point2d(0.5, 0.5);
        // Compared before it becomes a whole number: a wild place has none.
        if (!(p.x >= 0 && p.y >= 0 && p.x < linear.cols - 1 && p.y < linear.rows - 1)) return;
        const int x = int(p.x), y = int(p.y);
        const float fx = float(p.x - x), fy = float(p.y - y);
        const auto* above = linear.ptr<cv::Vec3f>(y) + x;
        const auto* below = linear.ptr<cv::Vec3f>(y + 1) + x;
        samples.push_back((above[0] * (1 - fx) + above[1] * fx) * (1 - fy) +
                          (below[0] * (1 - fx) + below[1] * fx) * fy);
    }
    /// A grid over the inner part of a place: five samples a millimetre, and no more than there are pixels.
    Samples inside(const cv::Rect2d& place_, double margin) const {
        Samples samples;
        const cv::Point2d middle = (place_.tl() + place_.br()) * 0.5;
        const double pixels = cv::norm(place.inPicture(middle + cv::Point2d(1, 0)) - place.inPicture(middle));
        const double apart = pixels > 0 ? std::clamp(1 / pixels, 0.2, 1.0) : 1.0;
        for (double y = place_.y + margin; y <= place_.br().y - margin; y += apart)
            for (double x = place_.x + margin; x <= place_.br().x - margin; x += apart) sample({x, y}, samples);
        return samples;
    }
};

/// Mean of the middle eight tenths by brightness: dust and crumbs do not count.
cv::Vec3f trimmedMean(Samples samples) {
    const auto brightness = [](const cv::Vec3f& v) { return v[0] + 2 * v[1] + v[2]; };
    std::ranges::sort(samples, {}, brightness);
    const std::size_t cut = samples.size() / 10;
    cv::Vec3d sum(0, 0, 0);
    for (std::size_t i = cut; i < samples.size() - cut; ++i) sum += samples[i];
    return cv::Vec3f(sum / double(samples.size() - 2 * cut));
}

/// How bright bare paper is at each place: a polynomial of the fourth degree through the gaps between the fields.
class WhiteSurface {
 public:
    WhiteSurface(const CardLayout& layout, const Photograph& photograph) : page_(layout.page) {
        std::vector<cv::Point2d> places;
        std::vector<cv::Vec3f> whites;
        const auto look = [&](const cv::Rect2d& spot) {
            const Samples samples = photograph.inside(spot, 0);
            if (samples.size() < 8) return;
            places.push_back((spot.tl() + spot.br()) * 0.5);
            whites.push_back(trimmedMean(samples));
        };
        for (const CardRow& row : layout.rows)
            for (const CardField& field : row.fields)
                for (const cv::Rect2d& half : {field.overWhite, field.overBlack})
                    look({half.x + 2, half.br().y + 1.2, half.width - 4, 1.6});
        for (const cv::Rect2d& corner : layout.corners) {
            const double beside = corner.x < page_.width / 2 ? corner.br().x + 1.2 : corner.x - 2.8;
            look({beside, corner.y + 2, 1.6, corner.height - 4});
        }
        fit(places, whites);
    }
    cv::Vec3f at(const cv::Point2d& millimetres) const {
        const cv::Matx13d white = terms(millimetres) * coefficients_;
        return {float(white(0)), float(white(1)), float(white(2))};
    }

 private:
    static constexpr int count = 15;
    using Terms = cv::Matx<double, 1, count>;

    Terms terms(const cv::Point2d& millimetres) const {
        const double x = 2 * millimetres.x / page_.width - 1, y = 2 * millimetres.y / page_.height - 1;
        Terms all;
        int n = 0;
        for (int degree = 0; degree <= 4; ++degree)
            for (int i = 0; i <= degree; ++i) all(n++) = std::pow(x, degree - i) * std::pow(y, i);
        return all;
    }
    void fit(const std::vector<cv::Point2d>& places, const std::vector<cv::Vec3f>& whites) {
        std::vector<double> trust(places.size(), 1.0);
        // Spots that stray are fingerprints and dust: trusted less and less.
        for (int round = 0; round < 4; ++round) {
            cv::Mat_<Terms> left(int(places.size()), 1);
            cv::Mat_<cv::Vec3d> right(int(places.size()), 1);
            for (std::size_t i = 0; i < places.size(); ++i) {
                left(int(i)) = trust[i] * terms(places[i]);
                right(int(i)) = trust[i] * cv::Vec3d(whites[i]);
            }
            cv::Mat solved;
            cv::solve(left.reshape(1), right.reshape(1), solved, cv::DECOMP_QR);
            coefficients_ = solved;
            for (std::size_t i = 0; i < places.size(); ++i) {
                const double off = cv::norm(whites[i] - at(places[i])) / cv::norm(whites[i]);
                trust[i] = 1 / (1 + std::pow(off / 0.02, 2));
            }
        }
    }

    cv::Size2d page_;
    cv::Matx<double, count, 3> coefficients_;
};

/// The camera's tone curve in each component, from the ladders: a parabola in the logarithms of light and reflectance,
/// through the paper's white.
class ToneCurve {
 public:
    void fit(const std::vector<cv::Vec3f>& seen, const std::vector<double>& reflectances) {
        for (int c = 0; c < 3; ++c) {
            cv::Mat_<double> left(int(seen.size()), 2), right(int(seen.size()), 1), solved;
            for (int i = 0; i < left.rows; ++i) {
                const double t = std::log(std::max(1e-4f, seen[std::size_t(i)][c]));
                left(i, 0) = t;
                left(i, 1) = t * t;
                right(i, 0) = std::log(reflectances[std::size_t(i)] / cardWhite);
            }
            cv::solve(left, right, solved, cv::DECOMP_QR);
            coefficients_[std::size_t(c)] = {solved(0), solved(1)};
        }
    }
    /// From light relative to the paper's to reflectance.
    cv::Vec3f operator()(const cv::Vec3f& relative) const {
        cv::Vec3f out;
        for (int c = 0; c < 3; ++c) {
            const auto& k = coefficients_[std::size_t(c)];
            const double t = std::log(std::clamp(relative[c], 1e-4f, 1.5f));
            out[c] = float(cardWhite * std::exp(t * (k[0] + k[1] * t)));
        }
        return out;
    }

 private:
    std::array<cv::Vec2d, 3> coefficients_;
};

colour::Xyz xyzOf(const cv::Vec3f& linear) {
    const Eigen::Vector3d xyz = colour::d50FromLinearSrgb() * Eigen::Vector3d(linear[0], linear[1], linear[2]);
    return {xyz[0], xyz[1], xyz[2]};
}

/// Half a field: its mean, and how its lightness spreads.
struct Half {
    colour::Xyz xyz;
    double lowest = 0, highest = 0, deviation = 0;  // L*
    double dazzling = 0;                            // share of samples brighter than any pigment
    double count = 0;
};

class FieldReader {
 public:
    FieldReader(const Photograph& photograph, const WhiteSurface& white, const ToneCurve& curve)
        : photograph_(photograph), white_(white), curve_(curve) {}

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
        Samples samples = photograph_.inside(place, 1.7);
        Half half;
        half.count = double(samples.size());
        if (samples.size() < 50) return half;
        const cv::Vec3f under = white_.at((place.tl() + place.br()) * 0.5);
        std::vector<double> lightness;
        for (cv::Vec3f& v : samples) {
            // Brighter than the paper, or burnt out where the paper is not.
            const float above = std::min({v[0] / under[0], v[1] / under[1], v[2] / under[2]});
            const bool burnt = std::max({v[0], v[1], v[2]}) > 0.985f && above > 1.015f;
            half.dazzling += (above > 1.12f || burnt) / half.count;
            cv::divide(v, under, v);
            v = curve_(v);
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

    const Photograph& photograph_;
    const WhiteSurface& white_;
    const ToneCurve& curve_;
};

/// Luminance as the eye steps through it: near enough to code values for finding edges.
cv::Mat greyOf(const cv::Mat& xyz) {
    cv::Mat grey;
    cv::extractChannel(xyz, grey, 1);
    cv::max(grey, 0.0, grey);
    cv::sqrt(grey, grey);
    grey.convertTo(grey, CV_8U, 255);
    return grey;
}

cv::Mat linearSrgb(const cv::Mat& xyz) {
    const Eigen::Matrix3d inverse = colour::d50FromLinearSrgb().inverse();
    cv::Matx33f m;
    for (int i = 0; i < 9; ++i) m.val[i] = float(inverse(i / 3, i % 3));
    cv::Mat linear;
    cv::transform(xyz, linear, m);
    return linear;
}

}  // namespace

common::Result<CardReading> readCard(const cv::Mat& xyz, const std::string& name) {
    CV_Assert(xyz.type() == CV_32FC3);
    const auto place = findCard(greyOf(xyz), name);
    if (!place) return place.problem();

    const Photograph photograph{linearSrgb(xyz), *place};
    const CardLayout& layout = layoutOf(place->paper);
    const WhiteSurface white(layout, photograph);
    const cv::Vec3f middle = white.at({layout.page.width / 2, layout.page.height / 2});
    if (std::min({middle[0], middle[1], middle[2]}) < 0.05f) return Problem{ProblemKind::cardTooDark, name};
    if (std::max({middle[0], middle[1], middle[2]}) > 0.995f) return Problem{ProblemKind::cardTooBright, name};

    std::vector<cv::Vec3f> steps;
    std::vector<double> reflectances;
    for (std::size_t i = 0; i < layout.ladder.size(); ++i) {
        const Samples samples = photograph.inside(layout.ladder[i], 2);
        if (samples.empty()) return Problem{ProblemKind::cardCutOff, name};
        cv::Vec3f relative;
        cv::divide(trimmedMean(samples), white.at((layout.ladder[i].tl() + layout.ladder[i].br()) * 0.5), relative);
        steps.push_back(relative);
        reflectances.push_back(ladderReflectances()[i % ladderReflectances().size()]);
    }
    ToneCurve curve;
    curve.fit(steps, reflectances);

    CardReading reading;
    reading.paper = place->paper;
    reading.page = place->page;
    reading.white = xyzOf(cv::Vec3f::all(float(cardWhite)));
    reading.black = xyzOf(cv::Vec3f::all(float(cardBlack)));
    const FieldReader fields(photograph, white, curve);
    for (const CardRow& row : layout.rows) {
        auto& read = reading.rows.emplace_back();
        for (std::size_t p = 0; p < 3; ++p) read[p] = fields.read(row.fields[p]);
    }
    return reading;
}

}  // namespace review

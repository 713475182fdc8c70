#include "review/card_light.h"

#include <Eigen/Core>
#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "colour/image_colour.h"
#include "colour/srgb.h"

namespace review {

using common::Problem;
using common::ProblemKind;

namespace {

/// Luminance as the eye steps through it: near enough to code values for finding edges.
cv::Mat greyOf(const cv::Mat& xyz) {
    cv::Mat grey;
    cv::extractChannel(xyz, grey, 1);
    cv::max(grey, 0.0, grey);
    cv::sqrt(grey, grey);
    grey.convertTo(grey, CV_8U, 255);
    return grey;
}

/// Bilinear; nothing outside the picture.
void sample(const cv::Mat& linear, const CardPlace& place, const cv::Point2d& millimetres, LinearSamples& samples) {
    const cv::Point2d p = place.inPicture(millimetres) - cv::Point2d(0.5, 0.5);
    // Compared before it becomes a whole number: a wild place has none.
    if (!(p.x >= 0 && p.y >= 0 && p.x < linear.cols - 1 && p.y < linear.rows - 1)) return;
    const int x = int(p.x), y = int(p.y);
    const float fx = float(p.x - x), fy = float(p.y - y);
    const auto* above = linear.ptr<cv::Vec3f>(y) + x;
    const auto* below = linear.ptr<cv::Vec3f>(y + 1) + x;
    samples.push_back((above[0] * (1 - fx) + above[1] * fx) * (1 - fy) + (below[0] * (1 - fx) + below[1] * fx) * fy);
}

LinearSamples samplesIn(const cv::Mat& linear, const CardPlace& place, const cv::Rect2d& part, double margin) {
    LinearSamples samples;
    const cv::Point2d middle = (part.tl() + part.br()) * 0.5;
    const double pixels = cv::norm(place.inPicture(middle + cv::Point2d(1, 0)) - place.inPicture(middle));
    const double apart = pixels > 0 ? std::clamp(1 / pixels, 0.2, 1.0) : 1.0;
    for (double y = part.y + margin; y <= part.br().y - margin; y += apart)
        for (double x = part.x + margin; x <= part.br().x - margin; x += apart) sample(linear, place, {x, y}, samples);
    return samples;
}

}  // namespace

cv::Vec3f trimmedMean(LinearSamples samples) {
    const auto brightness = [](const cv::Vec3f& v) { return v[0] + 2 * v[1] + v[2]; };
    std::ranges::sort(samples, {}, brightness);
    const std::size_t cut = samples.size() / 10;
    cv::Vec3d sum(0, 0, 0);
    for (std::size_t i = cut; i < samples.size() - cut; ++i) sum += samples[i];
    return cv::Vec3f(sum / double(samples.size() - 2 * cut));
}

colour::Xyz xyzOf(const cv::Vec3f& linear) {
    const Eigen::Vector3d xyz = colour::d50FromLinearSrgb() * Eigen::Vector3d(linear[0], linear[1], linear[2]);
    return {xyz[0], xyz[1], xyz[2]};
}

WhiteSurface::WhiteSurface(const cv::Size2d& page, const std::vector<Spot>& spots) : page_(page) {
    std::vector<double> trust(spots.size(), 1.0);
    // Spots that stray are fingerprints and dust: trusted less and less.
    for (int round = 0; round < 4; ++round) {
        cv::Mat_<Terms> left(int(spots.size()), 1);
        cv::Mat_<cv::Vec3d> right(int(spots.size()), 1);
        for (std::size_t i = 0; i < spots.size(); ++i) {
            left(int(i)) = trust[i] * terms(spots[i].millimetres);
            right(int(i)) = trust[i] * cv::Vec3d(spots[i].seen);
        }
        cv::Mat solved;
        cv::solve(left.reshape(1), right.reshape(1), solved, cv::DECOMP_QR);
        coefficients_ = solved;
        for (std::size_t i = 0; i < spots.size(); ++i) {
            // What is black all through is refused later: it has no share to stray by.
            const double light = std::max(cv::norm(spots[i].seen), 1e-6);
            const double off = cv::norm(spots[i].seen - at(spots[i].millimetres)) / light;
            trust[i] = 1 / (1 + std::pow(off / 0.02, 2));
        }
    }
}

cv::Vec3f WhiteSurface::at(const cv::Point2d& millimetres) const {
    const cv::Matx13d white = terms(millimetres) * coefficients_;
    return {float(white(0)), float(white(1)), float(white(2))};
}

WhiteSurface::Terms WhiteSurface::terms(const cv::Point2d& millimetres) const {
    const double x = 2 * millimetres.x / page_.width - 1, y = 2 * millimetres.y / page_.height - 1;
    Terms all;
    int n = 0;
    for (int degree = 0; degree <= 4; ++degree)
        for (int i = 0; i <= degree; ++i) all(n++) = std::pow(x, degree - i) * std::pow(y, i);
    return all;
}

void ToneCurve::fit(const std::vector<cv::Vec3f>& seen, const std::vector<double>& reflectances) {
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

cv::Vec3f ToneCurve::operator()(const cv::Vec3f& relative) const {
    cv::Vec3f out;
    for (int c = 0; c < 3; ++c) {
        const auto& k = coefficients_[std::size_t(c)];
        const double t = std::log(std::clamp(relative[c], 1e-4f, 1.5f));
        out[c] = float(cardWhite * std::exp(t * (k[0] + k[1] * t)));
    }
    return out;
}

LinearSamples LitCard::inside(const cv::Rect2d& millimetres, double margin) const {
    return samplesIn(linear, place, millimetres, margin);
}

common::Result<LitCard> lightOf(const cv::Mat& xyz, CardKind kind, const std::string& name) {
    CV_Assert(xyz.type() == CV_32FC3);
    const auto place = findCard(greyOf(xyz), kind, name);
    if (!place) return place.problem();
    const CardFrame& frame = frameOf(place->paper);
    const cv::Mat linear = colour::linearSrgbOfXyz(xyz);

    std::vector<WhiteSurface::Spot> spots;
    for (const cv::Rect2d& spot :
         kind == CardKind::swatches ? layoutOf(place->paper).white : windowsOf(place->paper).white)
        if (const LinearSamples samples = samplesIn(linear, *place, spot, 0); samples.size() >= 8)
            spots.push_back({(spot.tl() + spot.br()) * 0.5, trimmedMean(samples)});
    if (spots.size() < WhiteSurface::count) return Problem{ProblemKind::cardCutOff, name};
    LitCard card{linear, *place, WhiteSurface(frame.page, spots), {}};
    const cv::Vec3f middle = card.white.at({frame.page.width / 2, frame.page.height / 2});
    if (std::min({middle[0], middle[1], middle[2]}) < 0.05f) return Problem{ProblemKind::cardTooDark, name};
    if (std::max({middle[0], middle[1], middle[2]}) > 0.995f) return Problem{ProblemKind::cardTooBright, name};

    std::vector<cv::Vec3f> steps;
    std::vector<double> reflectances;
    for (std::size_t i = 0; i < frame.ladder.size(); ++i) {
        const LinearSamples samples = card.inside(frame.ladder[i], 2);
        if (samples.empty()) return Problem{ProblemKind::cardCutOff, name};
        cv::Vec3f relative;
        cv::divide(trimmedMean(samples), card.white.at((frame.ladder[i].tl() + frame.ladder[i].br()) * 0.5), relative);
        steps.push_back(relative);
        reflectances.push_back(ladderReflectances()[i % ladderReflectances().size()]);
    }
    card.curve.fit(steps, reflectances);
    return card;
}

}  // namespace review

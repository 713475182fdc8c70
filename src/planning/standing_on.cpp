#include "planning/standing_on.h"

#include <Eigen/Eigenvalues>
#include <algorithm>
#include <cmath>
#include <map>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>
#include <span>

#include "pigment/as_seen.h"
#include "planning/stacks.h"
#include "planning/stage_picture.h"
#include "subject/reduced.h"
#include "subject/samples.h"

namespace planning {

namespace {

/// The few that most places have, by their number.
std::vector<int> tellingTones(const std::map<int, int>& places) {
    constexpr std::size_t most = 6;
    std::vector<std::pair<int, int>> all(places.begin(), places.end());
    std::ranges::stable_sort(all, std::greater{}, &std::pair<int, int>::second);
    all.resize(std::min(all.size(), most));
    std::vector<int> tones;
    for (const auto& [tone, count] : all) tones.push_back(tone);
    return tones;
}

/// For each pixel the tone of what lies there, at a reduced size; of rare tones, the nearest of the others.
struct LaidTones {
    cv::Mat tones;          // CV_32S
    std::vector<int> told;  // that most places have
};
LaidTones laidTones(const std::vector<cv::Mat>& maps, const cv::Mat& mask) {
    LaidTones laid{cv::Mat::zeros(mask.size(), CV_32S), {}};
    for (const cv::Mat& map : maps) {
        cv::Mat reduced;
        cv::resize(map, reduced, mask.size(), 0, 0, cv::INTER_NEAREST);
        for (int y = 0; y < mask.rows; ++y)
            for (int x = 0; x < mask.cols; ++x)
                laid.tones.at<int>(y, x) = laid.tones.at<int>(y, x) * pigment::pressureLevels +
                                           (reduced.at<uchar>(y, x) + rendering::mapStep / 2) / rendering::mapStep;
    }
    std::map<int, int> places;
    for (int y = 0; y < mask.rows; ++y)
        for (int x = 0; x < mask.cols; ++x)
            if (mask.at<uchar>(y, x)) ++places[laid.tones.at<int>(y, x)];
    laid.told = tellingTones(places);
    std::map<int, int> toldAs;
    for (const auto& place : places) {
        const int tone = place.first;
        toldAs[tone] = *std::ranges::min_element(laid.told, {}, [&](int one) {
            int apart = 0;
            for (int k = 0; k < int(maps.size()); ++k)
                apart += std::abs(pigment::pressureIn(one, k, int(maps.size())) -
                                  pigment::pressureIn(tone, k, int(maps.size())));
            return apart;
        });
    }
    for (int& tone : cv::Mat_<int>(laid.tones)) tone = toldAs[tone];  // none outside the mask
    return laid;
}

Eigen::Vector3d vectorOf(const cv::Vec3f& v) {
    return Eigen::Vector3f(v[0], v[1], v[2]).cast<double>();
}

/// Parts of a mask in which the sheet is off alike (`off` CV_32FC3, CIELAB), at most three.
std::vector<cv::Mat> partsOffAlike(const cv::Mat& off, const cv::Mat& mask) {
    constexpr double alike = 1.5;  // standard deviation
    constexpr std::size_t most = 3;
    struct Part {
        cv::Mat mask;
        double spread;
        Eigen::Vector3d mean, along;
    };
    const auto partOf = [&](const cv::Mat& where) {
        Part part{where, 0, Eigen::Vector3d::Zero(), Eigen::Vector3d::UnitX()};
        Eigen::Matrix3d squares = Eigen::Matrix3d::Zero();
        const int count = cv::countNonZero(where);
        for (int y = 0; y < off.rows; ++y)
            for (int x = 0; x < off.cols; ++x) {
                if (!where.at<uchar>(y, x)) continue;
                const Eigen::Vector3d here = vectorOf(off.at<cv::Vec3f>(y, x));
                part.mean += here / count;
                squares += here * here.transpose() / count;
            }
        const Eigen::SelfAdjointEigenSolver<Eigen::Matrix3d> axes(squares - part.mean * part.mean.transpose());
        part.spread = std::sqrt(std::max(0.0, axes.eigenvalues()[2]));
        part.along = axes.eigenvectors().col(2);
        return part;
    };
    std::vector<Part> parts{partOf(mask)};
    while (parts.size() < most) {
        const auto widest = std::ranges::max_element(parts, {}, &Part::spread);
        if (widest->spread < alike) break;
        cv::Mat beyond = cv::Mat::zeros(off.size(), CV_8U);
        for (int y = 0; y < off.rows; ++y)
            for (int x = 0; x < off.cols; ++x) {
                const Eigen::Vector3d here = vectorOf(off.at<cv::Vec3f>(y, x));
                if (widest->mask.at<uchar>(y, x) && widest->along.dot(here - widest->mean) > 0)
                    beyond.at<uchar>(y, x) = 255;
            }
        const cv::Mat rest = widest->mask & (beyond == 0);
        if (cv::countNonZero(beyond) == 0 || cv::countNonZero(rest) == 0) break;
        *widest = partOf(rest);
        parts.push_back(partOf(beyond));
    }
    std::vector<cv::Mat> masks;
    for (const Part& part : parts) masks.push_back(part.mask);
    return masks;
}

}  // namespace

void standOn(matching::Want& want, const Plan& plan, const Study& study, int stack, const cv::Mat& wanted,
             const matching::Layers& laid, const std::vector<cv::Mat>& maps,
             const std::vector<matching::PreparedStick>& sticks) {
    const cv::Mat small = subject::scaledDown(wanted, sampleScale);
    cv::Mat mask, off;
    cv::resize(plan.stackMap == stack, mask, small.size(), 0, 0, cv::INTER_NEAREST);
    if (plan.seen) cv::resize(plan.seen->lab, off, small.size(), 0, 0, cv::INTER_AREA);
    const LaidTones tones = laidTones(maps, mask);
    const std::vector<pigment::Stroke> strokes = matching::strokesOf(laid, sticks, plan.hand);
    const std::span all(strokes);
    const std::size_t seenAfter =
        plan.seen ? std::min(laid.size(), std::size_t(plan.seen->layers[std::size_t(stack)])) : 0;
    const auto later = all.subspan(seenAfter);
    const int over = pigment::toneCount(int(later.size()));
    const auto patchOf = [](const pigment::Patch& under, std::span<const pigment::Stroke> laidOn, int tone) {
        pigment::Patch made;
        pigment::forTones(under, laidOn, std::span(&tone, 1), [&](int, const pigment::Patch& it) { made = it; });
        return made;
    };
    want.laid = int(laid.size());
    want.samples.clear();
    want.standing.clear();
    double weight = 0;
    for (const int tone : tones.told) {
        const cv::Mat part = mask & (tones.tones == tone);
        const pigment::Patch seen = patchOf(want.ground, all.first(seenAfter), tone / over);
        for (const cv::Mat& alike : off.empty() ? std::vector{part} : partsOffAlike(off, part)) {
            const double share = cv::countNonZero(alike) / double(cv::countNonZero(mask));
            pigment::Patch stands = seen;
            if (!off.empty()) {
                const cv::Scalar by = cv::mean(off, alike);
                const colour::Lab film = pigment::labOf(seen, plan.light);
                stands = pigment::asSeen(seen, {film.L + by[0], film.a + by[1], film.b + by[2]}, plan.light);
            }
            want.standing.push_back(patchOf(stands, later, tone % over));
            const int parts = std::max(2, int(std::lround(share * samplesPerArea)));
            for (const auto& sample : subject::samplesOf(small, alike, sampleSigma(plan, study), parts)) {
                want.samples.push_back({sample.colour, share * sample.weight, int(want.standing.size()) - 1});
                weight += share * sample.weight;
            }
        }
    }
    for (matching::Sample& sample : want.samples) sample.weight /= weight;
}

namespace {

/// Of a stack, where it was laid with the same pressures.
struct SeenTone {
    const pigment::Patch* ground;
    std::vector<pigment::Stroke> strokes;  // by the plan's hand
    int tone;
    double share;  // of the picture
    cv::Vec3d off;
    cv::Vec3d byPlan;
};

cv::Vec3d labIn(const SeenTone& seen, const pigment::HandSample& hand, colour::Light light) {
    std::vector<pigment::Stroke> strokes = seen.strokes;
    for (pigment::Stroke& stroke : strokes) {
        stroke.amountFactor = hand.amount;
        stroke.coverageFactor = hand.coverage;
    }
    cv::Vec3d lab;
    pigment::forTones(*seen.ground, strokes, std::span(&seen.tone, 1), [&](int, const pigment::Patch& patch) {
        const colour::Lab it = pigment::labOf(patch, light);
        lab = {it.L, it.a, it.b};
    });
    return lab;
}

}  // namespace

pigment::HandSample handSeen(const Plan& plan, const std::vector<LaidStack>& laid, const cv::Mat& off) {
    const cv::Size size(int(off.cols * sampleScale), int(off.rows * sampleScale));
    cv::Mat small;
    cv::resize(off, small, size, 0, 0, cv::INTER_AREA);
    std::vector<SeenTone> seen;
    for (const LaidStack& it : laid) {
        if (it.layers.empty()) continue;
        cv::Mat mask;
        cv::resize(plan.stackMap == it.stack, mask, size, 0, 0, cv::INTER_NEAREST);
        const LaidTones tones = laidTones(it.maps, mask);
        for (const int tone : tones.told) {
            const cv::Mat where = mask & (tones.tones == tone);
            const cv::Scalar mean = cv::mean(small, where);
            seen.push_back({&plan.stacks[std::size_t(it.stack)].start,
                            matching::strokesOf(it.layers, plan.prepared),
                            tone,
                            cv::countNonZero(where) / double(mask.total()),
                            {mean[0], mean[1], mean[2]},
                            {}});
            seen.back().byPlan = labIn(seen.back(), plan.hand, plan.light);
        }
    }
    const auto cost = [&](double amount, double coverage) {
        // Hands are mostly as usual, and who presses harder covers more: between light and heavy, by the power of 0.6.
        constexpr double usual = 0.4, together = 0.6, apart = 0.1, prior = 0.05;
        double sum = prior * (std::pow(std::log(amount) / usual, 2) +
                              std::pow((std::log(coverage) - together * std::log(amount)) / apart, 2));
        const pigment::HandSample hand{plan.hand.amount * float(amount), plan.hand.coverage * float(coverage)};
        for (const SeenTone& it : seen) sum += it.share * cv::norm(it.off - (labIn(it, hand, plan.light) - it.byPlan));
        return sum;
    };
    double amount = 1, coverage = 1, least = cost(1, 1);
    for (const double step : {1.25, 1.1, 1.04, 1.015})
        for (bool isBetter = true; isBetter;) {
            isBetter = false;
            for (const auto& [more, wider] : {std::pair(step, 1.0),
                                              {1 / step, 1.0},
                                              {1.0, step},
                                              {1.0, 1 / step},
                                              {step, std::sqrt(step)},
                                              {1 / step, 1 / std::sqrt(step)}}) {
                constexpr double farthest = 2;
                const double a = std::clamp(amount * more, 1 / farthest, farthest),
                             b = std::clamp(coverage * wider, 1 / farthest, farthest);
                const double now = cost(a, b);
                if (now >= least - 1e-6) continue;
                least = now;
                amount = a;
                coverage = b;
                isBetter = true;
            }
        }
    // Less is not told from chance.
    constexpr double told = 0.05;
    if (std::fabs(amount - 1) < told && std::fabs(coverage - 1) < told) return plan.hand;
    return {plan.hand.amount * float(amount), plan.hand.coverage * float(coverage)};
}

}  // namespace planning

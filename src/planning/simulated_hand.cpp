#include "planning/simulated_hand.h"

#include <algorithm>
#include <cmath>
#include <deque>
#include <opencv2/imgproc.hpp>

#include "colour/srgb.h"
#include "planning/stage_picture.h"

namespace planning {

namespace {

/// The same for a layer or a stick however far the plan has changed around it.
cv::RNG diceFor(const SimulatedHand& hand, const std::string& key) {
    std::uint64_t state = 1469598103934665603ull + hand.seed;  // FNV-1a
    for (const char c : key) state = (state ^ std::uint8_t(c)) * 1099511628211ull;
    return cv::RNG(state | 1);
}

/// How much heavier (in pressures) a layer is here and there: slowly changing, of standard deviation 1.
cv::Mat unevenness(cv::Size size, double millimetresPerPixel, cv::RNG dice) {
    constexpr double wide = 18;  // millimetres
    const double sigma = wide / millimetresPerPixel;
    const double reduced = std::max(1.0, sigma / 4);
    cv::Mat noise(cv::Size(int(size.width / reduced) + 2, int(size.height / reduced) + 2), CV_32F);
    dice.fill(noise, cv::RNG::NORMAL, 0, 1);
    cv::GaussianBlur(noise, noise, {}, sigma / reduced);
    cv::Scalar mean, deviation;
    cv::meanStdDev(noise, mean, deviation);
    noise = (noise - mean[0]) / std::max(1e-6, deviation[0]);
    cv::resize(noise, noise, size, 0, 0, cv::INTER_CUBIC);
    return noise;
}

/// A stick that lies beside this one in the box.
materials::Material besideIt(const materials::Material& stick, cv::RNG& dice) {
    cv::Vec3d way(dice.gaussian(1), dice.gaussian(1), dice.gaussian(1));
    way *= dice.uniform(6.0, 12.0) / std::max(1e-6, cv::norm(way));  // CIELAB
    const colour::Lab lab = colour::labFromSrgb8(stick.masstone);
    materials::Material other = stick;
    other.masstone = colour::srgb8FromSrgb(colour::srgbFromLab({lab.L + way[0], lab.a + way[1], lab.b + way[2]}));
    return other;
}

/// A layer that has come beside its place, as far as its mass goes.
cv::Mat besideItsPlace(const cv::Mat& pressure, const cv::Mat& mask, double millimetresPerPixel, cv::RNG& dice) {
    const double way = dice.uniform(0.0, 2 * CV_PI), far = dice.uniform(5.0, 12.0) / millimetresPerPixel;
    cv::Mat own, moved;
    pressure.copyTo(own, mask);
    cv::warpAffine(own, moved, cv::Matx23d(1, 0, far * std::cos(way), 0, 1, far * std::sin(way)), own.size());
    return moved;
}

}  // namespace

SimulatedHand handOf(unsigned seed) {
    cv::RNG dice(seed * 2654435761u + 1);
    SimulatedHand hand;
    hand.amount = std::exp(dice.gaussian(0.25));
    hand.amountSpread = dice.uniform(0.08, 0.2);
    hand.colourSpread = dice.uniform(0.3, 1.5);
    hand.unevenness = dice.uniform(0.1, 0.3);
    hand.mistaken = 0.04;
    hand.seed = seed;
    return hand;
}

cv::Mat laidByHand(const Plan& plan, int steps, const SimulatedHand& hand, double millimetresPerPixel) {
    const Progressed done = progressedTo(plan, steps),
                     careless = progressedTo(plan, std::min(steps, hand.mistakenUpTo));
    std::vector<materials::Material> sticks = plan.sticks;
    for (materials::Material& stick : sticks) {
        cv::RNG dice = diceFor(hand, stick.id);
        colour::Lab lab = colour::labFromSrgb8(stick.masstone);
        for (double* v : {&lab.L, &lab.a, &lab.b}) *v += dice.gaussian(hand.colourSpread);
        stick.masstone = colour::srgb8FromSrgb(colour::srgbFromLab(lab));
    }
    const std::vector<matching::PreparedStick> prepared = matching::prepared(sticks, plan.light);
    std::vector<rendering::LaidPart> parts;
    std::vector<cv::Mat> maps;
    std::deque<matching::PreparedStick> mistaken;
    for (std::size_t s = 0; s < plan.stacks.size(); ++s) {
        const PlannedStack& stack = plan.stacks[s];
        rendering::LaidPart part{done.grounds[s], strokesOf(plan, stack, done.layers[s])};
        const cv::Mat mask = plan.stackMap == int(s);
        for (std::size_t k = 0; k < part.strokes.size(); ++k) {
            const Layer& layer = stack.layers[k];
            cv::RNG dice = diceFor(hand, layer.key);
            const double amount = hand.amount * std::exp(dice.gaussian(hand.amountSpread));
            pigment::Stroke& stroke = part.strokes[k];
            stroke.amountFactor = float(amount);
            stroke.coverageFactor = float(std::sqrt(amount));
            cv::RNG slips = diceFor(hand, layer.key + "/slips");
            const double slipping = int(k) < careless.layers[s] ? hand.mistaken : 0;
            if (stroke.pigment) {
                stroke.pigment = &prepared[std::size_t(layer.stick)].pigment;
                if (slips.uniform(0.0, 1.0) < slipping) {
                    mistaken.push_back(
                        matching::prepared({besideIt(sticks[std::size_t(layer.stick)], slips)}, plan.light).front());
                    stroke.pigment = &mistaken.back().pigment;
                }
            }
            while (maps.size() <= k) maps.push_back(cv::Mat::zeros(plan.stackMap.size(), CV_8U));
            cv::Mat pressure;
            plan.pressures[k].convertTo(pressure, CV_32F);
            // Where hardly anything is laid, little goes wrong.
            const cv::Mat room = cv::min(pressure, double(rendering::mapStep)) * hand.unevenness;
            pressure += room.mul(unevenness(pressure.size(), millimetresPerPixel, dice));
            if (slips.uniform(0.0, 1.0) < slipping)
                pressure += cv::min(pressure, double(rendering::mapStep)) * (slips.uniform(0, 2) == 1 ? 1.0 : -1.0);
            if (slips.uniform(0.0, 1.0) < slipping)
                pressure = besideItsPlace(pressure, mask, millimetresPerPixel, slips);
            pressure.convertTo(pressure, CV_8U);
            pressure.copyTo(maps[k], mask);
        }
        parts.push_back(std::move(part));
    }
    return rendering::sheetPicture(plan.stackMap, parts, maps, plan.grain, plan.light, plan.runIn);
}

}  // namespace planning

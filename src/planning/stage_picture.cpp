#include "planning/stage_picture.h"

#include <algorithm>
#include <numeric>
#include <opencv2/core.hpp>

#include "colour/munsell.h"
#include "pigment/mixture.h"
#include "rendering/sheet_picture.h"

namespace planning {

namespace {

pigment::Pigment pigmentOf(const GroundLayer& layer) {
    std::vector<pigment::Pigment> paints;
    std::vector<float> parts;
    for (const MixPart& part : layer.mixture) {
        paints.push_back(pigment::pigmentOf(part.medium));
        parts.push_back(float(part.parts));
    }
    return pigment::mixed(paints, parts);
}

/// Lays a layer of the ground on a patch; returns what it would be while still wet.
pigment::Patch laidGround(const GroundLayer& layer, const pigment::Patch& under, bool isWet) {
    pigment::Pigment pigment;
    const bool lays = pigment::laysPigment(layer.manner) && !layer.mixture.empty();
    if (lays) pigment = pigmentOf(layer);
    if (lays && isWet) pigment = pigment::whileWet(pigment);
    pigment::Patch patch = under;
    pigment::lay(patch, {lays ? &pigment : nullptr, layer.manner, layer.pressure});
    return patch;
}

}  // namespace

std::vector<pigment::Stroke> strokesOf(const Plan& plan, const PlannedStack& stack, int count) {
    matching::Layers layers;
    for (int i = 0; i < std::min(count, int(stack.layers.size())); ++i) {
        const Layer& layer = stack.layers[std::size_t(i)];
        layers.push_back({layer.stick, layer.manner, layer.isFixed});
    }
    return matching::strokesOf(layers, plan.prepared, plan.hand);
}

pigment::Patch laidOver(const pigment::Patch& under, const GroundLayer& layer) {
    return laidGround(layer, under, false);
}

namespace {

std::vector<int> firstSteps(const Plan& plan, int steps) {
    std::vector<int> numbers(std::size_t(std::clamp(steps, 0, int(plan.steps.size()))));
    std::iota(numbers.begin(), numbers.end(), 1);
    return numbers;
}

}  // namespace

Progressed progressedTo(const Plan& plan, int steps) {
    return progressedTo(plan, firstSteps(plan, steps));
}

Progressed progressedTo(const Plan& plan, const std::vector<int>& laid) {
    Progressed done;
    done.grounds.assign(plan.stacks.size(), pigment::barePatch(plan.paper));
    done.layers.assign(plan.stacks.size(), 0);
    for (const int number : laid) {
        if (number < 1 || number > int(plan.steps.size())) continue;
        const Step& step = plan.steps[std::size_t(number - 1)];
        if (step.groundLayer >= 0) {
            const GroundLayer& layer = plan.ground.layers[std::size_t(step.groundLayer)];
            for (std::size_t s = 0; s < plan.stacks.size(); ++s)
                if (std::ranges::binary_search(layer.areas, plan.stacks[s].areas.front()))
                    done.grounds[s] = laidOver(done.grounds[s], layer);
        }
        for (const LayerPlace& place : step.layers)
            done.layers[std::size_t(place.stack)] = std::max(done.layers[std::size_t(place.stack)], place.layer + 1);
    }
    return done;
}

cv::Mat pictureAfter(const Plan& plan, int steps, colour::Light light) {
    return pictureAfter(plan, firstSteps(plan, steps), light);
}

cv::Mat pictureAfter(const Plan& plan, const std::vector<int>& laid, colour::Light light) {
    const Progressed done = progressedTo(plan, laid);
    std::vector<rendering::LaidPart> parts;
    for (std::size_t s = 0; s < plan.stacks.size(); ++s)
        parts.push_back({done.grounds[s], strokesOf(plan, plan.stacks[s], done.layers[s])});
    if (!plan.seen) return rendering::sheetPicture(plan.stackMap, parts, plan.pressures, plan.grain, light, plan.runIn);
    bool isBefore = false;  // nobody saw the sheet as it was before
    for (std::size_t s = 0; s < parts.size(); ++s) {
        parts[s].seen = plan.seen->layers[s];
        isBefore = isBefore || done.layers[s] < parts[s].seen;
    }
    return rendering::sheetPicture(plan.stackMap, parts, plan.pressures, plan.grain, light, plan.runIn,
                                   isBefore ? cv::Mat() : plan.seen->light);
}

cv::Mat mapOf(const Plan& plan, const Step& step) {
    cv::Mat map = cv::Mat::zeros(plan.stackMap.size(), CV_8U);
    if (step.groundLayer >= 0) {
        const GroundLayer& layer = plan.ground.layers[std::size_t(step.groundLayer)];
        for (const int area : layer.areas)
            map.setTo(layer.pressure.value * rendering::mapStep, plan.reading->areas.map == area);
    }
    if (step.layers.empty()) return map;
    // A stick may lie on both sides of a soft edge in one step: what runs in is added to what is there.
    const rendering::RunIn& runIn = plan.runIn;
    for (int y = 0; y < map.rows; ++y)
        for (int x = 0; x < map.cols; ++x) {
            const int share = runIn.share.empty() ? 0 : runIn.share.at<uchar>(y, x);
            int sum = 0;
            for (const LayerPlace& place : step.layers) {
                const auto k = std::size_t(place.layer);
                if (plan.stackMap.at<int>(y, x) == place.stack)
                    sum += plan.pressures[k].at<uchar>(y, x) * (255 - share);
                else if (share > 0 && runIn.part.at<int>(y, x) == place.stack)
                    sum += runIn.pressures[k].at<uchar>(y, x) * share;
            }
            map.at<uchar>(y, x) = cv::saturate_cast<uchar>((sum + 254) / 255);  // rounded up: the least of marks is one
        }
    return map;
}

cv::Mat differenceMapOf(const Plan& plan, const cv::Mat& sheet) {
    return rendering::differenceSeen(plan.reference, sheet, rendering::easelSigma(sheet.size()));
}

GroundColours coloursOf(const Plan& plan, const GroundLayer& layer) {
    const auto colour = [&](bool isWet) {
        const pigment::Patch patch = laidGround(layer, pigment::barePatch(plan.paper), isWet);
        return colour::srgb8FromSrgb(colour::srgbFromLab(pigment::labOf(patch, plan.light)));
    };
    return {colour(true), colour(false)};
}

double stepsLighterWhenDry(const Plan& plan, const Step& step) {
    if (step.groundLayer < 0) return 0;
    const GroundLayer& layer = plan.ground.layers[std::size_t(step.groundLayer)];
    if (!isWet(layer) || layer.mixture.empty() || layer.areas.empty()) return 0;
    const auto stack = std::size_t(plan.stackOfArea[std::size_t(layer.areas.front())]);
    const pigment::Patch under = progressedTo(plan, step.number - 1).grounds[stack];
    const auto value = [&](bool isWet) {
        return colour::munsellValueOfLightness(pigment::labOf(laidGround(layer, under, isWet), plan.light).L);
    };
    return value(false) - value(true);
}

}  // namespace planning

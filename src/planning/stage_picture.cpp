#include "planning/stage_picture.h"

#include <algorithm>

#include "colour/difference.h"
#include "colour/munsell.h"
#include "rendering/sheet_picture.h"

namespace planning {

std::optional<pigment::Stroke> strokeOf(const Plan& plan, const Step& step) {
    if (step.stage == Stage::drawing) return std::nullopt;
    const pigment::Pigment* pigment = pigment::laysPigment(step.manner) ? &plan.prepared[step.stick].pigment : nullptr;
    return pigment::Stroke{pigment, step.manner, step.pressure};
}

std::vector<pigment::Patch> patchesAfter(const Plan& plan, int steps) {
    std::vector<pigment::Patch> patches(plan.passages.size(), plan.grounds.front().patch);
    const int last = std::min(steps, int(plan.steps.size()));
    for (int i = 0; i < last; ++i) {
        const Step& step = plan.steps[i];
        if (const auto stroke = strokeOf(plan, step))
            for (const int p : step.passages) pigment::lay(patches[p], *stroke);
    }
    return patches;
}

cv::Mat pictureAfter(const Plan& plan, int steps, const cv::Mat& grain, colour::Light light) {
    return rendering::sheetPicture(plan.reading->passages.map, patchesAfter(plan, steps), grain, light);
}

cv::Mat grainOf(const Plan& plan, double widthMillimetres) {
    const cv::Size size = plan.reading->passages.map.size();
    return rendering::grainMap(plan.paper.surface, size, widthMillimetres / size.width);
}

double stepsLighterWhenDry(const Plan& plan, const Step& step) {
    const auto stroke = strokeOf(plan, step);
    if (!stroke || !stroke->pigment || !stroke->pigment->wet) return 0;
    const pigment::Pigment wetPaint = pigment::whileWet(*stroke->pigment);
    pigment::Stroke wetStroke = *stroke;
    wetStroke.pigment = &wetPaint;
    pigment::Patch dry = patchesAfter(plan, step.number - 1)[std::size_t(step.passages.front())], wet = dry;
    pigment::lay(dry, *stroke);
    pigment::lay(wet, wetStroke);
    const auto value = [](const pigment::Patch& patch) {
        return colour::munsellValueOfLightness(pigment::labOf(patch).L);
    };
    return value(dry) - value(wet);
}

double meanDifferenceAfter(const Plan& plan, int steps) {
    const std::vector<pigment::Patch> patches = patchesAfter(plan, steps);
    double mean = 0;
    for (std::size_t p = 0; p < patches.size(); ++p) {
        const double share = plan.reading->passages.list[p].share;
        mean += share * colour::differenceCie2000(plan.passages[p].target, pigment::labOf(patches[p], plan.light));
    }
    return mean;
}

}  // namespace planning

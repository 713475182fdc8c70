#include "planning/layer_history.h"

namespace planning {

std::vector<std::vector<Layer>> layerHistory(const Plan& plan) {
    std::vector<std::vector<Layer>> history(plan.passages.size());
    std::vector<pigment::Patch> patches(plan.passages.size(), plan.grounds.front().patch);
    for (const Step& step : plan.steps) {
        if (step.stage == Stage::drawing) continue;
        const pigment::Pigment* pigment =
            pigment::laysPigment(step.manner) ? &plan.prepared[step.stick].pigment : nullptr;
        for (const int p : step.passages) {
            const double before = pigment::toothUsed(patches[p]);
            pigment::lay(patches[p], {pigment, step.manner, step.pressure});
            history[p].push_back(
                {step.number, step.stick, pigment::labOf(patches[p]), before, pigment::toothUsed(patches[p])});
        }
    }
    return history;
}

}  // namespace planning

#include "planning/layer_history.h"

#include "planning/stage_picture.h"

namespace planning {

std::vector<std::vector<Layer>> layerHistory(const Plan& plan) {
    std::vector<std::vector<Layer>> history(plan.passages.size());
    std::vector<pigment::Patch> patches(plan.passages.size(), plan.grounds.front().patch);
    for (const Step& step : plan.steps) {
        const auto stroke = strokeOf(plan, step);
        if (!stroke) continue;
        for (const int p : step.passages) {
            const double before = pigment::toothUsed(patches[p]);
            pigment::lay(patches[p], *stroke);
            history[p].push_back({step.number, step.stick, pigment::labOf(patches[p], plan.light), before,
                                  pigment::toothUsed(patches[p])});
        }
    }
    return history;
}

}  // namespace planning

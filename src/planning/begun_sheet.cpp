#include "planning/begun_sheet.h"

#include <algorithm>

namespace planning {

BegunSheet::BegunSheet(const Plan& before, const Study& ofStudy, const materials::Library& ofLibrary,
                       const PlanSubject& ofSubject)
    : study(ofStudy), library(ofLibrary), subject(ofSubject), plan(before), slots(slotsOf(before)) {
    for (cv::Mat& map : plan.pressures) map = map.clone();
    for (const PlannedStack& stack : plan.stacks) goings.push_back({{}, {}, stack.layers, false});
}

int BegunSheet::indexOf(const materials::Material& stick) {
    const auto at = std::ranges::find(plan.sticks, stick.id, &materials::Material::id);
    if (at != plan.sticks.end()) return int(at - plan.sticks.begin());
    plan.sticks.push_back(stick);
    plan.prepared.push_back(matching::prepared({stick}, plan.light).front());
    return int(plan.sticks.size()) - 1;
}

Layer BegunSheet::layerOver(int stack, std::vector<Layer> below, const matching::StackLayer& chosen) const {
    PlannedStack begun = plan.stacks[std::size_t(stack)];
    begun.layers = std::move(below);
    return nextLayer(plan, study, begun, chosen);
}

cv::Mat BegunSheet::mapIn(int stack, const cv::Mat& pressures) const {
    cv::Mat map = cv::Mat::zeros(plan.stackMap.size(), CV_8U);
    pressures.copyTo(map, plan.stackMap == stack);
    return map;
}

}  // namespace planning

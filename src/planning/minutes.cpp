#include "planning/minutes.h"

#include <algorithm>
#include <cmath>

namespace planning {

double laidShare(const Step& step, const Plan& plan) {
    double share = step.stage == Stage::drawing ? 1 : 0;
    for (const LayerPlace& place : step.layers) {
        const PlannedStack& stack = plan.stacks[std::size_t(place.stack)];
        share += stack.share * stack.layers[std::size_t(place.layer)].laid();
    }
    if (step.groundLayer >= 0)
        for (const int area : step.areas) share += plan.reading->areas.list[std::size_t(area)].share;
    return share;
}

Work workOf(const Step& step, const Plan& plan, const Study& study) {
    Work work{step.stage == Stage::drawing, step.manner, {}, 0, int(step.layers.size())};
    if (step.stick >= 0) work.medium = plan.sticks[std::size_t(step.stick)].kind;
    work.squareCentimetres = laidShare(step, plan) * study.widthMillimetres * study.heightMillimetres / 100.0;
    return work;
}

Work workOf(const LaidStep& laid) {
    Work work{laid.stage == Stage::drawing, laid.manner, {}, laid.squareCentimetres, int(laid.layers.size())};
    if (laid.stick) work.medium = laid.stick->kind;
    return work;
}

double minutesFor(const Step& step, const Plan& plan, const Study& study) {
    const Work work = workOf(step, plan, study);
    return std::max(1.0, std::round(usualMinutes(work) * factorFor(work, study.pace)));
}

bool isWet(const GroundLayer& layer) {
    return layer.manner == pigment::Manner::wash;
}

MinuteRange dryingTime(const GroundLayer& layer, const materials::Paper& paper, Drying help) {
    if (!isWet(layer)) return {};
    MinuteRange air{2, 5};  // alcohol
    if (!layer.mixture.empty()) switch (layer.mixture.front().medium.kind) {
            case materials::Kind::watercolour:
                air = {10, 20};
                break;
            case materials::Kind::gouache:
                air = {8, 16};
                break;
            case materials::Kind::acrylic:
                air = {7, 13};
                break;
            case materials::Kind::ink:
                air = {5, 11};
                break;
            case materials::Kind::soft:
            case materials::Kind::hard:
            case materials::Kind::pencil:
            case materials::Kind::pan:
            case materials::Kind::charcoal:
                return {};
        }
    const double amount = pigment::atPressure({0, 0.7f, 1.0f, 1.5f}, layer.pressure);
    const double soaks = paper.water == materials::Water::full ? 1.25 : 1.0;
    // Heat and the fumes of alcohol do not go together.
    const bool mayHeat = !layer.mixture.empty();
    const double helped = help == Drying::hairDryer ? 0.4 : help == Drying::heatGun && mayHeat ? 0.2 : 1.0;
    const double factor = amount * soaks * helped;
    return {air.least * factor, air.most * factor};
}

MinuteRange driesIn(const Step& step, const Plan& plan, Drying help) {
    if (step.isEmpty) return {};
    if (step.tool == Tool::fixative) return fixativeDries;
    if (step.groundLayer < 0) return {};
    return dryingTime(plan.ground.layers[std::size_t(step.groundLayer)], plan.paper, help);
}

bool mayBeHeated(const Step& step, const Plan& plan) {
    return step.groundLayer >= 0 && isWet(plan.ground.layers[std::size_t(step.groundLayer)]) &&
           !plan.ground.layers[std::size_t(step.groundLayer)].mixture.empty();
}

double driesFor(const Step& step, const Plan& plan, const Study& study) {
    return driesIn(step, plan, study.drying).middle();
}

}  // namespace planning

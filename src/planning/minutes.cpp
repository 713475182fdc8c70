#include "planning/minutes.h"

#include <algorithm>
#include <cmath>

namespace planning {

namespace {

double minutesPerSquareCentimetre(const Step& step, const Plan& plan) {
    if (step.stage == Stage::drawing) return 0.008;
    switch (step.manner) {
        case pigment::Manner::wash:
            return 0.010;
        case pigment::Manner::hatch:
            return step.stick >= 0 && plan.sticks[std::size_t(step.stick)].kind == materials::Kind::pencil ? 0.090
                                                                                                           : 0.050;
        case pigment::Manner::press:
            return 0.035;
        case pigment::Manner::dab:
            return 0.080;
        case pigment::Manner::scumble:
        case pigment::Manner::blend:
        case pigment::Manner::fix:
        case pigment::Manner::lift:
            return 0.030;
    }
    return 0.030;
}

}  // namespace

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

double minutesFor(const Step& step, const Plan& plan, const Study& study) {
    const double squareCentimetres = laidShare(step, plan) * study.widthMillimetres * study.heightMillimetres / 100.0;
    // Finding the stick, trying it on an offcut and finding each place.
    const double finding = 0.6 + 0.4 * double(std::max<std::size_t>(step.layers.size(), 1));
    return std::max(1.0, std::round(finding + squareCentimetres * minutesPerSquareCentimetre(step, plan)));
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

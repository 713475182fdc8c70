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

/// Share of the picture that a step lays.
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

}  // namespace

double minutesFor(const Step& step, const Plan& plan, const Study& study) {
    const double squareCentimetres = laidShare(step, plan) * study.widthMillimetres * study.heightMillimetres / 100.0;
    // Finding the stick, trying it on an offcut and finding each place.
    const double finding = 0.6 + 0.4 * double(std::max<std::size_t>(step.layers.size(), 1));
    return std::max(1.0, std::round(finding + squareCentimetres * minutesPerSquareCentimetre(step, plan)));
}

double dryingMinutes(materials::Kind kind) {
    switch (kind) {
        case materials::Kind::watercolour:
            return 15;
        case materials::Kind::gouache:
            return 12;
        case materials::Kind::acrylic:
            return 10;
        case materials::Kind::ink:
            return 8;
        case materials::Kind::soft:
        case materials::Kind::hard:
        case materials::Kind::pencil:
        case materials::Kind::pan:
        case materials::Kind::charcoal:
            return 0;
    }
    return 0;
}

}  // namespace planning

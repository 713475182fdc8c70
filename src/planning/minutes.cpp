#include "planning/minutes.h"

#include <cmath>

namespace planning {

namespace {

double minutesPerSquareCentimetre(const Step& step, const Plan& plan) {
    if (step.stage == Stage::drawing) return 0.008;
    switch (step.manner) {
        case pigment::Manner::wash:
            return 0.010;
        case pigment::Manner::hatch:
            return step.stick >= 0 && plan.sticks[step.stick].kind == materials::Kind::pencil ? 0.090 : 0.050;
        case pigment::Manner::press:
            return 0.035;
        case pigment::Manner::dab:
            return 0.080;
        default:
            return 0.030;
    }
}

}  // namespace

double minutesFor(const Step& step, const Plan& plan, const Study& study) {
    double share = 0;
    for (const int p : step.passages) share += plan.reading->passages.list[p].share;
    const double squareCentimetres = share * study.widthMillimetres * study.heightMillimetres / 100.0;
    // Finding the stick, trying it on an offcut and finding each place.
    const double finding = 0.6 + 0.25 * double(step.passages.size());
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
        default:
            return 0;
    }
}

}  // namespace planning

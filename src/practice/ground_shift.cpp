#include "practice/ground_shift.h"

#include <algorithm>

#include "colour/appearance.h"
#include "colour/munsell.h"

namespace practice {

namespace {

double lightnessOn(const colour::Lab& colour, const colour::Lab& ground) {
    colour::ViewingConditions conditions;
    // A background without any light has no place in the model.
    constexpr double darkest = 0.01;
    conditions.backgroundY = std::max(darkest, colour::xyzFromLab(ground).y);
    return colour::AppearanceModel(conditions).of(colour::xyzFromLab(colour)).J;
}

}  // namespace

double looksAsLightOn(const colour::Lab& ground, const colour::Lab& colour, const colour::Lab& itsGround) {
    const double wanted = lightnessOn(colour, itsGround);
    double least = 0, most = 130;  // beyond white, where a ground darkens much
    for (int i = 0; i < 50; ++i) {
        const double middle = (least + most) / 2;
        (lightnessOn({middle, colour.a, colour.b}, ground) < wanted ? least : most) = middle;
    }
    return (least + most) / 2;
}

double looksLighterBy(const colour::Lab& colour, const colour::Lab& ground) {
    const colour::Lab middle{colour::lightnessOfMunsellValue(5), 0, 0};
    const double as = std::min(100.0, looksAsLightOn(middle, colour, ground));
    return colour::munsellValueOfLightness(as) - colour::munsellValueOfLightness(colour.L);
}

}  // namespace practice

#include "colour/light.h"

#include "common/naming.h"

namespace colour {

namespace {

constexpr std::array<std::string_view, lightCount> names{"daylight65", "daylight50", "lamp", "led"};

}  // namespace

std::string_view nameOf(Light light) {
    return names[static_cast<int>(light)];
}

std::optional<Light> lightNamed(std::string_view name) {
    return common::enumNamed<Light>(names, name);
}

const std::array<double, bandCount>& spectrumOf(Light light) {
    switch (light) {
        case Light::daylight50:
            return cie::illuminantD50;
        case Light::lamp:
            return cie::illuminantA;
        case Light::led:
            return cie::whiteLed;
        default:
            return cie::illuminantD65;
    }
}

Xyz whiteOf(Light light) {
    const auto& power = spectrumOf(light);
    Xyz sum;
    for (int i = 0; i < bandCount; ++i) {
        sum.x += power[i] * cie::xBar[i];
        sum.y += power[i] * cie::yBar[i];
        sum.z += power[i] * cie::zBar[i];
    }
    return {sum.x / sum.y, 1, sum.z / sum.y};
}

}  // namespace colour

#include "pigment/through.h"

#include <algorithm>

#include "pigment/tones.h"

namespace pigment {

std::vector<Through> throughTones(const Patch& ground, std::span<const Stroke> strokes, int from, colour::Light light) {
    std::vector<Through> all(std::size_t(toneCount(int(strokes.size()))));
    const auto laid = strokes.first(std::size_t(from)), rest = strokes.subspan(std::size_t(from));
    const int over = toneCount(int(rest.size()));
    std::vector<colour::Lab> plain(static_cast<std::size_t>(over));
    forEachTone(ground, laid, [&](int under, const Patch& patch) {
        constexpr float change = 0.03f;  // of reflectance, in all bands
        Patch changed = patch;
        changed.seen = (patch.seen + change).min(1.0f);
        changed.beneath = (patch.beneath + change).min(1.0f);
        forEachTone(patch, rest, [&](int tone, const Patch& is) { plain[std::size_t(tone)] = labOf(is, light); });
        colour::Lab first;
        forEachTone(changed, rest, [&](int tone, const Patch& is) {
            const colour::Lab now = labOf(is, light), &was = plain[std::size_t(tone)];
            if (tone == 0) first = now;
            const auto part = [](double of, double whole) { return float(std::clamp(of / whole, 0.0, 1.0)); };
            const auto luminance = [](const colour::Lab& lab) { return colour::xyzFromLab(lab).y; };
            all[std::size_t(under * over + tone)] = {
                part(luminance(now) - luminance(was), luminance(first) - luminance(plain.front())),
                part(now.L - was.L, first.L - plain.front().L)};
        });
    });
    return all;
}

}  // namespace pigment

#pragma once

#include <algorithm>
#include <array>
#include <numeric>
#include <span>
#include <vector>

#include "pigment/patch.h"

namespace pigment {

/// What strokes laid one over the other give when each may be left out or laid lightly, medium or heavily: 4^n tones.
/// A tone's number is its pressures as digits to the base of 4, the first stroke's leading.
inline constexpr int pressureLevels = 4;

constexpr int toneCount(int strokes) {
    return 1 << (2 * strokes);
}

/// The pressure (0..3) of stroke `stroke` out of `strokes` in a tone.
constexpr int pressureIn(int tone, int stroke, int strokes) {
    return tone >> (2 * (strokes - 1 - stroke)) & 3;
}

/// Calls visit(tone, patch) for each of some tones (rising), in their order; those that begin alike share the work. The
/// strokes' own pressures are not looked at.
template <typename Visit>
void forTones(const Patch& ground, std::span<const Stroke> strokes, std::span<const int> tones, const Visit& visit) {
    if (strokes.empty()) {
        for (const int tone : tones) visit(tone, ground);
        return;
    }
    while (!tones.empty()) {
        const int level = pressureIn(tones.front(), 0, int(strokes.size()));
        const auto alike = tones.first(std::size_t(
            std::ranges::find_if(tones, [&](int t) { return pressureIn(t, 0, int(strokes.size())) != level; }) -
            tones.begin()));
        tones = tones.subspan(alike.size());
        if (level == 0 && !strokes.front().isFixed) {
            forTones(ground, strokes.subspan(1), alike, visit);
            continue;
        }
        Patch patch = ground;
        Stroke stroke = strokes.front();
        stroke.pressure = Pressure{float(level)};
        lay(patch, stroke);
        forTones(patch, strokes.subspan(1), alike, visit);
    }
}

/// The same for every tone.
template <typename Visit>
void forEachTone(const Patch& ground, std::span<const Stroke> strokes, const Visit& visit) {
    std::vector<int> all(std::size_t(toneCount(int(strokes.size()))));
    std::iota(all.begin(), all.end(), 0);
    forTones(ground, strokes, all, visit);
}

/// Pressures between the four levels: the tones around them and the part that each has in what is laid. Simplex
/// interpolation, as colour management does between the points of a table (J. M. Kasson et al., J. Electronic Imaging
/// 4, 1995): strokes + 1 tones at most, and no jump anywhere.
template <int mostStrokes>
struct ToneMix {
    std::array<int, mostStrokes + 1> tones;
    std::array<float, mostStrokes + 1> parts;
    int count = 0;

    /// `pressures` are 0..3. The stroke `skipped`, if there is one, stays at none.
    ToneMix(const float* pressures, int strokes, int skipped = -1) {
        std::array<float, mostStrokes> over;
        std::array<int, mostStrokes> strides;
        int tone = 0, open = 0;
        for (int i = 0; i < strokes; ++i) {
            if (i == skipped) continue;
            const int stride = 1 << (2 * (strokes - 1 - i));
            const int below = std::min(pressureLevels - 2, int(pressures[i]));
            tone += below * stride;
            const float rest = pressures[i] - float(below);
            if (rest <= 0) continue;
            int at = open++;
            for (; at > 0 && over[std::size_t(at - 1)] < rest; --at) {
                over[std::size_t(at)] = over[std::size_t(at - 1)];
                strides[std::size_t(at)] = strides[std::size_t(at - 1)];
            }
            over[std::size_t(at)] = rest;
            strides[std::size_t(at)] = stride;
        }
        float last = 1;
        for (int i = 0; i < open; ++i) {
            tones[std::size_t(count)] = tone;
            parts[std::size_t(count++)] = last - over[std::size_t(i)];
            last = over[std::size_t(i)];
            tone += strides[std::size_t(i)];
        }
        tones[std::size_t(count)] = tone;
        parts[std::size_t(count++)] = last;
    }
};

}  // namespace pigment

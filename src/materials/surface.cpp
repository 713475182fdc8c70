#include "materials/surface.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace materials {

const SurfaceProfile& profileOf(Surface surface) {
    static constexpr std::array<SurfaceProfile, surfaceCount> profiles{{
        // Grit: a few sharp peaks, most of the sheet half-way down.
        {{0, 14, 21, 26, 31, 35, 39, 43, 48, 54, 64}, 0.155, Grain::grit, 0.45},     // sanded 400
        {{0, 10.4, 15.5, 19, 23, 26, 29, 32, 35, 40, 47}, 0.17, Grain::grit, 0.35},  // sanded 600
        {{0, 9, 13, 16, 19, 22, 25, 28, 32, 37, 45}, 0.17, Grain::fibre, 0.4},       // microfibre card
        {{0, 10, 16, 21, 26, 31, 37, 43, 50, 58, 70}, 0.10, Grain::fibre, 0.55},     // velour: a pile
        {{0, 4, 7, 10, 15, 24, 36, 44, 49, 52, 55}, 0.095, Grain::cells, 1.6},       // honeycomb: walls and wells
        {{0, 5, 8, 11, 13, 16, 18, 21, 24, 28, 34}, 0.11, Grain::wove, 0.55},        // its smooth side
        {{0, 2, 5, 10, 16, 23, 30, 36, 41, 44, 46}, 0.087, Grain::lines, 1.2},       // laid: ridges
        {{0, 4, 6, 8, 9, 10.5, 12, 13.5, 15, 17.5, 21}, 0.094, Grain::wove, 0.45},   // cartridge
    }};
    return profiles[static_cast<int>(surface)];
}

double depthAt(const SurfaceProfile& profile, double share) {
    const double place = std::clamp(share, 0.0, 1.0) * 10;
    const int below = std::min(9, static_cast<int>(place));
    return std::lerp(profile.depths[below], profile.depths[below + 1], place - below);
}

double shareAbove(const SurfaceProfile& profile, double depth) {
    const auto next = std::ranges::upper_bound(profile.depths, depth);
    if (next == profile.depths.begin()) return 0;
    if (next == profile.depths.end()) return 1;
    const double below = *(next - 1);
    return (double(next - profile.depths.begin() - 1) + (depth - below) / (*next - below)) / 10;
}

double meanDepth(const SurfaceProfile& profile) {
    const double all = std::accumulate(profile.depths.begin(), profile.depths.end(), 0.0);
    return (all - (profile.depths.front() + profile.depths.back()) / 2) / 10;
}

double capacityAt(const SurfaceProfile& profile, double depth) {
    constexpr double film = 0.8;
    return film + profile.grip * depth;
}

double meanCapacity(const SurfaceProfile& profile) {
    return capacityAt(profile, meanDepth(profile));
}

double reachOn(const SurfaceProfile& profile, double depth) {
    return depth * std::pow(meanDepth(profile) / meanDepth(profileOf(Surface::sanded400)), 0.85);
}

}  // namespace materials

#pragma once

#include <array>

namespace materials {

enum class Surface { sanded400, sanded600, microfibre, velour, honeycombRough, honeycombSmooth, laid, cartridge };
inline constexpr int surfaceCount = 8;

/// How the grain lies on the sheet, as seen from the easel.
enum class Grain { grit, fibre, cells, lines, wove };

/// A surface as a distribution of heights: the bearing curve of ISO 13565-2, the depth below the highest peaks that 0,
/// 10, ... 100 % of the sheet lies above, in micrometres. Sanded papers are scaled to the median grain of P400 and P600
/// in ISO 6344 (35 and 25.8 micrometres, from memory); the other curves' shapes are this program's, after how the trade
/// describes each surface.
struct SurfaceProfile {
    std::array<double, 11> depths;
    double grip;  // amount that a micrometre of depth holds, in medium full layers of a soft stick
    Grain grain;
    double grainMillimetres;  // size of the speckle
};

const SurfaceProfile& profileOf(Surface surface);

/// Depth in micrometres that `share` (0..1) of the sheet lies above, and the share that lies above a depth.
double depthAt(const SurfaceProfile& profile, double share);
double shareAbove(const SurfaceProfile& profile, double depth);
double meanDepth(const SurfaceProfile& profile);

/// The amount that the tooth holds at a depth: a thin film that even a peak takes, and what the hollow grips.
double capacityAt(const SurfaceProfile& profile, double depth);
/// Over the whole sheet.
double meanCapacity(const SurfaceProfile& profile);

/// How deep a stick's face gets on this surface when it gets to `depth` on sanded 400. A flatter sheet is followed less
/// deep, though not quite in proportion, so that the same hand covers more of it. Common practice, no source.
double reachOn(const SurfaceProfile& profile, double depth);

}  // namespace materials

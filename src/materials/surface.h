#pragma once

namespace materials {

enum class Surface { sanded400, sanded600, microfibre, velour, honeycombRough, honeycombSmooth, laid, cartridge };
inline constexpr int surfaceCount = 8;

/// How the grain lies on the sheet, as seen from the easel.
enum class Grain { grit, fibre, cells, lines, wove };

/// A surface as a distribution of heights. Amounts are counted in medium full layers of a soft stick. Common practice,
/// no source: only the order of the capacities is known; the figures are this program's.
struct SurfaceProfile {
    double capacity;  // amount that the tooth holds in the mean, peaks to valleys
    double relief;    // 0 all cells hold the same, 1 peaks hold nothing and valleys twice the mean
    double reach;     // how far down a stroke of a given pressure gets, 1 for sanded 400
    Grain grain;
    double grainMillimetres;  // size of the speckle
};

const SurfaceProfile& profileOf(Surface surface);

}  // namespace materials

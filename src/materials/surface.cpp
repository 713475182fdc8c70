#include "materials/surface.h"

#include <array>

namespace materials {

const SurfaceProfile& profileOf(Surface surface) {
    static constexpr std::array<SurfaceProfile, surfaceCount> profiles{{
        {6.0, 0.70, 1.00, Grain::grit, 0.45},   // sanded 400
        {5.0, 0.55, 1.05, Grain::grit, 0.35},   // sanded 600
        {4.6, 0.50, 1.05, Grain::fibre, 0.4},   // microfibre card
        {4.2, 0.60, 1.00, Grain::fibre, 0.55},  // velour
        {3.4, 0.80, 0.90, Grain::cells, 1.6},   // honeycomb, rough side
        {2.6, 0.45, 1.10, Grain::wove, 0.55},   // honeycomb, smooth side
        {2.8, 0.65, 0.95, Grain::lines, 1.2},   // laid
        {1.8, 0.35, 1.15, Grain::wove, 0.45},   // cartridge
    }};
    return profiles[static_cast<int>(surface)];
}

}  // namespace materials

#include "planning/palette_curve.h"

#include <algorithm>

namespace planning {

const std::vector<int>& curveCounts() {
    static const std::vector<int> counts{3, 4, 5, 6, 8, 10, 12, 14, 16, 18, 20, 24, 28, 32};
    return counts;
}

Study withSticks(Study study, int sticks) {
    study.stickLimit = sticks;
    return study;
}

int kneeOf(const std::vector<PalettePoint>& curve) {
    if (curve.size() < 3) return -1;
    const PalettePoint &first = curve.front(), &last = curve.back();
    int knee = -1;
    double most = 1e-9;
    for (const PalettePoint& point : curve) {
        const double along = double(point.sticks - first.sticks) / double(last.sticks - first.sticks);
        const double under = first.difference + along * (last.difference - first.difference) - point.difference;
        if (under <= most) continue;
        most = under;
        knee = point.sticks;
    }
    return knee;
}

int fewestWithin(const std::vector<PalettePoint>& curve, double difference) {
    const auto at = std::ranges::find_if(curve, [&](const PalettePoint& p) { return p.difference <= difference; });
    return at == curve.end() ? -1 : at->sticks;
}

}  // namespace planning

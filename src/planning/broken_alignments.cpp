#include "planning/broken_alignments.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

namespace planning {

std::vector<BrokenAlignment> brokenAlignments(const std::vector<review::ShiftedArea>& shifts, const cv::Mat& areas,
                                              int count) {
    const std::vector<subject::Extents> extents = subject::extentsOf(areas, count);
    const auto shiftOf = [&](int area) {
        const auto at = std::ranges::find(shifts, area, &review::ShiftedArea::area);
        return at == shifts.end() ? cv::Point2d() : at->shift.millimetres;
    };
    std::vector<BrokenAlignment> broken;
    for (const review::ShiftedArea& shifted : shifts) {
        const subject::Extents& own = extents[std::size_t(shifted.area)];
        const std::array<subject::Place, 4> ends{own.leftmost, own.rightmost, own.highest, own.lowest};
        std::optional<BrokenAlignment> worst;
        bool isWorstWithRight = false;
        for (std::size_t end = 0; end < ends.size(); ++end) {
            constexpr double aligned = 0.012;  // fraction of the frame, by eye
            for (const subject::Alignment& with : subject::alignmentsThrough(ends[end], extents, aligned)) {
                if (with.area == shifted.area) continue;
                const cv::Point2d apart = shifted.shift.millimetres - shiftOf(with.area);
                const double off = with.isPlumb ? apart.x : apart.y;
                constexpr double least = 3;  // millimetres
                if (std::fabs(off) < least) continue;
                const bool isWithRight = shiftOf(with.area) == cv::Point2d();
                if (worst && (isWithRight == isWorstWithRight ? std::fabs(off) <= std::fabs(worst->millimetres)
                                                              : isWorstWithRight))
                    continue;
                worst = {shifted.area, BrokenAlignment::End(end), with, off};
                isWorstWithRight = isWithRight;
            }
        }
        if (worst) broken.push_back(*worst);
    }
    return broken;
}

}  // namespace planning

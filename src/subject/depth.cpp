#include "subject/depth.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "subject/border_walk.h"

namespace subject {

namespace {

/// By how much one area overlaps each other that it touches: 1 stands wholly before it, -1 wholly behind.
class Overlaps {
 public:
    explicit Overlaps(const Areas& areas)
        : count_(areas.list.size()), reaches_(count_ * count_), touches_(count_ * count_) {
        constexpr double longSide = 256;  // hulls are broad
        const double scale = std::min(1.0, longSide / std::max(areas.map.cols, areas.map.rows));
        cv::Mat map;
        cv::resize(areas.map, map, {std::max(1, int(areas.map.cols * scale)), std::max(1, int(areas.map.rows * scale))},
                   0, 0, cv::INTER_NEAREST);
        std::vector<std::vector<cv::Point>> places(count_);
        for (int y = 0; y < map.rows; ++y)
            for (int x = 0; x < map.cols; ++x) places[std::size_t(map.at<int>(y, x))].emplace_back(x, y);
        alongBorders(map, [&](cv::Point pixel, cv::Point step) {
            touch(std::size_t(map.at<int>(pixel)), std::size_t(map.at<int>(pixel + step)));
        });
        for (std::size_t area = 0; area < count_; ++area) {
            if (places[area].empty()) continue;
            std::vector<cv::Point> hull;
            cv::convexHull(places[area], hull);
            cv::Mat inside(map.size(), CV_8U, cv::Scalar(0));
            cv::fillConvexPoly(inside, hull, 1);
            for (std::size_t other = 0; other < count_; ++other) {
                if (other == area || touches(area, other) == 0) continue;
                const auto held =
                    std::ranges::count_if(places[other], [&](const cv::Point& p) { return inside.at<uchar>(p) != 0; });
                reaches_[area * count_ + other] = double(held) / double(places[other].size());
            }
        }
    }
    double before(std::size_t area, std::size_t other) const {
        return reaches_[other * count_ + area] - reaches_[area * count_ + other];
    }
    /// Length of the common border.
    double touches(std::size_t area, std::size_t other) const { return touches_[area * count_ + other]; }

 private:
    void touch(std::size_t one, std::size_t other) {
        touches_[one * count_ + other] += 1;
        touches_[other * count_ + one] += 1;
    }

    std::size_t count_;
    std::vector<double> reaches_;  // the share of the second that the first's hull holds
    std::vector<double> touches_;
};

/// The mean of how far an area overlaps what it touches, and what it overlaps most and lies most behind.
struct Standing {
    double mean = 0;
    int before = -1, behind = -1;  // indices
};

Standing standingOf(std::size_t area, std::size_t count, const Overlaps& overlaps) {
    constexpr double plainly = 0.35;
    Standing standing;
    double border = 0, most = 0, least = 0;
    for (std::size_t other = 0; other < count; ++other) {
        const double length = overlaps.touches(area, other);
        if (length == 0) continue;
        const double by = overlaps.before(area, other);
        border += length;
        standing.mean += length * by;
        if (by > plainly && length * by > most) {
            most = length * by;
            standing.before = int(other);
        }
        if (by < -plainly && length * by < least) {
            least = length * by;
            standing.behind = int(other);
        }
    }
    if (border > 0) standing.mean /= border;
    return standing;
}

}  // namespace

void proposePlanes(Areas& areas, const std::vector<AreaLook>& looks) {
    const Overlaps overlaps(areas);
    const std::size_t count = areas.list.size();
    double usual = 1e-6;  // texture
    for (const AreaLook& look : looks) usual += look.texture * look.pixels / double(areas.map.total());
    for (std::size_t i = 0; i < count; ++i) {
        Area& area = areas.list[i];
        area.planeWhy.clear();
        const auto because = [&](PlaneCue::Kind kind, int other = -1) { area.planeWhy.push_back({kind, other}); };
        const Standing standing = standingOf(i, count, overlaps);
        // Points towards the foreground.
        double near = 0.8 * standing.mean;
        if (standing.before >= 0) because(PlaneCue::Kind::before, standing.before);
        if (standing.behind >= 0) because(PlaneCue::Kind::behind, standing.behind);
        if (looks[i].top > 0 && area.centreY < 0.5) {
            near -= 0.6;
            because(PlaneCue::Kind::reachesUp);
        } else if (area.centreY > 0.62 || looks[i].lowest > 0.9) {
            near += 0.5;
            because(PlaneCue::Kind::standsLow);
        }
        const double sharper = std::clamp(std::log2(std::max(looks[i].texture, 1e-3) / usual), -1.5, 1.5);
        near += 0.1 * sharper;
        if (std::fabs(sharper) > 0.7) because(sharper > 0 ? PlaneCue::Kind::sharper : PlaneCue::Kind::calmer);
        constexpr double plainly = 0.3;
        area.plane = near < -plainly ? Plane::background : near > plainly ? Plane::foreground : Plane::middle;
        // Only what speaks for it is told.
        std::erase_if(area.planeWhy, [&](const PlaneCue& cue) {
            const bool isNear = cue.kind == PlaneCue::Kind::before || cue.kind == PlaneCue::Kind::standsLow ||
                                cue.kind == PlaneCue::Kind::sharper;
            return area.plane == Plane::middle ? false : isNear != (area.plane == Plane::foreground);
        });
    }
}

}  // namespace subject

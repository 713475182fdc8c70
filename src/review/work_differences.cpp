#include "review/work_differences.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "colour/image_colour.h"
#include "colour/srgb.h"
#include "common/median.h"
#include "common/parallel.h"

namespace review {

namespace {

colour::Lab labOf(const cv::Vec3f& v) {
    return {v[0], v[1], v[2]};
}

/// By how much the work lies beyond all that was meant within a millimetre.
cv::Mat beyond(const cv::Mat& work, const cv::Mat& meant, double pixelsPerMillimetre) {
    const int side = 2 * std::max(1, int(std::lround(pixelsPerMillimetre))) + 1;
    const cv::Mat near = cv::getStructuringElement(cv::MORPH_ELLIPSE, {side, side});
    cv::Mat low, high;
    cv::erode(meant, low, near);
    cv::dilate(meant, high, near);
    cv::Mat inside;
    cv::max(work, low, inside);
    cv::min(inside, high, inside);
    return work - inside;
}

/// CIEDE2000 by which a photograph may be off where it shows this colour: a JPEG file keeps colour in steps of two
/// codes or more, which is much where it is dark.
double errorInDark(const colour::Lab& lab, double exposure) {
    constexpr double twoCodes = 2.0 / 255;
    const colour::Xyz seen = colour::xyzFromLab(lab);
    const double code = colour::encodedFromLinear(std::clamp(seen.y * exposure, 1e-4, 1.0));
    const double times = colour::linearFromEncoded(code + twoCodes) / colour::linearFromEncoded(code);
    return colour::differenceCie2000(lab, colour::labFromXyz({seen.x, seen.y, seen.z * times}));
}

}  // namespace

std::vector<WorkFault> faultsIn(const cv::Mat& work, const cv::Mat& meant, const cv::Mat& hidden,
                                double pixelsPerMillimetre, double exposure) {
    constexpr double least = 3;  // CIEDE2000
    // Grain and noise are not looked at: as the eye joins them.
    const double sigma = 1.5 * pixelsPerMillimetre;
    cv::Mat seen, wanted;
    cv::GaussianBlur(work, seen, {}, sigma);
    cv::GaussianBlur(meant, wanted, {}, sigma);
    colour::toLab(seen);
    colour::toLab(wanted);
    const cv::Mat off = beyond(seen, wanted, pixelsPerMillimetre);
    cv::Mat isOff(off.size(), CV_8U);
    constexpr double part = 0.6;  // a fault fades at its edge
    common::forEachIndex(off.rows, [&](int y) {
        for (int x = 0; x < off.cols; ++x) {
            const cv::Vec3f& there = wanted.at<cv::Vec3f>(y, x);
            const bool is =
                hidden.at<uchar>(y, x) == 0 &&
                colour::differenceCie2000(labOf(there), labOf(there + off.at<cv::Vec3f>(y, x))) > part * least;
            isOff.at<uchar>(y, x) = is ? 255 : 0;
        }
    });
    const int across = 2 * int(std::lround(1.5 * pixelsPerMillimetre)) + 1;
    cv::morphologyEx(isOff, isOff, cv::MORPH_OPEN, cv::getStructuringElement(cv::MORPH_ELLIPSE, {across, across}));
    cv::Mat labels, stats, centres;
    const int count = cv::connectedComponentsWithStats(isOff, labels, stats, centres, 8, CV_32S);
    std::vector<WorkFault> faults;
    for (int i = 1; i < count; ++i) {
        const cv::Mat place = labels == i;
        const double pixels = stats.at<int>(i, cv::CC_STAT_AREA);
        if (pixels < CV_PI * 4 * pixelsPerMillimetre * pixelsPerMillimetre) continue;
        const cv::Scalar mean = cv::mean(seen - wanted, place), under = cv::mean(wanted, place);
        WorkFault fault;
        fault.centre = {centres.at<double>(i, 0), centres.at<double>(i, 1)};
        fault.radius = std::sqrt(pixels / CV_PI);
        fault.off = {mean[0], mean[1], mean[2]};
        fault.difference = colour::differenceCie2000({under[0], under[1], under[2]},
                                                     {under[0] + mean[0], under[1] + mean[1], under[2] + mean[2]});
        // A small one must be the clearer: shapes that lie beside their place by less than is told look so.
        constexpr double clearAcross = 4;  // millimetres
        const double clear = std::hypot(least, errorInDark({under[0], under[1], under[2]}, exposure));
        const double needed = clear * std::max(1.0, clearAcross * pixelsPerMillimetre / fault.radius);
        if (fault.difference > needed) faults.push_back(fault);
    }
    std::ranges::stable_sort(faults, std::greater{}, [](const WorkFault& it) { return it.difference * it.radius; });
    return faults;
}

namespace {

/// What is left of the difference when the area lies so many pixels beside its place, in the mean over its pixels, its
/// own cast let go.
class ShiftCost {
 public:
    ShiftCost(const cv::Mat& work, const cv::Mat& meant, const cv::Mat& hidden, const cv::Mat& mask) : work_(work) {
        for (int y = 0; y < mask.rows; ++y)
            for (int x = 0; x < mask.cols; ++x)
                if (mask.at<uchar>(y, x)) {
                    places_.emplace_back(x, y);
                    meant_.push_back(meant.at<cv::Vec3f>(y, x));
                }
        hidden_ = hidden;
    }
    double operator()(const cv::Point& by) const {
        cv::Vec3d sum;
        double squares = 0;
        int count = 0;
        for (std::size_t i = 0; i < places_.size(); ++i) {
            const cv::Point at = places_[i] + by;
            if (at.x < 0 || at.y < 0 || at.x >= work_.cols || at.y >= work_.rows || hidden_.at<uchar>(at)) continue;
            const cv::Vec3d off = cv::Vec3d(work_.at<cv::Vec3f>(at)) - cv::Vec3d(meant_[i]);
            sum += off;
            squares += off.dot(off);
            ++count;
        }
        if (count * 2 < int(places_.size())) return 1e9;
        return squares / count - sum.dot(sum) / count / count;
    }
    bool isEmpty() const { return places_.size() < 60; }

 private:
    const cv::Mat& work_;
    cv::Mat hidden_;
    std::vector<cv::Point> places_;
    std::vector<cv::Vec3f> meant_;
};

struct Level {
    cv::Mat work, meant, hidden, mask;
    double pixelsPerMillimetre;
};
Level reducedTo(const cv::Mat& work, const cv::Mat& meant, const cv::Mat& hidden, const cv::Mat& mask,
                double pixelsPerMillimetre, double wanted) {
    const double scale = std::min(1.0, wanted / pixelsPerMillimetre);
    Level level;
    level.pixelsPerMillimetre = scale * pixelsPerMillimetre;
    cv::resize(work, level.work, {}, scale, scale, cv::INTER_AREA);
    cv::resize(meant, level.meant, level.work.size(), 0, 0, cv::INTER_AREA);
    colour::toLab(level.work);
    colour::toLab(level.meant);
    cv::resize(hidden, level.hidden, level.work.size(), 0, 0, cv::INTER_NEAREST);
    cv::resize(mask, level.mask, level.work.size(), 0, 0, cv::INTER_NEAREST);
    return level;
}

}  // namespace

std::optional<WorkShift> shiftOf(const cv::Mat& work, const cv::Mat& meant, const cv::Mat& hidden, const cv::Mat& mask,
                                 double pixelsPerMillimetre) {
    constexpr double farthest = 16, coarse = 0.5, fine = 2;
    const Level small = reducedTo(work, meant, hidden, mask, pixelsPerMillimetre, coarse);
    const ShiftCost far(small.work, small.meant, small.hidden, small.mask);
    if (far.isEmpty()) return std::nullopt;
    const int reach = int(farthest * small.pixelsPerMillimetre);
    double least = 1e18;
    cv::Point best;
    for (int dy = -reach; dy <= reach; ++dy)
        for (int dx = -reach; dx <= reach; ++dx)
            // Nearer is likelier.
            if (const double cost = far({dx, dy}) * (1 + 0.002 * (dx * dx + dy * dy)); cost < least) {
                least = cost;
                best = {dx, dy};
            }
    const Level large = reducedTo(work, meant, hidden, mask, pixelsPerMillimetre, fine);
    const ShiftCost near(large.work, large.meant, large.hidden, large.mask);
    const double finer = large.pixelsPerMillimetre / small.pixelsPerMillimetre;
    const cv::Point around(int(std::lround(best.x * finer)), int(std::lround(best.y * finer)));
    const int within = int(std::ceil(finer / 2)) + 1;
    cv::Mat costs(2 * within + 3, 2 * within + 3, CV_64F);
    least = 1e18;
    for (int dy = -within - 1; dy <= within + 1; ++dy)
        for (int dx = -within - 1; dx <= within + 1; ++dx) {
            const double cost = near(around + cv::Point(dx, dy));
            costs.at<double>(dy + within + 1, dx + within + 1) = cost;
            if (cost < least && std::abs(dx) <= within && std::abs(dy) <= within) {
                least = cost;
                best = {dx, dy};
            }
        }
    const cv::Point at = best + cv::Point(within + 1, within + 1);
    const auto between = [](double before, double here, double after) {
        const double bend = before - 2 * here + after;
        return bend > 0 ? std::clamp(0.5 * (before - after) / bend, -0.5, 0.5) : 0;
    };
    const double here = costs.at<double>(at);
    WorkShift shift;
    shift.millimetres = {
        (around.x + best.x + between(costs.at<double>(at.y, at.x - 1), here, costs.at<double>(at.y, at.x + 1))) /
            large.pixelsPerMillimetre,
        (around.y + best.y + between(costs.at<double>(at.y - 1, at.x), here, costs.at<double>(at.y + 1, at.x))) /
            large.pixelsPerMillimetre};
    const double before = near({0, 0});
    shift.sureness = before > 0 ? 1 - here / before : 0;
    shift.explains =
        (before - here) * cv::countNonZero(large.mask) / (large.pixelsPerMillimetre * large.pixelsPerMillimetre);
    constexpr double leastMillimetres = 3, leastSeen = 4, leastSure = 0.5;
    if (cv::norm(shift.millimetres) < leastMillimetres || before < leastSeen || shift.sureness < leastSure)
        return std::nullopt;
    return shift;
}

cv::Mat movedAside(const cv::Mat& picture, const cv::Mat& mask, const cv::Point2d& pixels) {
    const auto moved = [&](const cv::Mat& from, double times, int how, int border) {
        const cv::Matx23d way(1, 0, times * pixels.x, 0, 1, times * pixels.y);
        cv::Mat to;
        cv::warpAffine(from, to, way, from.size(), how, border);
        return to;
    };
    cv::Mat whole = picture.clone();
    const cv::Mat there = moved(mask, 1, cv::INTER_NEAREST, cv::BORDER_CONSTANT);
    // From the other side the same way off: what lies round the shape there.
    moved(picture, 2, cv::INTER_LINEAR, cv::BORDER_REPLICATE).copyTo(whole, mask & ~there);
    moved(picture, 1, cv::INTER_LINEAR, cv::BORDER_REPLICATE).copyTo(whole, there);
    return whole;
}

std::vector<ShiftedArea> shiftsIn(const cv::Mat& work, cv::Mat& meant, const cv::Mat& hidden, const cv::Mat& areas,
                                  int areaCount, double pixelsPerMillimetre) {
    constexpr std::size_t most = 4;
    std::vector<ShiftedArea> found;
    while (found.size() < most) {
        std::vector<std::optional<WorkShift>> shifts(static_cast<std::size_t>(areaCount));
        common::forEachIndex(areaCount, [&](int area) {
            if (std::ranges::count(found, area, &ShiftedArea::area) > 0) return;
            const cv::Mat mask = areas == area;
            shifts[std::size_t(area)] = shiftOf(work, meant, hidden, mask, pixelsPerMillimetre);
        });
        const auto best = std::ranges::max_element(
            shifts, {}, [](const std::optional<WorkShift>& shift) { return shift ? shift->explains : 0.0; });
        if (best == shifts.end() || !*best) break;
        const int area = int(best - shifts.begin());
        found.push_back({area, **best});
        meant = movedAside(meant, areas == area, pixelsPerMillimetre * (*best)->millimetres);
    }
    return found;
}

}  // namespace review

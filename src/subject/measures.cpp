#include "subject/measures.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

namespace subject {

namespace {

/// A place in pixels, pixel centres at whole numbers.
cv::Point2d pixelsOf(const cv::Mat& image, const Place& place) {
    return {place.x * image.cols - 0.5, place.y * image.rows - 0.5};
}
Place placeOf(const cv::Mat& image, const cv::Point2d& pixel) {
    return {(pixel.x + 0.5) / image.cols, (pixel.y + 0.5) / image.rows};
}

cv::Vec3d sampled(const cv::Mat& lab, const cv::Point2d& at) {
    cv::Mat one;
    cv::getRectSubPix(lab, {1, 1}, cv::Point2f(at), one);
    return cv::Vec3d(one.at<cv::Vec3f>(0, 0));
}

/// How far from `middle` along `way` (a unit vector) the hardest step within `reach` pixels is; nullopt if all is flat.
std::optional<double> stepAlong(const cv::Mat& lab, const cv::Point2d& middle, const cv::Point2d& way, double reach) {
    constexpr double fine = 0.25, least = 3.0;
    const int n = int(reach / fine);
    std::vector<double> steps;
    for (int i = -n; i <= n; ++i) {
        const cv::Point2d at = middle + way * (i * fine);
        steps.push_back(cv::norm(sampled(lab, at + way) - sampled(lab, at - way)));
    }
    const auto most = std::ranges::max_element(steps);
    if (*most < least) return std::nullopt;
    // The middle of the peak: a border between two flats is as steep on both sides of where it lies.
    double weight = 0, sum = 0;
    const auto peak = most - steps.begin();
    for (auto i = peak; i >= 0 && steps[std::size_t(i)] > *most / 2; --i) {
        weight += steps[std::size_t(i)];
        sum += steps[std::size_t(i)] * double(i);
    }
    for (auto i = peak + 1; i < std::ptrdiff_t(steps.size()) && steps[std::size_t(i)] > *most / 2; ++i) {
        weight += steps[std::size_t(i)];
        sum += steps[std::size_t(i)] * double(i);
    }
    return (sum / weight - n) * fine;
}

}  // namespace

std::vector<Extents> extentsOf(const cv::Mat& map, int count) {
    struct Box {
        cv::Point left{1 << 30, 0}, right{-1, 0}, top{0, 1 << 30}, bottom{0, -1};
    };
    std::vector<Box> boxes(std::size_t(std::max(0, count)));
    for (int y = 0; y < map.rows; ++y)
        for (int x = 0; x < map.cols; ++x) {
            Box& box = boxes[std::size_t(map.at<int>(y, x))];
            if (x < box.left.x) box.left = {x, y};
            if (x > box.right.x) box.right = {x, y};
            if (y < box.top.y) box.top = {x, y};
            if (y > box.bottom.y) box.bottom = {x, y};
        }
    std::vector<Extents> all;
    for (const Box& box : boxes) {
        Extents& e = all.emplace_back();
        if (box.right.x < 0) continue;
        e.left = double(box.left.x) / map.cols;
        e.right = double(box.right.x + 1) / map.cols;
        e.top = double(box.top.y) / map.rows;
        e.bottom = double(box.bottom.y + 1) / map.rows;
        e.leftmost = {e.left, (box.left.y + 0.5) / map.rows};
        e.rightmost = {e.right, (box.right.y + 0.5) / map.rows};
        e.highest = {(box.top.x + 0.5) / map.cols, e.top};
        e.lowest = {(box.bottom.x + 0.5) / map.cols, e.bottom};
    }
    return all;
}

Line caught(const cv::Mat& lab, const Line& line, double reach) {
    const cv::Point2d from = pixelsOf(lab, line.from), to = pixelsOf(lab, line.to);
    const double length = cv::norm(to - from);
    if (length < 1) return line;
    const cv::Point2d way = (to - from) / length;
    // Ends of a short line do not reach for each other's border.
    const double own = std::min(reach, length / 2 - 0.5);
    if (own <= 0) return line;
    const auto moved = [&](const cv::Point2d& end) { return end + way * stepAlong(lab, end, way, own).value_or(0.0); };
    return {placeOf(lab, moved(from)), placeOf(lab, moved(to))};
}

Line fitted(const cv::Mat& lab, const Line& line, double reach) {
    const cv::Point2d from = pixelsOf(lab, line.from), to = pixelsOf(lab, line.to);
    const double length = cv::norm(to - from);
    if (length < 4) return line;
    const cv::Point2d way = (to - from) / length, across(-way.y, way.x);
    std::vector<cv::Point2f> border;
    const int samples = std::clamp(int(length), 8, 400);
    for (int i = 0; i < samples; ++i) {
        const cv::Point2d at = from + way * (length * (i + 0.5) / samples);
        if (const auto off = stepAlong(lab, at, across, reach)) border.emplace_back(at + across * *off);
    }
    if (int(border.size()) < samples / 2) return line;
    cv::Vec4f fit;
    cv::fitLine(border, fit, cv::DIST_HUBER, 0, 0.001, 0.001);
    const cv::Point2d along(fit[0], fit[1]), through(fit[2], fit[3]);
    // Most of the border must lie on the line, else it is none.
    int on = 0;
    for (const cv::Point2f& p : border) {
        const cv::Point2d off = cv::Point2d(p) - through;
        on += std::fabs(off.x * along.y - off.y * along.x) < 1.5;
    }
    if (on < int(border.size()) * 3 / 5) return line;
    const auto onIt = [&](const cv::Point2d& end) { return through + along * (end - through).dot(along); };
    return {placeOf(lab, onIt(from)), placeOf(lab, onIt(to))};
}

std::optional<double> horizonOf(const Areas& areas) {
    const cv::Mat& map = areas.map;
    const int reach = std::max(1, map.rows / 100);
    int most = 0, best = 0;
    // Columns in which a border between a far area above and a nearer one below lies within reach of the row.
    std::vector<int> count(std::size_t(map.rows), 0);
    for (int x = 0; x < map.cols; ++x) {
        int last = -1 << 20;
        for (int y = 1; y < map.rows; ++y) {
            const Area& above = areas.list[std::size_t(map.at<int>(y - 1, x))];
            const Area& below = areas.list[std::size_t(map.at<int>(y, x))];
            if (above.plane != Plane::background || below.plane == Plane::background) continue;
            for (int row = std::max({0, y - reach, last + reach + 1}); row <= std::min(map.rows - 1, y + reach); ++row)
                ++count[std::size_t(row)];
            last = y;
        }
    }
    for (int y = 0; y < map.rows; ++y)
        if (count[std::size_t(y)] > most) {
            most = count[std::size_t(y)];
            best = y;
        }
    if (most * 2 <= map.cols) return std::nullopt;
    // The middle of the rows that are as good.
    int end = best;
    while (end + 1 < map.rows && count[std::size_t(end + 1)] == most) ++end;
    return (best + end) / 2.0 / map.rows;
}

bool isMiddle(double height) {
    return std::fabs(height - 0.5) < 0.06;
}

std::vector<Alignment> alignmentsThrough(const Place& place, const std::vector<Extents>& extents, double tolerance) {
    using Side = Alignment::Side;
    std::vector<Alignment> found;
    for (std::size_t i = 0; i < extents.size(); ++i) {
        const Extents& e = extents[i];
        if (e.width() <= 0) continue;
        const auto plumb = [&](Side side, double x) { found.push_back({int(i), side, true, std::fabs(x - place.x)}); };
        const auto level = [&](Side side, double y) { found.push_back({int(i), side, false, std::fabs(y - place.y)}); };
        plumb(Side::left, e.left);
        plumb(Side::right, e.right);
        plumb(Side::centre, (e.left + e.right) / 2);
        level(Side::top, e.top);
        level(Side::bottom, e.bottom);
        level(Side::centre, (e.top + e.bottom) / 2);
    }
    std::erase_if(found, [&](const Alignment& a) { return a.off > tolerance; });
    std::ranges::stable_sort(found, {}, &Alignment::off);
    return found;
}

}  // namespace subject

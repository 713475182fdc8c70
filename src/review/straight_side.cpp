#include "review/straight_side.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>
#include <optional>
#include <utility>
#include <vector>

namespace review {

namespace {

/// The steepest change of colour on the way across a side, to parts of a pixel, and how steep it is.
std::optional<std::pair<cv::Point2d, double>> edgeNear(const cv::Mat& lab, const cv::Point2d& middle,
                                                       const cv::Point2d& across, double within) {
    constexpr double apart = 0.5;
    constexpr int smooth = 3;  // samples on either side
    const int reach = int(within / apart);
    const auto at = [&](int i) { return middle + i * apart * across; };
    std::vector<cv::Vec3f> seen;
    for (int i = -reach - smooth; i <= reach + smooth; ++i) {
        const cv::Point2d p = at(i);
        const int x = int(p.x), y = int(p.y);
        if (p.x < 0 || p.y < 0 || x + 1 >= lab.cols || y + 1 >= lab.rows) return std::nullopt;
        const float fx = float(p.x - x), fy = float(p.y - y);
        seen.push_back((1 - fy) * ((1 - fx) * lab.at<cv::Vec3f>(y, x) + fx * lab.at<cv::Vec3f>(y, x + 1)) +
                       fy * ((1 - fx) * lab.at<cv::Vec3f>(y + 1, x) + fx * lab.at<cv::Vec3f>(y + 1, x + 1)));
    }
    std::vector<double> change;
    for (int i = 0; i <= 2 * reach; ++i) {
        cv::Vec3f before, after;
        for (int k = 1; k <= smooth; ++k) {
            before += seen[std::size_t(i + smooth - k)];
            after += seen[std::size_t(i + smooth + k)];
        }
        change.push_back(cv::norm(after - before) / smooth / (smooth + 1) / apart);
    }
    const auto most = std::size_t(std::ranges::max_element(change) - change.begin());
    if (most == 0 || most + 1 == change.size()) return std::nullopt;
    const double bend = change[most - 1] - 2 * change[most] + change[most + 1];
    const double part = bend < 0 ? 0.5 * (change[most - 1] - change[most + 1]) / bend : 0;
    return std::pair(middle + (double(most) - reach + part) * apart * across, change[most]);
}

constexpr int placesASide = 100;

std::vector<std::pair<cv::Point2d, double>> edgesAlong(const cv::Mat& lab, const cv::Point2d& from,
                                                       const cv::Point2d& to, double within) {
    const cv::Point2d along = (to - from) * (1 / cv::norm(to - from)), across(-along.y, along.x);
    std::vector<std::pair<cv::Point2d, double>> edges;
    for (int i = 0; i < placesASide; ++i) {
        const cv::Point2d middle = from + (0.04 + 0.92 * (i + 0.5) / placesASide) * (to - from);
        if (const auto found = edgeNear(lab, middle, across, within)) edges.push_back(*found);
    }
    return edges;
}

}  // namespace

std::vector<cv::Point2d> sideSpots(const cv::Mat& lab, const cv::Point2d& from, const cv::Point2d& to, double within) {
    std::vector<cv::Point2d> spots;
    for (const auto& change : edgesAlong(lab, from, to, within)) spots.push_back(change.first);
    return spots;
}

StraightSide straightSide(const cv::Mat& lab, const cv::Point2d& from, const cv::Point2d& to, double within) {
    std::vector<cv::Point2f> spots;
    std::vector<double> steepness;
    for (const auto& [spot, steep] : edgesAlong(lab, from, to, within)) {
        spots.emplace_back(spot);
        steepness.push_back(steep);
    }
    StraightSide line;
    if (spots.size() < placesASide / 4) return line;
    // What lies far off the first line is not of it.
    cv::Vec4f fitted;
    std::vector<cv::Point2f> kept = spots;
    constexpr double near = 1.5;
    for (int pass = 0; pass < 3; ++pass) {
        cv::fitLine(kept, fitted, cv::DIST_HUBER, 0, 0.01, 0.01);
        kept.clear();
        line.steepness = 0;
        for (std::size_t i = 0; i < spots.size(); ++i) {
            const double off = (spots[i].x - fitted[2]) * fitted[1] - (spots[i].y - fitted[3]) * fitted[0];
            if (std::fabs(off) > near * (pass == 0 ? 3 : 1)) continue;
            kept.push_back(spots[i]);
            line.steepness += steepness[i];
        }
        if (kept.size() < placesASide / 4) return line;
    }
    line.steepness /= double(kept.size());
    line.share = double(kept.size()) / placesASide;
    line.line = {double(fitted[1]), -double(fitted[0]), double(fitted[0]) * fitted[3] - double(fitted[1]) * fitted[2]};
    return line;
}

}  // namespace review

#include "subject/areas_by_colour.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>
#include <opencv2/core.hpp>
#include <vector>

#include "subject/greedy_joins.h"
#include "subject/superpixels.h"

namespace subject {

namespace {

/// Lightness counts for this much against a* and b* when superpixels are joined.
constexpr double lightnessWeight = 0.6;

/// The common border of two regions.
struct ColourBorder {
    int pixels = 0;
    double contrast = 0;  // summed over its pixels: squared distance of the superpixels on its two sides
};

/// A growing region: what joining needs to know.
struct ColourRegion {
    double pixels = 0;
    cv::Vec3d sum{0, 0, 0};  // weighted CIELAB
    std::map<int, ColourBorder> borders;
    bool alive = true;

    cv::Vec3d mean() const { return sum / pixels; }
};

std::vector<ColourRegion> regionsOf(const cv::Mat& labels, const cv::Mat& lab) {
    std::vector<ColourRegion> regions(static_cast<std::size_t>(labelCount(labels)));
    for (int y = 0; y < labels.rows; ++y)
        for (int x = 0; x < labels.cols; ++x) {
            const int label = labels.at<int>(y, x);
            ColourRegion& region = regions[label];
            const auto& v = lab.at<cv::Vec3f>(y, x);
            region.pixels += 1;
            region.sum += cv::Vec3d(v[0] * lightnessWeight, v[1], v[2]);
            for (const cv::Point step : {cv::Point(1, 0), cv::Point(0, 1)}) {
                const cv::Point q(x + step.x, y + step.y);
                if (q.x >= labels.cols || q.y >= labels.rows) continue;
                const int other = labels.at<int>(q);
                if (other == label) continue;
                ++region.borders[other].pixels;
                ++regions[other].borders[label].pixels;
            }
        }
    for (ColourRegion& region : regions) {
        region.alive = region.pixels > 0;
        for (auto& [other, border] : region.borders) {
            const cv::Vec3d apart = region.mean() - regions[other].mean();
            border.contrast = border.pixels * apart.dot(apart);
        }
    }
    return regions;
}

/// What joining two neighbours loses: squared colour distance, half of the wholes and half across the border itself (a
/// wall that darkens slowly stays one), weighted so that specks go first but a small object that stands out stays; a
/// long common border makes it cheaper.
double joiningCost(const ColourRegion& one, const ColourRegion& other, const ColourBorder& border) {
    const cv::Vec3d apart = one.mean() - other.mean();
    const double distance = 0.35 * apart.dot(apart) + 0.65 * border.contrast / border.pixels;
    const double harmonic = one.pixels * other.pixels / (one.pixels + other.pixels);
    const double outline = 4.0 * std::sqrt(std::min(one.pixels, other.pixels));
    const double contact = std::min(1.0, border.pixels / outline);
    return (distance + 4.0) * std::pow(harmonic, 0.6) / (0.4 + contact);
}

void joinByColour(std::vector<ColourRegion>& regions, int kept, int gone) {
    ColourRegion& a = regions[kept];
    ColourRegion& b = regions[gone];
    a.pixels += b.pixels;
    a.sum += b.sum;
    b.alive = false;
    a.borders.erase(gone);
    for (const auto& [neighbour, border] : b.borders) {
        if (neighbour == kept) continue;
        a.borders[neighbour].pixels += border.pixels;
        a.borders[neighbour].contrast += border.contrast;
        regions[neighbour].borders.erase(gone);
        regions[neighbour].borders[kept] = a.borders[neighbour];
    }
}

}  // namespace

cv::Mat regionsByColour(const cv::Mat& squintedLab, int wanted) {
    const cv::Mat pieces = superpixels(squintedLab, 900, 14.0f, 8);
    std::vector<ColourRegion> regions = regionsOf(pieces, squintedLab);
    // For each superpixel the region it ended in.
    std::vector<int> endedIn(regions.size());
    std::iota(endedIn.begin(), endedIn.end(), 0);
    joinGreedily(regions, std::max(1, wanted), joiningCost, [&](int kept, int gone) {
        joinByColour(regions, kept, gone);
        std::ranges::replace(endedIn, gone, kept);
        return true;
    });
    cv::Mat map(pieces.size(), CV_32S);
    for (int y = 0; y < pieces.rows; ++y)
        for (int x = 0; x < pieces.cols; ++x) map.at<int>(y, x) = endedIn[pieces.at<int>(y, x)];
    return map;
}

}  // namespace subject

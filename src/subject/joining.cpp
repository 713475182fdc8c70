#include "subject/joining.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numeric>
#include <set>
#include <utility>

#include "common/parallel.h"
#include "subject/greedy_joins.h"
#include "subject/superpixels.h"

namespace subject {

const JoinWeights fittedWeights = {
    .touching = {-5.9347, 1.8089, 0.1175, 0.4185, 0.8412, 0.6141, 0.5704, -3.1162, 1.0301, 0.6580, 0.2967, -1.3356,
                 0.3428, -0.0824, -0.4790, 0.9766, 2.7080, 0.1695, -0.0935},
    .apart = {-3.4388, 1.1710, 1.8886, -3.1661, 3.9766, 0.6224, 0.5791, -0.4565, 3.5267, 0.5334, 0.4474}};

namespace {

/// How a piece's colours fall into two.
struct Halves {
    cv::Vec3f middle, way;  // the second half lies beyond the middle in this direction
    bool areTwo = false;
};

/// Parted where they spread most, at the place that leaves the least spread in both halves (N. Otsu, 1979).
Halves halvesOf(std::vector<cv::Vec3f>& colours) {
    // Half a value step apart and more; a few pixels are the edge's own.
    constexpr double apart = 12, least = 0.15, ofSpread = 0.3;
    cv::Vec3d sum, squares;
    for (const cv::Vec3f& colour : colours) {
        sum += cv::Vec3d(colour);
        squares += cv::Vec3d(colour).mul(colour);
    }
    const auto n = double(colours.size());
    const cv::Vec3d spread = squares / n - (sum / n).mul(sum / n);
    if (spread[0] + spread[1] + spread[2] < apart * apart * least * (1 - least)) return {};
    const int axis = spread[0] >= spread[1] && spread[0] >= spread[2] ? 0 : spread[1] >= spread[2] ? 1 : 2;
    std::ranges::sort(colours, {}, [&](const cv::Vec3f& colour) { return colour[axis]; });
    cv::Vec3d below;
    double most = 0;
    Halves halves;
    const auto margin = std::size_t(std::ceil(least * n));
    for (std::size_t i = 0; i + margin < colours.size(); ++i) {
        below += cv::Vec3d(colours[i]);
        if (i + 1 < margin) continue;
        const double count = double(i) + 1;
        const cv::Vec3d way = (sum - below) / (n - count) - below / count;
        const double between = way.dot(way) * count * (n - count) / (n * n);
        if (between <= most) continue;
        most = between;
        halves.middle = below / count + way / 2;
        halves.way = way;
        halves.areTwo = way.dot(way) > apart * apart;
    }
    const double within = spread[0] + spread[1] + spread[2] - most;
    halves.areTwo = halves.areTwo && within < ofSpread * most;
    return halves;
}

/// A piece that holds two colours becomes two: a leaf and the gap beside it.
void partMixed(cv::Mat& pieces, const cv::Mat& lab) {
    std::vector<std::vector<cv::Vec3f>> colours(std::size_t(labelCount(pieces)));
    for (int y = 0; y < pieces.rows; ++y)
        for (int x = 0; x < pieces.cols; ++x)
            colours[std::size_t(pieces.at<int>(y, x))].push_back(lab.at<cv::Vec3f>(y, x));
    std::vector<Halves> halves(colours.size());
    common::forEachIndex(int(colours.size()), [&](int i) {
        if (!colours[std::size_t(i)].empty()) halves[std::size_t(i)] = halvesOf(colours[std::size_t(i)]);
    });
    std::vector<int> second(colours.size(), -1);
    int next = int(colours.size());
    for (std::size_t i = 0; i < halves.size(); ++i)
        if (halves[i].areTwo) second[i] = next++;
    for (int y = 0; y < pieces.rows; ++y)
        for (int x = 0; x < pieces.cols; ++x) {
            int& piece = pieces.at<int>(y, x);
            const Halves& at = halves[std::size_t(piece)];
            if (at.areTwo && (lab.at<cv::Vec3f>(y, x) - at.middle).dot(at.way) > 0) piece = second[std::size_t(piece)];
        }
}

}  // namespace

cv::Mat piecesOf(const cv::Mat& squintedLab) {
    // So many pixels each that its colours tell something; many enough where the picture is small.
    constexpr int most = 2400, enough = 400, pixels = 160, rounds = 4;
    constexpr float ruler = 10;
    cv::Mat pieces =
        superpixels(squintedLab, std::clamp(int(squintedLab.total()) / pixels, enough, most), ruler, rounds);
    if (!getenv("NOMIX")) partMixed(pieces, squintedLab);
    return pieces;
}

namespace {

template <typename Terms>
double weighed(const Terms& weights, const Terms& terms) {
    return std::inner_product(weights.begin(), weights.end(), terms.begin(), 0.0);
}

/// Specks, regions below a share of the picture, join before all others.
void joinByOdds(Regions& regions, const JoinWeights& weights, int left, double speck, const Join& join) {
    std::set<std::pair<int, int>> barred;
    const auto odds = [&](const Region& one, const Region& other, const Border& border) {
        const int i = int(&one - regions.all.data()), k = int(&other - regions.all.data());
        if (barred.contains(std::minmax(i, k))) return std::numeric_limits<double>::infinity();
        constexpr double surely = 30;
        return (regions.isSpeck(one, speck) || regions.isSpeck(other, speck) ? -surely : 0) +
               (border.pixels > 0 ? weighed(weights.touching, regions.termsTouching(one, other, border))
                                  : weighed(weights.apart, regions.termsApart(one, other, border)));
    };
    joinGreedily(regions.all, left, odds, [&](int kept, int gone) {
        const bool isMade = join(kept, gone);
        if (isMade)
            regions.join(kept, gone);
        else
            barred.insert({kept, gone});
        return isMade;
    });
}

}  // namespace

void joinPieces(Regions& regions, const JoinWeights& weights, const Join& join) {
    constexpr int few = 80;
    // So small that it can only be a flaw; what is a little larger may be the ground that shows through a gap.
    constexpr double flaw = 0.0004;
    joinByOdds(regions, weights, few, flaw, join);
}

void joinAreas(Regions& regions, const JoinWeights& weights, const Join& join) {
    // Nothing that small is laid as an area of its own.
    constexpr double speck = 0.001;
    regions.seeAcrossGaps();
    joinByOdds(regions, weights, 1, speck, join);
}

}  // namespace subject

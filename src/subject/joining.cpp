#include "subject/joining.h"

#include <algorithm>
#include <limits>
#include <numeric>
#include <set>
#include <utility>

#include "subject/greedy_joins.h"
#include "subject/superpixels.h"

namespace subject {

const JoinWeights fittedWeights = {
    .touching = {-6.3004, 1.8120, 0.1175, 0.4172, 0.9284, 0.6088, 0.5116, -3.0566, 1.0833, 0.6580, 0.3378, -1.2823,
                 0.3428, -0.0824, -0.4790, 1.0171, 2.6868, 0.1569, -0.0935},
    .apart = {-3.2794, 1.1710, 1.8886, -2.8348, 3.9766, 0.6045, 0.5791, -0.3726, 2.7856, 0.4805, 0.4132}};

cv::Mat piecesOf(const cv::Mat& squintedLab) {
    // So many pixels each that its colours tell something; many enough where the picture is small.
    constexpr int most = 2400, enough = 400, pixels = 160, rounds = 4;
    constexpr float ruler = 10;
    return superpixels(squintedLab, std::clamp(int(squintedLab.total()) / pixels, enough, most), ruler, rounds);
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
        double least = std::numeric_limits<double>::infinity();
        if (border.pixels > 0) least = weighed(weights.touching, regions.termsTouching(one, other, border));
        if (Regions::mayBeOneGround(one, other, border))
            least = std::min(least, weighed(weights.apart, regions.termsApart(one, other, border)));
        return least - (regions.isSpeck(one, speck) || regions.isSpeck(other, speck) ? surely : 0);
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
